#pragma once

#include "core/video_lut.h"

#include <array>
#include <optional>

namespace lantern {

/// What happens to a code value before the panel: the video LUT, and the steps of the link.
///
/// The output is normalised for each channel, 0 at code 0 and 1 at code 255, so that whatever is
/// fitted behind it always has the whole range to be fitted on.
class DriveStage {
public:
    static constexpr int kLevels = 256;

    /// No LUT: drive = code / 255.
    DriveStage();

    /// \param lut what was loaded while measuring, monotonic
    /// \param linkBits bits per channel between LUT and panel, if known: the drive of whole code
    ///        values is then exactly what the panel receives
    DriveStage(const VideoLut &lut, std::optional<int> linkBits);

    /// Drive 0..1 of channel c at a code value 0..255 (clamped); linear between whole ones.
    [[nodiscard]] double drive(int c, double code) const;
    [[nodiscard]] Vec3 drive(const DeviceRgb &rgb) const;

    [[nodiscard]] const std::array<double, kLevels> &levels(int c) const { return m_levels[c]; }
    [[nodiscard]] bool isIdentity() const { return m_identity; }

private:
    std::array<std::array<double, kLevels>, 3> m_levels; ///< rising
    bool m_identity = true;
};

} // namespace lantern
