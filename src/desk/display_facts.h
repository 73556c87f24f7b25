#pragma once

#include "core/aim/display_state.h"

#include <QPoint>
#include <QSize>
#include <QSizeF>
#include <QString>

namespace lantern::desk {

/// What can be done with a display and the output it hangs on.
struct Abilities {
    bool lut = false;            ///< a video LUT can be loaded and read back
    bool profile = false;        ///< a profile can be declared to be its own
    bool pixels = false;         ///< what the output shows can be seen
    bool remoteControls = false; ///< the program can turn its controls: over its control channel,
                                 ///< or the light behind a built-in panel
    bool gains = false;          ///< it has controls for red, green and blue, by whatever hand
    bool operator==(const Abilities &) const = default;
};

/// What the desktop lets programs do.
struct DesktopFacts {
    bool isWayland = false;
    /// A video LUT lasts only as long as a program holds on to it.
    bool lendsLuts = false;
    bool hasColourService = false;
    bool operator==(const DesktopFacts &) const = default;
};

/// A display on the desk, as it and its output tell of themselves.
struct DisplayFacts {
    QString id;     ///< the same after a restart and on another output
    QString output; ///< name of the output; empty on the bench
    QString name, model, serial;
    QString technology, technologyReason;
    QString detectedTechnology;    ///< what the display itself tells, whatever was chosen
    bool technologyChosen = false; ///< by the person, instead of that
    QString noLut;                 ///< why no video LUT can be loaded; empty: one can
    QString noControls;   ///< why the control channel cannot be used, where that was looked into
    bool builtIn = false; ///< a laptop's own panel
    PrimarySet primaries = kSrgbPrimaries; ///< as the display says itself; else sRGB's
    Chromaticity white = {0.3127, 0.3290}; ///< the same
    QSize pixels;
    QSizeF sizeMm;
    QPoint origin;
    Abilities can;
};

} // namespace lantern::desk
