#include "core/profile/printing.h"

#include "core/base/cgats.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "core/profile/lcms_context.h"

#include <algorithm>
#include <array>

namespace lantern {

namespace {

constexpr char kAdvice[] =
    "Give a characterisation (CGATS with CMYK_C .. CMYK_K and LAB_* or XYZ_*) or an ICC output "
    "profile.";

std::vector<size_t> columns(const CgatsTable &t, const std::vector<const char *> &names,
                            const std::string &source)
{
    std::vector<size_t> out;
    for (const char *name : names) {
        const auto column = t.column(name);
        if (!column)
            throw Error(ErrorKind::BadInput, source, {"the data have no field %1", {name}},
                        kAdvice);
        out.push_back(*column);
    }
    return out;
}

bool canBePrinted(const Lab &c)
{
    return c.L > -5 && c.L < 130 && chroma(c) < 300;
}

/// "C40 Y100": those that are there; all of them of RGB.
std::string inksInWords(const std::vector<std::string> &amounts, bool isRgb, bool bare)
{
    if (bare)
        return "paper";
    const std::string letters = isRgb ? "RGB" : "CMYK";
    std::string out;
    for (size_t i = 0; i < amounts.size(); ++i)
        if (isRgb || amounts[i] != "0")
            out += (out.empty() ? "" : " ") + std::string(1, letters[i]) + amounts[i];
    return out;
}

/// All combinations of amounts 0..1, the first channel slowest.
std::vector<std::vector<double>> grid(const std::vector<std::vector<double>> &amounts)
{
    std::vector<std::vector<double>> out = {{}};
    for (const auto &steps : amounts) {
        std::vector<std::vector<double>> longer;
        for (const auto &before : out)
            for (const double step : steps) {
                longer.push_back(before);
                longer.back().push_back(step);
            }
        out = std::move(longer);
    }
    return out;
}

} // namespace

std::optional<size_t> Printing::paper() const
{
    std::optional<size_t> best;
    for (size_t i = 0; i < colours.size(); ++i)
        if (colours[i].bare && (!best || colours[i].paper.L > colours[*best].paper.L))
            best = i;
    return best;
}

size_t Printing::black() const
{
    return static_cast<size_t>(
        std::ranges::min_element(colours, {}, [](const PrintedColour &c) { return c.paper.L; }) -
        colours.begin());
}

Printing printingFromText(const std::string &text, const std::string &source)
{
    const CgatsTable t = parseCgats(text, source);
    const bool isRgb = t.column("RGB_R") && !t.column("CMYK_C");
    const auto device = isRgb ? columns(t, {"RGB_R", "RGB_G", "RGB_B"}, source)
                              : columns(t, {"CMYK_C", "CMYK_M", "CMYK_Y"}, source);
    const auto k = isRgb ? std::nullopt : t.column("CMYK_K");
    const bool isLab = t.column("LAB_L").has_value();
    const auto colour = isLab ? columns(t, {"LAB_L", "LAB_A", "LAB_B"}, source)
                              : columns(t, {"XYZ_X", "XYZ_Y", "XYZ_Z"}, source);
    const auto id = t.column("SAMPLE_ID");
    Printing printing;
    const auto value = [&](size_t row, size_t column) {
        return cgatsNumber(t, row, column, source);
    };
    double mostRgb = 0; // files count to 100 or to 255
    for (size_t row = 0; row < t.rows.size() && isRgb; ++row)
        for (const size_t column : device)
            mostRgb = std::max(mostRgb, value(row, column));
    for (size_t row = 0; row < t.rows.size(); ++row) {
        const Vec3 v(value(row, colour[0]), value(row, colour[1]), value(row, colour[2]));
        PrintedColour c;
        c.paper = isLab ? toLabType(v) : labFromXyz(toRelXyz(v / 100), kD50);
        if (!canBePrinted(c.paper))
            throw Error(ErrorKind::BadInput,
                        source + ", line " + std::to_string(t.rows[row][colour[0]].line),
                        "this is not the colour of a print");
        c.bare = true;
        std::vector<std::string> amounts;
        const auto add = [&](size_t column, double none) {
            c.bare = c.bare && value(row, column) == none;
            amounts.push_back(shortNumber(value(row, column)));
        };
        for (const size_t column : device)
            add(column, isRgb ? mostRgb : 0);
        if (k)
            add(*k, 0);
        c.name = (id ? t.rows[row][*id].text : std::to_string(row + 1)) + ": " +
                 inksInWords(amounts, isRgb, c.bare);
        printing.colours.push_back(std::move(c));
    }
    if (printing.colours.empty())
        throw Error(ErrorKind::BadInput, source, "there are no colours in it", kAdvice);
    return printing;
}

Printing printingFromProfile(const std::vector<uint8_t> &icc, const std::string &source)
{
    const LcmsContext context;
    const LcmsProfile press(cmsOpenProfileFromMemTHR(context.get(), icc.data(),
                                                     static_cast<cmsUInt32Number>(icc.size())));
    if (!press)
        throw Error(ErrorKind::BadInput, source,
                    {"the profile is broken: %1", {context.lastError()}}, kAdvice);
    // Not kept as the enumeration that it is declared to be: a file may have any number there.
    const bool isRgb = cmsGetColorSpace(press.get()) == cmsSigRgbData;
    const bool isCmyk = cmsGetColorSpace(press.get()) == cmsSigCmykData;
    if (cmsGetDeviceClass(press.get()) != cmsSigOutputClass || (!isRgb && !isCmyk))
        throw Error(ErrorKind::BadInput, source, "is no profile of a print", kAdvice);
    const LcmsProfile lab(cmsCreateLab4ProfileTHR(context.get(), nullptr));
    const LcmsTransform toLab(cmsCreateTransformTHR(
        context.get(), press.get(), isRgb ? TYPE_RGB_DBL : TYPE_CMYK_DBL, lab.get(), TYPE_Lab_DBL,
        INTENT_ABSOLUTE_COLORIMETRIC, cmsFLAGS_NOCACHE | cmsFLAGS_NOOPTIMIZE));
    if (!toLab)
        throw Error(ErrorKind::BadInput, source,
                    {"cannot tell what it prints: %1", {context.lastError()}}, kAdvice);
    const std::vector<double> eighths = {0, 0.125, 0.25, 0.375, 0.5, 0.625, 0.75, 0.875, 1};
    const std::vector<double> inks = {0, 0.2, 0.4, 0.7, 1};
    const auto amounts = isRgb ? grid({eighths, eighths, eighths})
                               : grid({inks, inks, inks, {0, 0.2, 0.4, 0.6, 0.8, 1}});
    Printing printing;
    printing.name = source;
    for (const auto &a : amounts) {
        std::array<double, 4> in{};
        PrintedColour c;
        c.bare = true;
        std::vector<std::string> names;
        for (size_t i = 0; i < a.size(); ++i) {
            in[i] = isRgb ? a[i] : 100 * a[i];
            c.bare = c.bare && a[i] == (isRgb ? 1.0 : 0.0);
            names.push_back(shortNumber(isRgb ? 255 * a[i] : 100 * a[i]));
        }
        c.name =
            std::to_string(printing.colours.size() + 1) + ": " + inksInWords(names, isRgb, c.bare);
        cmsCIELab out{};
        cmsDoTransform(toLab.get(), in.data(), &out, 1);
        c.paper = {out.L, out.a, out.b};
        if (!canBePrinted(c.paper))
            throw Error(ErrorKind::BadInput, source, "tells of colours that no print can have",
                        kAdvice);
        printing.colours.push_back(std::move(c));
    }
    return printing;
}

bool isProfile(const std::vector<uint8_t> &bytes)
{
    constexpr size_t kMark = 36; // ICC.1:2022, 7.2.12
    const std::string mark = "acsp";
    return bytes.size() >= kMark + mark.size() &&
           std::equal(mark.begin(), mark.end(), bytes.begin() + kMark);
}

Printing printingFromBytes(const std::vector<uint8_t> &bytes, const std::string &source)
{
    return isProfile(bytes) ? printingFromProfile(bytes, source)
                            : printingFromText({bytes.begin(), bytes.end()}, source);
}

} // namespace lantern
