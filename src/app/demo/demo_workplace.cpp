#include "app/demo/demo_workplace.h"

#include "core/error.h"

#include <QCoreApplication>
#include <QEventLoop>
#include <QFileInfo>
#include <QGuiApplication>
#include <QLocale>

#include <array>
#include <cmath>
#include <map>

namespace lantern::app {

namespace {

constexpr std::array kDisplayFiles = {"north-desk.json", "south-desk.json", "field-laptop.json"};
constexpr uint64_t kDemoSeed = 20;
constexpr double kWarmMinutes = 30; // common practice: 15 to 30 minutes

bench::Bench makeBench(const std::string &file, const std::string &meterKind)
{
    return bench::Bench(bench::displayFromJson(parseJson(bench::builtInText(file), file), file),
                        file, bench::builtInMeter(meterKind), "", kDemoSeed);
}

/// "north-desk" becomes "North desk".
QString placeName(const std::string &id)
{
    QString name = QString::fromStdString(id).replace(QLatin1Char('-'), QLatin1Char(' '));
    name[0] = name[0].toUpper();
    return name;
}

QString technologyName(const std::string &technology)
{
    if (technology == "led-wide")
        return QCoreApplication::translate("DemoWorkplace", "wide gamut");
    if (technology == "led-phosphor")
        return QCoreApplication::translate("DemoWorkplace", "white LED");
    return QString::fromStdString(technology);
}

run::RunSetup setupOf(bench::Bench &b)
{
    const auto &d = b.display().description();
    run::RunSetup s;
    s.displayId = d.id;
    s.displayName = d.name;
    s.serial = d.serial;
    s.technology = b.technology();
    s.meterName = b.meter().description().name;
    s.correction = b.meter().description().isReference() ? "" : "corrected for " + b.technology();
    s.controls = {true, d.hasRgbGains};
    s.adjust = d.remoteControls ? run::AdjustMode::Automatic
               : d.hasRgbGains  ? run::AdjustMode::ByHand
                                : run::AdjustMode::Skip;
    if (s.adjust != run::AdjustMode::Skip)
        s.startControls = b.condition().controls;
    s.linkBits = d.linkBits;
    s.seed = kDemoSeed;
    return s;
}

/// A folder without a display server: installs the file, remembers it as the one in use.
class FolderStore : public run::ProfileStore {
public:
    explicit FolderStore(QString folder) : m_folder(std::move(folder)) {}
    QString install(const QByteArray &icc, const QString &name) override
    {
        const QString path = platform::writeProfileFile(m_folder, name, icc);
        m_inUse = icc;
        return path;
    }
    QByteArray inUse() override { return m_inUse; }

private:
    QString m_folder;
    QByteArray m_inUse;
};

} // namespace

ScreenEye::ScreenEye(PatchWindow *window, std::shared_ptr<run::BenchRig> rig,
                     run::VideoLutDevice *lut, QObject *parent)
    : BenchEye(parent), m_window(window), m_rig(std::move(rig)), m_lut(lut)
{}

void ScreenEye::look()
{
    QMetaObject::invokeMethod(this, &ScreenEye::lookHere, Qt::QueuedConnection);
}

void ScreenEye::lookHere()
{
    const QImage image = m_window->isVisible() ? m_window->seen() : QImage();
    std::map<QRgb, int> counts;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            ++counts[image.pixel(x, y)];
    bench::Bench::SeenColours seen;
    const double area = static_cast<double>(image.width()) * image.height();
    for (const auto &[rgb, count] : counts)
        seen.emplace_back(DeviceRgb{static_cast<double>(qRed(rgb)),
                                    static_cast<double>(qGreen(rgb)),
                                    static_cast<double>(qBlue(rgb))},
                          count / area);
    if (m_lut) {
        try {
            const VideoLut lut = m_lut->read();
            m_rig->with([&](bench::Bench &b) { b.condition().lut = lut; });
        } catch (const Error &) {
            seen.clear(); // the output is gone, and so is what the meter could see
        }
    }
    emit looked(seen);
}

DemoWorkplace::DemoWorkplace(QObject *parent)
    : Workplace(parent),
      m_patch(std::make_unique<PatchWindow>()),
      m_presenter(std::make_unique<WindowPresenter>(m_patch.get()))
{
    if (QGuiApplication::platformName() == QLatin1String("xcb"))
        m_outputs = platform::x11Outputs();
    makePlaces();
    if (!m_outputs.empty())
        m_lutBefore = m_places.front().lut->read();
}

DemoWorkplace::~DemoWorkplace()
{
    // The displays were simulated, the output was real: leave it as it was found.
    if (m_lutBefore) {
        try {
            m_places.front().lut->load(*m_lutBefore);
            m_declared->declare({});
        } catch (const Error &) {
            // the display server went first; nothing is left to put back
        }
    }
}

void DemoWorkplace::makePlaces()
{
    m_places.clear();
    if (!m_outputs.empty())
        m_declared = std::make_unique<platform::X11ProfileStore>(m_outputs.front(),
                                                                 platform::userProfileFolder());
    for (const char *file : kDisplayFiles) {
        Place place;
        place.rig = std::make_shared<run::BenchRig>(makeBench(file, m_meterKind));
        makeDevices(place);
        m_places.push_back(std::move(place));
    }
}

void DemoWorkplace::makeDevices(Place &place)
{
    place.controls = std::make_unique<run::BenchControls>(place.rig);
    if (m_outputs.empty()) {
        place.engineLut = std::make_unique<run::BenchLut>(place.rig);
        place.lut = std::make_unique<run::BenchLut>(place.rig);
        place.store = std::make_unique<FolderStore>(platform::userProfileFolder());
    } else {
        const platform::X11Output &output = m_outputs.front();
        place.engineLut = std::make_unique<platform::X11VideoLut>(output);
        place.lut = std::make_unique<platform::X11VideoLut>(output);
        place.store =
            std::make_unique<platform::X11ProfileStore>(output, platform::userProfileFolder());
    }
    place.eye = std::make_unique<ScreenEye>(m_patch.get(), place.rig,
                                            m_outputs.empty() ? nullptr : place.lut.get());
}

std::vector<DisplayCard> DemoWorkplace::displays() const
{
    std::vector<DisplayCard> cards;
    for (const Place &place : m_places)
        place.rig->with([&](bench::Bench &b) {
            const auto &d = b.display().description();
            DisplayCard card;
            card.id = QString::fromStdString(d.id);
            card.name = placeName(d.id);
            card.model = QString::fromStdString(d.name);
            card.detail = tr("%1 in %2")
                              .arg(std::round(std::hypot(d.sizeMm[0], d.sizeMm[1]) / 25.4))
                              .arg(technologyName(d.technology));
            card.pixels = {d.pixels[0], d.pixels[1]};
            card.sizeMm = {d.sizeMm[0], d.sizeMm[1]};
            card.origin = {d.origin[0], d.origin[1]};
            card.remoteControls = d.remoteControls;
            card.gains = d.hasRgbGains;
            cards.push_back(card);
        });
    return cards;
}

MeterCard DemoWorkplace::meterCard(int display) const
{
    return m_places[display].rig->with([&](bench::Bench &b) {
        const auto &m = b.meter().description();
        MeterCard card;
        card.name = QString::fromStdString(m.name);
        card.kind = m.isReference() ? tr("reference meter") : tr("colorimeter");
        card.state = tr("ready");
        card.room = run::RoomLight{b.room().illuminanceLux, b.room().chromaticity};
        return card;
    });
}

run::Devices DemoWorkplace::devices(int display, QThread *engineThread)
{
    Place &place = m_places[display];
    if (!place.meter) {
        place.meter = new run::BenchMeter(place.rig, place.eye.get());
        place.meter->setSpeed(m_speed);
        place.meter->moveToThread(engineThread);
        connect(engineThread, &QThread::finished, place.meter, &QObject::deleteLater);
    }
    return {place.meter, m_presenter.get(), place.controls.get(), place.engineLut.get(),
            place.store.get()};
}

run::RunSetup DemoWorkplace::setup(int display) const
{
    return m_places[display].rig->with([](bench::Bench &b) { return setupOf(b); });
}

void DemoWorkplace::activate(int display, const std::optional<run::RunResults> &lastRun)
{
    Place &place = m_places[display];
    const bool calibrated = lastRun && lastRun->calibration && !lastRun->profile.isEmpty();
    place.lut->load(calibrated ? lastRun->calibration->lut : VideoLut::identity());
    if (m_declared)
        m_declared->declare(calibrated ? lastRun->profile : QByteArray());
}

ProfileInUse DemoWorkplace::readBack(int display, const run::RunResults &results)
{
    Place &place = m_places[display];
    ProfileInUse found;
    found.checked = true;
    const QByteArray declared = m_declared ? m_declared->inUse() : place.store->inUse();
    found.profileMatches = !declared.isEmpty() && declared == results.profile;
    found.lutMatches = results.calibration && place.lut->read() == results.calibration->lut;
    if (declared.isEmpty())
        found.found = tr("none");
    else if (!found.profileMatches)
        found.found = tr("another");
    else if (!found.lutMatches)
        found.found = tr("LUT lost");
    else
        found.found = tr("yes");
    return found;
}

std::vector<ReadyPoint> DemoWorkplace::readyPoints(int display) const
{
    const auto [minutes, answers, meter] = m_places[display].rig->with([](bench::Bench &b) {
        return std::tuple(b.clockSeconds() / 60, b.meter().answers(),
                          QString::fromStdString(b.meter().description().name));
    });
    const QLocale locale;
    return {
        {tr("Meter connected"), tr("Without it nothing can be measured."), true, answers,
         (answers ? tr("%1 answers.") : tr("%1 does not answer.")).arg(meter)},
        {tr("Display warm"), tr("Colour and luminance drift while a panel warms up."), true,
         minutes >= kWarmMinutes,
         tr("On for %1 minutes.").arg(locale.toString(std::floor(minutes), 'f', 0))},
        {tr("Monitor at its factory settings"),
         tr("Picture modes, dynamic contrast and HDR hide or move the controls."),
         false,
         false,
         {}},
        {tr("No light on the screen"),
         tr("A lamp or window on the glass is read as the screen's own light."),
         false,
         false,
         {}},
        {tr("Night light and automatic brightness off"),
         tr("Whatever moves colour by itself spoils the readings."),
         false,
         false,
         {}},
        {tr("Screen saver and dimming off"),
         tr("A dark screen in mid-run costs the run its time."),
         false,
         false,
         {}},
        {tr("Meter hangs flat on the patch"),
         tr("A gap lets in light and reads too dark."),
         false,
         false,
         {}},
    };
}

void DemoWorkplace::setMeter(const std::string &kind)
{
    if (kind == m_meterKind)
        return;
    m_meterKind = kind;
    for (size_t i = 0; i < m_places.size(); ++i) {
        Place &place = m_places[i];
        if (place.meter)
            place.meter->deleteLater();
        place.meter = nullptr;
        const MonitorControls controls =
            place.rig->with([](bench::Bench &b) { return b.condition().controls; });
        place.rig = std::make_shared<run::BenchRig>(makeBench(kDisplayFiles[i], kind));
        place.rig->with([&](bench::Bench &b) { b.condition().controls = controls; });
        makeDevices(place);
    }
}

void DemoWorkplace::setSpeed(double speed)
{
    m_speed = speed;
    for (Place &place : m_places)
        if (place.meter)
            QMetaObject::invokeMethod(place.meter,
                                      [meter = place.meter, speed] { meter->setSpeed(speed); });
}

void DemoWorkplace::injectFault(int display, MeterFault fault)
{
    m_places[display].rig->with(
        [&](bench::Bench &b) { b.meter().injectFault(b.meter().readingNumber(), fault); });
}

void DemoWorkplace::makeHistory(const QString &logbookPath)
{
    struct Earlier {
        const char *file;
        int daysAgo;
        double hours;
    };
    for (const Earlier &e : {Earlier{"north-desk.json", 34, 1050}, {"south-desk.json", 12, 9700}}) {
        auto description =
            bench::displayFromJson(parseJson(bench::builtInText(e.file), e.file), e.file);
        description.hours = e.hours;
        description.remoteControls = true; // somebody turned them that day
        bench::Bench b(description, e.file, bench::builtInMeter("colorimeter"), "", kDemoSeed + 1);
        run::RunSetup setup = setupOf(b);
        setup.aim = aimPresets().front();
        setup.chartPatches = 96;
        setup.startedAt =
            QDateTime::currentDateTimeUtc().addDays(-e.daysAgo).toString(Qt::ISODate).toStdString();
        const auto rig = std::make_shared<run::BenchRig>(std::move(b));
        run::DirectPresenter presenter;
        run::DirectEye eye(&presenter);
        run::BenchMeter meter(rig, &eye);
        run::BenchControls controls(rig);
        run::BenchLut lut(rig);
        FolderStore store(QFileInfo(logbookPath).path() + QStringLiteral("/profiles"));
        run::RunEngine engine(logbookPath);
        engine.setDevices({&meter, &presenter, &controls, &lut, &store});
        engine.setAutomatic(true);
        QEventLoop loop;
        connect(&engine, &run::RunEngine::failed, &loop, &QEventLoop::quit);
        connect(&engine, &run::RunEngine::statusChanged, &loop, [&](const run::RunStatus &status) {
            if (status.activity == run::Activity::Finished ||
                status.activity == run::Activity::Faulted ||
                status.activity == run::Activity::Blocked)
                loop.quit();
        });
        QMetaObject::invokeMethod(
            &engine, [&] { engine.begin(setup); }, Qt::QueuedConnection);
        loop.exec();
    }
}

} // namespace lantern::app
