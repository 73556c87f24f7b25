#pragma once

#include "core/colour/colour.h"

#include <cstdint>
#include <optional>
#include <span>
#include <string>
#include <vector>

namespace lantern {

/// What a display says of itself over its cable: the base block of its EDID.
/// Source: VESA Enhanced Extended Display Identification Data standard, release A, revision 2.
struct Edid {
    std::string maker;                ///< three letters
    int product = 0;                  ///< number of the model
    std::string serial;               ///< its text if there is one, else its number; empty: neither
    std::string name;                 ///< may be empty
    int year = 0;                     ///< of make or of the model; 0: not told
    double widthMm = 0, heightMm = 0; ///< 0: not told (projectors)
    std::optional<double> gamma;      ///< as the maker says
    std::optional<int> bitsPerChannel; ///< of the link, digital displays only
    Chromaticity red, green, blue, white;

    /// The same unit always, another unit never, as far as the maker numbered them.
    [[nodiscard]] std::string identity() const;
};

/// \param bytes the base block, 128 bytes; extension blocks may follow and are ignored
/// \throws Error BadInput when it is short, has no EDID header or a wrong checksum
Edid edidFromBytes(std::span<const uint8_t> bytes, const std::string &source);

} // namespace lantern
