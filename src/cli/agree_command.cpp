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
