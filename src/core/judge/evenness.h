#pragma once

#include "core/judge/verdict.h"
#include "core/plan/evenness_plan.h"

#include <optional>
#include <vector>

namespace lantern {

/// A field of the screen in one grey, against the middle of the screen in the same grey.
struct EvenField {
    EvennessSpot spot;
    int level = 0;       ///< of Evenness::greys
    XYZ xyz;             ///< mean of its readings with the drift of white taken out, cd/m²
    double ratio = 1;    ///< luminance over that of the middle
    double deltaUv = 0;  ///< Δu'v'
    UvPrime shift;       ///< u'v' less that of the middle
    double deltaE00 = 0; ///< in CIELAB under the white of the middle
};

/// How even a screen is in one grey.
struct EvenLevel {
    int grey = 0;               ///< code value
    XYZ centre;                 ///< cd/m²
    double least = 1, most = 1; ///< luminance ratios
    double worstDeltaUv = 0, meanDeltaE00 = 0, worstDeltaE00 = 0;
};

/// What it would take to make the whole screen show the white of its middle as evenly as it can:
/// each channel down to what the field that has least of it can give.
struct EveningCost {
    double ofLight = 0; ///< share of the middle's luminance that is lost where only light is evened
    std::optional<double> ofColour; ///< light and colour; nothing: its colours were not read
};

/// How even a display is.
struct Evenness {
    EvennessGrid grid;
    std::vector<int> greys;
    std::vector<EvennessReading> readings; ///< as taken
    std::vector<Reading> colours;          ///< red, green, blue and perhaps black in the middle
    std::vector<EvenField> fields;         ///< those that were read, of all greys
    std::vector<EvenLevel> levels;
    Vec3 drift = Vec3::Zero(); ///< largest relative change of X, Y, Z of white in the middle
    EveningCost cost;
    Verdict verdict; ///< of its worst figures over all greys

    /// The field of a spot in a grey; null: not read.
    [[nodiscard]] const EvenField *find(int column, int row, int level) const;
    /// All fields were read.
    [[nodiscard]] bool isWhole() const;
};

struct EvennessRequest {
    EvennessGrid grid;
    std::vector<int> greys;
    std::vector<EvennessReading> readings; ///< the first stop in the middle, as EvennessPlan takes
    std::vector<Reading> colours; ///< red, green, blue and perhaps black in the middle; or none
    Tolerance tolerance;
    ErrorSources errors; ///< certificate and mismatch; scatter is found in the readings
};

/// The drift of white is read in the middle of the screen at each return, taken as linear in time
/// between two of them, for X, Y and Z by itself, and the same in all greys. The uncertainty of the
/// figures is the scatter of the meter as its repeated readings show it, and what its certificate
/// leaves open, which hardly counts where one light is held against the same light; how differently
/// it was hung is not in it.
/// \throws Error BadInput where the middle of the screen was not read in every grey
Evenness judgeEvenness(const EvennessRequest &request);

/// What two measurements of one display, without and with its own compensation, say of that.
struct CompensationCost {
    double light = 0; ///< share of white's luminance in the middle that it costs
    double worstWith = 0, worstWithout = 0; ///< difference in light from the middle, relative
};
CompensationCost compensationCost(const Evenness &without, const Evenness &with);

} // namespace lantern
