#pragma once

#include "core/colour/colour.h"

#include <QString>

#include <vector>

namespace lantern::paper {

/// PCS Lab of a picture's pixels, of large pictures of a reduced copy. PNG, TIFF and JPEG; an
/// embedded profile is honoured, without one it is sRGB. \throws Error BadInput
std::vector<Lab> coloursOfPicture(const QString &path);

} // namespace lantern::paper
