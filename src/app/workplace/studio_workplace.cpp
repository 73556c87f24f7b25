#include "app/workplace/studio_workplace.h"

#include "core/base/error.h"
#include "core/signal/technology.h"
#include "platform/colour_service.h"
#include "run/device/meters/hand_meter.h"

#include <QGuiApplication>
#include <QScreen>
#include <QSettings>
#include <QStandardPaths>
#include <QThread>

#include <algorithm>
#include <cmath>
#include <iterator>

namespace lantern::app {

namespace {

const char *kMeterKey = "meter/choice";

QString technologyKey(const QString &displayId)
{
    return QStringLiteral("technology/") + displayId;
}

/// Stands in where an output has no video LUT: identity, and nothing else can be loaded.
class NoLut : public run::VideoLutDevice {
public:
    VideoLut read() override { return VideoLut::identity(); }
    void load(const VideoLut &lut) override
    {
        if (!(lut == VideoLut::identity()))
            throw Error(ErrorKind::Device, "display", "this output has no video LUT",
                        "Choose an aim that leaves tone and white native, or connect the display "
                        "to another output.");
    }
};

/// Says so when a reading is asked for and no meter has been chosen.
class NoMeter : public run::Meter {
public:
    using Meter::Meter;
    [[nodiscard]] QString name() const override { return tr("No meter"); }
    [[nodiscard]] bool zeroesByItself() const override { return false; }
    void cancel() override {}

protected:
    void read(const DeviceRgb &) override
    {
        emit failed(request(), MeterFault::Unplugged, tr("choose one in the Meter menu"));
    }
    void greet() override { read({}); }
};

} // namespace

StudioWorkplace::StudioWorkplace(QObject *parent)
    : Workplace(parent),
      m_patch(std::make_unique<PatchWindow>()),
      m_presenter(std::make_shared<WindowPresenter>(m_patch.get())),
      m_asFound(QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
                QStringLiteral("/bold-lantern/as-found")),
      m_meterChoice(QSettings().value(QLatin1String(kMeterKey)).toString())
{
    m_seenSince.start();
    findPlaces();
    if (m_places.empty())
        throw Error(ErrorKind::Device, "display server",
                    "no X server with an active output answers",
                    "Start a desktop session with X11, or try the program with --demo.");
    for (Place &place : m_places) // a run that was cut short
        m_asFound.putBack(place.output.name, place.lut.get(), *place.store);
    const auto again = [this] {
        findPlaces();
        emit displaysChanged();
    };
    connect(qGuiApp, &QGuiApplication::screenAdded, this, again);
    connect(qGuiApp, &QGuiApplication::screenRemoved, this, again);
}

StudioWorkplace::~StudioWorkplace() = default;

QString StudioWorkplace::idOf(const Place &place)
{
    return place.edid ? QString::fromStdString(place.edid->identity()) : place.output.name;
}

StudioWorkplace::Place StudioWorkplace::makePlace(const platform::X11Output &output)
{
    Place place;
    place.output = output;
    try {
        if (!output.edid.isEmpty())
            place.edid = edidFromBytes({reinterpret_cast<const uint8_t *>(output.edid.data()),
                                        static_cast<size_t>(output.edid.size())},
                                       output.name.toStdString());
    } catch (const Error &) {
        // a display that garbles its EDID is still a display; it goes by its output's name
    }
    const TechnologyGuess guess = guessTechnology(place.edid.value_or(Edid{}));
    place.technology = guess.technology;
    place.technologyReason = guess.reason;
    const QString chosen = QSettings().value(technologyKey(idOf(place))).toString();
    if (!chosen.isEmpty()) {
        place.technology = chosen.toStdString();
        place.technologyReason = tr("Chosen by you.").toStdString();
    }
    try {
        place.engineLut = std::make_shared<platform::X11VideoLut>(output);
        place.lut = std::make_shared<platform::X11VideoLut>(output);
    } catch (const Error &) {
        place.engineLut.reset(); // told when a LUT is to be loaded
    }
    place.engineStore =
        std::make_shared<platform::X11ProfileStore>(output, platform::userProfileFolder());
    place.store =
        std::make_shared<platform::X11ProfileStore>(output, platform::userProfileFolder());
    return place;
}

StudioWorkplace::Place StudioWorkplace::placeOf(const platform::X11Output &output)
{
    for (auto it = m_places.begin(); it != m_places.end(); ++it) {
        const platform::X11Output &o = it->output;
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

void StudioWorkplace::findPlaces()
{
    const std::vector<platform::X11Output> outputs = platform::x11Outputs();
    if (outputs.empty())
        return; // switched away, or asleep: the displays are still on the desk
    std::vector<Place> found;
    for (const platform::X11Output &output : outputs)
        found.push_back(placeOf(output));
    m_places = std::move(found); // an engine that is at work on one that is gone keeps its devices
    // On the Desk as on the desk: from left to right.
    std::stable_sort(m_places.begin(), m_places.end(), [](const Place &a, const Place &b) {
        return a.output.geometry.x() < b.output.geometry.x();
    });
}

std::vector<DisplayCard> StudioWorkplace::displays() const
{
    std::vector<DisplayCard> cards;
    for (const Place &place : m_places) {
        DisplayCard card;
        card.id = idOf(place);
        card.serial = place.edid ? QString::fromStdString(place.edid->serial) : QString();
        card.name = place.edid && !place.edid->name.empty()
                        ? QString::fromStdString(place.edid->name)
                    : place.output.isBuiltIn() ? tr("Built-in panel")
                                               : place.output.name;
        card.model = place.edid
                         ? QString::fromStdString(place.edid->maker) + QLatin1Char(' ') + card.name
                         : place.output.name;
        card.pixels = place.output.geometry.size();
        card.sizeMm = place.edid && place.edid->widthMm > 0
                          ? QSizeF(place.edid->widthMm, place.edid->heightMm)
                          : place.output.sizeMm;
        if (card.sizeMm.isEmpty()) // neither tells: as if of the usual 96 pixels to an inch
            card.sizeMm = QSizeF(card.pixels) * 25.4 / 96;
        card.origin = place.output.geometry.topLeft();
        card.technology = QString::fromStdString(place.technology);
        card.technologyReason = QString::fromStdString(place.technologyReason);
        card.builtIn = place.output.isBuiltIn();
        card.detail =
            tr("%1 in %2")
                .arg(std::round(std::hypot(card.sizeMm.width(), card.sizeMm.height()) / 25.4))
                .arg(technologyTitle(card.technology));
        if (place.edid && place.edid->red.y > 0) {
            card.primaries = {place.edid->red, place.edid->green, place.edid->blue};
            card.white = place.edid->white;
        }
        card.noControls = place.noControls;
        card.remoteControls = place.controls != nullptr;
        card.gains = place.controls ? place.controls->capabilities().gains : !card.builtIn;
        cards.push_back(card);
    }
    return cards;
}

MeterCard StudioWorkplace::meterCard(int) const
{
    MeterCard card;
    if (m_meter)
        card.name = m_meter->name();
    card.kind = m_meterChoice.isEmpty() ? tr("Meter menu: choose one")
                                        : run::meterKindOf(m_meterChoice).title;
    if (m_meterChoice.isEmpty())
        card.name = tr("No meter");
    return card;
}

void StudioWorkplace::setMeterChoice(const QString &choice)
{
    (void)run::meterKindOf(choice);
    m_meterChoice = choice;
    QSettings().setValue(QLatin1String(kMeterKey), choice);
    m_meter.reset();
}

run::Devices StudioWorkplace::devices(int display, QThread *engineThread)
{
    if (!m_meter) {
        m_meter = run::inItsThread(m_meterChoice.isEmpty() ? static_cast<run::Meter *>(new NoMeter)
                                                           : run::makeMeter(m_meterChoice));
        if (auto *hand = dynamic_cast<run::HandMeter *>(m_meter.get())) {
            connect(hand, &run::HandMeter::entryWanted, this,
                    [this](const DeviceRgb &shown) { emit entryWanted(shown); });
            connect(hand, &run::HandMeter::entryGivenUp, this,
                    [this] { emit entryWanted(std::nullopt); });
        }
        m_meter->moveToThread(engineThread);
    }
    Place &place = m_places.at(display);
    if (!place.controlsSought && !place.output.isBuiltIn()) {
        place.controlsSought = true;
        place.controls = platform::ControlChannel::find(place.output.edid, &place.noControls);
    }
    m_presenter->setScreen(screenOf(display));
    std::shared_ptr<run::VideoLutDevice> lut = place.engineLut;
    if (!lut)
        lut = std::make_shared<NoLut>();
    return {m_meter, m_presenter, place.controls, lut, place.engineStore, nullptr};
}

run::RunSetup StudioWorkplace::setup(int display) const
{
    const Place &place = m_places.at(display);
    const DisplayCard card = displays().at(display);
    run::RunSetup s;
    s.displayId = card.id.toStdString();
    s.displayName = card.model.toStdString();
    s.serial = card.serial.toStdString();
    s.technology = place.technology;
    s.meterName = m_meter ? m_meter->name().toStdString() : std::string();
    s.seed = 0;
    constexpr int kUsualBits = 8; // where the display does not tell; more would be rounded away
    s.linkBits = kUsualBits;
    if (place.edid) {
        s.linkBits = place.edid->bitsPerChannel.value_or(kUsualBits);
        s.mapping = platform::profileMapping(*place.edid, place.output.edid);
    }
    if (place.controls) {
        s.adjust = run::AdjustMode::Automatic;
        s.controls = place.controls->capabilities();
    } else
        s.adjust = card.builtIn ? run::AdjustMode::Skip : run::AdjustMode::ByHand;
    const QRect screen = screenOf(display);
    s.patchShare = {std::min(1.0, static_cast<double>(m_patch->width()) / screen.width()),
                    std::min(1.0, static_cast<double>(m_patch->height()) / screen.height())};
    return s;
}

void StudioWorkplace::activate(int display, const std::optional<run::RunResults> &lastRun)
{
    Place &place = m_places.at(display);
    if (!lastRun || lastRun->profile.isEmpty()) {
        // Until there is a run of ours, what is in force is somebody else's: as it was found.
        m_asFound.putBack(place.output.name, place.lut.get(), *place.store);
        return;
    }
    if (place.lut && installedLut(*lastRun))
        place.lut->load(*installedLut(*lastRun));
    place.store->declare(lastRun->profile);
}

void StudioWorkplace::runBegins(int display)
{
    Place &place = m_places.at(display);
    m_asFound.note(place.output.name, place.lut.get(), *place.store);
}

void StudioWorkplace::runEnds(int display)
{
    m_asFound.forget(m_places.at(display).output.name);
}

void StudioWorkplace::clearLut(int display)
{
    if (Place &place = m_places.at(display); place.lut)
        place.lut->load(VideoLut::identity());
}

ProfileInUse StudioWorkplace::readBack(int display, const run::RunResults &results)
{
    Place &place = m_places.at(display);
    NoLut none;
    return judgeProfileInUse(place.store->inUse(),
                             place.lut ? static_cast<run::VideoLutDevice &>(*place.lut) : none,
                             results, tr("the display server"));
}

ReadyFacts StudioWorkplace::readyFacts(int display) const
{
    const Place &place = m_places.at(display);
    ReadyFacts f;
    f.meterName = m_meter ? m_meter->name() : tr("The meter");
    if (m_meterChoice.isEmpty()) {
        f.meterAnswers = false;
        f.meterSays = tr("None is chosen. Choose one in the Meter menu.");
    }
    f.minutesOn = static_cast<double>(m_seenSince.elapsed()) / 60'000;
    f.nightLight = m_desktop.nightLight();
    f.onBattery = m_desktop.onBattery();
    f.lightSensor = m_desktop.hasLightSensor();
    if (m_desktop.isInhibited())
        f.keptAwake = true;
    try {
        if (place.lut)
            f.foreignLut = !(place.lut->read() == VideoLut::identity());
    } catch (const Error &) {
        f.foreignLut.reset(); // the output has gone; displaysChanged() is on its way
    }
    f.builtIn = place.output.isBuiltIn();
    return f;
}

QRect StudioWorkplace::screenOf(int display) const
{
    const platform::X11Output &output = m_places.at(display).output;
    for (const QScreen *screen : QGuiApplication::screens())
        if (screen->name() == output.name)
            return screen->geometry();
    return QGuiApplication::primaryScreen() ? QGuiApplication::primaryScreen()->geometry()
                                            : output.geometry;
}

void StudioWorkplace::setTechnology(int display, const std::string &technology)
{
    Place &place = m_places.at(display);
    place.technology = technology;
    place.technologyReason = tr("Chosen by you.").toStdString();
    QSettings().setValue(technologyKey(idOf(place)), QString::fromStdString(technology));
}

void StudioWorkplace::keepAwake(bool awake)
{
    if (awake)
        m_desktop.inhibit(tr("A display is being measured"));
    else
        m_desktop.release();
}

void StudioWorkplace::enterReading(const XYZ &xyz)
{
    if (auto *hand = dynamic_cast<run::HandMeter *>(m_meter.get()))
        QMetaObject::invokeMethod(hand, [hand, xyz] { hand->enter(xyz); });
}

} // namespace lantern::app
