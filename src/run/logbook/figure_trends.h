#pragma once

#include "core/judge/trend.h"
#include "core/judge/verdict.h"
#include "run/logbook/logbook.h"

#include <QDateTime>

#include <optional>
#include <vector>

namespace lantern::run {

/// A figure that is followed over time.
struct TrendFigure {
    const char *key;              ///< for files and the command line
    const char *row;              ///< of the logbook, see docs/file-formats.md
    std::optional<Figure> judged; ///< that it is in a verdict; nothing: of the display itself
    const char *unit = "";
    /// Falls (or rises) by the same share in the same time, such as light.
    bool isByShare = false;
};
/// White's light first, then the others of the ledger and the display's own.
const std::vector<TrendFigure> &trendFigures();

/// A reading of a figure.
struct TrendReading {
    qint64 run = 0;
    RunKind kind = RunKind::Calibration;
    double day = 0; ///< since 1970
    double value = 0;
    std::optional<double> uncertainty; ///< standard (k = 1)
    QString meter;
    bool isOdd = false; ///< fits nothing around it; left out of the drift
};

/// What happened to a display, for reading its trends.
struct TrendEvent {
    enum class Kind { Calibration, NewAim, NewMeter, CertificateDue, Note };
    Kind kind;
    double day = 0;
    QString text; ///< of a note; the meter's name
};

/// How a figure of a display has gone, and will go.
struct FigureTrend {
    QString displayId, displayName;
    TrendFigure figure = trendFigures().front();
    std::vector<TrendReading> readings; ///< oldest first
    /// Of the value, or of its natural logarithm for figures by share; nothing: too few.
    std::optional<Trend> trend;
    std::optional<Forecast> forecast; ///< nothing: no limit is known, or too few
    std::optional<double> low, high;  ///< band that it is judged by
    double today = 0;
    /// Share that it gains in thirty days (loses, below 0); of figures not by share the amount.
    [[nodiscard]] std::optional<double> perMonth() const;
    /// The line on a day, and its range that holds it eight times of ten.
    struct Range {
        double value, low, high;
    };
    [[nodiscard]] std::optional<Range> at(double day) const;
};

/// \param lines of the book
FigureTrend figureTrend(Logbook &book, const std::vector<LogLine> &lines, const QString &displayId,
                        const TrendFigure &figure, const QDateTime &now);

/// White's light of every display that was proved: by white as read after each calibration, in
/// each proof and in each check; one drift for all, a level for each calibration, an offset for
/// each meter.
std::vector<FigureTrend> lightTrends(Logbook &book, const std::vector<LogLine> &lines,
                                     const QDateTime &now);

/// Oldest first.
std::vector<TrendEvent> trendEvents(Logbook &book, const std::vector<LogLine> &lines,
                                    const QString &displayId);

/// When the display is to be looked at again, by its forecast: when its light may leave its limits
/// at the earliest. Nothing where no forecast allows it.
std::optional<QDateTime> nextCheck(const FigureTrend &light);

} // namespace lantern::run
