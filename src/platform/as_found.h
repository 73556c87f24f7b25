#pragma once

#include "platform/output.h"

#include <QLockFile>
#include <QString>

#include <map>
#include <memory>

namespace lantern::platform {

/// What a display had in force before a run began to try things on it, kept in a folder until it is
/// back or something better is installed: a program that is killed leaves nothing behind that the
/// next start does not put right. A file for each output: a line of text with the profile's length
/// and, of a built-in panel, the brightness 0..100; the profile; the LUT as its device saves it. A
/// lock beside it says which program is at it: as long as that one lives, no other touches the
/// output.
class AsFound {
public:
    explicit AsFound(QString folder) : m_folder(std::move(folder)) {}
    static QString usualFolder();

    /// Keeps what is in force now; nothing is done if that was kept before and is not back yet.
    /// \param lut null: the output has none \param light of a built-in panel; null: it has none
    /// \throws Error Device, also when another program is at it
    void note(const QString &output, run::VideoLutDevice *lut, ProfileHome &store,
              run::ControlsDevice *light);
    /// Brings back what was kept, if anything was and no other program is at it, and forgets it.
    /// \throws Error Device
    void putBack(const QString &output, run::VideoLutDevice *lut, ProfileHome &store,
                 run::ControlsDevice *light);
    /// Brings back the brightness alone, if it was kept; the rest stays kept.
    void putLightBack(const QString &output, run::ControlsDevice *light);
    void forget(const QString &output);
    /// This program is at it.
    [[nodiscard]] bool isOurs(const QString &output) const { return m_locks.count(output) != 0; }
    /// Another program is at it.
    [[nodiscard]] bool isOthers(const QString &output);

private:
    struct Kept;
    [[nodiscard]] std::optional<Kept> kept(const QString &output) const;
    [[nodiscard]] QString fileOf(const QString &output) const;
    /// Null when another program that lives holds it, or where it cannot be made.
    QLockFile *lockOf(const QString &output, bool *cannotBeMade = nullptr);

    QString m_folder;
    std::map<QString, std::unique_ptr<QLockFile>> m_locks; ///< held
};

} // namespace lantern::platform
