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
    void stuckAt(const XYZ &xyz)
    {
        stuck = true;
        m_last = xyz;
    }

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

/// A screen far away: after it has come back it shows for some patches what it showed before, and
/// takes that for the patch.
class Far : public DirectPresenter {
public:
    using DirectPresenter::DirectPresenter;
    int behind = 0; ///< patches
    void comeBack(int late)
    {
        ++m_returns;
        behind = late;
    }
    [[nodiscard]] int returns() const override { return m_returns; }
    void show(Request request, const DeviceRgb &rgb,
              const std::optional<ScreenRegion> &region) override
    {
        m_shown = request;
        const bool isBehind = behind > 0 && behind--;
        DirectPresenter::show(request, isBehind ? DeviceRgb{28, 28, 28} : rgb, region);
    }
    void goAndComeBack(int late)
    {
        comeBack(late);
        emit lost(m_shown);
    }

private:
    int m_returns = 0;
    Request m_shown = 0;
};

/// An engine whose patches are shown by such a screen.
struct FarRig : EngineRig {
    explicit FarRig(const QString &logbook) : EngineRig(logbook)
    {
        Devices all = devices(farMeter);
        all.presenter = keptElsewhere(screen);
        engine.setDevices(all);
        engine.setAutomatic(true);
    }
    Far screen;
    DirectEye farEye{&screen};
    BenchMeter farMeter{rig, &farEye};
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

    /// A light sensor turns a laptop's panel in the midst of a chart: told, and set back.
    void brightnessTurnedByOthersIsNoticed()
    {
        EngineRig rig(logbook(), "field-laptop.json");
        rig.engine.setAutomatic(true);
        RunSetup setup = EngineRig::setup();
        setup.startControls.reset();
        setup.controls = rig.controls.capabilities();
        bool turned = false;
        rig.onStatus = [&](const RunStatus &s) {
            if (s.stage == Stage::Measure && s.readingsDone == 12 && !std::exchange(turned, true))
                rig.rig->with([](bench::Bench &b) { b.condition().controls.brightness = 90; });
        };
        rig.engine.begin(setup);
        QVERIFY(rig.waitFor(Activity::Faulted));
        QVERIFY2(rig.status.message.contains(QLatin1String("to 90")),
                 qPrintable(rig.status.message));
        QCOMPARE(rig.status.readingsDone, 12);
        const double ours = rig.results.controls->brightness;
        rig.engine.resume();
        QVERIFY(rig.waitFor(Activity::Finished));
        QCOMPARE(rig.controls.read()->brightness, ours);
        VERIFY_BELOW(rig.results.validation->reachable.mean, 0.6);
    }

    /// No display shines so.
    void lightThatNoDisplayHasIsNone()
    {
        EngineRig rig(logbook());
        Stuck meter(rig.rig, &rig.eye);
        meter.stuckAt({28'000, 30'000, 31'000});
        rig.engine.setDevices(rig.devices(meter));
        rig.engine.setAutomatic(true);
        rig.engine.begin(EngineRig::setup());
        QVERIFY(rig.waitFor(Activity::Faulted));
        QCOMPARE(rig.status.fault, MeterFault::Garbage);
        QCOMPARE(rig.status.readingsDone, 0);
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

    /// A page that comes back may be behind what it says: nothing that is read then counts, and the
    /// run ends as one whose screen never went.
    void whatAScreenShowedBeforeItCameBackIsNotRead()
    {
        const auto finish = [&](const char *name, bool goes) {
            FarRig rig(m_folder->filePath(QLatin1String(name)));
            int times = 0, seen = 0;
            rig.onStatus = [&](const RunStatus &s) {
                if (!goes || s.activity != Activity::Working || s.readingsDone == seen ||
                    (s.stage != Stage::Measure && s.stage != Stage::Validate) ||
                    s.readingsDone % 7 != 3)
                    return;
                seen = s.readingsDone;
                const int late = times++ % 6;
                if (times % 2 == 0)
                    rig.screen.comeBack(late);
                else
                    QMetaObject::invokeMethod(
                        &rig.screen, [&rig, late] { rig.screen.goAndComeBack(late); },
                        Qt::QueuedConnection);
            };
            rig.engine.begin(EngineRig::setup());
            std::vector<Reading> all;
            if (rig.waitFor(Activity::Finished)) {
                all = rig.results.chart;
                for (const ValidatedPatch &p : rig.results.validation->patches)
                    all.push_back({p.aimed.rgb, p.measured, 0});
            }
            return std::pair{all, times};
        };
        const auto [quiet, never] = finish("quiet.sqlite", false);
        const auto [disturbed, times] = finish("disturbed.sqlite", true);
        QCOMPARE(never, 0);
        QVERIFY2(times >= 8, qPrintable(QString::number(times)));
        QVERIFY(quiet.size() > 60);
        QCOMPARE(disturbed.size(), quiet.size());
        for (size_t i = 0; i < quiet.size(); ++i) {
            QVERIFY(disturbed[i].rgb == quiet[i].rgb);
            VERIFY_NEAR(disturbed[i].xyz.Y, quiet[i].xyz.Y, 0.02 + 0.01 * quiet[i].xyz.Y);
        }
    }

    void aScreenThatNeverFollowsStopsTheRun()
    {
        FarRig rig(logbook());
        bool went = false;
        rig.onStatus = [&](const RunStatus &s) {
            if (s.stage == Stage::Measure && s.readingsDone == 9 && !std::exchange(went, true))
                rig.screen.comeBack(1'000'000);
        };
        rig.engine.begin(EngineRig::setup());
        QVERIFY(rig.waitFor(Activity::Faulted));
        QCOMPARE(rig.status.fault, MeterFault::OffPatch);
        QVERIFY2(rig.status.readingsDone <= 10,
                 qPrintable(QString::number(rig.status.readingsDone)));
        rig.screen.behind = 0;
        rig.engine.resume();
        QVERIFY(rig.waitFor(Activity::Finished));
        VERIFY_BELOW(rig.results.validation->deltaE00.mean, 0.5);
    }

    /// Stuck at numbers that no patch before it gave: the first reading with them looks like any
    /// other. It is taken back, and the run ends as one whose meter never stuck.
    void whatAStuckMeterSaidFirstIsTakenBack()
    {
        const auto finish = [&](const char *name, bool sticks) {
            EngineRig rig(m_folder->filePath(QLatin1String(name)));
            rig.engine.setAutomatic(true);
            Stuck meter(rig.rig, &rig.eye);
            rig.engine.setDevices(rig.devices(meter));
            int times = 0;
            rig.onStatus = [&](const RunStatus &s) {
                if (sticks && s.stage == Stage::Measure && s.activity == Activity::Working &&
                    meter.mayStick && s.readingsDone % 10 == 5) {
                    meter.stuckAt(XYZ{20.0 + times, 21, 22});
                    ++times;
                }
                if (s.activity == Activity::Faulted) {
                    meter.stuck = false;
                    meter.mayStick = times < 3;
                    QMetaObject::invokeMethod(
                        &rig.engine, [&] { rig.engine.resume(); }, Qt::QueuedConnection);
                }
            };
            rig.engine.begin(EngineRig::setup());
            const bool finished = rig.waitFor(Activity::Finished);
            return std::pair{finished ? rig.results.chart : std::vector<Reading>{}, times};
        };
        const auto [quiet, never] = finish("quiet.sqlite", false);
        const auto [stuck, times] = finish("stuck.sqlite", true);
        QCOMPARE(never, 0);
        QVERIFY(times >= 3);
        QCOMPARE(stuck.size(), quiet.size());
        for (size_t i = 0; i < quiet.size(); ++i) {
            QVERIFY(stuck[i].rgb == quiet[i].rgb);
            VERIFY_NEAR(stuck[i].xyz.Y, quiet[i].xyz.Y, 0.02 + 0.01 * quiet[i].xyz.Y);
        }
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
