#pragma once

#include "core/aim/aim.h"
#include "core/reading/reading.h"

#include <optional>
#include <vector>

namespace lantern {

/// What a calibrated display should show of code values while its chart is being read: the light of
/// its primaries, as first read, mixed to the white and along the curve that it was calibrated to.
/// What differs from that is what the chart is read for.
class Expectation {
public:
    /// \param found readings of the display as it was found: red, green, blue and black at least
    /// \param white of the calibrated display, cd/m²
    /// Nothing where a primary is missing or the tone is native.
    static std::optional<Expectation> of(const std::vector<Reading> &found, const XYZ &white,
                                         const ToneCurve &tone);
    [[nodiscard]] XYZ expected(const DeviceRgb &rgb) const;
    [[nodiscard]] const XYZ &white() const { return m_white; }

private:
    Expectation() = default;
    XYZ m_white, m_black;
    Mat3 m_light; ///< columns: what each channel adds at its top
    ToneCurve m_tone;
};

} // namespace lantern
