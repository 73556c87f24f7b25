#pragma once

#include "core/signal/video_lut.h"

#include <cstdint>
#include <map>
#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// What a list of profiles tells of one, without making it ready to convert colours.
struct ProfileSummary {
    std::string title; ///< `desc`, in English
    std::string date;  ///< ISO 8601, as in the header
    std::string maker; ///< the program that made it, as its `meta` tag says; else empty
    std::string id;    ///< of the header, 32 hexadecimal digits; all zero when not computed
    bool isRgb = false, isDisplay = false;
    std::optional<VideoLut> lut;                 ///< `vcgt`
    std::optional<double> luminanceCdM2;         ///< `lumi`
    std::map<std::string, std::string> metadata; ///< `meta`
    bool operator==(const ProfileSummary &) const = default;
};

/// \param source file name for messages
/// \throws Error BadInput when the bytes are no ICC profile, broken or cut off.
ProfileSummary summarise(const std::vector<uint8_t> &icc, const std::string &source);

/// The same of a file, of which no more is read than what is told here: some thousand bytes of a
/// million, so that folders full of profiles can be looked through.
/// \throws Error BadInput as before, and for a file that cannot be read
ProfileSummary summariseFile(const std::string &path);

/// Throws Error BadInput unless the bytes begin with an ICC header and are as long as it says.
void checkIccHeader(const std::vector<uint8_t> &icc, const std::string &source);

} // namespace lantern
