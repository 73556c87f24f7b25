#include "run/engine_rig.h"
#include "runner.h"

#include <QTemporaryDir>

using namespace lantern;
using namespace lantern::run;
using lantern::test::EngineRig;

namespace {

/// Gives its last numbers again and again while it is stuck.
class Stuck : public BenchMeter {
public:
    Stuck(std::shared_ptr<BenchRig> rig, BenchEye *eye) : BenchMeter(std::move(rig), eye)
    {
        connect(this, &Meter::readingFinished, this,
                [this](Request, const XYZ &xyz) { m_last = xyz; });
    }
    bool stuck = false, mayStick = true;

protected:
    void read(const DeviceRgb &shown) override
    {
        if (!stuck) {
            BenchMeter::read(shown);
            return;
        }
        QMetaObject::invokeMethod(
            this, [this, asked = request()] { emit readingFinished(asked, m_last, 0.2); },
            Qt::QueuedConnection);
    }

private:
    XYZ m_last;
};

} // namespace

/// Readings that cannot be what they seem.
class DoubtedReadingsTest : public QObject {
    Q_OBJECT
private slots:
    void init() { m_folder = std::make_unique<QTemporaryDir>(); }

    /// Another program's LUT in mid-chart stops the run at the next reading; going on loads ours.
    void aForeignLutIsNoticedAndTakenOff()
    {
        EngineRig rig(logbook());
        rig.engine.setAutomatic(true);
        VideoLut foreign = VideoLut::identity();
        for (auto &entry : foreign.channels[2])
            entry = static_cast<uint16_t>(entry / 2);
        bool loaded = false;
        int readings = 0;
        rig.onStatus = [&](const RunStatus &s) {
            if (s.stage != Stage::Measure || s.activity != Activity::Working)
                return;
            readings = s.readingsDone;
            if (readings == 10 && !std::exchange(loaded, true))
                rig.lut.load(foreign);
        };
        rig.engine.begin(EngineRig::setup());
        QVERIFY(rig.waitFor(Activity::Faulted));
        QCOMPARE(readings, 10); // none was taken through it
        QVERIFY2(rig.status.message.contains(QLatin1String("Another program has loaded")),
                 qPrintable(rig.status.message));
        rig.engine.resume();
        QVERIFY(rig.waitFor(Activity::Finished)); // asked once
        QVERIFY(rig.lut.read() == rig.results.calibration->lut);
        VERIFY_BELOW(rig.results.validation->deltaE00.mean, 0.5);
    }

    /// A meter that sticks in mid-chart costs no reading but the one that told.
    void aMeterThatSticksIsNoticedAtOnce()
    {
        EngineRig rig(logbook());
        rig.engine.setAutomatic(true);
        Stuck meter(rig.rig, &rig.eye);
        rig.engine.setDevices(rig.devices(meter));
        int kept = 0;
        rig.onStatus = [&](const RunStatus &s) {
            if (s.stage == Stage::Measure && s.activity == Activity::Working) {
                kept = s.readingsDone;
                meter.stuck = meter.mayStick && kept >= 15;
            }
        };
        rig.engine.begin(EngineRig::setup());
        QVERIFY(rig.waitFor(Activity::Faulted));
        QCOMPARE(rig.status.fault, MeterFault::Stuck);
        QVERIFY2(kept <= 17, qPrintable(QString::number(kept)));
        meter.mayStick = meter.stuck = false;
        rig.engine.resume();
        QVERIFY(rig.waitFor(Activity::Finished));
        VERIFY_BELOW(rig.results.validation->deltaE00.mean, 0.5);
    }

    /// Readings that cannot have been of the patches make no profile without a plain question.
    void aProfileThatDoesNotFitItsReadingsIsAskedAbout()
    {
        EngineRig rig(logbook());
        rig.engine.setAutomatic(true);
        bool moved = false;
        rig.onStatus = [&](const RunStatus &s) { // the chart meets another display in parts
            if (s.stage == Stage::Measure && s.patch && !(*s.patch == DeviceRgb{255, 255, 255}))
                rig.rig->with([&](bench::Bench &b) {
                    b.condition().controls.redGain = (moved = !moved) ? 30 : 100;
                });
            else if (s.patch)
                rig.rig->with([](bench::Bench &b) { b.condition().controls.redGain = 100; });
        };
        rig.engine.begin(EngineRig::setup());
        QVERIFY(rig.waitFor(Activity::Faulted));
        QCOMPARE(rig.status.stage, Stage::Install);
        QVERIFY2(rig.status.message.contains(QLatin1String("do not fit the profile")),
                 qPrintable(rig.status.message));
        QVERIFY(rig.results.installedPath.isEmpty());
        rig.engine.resume(); // the person wants it all the same
        QVERIFY(rig.waitUntil([&] { return !rig.results.installedPath.isEmpty(); }));
    }

private:
    [[nodiscard]] QString logbook() const
    {
        return m_folder->filePath(QStringLiteral("log.sqlite"));
    }
    std::unique_ptr<QTemporaryDir> m_folder;
};

namespace {
const lantern::test::Register<DoubtedReadingsTest> registered("DoubtedReadingsTest");
}

#include "doubted_readings_test.moc"
