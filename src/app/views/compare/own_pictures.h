#pragma once

#include <QImage>

namespace lantern::app {

/// A plate of pressed leaves with a row of skin tones and folded cloth below. sRGB.
QImage platePicture();

/// Grey wedge, deep shadows, highlights and a hue sweep. sRGB.
QImage wedgePicture();

} // namespace lantern::app
