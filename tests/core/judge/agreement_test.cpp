#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/judge/agreement.h"
#include "core/judge/ranking.h"
#include "core/judge/uncertainty.h"
#include "runner.h"
#include "toy_profile.h"

#include <QTest>

#include <cmath>

using namespace lantern;
using namespace lantern::test;

namespace {

ProfileFile profileOf(const std::vector<Reading> &readings, ProfileKind kind = ProfileKind::Table)
{
    ProfileRequest request;
    request.kind = kind;
    return {buildProfile(readings, request, "toy").icc, "toy"};
}

ToyDisplay otherToy()
{
    ToyDisplay d;
    d.gamma = {2.3, 2.2, 2.2};
    d.primaries.col(0) *= 1.05;
    d.primaries.col(2) *= 0.93;
    d.primaries *= 0.9;
    return d;
}

struct Truth {
    double mean = 0;
    std::vector<double> each;
};

/// What the displays really show of the colours, each through its profile, both seen at once.
Truth truthOf(const ToyDisplay &a, const ProfileFile &pa, const ToyDisplay &b,
              const ProfileFile &pb, const ReferenceSet &set)
{
    const XYZ wa = a.show(kDeviceWhite), wb = b.show(kDeviceWhite);
    const XYZ &brighter = wa.Y >= wb.Y ? wa : wb;
    const auto shown = [&](const ToyDisplay &d, const ProfileFile &p, const Lab &lab) {
        const DeviceRgb rgb = p.toDevice(lab);
        return pcsLab(d.show({std::round(rgb.r), std::round(rgb.g), std::round(rgb.b)}), brighter);
    };
    Truth t;
    for (const ReferenceColour &c : set.colours) {
        t.each.push_back(deltaE2000(shown(a, pa, c.lab), shown(b, pb, c.lab)));
        t.mean += t.each.back() / static_cast<double>(set.colours.size());
    }
    return t;
}

JudgedFigure judged(Figure figure, double value, double limit, bool atLeast = false)
{
    JudgedFigure f;
    f.figure = figure;
    f.value = value;
    f.limit = limit;
    f.atLeast = atLeast;
    return f;
}

} // namespace

/// What two displays make of the same colours, against displays whose light is known.
class AgreementTest : public QObject {
    Q_OBJECT
    const std::vector<DeviceRgb> m_chart = makeChart(80);

private slots:
    void aDisplayAgreesWithItself()
    {
        const ToyDisplay toy;
        const ProfileFile p = profileOf(toy.read(m_chart));
        const KnownDisplay d{p, toy.show(kDeviceWhite)};
        const Agreement g = agreementOf(d, d, lantern40(), Viewing::SideBySide);
        QCOMPARE(g.deltaE00.max, 0.0);
        QCOMPARE(g.whiteDeltaUv, 0.0);
        QCOMPARE(g.luminanceRatio, 1.0);
        QVERIFY(!g.isMeterKnown);
    }

    /// CIE 15:2018, 8.2.1: half the light has L* = 116 · 0.5^(1/3) - 16 = 76.069.
    void halfTheLightIsSeenSideBySideOnly()
    {
        ToyDisplay bright, dim;
        bright.black = dim.black = Vec3::Zero();
        dim.primaries *= 0.5;
        const ProfileFile p = profileOf(bright.read(m_chart));
        const ProfileFile q = profileOf(dim.read(m_chart));
        const ReferenceSet white{"white", {{"white", {100, 0, 0}}}};
        const KnownDisplay a{p, bright.show(kDeviceWhite)}, b{q, dim.show(kDeviceWhite)};
        const Agreement g = agreementOf(a, b, white, Viewing::SideBySide);
        QVERIFY(std::abs(g.luminanceRatio - 0.5) < 1e-9);
        QVERIFY(std::abs(g.colours[0].first.L - 100) < 0.05);
        QVERIFY(std::abs(g.colours[0].second.L - 76.069) < 0.05);
        QVERIFY(std::abs(g.deltaE00.mean - deltaE2000(Lab{100, 0, 0}, Lab{76.069, 0, 0})) < 0.05);
        QVERIFY(agreementOf(a, b, white, Viewing::EachAlone).deltaE00.mean < 0.05);
        // Whichever comes first: the brighter white is what the eye is used to.
        QVERIFY(std::abs(agreementOf(b, a, white, Viewing::SideBySide).deltaE00.mean -
                         g.deltaE00.mean) < 1e-9);
    }

    void whatIsForetoldIsWhatTheyShow()
    {
        const ToyDisplay one, two = otherToy();
        const ProfileFile p = profileOf(one.read(m_chart)), q = profileOf(two.read(m_chart));
        const Truth truth = truthOf(one, p, two, q, lantern40());
        const Agreement g = agreementOf({p, one.show(kDeviceWhite)}, {q, two.show(kDeviceWhite)},
                                        lantern40(), Viewing::SideBySide);
        QVERIFY(truth.mean > 2);
        QVERIFY2(std::abs(g.deltaE00.mean - truth.mean) < 0.15,
                 qPrintable(QStringLiteral("%1 %2").arg(g.deltaE00.mean).arg(truth.mean)));
        QCOMPARE(static_cast<size_t>(std::ranges::max_element(truth.each) - truth.each.begin()),
                 *g.worst);
    }

    /// By what a meter read of the same colours on both: no model between.
    void whatWasReadOnBothIsHeldTogether()
    {
        const ToyDisplay one, two = otherToy();
        const ProfileFile p = profileOf(one.read(m_chart)), q = profileOf(two.read(m_chart));
        const auto proof = [](const ToyDisplay &d, const ProfileFile &profile,
                              const ReferenceSet &set) {
            ValidationRequest r;
            r.referenceName = set.name;
            r.aimed = aimedPatches(set, profile);
            r.readings = d.read(validationPatches(r.aimed));
            r.tolerance = toleranceByName("studio");
            return validate(r);
        };
        const Validation a = proof(one, p, lantern40()), b = proof(two, q, lantern40());
        const Truth truth = truthOf(one, p, two, q, lantern40());
        const auto g = measuredAgreement(a, b, Viewing::SideBySide);
        QVERIFY(g.has_value());
        QCOMPARE(g->colours.size(), lantern40().colours.size());
        for (size_t i = 0; i < g->colours.size(); ++i)
            QVERIFY(std::abs(g->colours[i].deltaE00 - truth.each[i]) < 1e-9);
        QVERIFY(std::abs(g->deltaE00.mean - truth.mean) < 1e-9);
        QCOMPARE(*g->worst,
                 static_cast<size_t>(std::ranges::max_element(truth.each) - truth.each.begin()));
        const XYZ wa = one.show(kDeviceWhite), wb = two.show(kDeviceWhite);
        QVERIFY(std::abs(g->luminanceRatio - wb.Y / wa.Y) < 1e-9);
        QVERIFY(std::abs(g->whiteDeltaUv - deltaUvPrime(uvPrime(wa), uvPrime(wb))) < 1e-12);
        // Alone each is seen against its own white, which is then no difference.
        const auto alone = measuredAgreement(a, b, Viewing::EachAlone);
        QVERIFY(alone->deltaE00.mean < g->deltaE00.mean);
        // Of colours in common only; of none, nothing.
        ReferenceSet few{"few", {lantern40().colours[3], {"none", {50, 1, 1}}}};
        QCOMPARE(measuredAgreement(a, proof(two, q, few), Viewing::SideBySide)->colours.size(),
                 size_t(1));
        few.colours.erase(few.colours.begin());
        QVERIFY(!measuredAgreement(a, proof(two, q, few), Viewing::SideBySide));
    }

    /// Light that each primary lost is found in a few colours; what is foretold follows.
    void whatHasChangedSinceCounts()
    {
        const ToyDisplay then;
        ToyDisplay now = then;
        now.primaries.col(0) *= 0.97;
        now.primaries.col(2) *= 0.9;
        now.black = then.black * 0.95;
        const ProfileFile p = profileOf(then.read(m_chart));
        std::vector<ReadAgain> again;
        for (const Reading &r : now.read({{255, 255, 255},
                                          {255, 0, 0},
                                          {0, 255, 0},
                                          {0, 0, 255},
                                          {128, 128, 128},
                                          {200, 60, 30},
                                          {0, 128, 200}}))
            again.push_back({r.rgb, r.xyz});
        const Mat3 change = changeSince(p, then.show(kDeviceWhite), again);
        const XYZ white = toXyz(change * vec(then.show(kDeviceWhite)));
        QVERIFY(std::abs(white.Y / now.show(kDeviceWhite).Y - 1) < 0.004);
        const Truth truth = truthOf(then, p, now, p, lantern40());
        const KnownDisplay fresh{p, then.show(kDeviceWhite)};
        KnownDisplay aged = fresh;
        aged.change = change;
        const Agreement g = agreementOf(fresh, aged, lantern40(), Viewing::SideBySide);
        QVERIFY(truth.mean > 1);
        QVERIFY2(std::abs(g.deltaE00.mean - truth.mean) < 0.15,
                 qPrintable(QStringLiteral("%1 %2").arg(g.deltaE00.mean).arg(truth.mean)));
        QCOMPARE(changeSince(p, then.show(kDeviceWhite), {again[0], again[1]}), Mat3::Identity());
    }

    /// Meters that are off by what they are said to be: the truth lies within twice the uncertainty
    /// in about 95 of 100 pairs.
    void theUncertaintyHoldsTheTruth()
    {
        const ToyDisplay one, two = otherToy();
        constexpr auto kKind = ProfileKind::Matrix; // quick to build
        const ProfileFile p = profileOf(one.read(m_chart), kKind);
        const ProfileFile q = profileOf(two.read(m_chart), kKind);
        const double truth = truthOf(one, p, two, q, lantern40()).mean;
        const LightUncertainty u{0.02, 0.0015, 0.0015};
        Normal normal(7);
        int holds = 0;
        constexpr int kPairs = 60;
        for (int i = 0; i < kPairs; ++i) {
            const auto read = [&](const ToyDisplay &d) {
                const Mat3 off = misreading(kSrgbPrimaries, vec(d.show(kDeviceWhite)), u, normal);
                std::vector<Reading> readings = d.read(m_chart);
                for (Reading &r : readings)
                    r.xyz = toXyz(off * vec(r.xyz));
                return std::pair(profileOf(readings, kKind),
                                 toXyz(off * vec(d.show(kDeviceWhite))));
            };
            const auto [pa, wa] = read(one);
            const auto [pb, wb] = read(two);
            KnownDisplay a{pa, wa}, b{pb, wb};
            a.mismatch = b.mismatch = u;
            const Agreement g = agreementOf(a, b, lantern40(), Viewing::SideBySide);
            QVERIFY(g.isMeterKnown);
            holds += std::abs(g.deltaE00.mean - truth) <= 2 * g.meanError ? 1 : 0;
        }
        QVERIFY2(holds >= 0.88 * kPairs, qPrintable(QString::number(holds)));
    }

    void oneMeterForBothLeavesLessOpen()
    {
        const ToyDisplay one, two = otherToy();
        const ProfileFile p = profileOf(one.read(m_chart)), q = profileOf(two.read(m_chart));
        KnownDisplay a{p, one.show(kDeviceWhite)}, b{q, two.show(kDeviceWhite)};
        a.certificate = b.certificate = {0.02, 0.002, 0.002};
        a.meter = "one";
        b.meter = "another";
        const double apart = agreementOf(a, b, lantern40(), Viewing::SideBySide).meanError;
        b.meter = "one";
        const double shared = agreementOf(a, b, lantern40(), Viewing::SideBySide).meanError;
        QVERIFY2(shared < 0.5 * apart, qPrintable(QStringLiteral("%1 %2").arg(shared).arg(apart)));
        // What a profile is off by is expected of every difference.
        const double before = agreementOf(a, a, lantern40(), Viewing::SideBySide).deltaE00.mean;
        a.profileError = 1;
        const double after = agreementOf(a, a, lantern40(), Viewing::SideBySide).deltaE00.mean;
        QVERIFY(before < 0.01 && std::abs(after - std::sqrt(2)) < 0.15);
    }

    void nothingAskedIsRefused()
    {
        const ToyDisplay toy;
        const ProfileFile p = profileOf(toy.read(m_chart));
        const KnownDisplay d{p, toy.show(kDeviceWhite)};
        QVERIFY_EXCEPTION_THROWN(agreementOf(d, d, {"none", {}}, Viewing::SideBySide), Error);
    }

    void theBestAndTheOneToReplaceAreNamed()
    {
        const RankedDisplay good{
            "Good", {judged(Figure::ColourMean, 0.8, 2), judged(Figure::White, 0.001, 0.005)},
            {},     {},
            {},     0.9};
        RankedDisplay better = good;
        better.name = "Better";
        better.proof[0].value = 0.6;
        const RankedDisplay tired{"Tired", {judged(Figure::Luminance, 0.3, 0.1)}, {}, 1.0, {}, {}};
        const RankedDisplay flat{"Flat", {judged(Figure::Contrast, 120, 200, true)}, {}, {}, {},
                                 {}};
        Ranking r = rank({good, better, tired, flat});
        QCOMPARE(r.best, std::optional<size_t>(1));
        QVERIFY(r.bestReason.inEnglish().find("30 %") != std::string::npos);
        QCOMPARE(r.replace, std::optional<size_t>(2));
        QVERIFY(r.replaceReason.inEnglish().find("at the top") != std::string::npos);
        // A check since may have found the better one drifted.
        better.check = {judged(Figure::White, 0.009, 0.005)};
        r = rank({good, better});
        QCOMPARE(r.best, std::optional<size_t>(0));
        QVERIFY(!r.replace);
        // Of two as good the wider one.
        RankedDisplay wide = good;
        wide.p3Coverage = 0.99;
        QCOMPARE(rank({good, wide}).best, std::optional<size_t>(1));
        r = rank({flat});
        QVERIFY(!r.best && r.replace);
        QVERIFY(!rank({}).best && !rank({}).replace);
    }
};

namespace {
const lantern::test::Register<AgreementTest> registered("AgreementTest");
}

#include "agreement_test.moc"
