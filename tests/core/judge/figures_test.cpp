#include "core/aim/display_state.h"
#include "core/base/error.h"
#include "core/colour/ten_degree.h"
#include "core/judge/uncertainty.h"
#include "core/judge/verdict.h"
#include "core/plan/warm_up.h"
#include "core/signal/technology.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <Eigen/LU>
#include <cmath>
#include <random>

using namespace lantern;

namespace {

constexpr Chromaticity kD50Chromaticity{0.3457, 0.3585}; // CIE 15:2018, table T.3

Vec3 lightOf(const Chromaticity &c, double Y)
{
    return {c.x / c.y * Y, Y, (1 - c.x - c.y) / c.y * Y};
}

/// A display that follows an aim's tone curve exactly, but for one grey.
std::vector<Reading> perfect(const ToneCurve &tone, double white, double black,
                             const Chromaticity &colour = {0.3127, 0.3290}, double wrongBy = 0)
{
    std::vector<Reading> out;
    for (int i = 10; i >= 0; --i) {
        const double code = std::round(25.5 * i);
        double Y = white * toneLuminance(tone, code / 255, {black / white, white});
        if (i == 5)
            Y *= 1 + wrongBy;
        out.push_back({{code, code, code}, toXyz(lightOf(colour, Y)), 1});
    }
    return out;
}

Aim toned(const ToneCurve &tone)
{
    Aim aim;
    aim.tone = tone;
    return aim;
}

/// Light of a display whose lamps and whose driving parts warm at their own pace.
double warming(double minutes, double slowAmplitude, double slowTau)
{
    return (1 - 0.04 * std::exp(-minutes / 6)) * (1 - slowAmplitude * std::exp(-minutes / slowTau));
}

} // namespace

/// What the figures say is what a person takes them to say.
class FiguresTest : public QObject {
    Q_OBJECT
private slots:
    /// An exponent says nothing of a curve that has none: the perfect display has the curve's own.
    /// ITU-R BT.1886, annex 1: 2.4 with black lifted, 2.09 at 1000:1 by the log fit.
    void aPerfectDisplayHasTheAimedCurvesOwnExponent_data()
    {
        QTest::addColumn<int>("tone");
        QTest::addColumn<double>("contrast");
        QTest::addColumn<double>("exponent");
        QTest::newRow("BT.1886, 1000:1") << int(NamedTone::Bt1886) << 1000.0 << 2.09;
        QTest::newRow("BT.1886, 200:1") << int(NamedTone::Bt1886) << 200.0 << 1.90;
        QTest::newRow("L*") << int(NamedTone::LStar) << 1e5 << 2.13;
    }
    void aPerfectDisplayHasTheAimedCurvesOwnExponent()
    {
        QFETCH(int, tone);
        QFETCH(double, contrast);
        QFETCH(double, exponent);
        const ToneCurve curve = NamedTone(tone);
        const DisplayState s = displayState(perfect(curve, 120, 120 / contrast), toned(curve));
        VERIFY_NEAR(*s.gamma, exponent, 0.06);
        VERIFY_NEAR(*s.gamma, *s.aimedGamma, 1e-9);
        VERIFY_BELOW(*s.toneError, 1e-9);
        const DisplayState off =
            displayState(perfect(curve, 120, 120 / contrast, {0.3127, 0.3290}, 0.2), toned(curve));
        VERIFY_NEAR(*off.toneWorst, 0.2, 1e-9);
        VERIFY_BELOW(*off.toneError, 0.03);
    }

    /// CIE 15:2018, 9.5: no temperature for colours farther than 0.05 from the locus.
    void coloursFarFromBlackbodiesHaveNoTemperature()
    {
        const auto state = [](const Chromaticity &c) {
            return displayState(perfect(GammaTone{2.2}, 100, 0.1, c), {});
        };
        QVERIFY(state({0.3127, 0.3290}).cct.has_value());
        QVERIFY(state(fromCct({6500, 0.045})).cct.has_value());
        QVERIFY(!state(fromCct({6500, 0.055})).cct.has_value());
        QVERIFY(!state({0.30, 0.60}).cct.has_value());
        QVERIFY(state({0.30, 0.60}).deltaUv.has_value());
    }

    /// DICOM PS3.14: a display on the curve has no error of contrast per step; light of the room on
    /// the screen spoils it in the shadows, where it must be seen.
    void gsdfIsJudgedByStepWithTheRoomsLight()
    {
        const auto exact = perfect(NamedTone::Gsdf, 400, 0.8);
        VERIFY_BELOW(*gsdfStepError(exact, 0), 0.01);
        const double lit = *gsdfStepError(exact, 2);
        QVERIFY(lit > 0.3);
        const DisplayState gamma = displayState(perfect(GammaTone{2.2}, 400, 0.8),
                                                toned(NamedTone::Gsdf), StateDetail::Everything, 0);
        QVERIFY(*gamma.stepError > 0.2);
        QVERIFY(!displayState(exact, toned(GammaTone{2.2})).stepError.has_value());
        Aim aim = toned(NamedTone::Gsdf);
        QVERIFY(limitOf(Figure::GreySteps, toleranceByName("studio"), aim).has_value());
        QVERIFY(!limitOf(Figure::GreySteps, toleranceByName("studio"), Aim{}).has_value());
        // By hand: two steps from 1 to 4 and 4 to 16 cd/m², the aimed ones by the standard's
        // formulas
        const std::vector<Reading> three = {{{255, 255, 255}, {16, 16, 16}, 1},
                                            {{128, 128, 128}, {4, 4, 4}, 1},
                                            {{0, 0, 0}, {1, 1, 1}, 1}};
        const double low = gsdfIndex(1);
        const double middle = gsdfLuminance(low + (gsdfIndex(16) - low) * 128 / 255);
        const double upper = (12.0 / 20) / ((16 - middle) / (16 + middle)) - 1;
        const double lower = (3.0 / 5) / ((middle - 1) / (middle + 1)) - 1;
        VERIFY_NEAR(*gsdfStepError(three, 0), std::max(std::abs(upper), std::abs(lower)), 0.003);
    }

    /// A display with a slow second part is warm when its next ten minutes are, not before.
    void aSlowSecondPartIsNotCalledWarm_data()
    {
        QTest::addColumn<double>("amplitude");
        QTest::addColumn<double>("tau");
        QTest::addColumn<double>("scatter");
        for (const double scatter : {1e-4, 5e-4})
            for (const double tau : {40.0, 60.0})
                for (const double amplitude : {0.03, 0.06})
                    QTest::addRow("%g, tau %g, scatter %g", amplitude, tau, scatter)
                        << amplitude << tau << scatter;
    }
    void aSlowSecondPartIsNotCalledWarm()
    {
        QFETCH(double, amplitude);
        QFETCH(double, tau);
        QFETCH(double, scatter);
        int judged = 0;
        for (unsigned seed = 1; seed <= 5; ++seed) {
            std::mt19937_64 random(seed);
            std::normal_distribution<double> normal(0, scatter);
            for (const double start : {1.0, 20.0, 45.0}) {
                std::vector<TimedWhite> whites;
                for (double t = 0; t <= 40; t += 0.26) {
                    const double light = warming(start + t, amplitude, tau);
                    const Vec3 off(normal(random), normal(random), normal(random));
                    whites.push_back(
                        {t, toXyz(light * Vec3(114, 120, 130).cwiseProduct(Vec3::Ones() + off))});
                    if (!judgeWarmUp(whites).warm)
                        continue;
                    ++judged;
                    QVERIFY(t >= kLeastWatchMinutes);
                    const double next = warming(start + t + kWarmOutlookMinutes, amplitude, tau);
                    VERIFY_BELOW(std::abs(next / light - 1), 1.1 * kWarmDrift);
                    break;
                }
            }
        }
        if (amplitude < 0.05)
            QVERIFY(judged > 0);
    }

    void aWarmDisplayIsCalledWarmSoon()
    {
        for (unsigned seed = 1; seed <= 20; ++seed) {
            std::mt19937_64 random(seed);
            std::normal_distribution<double> normal(0, 3e-4);
            std::vector<TimedWhite> whites;
            double t = 0;
            for (; t <= 40 && !judgeWarmUp(whites).warm; t += 0.26)
                whites.push_back({t, toXyz(Vec3(114, 120, 130) * (1 + normal(random)))});
            VERIFY_BELOW(t, 9.0);
        }
    }

    /// The camera's curve is no aim for a display: old files ask for BT.1886 now, and say so.
    void anOldCameraCurveBecomesBt1886()
    {
        Json json = aimToJson(toned(NamedTone::Bt1886));
        QVERIFY(remarkOnOldAim(json).empty());
        json["tone"] = {{"curve", "rec709"}};
        QVERIFY(aimFromJson(json, "old").tone == ToneCurve(NamedTone::Bt1886));
        QVERIFY(remarkOnOldAim(json).inEnglish().find("BT.1886") != std::string::npos);
    }

    void aMatchByEyeMovesTheAim()
    {
        Aim aim;
        aim.white = DaylightWhite{5000};
        const UvPrime nominal = uvPrime(aimChromaticity(aim, {}));
        const Chromaticity seen = chromaticity(UvPrime{nominal.u + 0.003, nominal.v - 0.004});
        const Aim matched = matchedByEye(aim, seen);
        VERIFY_BELOW(deltaUvPrime(uvPrime(aimChromaticity(matched, {})), uvPrime(seen)), 1e-12);
        VERIFY_NEAR(std::hypot(matched.matchedByEye->u, matched.matchedByEye->v), 0.005, 1e-9);
        QCOMPARE(aimFromJson(aimToJson(matched), "matched"), matched);
        QVERIFY(aimSummary(matched).find("0.0050") != std::string::npos);
        // A second match starts from the nominal white, not from the first.
        QCOMPARE(matchedByEye(matched, seen), matched);
        Json far = aimToJson(matched);
        far["matched_by_eye"]["du"] = 0.2;
        VERIFY_ERROR(aimFromJson(far, "far"), "matched_by_eye.du");
        aim.white = NativeWhite{};
        QCOMPARE(matchedByEye(aim, seen), aim);
    }

    /// A panel whose light is that of the paper's, only parted, needs no offset; one of narrow
    /// lines does. The sums by hand from the functions' printed values at three wavelengths.
    void tenDegreeWhites()
    {
        const SpectralPower d50 = daylightSpectrum(5000 * 1.4388 / 1.4380);
        const auto panel = [&](const auto &power) {
            std::string text = "nm,red,green,blue\n";
            for (int nm = 380; nm <= 780; nm += 5) {
                const double p = power(nm);
                const auto part = [&](bool in) { return std::to_string(in ? p : 0.0); };
                text += std::to_string(nm) + "," + part(nm >= 585) + "," +
                        part(nm >= 490 && nm < 585) + "," + part(nm < 490) + "\n";
            }
            return spectraFromText(text, "panel");
        };
        const auto same = tenDegreeMatch(
            panel([&](int nm) { return d50[static_cast<size_t>(cmfIndex(nm))]; }), "panel", d50);
        VERIFY_BELOW(std::hypot(same.offset.u, same.offset.v), 2e-5); // beyond 380 and 780 nm
        const auto lines = tenDegreeMatch(
            panel([](int nm) { return nm == 630 || nm == 530 || nm == 460 ? 100.0 : 0.0; }),
            "panel", d50);
        VERIFY_BELOW(deltaUvPrime(uvPrime(lines.light), uvPrime(kD50Chromaticity)), 2e-4);
        Mat3 small, large; // CIE 018:2019: rows X, Y, Z at 630, 530, 460 nm
        small << 0.6424, 0.1655, 0.2908, 0.2650, 0.8620, 0.0600, 0.00005, 0.0422, 1.6692;
        large << 0.6475, 0.2365, 0.3023, 0.2835, 0.8752, 0.1282, 0, 0.0305, 1.7454;
        const Vec3 mixed = small * large.inverse() * vec(whiteOf(d50, cie1964()));
        VERIFY_BELOW(deltaUvPrime(uvPrime(lines.panel), uvPrime(chromaticity(toXyz(mixed)))), 5e-4);
        QVERIFY(std::hypot(lines.offset.u, lines.offset.v) >
                10 * std::hypot(same.offset.u, same.offset.v));
        VERIFY_ERROR(
            tenDegreeMatch(panel([](int nm) { return nm < 585 ? 1.0 : 0.0; }), "panel", d50),
            "no mixture");
    }

    void narrowBandsAreLessCertain()
    {
        for (const std::string &t : technologies()) {
            const double x = correctionMismatch(CorrectionKind::Technology, t).x;
            QCOMPARE(x > correctionMismatch(CorrectionKind::Technology, "ccfl").x,
                     equalMayLookDifferent(t) || t == "other");
        }
        QCOMPARE(correctionMismatch(CorrectionKind::Display, "oled").x, 0.0);
    }
};

namespace {
const lantern::test::Register<FiguresTest> registered("FiguresTest");
}

#include "figures_test.moc"
