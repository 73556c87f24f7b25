#include "app/views/logbook/logbook_model.h"

#include "app/session/log_part.h"
#include "app/state/wording.h"
#include "app/theme.h"
#include "core/base/text.h"
#include "run/book/in_words.h"

#include <QLocale>

#include <algorithm>

namespace lantern::app {

namespace {

const JudgedFigure *find(const LogEntry &e, Figure figure)
{
    const auto it = std::ranges::find(e.judged, figure, &JudgedFigure::figure);
    return it == e.judged.end() ? nullptr : &*it;
}

/// A text in quotes where it needs them.
QByteArray quoted(const QString &text)
{
    if (!text.contains(QLatin1Char(',')) && !text.contains(QLatin1Char('"')) &&
        !text.contains(QLatin1Char('\n')))
        return text.toUtf8();
    return QByteArray::fromStdString(csvQuoted(text.toStdString()));
}

} // namespace

std::vector<int> matching(const std::vector<LogEntry> &log, const LogFilter &filter,
                          const QDateTime &now)
{
    const QStringList words =
        filter.text.toCaseFolded().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    const QDateTime since = now.addDays(-filter.days);
    std::vector<int> out;
    for (size_t i = 0; i < log.size(); ++i) {
        const LogEntry &e = log[i];
        if ((!filter.displayId.isEmpty() && e.displayId != filter.displayId) ||
            (!filter.meter.isEmpty() && e.meter != filter.meter) ||
            (!filter.workstation.isEmpty() && e.workstation != filter.workstation) ||
            (!filter.person.isEmpty() && e.person != filter.person) ||
            (filter.kind && e.kind != *filter.kind) || (filter.mark && e.mark != *filter.mark) ||
            (filter.days > 0 && e.at < since))
            continue;
        if (std::ranges::all_of(words, [&](const QString &w) { return e.words.contains(w); }))
            out.push_back(static_cast<int>(i));
    }
    return out;
}

std::vector<double> signatureOf(const LogEntry &entry)
{
    std::vector<double> out;
    for (const JudgedFigure &f : entry.judged)
        out.push_back(f.atLeast     ? (f.value > 0 ? f.limit / f.value : 2)
                      : f.limit > 0 ? f.value / f.limit
                                    : 0);
    return out;
}

QByteArray logToCsv(const std::vector<LogEntry> &log, const std::vector<int> &places)
{
    QByteArray out = "started_at,display,display_id,kind,verdict,meter,workstation,person,note";
    for (const Figure f : allFigures())
        out += ',' + QByteArray::fromStdString(figureKey(f)) + ',' +
               QByteArray::fromStdString(figureKey(f)) + "_limit";
    out += '\n';
    for (const int place : places) {
        const LogEntry &e = log[static_cast<size_t>(place)];
        out += e.startedAt.toUtf8();
        Verdict verdict;
        verdict.figures = e.judged;
        for (const QString &text : {e.displayName, e.displayId, run::runKindKey(e.kind),
                                    QString::fromStdString(callKey(verdict.overall())), e.meter,
                                    e.workstation, e.person, e.note})
            out += ',' + quoted(text);
        for (const Figure figure : allFigures()) {
            const JudgedFigure *f = find(e, figure);
            out += f ? ',' + QByteArray::fromStdString(compactNumber(f->value)) + ',' +
                           QByteArray::fromStdString(compactNumber(f->limit))
                     : QByteArray(",,");
        }
        out += '\n';
    }
    return out;
}

void LogModel::setLog(const Log &log)
{
    if (log == m_log)
        return;
    beginResetModel();
    m_log = log;
    refill();
    endResetModel();
}

void LogModel::setFilter(const LogFilter &filter)
{
    if (filter == m_filter)
        return;
    beginResetModel();
    m_filter = filter;
    refill();
    endResetModel();
}

void LogModel::refill()
{
    m_places =
        m_log ? matching(*m_log, m_filter, QDateTime::currentDateTime()) : std::vector<int>();
    arrange();
}

void LogModel::arrange()
{
    if (!m_log || (m_sortColumn == When && m_sortOrder == Qt::DescendingOrder)) {
        std::ranges::sort(m_places); // as the log is
        return;
    }
    const auto number = [&](int place, Figure figure) {
        const JudgedFigure *f = find((*m_log)[static_cast<size_t>(place)], figure);
        return f ? f->value : -1.0;
    };
    const auto text = [&](int place) {
        const LogEntry &e = (*m_log)[static_cast<size_t>(place)];
        return m_sortColumn == Display ? e.displayName
               : m_sortColumn == Kind  ? runKindWord(e.kind)
               : m_sortColumn == Meter ? e.meter
                                       : e.note;
    };
    std::ranges::stable_sort(m_places, [&](int a, int b) {
        if (m_sortOrder == Qt::DescendingOrder)
            std::swap(a, b);
        switch (m_sortColumn) {
        case State:
            return (*m_log)[static_cast<size_t>(a)].mark < (*m_log)[static_cast<size_t>(b)].mark;
        case When:
            return a > b;
        case Colours:
            return number(a, Figure::ColourMean) < number(b, Figure::ColourMean);
        case White:
            return number(a, Figure::White) < number(b, Figure::White);
        default:
            return text(a).localeAwareCompare(text(b)) < 0;
        }
    });
}

void LogModel::sort(int column, Qt::SortOrder order)
{
    beginResetModel();
    m_sortColumn = column < 0 ? int(When) : column;
    m_sortOrder = column < 0 ? Qt::DescendingOrder : order;
    arrange();
    endResetModel();
}

const LogEntry &LogModel::entry(int row) const
{
    return (*m_log)[static_cast<size_t>(m_places[static_cast<size_t>(row)])];
}

int LogModel::rowOf(qint64 run) const
{
    for (size_t row = 0; row < m_places.size(); ++row)
        if (entry(static_cast<int>(row)).id == run)
            return static_cast<int>(row);
    return -1;
}

int LogModel::rowCount(const QModelIndex &parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_places.size());
}

int LogModel::columnCount(const QModelIndex &parent) const
{
    return parent.isValid() ? 0 : int(Columns);
}

QVariant LogModel::data(const QModelIndex &index, int role) const
{
    if (!index.isValid())
        return {};
    const LogEntry &e = entry(index.row());
    if (role == Qt::TextAlignmentRole)
        return index.column() == Colours || index.column() == White
                   ? QVariant(Qt::AlignRight | Qt::AlignVCenter)
                   : QVariant(Qt::AlignLeft | Qt::AlignVCenter);
    if (role == Qt::ToolTipRole && index.column() == State) {
        QStringList lines = {markWord(e.mark)};
        for (const JudgedFigure &f : e.judged)
            lines << tr("%1: %2 of %3")
                         .arg(fromCore(figureTitle(f.figure)),
                              run::inLocale(figureText(f.figure, f.value)),
                              run::inLocale(figureText(f.figure, f.limit)));
        return lines.join(QLatin1Char('\n'));
    }
    if (role == Qt::AccessibleTextRole && index.column() == State)
        return markWord(e.mark);
    if (role == Qt::ForegroundRole && !e.finished)
        return theme::kMuted;
    if (role != Qt::DisplayRole && role != Qt::EditRole)
        return {};
    const auto value = [&](Figure figure, int decimals) {
        const JudgedFigure *f = find(e, figure);
        return f ? lantern::app::figure(f->value, decimals) : QString();
    };
    switch (index.column()) {
    case When:
        return QLocale().toString(e.at, QLocale::ShortFormat);
    case Display:
        return e.displayName;
    case Kind:
        return e.finished    ? runKindWord(e.kind)
               : e.abandoned ? tr("%1, discarded").arg(runKindWord(e.kind))
                             : tr("%1, unfinished").arg(runKindWord(e.kind));
    case Colours:
        return value(Figure::ColourMean, 2);
    case White:
        return value(Figure::White, 4);
    case Meter:
        return e.meter;
    case Note:
        return e.note;
    default:
        return {};
    }
}

QVariant LogModel::headerData(int section, Qt::Orientation orientation, int role) const
{
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return QAbstractTableModel::headerData(section, orientation, role);
    const std::array<QString, Columns> titles = {
        tr("State"), tr("When"),  tr("Display"), tr("What"), QStringLiteral("ΔE00"),
        tr("White"), tr("Meter"), tr("Note")};
    return titles[static_cast<size_t>(section)];
}

Qt::ItemFlags LogModel::flags(const QModelIndex &index) const
{
    const Qt::ItemFlags flags = QAbstractTableModel::flags(index);
    return index.isValid() && index.column() == Note ? flags | Qt::ItemIsEditable : flags;
}

bool LogModel::setData(const QModelIndex &index, const QVariant &value, int role)
{
    if (!index.isValid() || index.column() != Note || role != Qt::EditRole)
        return false;
    const LogEntry &e = entry(index.row());
    const QString note = value.toString().trimmed();
    if (note != e.note)
        emit noted(e.id, e.note, note);
    return true; // shown once the logbook has it
}

} // namespace lantern::app
