#pragma once

#include "core/aim/aim.h"
#include "run/book/named_files.h"

#include <vector>

namespace lantern::run {

/// The person's own aims, one file each in a folder.
class AimShelf {
public:
    explicit AimShelf(QString folder) : m_files(std::move(folder)) {}

    /// All that can be read, by name. Files that cannot are passed over and named in `broken`.
    [[nodiscard]] std::vector<Aim> aims(QStringList *broken = nullptr) const;
    /// Adds, or takes the place of the one with the same name. \throws Error Device
    void keep(const Aim &aim) const;
    /// \throws Error Device when it cannot be removed; a name that is not there is fine.
    void remove(const QString &name) const { m_files.remove(name); }

private:
    NamedFiles m_files;
};

} // namespace lantern::run
