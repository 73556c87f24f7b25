#pragma once

#include "core/signal/drive_stage.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// One colour shown and measured.
struct Reading {
    DeviceRgb rgb; ///< code values shown, 0..255
    XYZ xyz;       ///< measured, cd/m²
    double integrationSeconds = 0;
    bool operator==(const Reading &) const = default;
};

/// Readings of one display in one state, with what is known about them.
struct ReadingSet {
    std::vector<Reading> readings;
    /// How the code values reached the panel, where the file tells.
    std::optional<SignalPath> path = {};
    std::map<std::string, std::string> keywords; ///< CGATS keywords, e.g. DISPLAY, METER, AIM
};

/// True for R = G = B.
bool isNeutral(const DeviceRgb &rgb);

/// Mean of all readings of white (255, 255, 255). \throws Error BadInput when there is none or its
/// luminance is not positive. \param source for the message.
XYZ whiteOf(const std::vector<Reading> &readings, const std::string &source);

/// Mean of all readings of black (0, 0, 0). \throws Error BadInput when there is none.
XYZ blackOf(const std::vector<Reading> &readings, const std::string &source);

/// Refuses readings that no display can have given: white darker than black, light clearly below
/// none, one patch read as quite different things, or many patches read as the same numbers (a
/// meter that is stuck). \throws Error BadInput naming the patches. \param source for the message
void checkReadings(const std::vector<Reading> &readings, const std::string &source);

/// Light of red, green and blue at full drive with black taken off, as columns.
/// \throws Error Device when they do not span colour: the meter saw the same thing three times.
Mat3 primariesFromReadings(const XYZ &red, const XYZ &green, const XYZ &blue, const XYZ &black);

} // namespace lantern
