#include "core/judge/profile_forecast.h"

#include "core/colour/difference.h"
#include "core/plan/adaptive_plan.h"
#include "core/profile/profile_file.h"

#include <algorithm>

namespace lantern {

namespace {

double missOf(const ProfileFile &profile, const std::vector<Reading> &readings)
{
    const XYZ white = whiteOf(readings, "readings of this run");
    double sum = 0;
    for (const Reading &r : readings)
        sum += deltaE2000(profile.toLab(r.rgb), pcsLab(r.xyz, white));
    return sum / double(readings.size());
}

} // namespace

std::vector<ProfileForecast> forecastProfiles(const DriftCorrection &steady,
                                              const ProfileRequest &request)
{
    std::vector<ProfileForecast> all;
    for (const ProfileKind kind : {ProfileKind::Table, ProfileKind::Matrix, ProfileKind::Gamma}) {
        ProfileRequest asked = request;
        asked.kind = kind;
        const BuiltProfile built = buildProfile(steady.readings, asked, "readings of this run");
        double expected = missOf(ProfileFile(built.icc, "forecast"), steady.readings);
        if (kind == ProfileKind::Table)
            expected = std::max(expected, expectedError(steady, request.path));
        all.push_back({kind, expected, built.icc.size()});
    }
    return all;
}

} // namespace lantern
