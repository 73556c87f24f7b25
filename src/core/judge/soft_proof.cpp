#include "core/judge/soft_proof.h"

#include "core/base/cgats.h"
#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/model/gamut_boundary.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <array>
#include <cmath>

namespace lantern {

namespace {

std::array<size_t, 3> columns(const CgatsTable &t, const std::array<const char *, 3> &names,
                              const std::string &source)
{
    std::array<size_t, 3> out{};
    for (int i = 0; i < 3; ++i) {
        const auto column = t.column(names[i]);
        if (!column)
            throw Error(ErrorKind::BadInput, source, {"the data have no field %1", {names[i]}},
                        "A print characterisation has CMYK_C .. CMYK_K and LAB_* or XYZ_*.");
        out[i] = *column;
    }
    return out;
}

} // namespace

SoftProof softProof(const std::string &characterisation, const std::string &source,
                    const ProfileFile &display, bool paperWhite)
{
    const CgatsTable t = parseCgats(characterisation, source);
    const auto cmy = columns(t, {"CMYK_C", "CMYK_M", "CMYK_Y"}, source);
    const auto k = t.column("CMYK_K");
    const bool isLab = t.column("LAB_L").has_value();
    const auto colour = isLab ? columns(t, {"LAB_L", "LAB_A", "LAB_B"}, source)
                              : columns(t, {"XYZ_X", "XYZ_Y", "XYZ_Z"}, source);
    const auto id = t.column("SAMPLE_ID");

    SoftProof proof;
    double lightest = -1;
    RelXYZ paper = kD50;
    for (size_t row = 0; row < t.rows.size(); ++row) {
        auto value = [&](size_t column) { return cgatsNumber(t, row, column, source); };
        const Vec3 v(value(colour[0]), value(colour[1]), value(colour[2]));
        ProofedColour c;
        c.paper = isLab ? toLabType(v) : labFromXyz(toRelXyz(v / 100), kD50);
        if (!(c.paper.L > -5 && c.paper.L < 130 && chroma(c.paper) < 300))
            throw Error(ErrorKind::BadInput,
                        source + ", line " + std::to_string(t.rows[row][colour[0]].line),
                        "this is not the colour of a print");
        double inks = k ? value(*k) : 0;
        c.name = (id ? t.rows[row][*id].text : std::to_string(row + 1)) + ":";
        for (const size_t column : cmy) {
            inks += value(column);
            c.name += " " + t.rows[row][column].text;
        }
        if (k)
            c.name += " " + t.rows[row][*k].text;
        if (inks == 0 && c.paper.L > lightest) {
            lightest = c.paper.L;
            paper = xyzFromLab(c.paper, kD50);
        }
        proof.colours.push_back(std::move(c));
    }
    if (!paperWhite && lightest < 0)
        throw Error(ErrorKind::BadInput, source, "no bare paper (all inks 0) among the data",
                    "Compare absolutely instead, with the paper's own white.");

    const GamutBoundary gamut = display.gamut();
    std::vector<double> all;
    std::vector<double> outside;
    constexpr double kStillInside = 0.5; // ΔE00: what rounding to code values does
    for (ProofedColour &c : proof.colours) {
        c.aimed = paperWhite ? c.paper
                             : labFromXyz(toRelXyz(vec(xyzFromLab(c.paper, kD50))
                                                       .cwiseProduct(vec(kD50))
                                                       .cwiseQuotient(vec(paper))),
                                          kD50);
        const Vec3 codes = vec(display.toDevice(c.aimed)).array().round();
        c.shown = display.toLab(toDeviceRgb(codes));
        c.deltaE00 = deltaE2000(c.aimed, c.shown);
        c.inside = gamut.contains(c.aimed) || c.deltaE00 < kStillInside;
        all.push_back(c.deltaE00);
        if (c.inside)
            proof.insideShare += 1.0 / static_cast<double>(proof.colours.size());
        else
            outside.push_back(c.deltaE00);
    }
    proof.all = statistics(all);
    if (!outside.empty())
        proof.outside = statistics(outside);
    return proof;
}

Json softProofToJson(const SoftProof &p)
{
    auto lab = [](const Lab &c) { return Json{c.L, c.a, c.b}; };
    auto figures = [](const Statistics &s) {
        return Json{{"mean", s.mean}, {"median", s.median}, {"p95", s.p95}, {"max", s.max}};
    };
    Json j = {{"colours", p.colours.size()},
              {"inside_share", p.insideShare},
              {"delta_e_2000", figures(p.all)},
              {"outside_delta_e_2000", figures(p.outside)}};
    j["outside"] = Json::array();
    for (const ProofedColour &c : p.colours)
        if (!c.inside)
            j["outside"].push_back({{"name", c.name},
                                    {"aimed_lab", lab(c.aimed)},
                                    {"shown_lab", lab(c.shown)},
                                    {"delta_e_2000", c.deltaE00}});
    return j;
}

} // namespace lantern
