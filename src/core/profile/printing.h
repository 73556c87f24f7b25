#pragma once

#include "core/colour/colour.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// A colour of a printing condition.
struct PrintedColour {
    std::string name;  ///< sample id and amounts of ink, as "12: C40 Y100"; "1: paper" for none
    Lab paper;         ///< as printed, D50, absolute
    bool bare = false; ///< no ink: the paper itself
};

/// What a press or a printer does on a paper.
struct Printing {
    std::string name;
    std::vector<PrintedColour> colours;

    /// The lightest bare paper; nothing where there is none.
    [[nodiscard]] std::optional<size_t> paper() const;
    /// The darkest of all. There must be a colour.
    [[nodiscard]] size_t black() const;
};

/// From a characterisation: CGATS with CMYK_C .. CMYK_K, or RGB_R .. RGB_B of a printer that is
/// driven so, and LAB_* or XYZ_* (D50, Y = 100). \throws Error BadInput naming source, line, field
Printing printingFromText(const std::string &text, const std::string &source);

/// From an ICC output profile for CMYK or RGB: what it says (absolute colorimetric) of amounts all
/// over its device space, corners included. \throws Error BadInput
Printing printingFromProfile(const std::vector<uint8_t> &icc, const std::string &source);

/// The bytes are an ICC profile's.
bool isProfile(const std::vector<uint8_t> &bytes);
/// Either, by what the bytes are.
Printing printingFromBytes(const std::vector<uint8_t> &bytes, const std::string &source);

} // namespace lantern
