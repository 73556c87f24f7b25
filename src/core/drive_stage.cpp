#include "core/drive_stage.h"

#include <algorithm>

namespace lantern {

DriveStage::DriveStage()
{
    for (auto &channel : m_levels)
        for (int i = 0; i < kLevels; ++i)
            channel[i] = i / (kLevels - 1.0);
}

DriveStage::DriveStage(const VideoLut &lut, std::optional<int> linkBits) : DriveStage()
{
    constexpr int kFineEnough = 12; // steps smaller than a twentieth of a code value
    const bool stepped = linkBits && *linkBits < kFineEnough;
    m_identity = lut == VideoLut::identity() && linkBits.value_or(8) >= 8;
    if (m_identity)
        return;
    for (int c = 0; c < 3; ++c) {
        auto value = [&](int i) {
            const double v = lut.channels[c][i] / 65535.0;
            return stepped ? quantise(v, *linkBits) : v;
        };
        const double low = value(0);
        const double range = value(kLevels - 1) - low;
        if (range <= 0) // a channel that is off: any drive will do
            continue;
        for (int i = 0; i < kLevels; ++i)
            m_levels[c][i] = (value(i) - low) / range;
    }
}

double DriveStage::drive(int c, double code) const
{
    const double position = std::clamp(code, 0.0, 255.0);
    const int i = std::min(static_cast<int>(position), kLevels - 2);
    const double f = position - i;
    return m_levels[c][i] * (1 - f) + m_levels[c][i + 1] * f;
}

Vec3 DriveStage::drive(const DeviceRgb &rgb) const
{
    return {drive(0, rgb.r), drive(1, rgb.g), drive(2, rgb.b)};
}

} // namespace lantern
