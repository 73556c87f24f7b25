#include "core/profile/profile_file.h"

#include "core/base/error.h"
#include "core/profile/lcms_context.h"
#include "core/profile/profile_summary.h"

#include <algorithm>
#include <array>

namespace lantern {

struct ProfileFile::Engine {
    LcmsContext context;
    LcmsTransform toDevice;
    LcmsTransform perceptual;
    LcmsTransform toLab;
};

ProfileFile::ProfileFile(const std::vector<uint8_t> &icc, const std::string &source)
    : ProfileFile(icc, source, Accept::Displays)
{}

ProfileFile ProfileFile::ofPicture(const std::vector<uint8_t> &icc, const std::string &source)
{
    return {icc, source, Accept::AnyRgb};
}

ProfileFile::ProfileFile(const std::vector<uint8_t> &icc, const std::string &source, Accept accept)
    : m_engine(std::make_unique<Engine>())
{
    const ProfileSummary summary = summarise(icc, source);
    if (!summary.isRgb || (accept == Accept::Displays && !summary.isDisplay))
        refuseProfile(source, "the profile is not one of an RGB display");
    m_name = summary.title;
    m_lut = summary.lut;
    m_metadata = summary.metadata;
    m_luminance = summary.luminanceCdM2;

    cmsContext context = m_engine->context.get();
    const LcmsProfile profile(
        cmsOpenProfileFromMemTHR(context, icc.data(), static_cast<cmsUInt32Number>(icc.size())));
    if (!profile)
        refuseProfile(source, {"the profile is broken: %1", {m_engine->context.lastError()}});
    const LcmsProfile lab(cmsCreateLab4ProfileTHR(context, nullptr));
    constexpr cmsUInt32Number flags = cmsFLAGS_NOOPTIMIZE | cmsFLAGS_NOCACHE;
    m_engine->toDevice.reset(cmsCreateTransformTHR(context, lab.get(), TYPE_Lab_DBL, profile.get(),
                                                   TYPE_RGB_DBL, INTENT_RELATIVE_COLORIMETRIC,
                                                   flags));
    m_engine->perceptual.reset(cmsCreateTransformTHR(context, lab.get(), TYPE_Lab_DBL,
                                                     profile.get(), TYPE_RGB_DBL, INTENT_PERCEPTUAL,
                                                     flags | cmsFLAGS_BLACKPOINTCOMPENSATION));
    m_engine->toLab.reset(cmsCreateTransformTHR(context, profile.get(), TYPE_RGB_DBL, lab.get(),
                                                TYPE_Lab_DBL, INTENT_RELATIVE_COLORIMETRIC, flags));
    // Pictures may carry profiles that only work one way, such as a camera's.
    if (!m_engine->toLab ||
        ((!m_engine->toDevice || !m_engine->perceptual) && accept == Accept::Displays))
        refuseProfile(source, {"the profile lacks the tables or curves to convert colours (%1)",
                               {m_engine->context.lastError()}});
}

ProfileFile::~ProfileFile() = default;
ProfileFile::ProfileFile(ProfileFile &&) noexcept = default;
ProfileFile &ProfileFile::operator=(ProfileFile &&) noexcept = default;

namespace {

DeviceRgb codes(cmsHTRANSFORM transform, const Lab &lab, const std::string &name)
{
    if (!transform)
        refuseProfile(name, "the profile tells what its code values are, but not the other way");
    const std::array<double, 3> in = {lab.L, lab.a, lab.b};
    std::array<double, 3> out{};
    cmsDoTransform(transform, in.data(), out.data(), 1);
    const auto code = [&](int c) { return 255 * std::clamp(out[c], 0.0, 1.0); };
    return {code(0), code(1), code(2)};
}

} // namespace

DeviceRgb ProfileFile::toDevice(const Lab &lab) const
{
    return codes(m_engine->toDevice.get(), lab, m_name);
}

DeviceRgb ProfileFile::toDevicePerceptual(const Lab &lab) const
{
    return codes(m_engine->perceptual.get(), lab, m_name);
}

Lab ProfileFile::toLab(const DeviceRgb &rgb) const
{
    const std::array<double, 3> in = {rgb.r / 255, rgb.g / 255, rgb.b / 255};
    std::array<double, 3> out{};
    cmsDoTransform(m_engine->toLab.get(), in.data(), out.data(), 1);
    return {out[0], out[1], out[2]};
}

GamutBoundary ProfileFile::gamut() const
{
    return GamutBoundary::ofCube([this](const Vec3 &v) { return toLab(toDeviceRgb(255 * v)); });
}

std::array<Chromaticity, 3> ProfileFile::primaries() const
{
    auto at = [this](const DeviceRgb &rgb) { return chromaticity(xyzFromLab(toLab(rgb), kD50)); };
    return {at({255, 0, 0}), at({0, 255, 0}), at({0, 0, 255})};
}

} // namespace lantern
