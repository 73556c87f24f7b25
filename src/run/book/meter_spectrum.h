#pragma once

#include <vector>

namespace lantern::run {

/// Light over wavelength as a spectral meter gives it: from the first to the last in equal steps, on
/// any one scale.
struct MeterSpectrum {
    double firstNm = 0, lastNm = 0;
    std::vector<double> values;
    bool operator==(const MeterSpectrum &) const = default;
};

} // namespace lantern::run
