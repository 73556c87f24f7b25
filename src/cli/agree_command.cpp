#include "cli/commands.h"
#include "cli/inputs.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "run/logbook/desk_state.h"
#include "run/logbook/figure_trends.h"

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

ReferenceSet referenceMeant(const AgreeOptions &o, const run::DeskState &first)
{
    const ProfileFile profile({first.profile.begin(), first.profile.end()}, "profile");
    if (auto set = referenceByKey(o.reference, asTold(profile)))
        return *set;
    return referenceFromList(readText(o.reference), o.reference);
}

Json labJson(const Lab &lab)
{
    return Json{lab.L, lab.a, lab.b};
}

Json stateToJson(const run::DeskState &s)
{
    const XYZ white = toXyz(s.change * vec(s.white));
    return {{"display", s.displayName.toStdString()},
            {"display_id", s.displayId.toStdString()},
            {"run", s.run},
            {"read_in", s.readIn},
            {"read_at", s.readAt.toStdString()},
            {"meter", s.meter.toStdString()},
            {"white", {white.X, white.Y, white.Z}},
            {"profile_error", s.profileError}};
}

int colours(const AgreeOptions &o, const run::DeskState &a, const run::DeskState &b)
{
    const Agreement g = run::agreementOf(a, b, referenceMeant(o, a),
                                         o.eachAlone ? Viewing::EachAlone : Viewing::SideBySide);
    if (o.json) {
        Json j = {{"first", stateToJson(a)},
                  {"second", stateToJson(b)},
                  {"viewing", o.eachAlone ? "each-alone" : "side-by-side"},
                  {"white_delta_uv", g.whiteDeltaUv},
                  {"white_delta_uv_uncertainty", g.whiteDeltaUvError},
                  {"luminance_ratio", g.luminanceRatio},
                  {"luminance_ratio_uncertainty", g.luminanceRatioError},
                  {"mean", g.deltaE00.mean},
                  {"mean_uncertainty", g.meanError},
                  {"p95", g.deltaE00.p95},
                  {"max", g.deltaE00.max},
                  {"meters_known", g.isMeterKnown},
                  {"colours", Json::array()}};
        for (const AgreedColour &c : g.colours)
            j["colours"].push_back({{"name", c.asked.name},
                                    {"asked", labJson(c.asked.lab)},
                                    {"first", labJson(c.first)},
                                    {"second", labJson(c.second)},
                                    {"delta_e_2000", c.deltaE00},
                                    {"uncertainty", c.uncertainty},
                                    {"reachable", c.isReachable}});
        std::cout << j.dump() << '\n';
        return 0;
    }
    const auto told = [](const run::DeskState &s) {
        return printable(s.displayName.toStdString()) + " (read " + s.readAt.toStdString() +
               " by " + printable(s.meter.toStdString()) + ")";
    };
    std::cout << told(a) << " and " << told(b) << ", "
              << (o.eachAlone ? "each seen by itself" : "side by side") << ":\n"
              << "predicted ΔE00 mean " << fixedNumber(g.deltaE00.mean, 2) << " ± "
              << fixedNumber(kCoverageFactor * g.meanError, 2) << " (k = 2), 95 % "
              << fixedNumber(g.deltaE00.p95, 2) << ", largest " << fixedNumber(g.deltaE00.max, 2)
              << " (" << printable(g.colours[*g.worst].asked.name) << ")\n"
              << "whites Δu'v' " << fixedNumber(g.whiteDeltaUv, 4) << " ± "
              << fixedNumber(kCoverageFactor * g.whiteDeltaUvError, 4)
              << ", luminance of the second over the first's " << fixedNumber(g.luminanceRatio, 3)
              << " ± " << fixedNumber(kCoverageFactor * g.luminanceRatioError, 3) << '\n';
    if (!g.isMeterKnown)
        std::cout << "What the meters may be off by is not known and not in these ranges.\n";
    return 0;
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
                      << (!stands   ? ""
                          : *stands ? "differs"
                                    : "within uncertainty")
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
            std::cout << "For critical work: " << printable(r.bestReason.inEnglish())
                      << ".\nTo be replaced: " << printable(r.replaceReason.inEnglish()) << ".\n";
        return 0;
    }
    Json list = Json::array();
    for (size_t i = 0; i < states.size(); ++i)
        for (size_t k = i + 1; k < states.size(); ++k) {
            const Agreement g =
                run::agreementOf(states[i], states[k], referenceMeant(o, states[i]),
                                 o.eachAlone ? Viewing::EachAlone : Viewing::SideBySide);
            if (o.json)
                list.push_back({{"first", states[i].displayId.toStdString()},
                                {"second", states[k].displayId.toStdString()},
                                {"mean", g.deltaE00.mean},
                                {"mean_uncertainty", g.meanError},
                                {"max", g.deltaE00.max}});
            else
                std::cout << printable(states[i].displayName.toStdString()) << " and "
                          << printable(states[k].displayName.toStdString()) << ": ΔE00 mean "
                          << fixedNumber(g.deltaE00.mean, 2) << " ± "
                          << fixedNumber(kCoverageFactor * g.meanError, 2) << ", largest "
                          << fixedNumber(g.deltaE00.max, 2) << '\n';
        }
    if (o.json)
        std::cout << list.dump() << '\n';
    return 0;
}

} // namespace

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
    return o.figures ? figures(o, place, a, b) : colours(o, a, b);
}

} // namespace lantern::cli
