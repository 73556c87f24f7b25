#include "core/signal/drive_stage.h"

#include <algorithm>

namespace lantern {

DriveStage::DriveStage()
{
    for (auto &channel : m_levels)
        for (int i = 0; i < kLevels; ++i)
            channel[i] = i / (kLevels - 1.0);
}

DriveStage::DriveStage(const SignalPath &path) : DriveStage()
{
    m_identity = path.lut == VideoLut::identity() && path.linkBits.value_or(8) >= 8 && !path.slot &&
                 path.panelBits == 0;
    if (m_identity)
        return;
    for (int c = 0; c < 3; ++c) {
        const double low = path.signal(c, 0);
        const double range = path.signal(c, kLevels - 1) - low;
        if (range <= 0) // a channel that is off: any drive will do
            continue;
        for (int i = 0; i < kLevels; ++i)
            m_levels[c][i] = (path.signal(c, i) - low) / range;
    }
}

double SignalPath::signal(int c, int code) const
{
    constexpr int kFineEnough = 12; // steps smaller than a twentieth of a code value
    double v = lut.channels[c][code] / 65535.0;
    if (linkBits && *linkBits < kFineEnough)
        v = quantise(v, *linkBits);
    if (slot)
        v = slot->evaluate(c, v);
    return panelBits > 0 ? quantise(v * gain[c], panelBits) : v;
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
