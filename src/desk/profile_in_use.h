#pragma once

#include "platform/standing.h"
#include "run/book/run_results.h"
#include "run/device/devices.h"

#include <QString>

#include <optional>

namespace lantern::desk {

/// Whether the profile of a run is really the one in use, read back from the display server.
struct ProfileInUse {
    bool checked = false;
    bool profileMatches = false;
    bool lutMatches = false;
    QString found; ///< what is in use, in words
    QString place; ///< it was read back from: the display server, the bench
    bool operator==(const ProfileInUse &) const = default;
    [[nodiscard]] bool isRight() const { return checked && profileMatches && lutMatches; }
};

/// The video LUT that goes with a run's profile.
std::optional<VideoLut> installedLut(const run::RunResults &results);

/// Whether the profile of a display's last run is to be in force, or one that a person chose since;
/// noted in the standing.
bool takesOver(platform::Standing &standing, const run::RunResults &lastRun);

/// Compares what was read back with what a run installed.
/// \param lut null: the output has none, and nothing can be lost there
/// \param place they were read back from, in words
ProfileInUse judgeProfileInUse(const QByteArray &declared, run::VideoLutDevice *lut,
                               const run::RunResults &results, const QString &place);

} // namespace lantern::desk
