#pragma once

#include "run/device/devices.h"
#include "run/device/meters/child_program.h"

#include <QStringList>
#include <QTimer>

#include <nlohmann/json.hpp>

#include <mutex>

namespace lantern::run {

/// Tells a driver of a simulated meter what is in front of it. Real meters look for themselves.
class SceneSource : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// Looks; seen() follows.
    virtual void look(Request request) = 0;
signals:
    /// \param scene as JSON text; empty when the patch cannot be seen
    void seen(lantern::run::Request request, const QByteArray &scene);
};

/// A meter behind a driver program of its own: JSON-RPC 2.0 over standard input and output, see
/// docs/meter-driver.md. A driver that dies, hangs or prints rubbish costs a reading, not a run: it
/// is stopped and started again with the next task.
class DriverMeter : public Meter {
    Q_OBJECT
public:
    /// \param scene not owned, may be null
    DriverMeter(QString program, QStringList arguments, SceneSource *scene = nullptr,
                QObject *parent = nullptr);
    ~DriverMeter() override;

    /// How long a driver may take for one answer before it is taken for hung.
    void setPatienceMs(int ms) { m_patienceMs = ms; }

    /// As the driver said; before it did, the program's file name.
    [[nodiscard]] QString name() const override;
    [[nodiscard]] bool zeroesByItself() const override { return m_zeroesByItself; }
    void setTechnology(const QString &technology) override;
    [[nodiscard]] bool correctsForTechnology() const override { return m_canTechnology; }
    void cancel() override;
    /// The driver's own watch on its answers ends sooner.
    [[nodiscard]] std::optional<int> patienceMs() const override { return std::nullopt; }
    [[nodiscard]] QByteArray state() const override { return m_state; }
    void restore(const QByteArray &state) override;

protected:
    void read(const DeviceRgb &) override { begin(Task::Read); }
    void zero() override { begin(Task::Zero); }
    void greet() override { begin(Task::Greet); }
    void room() override { begin(Task::Room); }
    void wait(double seconds) override
    {
        m_waitSeconds = seconds;
        begin(Task::Wait);
    }

private:
    enum class Task { None, Read, Zero, Greet, Room, Wait };
    void begin(Task task);
    /// Does the next thing the task needs.
    void advance();
    void call(const char *method, const nlohmann::json &params = nlohmann::json::object());
    void onOutput();
    void onLine(const QByteArray &line);
    void onAnswer(const nlohmann::json &result);
    void finishTask(const nlohmann::json &result);
    void onGreeting(const nlohmann::json &result);
    void stopDriver();
    void fail(MeterFault fault, const QString &detail);

    QString m_program;
    QStringList m_arguments;
    SceneSource *m_scene;
    ChildProgram m_process;
    QTimer m_watchdog;
    int m_patienceMs = 30'000;
    Task m_task = Task::None;
    bool m_greeted = false, m_restored = false, m_sceneSent = false;
    bool m_canRestore = false, m_wantsScene = false, m_canZero = false, m_canRoom = false;
    bool m_canWait = false; ///< has a time of its own
    double m_waitSeconds = 0;
    QTimer m_waitTimer; ///< for all others
    bool m_zeroesByItself = true;
    QByteArray m_sceneText;
    QString m_technology; ///< to be told
    bool m_canTechnology = false, m_technologySent = false;
    mutable std::mutex m_nameMutex; ///< the window asks for the name too
    QString m_name;
    QByteArray m_state;
    int m_lastId = 0;
    std::optional<int> m_pendingId;
    std::string m_pendingMethod;
};

} // namespace lantern::run
