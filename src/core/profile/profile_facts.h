#pragma once

#include "core/base/json_object.h"
#include "core/signal/video_lut.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// A gamut against a colour space.
struct GamutComparison {
    std::string space;
    double volumeShare = 0; ///< of the space's Lab volume that the profile's gamut holds, 0..1
    double areaShare = 0;   ///< the same of the u'v' triangles, 0..1
    double volumeRatio = 0; ///< the gamut's volume over the space's, may exceed 1
};

/// What is to be read off a profile.
struct ProfileFacts {
    std::string description, version, deviceClass, colourSpace, connectionSpace;
    std::string date; ///< ISO 8601, as in the header
    std::string id;   ///< 32 hexadecimal digits; all zero when not computed
    size_t bytes = 0;
    struct Tag {
        std::string signature, type;
        uint32_t offset = 0, size = 0;
    };
    std::vector<Tag> tags;
    std::optional<RelXYZ> mediaWhite;  ///< `wtpt`
    std::optional<Chromaticity> white; ///< of the device itself, through `chad` where there is one
    std::optional<double> luminanceCdM2; ///< `lumi`
    std::optional<VideoLut> lut;         ///< `vcgt`
    std::optional<double> gamutVolume;   ///< cubic ΔE*ab, relative colorimetric
    std::vector<GamutComparison> gamut;  ///< against the named spaces, then against `other`
};

/// Takes a profile apart. \param other another profile whose gamut to compare with; may be null
/// \throws Error BadInput when the bytes are no ICC profile or cut off.
ProfileFacts inspectProfile(const std::vector<uint8_t> &icc, const std::string &source,
                            const std::vector<uint8_t> *other = nullptr,
                            const std::string &otherSource = {});

Json factsToJson(const ProfileFacts &facts);

} // namespace lantern
