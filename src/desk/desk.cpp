#include "desk/desk.h"

#include "core/profile/profile_summary.h"
#include "core/signal/technology.h"
#include "desk/patch_window.h"
#include "platform/backlight.h"
#include "platform/colour_device.h"
#include "platform/colour_service.h"
#include "platform/control_channel.h"
#include "platform/display_id.h"
#include "platform/wayland/gamma_controls.h"
#include "platform/wayland/screen_capture.h"
#include "run/book/in_words.h"

#include <QGuiApplication>
#include <QScreen>
#include <QSettings>

#include <algorithm>
#include <cstdio>
#include <cstdlib>
#include <iostream>

namespace lantern::desk {

namespace {

QString technologyKey(const QString &displayId)
{
    return QStringLiteral("technology/") + displayId;
}

[[noreturn]] void failWithoutOutputs()
{
    throw Error(ErrorKind::Device, "display server",
                "no X server or Wayland compositor with an active output answers",
                "Start a desktop session. Simulated displays need none: --demo for the window, "
                "--display on the command line.");
}

} // namespace

void chooseToolkit()
{
    if (!qEnvironmentVariableIsSet("QT_QPA_PLATFORM") &&
        platform::displayServer() == platform::DisplayServer::Wayland)
        qputenv("QT_QPA_PLATFORM", "wayland;xcb");
}

void noteToolkit()
{
    if (qgetenv("QT_QPA_PLATFORM").startsWith("wayland") && !cannotPlaceWindows())
        qputenv("QT_QPA_PLATFORM", "xcb"); // its displays are those that X shows
}

void ApplicationEnd::operator()(QCoreApplication *application) const
{
    if (!cannotPlaceWindows())
        delete application;
}

int leave(int code)
{
    if (!QCoreApplication::instance())
        return code;
    platform::GammaControls::instance().releaseAll();
    std::cout.flush();
    std::fflush(nullptr);
    std::_Exit(code);
}

void requireDisplayServer()
{
    if (platform::outputs().empty())
        failWithoutOutputs();
}

namespace {

/// Keeps what a run installs as the display's own, before it is in force: whoever sees it declared
/// knows then whose it is.
class KeptStore : public run::ProfileStore {
public:
    KeptStore(const platform::Output &output)
        : m_output(output),
          m_id(platform::displayId(output)),
          m_name(platform::displayName(output)),
          m_store(platform::profileHomeOf(output))
    {}
    QString install(const QByteArray &icc, const QString &name) override
    {
        const QString path = platform::writeProfileFile(platform::userProfileFolder(), name, icc);
        platform::StandingShelf().change(m_id, m_name, [&](platform::Standing &s) {
            s.install(icc, name, path, QDateTime::currentDateTimeUtc());
        });
        m_store->declare(icc);
        platform::ColourDevice(m_output).setDefault(path); // where there is such a service
        return path;
    }
    QByteArray inUse() override
    {
        return m_store->isHeard() ? m_store->inUse()
                                  : platform::StandingShelf().of(m_id, m_name).profile;
    }

private:
    platform::Output m_output;
    QString m_id, m_name;
    std::unique_ptr<platform::ProfileHome> m_store;
};

} // namespace

/// One output with its display. The engine's devices live in another thread than ours and have
/// connections of their own.
struct Desk::Place {
    platform::Output output;
    std::optional<Edid> edid;
    TechnologyGuess detected;
    std::string chosenTechnology; ///< by the person; empty: as detected
    std::shared_ptr<run::ControlsDevice> controls;
    QString noControls; ///< why there are none, after they were looked for
    bool controlsSought = false;
    std::unique_ptr<platform::ColourDevice> service;
    std::shared_ptr<platform::Backlight> light;          ///< of a built-in panel; ours as `lut` is
    std::shared_ptr<run::VideoLutDevice> engineLut, lut; ///< null: the output has none
    QString noLut;                                       ///< why
    std::shared_ptr<KeptStore> engineStore;
    std::unique_ptr<platform::ProfileHome> store;

    [[nodiscard]] const std::string &technology() const
    {
        return chosenTechnology.empty() ? detected.technology : chosenTechnology;
    }
};

Desk::Desk(QObject *parent) : QObject(parent), m_asFound(platform::AsFound::usualFolder())
{
    findPlaces();
    if (m_places.empty())
        failWithoutOutputs();
    m_canLook = m_places.front().output.server == platform::DisplayServer::Wayland &&
                platform::ScreenCapture().isOffered();
    const auto *application = qobject_cast<QGuiApplication *>(QCoreApplication::instance());
    if (!application)
        return;
    if (m_places.front().output.server == platform::DisplayServer::Wayland)
        m_handOver = std::make_unique<platform::LutHandOver>(
            [this](const QString &output) { return m_asFound.isOurs(output); });
    const auto again = [this] {
        findPlaces();
        emit displaysChanged();
    };
    connect(application, &QGuiApplication::screenAdded, this, again);
    connect(application, &QGuiApplication::screenRemoved, this, again);
}

Desk::~Desk() = default;

QString Desk::idOf(const Place &place)
{
    return platform::displayId(place.output);
}

Desk::Place Desk::makePlace(const platform::Output &output)
{
    Place place;
    place.output = output;
    place.edid = platform::edidOf(output);
    place.service = std::make_unique<platform::ColourDevice>(output);
    if (output.isBuiltIn()) {
        place.light = platform::Backlight::of(output);
        place.controls = platform::Backlight::of(output, &place.noControls);
        place.controlsSought = true;
    }
    place.detected = guessTechnology(place.edid.value_or(Edid{}));
    place.chosenTechnology = QSettings().value(technologyKey(idOf(place))).toString().toStdString();
    place.lut = platform::videoLutOf(output, &place.noLut);
    place.engineLut = place.lut ? platform::videoLutOf(output) : nullptr;
    place.engineStore = std::make_shared<KeptStore>(output);
    place.store = platform::profileHomeOf(output);
    return place;
}

Desk::Place Desk::placeOf(const platform::Output &output)
{
    for (auto it = m_places.begin(); it != m_places.end(); ++it) {
        const platform::Output &o = it->output;
        if (o.name != output.name || o.crtc != output.crtc || o.index != output.index ||
            o.edid != output.edid)
            continue;
        Place place = std::move(*it);
        m_places.erase(it);
        place.output = output; // it may have moved
        return place;
    }
    return makePlace(output);
}

void Desk::findPlaces()
{
    const std::vector<platform::Output> outputs = platform::outputs();
    if (outputs.empty())
        return; // switched away, or asleep: the displays are still on the desk
    std::vector<Place> found;
    for (const platform::Output &output : outputs)
        found.push_back(placeOf(output));
    m_places = std::move(found); // an engine that is at work on one that is gone keeps its devices
    std::stable_sort(m_places.begin(), m_places.end(), [](const Place &a, const Place &b) {
        return a.output.geometry.x() < b.output.geometry.x();
    });
}

DisplayFacts Desk::factsOf(const Place &place) const
{
    const platform::Output &output = place.output;
    DisplayFacts f;
    f.id = idOf(place);
    f.output = output.name;
    f.serial = place.edid ? QString::fromStdString(place.edid->serial) : QString();
    f.name = platform::displayName(output);
    f.model = place.edid ? QString::fromStdString(place.edid->maker) + QLatin1Char(' ') + f.name
                         : output.name;
    f.pixels = output.pixels.isEmpty() ? output.geometry.size() : output.pixels;
    f.sizeMm = place.edid && place.edid->widthMm > 0
                   ? QSizeF(place.edid->widthMm, place.edid->heightMm)
                   : output.sizeMm;
    if (f.sizeMm.isEmpty()) // neither tells: as if of the usual 96 pixels to an inch
        f.sizeMm = QSizeF(f.pixels) * 25.4 / 96;
    f.origin = output.geometry.topLeft();
    f.technology = QString::fromStdString(place.technology());
    f.detectedTechnology = QString::fromStdString(place.detected.technology);
    f.technologyChosen = !place.chosenTechnology.empty();
    f.technologyReason =
        f.technologyChosen ? tr("Chosen by you.") : run::inWords(place.detected.reason);
    f.builtIn = output.isBuiltIn();
    if (place.edid && place.edid->red.y > 0) {
        f.primaries = {place.edid->red, place.edid->green, place.edid->blue};
        f.white = place.edid->white;
    }
    f.noControls = place.noControls;
    f.can.lut = place.lut != nullptr;
    f.noLut = place.noLut;
    f.can.profile = place.store->isHeard();
    // X shows its root window to all; a compositor may let us look.
    f.can.pixels = output.server == platform::DisplayServer::X11 || m_canLook;
    f.can.remoteControls = place.controls != nullptr;
    f.can.gains = place.controls ? place.controls->capabilities().gains : !f.builtIn;
    return f;
}

std::vector<DisplayFacts> Desk::displays() const
{
    std::vector<DisplayFacts> all;
    for (const Place &place : m_places)
        all.push_back(factsOf(place));
    return all;
}

DisplayFacts Desk::facts(int display) const
{
    return factsOf(m_places.at(display));
}

DesktopFacts Desk::desktop() const
{
    DesktopFacts f;
    for (const Place &place : m_places) {
        f.isWayland = place.output.server == platform::DisplayServer::Wayland;
        f.lendsLuts |= dynamic_cast<platform::GammaControlLut *>(place.lut.get()) != nullptr;
        f.hasColourService |= place.service->isServed();
    }
    return f;
}

int Desk::find(const QString &name) const
{
    QStringList outputs;
    for (size_t i = 0; i < m_places.size(); ++i) {
        if (m_places[i].output.name == name || idOf(m_places[i]) == name)
            return static_cast<int>(i);
        outputs << m_places[i].output.name;
    }
    throw Error(ErrorKind::BadInput, name.toStdString(), "no display is connected there",
                {"These are: %1.", {outputs.join(QStringLiteral(", ")).toStdString()}});
}

run::Devices Desk::devices(int display)
{
    Place &place = m_places.at(display);
    if (!place.controlsSought) {
        place.controlsSought = true;
        place.controls = platform::ControlChannel::find(place.output.edid, &place.noControls);
    }
    return {nullptr, nullptr, place.controls, place.engineLut, place.engineStore, nullptr};
}

run::RunSetup Desk::setup(int display, const QSize &patch) const
{
    const Place &place = m_places.at(display);
    const DisplayFacts facts = factsOf(place);
    run::RunSetup s;
    s.displayId = facts.id.toStdString();
    s.displayName = facts.model.toStdString();
    s.serial = facts.serial.toStdString();
    s.technology = place.technology();
    s.seed = 0;
    constexpr int kUsualBits = 8; // where the display does not tell; more would be rounded away
    s.linkBits = kUsualBits;
    if (place.edid) {
        s.linkBits = place.edid->bitsPerChannel.value_or(kUsualBits);
        s.mapping = platform::profileMapping(*place.edid, place.output.edid);
    }
    s.loadsLut = facts.can.lut;
    if (place.output.server == platform::DisplayServer::Wayland) {
        s.rawProof = facts.can.lut ? RawProof::ByLut : RawProof::ByPrimaries;
        if (place.edid && place.edid->red.y > 0)
            s.claimedPrimaries = facts.primaries;
    }
    if (place.controls) {
        s.adjust = run::AdjustMode::Automatic;
        s.controls = place.controls->capabilities();
    } else
        s.adjust = facts.builtIn ? run::AdjustMode::Skip : run::AdjustMode::ByHand;
    const QRect screen = screenOf(display);
    s.patchShare = {std::min(1.0, static_cast<double>(patch.width()) / screen.width()),
                    std::min(1.0, static_cast<double>(patch.height()) / screen.height())};
    return s;
}

QRect Desk::screenOf(int display) const
{
    const platform::Output &output = m_places.at(display).output;
    for (const QScreen *screen : QGuiApplication::screens())
        if (screen->name() == output.name)
            return screen->geometry();
    for (const QScreen *screen : QGuiApplication::screens()) // a compositor may not tell names
        if (cannotPlaceWindows() && screen->geometry() == output.geometry)
            return screen->geometry();
    return QGuiApplication::primaryScreen() ? QGuiApplication::primaryScreen()->geometry()
                                            : output.geometry;
}

void Desk::setTechnology(int display, const std::string &technology)
{
    Place &place = m_places.at(display);
    place.chosenTechnology = technology;
    if (technology.empty())
        QSettings().remove(technologyKey(idOf(place)));
    else
        QSettings().setValue(technologyKey(idOf(place)), QString::fromStdString(technology));
}

void Desk::putBackCutShort()
{
    for (Place &place : m_places)
        m_asFound.putBack(place.output.name, place.lut.get(), *place.store, place.light.get());
}

void Desk::activate(int display, const std::optional<run::RunResults> &lastRun)
{
    Place &place = m_places.at(display);
    if (m_asFound.isOthers(place.output.name))
        return; // it sees to that itself when it is done
    if (!lastRun || lastRun->profile.isEmpty()) {
        // Until there is a run of ours, what is in force is somebody else's: as it was found.
        m_asFound.putBack(place.output.name, place.lut.get(), *place.store, place.light.get());
        return;
    }
    m_asFound.putLightBack(place.output.name, place.light.get());
    platform::Standing standing = this->standing(display);
    if (!takesOver(standing, *lastRun)) {
        declare(display, standing.profile, lutOf(standing));
        return;
    }
    m_shelf.keep(standing);
    declare(display, lastRun->profile, installedLut(*lastRun).value_or(VideoLut::identity()));
}

platform::Standing Desk::standing(int display) const
{
    const platform::Output &output = m_places.at(display).output;
    return m_shelf.of(platform::displayId(output), platform::displayName(output));
}

std::vector<KnownProfile> Desk::profiles(int display) const
{
    const Place &place = m_places.at(display);
    return knownProfiles(standing(display),
                         place.edid ? platform::profileMapping(*place.edid, place.output.edid)
                                    : std::vector<std::pair<std::string, std::string>>(),
                         profileFolders(), declared(display));
}

void Desk::use(int display, const QString &path)
{
    platform::Standing standing = this->standing(display);
    const VideoLut lut = useFile(standing, path, m_shelf);
    declare(display, standing.profile, lut);
    if (!path.isEmpty())
        m_places.at(display).service->setDefault(path);
}

QString Desk::installForAll(int display, const QString &path)
{
    return m_places.at(display).service->installForAll(path);
}

std::optional<QString> Desk::defaultInService(int display) const
{
    const Place &place = m_places.at(display);
    return place.service->isServed()
               ? std::optional(place.service->defaultProfile().value_or(QString()))
               : std::nullopt;
}

void Desk::changeStanding(int display, const std::function<void(platform::Standing &)> &change)
{
    const platform::Output &output = m_places.at(display).output;
    m_shelf.change(platform::displayId(output), platform::displayName(output), change);
}

void Desk::giveUpInstalled(int display)
{
    changeStanding(display, [](platform::Standing &s) { s.installedAt = {}; });
}

void Desk::proved(int display, std::optional<double> meanDeltaE00)
{
    changeStanding(display, [&](platform::Standing &s) {
        s.prove(QDateTime::currentDateTimeUtc(), meanDeltaE00);
    });
}

void Desk::foretold(int display, const QDateTime &at)
{
    changeStanding(display, [&](platform::Standing &s) { s.foretoldAt = at; });
}

void Desk::setReminder(int display, int days, int hours)
{
    changeStanding(display, [&](platform::Standing &s) {
        s.remindAfterDays = days;
        s.remindAfterHours = hours;
    });
}

void Desk::declare(int display, const QByteArray &icc, const VideoLut &lut)
{
    Place &place = m_places.at(display);
    if (place.lut)
        place.lut->load(lut);
    place.store->declare(icc);
}

void Desk::runBegins(int display)
{
    Place &place = m_places.at(display);
    m_asFound.note(place.output.name, place.lut.get(), *place.store, place.light.get());
    place.service->inhibit();
}

void Desk::runEnds(int display)
{
    m_asFound.forget(m_places.at(display).output.name);
    m_places.at(display).service->release();
}

void Desk::showLut(int display, const VideoLut &lut)
{
    if (Place &place = m_places.at(display); place.lut)
        place.lut->load(lut);
}

ProfileInUse Desk::readBack(int display, const run::RunResults &results)
{
    Place &place = m_places.at(display);
    const QString where =
        !place.store->isHeard()
            ? tr("our own note (no colour service runs here to tell other programs)")
        : place.output.server == platform::DisplayServer::Wayland ? tr("the colour service")
                                                                  : tr("the display server");
    return judgeProfileInUse(declared(display), place.lut.get(), results, where);
}

/// Where nobody hears of it, what is to be in force is what we say.
QByteArray Desk::declared(int display) const
{
    const Place &place = m_places.at(display);
    return place.store->isHeard() ? place.store->inUse() : standing(display).profile;
}

std::optional<bool> Desk::hasLutLoaded(int display) const
{
    const Place &place = m_places.at(display);
    try {
        if (place.lut)
            return !place.lut->holds(VideoLut::identity());
    } catch (const Error &) { // the output has gone; displaysChanged() is on its way
    }
    return std::nullopt;
}

} // namespace lantern::desk
