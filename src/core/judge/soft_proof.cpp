#include "core/judge/soft_proof.h"

#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/model/gamut_boundary.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <limits>

namespace lantern {

SoftProof softProof(const Printing &printing, const std::string &source, const ProfileFile &display,
                    bool paperWhite)
{
    SoftProof proof;
    proof.paper = printing.paper();
    proof.black = printing.black();
    if (!paperWhite && !proof.paper)
        throw Error(ErrorKind::BadInput, source, "no bare paper (all inks 0) among the data",
                    "Compare absolutely instead, with the paper's own white.");
    const RelXYZ paper =
        proof.paper ? xyzFromLab(printing.colours[*proof.paper].paper, kD50) : kD50;
    for (const PrintedColour &c : printing.colours)
        proof.colours.push_back({c.name, c.paper, {}, {}, 0, false});

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

std::vector<ForeseenFigure> foreseen(const SoftProof &proof, const Tolerance &tolerance)
{
    using Kind = ForeseenFigure::Kind;
    std::vector<ForeseenFigure> out;
    if (tolerance.formula != DifferenceFormula::De2000)
        return out;
    const auto add = [&](Kind kind, double value, const std::optional<double> &limit) {
        if (limit)
            out.push_back({kind, value, *limit});
    };
    add(Kind::Mean, proof.all.mean, tolerance.colourMean);
    add(Kind::Percentile95, proof.all.p95, tolerance.colour95);
    add(Kind::Worst, proof.all.max, tolerance.colourWorst);
    return out;
}

ReferenceSet controlStrip(const SoftProof &proof, const std::string &name, size_t most)
{
    ReferenceSet strip{name, {}};
    std::vector<double> nearest(proof.colours.size(), std::numeric_limits<double>::infinity());
    const auto take = [&](size_t index) {
        const ProofedColour &c = proof.colours[index];
        strip.colours.push_back({c.name, c.aimed});
        for (size_t i = 0; i < nearest.size(); ++i)
            nearest[i] = std::min(nearest[i], deltaE76(c.aimed, proof.colours[i].aimed));
    };
    take(proof.paper.value_or(proof.black));
    if (nearest[proof.black] > 0)
        take(proof.black);
    constexpr double kAlike = 1; // ΔE*ab
    while (strip.colours.size() < most) {
        const auto farthest = std::max_element(nearest.begin(), nearest.end());
        if (*farthest < kAlike)
            break;
        take(static_cast<size_t>(farthest - nearest.begin()));
    }
    return strip;
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
