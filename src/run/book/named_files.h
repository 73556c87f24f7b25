#pragma once

#include "core/base/json_object.h"

#include <QString>
#include <QStringList>

#include <functional>
#include <string>

namespace lantern::run {

/// Values of the person's own that are kept by name, a JSON file each, in one folder.
class NamedFiles {
public:
    explicit NamedFiles(QString folder) : m_folder(std::move(folder)) {}

    /// Hands each file to `take`, by file name. Files that cannot be read, or that `take` refuses
    /// with an Error, are passed over and named in `broken`.
    void read(const std::function<void(const Json &, const std::string &source)> &take,
              QStringList *broken = nullptr) const;
    /// Adds, or takes the place of the one with the same name. \throws Error Device
    void keep(const std::string &name, const Json &value) const;
    /// \throws Error Device when it cannot be removed; a name that is not there is fine.
    void remove(const QString &name) const;

private:
    [[nodiscard]] QString path(const QString &name) const;
    QString m_folder;
};

} // namespace lantern::run
