#pragma once

#include "core/plan/chart.h"
#include "core/reading/reading.h"

#include <vector>

namespace lantern {

/// Foretells how long patches will take from how long others took: a reading costs a fixed time and
/// an integration that grows as the patch gets darker, as far as the meter goes.
class Pace {
public:
    /// \param seconds from asking for the patch to having its reading
    void add(const Reading &reading, double seconds);
    [[nodiscard]] bool knowsAnything() const { return !m_readings.empty(); }
    /// Of patches that are known, and of so many more that are not.
    [[nodiscard]] double secondsFor(const std::vector<DeviceRgb> &patches,
                                    int furtherReadings) const;

    /// From readings of an earlier day, of which only the integrations are known.
    /// \param settleSeconds each waited for besides
    static Pace of(const std::vector<Reading> &readings, double settleSeconds);

private:
    std::vector<Reading> m_readings;
    double m_seconds = 0;            ///< of all readings, on the clock
    double m_integration = 0;        ///< the same, as the meter says
    double m_sumTT = 0, m_sumTW = 0; ///< integration squared; integration times seconds
};

} // namespace lantern
