#pragma once

#include "core/adjustment.h"
#include "core/meter_fault.h"
#include "core/plan.h"
#include "run/run_setup.h"

#include <QByteArray>
#include <QObject>
#include <QString>

#include <optional>

namespace lantern::run {

/// A meter. Readings are asked for and arrive later; a meter reads one patch at a time.
class Meter : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    [[nodiscard]] virtual QString name() const = 0;
    /// Starts a reading of what is in front of the meter. Ends in exactly one of the signals.
    virtual void startReading() = 0;
    /// Gives up a started reading; neither signal follows.
    virtual void cancelReading() = 0;
    /// Zeroes the meter, if it can and needs to.
    virtual void zero() {}
    /// Whatever the meter needs to go on after a crash as if nothing had happened; kept with each
    /// reading. Real meters have nothing to say here.
    [[nodiscard]] virtual QByteArray state() const { return {}; }
    virtual void restore(const QByteArray &state) { Q_UNUSED(state) }

signals:
    void readingFinished(const lantern::XYZ &xyz, double integrationSeconds);
    void readingFailed(lantern::MeterFault fault);
};

/// Shows patches on the display that is being measured.
class PatchPresenter : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// Shows a patch; shown() follows when it is really on the screen, failed() when it cannot be.
    virtual void show(const lantern::DeviceRgb &rgb) = 0;
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
