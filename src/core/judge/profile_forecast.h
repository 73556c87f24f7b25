#pragma once

#include "core/profile/profile_writer.h"
#include "core/reading/drift.h"

#include <cstddef>
#include <vector>

namespace lantern {

/// What a kind of profile would come to, before it is built for good.
struct ProfileForecast {
    ProfileKind kind = ProfileKind::Table;
    double expectedDeltaE00 = 0; ///< mean over all colours, see forecastProfiles()
    size_t bytes = 0;            ///< of the file
    bool operator==(const ProfileForecast &) const = default;
};

/// Every kind built from these readings with the rest of the request as it stands. The expected
/// error is the mean ΔE00 between what the profile says of the readings' code values and what was
/// read (both relative to white), for tables no less than what cross-validation finds for colours
/// that were not read: a table goes through its readings, so that they say little of it.
/// \throws Error BadInput as buildProfile()
std::vector<ProfileForecast> forecastProfiles(const DriftCorrection &steady,
                                              const ProfileRequest &request);

} // namespace lantern
