#include "core/profile/profile_facts.h"

#include "core/aim/display_state.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "core/model/gamut_boundary.h"
#include "core/profile/icc_bytes.h"
#include "core/profile/lcms_context.h"
#include "core/profile/profile_file.h"
#include "core/profile/profile_summary.h"

#include <nlohmann/json.hpp>

#include <Eigen/LU>
#include <array>

namespace lantern {

namespace {

/// Four letters; anything unprintable becomes a dot.
std::string signature(const std::vector<uint8_t> &b, size_t at)
{
    std::string s;
    for (size_t i = at; i < at + 4; ++i)
        s += b[i] >= 32 && b[i] < 127 ? static_cast<char>(b[i]) : '.';
    return s;
}

void readHeader(const std::vector<uint8_t> &b, ProfileFacts &f)
{
    f.bytes = b.size();
    f.version =
        std::to_string(b[8]) + "." + std::to_string(b[9] >> 4) + "." + std::to_string(b[9] & 15);
    f.deviceClass = signature(b, 12);
    f.colourSpace = signature(b, 16);
    f.connectionSpace = signature(b, 20);
}

void readTags(const std::vector<uint8_t> &b, const std::string &source, ProfileFacts &f)
{
    const uint32_t count = b.size() >= 132 ? bigEndian(b, 128) : 0;
    constexpr uint32_t kMostTags = 1000;
    if (count > kMostTags || 132 + 12ULL * count > b.size())
        throw Error(ErrorKind::BadInput, source,
                    {"the tag table names %1 tags, more than fit", {std::to_string(count)}});
    for (uint32_t i = 0; i < count; ++i) {
        const size_t at = 132 + 12ULL * i;
        ProfileFacts::Tag tag{signature(b, at), {}, bigEndian(b, at + 4), bigEndian(b, at + 8)};
        if (static_cast<uint64_t>(tag.offset) + tag.size > b.size())
            throw Error(ErrorKind::BadInput, source + ", tag " + tag.signature,
                        "reaches beyond the end of the file");
        if (tag.size >= 4)
            tag.type = signature(b, tag.offset);
        f.tags.push_back(std::move(tag));
    }
}

std::array<Chromaticity, 3> adapted(const NamedSpace &space)
{
    const XYZ white = fromChromaticity(space.white, 1);
    const Mat3 toD50 = bradford(relativeTo(white, white), kD50);
    std::array<Chromaticity, 3> out;
    for (int c = 0; c < 3; ++c)
        out[c] = chromaticity(toXyz(toD50 * vec(fromChromaticity(space.primaries[c], 1))));
    return out;
}

void compareGamuts(const ProfileFile &profile, const ProfileFile *other, const std::string &name,
                   ProfileFacts &f)
{
    const GamutBoundary gamut = profile.gamut();
    f.gamutVolume = gamut.volume();
    auto compare = [&](const std::string &space, const GamutBoundary &theirs,
                       const std::array<Chromaticity, 3> &primaries) {
        const double volume = theirs.volume();
        if (volume > 0)
            f.gamut.push_back({space, GamutBoundary::commonVolume(gamut, theirs) / volume,
                               gamutCoverage(profile.primaries(), primaries),
                               gamut.volume() / volume});
    };
    static const std::vector<GamutBoundary> named = [] {
        std::vector<GamutBoundary> all;
        for (const NamedSpace &space : namedSpaces())
            all.push_back(gamutOf(space));
        return all;
    }();
    for (size_t i = 0; i < named.size(); ++i)
        compare(namedSpaces()[i].name, named[i], adapted(namedSpaces()[i]));
    if (other)
        compare(name, other->gamut(), other->primaries());
}

} // namespace

ProfileFacts inspectProfile(const std::vector<uint8_t> &icc, const std::string &source,
                            const std::vector<uint8_t> *other, const std::string &otherSource)
{
    checkIccHeader(icc, source);
    ProfileFacts f;
    readHeader(icc, f);
    readTags(icc, source, f);

    LcmsContext context;
    const LcmsProfile profile(cmsOpenProfileFromMemTHR(context.get(), icc.data(),
                                                       static_cast<cmsUInt32Number>(icc.size())));
    if (!profile)
        throw Error(ErrorKind::BadInput, source,
                    {"the profile is broken: %1", {context.lastError()}});
    const ProfileSummary summary = summarise(icc, source);
    f.date = summary.date;
    f.id = summary.id;
    f.description = printable(summary.title);
    f.luminanceCdM2 = summary.luminanceCdM2;
    f.lut = summary.lut;
    if (const auto *w =
            static_cast<cmsCIEXYZ *>(cmsReadTag(profile.get(), cmsSigMediaWhitePointTag)))
        f.mediaWhite = RelXYZ{w->X, w->Y, w->Z};
    if (const auto *chad =
            static_cast<double *>(cmsReadTag(profile.get(), cmsSigChromaticAdaptationTag))) {
        const Mat3 m = Eigen::Map<const Eigen::Matrix<double, 3, 3, Eigen::RowMajor>>(chad);
        const Vec3 white = m.inverse() * vec(kD50);
        if (white.allFinite() && white.sum() > 0)
            f.white = chromaticity(toXyz(white));
    } else if (f.mediaWhite)
        f.white = chromaticity(*f.mediaWhite);
    if (f.colourSpace == "RGB ") {
        const ProfileFile rgb = ProfileFile::ofPicture(icc, source);
        std::optional<ProfileFile> second;
        if (other)
            second.emplace(ProfileFile::ofPicture(*other, otherSource));
        compareGamuts(rgb, second ? &*second : nullptr, otherSource, f);
    }
    return f;
}

Json factsToJson(const ProfileFacts &f)
{
    Json j = {{"description", f.description},
              {"version", f.version},
              {"class", f.deviceClass},
              {"colour_space", f.colourSpace},
              {"connection_space", f.connectionSpace},
              {"date", f.date},
              {"id", f.id},
              {"bytes", f.bytes}};
    j["tags"] = Json::array();
    for (const auto &t : f.tags)
        j["tags"].push_back(
            {{"signature", t.signature}, {"type", t.type}, {"offset", t.offset}, {"size", t.size}});
    if (f.mediaWhite)
        j["media_white_xyz"] = {f.mediaWhite->X, f.mediaWhite->Y, f.mediaWhite->Z};
    if (f.white)
        j["white_xy"] = {f.white->x, f.white->y};
    if (f.luminanceCdM2)
        j["luminance"] = *f.luminanceCdM2;
    if (f.gamutVolume)
        j["gamut_volume"] = *f.gamutVolume;
    j["gamut"] = Json::array();
    for (const GamutComparison &g : f.gamut)
        j["gamut"].push_back({{"space", g.space},
                              {"volume_share", g.volumeShare},
                              {"area_share", g.areaShare},
                              {"volume_ratio", g.volumeRatio}});
    if (f.lut) {
        j["video_lut"] = {{"red", f.lut->channels[0]},
                          {"green", f.lut->channels[1]},
                          {"blue", f.lut->channels[2]}};
    }
    return j;
}

} // namespace lantern
