#pragma once

#include "core/model/display_model.h"

#include <cstdint>
#include <optional>
#include <string>
#include <utility>
#include <vector>

namespace lantern {

/// Moment written into a profile's header, UTC.
struct IccDate {
    int year = 2000, month = 1, day = 1, hour = 0, minute = 0, second = 0;
};

enum class ProfileKind {
    Gamma,  ///< an exponent per channel (v4: and a black) and a matrix: the smallest
    Matrix, ///< three curves and a matrix
    Table,  ///< A2B and B2A tables for perceptual, relative colorimetric and saturation intent
};

/// Of a profile whose maker claims nothing.
inline constexpr const char *kUsualCopyright = "No copyright, use freely.";

struct ProfileRequest {
    ProfileKind kind = ProfileKind::Table;
    int version = 4;                         ///< 4: ICC v4.4, 2: ICC v2.4
    std::string name = "Display";            ///< description tag, UTF-8
    std::string copyright = kUsualCopyright; ///< UTF-8; version 2 takes ASCII only
    std::string maker, model;                ///< device descriptions, UTF-8; empty = not written
    IccDate date = {};
    /// How the readings' code values reached the panel. The LUT goes into the `vcgt` tag.
    SignalPath path = {};
    int grid = 33;                 ///< points a side of the tables, odd, kMinGrid..kMaxGrid
    std::string measurements = {}; ///< CGATS text for the `targ` tag; empty = not written
    /// For the `meta` dictionary: keys and values, UTF-8. In v2 a private tag, but programs that
    /// look for it look there too.
    std::vector<std::pair<std::string, std::string>> metadata = {};
    std::optional<Repeatability> scatter = {}; ///< of the readings, if known
};

struct BuiltProfile {
    std::vector<uint8_t> icc;
    double meanResidual = 0; ///< mean ΔE00 between the display model and the readings
};

/// Builds an ICC display profile from readings taken through `request.path`. The same readings and
/// request always give the same bytes. Tags: desc, cprt, wtpt, chad, lumi, vcgt, bkpt (v2), dmnd,
/// dmdd, targ, meta; in every kind colorants and curves (see Shaper), and for tables A2B0/1/2 and
/// B2A0/1/2; see ProfileTables for what they hold. Saturation shares the perceptual tables.
/// Sources: ICC.1:2022 and, for v2, ICC.1:2001-04; `vcgt` is a widely honoured private tag, its
/// table written by Little CMS. In v2 `wtpt` is the display's own white, in v4 D50. \throws Error
/// BadInput as DisplayModel::fit, and for a version or grid outside what is written. \param source
/// for messages
BuiltProfile buildProfile(const std::vector<Reading> &readings, const ProfileRequest &request,
                          const std::string &source);

} // namespace lantern
