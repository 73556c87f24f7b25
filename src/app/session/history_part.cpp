#include "app/session/history_part.h"

#include "core/judge/proof_kind.h"

#include <algorithm>

namespace lantern::app {

namespace {

constexpr int kStaleDays = 30; // common practice: validate monthly

Mark markOfCheck(CheckFirst::Verdict verdict)
{
    switch (verdict) {
    case CheckFirst::Verdict::Holds:
        return Mark::Within;
    case CheckFirst::Verdict::Drifting:
        return Mark::Open;
    case CheckFirst::Verdict::Redo:
        break;
    }
    return Mark::Over;
}

/// The check was held against the newest run, none has been made since.
bool isOfNewest(const DisplayHistory &history)
{
    return history.newest && history.lastTime &&
           history.newest->setup.startedAt == history.lastTime->setup.startedAt;
}

bool isStale(const QDateTime &at)
{
    return at.daysTo(QDateTime::currentDateTimeUtc()) > kStaleDays;
}

DisplayVerdict verdictOf(const DisplayHistory &history)
{
    DisplayVerdict v;
    // A proof that says something of the profile, unless the newest run came after it.
    const bool isProof =
        history.lastProof && history.lastProof->validation &&
        provesProfile(*history.lastProof->validation) &&
        (!history.newest || history.lastProof->setup.startedAt >= history.newest->setup.startedAt);
    const auto &newest = isProof ? history.lastProof : history.newest;
    if (newest && newest->validation) {
        const run::RunResults &r = *newest;
        v.lastMean = r.validation->meanDeltaE00;
        v.lastValidated =
            QDateTime::fromString(QString::fromStdString(r.setup.startedAt), Qt::ISODate);
        v.mark = markOf(r.validation->verdict.overall());
    }
    if (history.check && history.checkedAt && isOfNewest(history)) {
        v.check = history.check->verdict;
        v.lastChecked = history.checkedAt;
        v.mark = markOfCheck(*v.check);
    }
    if (const auto &at = v.lastChecked ? v.lastChecked : v.lastValidated; at && isStale(*at))
        v.mark = Mark::Stale;
    if (history.byEye) {
        v.mark = Mark::ByEye;
        v.lastMean.reset();
        v.check.reset();
    }
    return v;
}

} // namespace

HistoryPart::HistoryPart(const QString &logbookPath, QObject *parent)
    : QObject(parent), m_reader(new HistoryReader(logbookPath))
{
    m_reader->moveToThread(&m_thread);
    connect(&m_thread, &QThread::finished, m_reader, &QObject::deleteLater);
    connect(this, &HistoryPart::wanted, m_reader, &HistoryReader::read);
    connect(m_reader, &HistoryReader::told, this, &HistoryPart::take);
    connect(this, &HistoryPart::runWanted, m_reader, &HistoryReader::load);
    connect(m_reader, &HistoryReader::failed, this, &HistoryPart::told);
    connect(m_reader, &HistoryReader::loaded, this,
            [this](qint64 run, const run::RunResults &results) {
                constexpr size_t kMostLoaded = 12;
                if (m_state.loadedRuns.size() >= kMostLoaded)
                    std::erase_if(m_state.loadedRuns, [this](const auto &loaded) {
                        return loaded.first != m_state.openedRun;
                    });
                m_state.loadedRuns[run] = std::make_shared<const run::RunResults>(results);
                emit changed();
            });
    m_thread.start();
}

HistoryPart::~HistoryPart()
{
    m_thread.quit();
    m_thread.wait();
}

void HistoryPart::expect()
{
    m_state.readingHistory = true;
    emit changed();
}

void HistoryPart::ask(const QStringList &displayIds, const QString &selected, qint64 presentRun)
{
    m_selected = selected;
    m_state.readingHistory = true;
    emit wanted({++m_questions, displayIds, presentRun});
    emit changed();
}

void HistoryPart::load(qint64 run)
{
    if (!m_state.loadedRuns.contains(run))
        emit runWanted(run);
}

void HistoryPart::open(qint64 run)
{
    m_state.openedRun = run;
    if (run != 0)
        load(run);
    emit changed();
}

void HistoryPart::take(const HistoryAnswer &answer)
{
    if (answer.number != m_questions)
        return; // another one is on its way
    const auto loaded = std::move(m_state.loadedRuns);
    const qint64 opened = m_state.openedRun;
    m_state = {};
    QStringList problems;
    for (const DisplayHistory &history : answer.displays) {
        m_verdicts[history.displayId] = verdictOf(history);
        problems << history.problems;
        if (history.displayId == m_selected) {
            m_state.lastTime = history.lastTime;
            m_state.lastRun = history.lastRun;
            m_state.unfinishedRun = history.unfinishedRun;
            m_state.check = history.check;
            m_state.checkedAt = history.checkedAt;
            m_state.checkControls = history.checkControls;
            m_state.lastProof = history.lastProof;
            m_state.byEye = history.byEye;
            m_state.installed = history.installed;
            m_state.evenRuns = history.evenRuns;
            m_state.unfinishedEvenness = history.unfinishedEvenness;
            m_state.modeRuns = history.modeRuns;
            m_state.slotRuns = history.slotRuns;
        }
    }
    m_state.pastRuns = answer.pastRuns;
    m_state.loadedRuns = loaded;
    m_state.openedRun = opened;
    QString problem = answer.problem;
    if (problem.isEmpty() && !problems.isEmpty())
        problem =
            tr("Parts of the logbook cannot be read; the rest is whole. %1").arg(problems.front());
    emit changed();
    emit told(problem);
}

void HistoryPart::forget()
{
    const bool reading = m_state.readingHistory;
    auto runs = std::move(m_state.pastRuns); // they are of all displays
    auto loaded = std::move(m_state.loadedRuns);
    m_state = {};
    m_state.pastRuns = std::move(runs);
    m_state.loadedRuns = std::move(loaded);
    m_state.readingHistory = reading;
    emit changed();
}

void HistoryPart::finished(const run::RunResults &results, qint64 run)
{
    m_state.lastTime = results;
    m_state.lastRun = run;
    m_state.lastProof.reset();
    forgetCheck();
}

void HistoryPart::checked(const run::RunResults &results)
{
    m_state.check = results.check;
    m_state.checkedAt =
        QDateTime::fromString(QString::fromStdString(results.setup.startedAt), Qt::ISODate);
    m_state.checkControls = results.setup.startControls;
    emit changed();
}

void HistoryPart::proved(const run::RunResults &results)
{
    m_state.lastProof = results;
    emit changed();
}

void HistoryPart::evened(const run::RunResults &results, qint64 run)
{
    m_state.evenRuns.insert(m_state.evenRuns.begin(), evenRunOf(results, run));
    m_state.unfinishedEvenness.reset();
    emit changed();
}

void HistoryPart::readMode(const run::RunResults &results, qint64 run)
{
    ModeRun read = modeRunOf(results, run);
    auto &runs = m_state.modeRuns;
    const auto same = std::ranges::find_if(
        runs, [&](const auto &other) { return other->mode.name == read.mode.name; });
    if (same != runs.end()) {
        read.older = (*same)->older;
        read.older.push_back((*same)->id);
        runs.erase(same);
    }
    runs.insert(runs.begin(), std::make_shared<const ModeRun>(std::move(read)));
    emit changed();
}

void HistoryPart::forgetCheck()
{
    m_state.check.reset();
    m_state.checkedAt.reset();
    m_state.checkControls.reset();
    emit changed();
}

void HistoryPart::forgetUnfinished()
{
    m_state.unfinishedRun.reset();
    emit changed();
}

} // namespace lantern::app
