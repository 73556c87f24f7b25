#pragma once

#include "core/base/json_object.h"
#include "core/judge/validation.h"
#include "core/profile/profile_file.h"

#include <string>
#include <vector>

namespace lantern {

/// A printed colour of a characterisation and what a display makes of it.
struct ProofedColour {
    std::string name; ///< sample id and ink values
    Lab paper;        ///< as printed, D50, absolute
    Lab aimed;        ///< what is asked of the display: relative to the paper's white, or the same
    Lab shown;        ///< what its profile says it shows, whole code values
    double deltaE00 = 0; ///< between the last two
    bool inside = false; ///< of the display's gamut
};

struct SoftProof {
    std::vector<ProofedColour> colours; ///< in the order of the file
    double insideShare = 0;             ///< 0..1
    Statistics all;                     ///< ΔE00 of all colours
    Statistics outside;                 ///< of those outside; empty statistics when none is
};

/// How well a display can show a printing condition.
/// \param characterisation CGATS text with CMYK_C .. CMYK_K and LAB_* or XYZ_* (D50, Y = 100)
/// \param paperWhite show the paper's own white (absolute); else white of the display stands for it
/// \throws Error BadInput naming source, line and field.
SoftProof softProof(const std::string &characterisation, const std::string &source,
                    const ProfileFile &display, bool paperWhite);

Json softProofToJson(const SoftProof &proof);

} // namespace lantern
