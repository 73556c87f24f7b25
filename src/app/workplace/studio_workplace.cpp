#include "app/workplace/studio_workplace.h"

#include "platform/sensor_meter.h"
#include "run/device/meters/hand_meter.h"

#include <QSettings>
#include <QThread>

namespace lantern::app {

namespace {

const char *kMeterKey = "meter/choice";

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
      m_patch(std::make_unique<desk::PatchWindow>()),
      m_presenter(std::make_shared<desk::WindowPresenter>(m_patch.get())),
      m_meterChoice(QSettings().value(QLatin1String(kMeterKey)).toString())
{
    m_seenSince.start();
    m_desk.putBackCutShort();
    connect(&m_desk, &desk::Desk::displaysChanged, this, &Workplace::displaysChanged);
    m_presenter->setWayOut(tr("Esc pauses."));
    connect(m_presenter.get(), &desk::WindowPresenter::leaveWanted, this, &Workplace::pauseWanted);
    connect(&m_sensors, &platform::Sensors::changed, this, &StudioWorkplace::onSensors);
    if (const auto there = m_sensors.list(); m_meterChoice.isEmpty() && there.size() == 1)
        m_meterChoice = platform::sensorChoice(there.front());
}

StudioWorkplace::~StudioWorkplace() = default;

std::vector<DisplayCard> StudioWorkplace::displays() const
{
    std::vector<DisplayCard> cards;
    for (const desk::DisplayFacts &facts : m_desk.displays())
        cards.push_back(cardOf(facts));
    return cards;
}

MeterCard StudioWorkplace::meterCard(int) const
{
    MeterCard card;
    if (m_meter)
        card.name = m_meter->name();
    card.kind = m_meterChoice.isEmpty() ? tr("Meter menu: choose one")
                                        : run::meterKindOf(m_meterChoice).title();
    if (m_meterChoice.isEmpty())
        card.name = tr("No meter");
    return card;
}

/// A meter that was used comes back by itself; where there is but one, nothing has to be chosen.
void StudioWorkplace::onSensors()
{
    const auto there = m_sensors.list();
    for (const platform::Sensor &sensor : there)
        if (m_meterChoice == platform::sensorChoice(sensor) ||
            (m_meterChoice.isEmpty() && there.size() == 1)) {
            emit meterCame(platform::sensorChoice(sensor));
            return;
        }
}

void StudioWorkplace::chooseMeter(const QString &choice)
{
    (void)run::meterKindOf(choice);
    m_meterChoice = choice;
    QSettings().setValue(QLatin1String(kMeterKey), choice);
    m_meter.reset();
}

void StudioWorkplace::makeMeter(QThread *engineThread)
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
        if (auto *sensor = dynamic_cast<platform::SensorMeter *>(m_meter.get()))
            connect(sensor, &platform::SensorMeter::buttonPressed, this,
                    &Workplace::meterButtonPressed);
        m_meter->moveToThread(engineThread);
    }
}

run::Devices StudioWorkplace::pageDevices(const QString &,
                                          const std::shared_ptr<remote::PagePresenter> &presenter,
                                          QThread *engineThread)
{
    makeMeter(engineThread);
    run::Devices devices;
    devices.meter = m_meter;
    devices.presenter = presenter;
    return devices;
}

run::Devices StudioWorkplace::devices(int display, QThread *engineThread)
{
    makeMeter(engineThread);
    m_presenter->setScreen(screenOf(display));
    run::Devices devices = m_desk.devices(display);
    devices.meter = m_meter;
    devices.presenter = m_presenter;
    return devices;
}

run::RunSetup StudioWorkplace::setup(int display) const
{
    run::RunSetup s = m_desk.setup(display, m_patch->size());
    s.meterName = m_meter ? m_meter->name().toStdString() : std::string();
    return s;
}

ReadyFacts StudioWorkplace::readyFacts(int display) const
{
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
    f.foreignLut = m_desk.hasLutLoaded(display);
    f.builtIn = m_desk.facts(display).builtIn;
    return f;
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
