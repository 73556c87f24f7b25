#include "core/signal/video_lut.h"

#include <algorithm>
#include <cmath>

namespace lantern {

VideoLut VideoLut::identity()
{
    VideoLut lut{};
    for (auto &channel : lut.channels)
        for (int i = 0; i < kSize; ++i)
            channel[i] = static_cast<uint16_t>(i * 257);
    return lut;
}

VideoLut VideoLut::fromTables(const std::array<std::vector<uint16_t>, 3> &tables)
{
    VideoLut lut{};
    for (int c = 0; c < 3; ++c) {
        const auto &table = tables[c];
        for (int i = 0; i < kSize; ++i) {
            const double position = i * static_cast<double>(table.size() - 1) / (kSize - 1);
            const auto k = std::min(static_cast<size_t>(position), table.size() - 2);
            const double f = position - static_cast<double>(k);
            lut.channels[c][i] =
                static_cast<uint16_t>(std::lround(table[k] * (1 - f) + table[k + 1] * f));
        }
    }
    return lut;
}

double VideoLut::evaluate(int c, double input) const
{
    const double position = std::clamp(input, 0.0, 1.0) * (kSize - 1);
    const int i = std::min(static_cast<int>(position), kSize - 2);
    const double f = position - i;
    return (channels[c][i] * (1 - f) + channels[c][i + 1] * f) / 65535;
}

bool VideoLut::isMonotonic() const
{
    return std::all_of(channels.begin(), channels.end(),
                       [](const Channel &c) { return std::is_sorted(c.begin(), c.end()); });
}

SlotTable SlotTable::identity()
{
    SlotTable table{};
    for (auto &channel : table.channels)
        for (int i = 0; i < kSize; ++i)
            channel[i] = i / (kSize - 1.0);
    return table;
}

double SlotTable::evaluate(int c, double input) const
{
    const double position = std::clamp(input, 0.0, 1.0) * (kSize - 1);
    const int i = std::min(static_cast<int>(position), kSize - 2);
    const double f = position - i;
    return channels[c][i] * (1 - f) + channels[c][i + 1] * f;
}

Vec3 SlotTable::apply(const Vec3 &signal) const
{
    Vec3 v = signal;
    if (mixes()) {
        const Vec3 light = v.cwiseMax(0).array().pow(exponent);
        for (int c = 0; c < 3; ++c) {
            const auto row = static_cast<size_t>(3 * c);
            const double mixed =
                mix[row] * light[0] + mix[row + 1] * light[1] + mix[row + 2] * light[2];
            v[c] = std::pow(std::clamp(mixed, 0.0, 1.0), 1 / exponent);
        }
    }
    return {evaluate(0, v[0]), evaluate(1, v[1]), evaluate(2, v[2])};
}

bool SlotTable::isMonotonic() const
{
    return std::all_of(channels.begin(), channels.end(),
                       [](const auto &c) { return std::is_sorted(c.begin(), c.end()); });
}

double quantise(double x, int bits)
{
    const double top = static_cast<double>((1 << bits) - 1);
    return std::floor(std::clamp(x, 0.0, 1.0) * top + 0.5) / top;
}

} // namespace lantern
