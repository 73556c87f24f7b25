#include "core/profile/profile_writer.h"

#include "core/base/error.h"
#include "core/model/display_model.h"
#include "core/model/shaper_fit.h"
#include "core/profile/icc_bytes.h"
#include "core/profile/icc_text.h"
#include "core/profile/lcms_context.h"
#include "core/profile/profile_tables.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstring>

namespace lantern {

namespace {

constexpr int kShaperEntries = 4 * 255 + 1; // every code value is one
constexpr size_t kDateOffset = 24;          // ICC.1:2022, Table 17

/// Little CMS writes the low half of each wide character, so each is one unit of UTF-16.
std::wstring wide(const std::string &utf8)
{
    const std::u16string units = utf16(utf8);
    return {units.begin(), units.end()};
}

class Writer {
public:
    explicit Writer(const ProfileRequest &request)
        : m_request(request), m_profile(cmsCreateProfilePlaceholder(m_context.get()))
    {}

    std::vector<uint8_t> write(const DisplayModel &model)
    {
        cmsHPROFILE p = m_profile.get();
        const bool table = m_request.kind == ProfileKind::Table;
        cmsSetProfileVersion(p, isV4() ? 4.4 : 2.4);
        cmsSetDeviceClass(p, cmsSigDisplayClass);
        cmsSetColorSpace(p, cmsSigRgbData);
        cmsSetPCS(p, cmsSigXYZData);
        cmsSetHeaderRenderingIntent(p, INTENT_RELATIVE_COLORIMETRIC);
        writeText(cmsSigProfileDescriptionTag, m_request.name);
        if (isV4() && plainAscii(m_request.copyright) != m_request.copyright)
            writeText(cmsSigCopyrightTag, m_request.copyright);
        else
            writeAscii(cmsSigCopyrightTag, m_request.copyright);
        if (!m_request.maker.empty())
            writeText(cmsSigDeviceMfgDescTag, m_request.maker);
        if (!m_request.model.empty())
            writeText(cmsSigDeviceModelDescTag, m_request.model);
        writePoints(model);
        writeAdaptation(model.white());
        writeVideoLut();
        if (!m_request.measurements.empty())
            writeAscii(cmsSigCharTargetTag, m_request.measurements);
        if (!m_request.metadata.empty())
            writeMetadata();
        writeShaper(model);
        if (table)
            writeTables(model);
        return finish();
    }

private:
    [[nodiscard]] bool isV4() const { return m_request.version == 4; }

    void put(cmsTagSignature tag, const void *data)
    {
        if (!cmsWriteTag(m_profile.get(), tag, data))
            throw Error(ErrorKind::Device, "profile",
                        {"Little CMS could not write a tag: %1", {m_context.lastError()}});
    }

    /// A name of the display. Version 2 has 7-bit text and Unicode side by side.
    void writeText(cmsTagSignature tag, const std::string &utf8)
    {
        if (!isV4()) {
            const std::vector<uint8_t> element = textDescription(utf8);
            const bool ok = cmsWriteRawTag(m_profile.get(), tag, element.data(),
                                           static_cast<cmsUInt32Number>(element.size()));
            if (!ok)
                throw Error(ErrorKind::Device, "profile", "a name could not be written");
            return;
        }
        cmsMLU *mlu = cmsMLUalloc(m_context.get(), 1);
        cmsMLUsetWide(mlu, "en", "US", wide(utf8).c_str());
        const bool ok = cmsWriteTag(m_profile.get(), tag, mlu);
        cmsMLUfree(mlu);
        if (!ok)
            throw Error(ErrorKind::Device, "profile", "a name could not be written");
    }

    /// Plain 7-bit text, which is what `targ`, and `cprt` in version 2, hold.
    void writeAscii(cmsTagSignature tag, const std::string &text)
    {
        cmsMLU *mlu = cmsMLUalloc(m_context.get(), 1);
        cmsMLUsetASCII(mlu, cmsNoLanguage, cmsNoCountry, plainAscii(text).c_str());
        const bool ok = cmsWriteTag(m_profile.get(), tag, mlu);
        cmsMLUfree(mlu);
        if (!ok)
            throw Error(ErrorKind::Device, "profile", "a text could not be written");
    }

    void writeMetadata()
    {
        cmsHANDLE dictionary = cmsDictAlloc(m_context.get());
        for (const auto &[key, value] : m_request.metadata)
            cmsDictAddEntry(dictionary, wide(key).c_str(), wide(value).c_str(), nullptr, nullptr);
        const bool ok = cmsWriteTag(m_profile.get(), cmsSigMetaTag, dictionary);
        cmsDictFree(dictionary);
        if (!ok)
            throw Error(ErrorKind::Device, "profile", "the metadata could not be put in");
    }

    void writeColour(cmsTagSignature tag, const Vec3 &v)
    {
        const cmsCIEXYZ xyz{v[0], v[1], v[2]};
        put(tag, &xyz);
    }

    void writePoints(const DisplayModel &model)
    {
        const XYZ &white = model.white();
        writeColour(cmsSigLuminanceTag, {0, white.Y, 0});
        if (isV4()) {
            writeColour(cmsSigMediaWhitePointTag, vec(kD50));
            return;
        }
        writeColour(cmsSigMediaWhitePointTag, vec(relativeTo(white, white)));
        writeColour(cmsSigMediaBlackPointTag, vec(relativeTo(model.black(), white)));
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

    void writeVideoLut()
    {
        std::array<LcmsCurve, 3> curves;
        std::array<cmsToneCurve *, 3> raw{};
        for (int c = 0; c < 3; ++c) {
            const auto &channel = m_request.path.lut.channels[c];
            curves[c] = curve({channel.begin(), channel.end()});
            raw[c] = curves[c].get();
        }
        put(cmsSigVcgtTag, raw.data());
    }

    /// Colorants and curves, in every kind of profile: many programs know nothing else.
    void writeShaper(const DisplayModel &model)
    {
        const Shaper shaper = fitShaper(model, kShaperEntries);
        const std::array colorants = {cmsSigRedColorantTag, cmsSigGreenColorantTag,
                                      cmsSigBlueColorantTag};
        const std::array curves = {cmsSigRedTRCTag, cmsSigGreenTRCTag, cmsSigBlueTRCTag};
        // As the format rounds them they must still add up to white, or white is not sent as 255.
        constexpr double kUnit = 65536;
        Mat3 rounded = (kUnit * shaper.colorants).array().round() / kUnit;
        // A hair less than white, so that others' rounding of it is not less than ours.
        const Vec3 white = ((kUnit * vec(kD50)).array().round() - 2) / kUnit;
        rounded.col(1) = white - rounded.col(0) - rounded.col(2);
        for (size_t c = 0; c < 3; ++c) {
            writeColour(colorants[c], rounded.col(static_cast<Eigen::Index>(c)));
            const LcmsCurve trc = m_request.kind == ProfileKind::Gamma ? exponent(shaper.curves[c])
                                                                       : sampled(shaper.curves[c]);
            put(curves[c], trc.get());
        }
    }

    /// Black and an exponent: black + (1 - black) x^gamma, in v2 the exponent alone. Least squares
    /// of logs from 10 % up.
    LcmsCurve exponent(const std::vector<double> &samples)
    {
        const double black = samples.front();
        double xy = 0;
        double xx = 0;
        for (size_t i = samples.size() / 10; i + 1 < samples.size(); ++i) {
            const double x =
                std::log(static_cast<double>(i) / static_cast<double>(samples.size() - 1));
            xy += x * std::log(std::max((samples[i] - black) / (1 - black), 1e-6));
            xx += x * x;
        }
        const double gamma = std::clamp(xy / xx, 0.5, 5.0);
        if (!isV4())
            return LcmsCurve(cmsBuildGamma(m_context.get(), gamma));
        // Y = (aX + b)^g + e for X >= d. ICC.1:2022, 10.18, function type 4
        const std::array<double, 7> parameters = {
            gamma, std::pow(1 - black, 1 / gamma), 0, 0, 0, black, black};
        constexpr int kType = 5;
        return LcmsCurve(cmsBuildParametricToneCurve(m_context.get(), kType, parameters.data()));
    }

    LcmsCurve sampled(const std::vector<double> &samples)
    {
        std::vector<uint16_t> table;
        for (const double v : samples)
            table.push_back(sixteenBits(v));
        // Black is sent as 0 by those who look its code up: a little above, and no other as dark.
        table[0] = static_cast<uint16_t>(std::min(65000.0, std::ceil(samples[0] * 65535) + 3));
        for (size_t i = 1; i < table.size() && table[i] <= table[i - 1]; ++i)
            table[i] = static_cast<uint16_t>(table[i - 1] + 1);
        return curve(table);
    }

    void writeTables(const DisplayModel &model)
    {
        const ProfileTables tables = makeTables(model, {m_request.grid, m_request.version});
        writeTable(cmsSigAToB1Tag, tables.forward);
        if (isV4())
            link(cmsSigAToB0Tag, cmsSigAToB1Tag);
        else
            writeTable(cmsSigAToB0Tag, tables.forwardPerceptual);
        link(cmsSigAToB2Tag, cmsSigAToB0Tag);
        writeTable(cmsSigBToA1Tag, tables.inverse);
        writeTable(cmsSigBToA0Tag, tables.inversePerceptual);
        link(cmsSigBToA2Tag, cmsSigBToA0Tag);
    }

    void writeTable(cmsTagSignature tag, const TableTransform &table)
    {
        const LcmsPipeline pipeline(cmsPipelineAlloc(m_context.get(), 3, 3));
        if (table.matrix) {
            if (isV4())
                addStraightCurves(pipeline.get());
            const Eigen::Matrix<double, 3, 3, Eigen::RowMajor> matrix = *table.matrix;
            cmsPipelineInsertStage(
                pipeline.get(), cmsAT_END,
                cmsStageAllocMatrix(m_context.get(), 3, 3, matrix.data(), nullptr));
        }
        addCurves(pipeline.get(), table.before);
        cmsPipelineInsertStage(pipeline.get(), cmsAT_END,
                               cmsStageAllocCLut16bit(m_context.get(),
                                                      static_cast<cmsUInt32Number>(table.grid), 3,
                                                      3, table.nodes.data()));
        addCurves(pipeline.get(), table.after);
        put(tag, pipeline.get());
    }

    void link(cmsTagSignature tag, cmsTagSignature destination)
    {
        if (!cmsLinkTag(m_profile.get(), tag, destination))
            throw Error(ErrorKind::Device, "profile", "a table could not be shared");
    }

    /// A formula, not a table: tables would round the colours to 16 bits.
    void addStraightCurves(cmsPipeline *pipeline)
    {
        const LcmsCurve straight(cmsBuildGamma(m_context.get(), 1));
        std::array<cmsToneCurve *, 3> raw = {straight.get(), straight.get(), straight.get()};
        cmsPipelineInsertStage(pipeline, cmsAT_END,
                               cmsStageAllocToneCurves(m_context.get(), 3, raw.data()));
    }

    void addCurves(cmsPipeline *pipeline, const std::array<std::vector<uint16_t>, 3> &tables)
    {
        std::array<LcmsCurve, 3> curves;
        std::array<cmsToneCurve *, 3> raw{};
        for (int c = 0; c < 3; ++c) {
            curves[c] = curve(tables[c]);
            raw[c] = curves[c].get();
        }
        cmsPipelineInsertStage(pipeline, cmsAT_END,
                               cmsStageAllocToneCurves(m_context.get(), 3, raw.data()));
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
        if (!isV4()) // the bytes of the ID are reserved there
            return bytes;
        const LcmsProfile dated(cmsOpenProfileFromMemTHR(
            m_context.get(), bytes.data(), static_cast<cmsUInt32Number>(bytes.size())));
        if (!dated || !cmsMD5computeID(dated.get()))
            throw Error(ErrorKind::Device, "profile",
                        {"the profile could not be given an ID: %1", {m_context.lastError()}});
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
                        {"cannot be put together: %1", {m_context.lastError()}});
        std::vector<uint8_t> bytes(size);
        if (!cmsSaveProfileToMem(profile, bytes.data(), &size))
            throw Error(ErrorKind::Device, "profile",
                        {"cannot be put together: %1", {m_context.lastError()}});
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
    if (request.version != 2 && request.version != 4)
        throw Error(ErrorKind::BadInput, "ICC version " + std::to_string(request.version),
                    "profiles are written in version 2 (2.4) or 4 (4.4)");
    if (request.grid < kMinGrid || request.grid > kMaxGrid || request.grid % 2 == 0)
        throw Error(ErrorKind::BadInput, "grid of " + std::to_string(request.grid),
                    {"a table has an odd number of points a side, %1 to %2",
                     {std::to_string(kMinGrid), std::to_string(kMaxGrid)}});
    const DisplayModel model = DisplayModel::fit(
        readings, {.stage = DriveStage(request.path), .scatter = request.scatter}, source);
    return {Writer(request).write(model), model.meanResidual()};
}

} // namespace lantern
