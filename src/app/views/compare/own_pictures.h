#pragma once

#include <QImage>
#include <QString>

#include <functional>
#include <vector>

namespace lantern::app {

/// A picture that ships with the program, painted by it.
struct OwnPicture {
    QString title;
    std::function<QImage()> paint;
};

/// What people judge by: leaves and cloth, skin from light to dark, neutrals, deep shadow,
/// highlights, smooth gradients, text and fine lines.
std::vector<OwnPicture> ownPictures();

} // namespace lantern::app
