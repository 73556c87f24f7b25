#pragma once

#include "platform/lut_tables.h"

#include <QDBusConnection>
#include <QString>

#include <optional>

namespace lantern::platform {

/// Gamma tables of an output as the desktop shell's own D-Bus interface for displays has them
/// (org.gnome.Mutter.DisplayConfig: GetResources, GetCrtcGamma, SetCrtcGamma). They stay until
/// somebody loads others.
class ShellGammaLut : public TableLut {
public:
    /// Null where no such shell answers or the output has no tables. \param output connector
    static std::unique_ptr<ShellGammaLut>
    find(const QString &output, const QDBusConnection &bus = QDBusConnection::sessionBus());

private:
    ShellGammaLut(QString output, const QDBusConnection &bus)
        : m_output(std::move(output)), m_bus(bus)
    {}
    /// The shell numbers its state; a number of yesterday is refused.
    struct Place {
        uint serial = 0, crtc = 0;
    };
    [[nodiscard]] std::optional<Place> place() const;
    [[nodiscard]] std::optional<LutTables> loaded() const;
    int size() override { return m_size; }
    LutTables tables() override;
    void setTables(const LutTables &tables) override;

    QString m_output;
    QDBusConnection m_bus;
    int m_size = 0;
};

} // namespace lantern::platform
