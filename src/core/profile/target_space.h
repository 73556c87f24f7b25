#pragma once

#include "core/aim/aim.h"
#include "core/colour/colour.h"
#include "core/profile/reference_set.h"

#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// A space that a display claims to be, so that code values are held against it without any
/// profile between: primaries, white and tone curve, black being no light.
class TargetSpace {
public:
    TargetSpace(std::string name, const PrimarySet &primaries, const Chromaticity &white,
                ToneCurve tone);
    [[nodiscard]] const std::string &name() const { return m_name; }
    /// PCS Lab (D50, relative to the space's white) of code values 0..255.
    [[nodiscard]] Lab toLab(const DeviceRgb &rgb) const;
    /// Code values for a PCS Lab, clamped to 0..255, not rounded.
    [[nodiscard]] DeviceRgb toDevice(const Lab &lab) const;

private:
    std::string m_name;
    XYZ m_white; ///< Y = 1
    Mat3 m_mix;  ///< columns: the primaries' XYZ
    ToneCurve m_tone;
};

/// "srgb", "adobe-rgb", "display-p3", "dci-p3", "rec2020" with the tone curves of their standards:
/// sRGB's own, gamma 563/256 (Adobe RGB (1998) specification, 4.3.4.2), sRGB's (Display P3), gamma
/// 2.6 (SMPTE RP 431-2) and gamma 2.4 (ITU-R BT.1886 with no light at black).
std::optional<TargetSpace> targetSpaceByKey(const std::string &key);
/// Their keys with names for people, in order.
struct TargetName {
    std::string key, title;
};
const std::vector<TargetName> &targetNames();

/// The space that an aim describes. Nothing where it leaves the tone or, without the display's
/// own, the primaries as they are. \param native primaries of the display
std::optional<TargetSpace> targetSpaceOf(const Aim &aim, const std::optional<PrimarySet> &native);

} // namespace lantern
