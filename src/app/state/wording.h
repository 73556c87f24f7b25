#pragma once

#include "app/state/session_state.h"

#include <QString>

#include <optional>
#include <string>

namespace lantern::app {

// Numbers and times as people read them, in their locale.

/// Number with so many decimals; an em dash for nothing.
QString figure(const std::optional<double> &value, int decimals);

/// A name that the core gives (an aim of ours, a set of limits, a figure) in the person's language;
/// a person's own stays as it is.
QString fromCore(const std::string &text);

/// Stands where there is nothing.
QString dash();

/// Chromaticity and luminance of one reading. Where there is next to no light its chromaticity is
/// the meter's scatter: then that is said instead.
QString readingText(const XYZ &reading);

/// "about 3 min left"; empty when nothing is known. \param seconds at least 0
QString timeLeftText(double seconds);

/// The temperature that an aimed white is called by: the nominal one of daylight and black body,
/// else the correlated one. Nothing for a native white.
std::optional<double> aimedKelvin(const Aim &aim);

/// "5003 K", or its coordinates where no temperature fits.
QString colourInWords(const Chromaticity &colour);

/// "64 lx · 5003 K"
QString lightInWords(const run::RoomLight &light);

/// The light around the desk: as read just now, else the kept one that is used; nothing: not known.
std::optional<run::RoomLight> lightOf(const SessionState &state);

/// From when what is shown is; empty when it is of the run under way.
QString shownDateText(const SessionState &state);

} // namespace lantern::app
