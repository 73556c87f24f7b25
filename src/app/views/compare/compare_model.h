#pragma once

#include "app/state/session_state.h"

#include <QImage>

namespace lantern::app {

/// What the view of before and after shows.
struct CompareModel {
    QString explanation;
    QImage before, now; ///< before is null where nothing can be told of it
    QString problem;    ///< for people; empty: all is well
};

/// \param picture in sRGB, RGB32
CompareModel compareModel(const run::RunResults &run, const QImage &picture);

/// A picture file as it is compared: in sRGB, RGB32, at most so many pixels on its longest side.
/// \throws Error BadInput when it cannot be read
QImage pictureFromFile(const QString &path);

} // namespace lantern::app
