#pragma once

#include "core/colour/colour.h"

#include <array>
#include <cmath>
#include <cstdint>
#include <numeric>
#include <string>
#include <vector>

namespace lantern::test {

/// A made-up display's EDID 1.4: 597 x 336 mm, ten bits, its primaries given to 1/1024.
inline std::vector<uint8_t> madeUpEdid(const std::array<Chromaticity, 4> &colours,
                                       const std::string &name)
{
    std::vector<uint8_t> e(128, 0);
    const std::array<uint8_t, 8> header = {0, 255, 255, 255, 255, 255, 255, 0};
    std::copy(header.begin(), header.end(), e.begin());
    const int maker = (19 << 10) | (13 << 5) | 8; // S M H
    e[8] = static_cast<uint8_t>(maker >> 8);
    e[9] = static_cast<uint8_t>(maker & 255);
    e[10] = 0x2a;
    e[11] = 0x01;
    e[12] = 42;
    e[16] = 12;
    e[17] = 34; // 2024
    e[18] = 1;
    e[19] = 4;
    e[20] = 0x80 | 3 << 4 | 5; // digital, ten bits, DisplayPort
    e[21] = 60;
    e[22] = 34;
    e[23] = 120;
    e[24] = 0x06;
    std::array<int, 8> v{};
    for (size_t i = 0; i < 4; ++i) {
        v[2 * i] = static_cast<int>(std::lround(colours[i].x * 1024));
        v[2 * i + 1] = static_cast<int>(std::lround(colours[i].y * 1024));
    }
    e[25] = static_cast<uint8_t>((v[0] & 3) << 6 | (v[1] & 3) << 4 | (v[2] & 3) << 2 | (v[3] & 3));
    e[26] = static_cast<uint8_t>((v[4] & 3) << 6 | (v[5] & 3) << 4 | (v[6] & 3) << 2 | (v[7] & 3));
    for (size_t i = 0; i < 8; ++i)
        e[27 + i] = static_cast<uint8_t>(v[i] >> 2);
    for (size_t i = 38; i < 54; ++i)
        e[i] = 1; // no standard timings
    // 2560 x 1440 at 60 Hz with reduced blanking, VESA CVT
    const std::array<uint8_t, 18> timing = {0x56, 0x5e, 0x00, 0xa0, 0xa0, 0xa0, 0x29, 0x50, 0x30,
                                            0x20, 0x35, 0x00, 0x55, 0x50, 0x21, 0x00, 0x00, 0x1a};
    std::copy(timing.begin(), timing.end(), e.begin() + 54);
    const auto text = [&](size_t at, uint8_t tag, const std::string &words) {
        e[at + 3] = tag;
        for (size_t i = 0; i < 13; ++i)
            e[at + 5 + i] = i < words.size()    ? static_cast<uint8_t>(words[i])
                            : i == words.size() ? '\n'
                                                : ' ';
    };
    text(72, 0xfc, name);
    text(90, 0xff, "SM27-0042");
    text(108, 0xfe, "");
    e[127] = static_cast<uint8_t>(256 - std::accumulate(e.begin(), e.end(), 0) % 256);
    return e;
}

inline constexpr std::array<Chromaticity, 4> kMadeUpColours = {
    {{0.680, 0.310}, {0.210, 0.700}, {0.150, 0.055}, {0.3127, 0.3290}}};

} // namespace lantern::test
