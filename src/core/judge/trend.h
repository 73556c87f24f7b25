#pragma once

#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// A figure as it was read on a day.
struct TrendPoint {
    double day = 0;   ///< since whenever, in days
    double value = 0; ///< in what drifts evenly: of a luminance its logarithm
    /// What shares a level: read since one calibration. Another calibration begins another level;
    /// how fast the display drifts is the same in all.
    std::string level = {};
    /// Each meter is off by an amount of its own, always the same: two that read the display on one
    /// level are tied by that.
    std::string meter = {};
};

/// How a figure drifts.
struct Trend {
    double perDay = 0, perDayError = 0; ///< slope with its standard error
    double scatter = 0;                 ///< of single readings about it (k = 1)
    int freedom = 0;                    ///< degrees of freedom of that
    double middleDay = 0;               ///< of the newest level's points
    double middleValue = 0;             ///< of the line there, as the newest meter reads it
    std::vector<size_t> odd;            ///< points that fit nothing around them; left out
    std::optional<size_t> jump;         ///< the figure jumped before that point of the newest level
    /// What the line's variance on a day is made of, in squares of scatter: of its value on the
    /// middle day, of its slope, and of both.
    double valueShare = 0, slopeShare = 0, bothShare = 0;

    [[nodiscard]] double at(double day) const { return middleValue + perDay * (day - middleDay); }
    /// Half the width of the range that the line itself has on that day. \param share 0..1
    [[nodiscard]] double halfRange(double day, double share) const;
};

/// Least squares with a common slope, a level for each calibration and an offset for each meter
/// (analysis of covariance in two ways, without interaction). Points in any order. Nothing for
/// fewer than three points that tell of the slope.
/// \param scatter what single readings are known to scatter by (k = 1), weighed against what the
/// points show as ten degrees of freedom would; nothing: the points alone tell
std::optional<Trend> trendOf(std::vector<TrendPoint> points, std::optional<double> scatter);

/// When a figure will leave its band.
struct Forecast {
    enum class State {
        Steady, ///< not within ten years, as far as can be told
        Leaves, ///< on a day to come
        Left    ///< it is outside
    };
    State state = State::Steady;
    double day = 0;                    ///< expected; of Leaves and Left
    double earliest = 0;               ///< of the range; meaningful for Steady, too: 0 then: never
    std::optional<double> latest = {}; ///< nothing: perhaps never
};

/// \param share of such ranges that hold the true day: where the range of the line crosses the edge
/// (E. C. Fieller, J. R. Stat. Soc. B 16 (1954) 175-185)
Forecast forecast(const Trend &trend, double today, double low, double high, double share = 0.8);

} // namespace lantern
