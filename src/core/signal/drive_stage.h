#pragma once

#include "core/signal/video_lut.h"

#include <array>
#include <optional>

namespace lantern {

/// What is known of the way from a code value to the panel.
struct SignalPath {
    VideoLut lut = VideoLut::identity(); ///< loaded while measuring, monotonic
    std::optional<int> linkBits = {};    ///< bits per channel between LUT and monitor, if known
    std::optional<SlotTable> slot = {};  ///< active in the monitor, if any
    int panelBits = 0;                   ///< steps the panel makes behind its gains; 0: none known
    Vec3 gain = Vec3::Ones();            ///< of the monitor, 0..1; only matters with panelBits
    bool operator==(const SignalPath &) const = default;

    /// What arrives at the panel, 0..1, for a whole code value of channel c.
    [[nodiscard]] double signal(int c, int code) const;
};

/// What happens to a code value before the panel: the video LUT, and the steps of the link.
///
/// The output is normalised for each channel, 0 at code 0 and 1 at code 255, so that whatever is
/// fitted behind it always has the whole range to be fitted on.
class DriveStage {
public:
    static constexpr int kLevels = 256;

    /// No LUT: drive = code / 255.
    DriveStage();

    explicit DriveStage(const SignalPath &path);

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
