#pragma once

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <vector>

namespace lantern {

/// Four bytes from `at` on, which must be there, as an uInt32Number. Source: ICC.1:2022, 4.
inline uint32_t bigEndian(const std::vector<uint8_t> &bytes, size_t at)
{
    return static_cast<uint32_t>(bytes[at]) << 24 | static_cast<uint32_t>(bytes[at + 1]) << 16 |
           static_cast<uint32_t>(bytes[at + 2]) << 8 | bytes[at + 3];
}

/// 0..1 as the sixteen bits of a curve or table; beyond it the nearer end.
inline uint16_t sixteenBits(double zeroToOne)
{
    return static_cast<uint16_t>(std::lround(std::clamp(zeroToOne, 0.0, 1.0) * 65535));
}

} // namespace lantern
