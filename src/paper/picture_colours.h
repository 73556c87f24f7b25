#pragma once

#include "core/colour/colour.h"

#include <QImage>
#include <QString>

#include <vector>

namespace lantern::paper {

/// A picture of a file the right way up: PNG, TIFF (8 and 16 bits) and JPEG.
/// \param most pixels along the longer side, larger ones are read smaller; 0: as it is
/// \throws Error BadInput when it cannot be read
QImage pictureFromFile(const QString &path, int most = 0);

/// PCS Lab of a picture's pixels, of large pictures of a reduced copy. PNG, TIFF and JPEG; an
/// embedded profile is honoured, without one it is sRGB. \throws Error BadInput
std::vector<Lab> coloursOfPicture(const QString &path);

} // namespace lantern::paper
