#pragma once

#include "core/aim/common_aim.h"
#include "core/judge/agreement.h"
#include "core/judge/ranking.h"
#include "run/logbook/logbook.h"

#include <QByteArray>
#include <QString>

#include <optional>
#include <vector>

namespace lantern::run {

/// What a display showed at a time, as its readings of then tell: enough to foretell what it made
/// of any colour. A plain value.
struct DeskState {
    QString displayId, displayName, meter;
    qint64 run = 0;    ///< whose profile is in use
    qint64 readIn = 0; ///< run that read it last
    QString readAt;    ///< when that began, ISO 8601, UTC
    QByteArray profile;
    XYZ white;                      ///< when the profile was made, cd/m²
    Mat3 change = Mat3::Identity(); ///< of its light since
    PrimarySet primaries = kSrgbPrimaries;
    double profileError = 0; ///< mean ΔE00
    LightUncertainty certificate, mismatch;
    std::optional<ReadDisplay> read; ///< before it was calibrated; nothing: that was not read
    RankedDisplay rank;              ///< its name is the display's
};

/// As a run found it: a calibration or proof through its profile, a check by what it read of its
/// reference's. \throws Error BadInput: nothing was measured in it, or it is not finished
DeskState stateIn(Logbook &book, qint64 run);

/// As it was read last: its newest finished calibration or proof, and a check after that. Nothing:
/// there is none.
std::optional<DeskState> stateNow(Logbook &book, const std::vector<LogLine> &lines,
                                  const QString &displayId);

/// What a display was read to be able to do, last: before a calibration, or when one of its picture
/// modes was read, as that mode is. Nothing: never.
struct ReadBefore {
    ReadDisplay display;
    qint64 run = 0;
    QString readAt; ///< ISO 8601, UTC
};
std::optional<ReadBefore> readLast(Logbook &book, const std::vector<LogLine> &lines,
                                   const QString &displayId);

/// Ids of all displays that have runs, by name.
std::vector<QString> displaysIn(const std::vector<LogLine> &lines);

Agreement agreementOf(const DeskState &first, const DeskState &second, const ReferenceSet &set,
                      Viewing viewing);

/// The most that these displays can share, from what each was read to do. \param wanted see
/// commonAim() \throws Error BadInput, naming a display that was never read before a calibration
CommonAim commonAim(const std::vector<DeskState> &displays, const Aim &wanted);

/// A figure of two runs.
struct ComparedFigure {
    std::string name, unit;
    std::optional<double> first, second;
    std::optional<double> uncertainty; ///< standard, of the difference, where both are known
    /// The difference stands out from twice its uncertainty; nothing: that is not known.
    [[nodiscard]] std::optional<bool> standsOut() const;
};
/// Every figure that one of both has, in the order of the first.
std::vector<ComparedFigure> comparedFigures(const std::vector<FigureRow> &first,
                                            const std::vector<FigureRow> &second);

} // namespace lantern::run
