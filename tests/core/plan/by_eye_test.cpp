#include "core/aim/display_state.h"
#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/plan/by_eye.h"
#include "core/profile/profile_file.h"
#include "runner.h"

namespace lantern::test {

class ByEyeTest : public QObject {
    Q_OBJECT

private slots:
    void halfLightTellsGamma()
    {
        // (186.08 / 255)^2.2 = 0.5
        VERIFY_NEAR(gammaOfHalfLight(255 * std::pow(0.5, 1 / 2.2)), 2.2, 1e-12);
        VERIFY_NEAR(gammaOfHalfLight(255 * std::pow(0.5, 1 / 1.8)), 1.8, 1e-12);
        VERIFY_ERROR(gammaOfHalfLight(0), "not between");
        VERIFY_ERROR(gammaOfHalfLight(255), "not between");
    }

    void theLutBringsEachChannelToTheAim()
    {
        EyeFindings found;
        found.halfLight = {255 * std::pow(0.5, 1 / 1.9), 255 * std::pow(0.5, 1 / 2.2),
                           255 * std::pow(0.5, 1 / 2.5)};
        Aim aim;
        aim.tone = GammaTone{2.2};
        const VideoLut lut = lutByEye(found, aim);
        QVERIFY(lut.isMonotonic());
        const std::array native = {1.9, 2.2, 2.5};
        for (int c = 0; c < 3; ++c)
            for (const double v : {0.2, 0.5, 0.8})
                VERIFY_NEAR(std::pow(lut.evaluate(c, v), native[static_cast<size_t>(c)]),
                            std::pow(v, 2.2), 2e-3);
    }

    void balanceTakesLightOffAChannel()
    {
        EyeFindings found;
        found.balance = Vec3(1, 0.9, 0.8);
        const VideoLut lut = lutByEye(found, Aim{});
        const double gamma = gammaOfHalfLight(found.halfLight[2]);
        VERIFY_NEAR(std::pow(lut.evaluate(2, 1), gamma), 0.8, 1e-3);
        QCOMPARE(lut.channels[0][255], uint16_t(65535));
    }

    void tintsTakeLightOffTheOtherChannels()
    {
        QVERIFY(balanceOfTints(0, 0) == Vec3::Ones());
        const Vec3 red = balanceOfTints(1, 0);
        QCOMPARE(red[0], 1.0);
        QVERIFY(red[1] < red[2] && red[2] < 1); // green most, blue a little
        const Vec3 yellow = balanceOfTints(0, -1);
        QCOMPARE(yellow[0], 1.0);
        QCOMPARE(yellow[1], 1.0);
        QVERIFY(yellow[2] < 0.9);
        EyeFindings found;
        found.halfLight = {127.5, 127.5, 127.5}; // gamma 1: codes are light
        found.balance = yellow;
        VERIFY_NEAR(codesForBalance(found)[2], yellow[2], 1e-12);
    }

    void theProfileSaysHowItWasMade()
    {
        ProfileRequest request;
        request.name = "Field laptop by eye";
        const BuiltProfile built =
            profileByEye(EyeFindings{}, Aim{}, kSrgbPrimaries, {0.3127, 0.3290}, request);
        const ProfileFile profile(built.icc, "by eye");
        QVERIFY(profile.videoLut().has_value());
        const std::string bytes(built.icc.begin(), built.icc.end());
        // The dictionary is UTF-16.
        std::string wide;
        for (const char c : std::string("by eye"))
            wide += std::string(1, '\0') + c;
        QVERIFY(bytes.find(wide) != std::string::npos);
        // sRGB red in PCS Lab, by IEC 61966-2-1 and Bradford: L* 54.29, a* 80.81, b* 69.89.
        const Lab red = profile.toLab({255, 0, 0});
        VERIFY_BELOW(deltaE2000(red, {54.29, 80.81, 69.89}), 0.5);
        VERIFY_ERROR(profileByEye(EyeFindings{}, Aim{}, PrimarySet{}, {0.3127, 0.3290}, request),
                     "primaries");
    }
};

static const Register<ByEyeTest> registered("ByEyeTest");

} // namespace lantern::test

#include "by_eye_test.moc"
