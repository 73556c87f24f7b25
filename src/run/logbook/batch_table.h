#pragma once

#include "core/judge/spread.h"
#include "core/judge/verdict.h"
#include "run/book/batch.h"
#include "run/logbook/logbook.h"

#include <map>
#include <optional>
#include <vector>

namespace lantern::run {

/// A figure of units that a batch is looked through for.
struct BatchFigure {
    const char *row;  ///< of the logbook, see docs/file-formats.md
    const char *unit; ///< empty: none
    int decimals;
    double smallest; ///< differences between units that are none: what meters scatter by (our own)
};
/// White, light and contrast as proved, greys, colours, and what the panel can do.
const std::vector<BatchFigure> &batchFigures();

/// A unit of a batch, as its last run left it.
struct BatchUnit {
    QString serial;
    qint64 run = 0;    ///< 0: it waits
    int attempts = 0;  ///< runs begun
    QString startedAt; ///< of the last one, ISO 8601, UTC
    bool isFinished = false;
    Call call = Call::NotJudged;           ///< of the last finished one
    std::map<std::string, double> figures; ///< by row, those that it has
    std::map<std::string, double> scores;  ///< see outlierScores(); of finished units only
    [[nodiscard]] bool isOutlier(const std::string &row) const
    {
        const auto score = scores.find(row);
        return score != scores.end() && std::abs(score->second) > kOutlierScore;
    }
};

/// The reference unit as the meter read it.
struct ReferenceReading {
    qint64 run = 0;
    QString at;       ///< ISO 8601, UTC
    XYZ white;        ///< cd/m²
    MeterDrift drift; ///< against the first
};

/// All that is known of a batch.
struct BatchTable {
    std::vector<BatchUnit> units; ///< in the order of their first runs, then those that wait
    std::map<std::string, Spread> spreads;   ///< of finished units, by row
    std::vector<ReferenceReading> reference; ///< oldest first
    /// Finished units since the reference unit was read last; nothing: it never was.
    std::optional<int> unitsSinceReference;
    [[nodiscard]] const BatchUnit *unit(const QString &serial) const;
};

BatchTable batchTable(Logbook &logbook, const Batch &batch);

/// A line for each unit and for mean, standard deviation, median, least and most; numbers in the C
/// locale. \param batch that the table is of
QByteArray batchTableToCsv(const BatchTable &table, const Batch &batch);

/// Whether the reference unit is to be read before the next one.
bool isReferenceDue(const BatchTable &table, const Batch &batch);

} // namespace lantern::run
