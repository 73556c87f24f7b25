#include "core/base/error.h"
#include "core/judge/validation.h"
#include "core/plan/chart.h"
#include "core/profile/profile_writer.h"
#include "core/reading/certificate.h"
#include "core/reading/drift.h"
#include "runner.h"
#include "toy_display.h"

#include <nlohmann/json.hpp>

#include <cmath>
#include <map>
#include <random>

using namespace lantern;
using lantern::test::ToyDisplay;

namespace {

const Json kCertificate = Json::parse(R"({
    "format": "bold-lantern-certificate", "version": 1,
    "meter": "Reed", "serial": "R-0117", "laboratory": "Saltmarsh Photometry", "number": "26-0411",
    "issued": "2026-03-02", "due": "2027-03-02", "coverage_factor": 2,
    "lights": {"any": {"luminance_percent": 4, "x": 0.004, "y": 0.006},
               "oled": {"luminance_percent": 2, "x": 0.002, "y": 0.002}}})");

constexpr double kWellOff = 2.15;

double deviation(const std::vector<double> &values)
{
    double mean = 0;
    for (const double v : values)
        mean += v / double(values.size());
    double squares = 0;
    for (const double v : values)
        squares += (v - mean) * (v - mean);
    return std::sqrt(squares / double(values.size() - 1));
}

double median(std::vector<double> values)
{
    std::nth_element(values.begin(), values.begin() + long(values.size() / 2), values.end());
    return values[values.size() / 2];
}

} // namespace

/// Verdicts: limits, uncertainties, and what they decide together.
class VerdictTest : public QObject {
    Q_OBJECT
private slots:
    /// JCGM 106:2012, 8.3.2: a value inside of the guard band on either side decides nothing.
    void aValueNearItsLimitDecidesNothing()
    {
        const Budget u{0.06, 0.04, 0.03, 0.02}; // total 0.0806, expanded 0.16
        VERIFY_NEAR(u.total(), std::sqrt(0.0065), 1e-12);
        const auto call = [&](double value, const Budget &b = {}) {
            return judgeFigure(Figure::ColourWorst, {value, value, b}, 3.0).call;
        };
        QCOMPARE(call(3.10, u), Call::CannotTell);
        QCOMPARE(call(2.90, u), Call::CannotTell);
        QCOMPARE(call(3.17, u), Call::Over);
        QCOMPARE(call(2.83, u), Call::Within);
        QCOMPARE(call(3.0), Call::Within);
        QCOMPARE(call(3.001), Call::Over);
        QCOMPARE(call(std::nan("")), Call::NotJudged);
        QCOMPARE(judgeFigure(Figure::BareContrast, 150, 200).call, Call::Over);
        QCOMPARE(judgeFigure(Figure::BareContrast, 250, 200).call, Call::Within);
    }

    void oneBadFigureFailsItsHalfOnly()
    {
        Verdict v;
        v.figures = {judgeFigure(Figure::White, 0.01, 0.003),
                     judgeFigure(Figure::Luminance, 0.01, 0.03),
                     judgeFigure(Figure::ColourMean, 0.5, 1),
                     judgeFigure(Figure::ColourWorst, {2.95, 2.95, {0.1, 0, 0, 0}}, 3)};
        QCOMPARE(v.half(Half::Aim), Call::Over);
        QCOMPARE(v.half(Half::Profile), Call::CannotTell);
        QCOMPARE(v.overall(), Call::Over);
        v.figures.erase(v.figures.begin());
        QCOMPARE(v.half(Half::Aim), Call::Within);
        QCOMPARE(v.overall(), Call::CannotTell);
        QCOMPARE(Verdict{}.overall(), Call::NotJudged);
    }

    /// The display is changed after its profile was made: the profile still tells the truth about
    /// colours relative to white, but the aim is missed.
    void aDisplayTurnedAfterwardsFailsTheAim()
    {
        const Validation before = validated({});
        for (const JudgedFigure &f : before.verdict.figures)
            if (f.figure == Figure::White || f.figure == Figure::Luminance)
                QCOMPARE(f.call, Call::Within);
        ToyDisplay turned;
        turned.gain = {0.95, 1, 1};
        turned.backlight = 0.7;
        const Validation after = validated(turned);
        QCOMPARE(after.verdict.find(Figure::White)->call, Call::Over);
        QCOMPARE(after.verdict.find(Figure::Luminance)->call, Call::Over);
        QCOMPARE(after.verdict.half(Half::Aim), Call::Over);
        QCOMPARE(after.verdict.half(Half::Profile), Call::Within);
        QCOMPARE(after.verdict.overall(), Call::Over);
        // Light and white are as the display says itself.
        const XYZ white = turned.show({255, 255, 255});
        VERIFY_NEAR(after.verdict.find(Figure::Luminance)->value,
                    std::abs(white.Y / *m_aim.luminanceCdM2 - 1), 1e-9);
    }

    void crushedBlackAndBentToneFailTheAim()
    {
        ToyDisplay washed;
        washed.black *= 10; // contrast 131
        const Validation v = validated(washed);
        QCOMPARE(v.verdict.find(Figure::BareContrast)->call, Call::Over);
        VERIFY_NEAR(v.verdict.find(Figure::BareContrast)->value, *v.state.contrast, 1e-9);
        ToyDisplay bent;
        bent.gamma = {2.5, 2.5, 2.5};
        QCOMPARE(validated(bent).verdict.find(Figure::ToneMean)->call, Call::Over);
    }

    void aNativeAimIsNotHeldAgainstTheDisplay()
    {
        Aim aim;
        aim.white = NativeWhite{};
        aim.luminanceCdM2.reset();
        aim.tone = NativeTone{};
        const Validation v = validated({}, &aim);
        QVERIFY(!v.verdict.find(Figure::White));
        QVERIFY(!v.verdict.find(Figure::Luminance));
        QVERIFY(!v.verdict.find(Figure::ToneMean));
        QVERIFY(v.verdict.find(Figure::GreyMean));
    }

    /// Scatter propagated by hand: luminance of white is the mean of two readings.
    void scatterReachesTheFigures()
    {
        ErrorSources errors;
        errors.scatter = Repeatability{Vec3(0.5, 0.5, 0.5), Vec3::Zero()};
        const Validation v = validated({}, nullptr, errors, 1.0);
        const double expected = 0.5 / std::sqrt(2.0) / *m_aim.luminanceCdM2;
        const Budget &u = v.verdict.find(Figure::Luminance)->uncertainty;
        VERIFY_NEAR(u.scatter, expected, 0.15 * expected);
        QCOMPARE(u.certificate, 0.0);
        QVERIFY(v.verdict.find(Figure::ColourWorst)->uncertainty.scatter > 0);
        QVERIFY(v.verdict.find(Figure::White)->uncertainty.scatter > 0);
    }

    /// Scatter that was found from few readings is less sure: it counts by Student's t.
    void fewReadingsWidenTheIntervals()
    {
        ErrorSources errors;
        errors.scatter = Repeatability{Vec3(0.5, 0.5, 0.5), Vec3::Zero()};
        const auto scatter = [&](int freedom) {
            errors.scatter->freedom = freedom;
            return validated({}, nullptr, errors, 1.0)
                .verdict.find(Figure::Luminance)
                ->uncertainty.scatter;
        };
        // t of 95.45 % at 3 degrees of freedom is 3.307 (JCGM 100:2008, table G.2), at k = 2
        VERIFY_NEAR(scatter(3) / scatter(0), 3.307 / 2, 0.01);
    }

    /// Repeats of the whole validation with real noise scatter as the budget says.
    void repeatsScatterAsTheBudgetSays()
    {
        const Repeatability scatter{Vec3(0.001, 0.001, 0.001), Vec3(0.0005, 0.0005, 0.0005)};
        ErrorSources errors;
        errors.scatter = scatter;
        ToyDisplay display;
        display.gamma = {2.1, 2.2, 2.15}; // off, so that ΔE00 is well above its floor
        Aim aim = m_aim;                  // of which white is well off, for the same reason
        const Chromaticity white = chromaticity(display.show({255, 255, 255}));
        aim.white = Chromaticity{white.x + 0.004, white.y + 0.002};
        std::map<Figure, std::vector<double>> found, said;
        std::mt19937 random(7);
        for (int i = 0; i < 120; ++i) {
            auto readings = display.read(validationPatches(m_aimed));
            for (Reading &r : readings) {
                r.integrationSeconds = 1;
                r = disturbed(r, scatter, random);
            }
            for (const JudgedFigure &f :
                 validate(request(readings, &aim, errors)).verdict.figures) {
                found[f.figure].push_back(f.value);
                said[f.figure].push_back(f.uncertainty.scatter);
            }
        }
        for (const Figure f : {Figure::White, Figure::ColourMean})
            VERIFY_NEAR(median(said[f]) / deviation(found[f]), 1, 0.15);
        // The worst is the more uncertain the more noise it already holds.
        VERIFY_NEAR(median(said[Figure::ColourWorst]) / deviation(found[Figure::ColourWorst]), 1,
                    0.6);
    }

    /// Each figure has its own scatter taken off; still no worst comes out below its mean.
    void noWorstIsBelowItsMean()
    {
        ErrorSources errors;
        errors.scatter = Repeatability{Vec3(0.02, 0.02, 0.02), Vec3(0.005, 0.005, 0.005)};
        ToyDisplay display;
        std::mt19937 random(11);
        int nothingLeft = 0;
        for (int i = 0; i < 20; ++i) {
            auto readings = display.read(validationPatches(m_aimed));
            for (Reading &r : readings) {
                r.integrationSeconds = 1;
                r = disturbed(r, *errors.scatter, random);
            }
            const Verdict v = validate(request(readings, &m_aim, errors)).verdict;
            const auto value = [&](Figure f) { return v.find(f)->value; };
            QVERIFY(value(Figure::GreyWorst) >= value(Figure::GreyMean));
            QVERIFY(value(Figure::ColourWorst) >= value(Figure::ColourMean));
            QVERIFY(value(Figure::ColourWorst) >= value(Figure::Colour95));
            nothingLeft += value(Figure::GreyMean) == 0 ? 1 : 0;
        }
        QVERIFY(nothingLeft < 20);
    }

    /// Every figure's interval holds what a meter without scatter would have read, in 90 to 99 runs
    /// of a hundred, for displays near their aim and off it. Each run estimates its scatter itself.
    void intervalsHoldTheTruth_data()
    {
        QTest::addColumn<double>("gamma"); // of green; the profile was made at 2.25
        QTest::addColumn<double>("whiteOff");
        QTest::newRow("a perfect display") << 2.25 << 0.0;
        QTest::newRow("a little off") << 2.23 << 0.0005;
        QTest::newRow("well off") << kWellOff << 0.004;
    }

    void intervalsHoldTheTruth()
    {
        QFETCH(double, gamma);
        QFETCH(double, whiteOff);
        const Repeatability scatter{Vec3(0.002, 0.002, 0.002), Vec3(0.0004, 0.0004, 0.0006)};
        ToyDisplay display;
        display.gamma[1] = gamma;
        Aim aim = m_aim;
        const Chromaticity white = chromaticity(display.show({255, 255, 255}));
        aim.white = Chromaticity{white.x + whiteOff, white.y};
        std::mt19937 random(11);
        const auto noisy = [&](const std::vector<DeviceRgb> &patches) {
            auto readings = display.read(patches);
            for (Reading &r : readings)
                r = disturbed(r, scatter, random);
            return readings;
        };
        const auto patches = validationPatches(m_aimed);
        const Verdict truth = validate(request(display.read(patches), &aim, {})).verdict;
        constexpr int kSeeds = 100;
        std::map<Figure, int> held;
        for (int i = 0; i < kSeeds; ++i) {
            ErrorSources errors;
            errors.scatter = correctDrift(noisy(measuringOrder(makeChart(100)))).scatter;
            const Verdict v = validate(request(noisy(patches), &aim, errors)).verdict;
            for (const JudgedFigure &f : v.figures)
                held[f.figure] += std::abs(f.value - truth.find(f.figure)->value) <=
                                  kCoverageFactor * f.uncertainty.total();
        }
        int all = 0;
        for (const auto &[figure, times] : held) {
            all += times;
            QVERIFY2(times >= 90, figureKey(figure).c_str());
            // Near nothing an interval cannot reach below it, and holds more.
            if (gamma == kWellOff)
                QVERIFY2(times <= 99, figureKey(figure).c_str());
        }
        VERIFY_BELOW(double(all), 99.0 * double(held.size()));
    }

    /// What a certificate states of white's x, y and luminance is what white's figures get.
    void aCertificateReachesTheFigures()
    {
        const LightUncertainty stated{0.01, 0.002, 0.003};
        ErrorSources errors;
        errors.certificate = stated;
        const std::vector<Reading> white = {{{255, 255, 255}, {95.05, 100, 108.9}, 1},
                                            {{0, 255, 0}, {30, 60, 10}, 1}};
        const auto found = estimates(
            white, kSrgbPrimaries, errors,
            [](const std::vector<Reading> &r) {
                const Chromaticity c = chromaticity(r[0].xyz);
                const Chromaticity g = chromaticity(r[1].xyz);
                return std::vector<double>{c.x, c.y, r[0].xyz.Y, g.x, g.y};
            },
            std::vector<bool>(5, false));
        const auto certificate = [&](size_t i) { return found[i].uncertainty.certificate; };
        VERIFY_NEAR(certificate(0), 0.002, 0.0003);
        VERIFY_NEAR(certificate(1), 0.003, 0.0006);
        VERIFY_NEAR(certificate(2), 1.0, 0.15);
        QVERIFY(certificate(3) > certificate(0) && certificate(3) < 2 * certificate(0));
        QCOMPARE(found[0].uncertainty.scatter, 0.0);
        QCOMPARE(found[0].uncertainty.mismatch, 0.0);
    }

    void driftIsSeenWhereWhiteMoves()
    {
        std::vector<Reading> readings = {{{255, 255, 255}, {95, 100, 109}, 1},
                                         {{128, 128, 128}, {20, 21, 23}, 1},
                                         {{255, 255, 255}, {95.95, 101, 110.09}, 1}};
        VERIFY_NEAR(whiteDrift(readings, {})[1], 0.01, 1e-9);
        const Repeatability loud{Vec3(2, 2, 2), Vec3::Zero()};
        QCOMPARE(whiteDrift(readings, loud)[1], 0.0); // hidden by the scatter
        readings.pop_back();
        QCOMPARE(whiteDrift(readings, {})[1], 0.0);
    }

    void theSameReadingsGiveTheSameBudget()
    {
        ErrorSources errors;
        errors.scatter = Repeatability{Vec3(0.1, 0.1, 0.1), Vec3::Zero()};
        errors.mismatch = correctionMismatch(CorrectionKind::Technology, "led-phosphor");
        const Validation a = validated({}, nullptr, errors);
        const Validation b = validated({}, nullptr, errors);
        QCOMPARE(a.verdict.figures.size(), b.verdict.figures.size());
        for (size_t i = 0; i < a.verdict.figures.size(); ++i)
            QCOMPARE(a.verdict.figures[i].uncertainty, b.verdict.figures[i].uncertainty);
    }

    void certificatesAreReadStrictly()
    {
        const Certificate c = certificateFromJson(kCertificate, "cert");
        QCOMPARE(c.standard("oled")->x, 0.001); // k = 2 taken off
        QCOMPARE(c.standard("led-wide")->luminance, 0.02);
        QVERIFY(!c.isOverdue("2027-03-02T23:00:00Z"));
        QVERIFY(c.isOverdue("2027-03-03"));
        QCOMPARE(certificateFromJson(certificateToJson(c), "again"), c);
        const auto refused = [](const char *pointer, const Json &value, const char *message) {
            Json bad = kCertificate;
            bad[Json::json_pointer(pointer)] = value;
            VERIFY_ERROR(certificateFromJson(bad, "cert"), message);
        };
        for (const char *date : {"next year", "2027-3-31", "2027-02-30", "2027-13-01", "2027-00-10",
                                 "-027-03-31", "2027-03-3x", "2027-03-311"})
            refused("/due", date, "no date");
        refused("/due", "2025-01-01", "before the date of issue");
        refused("/lights", Json::object(), "states nothing");
        refused("/lights/plasma", Json::object(), "plasma");
        refused("/lights/any/x", 0.5, "x");
        Json only = kCertificate;
        only["lights"].erase("any");
        QVERIFY(!certificateFromJson(only, "cert").standard("ccfl").has_value());
    }

    void everySetNamesItsSource()
    {
        for (const Tolerance &t : tolerances()) {
            QVERIFY(!t.source.empty());
            QVERIFY(t.source.find("memory") != std::string::npos ||
                    t.source.find("practice") != std::string::npos);
        }
    }

private:
    static Reading disturbed(Reading r, const Repeatability &scatter, std::mt19937 &random)
    {
        std::normal_distribution<double> normal;
        const Vec3 own(normal(random), normal(random), normal(random));
        r.xyz = toXyz(vec(r.xyz) + scatter.standardUncertainty(r).cwiseProduct(own));
        return r;
    }

    [[nodiscard]] ValidationRequest request(const std::vector<Reading> &readings, const Aim *aim,
                                            const ErrorSources &errors) const
    {
        return {.referenceName = "Lantern 40",
                .aimed = m_aimed,
                .readings = readings,
                .tolerance = toleranceByName("studio"),
                .aim = *aim,
                .errors = errors};
    }
    [[nodiscard]] Validation validated(const ToyDisplay &display, const Aim *aim = nullptr,
                                       const ErrorSources &errors = {}, double seconds = 0.2) const
    {
        auto readings = display.read(validationPatches(m_aimed));
        for (Reading &r : readings)
            r.integrationSeconds = seconds;
        return validate(request(readings, aim ? aim : &m_aim, errors));
    }

private slots:
    void initTestCase()
    {
        const ToyDisplay display;
        const auto icc = buildProfile(display.read(makeChart(150)), {}, "toy").icc;
        m_aimed = aimedPatches(lantern40(), ProfileFile(icc, "toy"));
        const XYZ white = display.show({255, 255, 255});
        m_aim.white = chromaticity(white);
        m_aim.luminanceCdM2 = white.Y;
    }

private:
    std::vector<AimedPatch> m_aimed;
    Aim m_aim;
};

namespace {
const lantern::test::Register<VerdictTest> registered("VerdictTest");
}

#include "verdict_test.moc"
