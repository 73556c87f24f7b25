#include "app/state/session_state.h"

#include "core/aim/aim_reach.h"
#include "run/book/in_words.h"

#include <nlohmann/json.hpp>

#include <QCoreApplication>

#include <algorithm>

namespace lantern::app {

HistoryState::HistoryState() = default;
HistoryState::HistoryState(const HistoryState &) = default;
HistoryState::HistoryState(HistoryState &&) noexcept = default;
HistoryState &HistoryState::operator=(const HistoryState &) = default;
HistoryState &HistoryState::operator=(HistoryState &&) noexcept = default;
HistoryState::~HistoryState() = default;

SessionState::SessionState() = default;
SessionState::SessionState(const SessionState &) = default;
SessionState::SessionState(SessionState &&) noexcept = default;
SessionState &SessionState::operator=(const SessionState &) = default;
SessionState &SessionState::operator=(SessionState &&) noexcept = default;
SessionState::~SessionState() = default;

Mark markOf(Call call)
{
    switch (call) {
    case Call::Within:
        return Mark::Within;
    case Call::CannotTell:
        return Mark::Open;
    case Call::Over:
        return Mark::Over;
    case Call::NotJudged:
        break;
    }
    return Mark::NotMeasured;
}

QString markWord(Mark mark)
{
    switch (mark) {
    case Mark::NotMeasured:
        return QCoreApplication::translate("Mark", "Not measured");
    case Mark::Within:
        return QCoreApplication::translate("Mark", "Within tolerance");
    case Mark::NotJudged:
        return QCoreApplication::translate("Mark", "No limit");
    case Mark::Open:
        return QCoreApplication::translate("Mark", "Open");
    case Mark::Over:
        return QCoreApplication::translate("Mark", "Over");
    case Mark::ByEye:
        return QCoreApplication::translate("Mark", "Judged by eye");
    case Mark::Stale:
        return QCoreApplication::translate("Mark", "Check due");
    }
    return {};
}

void MeasureChoice::applyTo(run::RunSetup &setup) const
{
    constexpr int kMostChosen = 2000; // far beyond where choosing still gains
    setup.chartPatches = until == Until::Patches ? patches : kMostChosen;
    if (until == Until::Chart && !list.empty()) {
        setup.chartList = list;
        setup.chartPatches = static_cast<int>(list.size());
    } else if (until == Until::Chart) // none was made yet
        setup.chartPatches = patches;
    if (until == Until::GoodEnough)
        setup.expectedError = expectedError;
    if (until == Until::Time)
        setup.maxMinutes = minutes;
}

QString aimProblem(const SessionState &state)
{
    try { // by the rules that a run keeps it by
        (void)aimFromJson(aimToJson(state.aim),
                          QCoreApplication::translate("Aim", "aim").toStdString());
    } catch (const Error &e) {
        return run::inWords(e);
    }
    const bool ofThisRun = !state.results.found.empty();
    if (!ofThisRun && !state.lastTime)
        return {};
    const run::RunResults &r = ofThisRun ? state.results : *state.lastTime;
    const auto &controls = r.setup.startControls;
    const bool canRise = !controls || controls->brightness < 100;
    const auto reach = DisplayReach::fromReadings(r.found, canRise);
    const auto why = reach ? whyOutOfReach(state.aim, *reach) : std::nullopt;
    if (!why)
        return {};
    return QCoreApplication::translate("Aim", "%1 cannot do this: %2")
        .arg(state.displays[static_cast<size_t>(state.selected)].name, run::inWords(*why));
}

bool isMatched(const SessionState &state, const QString &displayId)
{
    if (!state.match.isBegun())
        return false;
    const run::RunSetup &present = state.results.setup;
    if (state.hasRun() && state.status.activity == run::Activity::Finished &&
        QString::fromStdString(present.displayId) == displayId &&
        QDateTime::fromString(QString::fromStdString(present.startedAt), Qt::ISODate) >=
            state.match.begunAt)
        return true;
    return std::ranges::any_of(state.pastRuns, [&](const PastRun &run) {
        return run.displayId == displayId && run.startedAt >= state.match.begunAt;
    });
}

int nextMatched(const SessionState &state)
{
    if (!state.match.isBegun())
        return -1;
    const auto isOpen = [&](const QString &id) {
        return state.match.displays.contains(id) && !isMatched(state, id);
    };
    if (isOpen(state.displays[static_cast<size_t>(state.selected)].id))
        return state.selected;
    for (const QString &id : state.match.displays)
        for (size_t i = 0; i < state.displays.size(); ++i)
            if (state.displays[i].id == id && isOpen(id))
                return static_cast<int>(i);
    return -1;
}

DisplayState presentState(const run::RunResults &r)
{
    if (r.validation && r.validation->state.black && r.after) { // newer, but fewer patches
        DisplayState now = r.validation->state;
        now.greys = r.after->greys;
        now.primaries = r.after->primaries;
        now.srgbCoverage = r.after->srgbCoverage;
        now.p3Coverage = r.after->p3Coverage;
        return now;
    }
    if (r.after)
        return *r.after;
    std::vector<Reading> readings;
    if (r.calibration)
        for (const GreyPoint &g : r.calibration->greys)
            readings.push_back({{g.code, g.code, g.code}, g.measured});
    else if (!r.whites.empty())
        readings.push_back({{255, 255, 255}, r.whites.back().white});
    return displayState(readings, r.setup.aim);
}

} // namespace lantern::app
