#pragma once

#include "core/plan/chart.h"
#include "core/profile/profile_file.h"
#include "core/reading/colour_list.h"

#include <string>
#include <vector>

namespace lantern {

// Charts from what people have: colours of pictures, lists and print strips.

/// Whole code values that show colours: by a display's profile, else as those of sRGB. Colours that
/// are listed as code values stay those. \param profile may be null
std::vector<DeviceRgb> patchesFor(const std::vector<ListedColour> &colours,
                                  const ProfileFile *profile);
std::vector<DeviceRgb> patchesFor(const std::vector<Lab> &colours, const ProfileFile *profile);

/// The spread chart of so many patches, which a profile hangs on, then these; none of them twice.
/// \param spread kMinChart or more \throws Error BadInput for more than kMaxChart together
std::vector<DeviceRgb> mixedChart(const std::vector<DeviceRgb> &patches, int spread = kMinChart);

/// A chart as CGATS: fields SAMPLE_ID and RGB_R RGB_G RGB_B, 0..255.
std::string chartToCgats(const std::vector<DeviceRgb> &patches, const std::string &name);
/// Code values of a list of colours, as chartToCgats() writes them and others do.
/// \throws Error BadInput also for more than kMaxChart
std::vector<DeviceRgb> chartFromList(const std::string &text, const std::string &source,
                                     const ProfileFile *profile);

} // namespace lantern
