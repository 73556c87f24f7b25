#pragma once

#include "run/device/devices.h"

#include <QString>

#include <memory>

namespace lantern::platform {

/// A monitor's controls over its control channel (DDC/CI), found through libddcutil.
/// Codes: VESA MCCS standard 2.2a: 10h luminance, 12h contrast, 16h 18h 1Ah video gains.
class ControlChannel : public run::ControlsDevice {
public:
    /// Looks for a monitor with this EDID (base block, 128 bytes). Null with a reason in words when
    /// the machine has no such bus, may not use it, or the monitor does not answer.
    static std::unique_ptr<ControlChannel> find(const QByteArray &edid, QString *reason);
    ~ControlChannel() override;

    [[nodiscard]] ControlCapabilities capabilities() const override;
    std::optional<MonitorControls> read() override;
    void write(const MonitorControls &controls) override;

private:
    struct Handle;
    explicit ControlChannel(std::unique_ptr<Handle> handle);
    std::unique_ptr<Handle> m_handle;
};

} // namespace lantern::platform
