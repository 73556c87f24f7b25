#pragma once

#include "core/colour/colour.h"

#include <vector>

namespace lantern {

/// A colour that stands for many of a picture's pixels.
struct KeyColour {
    Lab lab;
    double share = 0; ///< of the pixels, 0..1
};

/// Up to `count` colours that cover a picture's own, most frequent first. Clustering in Lab
/// (k-means, Lloyd, IEEE Trans. Inf. Theory 28 (1982) 129-137) from well-spread starting points
/// (each the pixel farthest from those before, Gonzalez, Theor. Comput. Sci. 38 (1985) 293-306), so
/// rare colours are not lost. The same pixels always give the same colours. \param pixels any
/// number; from 20,000 on evenly picked ones are used  \param count 1..2000 \throws Error BadInput
/// when there is no pixel.
std::vector<KeyColour> keyColours(const std::vector<Lab> &pixels, int count);

} // namespace lantern
