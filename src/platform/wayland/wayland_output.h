#pragma once

#include "platform/colour_device.h"
#include "platform/output.h"

namespace lantern::platform {

/// Active outputs of the compositor of $WAYLAND_DISPLAY; empty when there is none to talk to.
/// \param drmFolder of the kernel's connectors, where the EDIDs are
std::vector<Output> waylandOutputs(const QString &drmFolder = QStringLiteral("/sys/class/drm"));

/// EDID of the display on a connector, as the kernel has it; empty: none.
QByteArray edidOfConnector(const QString &name, const QString &drmFolder);

/// A Wayland compositor takes no profiles: the colour service does, where there is one, and hands
/// them to whoever asks it.
class ServiceProfileHome : public ProfileHome {
public:
    explicit ServiceProfileHome(const Output &output,
                                const QDBusConnection &bus = QDBusConnection::systemBus())
        : m_device(output, bus)
    {}
    QByteArray inUse() override;
    void declare(const QByteArray &icc) override;
    [[nodiscard]] bool isHeard() const override { return m_device.isServed(); }

private:
    ColourDevice m_device;
};

} // namespace lantern::platform
