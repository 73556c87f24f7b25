#pragma once

#include "core/base/json_object.h"
#include "core/judge/validation.h"
#include "core/profile/printing.h"
#include "core/profile/profile_file.h"
#include "core/profile/reference_set.h"

#include <string>
#include <vector>

namespace lantern {

/// A printed colour and what a display makes of it.
struct ProofedColour {
    std::string name; ///< sample id and amounts of ink
    Lab paper;        ///< as printed, D50, absolute
    Lab aimed;        ///< what is asked of the display: relative to the paper's white, or the same
    Lab shown;        ///< what its profile says it shows, whole code values
    double deltaE00 = 0; ///< between the last two
    bool inside = false; ///< of the display's gamut
};

struct SoftProof {
    std::vector<ProofedColour> colours; ///< in the order of the printing condition
    double insideShare = 0;             ///< 0..1
    Statistics all;                     ///< ΔE00 of all colours
    Statistics outside;                 ///< of those outside; empty statistics when none is
    std::optional<size_t> paper;        ///< bare paper, the lightest; nothing: none in the data
    size_t black = 0;                   ///< the darkest
};

/// How well a display can show a printing condition, by its profile.
/// \param paperWhite show the paper's own white (absolute); else white of the display stands for it
/// \throws Error BadInput naming the source: no bare paper to stand for white
SoftProof softProof(const Printing &printing, const std::string &source, const ProfileFile &display,
                    bool paperWhite);

/// The limits on colours that a prediction can be held against, each with what is predicted. What
/// only readings tell (white, luminance, tone) is not among them.
struct ForeseenFigure {
    enum class Kind { Mean, Percentile95, Worst };
    Kind kind;
    double value = 0, limit = 0; ///< ΔE00
    [[nodiscard]] bool isWithin() const { return value <= limit; }
};
/// Empty where the set limits no colours, or limits them by another formula than ΔE00.
std::vector<ForeseenFigure> foreseen(const SoftProof &proof, const Tolerance &tolerance);

/// Colours of the print to be shown and read: paper, black, and those that lie farthest from all
/// chosen before, so that solids and overprints come first. \param most at least 2
ReferenceSet controlStrip(const SoftProof &proof, const std::string &name, size_t most);

Json softProofToJson(const SoftProof &proof);

} // namespace lantern
