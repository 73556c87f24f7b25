#pragma once

#include "core/colour/colour.h"

#include <QString>
#include <QStringList>

#include <vector>

namespace lantern::run {

/// The person's own charts, a CGATS file each in a folder, by name.
class ChartShelf {
public:
    explicit ChartShelf(QString folder) : m_folder(std::move(folder)) {}
    [[nodiscard]] QStringList names() const;
    /// \throws Error BadInput, Device
    [[nodiscard]] std::vector<DeviceRgb> read(const QString &name) const;
    /// \throws Error Device
    void keep(const QString &name, const std::vector<DeviceRgb> &patches) const;
    void remove(const QString &name) const;

private:
    [[nodiscard]] QString path(const QString &name) const;
    QString m_folder;
};

} // namespace lantern::run
