#include "bench/plan_runner.h"
#include "core/judge/picture_modes.h"
#include "runner.h"

#include <nlohmann/json.hpp>

namespace lantern::test {

namespace {

bench::DisplayDescription north()
{
    const char *file = "north-desk.json";
    return bench::displayFromJson(parseJson(bench::builtInText(file), file), file);
}

ReadMode read(bench::Bench &b, const std::string &name)
{
    PatchListPlan plan(modePatches());
    bench::carryOut(plan, b, bench::learnSettling(b));
    return {name, plan.readings()};
}

/// The monitor's own four, the plain one as "User".
std::vector<ReadMode> allModes(const char *meter)
{
    std::vector<ReadMode> modes;
    const auto display = north();
    for (int i = -1; i < static_cast<int>(display.modes.size()); ++i) {
        bench::Bench b(display, "north", bench::builtInMeter(meter), "", 21);
        if (i >= 0)
            b.condition().mode = static_cast<size_t>(i);
        modes.push_back(read(b, i < 0 ? "User" : display.modes[static_cast<size_t>(i)].name));
    }
    return modes;
}

const ModeWorth &of(const std::vector<ModeWorth> &modes, const std::string &name)
{
    return *std::ranges::find(modes, name, &ModeWorth::name);
}

} // namespace

/// A monitor's modes, told apart by what was read of them.
class PictureModesTest : public QObject {
    Q_OBJECT
private slots:
    void theOneToStartFromDependsOnTheAim_data()
    {
        QTest::addColumn<QByteArray>("meter");
        QTest::newRow("reference") << QByteArray("reference");
        QTest::newRow("colorimeter") << QByteArray("colorimeter");
    }

    void theOneToStartFromDependsOnTheAim()
    {
        QFETCH(QByteArray, meter);
        const auto modes = allModes(meter.constData());
        Aim photo;
        photo.luminanceCdM2 = 120;
        const auto forPhoto = judgeModes(modes, photo);
        QCOMPARE(forPhoto.front().name, std::string("User"));
        // A mode that works on colours is told by its mixtures; the plain one adds up.
        VERIFY_BELOW(*of(forPhoto, "User").additivity, 1.0);
        QVERIFY2(*of(forPhoto, "Vivid").additivity > 2.5,
                 qPrintable(QString::number(*of(forPhoto, "Vivid").additivity)));
        QVERIFY(of(forPhoto, "sRGB").coverage < 0.95);
        QCOMPARE(of(forPhoto, "User").coverage, 1.0);
        // One that is yellow is far from the white, and gives less light at it.
        QVERIFY(*of(forPhoto, "Reading").state.deltaUv > 0.02);
        QVERIFY(of(forPhoto, "Reading").luminance < 0.9 * of(forPhoto, "User").luminance);
        QVERIFY(!of(forPhoto, "Vivid").against.empty());
        QVERIFY(of(forPhoto, "Vivid").lost > forPhoto.front().lost + 5);
    }

    void moreLightThanAModeHasSpeaksAgainstIt()
    {
        const auto modes = allModes("reference");
        Aim bright;
        bright.luminanceCdM2 = 1000;
        const auto judged = judgeModes(modes, bright);
        for (const ModeWorth &worth : judged)
            QVERIFY2(worth.against.front().inEnglish().find("1000 are wanted") != std::string::npos,
                     worth.against.front().inEnglish().c_str());
        // And so does a contrast that none has.
        Aim deep;
        deep.contrastRatio = 5000;
        const auto of5000 = judgeModes(modes, deep);
        QVERIFY(std::ranges::any_of(of5000.front().against, [](const Message &reason) {
            return reason.inEnglish().find("5000:1 is wanted") != std::string::npos;
        }));
    }

    /// Black is no part of what a channel adds.
    void aPlainDisplayAddsUpWhateverItsBlack()
    {
        Mat3 channels;
        channels << 41, 36, 18, 21, 72, 7, 2, 12, 95;
        ReadMode mode{"Plain", {}};
        for (const DeviceRgb &rgb : modePatches()) {
            const Vec3 drive = (vec(rgb) / 255).array().pow(2.2);
            mode.readings.push_back({rgb, toXyz(channels * drive + Vec3(4, 5, 6))});
        }
        VERIFY_BELOW(*judgeModes({mode}, Aim{}).front().additivity, 1e-6);
    }

    void whatWasNotReadIsNotJudged()
    {
        const auto judged = judgeModes({{"Empty", {}}}, Aim{});
        QCOMPARE(judged.size(), 1U);
        QVERIFY(!judged.front().additivity);
        QVERIFY(judgeModes({}, Aim{}).empty());
    }

    void itTakesHalfAMinute()
    {
        bench::Bench b(north(), "north", bench::builtInMeter("colorimeter"), "", 3);
        const Settling settling = bench::learnSettling(b);
        const double before = b.clockSeconds();
        PatchListPlan plan(modePatches());
        bench::carryOut(plan, b, settling);
        QVERIFY2(b.clockSeconds() - before < 60,
                 qPrintable(QString::number(b.clockSeconds() - before)));
    }
};

static const Register<PictureModesTest> registered("PictureModesTest");

} // namespace lantern::test

#include "picture_modes_test.moc"
