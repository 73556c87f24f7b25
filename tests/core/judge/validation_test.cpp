#include "core/aim/display_state.h"
#include "core/base/cgats.h"
#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/colour/spaces.h"
#include "core/judge/validation.h"
#include "core/plan/chart.h"
#include "core/profile/profile_tables.h"
#include "core/profile/profile_writer.h"
#include "core/report/report.h"
#include "runner.h"
#include "toy_display.h"

#include <nlohmann/json.hpp>

#include <cmath>

using namespace lantern;
using lantern::test::ToyDisplay;

class ValidationTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase()
    {
        m_icc = buildProfile(m_display.read(makeChart(150)), {}, "toy").icc;
        const ProfileFile profile(m_icc, "toy");
        m_aimed = aimedPatches(lantern40(), profile);
        m_validation = validated(m_display);
    }

    void statisticsOfKnownNumbers()
    {
        const Statistics s = statistics({4, 1, 3, 2, 5});
        QCOMPARE(s.mean, 3.0);
        QCOMPARE(s.median, 3.0);
        QCOMPARE(s.max, 5.0);
        VERIFY_NEAR(s.p90, 4.6, 1e-12); // type 7 quantile of 1..5
        VERIFY_NEAR(s.p95, 4.8, 1e-12);
        VERIFY_NEAR(s.deviation, std::sqrt(2.5), 1e-12);
        const Statistics one = statistics({2});
        QCOMPARE(one.median, 2.0);
        QCOMPARE(one.deviation, 0.0);
    }

    void aGoodProfileValidates()
    {
        QCOMPARE(m_validation.patches.size(), size_t(40));
        VERIFY_BELOW(m_validation.deltaE00.mean, 0.6);
        QCOMPARE(m_validation.verdict.half(Half::Profile), Call::Within);
        QCOMPARE(m_validation.verdict.half(Half::Aim), Call::NotJudged); // no aim was given
    }

    void aWrongDisplayDoesNot()
    {
        ToyDisplay other = m_display;
        other.gamma = {1.8, 2.6, 2.0};
        const Validation v = validated(other, "basic");
        QCOMPARE(v.verdict.overall(), Call::Over);
        QVERIFY(v.deltaE00.mean > 3);
    }

    void outOfGamutIsToldApart()
    {
        const ReferenceSet wild{"wild", {{"far green", {80, -150, 100}}, {"grey", {50, 0, 0}}}};
        const auto aimed = aimedPatches(wild, ProfileFile(m_icc, "toy"));
        const Validation v = validate({.referenceName = "wild",
                                       .aimed = aimed,
                                       .readings = m_display.read(validationPatches(aimed)),
                                       .tolerance = tolerances().front()});
        QVERIFY(v.patches[0].outOfGamut > 5);
        VERIFY_NEAR(v.patches[0].deltaE00, v.patches[0].outOfGamut, 1.0);
        VERIFY_BELOW(v.patches[1].outOfGamut, 0.5);
    }

    /// Colours that the display has just shown are within its gamut, whatever the inverse makes of
    /// them: here that of a profile whose inverse is coarse and whose white is more than its sum.
    void profileErrorIsNoMissingGamut()
    {
        std::vector<Reading> readings;
        for (const DeviceRgb &p : makeChart(200)) {
            const double least = std::min({p.r, p.g, p.b}) / 255;
            readings.push_back(
                {p, toXyz(vec(m_display.show(p)) + std::pow(least, 2) * Vec3(90, 95, 99)), 0.2});
        }
        ProfileRequest request;
        request.grid = kMinGrid;
        const ProfileFile profile(buildProfile(readings, request, "toy").icc, "toy");
        ReferenceSet shown{"shown", {}};
        for (int i = 0; i < 200; ++i)
            shown.colours.push_back(
                {std::to_string(i), profile.toLab({double(i * 37 % 256), double(i * 91 % 256),
                                                   double(i * 53 % 256)})});
        double worstInverse = 0;
        for (const AimedPatch &p : aimedPatches(shown, profile)) {
            VERIFY_BELOW(deltaE2000(p.reference.lab, p.reachable), 0.2); // kinks stop the search
            worstInverse = std::max(worstInverse, deltaE2000(p.reachable, p.sent));
        }
        QVERIFY2(worstInverse > 0.2, qPrintable(QString::number(worstInverse)));
    }

    /// By the perceptual intent a profile that tells the truth is right as well; a display that has
    /// changed is told.
    void perceptualWithBlackCompensationIsTriedToo()
    {
        const ProfileFile profile(m_icc, "toy");
        const auto aimed = perceptualPatches(lantern40(), profile);
        QCOMPARE(aimed.size(), lantern40().colours.size());
        ToyDisplay display = m_display;
        const auto judged = [&] {
            return validate({.referenceName = "perceptual",
                             .aimed = aimed,
                             .readings = display.read(validationPatches(aimed)),
                             .tolerance = toleranceByName("studio")});
        };
        const Validation good = judged();
        VERIFY_BELOW(good.deltaE00.mean, 0.35);
        QCOMPARE(good.reachableCount, int(aimed.size()));
        display.gamma[1] = 2.0;
        QVERIFY(judged().deltaE00.mean > 3 * good.deltaE00.mean);
        // Black is sent as black: compensated, not clipped.
        QVERIFY(profile.toDevicePerceptual({0, 0, 0}) == (DeviceRgb{0, 0, 0}));
        QVERIFY(profile.toDevicePerceptual({3, 0, 0}).g > 0);
    }

    void refusesMismatchedReadings()
    {
        VERIFY_ERROR(validate({.referenceName = "x",
                               .aimed = m_aimed,
                               .readings = {},
                               .tolerance = tolerances().front()}),
                     "0 readings for 40");
        VERIFY_ERROR(toleranceByName("lenient"), "studio, general, basic");
    }

    void ownReferenceSetIsAsDescribed()
    {
        const ReferenceSet set = lantern40();
        QCOMPARE(set.colours.size(), size_t(40));
        QCOMPARE(set.colours[0].lab, (Lab{100, 0, 0}));
        for (int i = 0; i < 8; ++i) {
            QCOMPARE(chroma(set.colours[i].lab), 0.0);
            const double skinHue = hueDegrees(set.colours[8 + i].lab);
            QVERIFY(skinHue > 40 && skinHue < 75);
        }
        // The saturated row must lie inside the sRGB gamut, so that common displays can be judged
        // by it.
        for (int i = 32; i < 40; ++i) {
            const Vec3 rgb = vec(srgbCodesFromPcs(set.colours[i].lab)) / 255;
            QVERIFY(rgb.minCoeff() > 0 && rgb.maxCoeff() < 1);
        }
    }

    void jsonCarriesTheReadings()
    {
        ReportData data;
        data.display = "Toy <1>";
        data.validation = m_validation;
        data.controls = MonitorControls{};
        data.before = displayState(m_display.read(statePatches()), data.aim);
        const Json json = reportToJson(data);
        QCOMPARE(json["format"].get<std::string>(), std::string("bold-lantern-report"));
        QCOMPARE(json["validation"]["patches"].size(), size_t(40));
        // Anyone can recompute: take the first patch's XYZ and arrive at the same ΔE00.
        const Json &p = json["validation"]["patches"][20];
        const Json &w = json["validation"]["white_xyz"];
        const Lab lab = pcsLab({p["measured_xyz"][0], p["measured_xyz"][1], p["measured_xyz"][2]},
                               {w[0], w[1], w[2]});
        const Lab aim{p["aimed_lab"][0], p["aimed_lab"][1], p["aimed_lab"][2]};
        VERIFY_NEAR(deltaE2000(aim, lab), p["delta_e_2000"].get<double>(), 1e-12);
        const std::string html = reportToHtml(data);
        QVERIFY(html.find("Toy &lt;1&gt;") != std::string::npos);
        QVERIFY(html.find("<script") == std::string::npos);
        const CgatsTable table = parseCgats(validationToCgats(m_validation), "v");
        QCOMPARE(table.rows.size(), size_t(40));
        VERIFY_NEAR(cgatsNumber(table, 20, *table.column("DE_2000"), "v"),
                    p["delta_e_2000"].get<double>(), 1e-12);
    }

    void stateOfADisplay()
    {
        const DisplayState s = displayState(m_display.read(statePatches()), Aim{});
        QVERIFY(s.white && s.black && s.cct && s.gamma && s.greyBalance && s.srgbCoverage);
        VERIFY_NEAR(*s.contrast, s.white->Y / s.black->Y, 1e-9);
        QVERIFY(*s.gamma > 2.0 && *s.gamma < 2.3);
        QVERIFY(*s.greyBalance > 0.5); // uneven channels
    }

    void stateOfLittleIsEmptyNotZero()
    {
        const DisplayState s = displayState({}, Aim{});
        QVERIFY(!s.white && !s.cct && !s.gamma && !s.contrast && !s.greyBalance && !s.primaries);
        const DisplayState w = displayState({{{255, 255, 255}, {95, 100, 109}}}, Aim{});
        QVERIFY(w.white && w.cct && !w.gamma);
    }

    void gamutCoverageOfItselfAndOfNothing()
    {
        VERIFY_NEAR(gamutCoverage(kSrgbPrimaries, kSrgbPrimaries), 1, 1e-12);
        VERIFY_NEAR(gamutCoverage(kP3Primaries, kSrgbPrimaries), 1,
                    0.03); // P3 holds all but a corner of sRGB
        QVERIFY(gamutCoverage(kSrgbPrimaries, kP3Primaries) < 0.85);
        const PrimarySet elsewhere = {{{0.64, 0.33}, {0.65, 0.33}, {0.65, 0.34}}};
        VERIFY_BELOW(gamutCoverage(elsewhere, kSrgbPrimaries), 0.01);
        const PrimarySet turned = {
            {{0.15, 0.06}, {0.30, 0.60}, {0.64, 0.33}}}; // other direction round
        VERIFY_NEAR(gamutCoverage(turned, kSrgbPrimaries), 1, 1e-12);
    }

private:
    [[nodiscard]] Validation validated(const ToyDisplay &display,
                                       const std::string &tolerance = "studio") const
    {
        return validate({.referenceName = "Lantern 40",
                         .aimed = m_aimed,
                         .readings = display.read(validationPatches(m_aimed)),
                         .tolerance = toleranceByName(tolerance)});
    }

    ToyDisplay m_display;
    std::vector<uint8_t> m_icc;
    std::vector<AimedPatch> m_aimed;
    Validation m_validation;
};

namespace {
const lantern::test::Register<ValidationTest> registered("ValidationTest");
}

#include "validation_test.moc"
