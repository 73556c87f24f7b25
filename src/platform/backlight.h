#pragma once

#include "platform/output.h"

#include <QString>

#include <memory>

namespace lantern::platform {

/// Where the kernel shows the backlights of built-in panels.
/// Source: Linux, Documentation/ABI/stable/sysfs-class-backlight
inline constexpr char kBacklightFolder[] = "/sys/class/backlight";

/// The light behind a laptop's own panel, a control like a monitor's brightness. It is read from
/// the kernel and turned through logind (org.freedesktop.login1.Session.SetBrightness), which lets
/// whoever sits at the screen do so; where no logind answers, straight in the kernel's file.
class Backlight : public run::ControlsDevice {
public:
    /// The backlight of the panel on a connector, by the name that the display server gives it.
    /// Of several for one panel: the firmware's before the platform's before the driver's, as the
    /// kernel's documentation says. Null with a reason in words when there is none.
    static std::unique_ptr<Backlight> find(const QString &connector, QString *reason,
                                           const QString &folder = kBacklightFolder);

    /// Of a built-in panel; null for other displays.
    static std::unique_ptr<Backlight> of(const Output &output, QString *reason = nullptr);

    /// Brightness alone, in steps of the panel's own but not finer than a tenth of a hundredth.
    [[nodiscard]] ControlCapabilities capabilities() const override;
    std::optional<MonitorControls> read() override;
    /// Never turns the light off altogether.
    void write(const MonitorControls &controls) override;
    [[nodiscard]] bool tellsAtOnce() const override { return true; }

private:
    Backlight(QString name, QString file, uint top);
    [[nodiscard]] uint levelOf(double brightness) const;

    QString m_name; ///< as logind knows it
    QString m_file; ///< its level now
    uint m_top;     ///< its highest level
};

} // namespace lantern::platform
