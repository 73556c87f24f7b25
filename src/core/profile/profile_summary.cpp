#include "core/profile/profile_summary.h"

#include "core/base/error.h"
#include "core/profile/icc_bytes.h"
#include "core/profile/icc_text.h"
#include "core/profile/lcms_context.h"

#include <algorithm>
#include <array>
#include <cstdio>
#include <fstream>

namespace lantern {

namespace {

constexpr size_t kHeaderBytes = 128;

std::string description(cmsHPROFILE profile)
{
    const cmsUInt32Number size =
        cmsGetProfileInfoASCII(profile, cmsInfoDescription, "en", "US", nullptr, 0);
    if (size == 0)
        return {};
    std::string text(size, '\0');
    cmsGetProfileInfoASCII(profile, cmsInfoDescription, "en", "US", text.data(), size);
    text.resize(std::min(text.size(), text.find('\0')));
    return text;
}

std::optional<VideoLut> readVideoLut(cmsHPROFILE profile)
{
    const auto *curves = static_cast<cmsToneCurve **>(cmsReadTag(profile, cmsSigVcgtTag));
    if (!curves)
        return std::nullopt;
    VideoLut lut{};
    for (int c = 0; c < 3; ++c)
        for (int i = 0; i < VideoLut::kSize; ++i)
            lut.channels[c][i] =
                cmsEvalToneCurve16(curves[c], static_cast<cmsUInt16Number>(i * 257));
    return lut;
}

std::string narrow(const wchar_t *units)
{
    std::u16string text;
    for (; units && *units; ++units)
        text += static_cast<char16_t>(*units);
    return utf8(text);
}

std::map<std::string, std::string> readMetadata(cmsHPROFILE profile)
{
    std::map<std::string, std::string> out;
    const cmsHANDLE dictionary = cmsReadTag(profile, cmsSigMetaTag);
    if (!dictionary)
        return out;
    for (const cmsDICTentry *e = cmsDictGetEntryList(dictionary); e; e = cmsDictNextEntry(e))
        out[narrow(e->Name)] = narrow(e->Value);
    return out;
}

/// From the header itself, which the library does not tell as it stands.
std::string dateOf(const std::vector<uint8_t> &icc)
{
    constexpr size_t kDate = 24; // ICC.1:2022, table 17
    const auto word = [&](size_t field) {
        return icc[kDate + 2 * field] << 8 | icc[kDate + 2 * field + 1];
    };
    std::array<char, 40> text{};
    std::snprintf(text.data(), text.size(), "%04d-%02d-%02dT%02d:%02d:%02dZ", word(0), word(1),
                  word(2), word(3), word(4), word(5));
    return text.data();
}

std::string idOf(const std::vector<uint8_t> &icc)
{
    constexpr size_t kId = 84, kIdBytes = 16; // ICC.1:2022, table 17
    std::string text;
    for (size_t i = kId; i < kId + kIdBytes; ++i) {
        std::array<char, 4> hex{};
        std::snprintf(hex.data(), hex.size(), "%02x", icc[i]);
        text += hex.data();
    }
    return text;
}

/// \param size of the whole, of which `header` is the beginning
void checkHeader(const std::vector<uint8_t> &header, size_t size, const std::string &source)
{
    if (header.size() < kHeaderBytes ||
        std::string(header.begin() + 36, header.begin() + 40) != "acsp")
        refuseProfile(source, "this is no ICC profile");
    if (bigEndian(header, 0) > size)
        refuseProfile(source, {"the profile is cut off: its header says %1 bytes, the file has %2",
                               {std::to_string(bigEndian(header, 0)), std::to_string(size)}});
}

/// \param profile null where the library could not open it
ProfileSummary summaryOf(const LcmsProfile &profile, const std::vector<uint8_t> &header,
                         const LcmsContext &context, const std::string &source)
{
    if (!profile)
        refuseProfile(source, {"the profile is broken: %1", {context.lastError()}});
    ProfileSummary s;
    s.title = description(profile.get());
    s.date = dateOf(header);
    s.id = idOf(header);
    s.isRgb = cmsGetColorSpace(profile.get()) == cmsSigRgbData;
    s.isDisplay = cmsGetDeviceClass(profile.get()) == cmsSigDisplayClass;
    s.lut = readVideoLut(profile.get());
    s.metadata = readMetadata(profile.get());
    if (const auto product = s.metadata.find("CMF_product"); product != s.metadata.end())
        s.maker = product->second;
    if (const auto *lumi = static_cast<cmsCIEXYZ *>(cmsReadTag(profile.get(), cmsSigLuminanceTag)))
        s.luminanceCdM2 = lumi->Y;
    return s;
}

} // namespace

void checkIccHeader(const std::vector<uint8_t> &icc, const std::string &source)
{
    checkHeader(icc, icc.size(), source);
}

ProfileSummary summarise(const std::vector<uint8_t> &icc, const std::string &source)
{
    checkIccHeader(icc, source);
    const LcmsContext context;
    const LcmsProfile profile(cmsOpenProfileFromMemTHR(context.get(), icc.data(),
                                                       static_cast<cmsUInt32Number>(icc.size())));
    return summaryOf(profile, icc, context, source);
}

ProfileSummary summariseFile(const std::string &path)
{
    std::ifstream file(path, std::ios::binary);
    std::vector<uint8_t> header(kHeaderBytes);
    file.read(reinterpret_cast<char *>(header.data()), kHeaderBytes);
    header.resize(static_cast<size_t>(file.gcount()));
    file.clear();
    file.seekg(0, std::ios::end);
    checkHeader(header, static_cast<size_t>(std::max<std::streamoff>(file.tellg(), 0)), path);
    const LcmsContext context;
    const LcmsProfile profile(cmsOpenProfileFromFileTHR(context.get(), path.c_str(), "r"));
    return summaryOf(profile, header, context, path);
}

} // namespace lantern
