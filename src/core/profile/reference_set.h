#pragma once

#include "core/profile/profile_file.h"

#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// A named colour to be shown through a profile; Lab under the D50 PCS white.
struct ReferenceColour {
    std::string name;
    Lab lab;
    bool operator==(const ReferenceColour &) const = default;
};

struct ReferenceSet {
    std::string name;
    std::vector<ReferenceColour> colours;
};

/// Lantern 40, our own set: A1..A8 greys from white to near black, B skin-range tones, C and D two
/// hue rings at moderate chroma, E saturated colours.
ReferenceSet lantern40();

/// Lantern 72: Lantern 40 and what that leaves out, the latter in part made for one display: F
/// greys of L* 1 to 8, G the corners of its gamut and two dark primaries, H edges between the
/// corners, I colours from all over its code values that no chart of ours holds. What G, H and I
/// are is what the profile says of them, so that they judge its truth where displays differ most.
ReferenceSet lantern72(const ProfileFile &profile);

/// A set that ships with the program by its key, "lantern40", "lantern72" or "chart24"; nothing for
/// other keys. \param profile of the display
std::optional<ReferenceSet> referenceByKey(const std::string &key, const ProfileFile &profile);

/// The 24-patch rendition chart. Source: McCamy, Marcus, Davidson, J. Appl. Photogr. Eng. 2 (1976)
/// 95-99, Table I: x, y, Y under illuminant C, entered from memory; brought to D50 with Bradford
/// and scaled so that the perfect diffuser is the white.
ReferenceSet chart24();

/// Reference colours from a list of colours (see colour_list.h); colours that are given only as
/// code values are taken as sRGB. \throws Error BadInput naming source and place.
ReferenceSet referenceFromList(const std::string &text, const std::string &source);

} // namespace lantern
