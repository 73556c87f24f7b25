#pragma once

#include "platform/standing.h"

#include <QDate>
#include <QString>
#include <QStringList>

#include <string>
#include <utility>
#include <vector>

namespace lantern::desk {

/// A profile that was made for a display or used on it.
struct KnownProfile {
    QString path, title;
    QDate madeOn;                       ///< invalid: its header does not tell
    QString maker;                      ///< the program that made it; empty: not told
    QString aim;                        ///< in words, as our own profiles tell; empty: not told
    std::optional<double> meanDeltaE00; ///< when it was last proved
    bool inUse = false;
    bool ours = false; ///< in the person's own folder, to be removed at will
    bool operator==(const KnownProfile &) const = default;
};

/// Where profiles lie: the person's own folder first, then those for all users. Source: XDG Base
/// Directory Specification and the colour service's folders.
QStringList profileFolders();

/// The profiles in the folders that name the display, and those that were used on it, newest first.
/// What is no profile is left out. \param mapping of the display, see platform::profileMapping();
/// empty: it tells nothing of itself \param declared bytes of the one in use
std::vector<KnownProfile>
knownProfiles(const platform::Standing &standing,
              const std::vector<std::pair<std::string, std::string>> &mapping,
              const QStringList &folders, const QByteArray &declared);

/// A person chooses the profile in a file for a display; with an empty path none at all. Kept on
/// the shelf. \returns the video LUT that goes with it \throws Error BadInput when it is none of an
/// RGB display
VideoLut useFile(platform::Standing &standing, const QString &path,
                 const platform::StandingShelf &shelf);

} // namespace lantern::desk
