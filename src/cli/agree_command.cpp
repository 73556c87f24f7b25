#include "cli/commands.h"
#include "cli/inputs.h"
#include "cli/log_words.h"
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
            const Agreement g = run::agreementOf(
                states[i], states[k], referenceMeant(o.reference, states[i]), viewingOf(o));
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

int commonAim(const CommonAimOptions &o)
{
    const QString path = QString::fromStdString(o.logbook);
    if (!QFileInfo::exists(path))
        throw Error(ErrorKind::BadInput, o.logbook, "there is no such logbook");
    Place place{{path, run::Logbook::Access::Read}, {}};
    place.lines = place.book.lines();
    std::vector<run::DeskState> states;
    if (o.displays.empty()) {
        for (const QString &id : run::displaysIn(place.lines))
            if (auto s = run::stateNow(place.book, place.lines, id); s && s->read)
                states.push_back(*s);
    } else
        for (const std::string &meant : o.displays)
            states.push_back(stateMeant(place, meant));
    Aim wanted;
    wanted.luminanceCdM2.reset();
    if (!o.aim.empty())
        wanted = readAim(o.aim);
    const CommonAim c = run::commonAim(states, wanted);
    if (!o.out.empty())
        run::writeFile(QString::fromStdString(o.out),
                       QByteArray::fromStdString(aimToJson(c.aim).dump(2) + "\n"));
    if (o.json) {
        Json j = {{"aim", aimToJson(c.aim)},
                  {"darkest", states[c.darkest].displayId.toStdString()},
                  {"flattest", states[c.flattest].displayId.toStdString()},
                  {"gamut_srgb", c.srgbCoverage},
                  {"gamut_p3", c.p3Coverage},
                  {"estimated", c.isEstimated},
                  {"displays", Json::array()}};
        for (size_t i = 0; i < states.size(); ++i)
            j["displays"].push_back({{"display", states[i].displayId.toStdString()},
                                     {"peak", c.plans[i].peak},
                                     {"contrast", c.plans[i].contrast},
                                     {"light_given_up", c.plans[i].lightGivenUp},
                                     {"contrast_given_up", c.plans[i].contrastGivenUp},
                                     {"gamut_given_up", c.plans[i].gamutGivenUp}});
        std::cout << j.dump() << '\n';
        return 0;
    }
    const auto percent = [](double share) { return fixedNumber(100 * share, 0) + " %"; };
    std::cout << "All can share: " << aimSummary(c.aim) << "; their common gamut holds "
              << percent(c.srgbCoverage) << " of sRGB, " << percent(c.p3Coverage) << " of P3.\n"
              << "Light is limited by " << printable(c.plans[c.darkest].name) << ", contrast by "
              << printable(c.plans[c.flattest].name) << ".\n";
    for (const SharePlan &p : c.plans)
        std::cout << printable(p.name) << ": could give " << fixedNumber(p.peak, 0)
                  << " cd/m², contrast " << fixedNumber(p.contrast, 0) << "; gives up "
                  << percent(p.lightGivenUp) << " of its light, " << percent(p.contrastGivenUp)
                  << " of its contrast, " << percent(p.gamutGivenUp) << " of its gamut\n";
    if (c.isEstimated)
        std::cout << "Light at the top of the brightness is foretold, not read.\n";
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
    tellAgreement(a, b, o.reference, viewingOf(o), o.json);
    return 0;
}

} // namespace lantern::cli
