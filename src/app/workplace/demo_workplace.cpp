#include "app/workplace/demo_workplace.h"

#include "app/workplace/demo_setup.h"
#include "core/base/error.h"
#include "core/signal/slot_file.h"
#include "platform/output.h"
#include "run/book/profile_request.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QCoreApplication>
#include <QCryptographicHash>
#include <QFileInfo>
#include <QGuiApplication>
#include <QScreen>

#include <array>
#include <cmath>
#include <map>

namespace lantern::app {

namespace {

constexpr std::array kDisplayFiles = {"north-desk.json", "south-desk.json", "field-laptop.json"};
constexpr int kMeterCircle = 102; ///< pixels at 100 %: the 27 mm that the meter sees

bench::Bench makeBench(const std::string &file, const std::string &meterKind,
                       const std::string &technology = {})
{
    return bench::Bench(bench::displayFromJson(parseJson(bench::builtInText(file), file), file),
                        file, bench::builtInMeter(meterKind), technology, kDemoSeed);
}

/// Another unit of the same kind: the demo's own invention of how they differ.
bench::DisplayDescription unitOfKind(bench::DisplayDescription d, const QString &serial)
{
    const QByteArray digest = QCryptographicHash::hash(serial.toUtf8(), QCryptographicHash::Sha256);
    // The same for the same serial, evenly from -1 to 1.
    const auto differs = [&](int i) { return static_cast<uint8_t>(digest[i]) / 127.5 - 1; };
    d.serial = serial.toStdString();
    d.whiteLuminance *= 1 + 0.05 * differs(0);
    d.nativeWhite.x += 0.004 * differs(1);
    d.nativeWhite.y += 0.004 * differs(2);
    d.blackRatio *= 1 + 0.1 * differs(3);
    for (int c = 0; c < 3; ++c)
        d.tone[static_cast<size_t>(c)][0] += 0.03 * differs(4 + c);
    return d;
}

/// "north-desk" becomes "North desk".
QString placeName(const std::string &id)
{
    QString name = QString::fromStdString(id).replace(QLatin1Char('-'), QLatin1Char(' '));
    name[0] = name[0].toUpper();
    return name;
}

} // namespace

QString FolderStore::install(const QByteArray &icc, const QString &name)
{
    const QString path = platform::writeProfileFile(m_folder, name, icc);
    if (m_installed)
        m_installed(icc, name, path);
    declare(icc);
    return path;
}

void FolderStore::declare(const QByteArray &icc)
{
    const std::lock_guard lock(m_mutex);
    m_inUse = icc;
}

QByteArray FolderStore::inUse()
{
    const std::lock_guard lock(m_mutex);
    return m_inUse;
}

ScreenEye::ScreenEye(desk::WindowPresenter *presenter, QObject *parent)
    : BenchEye(parent), m_presenter(presenter)
{}

void ScreenEye::look(run::Request request)
{
    QMetaObject::invokeMethod(
        this, [this, request] { lookHere(request); }, Qt::QueuedConnection);
}

void ScreenEye::lookHere(run::Request request)
{
    QRect area = m_presenter->lookedAt();
    if (m_spot)
        area = QRect(m_spot->x() - kMeterCircle / 2, m_spot->y() - kMeterCircle / 2, kMeterCircle,
                     kMeterCircle);
    const desk::ColourWindow &window = *m_presenter->window();
    const QImage image = window.isVisible() ? desk::seenAt(area, window) : QImage();
    std::map<QRgb, int> counts;
    int all = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x) {
            const double dx = 2.0 * x / image.width() - 1;
            const double dy = 2.0 * y / image.height() - 1;
            if (m_spot && dx * dx + dy * dy > 1)
                continue; // outside of the meter's circle
            ++counts[image.pixel(x, y)];
            ++all;
        }
    bench::Bench::SeenColours seen;
    for (const auto &[rgb, count] : counts)
        seen.emplace_back(DeviceRgb{static_cast<double>(qRed(rgb)),
                                    static_cast<double>(qGreen(rgb)),
                                    static_cast<double>(qBlue(rgb))},
                          static_cast<double>(count) / all);
    emit looked(request, seen);
}

DemoWorkplace::DemoWorkplace(const QString &folder, QObject *parent)
    : Workplace(parent),
      m_profileFolder(folder + QStringLiteral("/profiles")),
      m_shelf(folder + QStringLiteral("/standing")),
      m_patch(std::make_unique<desk::PatchWindow>()),
      m_presenter(std::make_shared<desk::WindowPresenter>(m_patch.get()))
{
    m_presenter->setWayOut(tr("Esc pauses."));
    for (const char *file : kDisplayFiles) {
        Place place;
        place.rig = std::make_shared<run::BenchRig>(makeBench(file, m_meterKind));
        makeDevices(place);
        m_places.push_back(std::move(place));
    }
}

DemoWorkplace::~DemoWorkplace() = default;

void DemoWorkplace::makeDevices(Place &place)
{
    place.controls = std::make_shared<run::BenchControls>(place.rig);
    place.lut = std::make_shared<run::BenchLut>(place.rig);
    const QString id = place.rig->with(
        [](bench::Bench &b) { return QString::fromStdString(b.display().description().id); });
    place.store = std::make_shared<FolderStore>(
        m_profileFolder,
        [shelf = m_shelf, id](const QByteArray &icc, const QString &name, const QString &path) {
            shelf.change(id, placeName(id.toStdString()), [&](platform::Standing &s) {
                s.install(icc, name, path, QDateTime::currentDateTimeUtc());
            });
        });
    const int memorySlots =
        place.rig->with([](bench::Bench &b) { return b.display().description().memorySlots; });
    if (memorySlots > 0)
        place.slot = std::make_shared<DemoSlot>(
            place.rig, QFileInfo(m_profileFolder).absolutePath() + QStringLiteral("/memory/") + id);
    place.eye = std::make_shared<ScreenEye>(m_presenter.get());
    place.eye->hangAt(m_meterSpot);
}

std::vector<DisplayCard> DemoWorkplace::displays() const
{
    std::vector<DisplayCard> cards;
    for (const Place &place : m_places)
        place.rig->with([&](bench::Bench &b) {
            const auto &d = b.display().description();
            desk::DisplayFacts card;
            card.id = QString::fromStdString(d.id);
            card.name = placeName(d.id);
            card.model = QString::fromStdString(d.name);
            card.serial = QString::fromStdString(d.serial);
            card.technology = QString::fromStdString(b.technology());
            card.detectedTechnology = QString::fromStdString(d.technology);
            card.technologyChosen = b.technology() != d.technology;
            card.technologyReason =
                card.technologyChosen ? tr("Chosen by you.") : tr("The bench says so.");
            card.builtIn = d.builtIn;
            card.pixels = {d.pixels[0], d.pixels[1]};
            card.sizeMm = {d.sizeMm[0], d.sizeMm[1]};
            card.origin = {d.origin[0], d.origin[1]};
            card.can = {true, true, true, d.remoteControls, d.hasRgbGains};
            cards.push_back(cardOf(card));
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
        card.roomTitle = tr("Room, as set on the bench");
        card.room = run::RoomLight{b.room().illuminanceLux, b.room().chromaticity};
        return card;
    });
}

run::Devices DemoWorkplace::devices(int display, QThread *engineThread)
{
    Place &place = m_places[display];
    if (!place.meter) {
        place.meter = run::inItsThread(new run::BenchMeter(place.rig, place.eye.get()));
        place.meter->setSpeed(m_speed);
        place.meter->moveToThread(engineThread);
    }
    return {place.meter,
            m_presenter,
            place.controls,
            place.lut,
            place.store,
            place.slot,
            std::make_shared<DemoMover>(place.rig, place.eye, screenOf(display))};
}

run::RunSetup DemoWorkplace::setup(int display) const
{
    return m_places[display].rig->with([](bench::Bench &b) { return demoSetup(b); });
}

void DemoWorkplace::activate(int display, const std::optional<run::RunResults> &lastRun)
{
    Place &place = m_places[display];
    const auto lut =
        lastRun && !lastRun->profile.isEmpty() ? desk::installedLut(*lastRun) : std::nullopt;
    const bool isInMemory = place.slot && lastRun && lastRun->setup.intoSlot; // with its controls
    if (!std::exchange(place.isAsLeft, true) && lastRun && lastRun->controls && !isInMemory)
        place.rig->with([&](bench::Bench &b) { b.condition().controls = *lastRun->controls; });
    platform::Standing standing = this->standing(display);
    if (lut && !desk::takesOver(standing, *lastRun)) { // a person wants another
        place.lut->load(lutOf(standing));
        place.store->declare(standing.profile);
        followProfile(place);
        return;
    }
    if (lut)
        m_shelf.keep(standing);
    place.lut->load(lut.value_or(VideoLut::identity()));
    place.store->declare(lut ? lastRun->profile : QByteArray());
    followProfile(place);
}

/// The slot that the profile in use goes with.
void DemoWorkplace::followProfile(Place &place)
{
    if (place.slot)
        place.slot->activate(run::slotOfProfile(place.store->inUse()));
}

std::optional<MonitorMemory> DemoWorkplace::memory(int display) const
{
    const Place &place = m_places[static_cast<size_t>(display)];
    if (!place.slot)
        return std::nullopt;
    return MonitorMemory{place.slot->count(), place.slot->mixes(), place.slot->active()};
}

void DemoWorkplace::pressSlot(int display, const std::optional<int> &slot)
{
    if (const auto &memory = m_places[static_cast<size_t>(display)].slot)
        memory->activate(slot);
}

QString DemoSlot::fileOf(int slot) const
{
    return slot == kNone ? m_files + QStringLiteral("-controls.json")
                         : QStringLiteral("%1-%2.json").arg(m_files).arg(slot + 1);
}

DemoSlot::DemoSlot(std::shared_ptr<run::BenchRig> rig, QString files)
    : run::BenchSlot(std::move(rig)), m_files(std::move(files))
{
    std::map<int, SlotTable> filled;
    std::map<int, MonitorControls> controls;
    const auto read = [this](int slot, const auto &take) {
        const QString path = fileOf(slot);
        if (!QFileInfo::exists(path))
            return;
        try {
            const std::string source = path.toStdString();
            take(parseJson(run::readFile(path).toStdString(), source), source);
        } catch (const Error &) { // a garbled one is empty, as in a monitor that lost it
        }
    };
    for (int slot = 0; slot < count(); ++slot)
        read(slot, [&](const Json &json, const std::string &source) {
            filled[slot] = slotFromJson(json, source);
        });
    read(kNone, [&](const Json &json, const std::string &source) {
        JsonObject root(json, source);
        for (int slot = kNone; slot < count(); ++slot)
            if (const std::string key = std::to_string(slot); root.has(key.c_str()))
                controls[slot] = controlsFromJson(root.object(key.c_str()));
        root.finish();
    });
    restore(filled, controls);
}

void DemoSlot::load(int slot, const SlotTable &table)
{
    run::BenchSlot::load(slot, table);
    run::makeFolder(QFileInfo(fileOf(slot)).absolutePath());
    run::writeFile(fileOf(slot), QByteArray::fromStdString(slotToJson(table).dump() + "\n"));
}

void DemoSlot::activate(const std::optional<int> &slot)
{
    const bool isAnother = slot != active();
    run::BenchSlot::activate(slot);
    if (!isAnother)
        return;
    Json json = Json::object();
    for (const auto &[of, controls] : keptControls())
        json[std::to_string(of)] = controlsToJson(controls);
    run::makeFolder(QFileInfo(fileOf(kNone)).absolutePath());
    run::writeFile(fileOf(kNone), QByteArray::fromStdString(json.dump() + "\n"));
}

platform::Standing DemoWorkplace::standing(int display) const
{
    const std::string id = m_places[static_cast<size_t>(display)].rig->with(
        [](bench::Bench &b) { return b.display().description().id; });
    return m_shelf.of(QString::fromStdString(id), placeName(id));
}

std::vector<desk::KnownProfile> DemoWorkplace::profiles(int display) const
{
    return desk::knownProfiles(standing(display), {}, {m_profileFolder},
                               m_places[static_cast<size_t>(display)].store->inUse());
}

void DemoWorkplace::useProfile(int display, const QString &path)
{
    platform::Standing standing = this->standing(display);
    Place &place = m_places[static_cast<size_t>(display)];
    place.lut->load(desk::useFile(standing, path, m_shelf));
    place.store->declare(standing.profile);
    followProfile(place);
}

void DemoWorkplace::changeStanding(int display,
                                   const std::function<void(platform::Standing &)> &change)
{
    const platform::Standing now = standing(display);
    m_shelf.change(now.displayId, now.displayName, change);
}

void DemoWorkplace::proved(int display, std::optional<double> meanDeltaE00)
{
    changeStanding(display, [&](platform::Standing &s) {
        s.prove(QDateTime::currentDateTimeUtc(), meanDeltaE00);
    });
}

void DemoWorkplace::foretold(int display, const QDateTime &at)
{
    changeStanding(display, [&](platform::Standing &s) { s.foretoldAt = at; });
}

void DemoWorkplace::giveUpInstalled(int display)
{
    changeStanding(display, [](platform::Standing &s) { s.installedAt = {}; });
}

void DemoWorkplace::setReminder(int display, int days, int hours)
{
    changeStanding(display, [&](platform::Standing &s) {
        s.remindAfterDays = days;
        s.remindAfterHours = hours;
    });
}

void DemoWorkplace::showLut(int display, const VideoLut &lut, const QByteArray &profile)
{
    m_places[display].lut->load(lut);
    if (!profile.isEmpty())
        m_places[display].store->declare(profile);
}

desk::ProfileInUse DemoWorkplace::readBack(int display, const run::RunResults &results)
{
    Place &place = m_places[display];
    return desk::judgeProfileInUse(place.store->inUse(), place.lut.get(), results, tr("the bench"));
}

ReadyFacts DemoWorkplace::readyFacts(int display) const
{
    ReadyFacts f = m_places[display].rig->with([](bench::Bench &b) {
        ReadyFacts facts;
        facts.minutesOn = b.clockSeconds() / 60;
        facts.meterAnswers = b.meter().answers();
        facts.meterName = QString::fromStdString(b.meter().description().name);
        const auto &d = b.display().description();
        facts.builtIn = d.builtIn;
        facts.needsNoCorrection = b.meter().description().isReference();
        return facts;
    });
    f.nightLight = m_nightLight; // the real screen's does not reach the bench
    f.onBattery = m_desktop.onBattery();
    if (m_desktop.isInhibited())
        f.keptAwake = true;
    return f;
}

QRect DemoWorkplace::screenOf(int) const
{
    return m_patch->screen()->geometry();
}

void DemoWorkplace::setTechnology(int display, const std::string &technology)
{
    if (technology.empty())
        m_technologies.erase(display);
    else
        m_technologies[display] = technology;
    m_places[display].rig->with([&](bench::Bench &b) {
        b.setTechnology(technology.empty() ? b.display().description().technology : technology);
    });
}

void DemoWorkplace::keepAwake(bool awake)
{
    if (awake)
        m_desktop.inhibit(tr("A display is being measured"));
    else
        m_desktop.release();
}

void DemoWorkplace::hangMeter(const std::optional<QPoint> &spot)
{
    m_meterSpot = spot;
    for (Place &place : m_places)
        place.eye->hangAt(spot);
}

void DemoMover::moveTo(double x, double y)
{
    m_mover.moveTo(x, y);
    const QPoint spot =
        m_screen.topLeft() + QPoint(static_cast<int>(std::lround(x * m_screen.width())),
                                    static_cast<int>(std::lround(y * m_screen.height())));
    QMetaObject::invokeMethod(
        m_eye.get(), [eye = m_eye.get(), spot] { eye->hangAt(spot); }, Qt::QueuedConnection);
}

void DemoWorkplace::runEnds(int display)
{
    Place &place = m_places[static_cast<size_t>(display)];
    place.eye->hangAt(m_meterSpot);
    place.rig->with([](bench::Bench &b) { b.meterPlace() = {}; });
}

/// With the unit that stands there and the meter of now.
bench::Bench DemoWorkplace::benchOf(int display) const
{
    const char *file = kDisplayFiles[static_cast<size_t>(display)];
    bench::DisplayDescription d =
        bench::displayFromJson(parseJson(bench::builtInText(file), file), file);
    if (const QString &unit = m_places[static_cast<size_t>(display)].unit; !unit.isEmpty())
        d = unitOfKind(d, unit);
    const auto technology = m_technologies.find(display);
    return bench::Bench(d, file, bench::builtInMeter(m_meterKind),
                        technology == m_technologies.end() ? std::string() : technology->second,
                        kDemoSeed + m_unitsAttached); // the meter does not repeat itself
}

/// The unit before is taken away with whatever was on it.
void DemoWorkplace::attachUnit(int display, const QString &serial)
{
    Place &place = m_places[static_cast<size_t>(display)];
    if (place.unit == serial)
        return;
    place.unit = serial;
    ++m_unitsAttached;
    place.meter.reset();
    place.rig = std::make_shared<run::BenchRig>(benchOf(display));
    place.isAsLeft = false;
    makeDevices(place);
}

run::Devices DemoWorkplace::pageDevices(const QString &id,
                                        const std::shared_ptr<remote::PagePresenter> &presenter,
                                        QThread *engineThread)
{
    Panel &panel = m_panels[id];
    if (!panel.meter) {
        panel.rig = std::make_shared<run::BenchRig>(makeBench("field-laptop.json", m_meterKind));
        panel.eye = std::make_shared<remote::PageEye>(presenter, panel.rig);
        panel.meter = run::inItsThread(new run::BenchMeter(panel.rig, panel.eye.get()));
        panel.meter->setSpeed(m_speed);
        panel.meter->moveToThread(engineThread);
    }
    run::Devices devices;
    devices.meter = panel.meter;
    devices.presenter = presenter;
    return devices;
}

void DemoWorkplace::chooseMeter(const QString &choice)
{
    const std::string kind = choice.toStdString();
    if (kind == m_meterKind)
        return;
    m_meterKind = kind;
    m_panels.clear();
    for (size_t i = 0; i < m_places.size(); ++i) {
        Place &place = m_places[i];
        place.meter.reset();
        const MonitorControls controls =
            place.rig->with([](bench::Bench &b) { return b.condition().controls; });
        place.rig = std::make_shared<run::BenchRig>(benchOf(static_cast<int>(i)));
        place.rig->with([&](bench::Bench &b) { b.condition().controls = controls; });
        makeDevices(place);
    }
}

void DemoWorkplace::setNightLight(bool on)
{
    m_nightLight = on;
    const Vec3 tint = on ? Vec3(1, 0.85, 0.62) : Vec3(Vec3::Ones());
    for (Place &place : m_places)
        place.rig->with([&tint](bench::Bench &b) { b.condition().nightLight = tint; });
}

void DemoWorkplace::setSpeed(double speed)
{
    m_speed = speed;
    for (Place &place : m_places)
        if (place.meter)
            QMetaObject::invokeMethod(
                place.meter.get(), [meter = place.meter.get(), speed] { meter->setSpeed(speed); });
    for (auto &[id, panel] : m_panels)
        QMetaObject::invokeMethod(panel.meter.get(),
                                  [meter = panel.meter.get(), speed] { meter->setSpeed(speed); });
}

void DemoWorkplace::injectFault(int display, MeterFault fault)
{
    if (const auto bench = rig(display))
        bench->with(
            [&](bench::Bench &b) { b.meter().injectFault(b.meter().readingNumber(), fault); });
}

} // namespace lantern::app
