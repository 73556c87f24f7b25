#include "run/device/meters/driver_meter.h"

#include "run/device/meters/driver_message.h"

#include "core/base/error.h"
#include "core/base/json_object.h"

#include <nlohmann/json.hpp>

#include <QFileInfo>

namespace lantern::run {

namespace {

constexpr qsizetype kDetailLength = 200;

QString shortened(const QString &text)
{
    const QString line = text.trimmed().simplified();
    return line.size() > kDetailLength ? line.left(kDetailLength) + QStringLiteral("…") : line;
}

} // namespace

DriverMeter::DriverMeter(QString program, QStringList arguments, SceneSource *scene,
                         QObject *parent)
    : Meter(parent),
      m_program(std::move(program)),
      m_arguments(std::move(arguments)),
      m_scene(scene),
      m_process(this),
      m_watchdog(this),
      m_waitTimer(this)
{
    m_watchdog.setSingleShot(true);
    connect(&m_watchdog, &QTimer::timeout, this, [this] {
        stopDriver();
        fail(MeterFault::TimedOut, tr("its driver did not answer and was stopped"));
    });
    m_waitTimer.setSingleShot(true);
    connect(&m_waitTimer, &QTimer::timeout, this, [this] { finishTask({}); });
    connect(&m_process, &QProcess::started, this, &DriverMeter::advance);
    connect(&m_process, &ChildProgram::printed, this, &DriverMeter::onOutput);
    connect(&m_process, &ChildProgram::printedTooMuch, this, [this] {
        stopDriver();
        fail(MeterFault::Garbage, tr("its driver sent a line without end"));
    });
    connect(&m_process, &QProcess::finished, this, [this] {
        const QString last = m_process.lastWords();
        m_greeted = false;
        m_pendingId.reset();
        fail(MeterFault::DriverDied, last);
    });
    connect(&m_process, &QProcess::errorOccurred, this, [this](QProcess::ProcessError error) {
        if (error == QProcess::FailedToStart)
            fail(MeterFault::DriverDied, tr("%1 cannot be started").arg(m_program));
    });
    if (m_scene)
        connect(m_scene, &SceneSource::seen, this, [this](Request asked, const QByteArray &scene) {
            if (asked != request() || m_task != Task::Read || m_sceneSent || m_pendingId)
                return;
            if (scene.isEmpty())
                return fail(MeterFault::OffPatch, {});
            m_sceneText = scene;
            advance();
        });
}

DriverMeter::~DriverMeter()
{
    stopDriver();
}

QString DriverMeter::name() const
{
    const std::lock_guard lock(m_nameMutex);
    return m_name.isEmpty() ? QFileInfo(m_program).fileName() : m_name;
}

void DriverMeter::begin(Task task)
{
    if (m_pendingId) // still busy with what was given up
        stopDriver();
    m_task = task;
    m_sceneSent = false;
    m_sceneText.clear();
    m_waitTimer.stop();
    advance();
}

void DriverMeter::cancel()
{
    m_task = Task::None;
    m_watchdog.stop();
    m_waitTimer.stop();
}

void DriverMeter::restore(const QByteArray &state)
{
    m_state = state;
    m_restored = false;
}

void DriverMeter::setTechnology(const QString &technology)
{
    m_technologySent &= technology == m_technology;
    m_technology = technology;
}

void DriverMeter::advance()
{
    if (m_task == Task::None || m_pendingId)
        return;
    if (m_process.state() == QProcess::NotRunning) {
        m_greeted = false;
        m_process.start(m_program, m_arguments);
        return;
    }
    if (m_process.state() == QProcess::Starting)
        return;
    if (!m_greeted)
        return call("hello", {{"protocol", 1}, {"client", "bold-lantern"}});
    if (!m_restored && m_canRestore && !m_state.isEmpty())
        return call("restore", {{"state", m_state.toStdString()}});
    if (!m_technologySent && m_canTechnology && !m_technology.isEmpty())
        return call("technology", {{"technology", m_technology.toStdString()}});
    switch (m_task) {
    case Task::None:
        break;
    case Task::Greet:
        finishTask({});
        break;
    case Task::Zero:
        if (m_canZero)
            call("zero");
        else
            finishTask({});
        break;
    case Task::Wait:
        if (m_canWait)
            call("wait", {{"seconds", m_waitSeconds}});
        else if (!m_waitTimer.isActive())
            m_waitTimer.start(static_cast<int>(1000 * m_waitSeconds));
        break;
    case Task::Room:
        if (m_canRoom)
            call("room");
        else
            fail(MeterFault::CannotDo, {});
        break;
    case Task::Read:
        if (m_wantsScene && !m_scene)
            fail(MeterFault::CannotDo, tr("it is a simulated meter and there is no bench here"));
        else if (m_wantsScene && m_sceneText.isEmpty()) {
            m_scene->look(request());
        } else if (m_wantsScene && !m_sceneSent)
            call("scene", nlohmann::json::parse(m_sceneText.toStdString()));
        else
            call("read");
        break;
    }
}

void DriverMeter::call(const char *method, const nlohmann::json &params)
{
    m_pendingId = ++m_lastId;
    m_pendingMethod = method;
    const nlohmann::json request = {
        {"jsonrpc", "2.0"}, {"id", m_lastId}, {"method", method}, {"params", params}};
    m_process.write(QByteArray::fromStdString(request.dump()) + '\n');
    m_watchdog.start(m_patienceMs);
}

void DriverMeter::onOutput()
{
    while (const auto line = m_process.takeLine())
        if (!line->trimmed().isEmpty())
            onLine(*line);
}

void DriverMeter::onLine(const QByteArray &line)
{
    DriverReply reply;
    const DriverLine kind = driverLine(line.toStdString(), reply);
    if (kind == DriverLine::Garbage) {
        if (!m_pendingId)
            return;
        stopDriver();
        return fail(MeterFault::Garbage,
                    tr("its driver sent \"%1\"").arg(shortened(QString::fromUtf8(line))));
    }
    if (kind == DriverLine::Other || !m_pendingId || reply.id != *m_pendingId)
        return; // a notification, or the answer to something given up
    m_pendingId.reset();
    m_watchdog.stop();
    if (!reply.isError)
        return onAnswer(reply.result);
    fail(reply.fault, shortened(QString::fromStdString(reply.problem)));
}

void DriverMeter::onAnswer(const nlohmann::json &result)
{
    if (m_pendingMethod == "hello")
        onGreeting(result);
    else if (m_pendingMethod == "restore")
        m_restored = true;
    else if (m_pendingMethod == "technology")
        m_technologySent = true;
    else if (m_pendingMethod == "scene")
        m_sceneSent = true;
    else
        return finishTask(result);
    advance();
}

void DriverMeter::onGreeting(const nlohmann::json &result)
{
    try {
        const DriverGreeting g = driverGreeting(result);
        {
            const std::lock_guard lock(m_nameMutex);
            m_name = QString::fromStdString(g.name);
        }
        m_canZero = g.zero;
        m_canRoom = g.room;
        m_wantsScene = g.scene;
        m_canRestore = g.state;
        m_canWait = g.wait;
        m_canTechnology = g.technology;
        m_technologySent = false;
        m_zeroesByItself = g.zeroesByItself;
        m_greeted = true;
        m_restored = false;
    } catch (const Error &) {
        stopDriver();
        fail(MeterFault::DriverDied, tr("its driver does not speak version 1 of the protocol"));
    }
}

void DriverMeter::finishTask(const nlohmann::json &result)
{
    const Task task = std::exchange(m_task, Task::None);
    if (task == Task::None)
        return;
    if (task == Task::Zero)
        return emit zeroed(request());
    if (task == Task::Greet)
        return emit greeted(request());
    if (task == Task::Wait)
        return emit waited(request());
    try {
        if (task == Task::Room) {
            const DriverRoom room = driverRoom(result);
            emit roomRead(request(), {room.lux, room.light});
            return;
        }
        const DriverReading reading = driverReading(result);
        if (!reading.state.empty())
            m_state = QByteArray::fromStdString(reading.state);
        emit readingFinished(request(), reading.xyz, reading.seconds);
    } catch (const Error &) {
        m_task = task;
        fail(MeterFault::Garbage,
             tr("its driver sent \"%1\"").arg(shortened(QString::fromStdString(result.dump()))));
    }
}

void DriverMeter::stopDriver()
{
    m_watchdog.stop();
    m_pendingId.reset();
    m_greeted = false;
    m_process.stop();
}

void DriverMeter::fail(MeterFault fault, const QString &detail)
{
    m_watchdog.stop();
    if (std::exchange(m_task, Task::None) != Task::None)
        emit failed(request(), fault, detail);
}

} // namespace lantern::run

// Beside its class: else whoever needs one meter is linked with the whole run.
#include "moc_driver_meter.cpp"
