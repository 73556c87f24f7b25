#include "app/session/log_part.h"

#include "app/state/wording.h"
#include "core/base/error.h"
#include "run/book/in_words.h"

#include <QFileInfo>
#include <QLocale>

#include <algorithm>

namespace lantern::app {

namespace {

/// A house's book of many years; older ones are found by the command line.
constexpr int kMostLines = 20'000;

} // namespace

QString runKindWord(run::RunKind kind)
{
    switch (kind) {
    case run::RunKind::Calibration:
        return LogPart::tr("Calibration");
    case run::RunKind::WarmUp:
        return LogPart::tr("Warming up");
    case run::RunKind::Placement:
        return LogPart::tr("Finding the meter");
    case run::RunKind::Check:
        return LogPart::tr("Check first");
    case run::RunKind::ByEye:
        return LogPart::tr("By eye");
    case run::RunKind::FourColours:
        return LogPart::tr("Four colours");
    case run::RunKind::Evenness:
        return LogPart::tr("Evenness");
    case run::RunKind::Mode:
        return LogPart::tr("Picture mode");
    case run::RunKind::Validation:
        break;
    }
    return LogPart::tr("Proof");
}

LogEntry logEntry(run::LogLine line, const QString &name)
{
    LogEntry e{std::move(line), {}, Mark::NotMeasured, {}, {}};
    e.at = QDateTime::fromString(e.startedAt, Qt::ISODate).toLocalTime();
    e.judged = run::judgedAgain(e.figures);
    if (e.kind == run::RunKind::ByEye)
        e.mark = Mark::ByEye;
    else if (!e.judged.empty()) {
        Verdict verdict;
        verdict.figures = e.judged;
        e.mark = markOf(verdict.overall());
    }
    const QString calledThen = e.displayName;
    if (!name.isEmpty())
        e.displayName = name;
    e.words = QStringList{e.displayName,
                          calledThen,
                          e.meter,
                          runKindWord(e.kind),
                          e.note,
                          e.workstation,
                          e.person,
                          QLocale().toString(e.at, QLocale::ShortFormat),
                          e.at.toString(QStringLiteral("yyyy-MM-dd")),
                          markWord(e.mark)}
                  .join(QLatin1Char('\n'))
                  .toCaseFolded();
    return e;
}

LogPart::LogPart(QString logbookPath, QObject *parent)
    : QObject(parent), m_path(std::move(logbookPath)), m_work([this](Read read) {
          m_state.readingLog = false;
          if (read.log) {
              m_state.log = read.log;
              m_state.lightTrends = read.trends;
              emit trendsKnown();
          }
          emit changed();
          if (!read.problem.isEmpty())
              emit failed(read.problem);
      })
{}

LogPart::Read LogPart::read(const QString &path, const Names &names)
{
    auto entries = std::make_shared<std::vector<LogEntry>>();
    std::vector<run::FigureTrend> trends;
    try {
        if (QFileInfo::exists(path)) {
            run::Logbook book(path, run::Logbook::Access::Read);
            std::vector<run::LogLine> lines = book.lines(kMostLines);
            trends = run::lightTrends(book, lines, QDateTime::currentDateTimeUtc());
            for (run::LogLine &line : lines) {
                const auto name = names.find(line.displayId);
                entries->push_back(
                    logEntry(std::move(line), name == names.end() ? QString() : name->second));
            }
        }
    } catch (const Error &e) {
        return {nullptr, {}, run::inWords(e)};
    }
    return {entries, trends, {}};
}

void LogPart::look(const Names &names)
{
    if (!std::exchange(m_outdated, false))
        return;
    m_state.readingLog = true;
    m_work.start([path = m_path, names] { return read(path, names); });
    emit changed();
}

void LogPart::compareWith(qint64 run)
{
    m_state.comparedRun = run;
    emit changed();
}

} // namespace lantern::app
