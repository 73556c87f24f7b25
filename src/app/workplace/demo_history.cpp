// What was done at the demo's desks in the year before.

#include "app/workplace/demo_setup.h"
#include "app/workplace/demo_workplace.h"
#include "run/engine/run_engine.h"

#include <nlohmann/json.hpp>

#include <QEventLoop>
#include <QFile>
#include <QFileInfo>
#include <QThread>

#include <map>

namespace lantern::app {

run::RunSetup demoSetup(bench::Bench &b)
{
    const auto &d = b.display().description();
    run::RunSetup s;
    s.displayId = d.id;
    s.displayName = d.name;
    s.serial = d.serial;
    s.technology = b.technology();
    s.meterName = b.meter().description().name;
    s.correction = b.meter().description().isReference() ? "" : "corrected for " + b.technology();
    s.correctionKind =
        b.meter().description().isReference() ? CorrectionKind::None : CorrectionKind::Technology;
    s.controls = {true, d.hasRgbGains, 100.0 / d.brightnessLevels};
    s.adjust = d.remoteControls ? run::AdjustMode::Automatic
               : d.hasRgbGains  ? run::AdjustMode::ByHand
                                : run::AdjustMode::Skip;
    if (d.remoteControls)
        s.startControls = b.condition().controls;
    s.linkBits = d.linkBits;
    s.seed = kDemoSeed;
    return s;
}

namespace {

/// Something that was done at the demo's desks in the year before.
struct Earlier {
    int daysAgo;
    const char *file;
    run::RunKind kind;
    const char *note = "";
    bool nightLight = false;
    bool evened = false; ///< by the monitor itself
    /// Picture mode, by its number at the monitor; below 0: the plain one.
    int mode = -1;
};

/// The South desk ages; once the night light was left on; the meter was exchanged.
constexpr auto kCalibrated = run::RunKind::Calibration;
constexpr auto kProved = run::RunKind::Validation;
constexpr auto kEven = run::RunKind::Evenness;
constexpr auto kMode = run::RunKind::Mode;
constexpr Earlier kYear[] = {
    {372, "south-desk.json", kCalibrated, "New on this desk"},
    {366, "north-desk.json", kMode},
    {366, "north-desk.json", kMode, "", false, false, 0},
    {366, "north-desk.json", kMode, "", false, false, 1},
    {366, "north-desk.json", kMode, "", false, false, 2},
    {365, "north-desk.json", kCalibrated},
    {364, "north-desk.json", kEven},
    {363, "south-desk.json", kEven},
    {341, "south-desk.json", kProved},
    {310, "south-desk.json", kProved},
    {300, "north-desk.json", kProved},
    {279, "south-desk.json", kProved},
    {250, "south-desk.json", kProved, "Darker than in spring"},
    {246, "south-desk.json", kCalibrated},
    {240, "north-desk.json", kProved},
    {214, "south-desk.json", kProved},
    {183, "south-desk.json", kProved},
    {180, "north-desk.json", kCalibrated},
    {152, "south-desk.json", kProved, "Last with Curlew, its certificate has run out"},
    {149, "south-desk.json", kProved, "First with Reed"},
    {120, "north-desk.json", kProved},
    {96, "south-desk.json", kProved, "The night light was on", true},
    {95, "south-desk.json", kProved, "Again, without it"},
    {80, "north-desk.json", kProved},
    {64, "south-desk.json", kProved},
    {34, "north-desk.json", kCalibrated},
    {34, "north-desk.json", kEven, "With its own evening out", false, true},
    {33, "north-desk.json", kEven},
    {33, "south-desk.json", kProved, "Time for another calibration"},
    {12, "south-desk.json", kCalibrated},
    {11, "south-desk.json", kEven},
};

constexpr int kMeterExchanged = 150; // days ago

/// Hours that it had been on by then.
double hoursOn(const Earlier &e)
{
    const bool south = std::string_view(e.file) == "south-desk.json";
    return south ? 9700 - 10.0 * (e.daysAgo - 12) : 1050 - 2.2 * (e.daysAgo - 34);
}

/// Of the first meter; it ran out in the midst of the year.
Certificate oldCertificate()
{
    const auto on = [](int daysAgo) {
        return QDate::currentDate().addDays(-daysAgo).toString(Qt::ISODate).toStdString();
    };
    Certificate c;
    c.meter = "Curlew";
    c.serial = "C-0417";
    c.laboratory = "Harbour Lane Calibration (made up)";
    c.number = "HL-2025-031";
    c.issued = on(kMeterExchanged + 367);
    c.due = on(kMeterExchanged + 2);
    c.lights[Certificate::kAnyLight] = {0.02, 0.002, 0.002};
    return c;
}

/// What a display was left with by its last calibration.
struct Left {
    QByteArray profile;
    VideoLut lut = VideoLut::identity();
    MonitorControls controls;
};

/// Does it on the bench, into the logbook.
void carryOut(const Earlier &e, const QString &logbookPath, std::map<std::string, Left> &displays)
{
    auto description =
        bench::displayFromJson(parseJson(bench::builtInText(e.file), e.file), e.file);
    description.hours = hoursOn(e);
    description.remoteControls = true; // somebody turned them that day
    auto reader = bench::builtInMeter("colorimeter");
    const bool withCurlew = e.daysAgo > kMeterExchanged;
    if (withCurlew)
        reader.name = "Curlew";
    bench::Bench b(description, e.file, reader, "", kDemoSeed + static_cast<uint64_t>(e.daysAgo));
    const bool proves = e.kind != kCalibrated;
    if (const auto left = displays.find(e.file); left != displays.end())
        b.condition().controls = left->second.controls;
    if (e.nightLight)
        b.condition().nightLight = Vec3(1, 0.93, 0.82);
    run::RunSetup setup = demoSetup(b);
    setup.kind = e.kind;
    if (withCurlew)
        setup.certificate = oldCertificate();
    setup.aim = aimPresets().front();
    if (proves)
        setup.adjust = run::AdjustMode::Skip;
    b.condition().evened = e.evened;
    if (e.kind == run::RunKind::Mode)
        setup.pictureMode = "User colour";
    if (e.mode >= 0) {
        b.condition().mode = static_cast<size_t>(e.mode);
        setup.pictureMode = b.display().description().modes[*b.condition().mode].name;
    }
    setup.evenness.grid = {5, 3};
    if (b.display().description().eveningResidual)
        setup.evenness.compensation = e.evened ? run::Compensation::On : run::Compensation::Off;
    setup.chartPatches = e.daysAgo < 40 ? 96 : 48;
    setup.startedAt =
        QDateTime::currentDateTimeUtc().addDays(-e.daysAgo).toString(Qt::ISODate).toStdString();
    const auto rig = std::make_shared<run::BenchRig>(std::move(b));
    run::DirectPresenter presenter;
    run::DirectEye eye(&presenter);
    run::BenchMeter meter(rig, &eye);
    run::BenchControls controls(rig);
    run::BenchLut lut(rig);
    run::BenchMover mover(rig);
    if (e.kind == run::RunKind::Evenness)
        eye.watchPlace(rig);
    FolderStore store(QFileInfo(logbookPath).path() + QStringLiteral("/profiles"));
    if (const auto left = displays.find(e.file); proves && left != displays.end()) {
        lut.load(left->second.lut);
        store.declare(left->second.profile);
    }
    run::RunEngine engine(logbookPath);
    engine.setDevices({run::keptElsewhere(meter), run::keptElsewhere(presenter),
                       run::keptElsewhere(controls), run::keptElsewhere(lut),
                       run::keptElsewhere(store), nullptr, run::keptElsewhere(mover)});
    engine.setAutomatic(true);
    run::RunStatus status;
    run::RunResults results;
    QEventLoop loop;
    QObject::connect(&engine, &run::RunEngine::failed, &loop, &QEventLoop::quit);
    QObject::connect(&engine, &run::RunEngine::resultsChanged, &loop,
                     [&](const run::RunResults &r) { results = r; });
    QObject::connect(&engine, &run::RunEngine::statusChanged, &loop, [&](const run::RunStatus &s) {
        status = s;
        if (s.activity == run::Activity::Finished || s.activity == run::Activity::Faulted ||
            s.activity == run::Activity::Blocked)
            loop.quit();
    });
    QMetaObject::invokeMethod(
        &engine, [&] { engine.begin(setup); }, Qt::QueuedConnection);
    loop.exec();
    if (*e.note)
        engine.setNote(status.run, QString::fromLatin1(e.note));
    if (!proves && results.calibration)
        displays[e.file] = {
            results.profile, results.calibration->lut,
            rig->with([](bench::Bench &done) { return done.condition().controls; })};
}

} // namespace

void DemoWorkplace::makeHistory(const QString &finishedPath)
{
    // Half a history would never be made whole: it counts when it is complete.
    const QString logbookPath = finishedPath + QStringLiteral(".making");
    for (const char *suffix : {"", "-wal", "-shm"})
        QFile::remove(logbookPath + QLatin1String(suffix));
    std::map<std::string, Left> displays;
    for (const Earlier &e : kYear) {
        if (QThread::currentThread()->isInterruptionRequested())
            return;
        carryOut(e, logbookPath, displays);
    }
    QFile::rename(logbookPath, finishedPath);
    for (const char *suffix : {".lock", "-wal", "-shm"})
        QFile::remove(logbookPath + QLatin1String(suffix));
}

} // namespace lantern::app
