#include "app/session/history_reader.h"

#include "core/base/error.h"
#include "run/book/in_words.h"
#include "run/logbook/load_results.h"

#include <QFileInfo>

#include <algorithm>
#include <map>

namespace lantern::app {

namespace {

using run::RunKind;

constexpr int kMostPastRuns = 300; ///< that are offered to compare with
constexpr size_t kMostEvenRuns = 6;
constexpr int kMostModeRuns = 40;
constexpr int kMostSlotRuns = 40;
constexpr int kPage = 10; // more than one is needed only where rows are damaged

std::optional<run::RunResults> resultsOf(run::Logbook &logbook, qint64 run, QStringList &problems)
{
    try {
        run::RunResults results = run::loadResults(logbook, run);
        if (!results.problem.isEmpty())
            problems << results.problem;
        return results;
    } catch (const Error &e) {
        problems << run::inWords(e);
    } catch (const std::exception &e) { // a value that no rule foresaw
        problems << QStringLiteral("run %1: %2").arg(run).arg(QString::fromUtf8(e.what()));
    }
    return std::nullopt;
}

/// The newest finished runs of a kind that can be read, until `take` has what it wants.
template <class F>
void eachFinished(run::Logbook &logbook, const QString &displayId, RunKind kind, F &&take)
{
    for (qint64 before = 0;;) {
        const auto page = logbook.runs({.displayId = displayId,
                                        .kind = kind,
                                        .finishedOnly = true,
                                        .before = before,
                                        .atMost = kPage});
        for (const run::RunSummary &line : page)
            if (!take(line))
                return;
        if (page.size() < kPage)
            return;
        before = page.back().id;
    }
}

} // namespace

ModeRun modeRunOf(const run::RunResults &results, qint64 run)
{
    return {run,
            QDateTime::fromString(QString::fromStdString(results.setup.startedAt), Qt::ISODate),
            {results.setup.pictureMode, results.modeReadings},
            {}};
}

std::shared_ptr<const EvenRun> evenRunOf(const run::RunResults &results, qint64 run)
{
    return std::make_shared<const EvenRun>(EvenRun{
        run, QDateTime::fromString(QString::fromStdString(results.setup.startedAt), Qt::ISODate),
        results.setup.evenness, *results.evenness});
}

DisplayHistory readDisplayHistory(run::Logbook &logbook, const QString &displayId,
                                  qint64 presentRun)
{
    DisplayHistory h;
    h.displayId = displayId;
    eachFinished(logbook, displayId, RunKind::Calibration, [&](const run::RunSummary &line) {
        auto results = resultsOf(logbook, line.id, h.problems);
        if (!results)
            return true;
        if (!h.newest)
            h.newest = results;
        if (line.id == presentRun)
            return true;
        h.lastTime = std::move(results);
        h.lastRun = line.id;
        return false;
    });
    h.unfinishedRun = logbook.unfinishedRun(displayId);
    if (h.unfinishedRun) {
        auto results = resultsOf(logbook, *h.unfinishedRun, h.problems);
        if (results && !results->installedPath.isEmpty())
            h.installed = std::move(results);
    }
    eachFinished(logbook, displayId, RunKind::Check, [&](const run::RunSummary &line) {
        if (line.id < h.lastRun)
            return false;
        if (line.referenceRun != h.lastRun)
            return true;
        const auto results = resultsOf(logbook, line.id, h.problems);
        if (!results || !results->check)
            return true;
        h.check = results->check;
        h.checkControls = results->setup.startControls;
        h.checkedAt = QDateTime::fromString(line.startedAt, Qt::ISODate);
        return false;
    });
    eachFinished(logbook, displayId, RunKind::Validation, [&](const run::RunSummary &line) {
        if (line.id < h.lastRun)
            return false;
        auto results = resultsOf(logbook, line.id, h.problems);
        if (!results || !results->validation)
            return true;
        h.lastProof = std::move(results);
        return false;
    });
    eachFinished(logbook, displayId, RunKind::ByEye, [&](const run::RunSummary &line) {
        if (line.id < h.lastRun)
            return false;
        h.byEye = resultsOf(logbook, line.id, h.problems);
        if (h.byEye && line.id > h.unfinishedRun.value_or(0))
            h.installed.reset();
        return !h.byEye;
    });
    int slotsLeft = kMostSlotRuns;
    eachFinished(logbook, displayId, RunKind::Calibration, [&](const run::RunSummary &line) {
        try {
            const run::RunSetup setup = logbook.setup(line.id);
            const auto slot = setup.intoSlot ? std::optional(setup.slot) : std::nullopt;
            const bool isKnown = std::ranges::any_of(
                h.slotRuns, [&](const auto &newer) { return newer->slot == slot; });
            if (!isKnown)
                if (auto results = resultsOf(logbook, line.id, h.problems))
                    h.slotRuns.push_back(std::make_shared<const SlotRun>(
                        SlotRun{line.id, QDateTime::fromString(line.startedAt, Qt::ISODate), slot,
                                std::move(*results)}));
        } catch (const Error &) { // that row is damaged, and named above
        }
        return --slotsLeft > 0;
    });
    std::map<std::string, Evenness> evenModes;
    h.unfinishedEvenness = logbook.unfinishedRun(displayId, RunKind::Evenness);
    eachFinished(logbook, displayId, RunKind::Evenness, [&](const run::RunSummary &line) {
        const auto results = resultsOf(logbook, line.id, h.problems);
        if (!results || !results->evenness)
            return true;
        if (const std::string &mode = results->setup.pictureMode; mode.empty())
            h.evenRuns.push_back(evenRunOf(*results, line.id));
        else // the newest of each stays
            evenModes.emplace(mode, *results->evenness);
        return h.evenRuns.size() < kMostEvenRuns;
    });
    int left = kMostModeRuns;
    std::vector<ModeRun> modes;
    eachFinished(logbook, displayId, RunKind::Mode, [&](const run::RunSummary &line) {
        const auto results = resultsOf(logbook, line.id, h.problems);
        if (results && !results->modeReadings.empty()) {
            const auto same = std::ranges::find_if(modes, [&](const ModeRun &newer) {
                return newer.mode.name == results->setup.pictureMode;
            });
            if (same == modes.end())
                modes.push_back(modeRunOf(*results, line.id));
            else
                same->older.push_back(line.id);
        }
        return --left > 0;
    });
    for (ModeRun &mode : modes) {
        if (const auto even = evenModes.find(mode.mode.name); even != evenModes.end())
            mode.evenness = even->second;
        h.modeRuns.push_back(std::make_shared<const ModeRun>(std::move(mode)));
    }
    return h;
}

void HistoryReader::open()
{
    if (!m_logbook && QFileInfo::exists(m_path))
        m_logbook = std::make_unique<run::Logbook>(m_path, run::Logbook::Access::Read);
}

void HistoryReader::load(qint64 run)
{
    QStringList problems;
    try {
        open();
        if (!m_logbook)
            return;
        if (const auto results = resultsOf(*m_logbook, run, problems))
            emit loaded(run, *results);
    } catch (const Error &e) {
        m_logbook.reset();
        problems << run::inWords(e);
    }
    if (!problems.isEmpty())
        emit failed(problems.front());
}

void HistoryReader::read(const HistoryQuestion &question)
{
    HistoryAnswer answer;
    answer.number = question.number;
    try {
        open();
        if (m_logbook)
            for (const run::RunSummary &line :
                 m_logbook->runs({.finishedOnly = true, .atMost = kMostPastRuns}))
                answer.pastRuns.push_back({line.id, line.displayId, line.displayName,
                                           QDateTime::fromString(line.startedAt, Qt::ISODate)});
        for (const QString &id : question.displayIds) {
            if (!m_logbook) {
                DisplayHistory none;
                none.displayId = id;
                answer.displays.push_back(none);
            } else
                answer.displays.push_back(readDisplayHistory(*m_logbook, id, question.presentRun));
        }
    } catch (const Error &e) {
        m_logbook.reset(); // the next question tries again
        answer.displays.clear();
        answer.problem = run::inWords(e);
    }
    emit told(answer);
}

} // namespace lantern::app
