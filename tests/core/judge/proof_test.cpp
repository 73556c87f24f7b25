#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/judge/expectation.h"
#include "core/judge/validation.h"
#include "core/judge/weakness.h"
#include "core/plan/chart.h"
#include "core/profile/profile_writer.h"
#include "core/profile/target_space.h"
#include "runner.h"
#include "toy_display.h"

#include <lcms2.h>
#include <nlohmann/json.hpp>

#include <cmath>
#include <memory>
#include <set>

using namespace lantern;
using lantern::test::ToyDisplay;

/// With what displays are proved: colours, spaces, limits, and what is said of the outcome.
class ProofTest : public QObject {
    Q_OBJECT

    static Lab greyOf(const DeviceRgb &rgb) { return {rgb.g / 2.55, 0, 0}; }
    static ValidatedPatch patch(const Lab &aimed, const Lab &read)
    {
        ValidatedPatch p;
        p.aimed.reference = {"x", aimed};
        p.lab = read;
        p.deltaE00 = deltaE2000(aimed, read);
        p.deltaE76 = deltaE76(aimed, read);
        return p;
    }
    static Validation of(std::vector<ValidatedPatch> patches)
    {
        Validation v;
        v.white = {95, 100, 108.9};
        std::vector<double> all;
        for (const ValidatedPatch &p : patches)
            all.push_back(p.deltaE00);
        if (!all.empty())
            v.deltaE00 = statistics(all);
        v.patches = std::move(patches);
        return v;
    }
    /// Greys all within 0.3, as the rest.
    static std::vector<ValidatedPatch> goodGreys()
    {
        std::vector<ValidatedPatch> out;
        for (int i = 1; i < 10; ++i)
            out.push_back(patch({10.0 * i, 0, 0}, {10.0 * i, 0.1, 0.1}));
        return out;
    }

private slots:
    void spacesAgreeWithLittleCms()
    {
        using Transform = std::unique_ptr<void, decltype(&cmsDeleteTransform)>;
        using Profile = std::unique_ptr<void, decltype(&cmsCloseProfile)>;
        const auto lab = Profile(cmsCreateLab4Profile(nullptr), &cmsCloseProfile);
        const auto compare = [&](const Profile &profile, const TargetSpace &space) {
            const Transform transform(cmsCreateTransform(profile.get(), TYPE_RGB_DBL, lab.get(),
                                                         TYPE_Lab_DBL, INTENT_RELATIVE_COLORIMETRIC,
                                                         cmsFLAGS_NOOPTIMIZE),
                                      &cmsDeleteTransform);
            double worst = 0;
            for (int r = 0; r <= 255; r += 51)
                for (int g = 0; g <= 255; g += 51)
                    for (int b = 0; b <= 255; b += 51) {
                        const double in[3] = {r / 255.0, g / 255.0, b / 255.0};
                        cmsCIELab out;
                        cmsDoTransform(transform.get(), in, &out, 1);
                        const DeviceRgb rgb{double(r), double(g), double(b)};
                        worst =
                            std::max(worst, deltaE2000({out.L, out.a, out.b}, space.toLab(rgb)));
                        const DeviceRgb back = space.toDevice(space.toLab(rgb));
                        worst = std::max(worst, 0.01 * (vec(back) - vec(rgb)).norm());
                    }
            return worst;
        };
        VERIFY_BELOW(
            compare(Profile(cmsCreate_sRGBProfile(), &cmsCloseProfile), *targetSpaceByKey("srgb")),
            0.03);
        // Adobe RGB (1998): primaries, white and gamma of its specification, built by the library.
        const cmsCIExyY white = {0.3127, 0.3290, 1};
        const cmsCIExyYTRIPLE primaries = {{0.64, 0.33, 1}, {0.21, 0.71, 1}, {0.15, 0.06, 1}};
        cmsToneCurve *curve = cmsBuildGamma(nullptr, 563.0 / 256);
        cmsToneCurve *curves[3] = {curve, curve, curve};
        VERIFY_BELOW(
            compare(Profile(cmsCreateRGBProfile(&white, &primaries, curves), &cmsCloseProfile),
                    *targetSpaceByKey("adobe-rgb")),
            0.03);
        cmsFreeToneCurve(curve);
        QCOMPARE(targetNames().size(), size_t(5));
        for (const TargetName &name : targetNames())
            QVERIFY(targetSpaceByKey(name.key).has_value());
        QVERIFY(!targetSpaceByKey("sRGB"));
    }

    void anAimIsASpaceWhereItSaysEnough()
    {
        Aim aim;
        QVERIFY(!targetSpaceOf(aim, {})); // no primaries
        const auto space = targetSpaceOf(aim, kSrgbPrimaries);
        QVERIFY(space.has_value());
        VERIFY_NEAR(space->toLab({255, 255, 255}).L, 100, 1e-9);
        const double y = std::pow(128 / 255.0, 2.2);
        VERIFY_NEAR(space->toLab({128, 128, 128}).L, 116 * std::cbrt(y) - 16, 1e-6);
        aim.tone = NativeTone{};
        QVERIFY(!targetSpaceOf(aim, kSrgbPrimaries));
    }

    void setsAreWhatTheirNamesSay()
    {
        const auto count = [](const char *key) {
            return referenceByKey(key, greyOf)->colours.size();
        };
        QCOMPARE(count("lantern40"), size_t(40));
        QCOMPARE(count("chart24"), size_t(24));
        QCOMPARE(count("skin"), size_t(24));
        QCOMPARE(count("greys"), size_t(21));
        QCOMPARE(count("greys:2"), size_t(2));
        QCOMPARE(count("primaries"), size_t(8));
        QCOMPARE(count("sweeps"), size_t(24));
        QCOMPARE(count("random:17:4"), size_t(17));
        QVERIFY(!referenceByKey("nothing", greyOf) && !referenceByKey("", greyOf));
        QVERIFY(!referenceByKey("skin:3", greyOf));
        for (const char *wrong :
             {"greys:1", "greys:257", "greys:2.5", "greys:x", "random:0:1", "random:10:-1"})
            QVERIFY_THROWS_EXCEPTION(Error, (void)referenceByKey(wrong, greyOf));
        const auto greys = referenceByKey("greys:5", greyOf)->colours;
        QCOMPARE(greys[1].lab.L, 75.0);
        QCOMPARE(greys[4].lab.L, 0.0);
        // Skin is between what is no skin: neither grey nor vivid, of one family of hues.
        for (const ReferenceColour &c : skinSet().colours)
            QVERIFY2(hueDegrees(c.lab) > 38 && hueDegrees(c.lab) < 72 && chroma(c.lab) > 8 &&
                         chroma(c.lab) < 32,
                     c.name.c_str());
    }

    void randomColoursAreFreshAndRepeatable()
    {
        const auto codes = [](uint64_t seed) {
            std::set<double> out;
            for (const ReferenceColour &c : randomSet(200, seed, greyOf).colours)
                out.insert(c.lab.L);
            return out;
        };
        QVERIFY(codes(7) == codes(7));
        QVERIFY(codes(7) != codes(8));
        QVERIFY(codes(7).size() > 100 && *codes(7).begin() < 5 && *codes(7).rbegin() > 95);
    }

    void sweepsKeepTheirLuminance()
    {
        const TargetSpace space = *targetSpaceByKey("srgb");
        const auto set = saturationSweeps([&](const DeviceRgb &c) { return space.toLab(c); });
        for (size_t i = 0; i < set.colours.size(); i += 4) {
            for (size_t k = 1; k < 4; ++k) {
                VERIFY_NEAR(set.colours[i + k].lab.L, set.colours[i].lab.L, 1e-9);
                QVERIFY(chroma(set.colours[i + k].lab) > chroma(set.colours[i + k - 1].lab));
            }
        }
        QCOMPARE(set.colours[3].name, std::string("red 100 %"));
        VERIFY_BELOW(deltaE76(set.colours[3].lab, space.toLab({255, 0, 0})), 1e-9);
    }

    void aDisplayIsHeldAgainstASpaceWithoutItsProfile()
    {
        const TargetSpace srgb = *targetSpaceByKey("srgb");
        const auto aimed = patchesOfSpace(lantern40(), srgb);
        QCOMPARE(aimed.size(), size_t(40));
        // A display that is sRGB: what the space says, to the last digit.
        std::vector<Reading> readings;
        for (const DeviceRgb &rgb : validationPatches(aimed))
            readings.push_back({rgb, displayXyz(srgb.toLab(rgb), {95.05, 100, 108.9})});
        ValidationRequest request{.referenceName = "Lantern 40",
                                  .aimed = aimed,
                                  .readings = readings,
                                  .tolerance = toleranceByName("studio")};
        request.against = srgb.name();
        const Validation v = validate(request);
        VERIFY_BELOW(v.deltaE00.max, 1e-6);
        QCOMPARE(v.against, std::string("sRGB"));
        QCOMPARE(v.reachableCount, 40);
    }

    void theAimedWhiteCountsWhereItIsAskedFor()
    {
        const TargetSpace srgb = *targetSpaceByKey("srgb");
        const auto aimed = patchesOfSpace(greyReferences(5), srgb);
        const XYZ bluish = fromChromaticity({0.300, 0.310}, 100);
        std::vector<Reading> readings;
        for (const DeviceRgb &rgb : validationPatches(aimed))
            readings.push_back({rgb, displayXyz(srgb.toLab(rgb), bluish)});
        ValidationRequest request{.referenceName = "greys",
                                  .aimed = aimed,
                                  .readings = readings,
                                  .tolerance = toleranceByName("studio")};
        request.aim = Aim{};
        request.aim->luminanceCdM2 = 120;
        VERIFY_BELOW(validate(request).deltaE00.max, 1e-6); // relative to its own white
        request.isAbsolute = true;
        const Validation v = validate(request);
        QVERIFY(v.isAbsolute);
        VERIFY_NEAR(v.white.Y, 120, 1e-9);
        // White itself: what the aimed white makes of the measured one.
        VERIFY_NEAR(v.patches[0].deltaE00, deltaE2000({100, 0, 0}, pcsLab(bluish, v.white)), 1e-9);
        QVERIFY(v.deltaE00.mean > 3);
    }

    void formulasAreThoseOfTheirNames()
    {
        const Lab a{50, 20, -30};
        const Lab b{52, 24, -27};
        const XYZ white{95.05, 100, 108.9};
        using F = DifferenceFormula;
        QCOMPARE(difference(F::De76, a, b, white), deltaE76(a, b));
        QCOMPARE(difference(F::De94, a, b, white), deltaE94(a, b));
        QCOMPARE(difference(F::Cmc, a, b, white), deltaECmc(a, b));
        QCOMPARE(difference(F::De2000, a, b, white), deltaE2000(a, b));
        QCOMPARE(difference(F::Itp, a, b, white),
                 deltaEItp(displayXyz(a, white), displayXyz(b, white)));
        for (const F f : differenceFormulas())
            QVERIFY(formulaByKey(formulaKey(f)) == f);
        QVERIFY_THROWS_EXCEPTION(Error, (void)formulaByKey("2001"));
    }

    void theFormulaDecidesTheVerdict()
    {
        const ToyDisplay display;
        const auto icc = buildProfile(display.read(makeChart(60)), {}, "toy").icc;
        const auto aimed = aimedPatches(lantern40(), ProfileFile(icc, "toy"));
        ToyDisplay other = display;
        other.gamma = {2.3, 2.3, 2.3};
        ValidationRequest request{.referenceName = "Lantern 40",
                                  .aimed = aimed,
                                  .readings = other.read(validationPatches(aimed)),
                                  .tolerance = toleranceByName("studio")};
        const Validation by2000 = validate(request);
        request.tolerance.formula = DifferenceFormula::De76;
        const Validation by76 = validate(request);
        const auto mean = [](const Validation &v) {
            return v.verdict.find(Figure::ColourMean)->asRead;
        };
        std::vector<double> within;
        for (const ValidatedPatch &p : by76.patches)
            if (p.outOfGamut <= kReachable)
                within.push_back(p.deltaE76);
        VERIFY_NEAR(mean(by76), statistics(within).mean, 1e-9);
        QVERIFY(std::abs(mean(by76) - mean(by2000)) > 0.05);
        QCOMPARE(figureTitle(Figure::ColourMean, DifferenceFormula::De76),
                 std::string("Colours, mean ΔE76"));
    }

    void limitsAreReadAndWritten()
    {
        Tolerance t;
        t.name = t.title = "House proof";
        t.source = "common practice";
        t.colourMean = 1.5;
        t.luminance = 0.05;
        t.formula = DifferenceFormula::De94;
        t.limitSources["colour_mean"] = "client's letter of 3 May";
        QVERIFY(toleranceFromJson(toleranceToJson(t), "file") == t);
        for (const Tolerance &ours : tolerances())
            QVERIFY(toleranceFromJson(toleranceToJson(ours), ours.name) == ours);
        for (const Figure f : allFigures()) { // each has a place of its own
            Tolerance one = t;
            limitIn(one, f) = 0.25;
            const Tolerance back = toleranceFromJson(toleranceToJson(one), "file");
            QCOMPARE(limitIn(back, f), std::optional(0.25));
        }
        const auto refused = [&](auto change, const char *word) {
            Json j = toleranceToJson(t);
            change(j);
            try {
                (void)toleranceFromJson(j, "house.json");
            } catch (const Error &e) {
                const std::string what = e.what();
                return what.find("house.json") != std::string::npos &&
                       what.find(word) != std::string::npos;
            }
            return false;
        };
        QVERIFY(refused([](Json &j) { j["limits"] = Json::object(); }, "limits"));
        QVERIFY(refused([](Json &j) { j["limits"]["colour_mean"]["limit"] = -1; }, "colour_mean"));
        QVERIFY(refused([](Json &j) { j["limits"]["colour_mean"]["limit"] = "1"; }, "colour_mean"));
        QVERIFY(refused([](Json &j) { j["limits"]["colours"] = {{"limit", 1}}; }, "colours"));
        QVERIFY(refused([](Json &j) { j["formula"] = "2001"; }, "formula"));
        QVERIFY(refused([](Json &j) { j["title"] = ""; }, "title"));
        QVERIFY(refused([](Json &j) { j["version"] = 2; }, "version"));
    }

    void theTailsOfKnownNumbers()
    {
        std::vector<double> values;
        for (int i = 20; i >= 1; --i)
            values.push_back(i);
        const Tails t = tails(values);
        QCOMPARE(t.best, 1.0);
        VERIFY_NEAR(t.lowest90, 9.5, 1e-12);   // 1..18
        VERIFY_NEAR(t.highest10, 19.5, 1e-12); // 19, 20
        const Tails one = tails({3});
        QCOMPARE(one.lowest90, 3.0);
        QCOMPARE(one.highest10, 3.0);
    }

    void kindsOfColoursHaveTheirNames()
    {
        const auto at = [](double lightness, double c, double h) {
            const double angle = h * 3.14159265358979 / 180;
            return kindOfColour({lightness, c * std::cos(angle), c * std::sin(angle)});
        };
        QCOMPARE(at(50, 2, 0), std::string("greys"));
        QCOMPARE(at(10, 2, 0), std::string("darkest greys"));
        QCOMPARE(at(95, 0, 0), std::string("lightest greys"));
        QCOMPARE(at(12, 20, 30), std::string("shadows"));
        QCOMPARE(at(65, 25, 58), std::string("skin tones"));
        // Of the sRGB primaries, as their names go.
        const TargetSpace s = *targetSpaceByKey("srgb");
        const std::map<std::string, DeviceRgb> named = {
            {"saturated reds", {255, 0, 0}},   {"saturated yellows", {255, 255, 0}},
            {"saturated greens", {0, 255, 0}}, {"saturated cyans", {0, 255, 255}},
            {"saturated blues", {0, 0, 255}},  {"saturated magentas", {255, 0, 255}}};
        for (const auto &[name, rgb] : named)
            QCOMPARE(kindOfColour(s.toLab(rgb)), name);
    }

    void whatIsWeakIsSaidWithItsCause()
    {
        auto patches = goodGreys();
        QCOMPARE(weaknessInWords(of(patches)).front().inEnglish(),
                 std::string("No kind of colour stands out: all are within 0.2 ΔE00."));
        // Two blues that the display cannot reach, too dull.
        for (int i = 0; i < 2; ++i) {
            ValidatedPatch blue = patch({35, 30, -75}, {35, 20, -50});
            blue.outOfGamut = 0.9 * blue.deltaE00;
            patches.push_back(blue);
        }
        const auto weak = weaknesses(of(patches));
        QCOMPARE(weak.size(), size_t(1));
        QCOMPARE(weak[0].colours, std::string("saturated blues"));
        QCOMPARE(weak[0].direction, std::string("too dull"));
        QVERIFY(weak[0].cause == Cause::Gamut);
        QCOMPARE(weak[0].count, 2);
        const std::string said = weaknessInWords(of(patches)).front().inEnglish();
        QVERIFY2(said.starts_with("The saturated blues are ") &&
                     said.find("mostly too dull: the display cannot reach them") !=
                         std::string::npos &&
                     said.ends_with("The rest is within 0.2."),
                 said.c_str());
        patches.back().outOfGamut = patches[patches.size() - 2].outOfGamut = 0;
        QVERIFY(weaknesses(of(patches))[0].cause == Cause::Display);
        patches.back().profileError = patches.back().deltaE00;
        patches[patches.size() - 2].profileError = patches.back().deltaE00;
        QVERIFY(weaknesses(of(patches))[0].cause == Cause::Profile);
        patches.back().profileError = patches[patches.size() - 2].profileError = 0;
        for (ValidatedPatch &p : patches)
            p.uncertainty = 0.8 * p.deltaE00;
        QVERIFY(weaknesses(of(patches))[0].cause == Cause::Meter);
        // Off alike: nothing stands out, and yet it is not good.
        std::vector<ValidatedPatch> dim;
        for (int i = 1; i < 9; ++i)
            dim.push_back(patch({10.0 * i, 0, 0}, {10.0 * i - 4, 0, 0}));
        QVERIFY(weaknessInWords(of(dim)).front().inEnglish().find("off alike") !=
                std::string::npos);
        QVERIFY(weaknessInWords(of({})).empty());
    }

    void whatAChartIsExpectedToShow()
    {
        // Additive, gamma 2.2 down to its black: what is expected is what it shows.
        ToyDisplay display;
        const XYZ white = display.read({{255, 255, 255}}).front().xyz;
        const auto found =
            display.read({{255, 0, 0}, {0, 255, 0}, {0, 0, 255}, {0, 0, 0}, {255, 255, 255}});
        const auto e = Expectation::of(found, white, GammaTone{2.2});
        QVERIFY(e.has_value());
        VERIFY_NEAR(e->expected({255, 255, 255}).Y, white.Y, 1e-9);
        VERIFY_NEAR(e->expected({0, 0, 0}).Y, found[3].xyz.Y, 1e-9);
        VERIFY_NEAR(e->expected({255, 0, 0}).X / found[0].xyz.X, 1, 0.02);
        // Brought to another white, its primaries follow.
        const XYZ warm{0.95 * white.X, 0.95 * white.Y, 0.8 * white.Z};
        const auto w = Expectation::of(found, warm, GammaTone{2.2});
        VERIFY_NEAR(w->expected({255, 255, 255}).Z, warm.Z, 1e-9);
        QVERIFY(w->expected({0, 0, 255}).Z < 0.85 * e->expected({0, 0, 255}).Z);
        QVERIFY(!Expectation::of(found, white, NativeTone{}));
        QVERIFY(!Expectation::of({found[0], found[1]}, white, GammaTone{2.2}));
    }
};

static const lantern::test::Register<ProofTest> registered("ProofTest");
#include "proof_test.moc"
