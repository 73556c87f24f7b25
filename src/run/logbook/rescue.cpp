#include "run/logbook/rescue.h"

#include "core/base/error.h"
#include "core/base/text.h"
#include "run/file/files.h"
#include "run/logbook/logbook_sql.h"
#include "run/logbook/sqlite_pages.h"

#include <QFile>
#include <QFileInfo>
#include <QUuid>

#include <algorithm>
#include <filesystem>
#include <map>

namespace lantern::run {

namespace {

/// Rows of the tables by their numbers, as far as they could be read.
struct Rows {
    std::map<qint64, QVariantList> runs, readings, figures;
    std::map<std::pair<qint64, QString>, QVariantList> stages;
};

/// Columns that a table's rows have in the file, docs/file-formats.md.
constexpr qsizetype kRunColumns = 15, kRunColumnsOf4 = 10, kReadingRow = 16, kFigureRow = 11,
                    kStageRow = 7;

bool isText(const QVariant &v)
{
    return v.typeId() == QMetaType::QString;
}

bool isInteger(const QVariant &v)
{
    return v.typeId() == QMetaType::LongLong;
}

/// Without what a figure's row repeats of its run.
QVariantList figureOf(const QVariantList &row)
{
    return QVariantList{row[2]} + row.mid(6);
}

/// Which table a row is of is told by its length and by what stands where.
void sortIn(const SqlitePages::Row &row, Rows &rows)
{
    const QVariantList &v = row.values;
    if (!row.number) {
        if (v.size() == kStageRow && isInteger(v[0]) && fits(v.mid(1), kStageColumns))
            rows.stages.emplace(std::pair(v[0].toLongLong(), v[1].toString()), v);
        return;
    }
    if ((v.size() == kRunColumns || v.size() == kRunColumnsOf4) && isText(v[1]) && isText(v[9]))
        rows.runs.emplace(*row.number, v);
    else if (v.size() == kReadingRow && isInteger(v[1]) && fits(v.mid(2), kReadingColumns))
        rows.readings.emplace(*row.number, v);
    else if (v.size() == kFigureRow && isInteger(v[1]) && fits(figureOf(v), kFigureColumns))
        rows.figures.emplace(*row.number, v);
}

RunRecord headOf(qint64 id, const QVariantList &v)
{
    RunRecord r;
    r.kind = v[1].toString();
    r.displayId = v[2].toString();
    r.displayName = v[3].toString();
    r.meter = v[4].toString();
    r.startedAt = v[5].toString();
    r.finishedAt = v[7].toString();
    r.abandoned = v[8].toInt() != 0;
    r.setup = v[9].toString().toUtf8();
    if (v.size() == kRunColumns) {
        r.identity = v[10].toString();
        r.workstation = v[11].toString();
        r.person = v[12].toString();
        r.note = v[13].toString();
        r.removedAt = v[14].toString();
    }
    if (r.identity.isEmpty())
        r.identity = identityOfOld(id, {}, v[9].toString());
    return r;
}

QString nameOf(qint64 id, const RunRecord &r)
{
    return QStringLiteral("%1 (%2, %3)").arg(id).arg(r.displayName, r.startedAt);
}

/// Readings whose numbers are missing between two of the same run; numbers are given without gaps.
std::map<qint64, int> gapsOf(const Rows &rows)
{
    std::map<qint64, int> out;
    const QVariantList *before = nullptr;
    qint64 last = 0;
    for (const auto &[id, row] : rows.readings) {
        if (before && id > last + 1 && (*before)[1] == row[1])
            out[row[1].toLongLong()] += static_cast<int>(id - last - 1);
        before = &row;
        last = id;
    }
    return out;
}

std::string quotedCell(const QVariant &v)
{
    return csvQuoted(v.typeId() == QMetaType::QByteArray ? v.toByteArray().toBase64().toStdString()
                                                         : v.toString().toStdString());
}

} // namespace

namespace {

/// The new one, whole, until it is in its place.
QString waiting(const QString &logbook)
{
    return logbook + QStringLiteral(".rescued");
}

void moveFile(const QString &from, const QString &to)
{
    std::error_code failed;
    std::filesystem::rename(from.toStdString(), to.toStdString(), failed);
    if (failed)
        throw Error(ErrorKind::Device, to.toStdString(),
                    {"cannot be put in its place: %1", {failed.message()}},
                    "Check the permissions of its folder.");
}

/// The new one into its place; returns where the old one went. Its log goes first: it would be
/// taken for the new one's.
QString putInPlace(const QString &logbook)
{
    QString kept;
    for (int i = 1; kept.isEmpty() || QFileInfo::exists(kept); ++i)
        kept = QStringLiteral("%1.damaged-%2").arg(logbook).arg(i);
    if (QFileInfo::exists(logbook + QStringLiteral("-wal")))
        moveFile(logbook + QStringLiteral("-wal"), kept + QStringLiteral("-wal"));
    QFile::remove(logbook + QStringLiteral("-shm"));
    if (QFileInfo::exists(logbook))
        moveFile(logbook, kept);
    moveFile(waiting(logbook), logbook);
    return kept;
}

} // namespace

void finishRescue(const QString &logbook)
{
    if (QFileInfo::exists(waiting(logbook)))
        putInPlace(logbook);
}

Replaced rescueInPlace(const QString &logbook)
{
    const QString making = logbook + QStringLiteral(".rescuing");
    for (const char *suffix : {"", "-wal", "-shm", ".lock"})
        QFile::remove(making + QLatin1String(suffix));
    Replaced r;
    r.homeless = logbook + QStringLiteral(".lost.csv");
    r.report = rescue(logbook, making, r.homeless);
    if (r.report.homeless == 0)
        r.homeless.clear();
    QFile::remove(Logbook::lockFileOf(making));
    moveFile(making, waiting(logbook)); // closed, so that no log of it is left
    r.kept = putInPlace(logbook);
    return r;
}

bool isWhole(const QString &logbook)
{
    try {
        Logbook book(logbook, Logbook::Access::Read);
        return book.isWhole();
    } catch (const LockedError &) {
        throw;
    } catch (const Error &) {
        if (!QFileInfo(logbook).isReadable())
            throw;
        return false;
    }
}

RescueReport rescue(const QString &damaged, const QString &fresh, const QString &homeless,
                    const Progress &progress)
{
    if (QFileInfo::exists(fresh))
        throw Error(ErrorKind::BadInput, fresh.toStdString(), "there is such a file already",
                    "Name one that does not exist.");
    const auto contentOf = [](const QString &path) {
        QFile file(path);
        if (!file.open(QIODevice::ReadOnly))
            throw Error(ErrorKind::BadInput, path.toStdString(),
                        {"cannot be read: %1", {file.errorString().toStdString()}});
        return file.readAll();
    };
    const QString log = damaged + QStringLiteral("-wal");
    SqlitePages pages(contentOf(damaged), QFileInfo::exists(log) ? contentOf(log) : QByteArray());
    const std::optional<int> version = pages.userVersion();
    if (version && *version > 0 && *version < 4)
        throw Error(ErrorKind::BadInput, damaged.toStdString(),
                    {"its version %1 is too old to be rescued", {std::to_string(*version)}});
    Rows rows;
    pages.eachRow([&](const SqlitePages::Row &row) { sortIn(row, rows); });
    if (rows.runs.empty() && rows.readings.empty())
        throw Error(ErrorKind::BadInput, damaged.toStdString(),
                    "nothing of a logbook can be read from it");
    RescueReport report;
    report.damagedPages = pages.damagedPages();
    report.mayHoldDeleted = !pages.isFreeListWhole();

    std::map<qint64, RunRecord> records;
    for (const auto &[id, row] : rows.runs)
        records.emplace(id, headOf(id, row));
    for (const auto &[id, row] : rows.runs)
        if (const auto it = records.find(row[6].toLongLong()); it != records.end())
            records[id].reference = it->second.identity;
    std::map<qint64, std::vector<QVariantList>> orphans;
    for (const auto &[id, row] : rows.readings) {
        const auto it = records.find(row[1].toLongLong());
        (it == records.end() ? orphans[row[1].toLongLong()] : it->second.readings)
            .push_back(row.mid(2));
    }
    for (const auto &[key, row] : rows.stages)
        if (const auto it = records.find(key.first); it != records.end())
            it->second.stages.push_back(row.mid(1));
    for (const auto &[id, row] : rows.figures)
        if (const auto it = records.find(row[1].toLongLong()); it != records.end())
            it->second.figures.push_back(figureOf(row));
    std::map<qint64, Message> losses;
    for (const auto &[run, missing] : gapsOf(rows))
        losses[run] = {"%1 of its readings are missing", {std::to_string(missing)}};
    for (auto &[id, r] : records) {
        for (const Stage stage : stagesOf(runKindByKey(r.kind)))
            if (!r.finishedAt.isEmpty() &&
                std::ranges::none_of(r.stages, [&](const QVariantList &row) {
                    return row[0].toString() == stageKey(stage);
                }))
                losses[id] = {"the result of its stage %1 is missing",
                              {stageKey(stage).toStdString()}};
        if (rows.runs[id][6].toLongLong() != 0 && r.reference.isEmpty())
            losses.emplace(id, "the run that it is held against is missing");
        if (losses.contains(id) && r.finishedAt.isEmpty())
            r.abandoned = true; // it cannot be gone on with
    }

    Logbook book(fresh, Logbook::Access::Write);
    std::vector<qint64> order;
    for (const auto &[id, r] : records)
        order.push_back(id);
    const auto at = [&](int i) { return order[static_cast<size_t>(i)]; };
    const MergeReport taken = takeRuns(
        book, static_cast<int>(order.size()), [&](int i) { return records[at(i)]; },
        [&](int i) { return nameOf(at(i), records[at(i)]); }, progress);
    report.rescued = taken.added;
    report.lost = taken.left;
    for (const auto &[id, r] : records)
        if (!book.runOf(r.identity))
            orphans[id] = r.readings;
        else if (losses.contains(id))
            report.hurt.push_back({nameOf(id, r), losses[id]});
    // Runs are numbered without gaps, and none is ever deleted.
    for (const auto &[key, row] : rows.stages)
        if (!records.contains(key.first))
            orphans[key.first];
    for (const auto &[id, row] : rows.figures)
        if (!records.contains(row[1].toLongLong()))
            orphans[row[1].toLongLong()];
    if (!order.empty())
        for (qint64 id = 1; id < order.back(); ++id)
            if (!records.contains(id))
                orphans[id];
    std::string csv =
        "run,stage,r,g,b,x,y,z,seconds,taken_at,meter,region,meter_state,controls,aside\n";
    for (const auto &[id, readings] : orphans) {
        if (!records.contains(id))
            report.lost.push_back({QString::number(id),
                                   {"its own row is missing; readings of it that are left: %1",
                                    {std::to_string(readings.size())}}});
        report.homeless += static_cast<int>(readings.size());
        for (const QVariantList &reading : readings) {
            csv += std::to_string(id);
            for (const QVariant &value : reading)
                csv += "," + quotedCell(value);
            csv += "\n";
        }
    }
    if (report.homeless > 0)
        writeFile(homeless, QByteArray::fromStdString(csv));
    return report;
}

} // namespace lantern::run
