#pragma once

#include "bench/bench.h"
#include "core/aim/aim.h"
#include "core/judge/validation.h"
#include "core/plan/calibration.h"

#include <array>
#include <optional>
#include <string>
#include <vector>

namespace lantern::marks {

enum class Chart {
    Spread, ///< the program's own
    Chosen, ///< patches chosen while measuring
    Grid,   ///< the largest regular grid with at most so many patches
};

/// One whole job on a bench display.
struct JobOptions {
    std::string displayPath;
    std::string meter = "reference"; ///< or "colorimeter"
    bool noise = true;
    Aim aim;
    int patches = 200;
    Chart chart = Chart::Spread;
    uint64_t seed = 1;
    bool genericFits = false; ///< as well, for comparison
};

/// What the job reached, against the display model itself: no noise, at the centre of the screen.
struct JobOutcome {
    double whiteDeltaUv = 0;
    double luminanceError = 0; ///< relative
    Statistics grey;           ///< ΔE00 from the aim, 5 % up
    Statistics greyTint;       ///< the same without the difference in lightness
    double toneError = 0;      ///< mean relative luminance error, 5 % up
    int levels = 0;            ///< of 256 left
    Statistics forward;        ///< ΔE00, 1000 colours spread through the code values
    Statistics inverse;        ///< ΔE00, the same colours asked for, whole code values sent
    Statistics roundTrip;      ///< ΔE00, B2A then A2B, inside the gamut
    double expected = 0;       ///< mean ΔE00 that the builder expects
    Statistics greyForward;    ///< ΔE00 of the profile for the 256 greys
    /// What generic fits of the same readings reach, forward mean and mean of the greys: matrix and
    /// curves, a thin-plate spline, both in turn; where asked for.
    std::vector<std::array<double, 2>> generic;
    int readings = 0; ///< of the chart
    double buildSeconds = 0;
};

JobOutcome runJob(const JobOptions &options);

std::string readWhole(const std::string &path);

} // namespace lantern::marks
