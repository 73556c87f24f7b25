#include "core/profile/rendition.h"

#include "core/base/error.h"
#include "core/profile/lcms_context.h"
#include "core/profile/profile_writer.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace lantern {

namespace {

constexpr int kNodes = 33;

/// Linear between the nodes of a table of three inputs.
struct Table {
    std::vector<std::array<float, 3>> nodes; ///< 0..255, red slowest

    void fill(const std::function<Vec3(const DeviceRgb &)> &rule)
    {
        nodes.reserve(static_cast<size_t>(kNodes) * kNodes * kNodes);
        for (int r = 0; r < kNodes; ++r)
            for (int g = 0; g < kNodes; ++g)
                for (int b = 0; b < kNodes; ++b) {
                    const Vec3 out = rule(toDeviceRgb(255 * Vec3(r, g, b) / (kNodes - 1)));
                    nodes.push_back({static_cast<float>(out[0]), static_cast<float>(out[1]),
                                     static_cast<float>(out[2])});
                }
    }
    /// Between the nodes around a pixel.
    [[nodiscard]] std::array<float, 3> valueOf(const uint8_t *in) const
    {
        std::array<int, 3> at{};
        std::array<float, 3> f{};
        for (int c = 0; c < 3; ++c) {
            const float position = static_cast<float>(in[2 - c]) / 255 * (kNodes - 1);
            at[c] = std::min(static_cast<int>(position), kNodes - 2);
            f[c] = position - static_cast<float>(at[c]);
        }
        std::array<float, 3> sum{};
        for (int corner = 0; corner < 8; ++corner) {
            float weight = 1;
            size_t index = 0;
            for (int c = 0; c < 3; ++c) {
                const int up = corner >> c & 1;
                weight *= up ? f[c] : 1 - f[c];
                index = index * kNodes + static_cast<size_t>(at[c] + up);
            }
            for (int c = 0; c < 3; ++c)
                sum[c] += weight * nodes[index][c];
        }
        return sum;
    }
    void apply(const uint8_t *in, uint8_t *out) const
    {
        const std::array<float, 3> sum = valueOf(in);
        for (int c = 0; c < 3; ++c)
            out[2 - c] = static_cast<uint8_t>(std::lround(std::clamp(sum[c], 0.0F, 255.0F)));
        out[3] = in[3];
    }
};

[[noreturn]] void refuseTransform(const LcmsContext &context)
{
    throw Error(ErrorKind::BadInput, "profile",
                {"cannot convert pictures: %1", {context.lastError()}},
                "Give a profile of an RGB device.");
}

LcmsProfile opened(const LcmsContext &context, const std::vector<uint8_t> &icc)
{
    LcmsProfile profile(icc.empty()
                            ? cmsCreate_sRGBProfileTHR(context.get())
                            : cmsOpenProfileFromMemTHR(context.get(), icc.data(),
                                                       static_cast<cmsUInt32Number>(icc.size())));
    if (!profile || cmsGetColorSpace(profile.get()) != cmsSigRgbData)
        refuseTransform(context);
    return profile;
}

LcmsProfile openedPrint(const LcmsContext &context, const std::vector<uint8_t> &icc)
{
    LcmsProfile press(cmsOpenProfileFromMemTHR(context.get(), icc.data(),
                                               static_cast<cmsUInt32Number>(icc.size())));
    if (!press || cmsGetDeviceClass(press.get()) != cmsSigOutputClass)
        throw Error(ErrorKind::BadInput, "printing condition", "is no profile of a print",
                    "Give an ICC output profile of the paper and the press.");
    return press;
}

/// A picture through a printing condition: relative colorimetric and with black point compensation
/// into it, out of it as it is.
LcmsTransform throughPrint(const LcmsContext &context, const LcmsProfile &source,
                           const LcmsProfile &press, const LcmsProfile &target,
                           cmsUInt32Number targetFormat, bool paperWhite, cmsUInt32Number flags)
{
    return LcmsTransform(cmsCreateProofingTransformTHR(
        context.get(), source.get(), TYPE_BGRA_8, target.get(), targetFormat, press.get(),
        INTENT_RELATIVE_COLORIMETRIC,
        paperWhite ? INTENT_ABSOLUTE_COLORIMETRIC : INTENT_RELATIVE_COLORIMETRIC,
        cmsFLAGS_SOFTPROOFING | cmsFLAGS_NOCACHE | cmsFLAGS_BLACKPOINTCOMPENSATION | flags));
}

} // namespace

struct Rendition::Work {
    LcmsContext context;
    LcmsTransform exact, quick; ///< null: the table
    Table table;                ///< empty as well: nothing is changed
};

Rendition Rendition::between(const Bytes &from, const Bytes &to, Black black)
{
    auto work = std::make_shared<Work>();
    const LcmsProfile source = opened(work->context, from);
    const LcmsProfile target = opened(work->context, to);
    const cmsUInt32Number flags = cmsFLAGS_NOCACHE | cmsFLAGS_COPY_ALPHA |
                                  (black == Black::Adjusted ? cmsFLAGS_BLACKPOINTCOMPENSATION : 0U);
    const auto transform = [&](cmsUInt32Number more) {
        return LcmsTransform(cmsCreateTransformTHR(work->context.get(), source.get(), TYPE_BGRA_8,
                                                   target.get(), TYPE_BGRA_8,
                                                   INTENT_RELATIVE_COLORIMETRIC, flags | more));
    };
    work->exact = transform(cmsFLAGS_NOOPTIMIZE);
    work->quick = transform(0);
    if (!work->exact || !work->quick)
        refuseTransform(work->context);
    return Rendition(std::move(work));
}

Rendition Rendition::ofPrint(const Bytes &from, const Bytes &print, const Bytes &to,
                             bool paperWhite)
{
    auto work = std::make_shared<Work>();
    const LcmsProfile source = opened(work->context, from);
    const LcmsProfile target = opened(work->context, to);
    const LcmsProfile press = openedPrint(work->context, print);
    const auto transform = [&](cmsUInt32Number more) {
        return throughPrint(work->context, source, press, target, TYPE_BGRA_8, paperWhite,
                            cmsFLAGS_COPY_ALPHA | more);
    };
    work->exact = transform(cmsFLAGS_NOOPTIMIZE);
    work->quick = transform(0);
    if (!work->exact || !work->quick)
        refuseTransform(work->context);
    return Rendition(std::move(work));
}

Rendition Rendition::of(const std::function<DeviceRgb(const DeviceRgb &)> &rule)
{
    auto work = std::make_shared<Work>();
    work->table.fill([&](const DeviceRgb &rgb) { return vec(rule(rgb)); });
    return Rendition(std::move(work));
}

Rendition Rendition::none()
{
    return Rendition(std::make_shared<Work>());
}

void Rendition::apply(const uint8_t *in, uint8_t *out, size_t pixels, Precision precision) const
{
    if (m_work->exact)
        cmsDoTransform((precision == Precision::Quick ? m_work->quick : m_work->exact).get(), in,
                       out, static_cast<cmsUInt32Number>(pixels));
    else if (m_work->table.nodes.empty())
        std::copy_n(in, 4 * pixels, out);
    else
        for (size_t i = 0; i < pixels; ++i)
            m_work->table.apply(in + 4 * i, out + 4 * i);
}

struct PixelColours::Work {
    LcmsContext context;
    LcmsTransform transform; ///< null: the table
    Table table;
};

PixelColours::PixelColours(const std::vector<uint8_t> &icc)
{
    auto work = std::make_shared<Work>();
    const LcmsProfile source = opened(work->context, icc);
    const LcmsProfile lab(cmsCreateLab4ProfileTHR(work->context.get(), nullptr));
    work->transform.reset(cmsCreateTransformTHR(work->context.get(), source.get(), TYPE_BGRA_8,
                                                lab.get(), TYPE_Lab_FLT,
                                                INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_NOCACHE));
    if (!work->transform)
        refuseTransform(work->context);
    m_work = std::move(work);
}

PixelColours PixelColours::ofPrint(const std::vector<uint8_t> &from,
                                   const std::vector<uint8_t> &print, bool paperWhite)
{
    auto work = std::make_shared<Work>();
    const LcmsProfile source = opened(work->context, from);
    const LcmsProfile press = openedPrint(work->context, print);
    const LcmsProfile lab(cmsCreateLab4ProfileTHR(work->context.get(), nullptr));
    work->transform = throughPrint(work->context, source, press, lab, TYPE_Lab_FLT, paperWhite,
                                   cmsFLAGS_NOOPTIMIZE);
    if (!work->transform)
        refuseTransform(work->context);
    return PixelColours(std::move(work));
}

PixelColours PixelColours::of(const std::function<Lab(const DeviceRgb &)> &rule)
{
    auto work = std::make_shared<Work>();
    work->table.fill([&](const DeviceRgb &rgb) {
        const Lab lab = rule(rgb);
        return Vec3(lab.L, lab.a, lab.b);
    });
    return PixelColours(std::move(work));
}

void PixelColours::apply(const uint8_t *in, float *lab, size_t pixels) const
{
    if (!m_work->transform) {
        for (size_t i = 0; i < pixels; ++i)
            std::ranges::copy(m_work->table.valueOf(in + 4 * i), lab + 3 * i);
        return;
    }
    cmsDoTransform(m_work->transform.get(), in, lab, static_cast<cmsUInt32Number>(pixels));
}

std::vector<uint8_t> profileOfFewReadings(const std::vector<Reading> &readings,
                                          const std::string &source)
{
    ProfileRequest request;
    request.kind = ProfileKind::Matrix;
    request.name = source;
    return buildProfile(readings, request, source).icc;
}

} // namespace lantern
