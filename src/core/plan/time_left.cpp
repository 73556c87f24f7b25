#include "core/plan/time_left.h"

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

/// What the readings so far say of the display's luminances.
LuminanceOutlook outlook(const std::vector<Reading> &readings)
{
    LuminanceOutlook o;
    Vec3 primary = Vec3::Zero();
    double white = 0;
    double black = -1;
    for (const Reading &r : readings) {
        if (r.rgb == DeviceRgb{255, 255, 255})
            white = r.xyz.Y;
        else if (r.rgb == DeviceRgb{0, 0, 0})
            black = r.xyz.Y;
        else if (r.rgb == DeviceRgb{255, 0, 0})
            primary[0] = r.xyz.Y;
        else if (r.rgb == DeviceRgb{0, 255, 0})
            primary[1] = r.xyz.Y;
        else if (r.rgb == DeviceRgb{0, 0, 255})
            primary[2] = r.xyz.Y;
    }
    if (white > 0)
        o.whiteCdM2 = white;
    o.blackCdM2 = black >= 0 ? black : o.whiteCdM2 / 1000;
    if (primary.minCoeff() > 0)
        o.shares = primary / primary.sum();
    return o;
}

} // namespace

void Pace::add(const Reading &reading, double seconds)
{
    m_readings.push_back(reading);
    m_seconds += seconds;
    m_integration += reading.integrationSeconds;
    m_sumTT += reading.integrationSeconds * reading.integrationSeconds;
    m_sumTW += reading.integrationSeconds * seconds;
}

Pace Pace::of(const std::vector<Reading> &readings, double settleSeconds)
{
    Pace pace;
    for (const Reading &r : readings)
        pace.add(r, r.integrationSeconds + settleSeconds);
    return pace;
}

double Pace::secondsFor(const std::vector<DeviceRgb> &patches, int furtherReadings) const
{
    if (m_readings.empty())
        return 0;
    const auto n = static_cast<double>(m_readings.size());
    const double further = m_seconds / n * furtherReadings;
    if (patches.empty())
        return further;
    if (m_integration <= 0) // the meter does not tell: all patches alike
        return further + m_seconds / n * static_cast<double>(patches.size());
    // Integration is inverse to luminance between a shortest and a longest time.
    double shortest = INFINITY;
    double longest = 0;
    for (const Reading &r : m_readings) {
        shortest = std::min(shortest, r.integrationSeconds);
        longest = std::max(longest, r.integrationSeconds);
    }
    std::vector<double> products;
    for (const Reading &r : m_readings)
        if (r.xyz.Y > 0 && r.integrationSeconds > 1.01 * shortest &&
            r.integrationSeconds < 0.99 * longest)
            products.push_back(r.integrationSeconds * r.xyz.Y);
    double product = 0;
    if (!products.empty()) {
        const auto middle = products.begin() + static_cast<long>(products.size() / 2);
        std::nth_element(products.begin(), middle, products.end());
        product = *middle;
    }
    const LuminanceOutlook light = outlook(m_readings);
    const auto integration = [&](double luminance) {
        return luminance > 0 ? std::clamp(product / luminance, shortest, longest) : longest;
    };
    // A reading costs a fixed time and some for each second of integration; least squares over
    // those that were taken. Simulated meters live faster, so that a second need not be one.
    const double spread = m_sumTT - m_integration * m_integration / n;
    double each = 0;
    if (spread > 1e-9)
        each = std::max(0.0, (m_sumTW - m_integration * m_seconds / n) / spread);
    const double fixed = std::max(0.0, (m_seconds - each * m_integration) / n);
    double sum = 0;
    for (const DeviceRgb &patch : patches)
        sum += fixed + each * integration(light.luminance(patch));
    return further + sum;
}

} // namespace lantern
