#pragma once

#include <QObject>
#include <QString>

#include <optional>

class QDBusConnection;

namespace lantern::platform {

/// What the desktop tells over D-Bus about things that spoil readings. Each answer is empty where
/// nobody answers, so that the person is asked instead.
class Desktop : public QObject {
    Q_OBJECT
public:
    explicit Desktop(QObject *parent = nullptr);
    ~Desktop() override;

    /// Whether a night light is tinting the screens now.
    [[nodiscard]] std::optional<bool> nightLight() const;
    /// Whether the machine runs on its battery.
    [[nodiscard]] std::optional<bool> onBattery() const;
    /// Whether the machine has a light sensor that may drive its brightness.
    [[nodiscard]] std::optional<bool> hasLightSensor() const;

    /// Keeps screen saver, dimming and sleep away until release(), through
    /// org.freedesktop.ScreenSaver and systemd-logind. True if anybody agreed.
    bool inhibit(const QString &reason);
    void release();
    [[nodiscard]] bool isInhibited() const;

private:
    std::optional<uint> m_screenSaverCookie;
    int m_sleepLock = -1; ///< file descriptor
};

} // namespace lantern::platform
