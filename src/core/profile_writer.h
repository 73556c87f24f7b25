#pragma once

#include "core/reading.h"
#include "core/video_lut.h"

#include <cstdint>
#include <string>
#include <vector>

namespace lantern {

/// Moment written into a profile's header, UTC.
struct IccDate {
    int year = 2000, month = 1, day = 1, hour = 0, minute = 0, second = 0;
};

enum class ProfileKind {
    Matrix, ///< three curves and a matrix
    Table,  ///< A2B0 and B2A0 on a 33-point grid, also as the relative colorimetric intent
};

struct ProfileRequest {
    ProfileKind kind = ProfileKind::Table;
    std::string name = "Display"; ///< description tag, UTF-8
    IccDate date = {};
    VideoLut lut =
        VideoLut::identity(); ///< goes into the `vcgt` tag: what was loaded while measuring
};

struct BuiltProfile {
    std::vector<uint8_t> icc;
    double meanResidual = 0; ///< mean ΔE00 between the display model and the readings
};

/// Builds an ICC v4.4 display profile from readings taken through `request.lut`. The same readings
/// and request always give the same bytes. Tags: desc, cprt, wtpt, chad, lumi, vcgt, and rXYZ..
/// rTRC.. or A2B0/B2A0 (colorimetric; A2B1 and B2A1 share their data). Sources: ICC.1:2022; `vcgt`
/// is a widely honoured private tag, its table written by Little CMS. \throws Error BadInput as
/// DisplayModel::fit. \param source for messages
BuiltProfile buildProfile(const std::vector<Reading> &readings, const ProfileRequest &request,
                          const std::string &source);

} // namespace lantern
