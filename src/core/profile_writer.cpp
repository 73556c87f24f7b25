#include "core/profile_writer.h"

#include "core/display_model.h"
#include "core/error.h"
#include "core/gamut_inverse.h"
#include "core/lcms_context.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstring>
#include <thread>

namespace lantern {

namespace {

constexpr int kGrid = 33;
constexpr int kCurveEntries = 1024;
constexpr size_t kDateOffset = 24; // ICC.1:2022, Table 17

uint16_t word(double zeroToOne)
{
    return static_cast<uint16_t>(std::lround(std::clamp(zeroToOne, 0.0, 1.0) * 65535));
}

/// Profile connection space encoding of a PCS Lab, 0..1. Source: ICC.1:2022, 6.3.4.2.
Vec3 encodeLab(const Lab &lab)
{
    return {lab.L / 100, (lab.a + 128) / 255, (lab.b + 128) / 255};
}

Lab decodeLab(const Vec3 &v)
{
    return {v[0] * 100, v[1] * 255 - 128, v[2] * 255 - 128};
}

/// Curves before the B2A grid. The one for a* and b* puts neutral exactly on a grid point and twice
/// as many of them near it as at the ends.
double abShaper(double encoded)
{
    constexpr double neutral = 128.0 / 255;
    const double side = encoded < neutral ? neutral : 1 - neutral;
    const double t = (encoded - neutral) / side; // -1..1
    const double shaped = std::copysign(std::pow(std::abs(t), 0.75), t);
    return 0.5 + 0.5 * shaped;
}

double abUnshaper(double grid)
{
    constexpr double neutral = 128.0 / 255;
    const double t = 2 * grid - 1;
    const double unshaped = std::copysign(std::pow(std::abs(t), 1 / 0.75), t);
    return neutral + unshaped * (unshaped < 0 ? neutral : 1 - neutral);
}

class Writer {
public:
    explicit Writer(const ProfileRequest &request)
        : m_request(request), m_profile(cmsCreateProfilePlaceholder(m_context.get()))
    {}

    std::vector<uint8_t> write(const DisplayModel &model)
    {
        cmsHPROFILE p = m_profile.get();
        cmsSetProfileVersion(p, 4.4);
        cmsSetDeviceClass(p, cmsSigDisplayClass);
        cmsSetColorSpace(p, cmsSigRgbData);
        cmsSetPCS(p, m_request.kind == ProfileKind::Table ? cmsSigLabData : cmsSigXYZData);
        cmsSetHeaderRenderingIntent(p, INTENT_RELATIVE_COLORIMETRIC);
        writeText(cmsSigProfileDescriptionTag, m_request.name);
        writeText(cmsSigCopyrightTag, "No copyright, use freely.");
        writeColour(cmsSigMediaWhitePointTag, vec(kD50));
        writeColour(cmsSigLuminanceTag, {0, model.white().Y, 0});
        writeAdaptation(model.white());
        writeVideoLut();
        if (m_request.kind == ProfileKind::Table)
            writeTables(model);
        else
            writeMatrix(model);
        return finish();
    }

private:
    void put(cmsTagSignature tag, const void *data)
    {
        if (!cmsWriteTag(m_profile.get(), tag, data))
            throw Error(ErrorKind::Device, "profile",
                        "Little CMS could not write a tag: " + m_context.lastError());
    }

    void writeText(cmsTagSignature tag, const std::string &utf8)
    {
        std::wstring wide;
        for (size_t i = 0; i < utf8.size();) {
            const auto c = static_cast<unsigned char>(utf8[i]);
            const int extra = c >= 0xF0 ? 3 : c >= 0xE0 ? 2 : c >= 0xC0 ? 1 : 0;
            wchar_t code = extra == 3 ? c & 7 : extra == 2 ? c & 15 : extra == 1 ? c & 31 : c;
            for (int k = 1; k <= extra && i + k < utf8.size(); ++k)
                code = (code << 6) | (utf8[i + k] & 63);
            wide += code;
            i += 1 + extra;
        }
        cmsMLU *mlu = cmsMLUalloc(m_context.get(), 1);
        cmsMLUsetWide(mlu, "en", "US", wide.c_str());
        const bool ok = cmsWriteTag(m_profile.get(), tag, mlu);
        cmsMLUfree(mlu);
        if (!ok)
            throw Error(ErrorKind::Device, "profile", "a text tag could not be written");
    }

    void writeColour(cmsTagSignature tag, const Vec3 &v)
    {
        const cmsCIEXYZ xyz{v[0], v[1], v[2]};
        put(tag, &xyz);
    }

    void writeAdaptation(const XYZ &white)
    {
        const Eigen::Matrix<double, 3, 3, Eigen::RowMajor> chad =
            bradford(relativeTo(white, white), kD50);
        put(cmsSigChromaticAdaptationTag, chad.data());
    }

    LcmsCurve curve(const std::vector<uint16_t> &table)
    {
        return LcmsCurve(cmsBuildTabulatedToneCurve16(
            m_context.get(), static_cast<cmsUInt32Number>(table.size()), table.data()));
    }

    template <class F> LcmsCurve curveOf(int entries, F &&function)
    {
        std::vector<uint16_t> table(entries);
        for (int i = 0; i < entries; ++i)
            table[i] = word(function(static_cast<double>(i) / (entries - 1)));
        return curve(table);
    }

    void writeVideoLut()
    {
        std::array<LcmsCurve, 3> curves;
        std::array<cmsToneCurve *, 3> raw{};
        for (int c = 0; c < 3; ++c) {
            const auto &channel = m_request.lut.channels[c];
            curves[c] = curve({channel.begin(), channel.end()});
            raw[c] = curves[c].get();
        }
        put(cmsSigVcgtTag, raw.data());
    }

    void writeMatrix(const DisplayModel &model)
    {
        // Scale the columns so that they sum to the PCS white exactly, as the format demands.
        const Vec3 white = model.primaries() * Vec3::Ones();
        const std::array colorants = {cmsSigRedColorantTag, cmsSigGreenColorantTag,
                                      cmsSigBlueColorantTag};
        const std::array curves = {cmsSigRedTRCTag, cmsSigGreenTRCTag, cmsSigBlueTRCTag};
        for (int c = 0; c < 3; ++c) {
            writeColour(colorants[c],
                        model.primaries().col(c).cwiseProduct(vec(kD50)).cwiseQuotient(white));
            double highest = 0;
            const LcmsCurve trc = curveOf(kCurveEntries, [&](double x) {
                highest = std::max(highest, model.channelLight(c, x) / model.channelLight(c, 1));
                return highest;
            });
            put(curves[c], trc.get());
        }
    }

    void writeTables(const DisplayModel &model)
    {
        const LcmsCurve straight = curveOf(2, [](double x) { return x; });
        const LcmsCurve shaper = curveOf(4096, abShaper);

        const std::vector<uint16_t> forward = forwardTable(model);
        LcmsPipeline a2b(cmsPipelineAlloc(m_context.get(), 3, 3));
        addCurves(a2b.get(), {straight.get(), straight.get(), straight.get()});
        addGrid(a2b.get(), forward);
        addCurves(a2b.get(), {straight.get(), straight.get(), straight.get()});
        put(cmsSigAToB0Tag, a2b.get());
        link(cmsSigAToB1Tag, cmsSigAToB0Tag);

        const std::vector<uint16_t> inverse = inverseTable(model);
        LcmsPipeline b2a(cmsPipelineAlloc(m_context.get(), 3, 3));
        addCurves(b2a.get(), {straight.get(), shaper.get(), shaper.get()});
        addGrid(b2a.get(), inverse);
        addCurves(b2a.get(), {straight.get(), straight.get(), straight.get()});
        put(cmsSigBToA0Tag, b2a.get());
        link(cmsSigBToA1Tag, cmsSigBToA0Tag);
    }

    void link(cmsTagSignature tag, cmsTagSignature destination)
    {
        if (!cmsLinkTag(m_profile.get(), tag, destination))
            throw Error(ErrorKind::Device, "profile", "a table could not be shared");
    }

    void addCurves(cmsPipeline *pipeline, std::array<cmsToneCurve *, 3> curves)
    {
        cmsPipelineInsertStage(pipeline, cmsAT_END,
                               cmsStageAllocToneCurves(m_context.get(), 3, curves.data()));
    }

    void addGrid(cmsPipeline *pipeline, const std::vector<uint16_t> &table)
    {
        cmsPipelineInsertStage(pipeline, cmsAT_END,
                               cmsStageAllocCLut16bit(m_context.get(), kGrid, 3, 3, table.data()));
    }

    /// Calls `node(i, j, k)` for every grid point, in two threads, and collects its three words.
    template <class F> static std::vector<uint16_t> fillGrid(F &&node)
    {
        std::vector<uint16_t> table(static_cast<size_t>(kGrid) * kGrid * kGrid * 3);
        auto part = [&](int first, int step) {
            for (int i = first; i < kGrid; i += step)
                for (int j = 0; j < kGrid; ++j)
                    for (int k = 0; k < kGrid; ++k) {
                        const Vec3 v = node(i, j, k);
                        const size_t at = ((static_cast<size_t>(i) * kGrid + j) * kGrid + k) * 3;
                        for (int c = 0; c < 3; ++c)
                            table[at + c] = word(v[c]);
                    }
        };
        std::thread other([&] { part(1, 2); });
        part(0, 2);
        other.join();
        return table;
    }

    static std::vector<uint16_t> forwardTable(const DisplayModel &model)
    {
        auto table = fillGrid(
            [&](int i, int j, int k) { return encodeLab(model.lab(Vec3(i, j, k) / (kGrid - 1))); });
        const Vec3 white = encodeLab({100, 0, 0}); // by definition, whatever the fit leaves over
        for (int c = 0; c < 3; ++c)
            table[table.size() - 3 + c] = word(white[c]);
        return table;
    }

    static std::vector<uint16_t> inverseTable(const DisplayModel &model)
    {
        const GamutInverse inverse(model);
        auto table = fillGrid([&](int i, int j, int k) {
            const Vec3 encoded(static_cast<double>(i) / (kGrid - 1),
                               abUnshaper(static_cast<double>(j) / (kGrid - 1)),
                               abUnshaper(static_cast<double>(k) / (kGrid - 1)));
            return inverse.codeFor(decodeLab(encoded));
        });
        const size_t middle = kGrid / 2;
        const size_t white = (((kGrid - 1ULL) * kGrid + middle) * kGrid + middle) * 3;
        std::fill_n(table.begin() + static_cast<long>(white), 3, uint16_t{65535});
        return table;
    }

    std::vector<uint8_t> finish()
    {
        std::vector<uint8_t> bytes = save(m_profile.get());
        // Little CMS takes the date from the clock; put ours in its place, then compute the ID.
        const IccDate &d = m_request.date;
        const std::array<int, 6> parts = {d.year, d.month, d.day, d.hour, d.minute, d.second};
        for (size_t i = 0; i < parts.size(); ++i) {
            bytes[kDateOffset + 2 * i] = static_cast<uint8_t>(parts[i] >> 8);
            bytes[kDateOffset + 2 * i + 1] = static_cast<uint8_t>(parts[i] & 255);
        }
        const LcmsProfile dated(cmsOpenProfileFromMemTHR(
            m_context.get(), bytes.data(), static_cast<cmsUInt32Number>(bytes.size())));
        if (!dated || !cmsMD5computeID(dated.get()))
            throw Error(ErrorKind::Device, "profile",
                        "the profile could not be given an ID: " + m_context.lastError());
        std::array<cmsUInt8Number, 16> id{};
        cmsGetHeaderProfileID(dated.get(), id.data());
        constexpr size_t kIdOffset = 84; // ICC.1:2022, Table 17
        std::memcpy(bytes.data() + kIdOffset, id.data(), id.size());
        return bytes;
    }

    std::vector<uint8_t> save(cmsHPROFILE profile)
    {
        cmsUInt32Number size = 0;
        if (!cmsSaveProfileToMem(profile, nullptr, &size))
            throw Error(ErrorKind::Device, "profile",
                        "cannot be put together: " + m_context.lastError());
        std::vector<uint8_t> bytes(size);
        if (!cmsSaveProfileToMem(profile, bytes.data(), &size))
            throw Error(ErrorKind::Device, "profile",
                        "cannot be put together: " + m_context.lastError());
        return bytes;
    }

    const ProfileRequest &m_request;
    LcmsContext m_context;
    LcmsProfile m_profile;
};

} // namespace

BuiltProfile buildProfile(const std::vector<Reading> &readings, const ProfileRequest &request,
                          const std::string &source)
{
    const DisplayModel model =
        DisplayModel::fit(readings, {.full = request.kind == ProfileKind::Table}, source);
    return {Writer(request).write(model), model.meanResidual()};
}

} // namespace lantern
