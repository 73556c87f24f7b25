#include "cli/commands.h"
#include "cli/inputs.h"
#include "cli/log_words.h"
#include "cli/said.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "run/logbook/desk_state.h"
#include "run/logbook/figure_trends.h"
#include "run/logbook/load_results.h"

#include <nlohmann/json.hpp>

#include <QDateTime>
#include <QFileInfo>

#include <iostream>

namespace lantern::cli {

namespace {

struct Place {
    run::Logbook book;
    std::vector<run::LogLine> lines;
};

Viewing viewingOf(const AgreeOptions &o)
{
    return o.eachAlone ? Viewing::EachAlone : Viewing::SideBySide;
}

/// Number of the run that is meant: given, or that which read a display last.
run::DeskState stateMeant(Place &place, const std::string &meant)
{
    if (const auto number = parseNumber(meant))
        return run::stateIn(place.book, static_cast<qint64>(*number));
    const QString name = QString::fromStdString(meant);
    for (const run::LogLine &l : place.lines)
        if (l.displayId == name || l.displayName == name) {
            if (auto state = run::stateNow(place.book, place.lines, l.displayId))
                return *state;
            throw Error(ErrorKind::BadInput, meant, "no finished run tells what it shows");
        }
    std::string known;
    for (const QString &id : run::displaysIn(place.lines))
        known += (known.empty() ? "" : ", ") + id.toStdString();
    throw Error(ErrorKind::BadInput, meant, "no display of that id or name is in the logbook",
                {"Displays in it: %1.", {known}});
}

/// The display of that id or name.
QString idMeant(const Place &place, const std::string &meant)
{
    const QString name = QString::fromStdString(meant);
    for (const run::LogLine &l : place.lines)
        if (l.displayId == name || l.displayName == name)
            return l.displayId;
    throw Error(ErrorKind::BadInput, meant, "no display of that id or name is in the logbook");
}

/// What a common aim is worked out of.
Json reachToJson(const ReadDisplay &d)
{
    const auto light = [](const XYZ &c) { return Json{c.X, c.Y, c.Z}; };
    Json j = {{"white", light(d.reach.white)},
              {"black", light(d.reach.black)},
              {"channels", Json::array()},
              {"backlight", d.backlight},
              {"dims", d.dims}};
    for (int c = 0; c < 3; ++c)
        j["channels"].push_back(light(toXyz(d.reach.primaries.col(c))));
    return j;
}

int figures(const AgreeOptions &o, Place &place, const run::DeskState &a, const run::DeskState &b)
{
    const auto all =
        run::comparedFigures(place.book.figuresIn(a.readIn), place.book.figuresIn(b.readIn));
    Json list = Json::array();
    const auto number = [](const std::optional<double> &v) { return v ? Json(*v) : Json(nullptr); };
    for (const run::ComparedFigure &f : all) {
        const auto stands = f.standsOut();
        if (o.json)
            list.push_back({{"name", f.name},
                            {"unit", f.unit},
                            {"first", number(f.first)},
                            {"second", number(f.second)},
                            {"uncertainty", number(f.uncertainty)},
                            {"stands_out", stands ? Json(*stands) : Json(nullptr)}});
        else
            std::cout << f.name << '\t' << (f.first ? compactNumber(*f.first) : "-") << '\t'
                      << (f.second ? compactNumber(*f.second) : "-") << '\t' << f.unit << '\t'
                      << (!stands   ? std::string()
                          : *stands ? said("differs")
                                    : said("within uncertainty"))
                      << '\n';
    }
    if (o.json)
        std::cout << list.dump() << '\n';
    return 0;
}

/// All displays, each as it was read last, with one another.
int everyPair(const AgreeOptions &o, Place &place)
{
    std::vector<run::DeskState> states;
    for (const QString &id : run::displaysIn(place.lines))
        if (auto s = run::stateNow(place.book, place.lines, id))
            states.push_back(*s);
    if (o.rank) {
        std::vector<RankedDisplay> displays;
        for (const run::DeskState &s : states)
            displays.push_back(s.rank);
        const Ranking r = rank(displays);
        const auto idOf = [&](const std::optional<size_t> &i) {
            return i ? Json(states[*i].displayId.toStdString()) : Json(nullptr);
        };
        if (o.json)
            std::cout << Json{{"best", idOf(r.best)},
                              {"best_reason", r.bestReason.inEnglish()},
                              {"replace", idOf(r.replace)},
                              {"replace_reason", r.replaceReason.inEnglish()}}
                             .dump()
                      << '\n';
        else
            std::cout << said({"For critical work: %1.", {said(r.bestReason)}}) << '\n'
                      << said({"To be replaced: %1.", {said(r.replaceReason)}}) << '\n';
        return 0;
    }
    Json list = Json::array();
    for (size_t i = 0; i < states.size(); ++i)
        for (size_t k = i + 1; k < states.size(); ++k) {
            const Agreement g = run::agreementOf(
                states[i], states[k], referenceMeant(o.reference, states[i]), viewingOf(o));
            if (o.json)
                list.push_back({{"first", states[i].displayId.toStdString()},
                                {"second", states[k].displayId.toStdString()},
                                {"mean", g.deltaE00.mean},
                                {"mean_uncertainty", g.meanError},
                                {"max", g.deltaE00.max}});
            else
                std::cout << said({"%1 and %2: ΔE00 mean %3 ± %4, largest %5",
                                   {shown(states[i].displayName), shown(states[k].displayName),
                                    fixedNumber(g.deltaE00.mean, 2),
                                    fixedNumber(kCoverageFactor * g.meanError, 2),
                                    fixedNumber(g.deltaE00.max, 2)}})
                          << '\n';
        }
    if (o.json)
        std::cout << list.dump() << '\n';
    return 0;
}

/// By what was read of the same colours on both, each through its own profile.
int byReadings(const AgreeOptions &o, Place &place, const run::DeskState &a,
               const run::DeskState &b)
{
    const auto proof = [&](const run::DeskState &s) {
        run::RunResults r = run::loadResults(place.book, s.readIn);
        if (!r.validation)
            r = run::loadResults(place.book, s.run);
        if (!r.validation)
            throw Error(ErrorKind::BadInput, s.displayName.toStdString(),
                        "no colours were proved in this run");
        return *r.validation;
    };
    const Validation x = proof(a), y = proof(b);
    const auto g = measuredAgreement(x, y, viewingOf(o));
    if (!g)
        throw Error(ErrorKind::BadInput, "agree", "the two proofs have no colour in common",
                    "Prove both with the same set of colours.");
    if (!o.json) {
        std::cout
            << said({"%1 and %2, read on both: ΔE00 mean %3 ± %4 (scatter of the meter, twice "
                     "the standard uncertainty), largest %5 (%6)",
                     {shown(a.displayName), shown(b.displayName), fixedNumber(g->deltaE00.mean, 2),
                      fixedNumber(kCoverageFactor * g->meanError, 2),
                      fixedNumber(g->deltaE00.max, 2), g->colours[*g->worst].asked.name}})
            << '\n'
            << said({"whites Δu'v' %1, luminance of the second over the first's %2",
                     {fixedNumber(g->whiteDeltaUv, 4), fixedNumber(g->luminanceRatio, 3)}})
            << '\n';
        return 0;
    }
    const auto light = [](const XYZ &c) { return Json{c.X, c.Y, c.Z}; };
    const auto read = [](const Validation &v, const AgreedColour &c) {
        return std::ranges::find_if(
                   v.patches,
                   [&](const ValidatedPatch &p) { return p.aimed.reference.name == c.asked.name; })
            ->measured;
    };
    Json j = {{"viewing", o.eachAlone ? "each-alone" : "side-by-side"},
              {"whites",
               {light(x.state.white.value_or(x.white)), light(y.state.white.value_or(y.white))}},
              {"white_delta_uv", g->whiteDeltaUv},
              {"luminance_ratio", g->luminanceRatio},
              {"mean", g->deltaE00.mean},
              {"mean_uncertainty", g->meanError},
              {"max", g->deltaE00.max},
              {"colours", Json::array()}};
    for (const AgreedColour &c : g->colours)
        j["colours"].push_back({{"name", c.asked.name},
                                {"first", light(read(x, c))},
                                {"second", light(read(y, c))},
                                {"delta_e_2000", c.deltaE00}});
    std::cout << j.dump() << '\n';
    return 0;
}

} // namespace

int commonAim(const CommonAimOptions &o)
{
    const QString path = QString::fromStdString(o.logbook);
    if (!QFileInfo::exists(path))
        throw Error(ErrorKind::BadInput, o.logbook, "there is no such logbook");
    Place place{{path, run::Logbook::Access::Read}, {}};
    place.lines = place.book.lines();
    std::vector<ReadDisplay> displays;
    Json readings = Json::array();
    const auto add = [&](const QString &id) {
        auto last = run::readLast(place.book, place.lines, id);
        if (!last)
            return false;
        last->display.name = id.toStdString();
        displays.push_back(last->display);
        readings.push_back(reachToJson(last->display));
        return true;
    };
    if (o.displays.empty())
        for (const QString &id : run::displaysIn(place.lines))
            add(id);
    for (const std::string &meant : o.displays)
        if (!add(idMeant(place, meant)))
            throw Error(ErrorKind::BadInput, meant, "nobody has read yet what it can do",
                        "Calibrate it once, or leave it out.");
    Aim wanted;
    wanted.luminanceCdM2.reset();
    if (!o.aim.empty())
        wanted = readAim(o.aim);
    const CommonAim c = lantern::commonAim(displays, wanted);
    if (!o.out.empty())
        run::writeFile(QString::fromStdString(o.out),
                       QByteArray::fromStdString(aimToJson(c.aim).dump(2) + "\n"));
    if (o.json) {
        Json j = {{"aim", aimToJson(c.aim)},
                  {"darkest", displays[c.darkest].name},
                  {"flattest", displays[c.flattest].name},
                  {"gamut_srgb", c.srgbCoverage},
                  {"gamut_p3", c.p3Coverage},
                  {"estimated", c.isEstimated},
                  {"displays", Json::array()}};
        for (size_t i = 0; i < displays.size(); ++i)
            j["displays"].push_back({{"display", displays[i].name},
                                     {"read", readings[i]},
                                     {"peak", c.plans[i].peak},
                                     {"contrast", c.plans[i].contrast},
                                     {"light_given_up", c.plans[i].lightGivenUp},
                                     {"contrast_given_up", c.plans[i].contrastGivenUp},
                                     {"gamut_given_up", c.plans[i].gamutGivenUp}});
        std::cout << j.dump() << '\n';
        return 0;
    }
    const auto percent = [](double share) { return fixedNumber(100 * share, 0); };
    std::cout << said({"All can share: %1; their common gamut holds %2 % of sRGB, %3 % of P3.",
                       {saidFigures(aimSummary(c.aim)), percent(c.srgbCoverage),
                        percent(c.p3Coverage)}})
              << '\n'
              << said({"Light is limited by %1, contrast by %2.",
                       {c.plans[c.darkest].name, c.plans[c.flattest].name}})
              << '\n';
    for (const SharePlan &p : c.plans)
        std::cout << said({"%1: could give %2 cd/m², contrast %3; gives up %4 % of its light, %5 % "
                           "of its contrast, %6 % of its gamut",
                           {p.name, fixedNumber(p.peak, 0), fixedNumber(p.contrast, 0),
                            percent(p.lightGivenUp), percent(p.contrastGivenUp),
                            percent(p.gamutGivenUp)}})
                  << '\n';
    if (c.isEstimated)
        std::cout << said("Light at the top of the brightness is foretold, not read.") << '\n';
    return 0;
}

int agree(const AgreeOptions &o)
{
    const QString path = QString::fromStdString(o.logbook);
    if (!QFileInfo::exists(path))
        throw Error(ErrorKind::BadInput, o.logbook, "there is no such logbook");
    Place place{{path, run::Logbook::Access::Read}, {}};
    place.lines = place.book.lines();
    if (o.first.empty())
        return everyPair(o, place);
    const run::DeskState a = stateMeant(place, o.first);
    const run::DeskState b = stateMeant(place, o.second);
    if (o.figures)
        return figures(o, place, a, b);
    if (o.read)
        return byReadings(o, place, a, b);
    tellAgreement(a, b, o.reference, viewingOf(o), o.json);
    return 0;
}

} // namespace lantern::cli
