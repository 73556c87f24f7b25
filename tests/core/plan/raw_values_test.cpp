#include "core/base/error.h"
#include "core/plan/raw_values.h"
#include "runner.h"
#include "toy_display.h"

#include <cmath>
#include <functional>

namespace lantern::test {

namespace {

using Way = std::function<DeviceRgb(const DeviceRgb &)>;

DeviceRgb asItIs(const DeviceRgb &rgb)
{
    return rgb;
}

/// A compositor between program and panel: what it makes of code values, then the LUT.
struct Through {
    ToyDisplay panel;
    Way way = asItIs;
    bool lutWorks = true;

    /// Carries the plan out. \returns what it complained of; empty: nothing
    std::string run(RawValuesPlan &plan, int *asked = nullptr)
    {
        try {
            for (PlanStep step = plan.next(); !std::holds_alternative<Finished>(step);
                 step = plan.next()) {
                if (const auto *load = std::get_if<LoadLut>(&step)) {
                    if (lutWorks)
                        panel.lut = load->lut;
                    plan.acknowledge();
                } else if (std::holds_alternative<AskPerson>(step)) {
                    ++*asked;
                    plan.acknowledge();
                } else {
                    const DeviceRgb rgb = std::get<ReadPatch>(step).rgb;
                    plan.accept({rgb, panel.show(way(rgb))});
                }
            }
        } catch (const Error &e) {
            return e.what();
        }
        return {};
    }
};

/// In linear light by 2.2, as compositors do. \param mix rows of what red, green, blue become
DeviceRgb mixed(const DeviceRgb &rgb, const Mat3 &mix)
{
    const Vec3 light = (vec(rgb) / 255).array().pow(2.2);
    const Vec3 out = (mix * light).cwiseMax(0).cwiseMin(1).array().pow(1 / 2.2);
    return {std::round(255 * out[0]), std::round(255 * out[1]), std::round(255 * out[2])};
}

const Mat3 kSrgbOnP3 =
    (Mat3() << 0.8225, 0.1774, 0.0001, 0.0332, 0.9669, 0, 0.0171, 0.0724, 0.9105).finished();

} // namespace

class RawValuesTest : public QObject {
    Q_OBJECT
private slots:
    void rawValuesPass()
    {
        RawValuesPlan plan(RawProof::ByLut, {});
        QCOMPARE(plan.readingsLeft(), static_cast<int>(firstPatches().size()) + 5);
        Through all;
        QCOMPARE(all.run(plan), std::string());
        QVERIFY(all.panel.lut == VideoLut::identity()); // none stays behind
        QCOMPARE(plan.readings().size(), firstPatches().size());
        QCOMPARE(plan.readingsLeft(), 0);
        for (size_t i = 0; i < plan.readings().size(); ++i)
            QVERIFY(plan.readings()[i].rgb == firstPatches()[i]);
    }

    /// Without a proof it is the list of patches that it always was.
    void withoutAProofNothingIsAdded()
    {
        RawValuesPlan plan(RawProof::None, {});
        QCOMPARE(plan.readingsLeft(), static_cast<int>(firstPatches().size()));
        Through all;
        all.way = [](const DeviceRgb &rgb) { return mixed(rgb, kSrgbOnP3); };
        QCOMPARE(all.run(plan), std::string());
    }

    void convertedColoursAreFoundOut()
    {
        RawValuesPlan plan(RawProof::ByLut, {});
        Through all;
        all.way = [](const DeviceRgb &rgb) { return mixed(rgb, kSrgbOnP3); };
        const std::string said = all.run(plan);
        QVERIFY2(said.find("converts colours") != std::string::npos, said.c_str());
        QVERIFY(plan.readingsDone() <= 8); // before an hour is lost
    }

    /// One primary that differs is enough, whichever it is.
    void eachPrimaryCounts()
    {
        for (int c = 0; c < 3; ++c) {
            Mat3 mix = Mat3::Identity();
            mix(c, c) = 0.85;
            mix((c + 1) % 3, c) = 0.1;
            RawValuesPlan plan(RawProof::ByLut, {});
            Through all;
            all.way = [&](const DeviceRgb &rgb) { return mixed(rgb, mix); };
            const std::string said = all.run(plan);
            QVERIFY2(said.find("converts colours") != std::string::npos, said.c_str());
        }
    }

    void changedTonesAreFoundOut()
    {
        for (const double exponent : {0.7, 1.4}) {
            RawValuesPlan plan(RawProof::ByLut, {});
            Through all;
            all.way = [&](const DeviceRgb &rgb) {
                const Vec3 out = 255 * (vec(rgb) / 255).array().pow(exponent);
                return DeviceRgb{out[0], out[1], out[2]};
            };
            const std::string said = all.run(plan);
            QVERIFY2(said.find("changes tones") != std::string::npos, said.c_str());
        }
    }

    /// A tint, as of a night light, moves the middle of the scale.
    void aTintIsFoundOut()
    {
        RawValuesPlan plan(RawProof::ByLut, {});
        Through all;
        all.way = [](const DeviceRgb &rgb) { return DeviceRgb{rgb.r, rgb.g, 0.75 * rgb.b}; };
        QVERIFY(!all.run(plan).empty());
    }

    void aLutWithoutEffectIsFoundOut()
    {
        RawValuesPlan plan(RawProof::ByLut, {});
        Through all;
        all.lutWorks = false;
        const std::string said = all.run(plan);
        QVERIFY2(said.find("has no effect") != std::string::npos, said.c_str());
    }

    /// Where there is no LUT, only primaries that the display denies make the person be asked.
    void primariesAreHeldAgainstThoseClaimed()
    {
        const auto askedFor = [](const PrimarySet &claimed, const Way &way) {
            int asked = 0;
            RawValuesPlan plan(RawProof::ByPrimaries, claimed);
            Through all;
            all.panel.primaries = (Mat3() << 41.24, 35.76, 18.05, 21.26, 71.52, 7.22, 1.93, 11.92,
                                   95.05)
                                      .finished(); // sRGB's, IEC 61966-2-1
            all.panel.black = Vec3::Zero();
            all.panel.interaction = 0;
            all.way = way;
            if (!all.run(plan, &asked).empty() || plan.readings().size() != firstPatches().size())
                return -1;
            return asked;
        };
        QCOMPARE(askedFor(kP3Primaries, asItIs), 1);
        QCOMPARE(askedFor(kSrgbPrimaries, asItIs), 0);
        const Mat3 narrower = (Mat3() << 0.7, 0.2, 0.1, 0.1, 0.8, 0.1, 0.1, 0.1, 0.8).finished();
        QCOMPARE(askedFor(kP3Primaries, [&](const DeviceRgb &rgb) { return mixed(rgb, narrower); }),
                 0); // neither: an ageing panel
        int asked = 0;
        RawValuesPlan silent(RawProof::ByPrimaries, {}); // it claims nothing
        QCOMPARE(Through().run(silent, &asked), std::string());
        QCOMPARE(asked, 0);
    }
};

static const Register<RawValuesTest> registered("RawValuesTest");

} // namespace lantern::test

#include "raw_values_test.moc"
