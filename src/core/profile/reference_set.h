#pragma once

#include "core/profile/profile_file.h"

#include <cstdint>
#include <functional>
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

/// What a profile, or a space that a display is held against, says of code values 0..255: PCS Lab.
using ToLab = std::function<Lab(const DeviceRgb &)>;

/// Lantern 72: Lantern 40 and what that leaves out, the latter in part made for one display: F
/// greys of L* 1 to 8, G the corners of its gamut and two dark primaries, H edges between the
/// corners, I colours from all over its code values that no chart of ours holds. What G, H and I
/// are is what the profile says of them, so that they judge its truth where displays differ most.
ReferenceSet lantern72(const ToLab &toLab);

/// Our own set of skin: eight tones from light to dark, each as it is, in the light and in the
/// shade. Round numbers in the range of published surveys of skin, from memory; not anybody's data.
ReferenceSet skinSet();
/// L* from 100 to 0 in equal steps. \param count 2..256
ReferenceSet greyReferences(int count);
/// White, the three primaries and what two of them make, and black.
ReferenceSet primariesSet(const ToLab &toLab);
/// From the grey of the same luminance to each primary and secondary in four equal steps of light.
ReferenceSet saturationSweeps(const ToLab &toLab);
/// Colours from all over the code values, others for each seed. \param count 1..10000
ReferenceSet randomSet(int count, uint64_t seed, const ToLab &toLab);

/// A set that ships with the program by its key: "lantern40", "lantern72", "chart24", "skin",
/// "greys" (or "greys:31"), "primaries", "sweeps", "random:COUNT:SEED"; nothing for other keys.
/// \throws Error BadInput for a count outside its range
std::optional<ReferenceSet> referenceByKey(const std::string &key, const ToLab &toLab);
/// The same of what a profile says.
ToLab asTold(const ProfileFile &profile);

/// The 24-patch rendition chart. Source: McCamy, Marcus, Davidson, J. Appl. Photogr. Eng. 2 (1976)
/// 95-99, Table I: x, y, Y under illuminant C, entered from memory; brought to D50 with Bradford
/// and scaled so that the perfect diffuser is the white.
ReferenceSet chart24();

/// Reference colours from a list of colours (see colour_list.h); colours that are given only as
/// code values are taken as sRGB. \throws Error BadInput naming source and place.
ReferenceSet referenceFromList(const std::string &text, const std::string &source);

} // namespace lantern
