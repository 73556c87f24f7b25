#pragma once

#include "core/aim/aim.h"

#include <QDateTime>
#include <QString>
#include <QStringList>

namespace lantern::run {

/// Displays of one computer at most.
inline constexpr int kMostMatched = 16;

/// Displays that are to be alike. Their runs follow one another, with one meter; which of them are
/// done is told by the logbook.
struct Match {
    QStringList displays; ///< ids, in the order of the runs
    QDateTime begunAt;    ///< UTC, to the second; invalid: they are only chosen so far
    Aim aim;              ///< that they share, once it is begun
    [[nodiscard]] bool isBegun() const { return begunAt.isValid(); }
    bool operator==(const Match &) const = default;
};

/// Format "bold-lantern-match" version 1. None where there is no such file.
/// \throws Error BadInput, Device
Match readMatch(const QString &path);
/// \throws Error Device
void writeMatch(const QString &path, const Match &match);

} // namespace lantern::run
