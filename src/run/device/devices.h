#pragma once

#include "core/plan/adjustment.h"
#include "core/plan/plan.h"
#include "core/reading/meter_fault.h"
#include "run/book/run_setup.h"

#include <QByteArray>
#include <QObject>
#include <QString>
#include <QTimer>

#include <optional>

namespace lantern::run {

/// A meter. Whatever is asked of it arrives later; it does one thing at a time. A task ends in
/// exactly one of the signals.
class Meter : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    [[nodiscard]] virtual QString name() const = 0;
    /// Starts a reading of what is in front of the meter: `shown`, if all is well. Meters that look
    /// for themselves do not need to know.
    virtual void startReading(const DeviceRgb &shown) = 0;
    /// Starts measuring its dark signal. Meters that have none are zeroed at once.
    virtual void startZero() { emit zeroed(); }
    /// False where a person has to cover the meter first: it is then only zeroed when it asks.
    [[nodiscard]] virtual bool zeroesByItself() const { return true; }
    /// False for a person, who takes a reading long after a patch has settled.
    [[nodiscard]] virtual bool readsAtOnce() const { return true; }
    /// Tells what kind of panel it looks at, for meters that correct themselves.
    virtual void setTechnology(const QString &technology) { Q_UNUSED(technology) }
    [[nodiscard]] virtual bool correctsForTechnology() const { return false; }
    /// Starts reading the light of the room, with the diffuser in front.
    virtual void startRoom() { emit failed(MeterFault::CannotDo, {}); }
    /// Lets time pass between readings. Simulated meters live faster.
    virtual void startWait(double seconds)
    {
        QTimer::singleShot(static_cast<int>(1000 * seconds), this, [this, number = ++m_waits] {
            if (number == m_waits) // not given up meanwhile for another one
                emit waited();
        });
    }
    /// Gives up what was started; no signal follows.
    virtual void cancel() = 0;
    /// How long a task may take at most; nothing: as long as a person likes.
    [[nodiscard]] virtual std::optional<int> patienceMs() const { return 60'000; }
    /// Whatever the meter needs to go on after a crash as if nothing had happened; kept with each
    /// reading. Real meters have nothing to say here.
    [[nodiscard]] virtual QByteArray state() const { return {}; }
    virtual void restore(const QByteArray &state) { Q_UNUSED(state) }

signals:
    void readingFinished(const lantern::XYZ &xyz, double integrationSeconds);
    void zeroed();
    void waited();
    void roomRead(const lantern::run::RoomLight &room);
    /// \param detail in the meter's own words, may be empty
    void failed(lantern::MeterFault fault, const QString &detail);

private:
    quint64 m_waits = 0; ///< started
};

/// Shows patches on the display that is being measured.
class PatchPresenter : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// Shows a patch at its usual place, or a lit part of an otherwise black screen; shown()
    /// follows when it is really there, failed() when it cannot be.
    virtual void show(const DeviceRgb &rgb, const std::optional<ScreenRegion> &region) = 0;
    virtual void hide() {}

signals:
    void shown();
    void failed(const QString &reason);
};

/// The monitor's own controls over its control channel. Calls throw Error Device.
class ControlsDevice {
public:
    virtual ~ControlsDevice() = default;
    /// What the program can turn by itself.
    [[nodiscard]] virtual ControlCapabilities capabilities() const = 0;
    /// The present values, or nothing where the monitor does not tell.
    virtual std::optional<MonitorControls> read() = 0;
    virtual void write(const MonitorControls &controls) = 0;
};

/// The video LUT of the display. Calls throw Error Device.
class VideoLutDevice {
public:
    virtual ~VideoLutDevice() = default;
    virtual VideoLut read() = 0;
    virtual void load(const VideoLut &lut) = 0;
};

/// A table in the monitor's own memory. Calls throw Error Device.
class MemorySlotDevice {
public:
    virtual ~MemorySlotDevice() = default;
    virtual void load(const SlotTable &table) = 0;
};

/// Where profiles are installed and which one is in use. Calls throw Error Device.
class ProfileStore {
public:
    virtual ~ProfileStore() = default;
    /// Installs for this user and puts in use; returns the path of the file.
    virtual QString install(const QByteArray &icc, const QString &name) = 0;
    /// Bytes of the profile that is declared to be in use for the display; empty when none is.
    virtual QByteArray inUse() = 0;
};

/// The devices of one run. Pointers are not owned; controls may be null.
struct Devices {
    Meter *meter = nullptr;
    PatchPresenter *presenter = nullptr;
    ControlsDevice *controls = nullptr;
    VideoLutDevice *lut = nullptr;
    ProfileStore *store = nullptr;
    MemorySlotDevice *slot = nullptr; ///< may be null
};

} // namespace lantern::run
