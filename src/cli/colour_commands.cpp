#include "cli/commands.h"
#include "cli/inputs.h"
#include "cli/line_input.h"
#include "cli/said.h"
#include "core/base/text.h"
#include "core/colour/difference.h"
#include "core/colour/illuminant.h"
#include "core/colour/spaces.h"
#include "core/colour/ten_degree.h"
#include "core/colour/white.h"

#include <nlohmann/json.hpp>

#include <Eigen/LU>
#include <cmath>
#include <iostream>
#include <sstream>

namespace lantern::cli {

namespace {

RelXYZ whiteOption(const std::string &text)
{
    if (const auto named = namedWhite(text))
        return *named;
    std::istringstream parts(text);
    std::vector<double> v;
    for (std::string part; std::getline(parts, part, ',');)
        if (const auto number = parseNumber(part))
            v.push_back(*number);
    if (v.size() != 3 || v[0] <= 0 || v[1] <= 0 || v[2] <= 0)
        throw Error(ErrorKind::BadInput, "--white " + text,
                    "a name (A, D50, D55, D65, D75, E) or X,Y,Z above 0 is expected",
                    "For example --white 95.047,100,108.883.");
    return {v[0], v[1], v[2]};
}

/// All spaces meet in XYZ in the scale of the white.
class Converter {
public:
    explicit Converter(const RelXYZ &white)
        : m_white(white),
          m_fromSrgb(bradford(srgbWhite(), scaled(1 / white.Y))),
          m_toSrgb(m_fromSrgb.inverse())
    {}

    [[nodiscard]] RelXYZ toXyz(const std::string &space, const Vec3 &v) const
    {
        if (space == "xyy")
            return fromXyY(v[0], v[1], v[2]);
        if (space == "uv") {
            const Chromaticity c = chromaticity(UvPrime{v[0], v[1]});
            return fromXyY(c.x, c.y, v[2]);
        }
        if (space == "lab")
            return xyzFromLab(toLabType(v), m_white);
        if (space == "lch")
            return xyzFromLab(labFromLch({v[0], v[1], v[2]}), m_white);
        if (space == "luv")
            return xyzFromLuv({v[0], v[1], v[2]}, m_white);
        if (space == "srgb")
            return toRelXyz(m_white.Y * (m_fromSrgb * vec(xyzFromSrgb({v[0], v[1], v[2]}))));
        return toRelXyz(v);
    }

    [[nodiscard]] Vec3 fromXyz(const std::string &space, const RelXYZ &c) const
    {
        if (space == "xyy") {
            const Chromaticity xy = chromaticity(c);
            return {xy.x, xy.y, c.Y};
        }
        if (space == "uv") {
            const UvPrime uv = uvPrime(chromaticity(c));
            return {uv.u, uv.v, c.Y};
        }
        if (space == "lab")
            return vec(labFromXyz(c, m_white));
        if (space == "lch") {
            const Lch lch = lchFromLab(labFromXyz(c, m_white));
            return {lch.L, lch.C, lch.h};
        }
        if (space == "luv") {
            const Luv luv = luvFromXyz(c, m_white);
            return {luv.L, luv.u, luv.v};
        }
        if (space == "srgb") {
            const Srgb s = srgbFromXyz(toRelXyz(m_toSrgb * (vec(c) / m_white.Y)));
            return {s.r, s.g, s.b};
        }
        return vec(c);
    }

private:
    static RelXYZ srgbWhite() { return xyzFromSrgb({1, 1, 1}); }
    [[nodiscard]] RelXYZ scaled(double f) const
    {
        return {m_white.X * f, m_white.Y * f, m_white.Z * f};
    }
    static RelXYZ fromXyY(double x, double y, double Y)
    {
        if (Y == 0)
            return {};
        if (y <= 0)
            throw Error(ErrorKind::BadInput, "y = " + shortNumber(y),
                        "a chromaticity with y of 0 or less has no luminance");
        return {Y * x / y, Y, Y * (1 - x - y) / y};
    }

    RelXYZ m_white;
    Mat3 m_fromSrgb, m_toSrgb; ///< XYZ of D65 to XYZ of the white and back, Y = 1
};

void printWhite(const Chromaticity &c, const WhiteOptions &o)
{
    const Cct cct = correlatedColourTemperature(c);
    const UvPrime uv = uvPrime(c);
    const bool hasKelvin = std::abs(cct.duv) <= kMostDuv;
    if (o.json)
        std::cout << Json{{"xy", {c.x, c.y}},
                          {"uv", {uv.u, uv.v}},
                          {"cct", hasKelvin ? Json(cct.kelvin) : Json(nullptr)},
                          {"duv", cct.duv}}
                         .dump()
                  << '\n';
    else
        std::cout << "x " << fixedNumber(c.x, 6) << "\ny " << fixedNumber(c.y, 6) << "\nu' "
                  << fixedNumber(uv.u, 6) << "\nv' " << fixedNumber(uv.v, 6) << "\nCCT "
                  << (hasKelvin ? fixedNumber(cct.kelvin, 2) + " K"
                                : "— (" + said("too far from the locus") + ")")
                  << "\nDuv " << fixedNumber(cct.duv, 6) << '\n';
}

/// Two numbers with a comma between, each within 0..1.
std::pair<double, double> pairOption(const std::string &name, const std::string &text)
{
    const size_t comma = text.find(',');
    const auto a = parseNumber(text.substr(0, comma));
    const auto b = comma == std::string::npos ? std::nullopt : parseNumber(text.substr(comma + 1));
    if (!a || !b || *a <= 0 || *b <= 0 || *a >= 1 || *b >= 1)
        throw Error(ErrorKind::BadInput, name + " " + text,
                    "two numbers between 0 and 1 with a comma between are expected",
                    {"For example %1 0.3127,0.3290.", {name}});
    return {*a, *b};
}

double kelvinOption(const std::string &name, double kelvin, double low, double high)
{
    if (!(kelvin >= low && kelvin <= high))
        throw Error(ErrorKind::BadInput, name + " " + shortNumber(kelvin),
                    {"is outside %1 to %2 K", {shortNumber(low), shortNumber(high)}});
    return kelvin;
}

} // namespace

int difference(const DifferenceOptions &o)
{
    Json all = Json::array();
    forEachLine(6, [&](const std::vector<double> &v) {
        const Lab a{v[0], v[1], v[2]};
        const Lab b{v[3], v[4], v[5]};
        const double d = o.formula == "76"    ? deltaE76(a, b)
                         : o.formula == "94"  ? deltaE94(a, b)
                         : o.formula == "cmc" ? deltaECmc(a, b)
                         : o.formula == "itp" ? deltaEItp({v[0], v[1], v[2]}, {v[3], v[4], v[5]})
                                              : deltaE2000(a, b);
        if (o.json)
            all.push_back(d);
        else
            std::cout << exactNumber(d) << '\n';
    });
    if (o.json)
        std::cout << Json{{"formula", o.formula}, {"differences", all}}.dump() << '\n';
    return 0;
}

int convert(const ConvertOptions &o)
{
    const bool srgb = o.from == "srgb" || o.to == "srgb";
    const Converter converter(whiteOption(!o.white.empty() ? o.white : srgb ? "D65" : "D50"));
    Json all = Json::array();
    forEachLine(3, [&](const std::vector<double> &v) {
        const Vec3 out = converter.fromXyz(o.to, converter.toXyz(o.from, Vec3(v[0], v[1], v[2])));
        if (o.json)
            all.push_back({out[0], out[1], out[2]});
        else
            std::cout << exactNumber(out[0]) << ' ' << exactNumber(out[1]) << ' '
                      << exactNumber(out[2]) << '\n';
    });
    if (o.json)
        std::cout << Json{{"from", o.from}, {"to", o.to}, {"values", all}}.dump() << '\n';
    return 0;
}

int white(const WhiteOptions &o)
{
    const int given = (o.cct > 0) + (o.daylight > 0) + !o.xy.empty() + !o.uv.empty();
    if (given != 1)
        throw Error(ErrorKind::BadInput, "white",
                    "just one of --cct, --daylight, --xy and --uv is expected");
    if (!o.panel.empty()) {
        if (o.daylight <= 0)
            throw Error(ErrorKind::BadInput, "--panel", "the light to match is missing",
                        "Give --daylight as well.");
        const TenDegreeMatch m =
            tenDegreeMatch(spectraFromText(readText(o.panel), o.panel), o.panel,
                           daylightSpectrum(kelvinOption("--daylight", o.daylight, 4000, 25000)));
        if (o.json)
            std::cout << Json{{"xy", {m.panel.x, m.panel.y}},
                              {"matched_by_eye", {{"du", m.offset.u}, {"dv", m.offset.v}}}}
                             .dump()
                      << '\n';
        else
            std::cout << said({"the panel's white for the 10° observer: x %1 y %2, from the aim "
                               "Δu' %3 Δv' %4 (Δu'v' %5)",
                               {fixedNumber(m.panel.x, 4), fixedNumber(m.panel.y, 4),
                                fixedNumber(m.offset.u, 4), fixedNumber(m.offset.v, 4),
                                fixedNumber(std::hypot(m.offset.u, m.offset.v), 4)}})
                      << '\n';
        return 0;
    }
    if (o.cct > 0)
        printWhite(planckian(kelvinOption("--cct", o.cct, kMinCct, kMaxCct)), o);
    else if (o.daylight > 0)
        printWhite(daylight(kelvinOption("--daylight", o.daylight, 4000, 25000)), o);
    else if (!o.xy.empty()) {
        const auto [x, y] = pairOption("--xy", o.xy);
        if (x + y > 1)
            throw Error(ErrorKind::BadInput, "--xy " + o.xy, "x + y is above 1");
        printWhite({x, y}, o);
    } else {
        const auto [u, v] = pairOption("--uv", o.uv);
        printWhite(chromaticity(UvPrime{u, v}), o);
    }
    return 0;
}

} // namespace lantern::cli
