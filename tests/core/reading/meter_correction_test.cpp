#include "core/base/error.h"
#include "core/reading/meter_correction.h"
#include "core/reading/stray_light.h"
#include "runner.h"
#include "toy_display.h"

#include <nlohmann/json.hpp>

#include <cmath>
#include <numbers>

using namespace lantern;

class MeterCorrectionTest : public QObject {
    Q_OBJECT
private slots:
    /// Ohno and Hardis 1997: afterwards the four colours have the reference's chromaticities, and
    /// white its luminance.
    void meetsItsFourColours()
    {
        const Mat3 m = correctionMatrix(meter(), "meter", display.read(patches), "reference");
        for (size_t i = 0; i < patches.size(); ++i) {
            const XYZ got = toXyz(m * vec(meter()[i].xyz));
            VERIFY_BELOW(deltaUvPrime(uvPrime(got), uvPrime(display.show(patches[i]))), 1e-9);
        }
        const XYZ white = toXyz(m * vec(meter()[3].xyz));
        VERIFY_NEAR(white.Y, display.show({255, 255, 255}).Y, 1e-9);
    }

    void missingColoursAreNamed()
    {
        auto few = meter();
        few.erase(few.begin() + 1);
        VERIFY_ERROR(correctionMatrix(few, "m.cgats", display.read(patches), "r"), "green");
        VERIFY_ERROR(correctionMatrix(few, "m.cgats", display.read(patches), "r"), "m.cgats");
        auto flat = meter();
        for (Reading &r : flat)
            r.xyz = {10, 10, 10};
        VERIFY_ERROR(correctionMatrix(flat, "m", display.read(patches), "r"), "same colour");
    }

    void filesComeBackTheSame()
    {
        MeterCorrection c{"Reed R-0117",
                          "Heron",
                          "led-wide",
                          "North desk",
                          "2026-11-25T08:00:00Z",
                          correctionMatrix(meter(), "m", display.read(patches), "r")};
        const MeterCorrection back = correctionFromJson(correctionToJson(c), "c.json");
        QCOMPARE(back.matrix, c.matrix);
        QCOMPARE(back.technology, c.technology);
        Json broken = correctionToJson(c);
        broken["matrix"][4] = 900;
        VERIFY_ERROR(correctionFromJson(broken, "c.json"), "matrix");
        broken = correctionToJson(c);
        broken["colour"] = "red";
        VERIFY_ERROR(correctionFromJson(broken, "c.json"), "colour");
        broken = correctionToJson(c);
        for (auto &v : broken["matrix"])
            v = 0;
        VERIFY_ERROR(correctionFromJson(broken, "c.json"), "inside out");
    }

    /// L = reflectance * E / pi for a diffuse surface (any photometry handbook).
    void roomLightIsAdded()
    {
        const StrayLight s = StrayLight::fromRoom(200, 0.02, {0.3457, 0.3585});
        VERIFY_NEAR(s.reflected.Y, 200 * 0.02 / std::numbers::pi, 1e-12);
        VERIFY_NEAR(s.contrast(120, 0.12), (120 + s.reflected.Y) / (0.12 + s.reflected.Y), 1e-12);
        const auto contact = display.read(patches);
        const auto distant = s.seen(contact);
        const StrayLight found = StrayLight::fromReadings(contact, distant, "distant");
        VERIFY_NEAR(found.reflected.Y, s.reflected.Y, 1e-9);
        VERIFY_ERROR(StrayLight::fromReadings({}, distant, "far.cgats"), "far.cgats");
    }

private:
    /// The same display through skewed filters.
    [[nodiscard]] std::vector<Reading> meter() const
    {
        Mat3 skew;
        skew << 1.02, 0.03, -0.01, -0.02, 0.98, 0.01, 0.0, 0.05, 0.93;
        auto readings = display.read(patches);
        for (Reading &r : readings)
            r.xyz = toXyz(skew * vec(r.xyz));
        return readings;
    }

    lantern::test::ToyDisplay display;
    std::vector<DeviceRgb> patches = {{255, 0, 0}, {0, 255, 0}, {0, 0, 255}, {255, 255, 255}};
};

namespace {
const lantern::test::Register<MeterCorrectionTest> registered("MeterCorrectionTest");
}

#include "meter_correction_test.moc"
