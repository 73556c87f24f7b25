#pragma once

#include "core/colour/colour.h"

#include <array>
#include <cstdint>
#include <vector>

namespace lantern {

/// Video look-up table: 256 entries of 16 bits for each of red, green, blue.
struct VideoLut {
    static constexpr int kSize = 256;
    using Channel = std::array<uint16_t, kSize>;
    std::array<Channel, 3> channels;

    /// Entry i is i * 257.
    static VideoLut identity();

    /// From a table of any size >= 2 for each channel, linear interpolation.
    static VideoLut fromTables(const std::array<std::vector<uint16_t>, 3> &tables);

    /// Output 0..1 for an input 0..1 (clamped) of channel c; linear between entries.
    [[nodiscard]] double evaluate(int c, double input) const;

    [[nodiscard]] bool isMonotonic() const;
    bool operator==(const VideoLut &) const = default;
};

/// What a slot of a monitor's own memory holds: tables of 1024 numbers 0..1 for red, green and
/// blue, looked up with linear interpolation; before them, where the monitor can, its primaries
/// mixed: (mix · signal^exponent)^(1/exponent), held to 0..1.
struct SlotTable {
    static constexpr int kSize = 1024;
    static constexpr std::array<double, 9> kNoMix = {1, 0, 0, 0, 1, 0, 0, 0, 1};
    std::array<std::array<double, kSize>, 3> channels;
    std::array<double, 9> mix = kNoMix; ///< row by row
    double exponent = 2.2;

    static SlotTable identity();
    /// Output 0..1 for an input 0..1 (clamped) of channel c; linear between entries.
    [[nodiscard]] double evaluate(int c, double input) const;
    [[nodiscard]] bool mixes() const { return mix != kNoMix; }
    /// All three channels 0..1, mixed and looked up.
    [[nodiscard]] Vec3 apply(const Vec3 &signal) const;
    [[nodiscard]] bool isMonotonic() const;
    bool operator==(const SlotTable &) const = default;
};

/// floor(x * (2^bits - 1) + 0.5) / (2^bits - 1) after clamping x to 0..1. bits 1..16.
double quantise(double x, int bits);

} // namespace lantern
