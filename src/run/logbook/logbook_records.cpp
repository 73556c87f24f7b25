// Runs whole, as they go from one logbook to another.

#include "core/base/error.h"
#include "run/logbook/logbook_sql.h"

#include <nlohmann/json.hpp>

#include <QSet>

#include <algorithm>
#include <span>

namespace lantern::run {

namespace {

QString columnNames(std::span<const RecordColumn> columns)
{
    QStringList names;
    for (const RecordColumn &c : columns)
        names << QLatin1String(c.name);
    return names.join(QStringLiteral(", "));
}

/// Empty text is null in columns that say "not yet".
QVariant textOrNull(const QString &text)
{
    return text.isEmpty() ? QVariant() : QVariant(text);
}

/// What a reading is known by, in whatever logbook it stands.
QString readingKey(const QVariantList &reading)
{
    QString key;
    for (const QVariant &value : reading.mid(0, 9)) // stage, colour, answer, seconds, time
        key += value.toString() + QLatin1Char('|');
    return key;
}

/// Everything that was read in `older` stands in `newer`, too.
bool holdsAll(const RunRecord &newer, const RunRecord &older)
{
    QSet<QString> there;
    for (const QVariantList &reading : newer.readings)
        there.insert(readingKey(reading));
    return std::ranges::all_of(older.readings, [&](const QVariantList &reading) {
        return there.contains(readingKey(reading));
    });
}

/// The setup with the number that the reference has in this logbook.
QByteArray setupReferring(const RunRecord &r, qint64 reference)
{
    Json json = parseJson(r.setup.toStdString(), "run " + r.identity.toStdString());
    json["reference_run"] = reference;
    return QByteArray::fromStdString(json.dump());
}

bool isSame(const std::vector<QVariantList> &a, const std::vector<QVariantList> &b)
{
    return std::ranges::equal(a, b, [](const QVariantList &x, const QVariantList &y) {
        return std::ranges::equal(x, y, [](const QVariant &v, const QVariant &w) {
            return v.isNull() ? w.isNull() : v.toByteArray() == w.toByteArray();
        });
    });
}

} // namespace

std::vector<qint64> Logbook::allRuns()
{
    Statement s(*this, "SELECT id FROM run ORDER BY id");
    s.run();
    std::vector<qint64> out;
    while (s.next())
        out.push_back(s.value(0).toLongLong());
    return out;
}

std::optional<qint64> Logbook::runOf(const QString &identity)
{
    Statement s(*this, "SELECT id FROM run WHERE identity = ?");
    s.bind(identity).run();
    return s.next() ? std::optional(s.value(0).toLongLong()) : std::nullopt;
}

RunRecord Logbook::record(qint64 run)
{
    Statement s(*this, "SELECT identity, coalesce((SELECT other.identity FROM run AS other WHERE "
                       "other.id = run.reference_run), ''), kind, display_id, display_name, meter, "
                       "started_at, coalesce(finished_at, ''), abandoned, setup, workstation, "
                       "person, note, coalesce(removed_at, '') FROM run WHERE id = ?");
    s.bind(run).run();
    if (!s.next())
        throw Error(ErrorKind::Device, m_path.toStdString(),
                    {"run %1 is not in the logbook", {std::to_string(run)}});
    RunRecord r{s.text(0),  s.text(1),  s.text(2),  s.text(3),           s.text(4),
                s.text(5),  s.text(6),  s.text(7),  s.value(8).toBool(), s.text(9).toUtf8(),
                s.text(10), s.text(11), s.text(12), s.text(13)};
    const auto rows = [&](std::span<const RecordColumn> columns, const char *table,
                          const char *order) {
        Statement t(*this,
                    QStringLiteral("SELECT %1 FROM %2 WHERE run = ? ORDER BY %3")
                        .arg(columnNames(columns), QLatin1String(table), QLatin1String(order)));
        t.bind(run).run();
        std::vector<QVariantList> out;
        while (t.next()) {
            QVariantList row;
            for (size_t i = 0; i < columns.size(); ++i)
                row.push_back(t.value(static_cast<int>(i)));
            out.push_back(std::move(row));
        }
        return out;
    };
    r.readings = rows(kReadingColumns, "reading", "id");
    r.stages = rows(kStageColumns, "stage", "stage");
    r.figures = rows(kFigureColumns, "figure", "id");
    return r;
}

std::vector<SharedRun> Logbook::sharedRuns()
{
    Statement s(*this, "SELECT id, identity, note, workstation, coalesce(removed_at, '') FROM run "
                       "WHERE finished_at IS NOT NULL OR abandoned ORDER BY id");
    s.run();
    std::vector<SharedRun> out;
    while (s.next())
        out.push_back({s.value(0).toLongLong(), s.text(1), s.text(2), s.text(3), s.text(4)});
    return out;
}

void Logbook::setRemark(qint64 run, const QString &note, const QString &removedAt)
{
    Statement(*this, "UPDATE run SET note = ?, removed_at = ? WHERE id = ?")
        .bind(note)
        .bind(textOrNull(removedAt))
        .bind(run)
        .run();
}

Logbook::Put Logbook::put(const RunRecord &record)
{
    checkRecord(record);
    const auto here = runOf(record.identity);
    if (!here) {
        insertRecord(record, std::nullopt);
        return Put::Added;
    }
    const RunRecord mine = this->record(*here);
    if (!record.note.isEmpty() && mine.note.isEmpty())
        setNote(*here, record.note);
    if (!mine.finishedAt.isEmpty() && !record.finishedAt.isEmpty())
        return isSame(mine.readings, record.readings) && isSame(mine.stages, record.stages)
                   ? Put::Present
                   : Put::Differs;
    if (holdsAll(mine, record) &&
        (mine.stages.size() >= record.stages.size() || !mine.finishedAt.isEmpty()))
        return Put::Present;
    if (!holdsAll(record, mine))
        return Put::Differs;
    insertRecord(record, *here);
    return Put::Continued;
}

void Logbook::insertRecord(const RunRecord &r, std::optional<qint64> instead)
{
    const qint64 reference = r.reference.isEmpty() ? 0 : runOf(r.reference).value_or(0);
    if (instead)
        for (const char *table : {"reading", "stage", "figure"})
            Statement(*this,
                      QStringLiteral("DELETE FROM %1 WHERE run = ?").arg(QLatin1String(table)))
                .bind(*instead)
                .run();
    Statement head(
        *this,
        instead ? "UPDATE run SET kind = ?, display_id = ?, display_name = ?, meter = ?, "
                  "started_at = ?, reference_run = ?, finished_at = ?, abandoned = ?, setup = ?, "
                  "workstation = ?, person = ? WHERE id = ?"
                : "INSERT INTO run (kind, display_id, display_name, meter, started_at, "
                  "reference_run, finished_at, abandoned, setup, workstation, person, identity, "
                  "note, removed_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)");
    head.bind(r.kind)
        .bind(r.displayId)
        .bind(r.displayName)
        .bind(r.meter)
        .bind(r.startedAt)
        .bind(QVariant(reference))
        .bind(textOrNull(r.finishedAt))
        .bind(QVariant(r.abandoned ? 1 : 0))
        .bind(QString::fromUtf8(setupReferring(r, reference)))
        .bind(r.workstation)
        .bind(r.person);
    if (instead)
        head.bind(QVariant(*instead));
    else
        head.bind(r.identity).bind(r.note).bind(textOrNull(r.removedAt));
    head.run();
    const QVariant run = instead ? QVariant(*instead) : QVariant(head.lastId());
    const auto fill = [&](const std::vector<QVariantList> &rows,
                          std::span<const RecordColumn> columns, const char *table,
                          const char *more, const std::vector<QVariant> &same) {
        QStringList places;
        for (size_t i = 0; i < columns.size() + same.size(); ++i)
            places << QStringLiteral("?");
        Statement s(*this, QStringLiteral("INSERT INTO %1 (%2%3) VALUES (%4)")
                               .arg(QLatin1String(table), columnNames(columns), QLatin1String(more),
                                    places.join(QStringLiteral(", "))));
        for (const QVariantList &row : rows) {
            s.rebind();
            for (const QVariant &value : row)
                s.bind(value);
            for (const QVariant &value : same)
                s.bind(value);
            s.run();
        }
    };
    fill(r.readings, kReadingColumns, "reading", ", run", {run});
    fill(r.stages, kStageColumns, "stage", ", run", {run});
    fill(r.figures, kFigureColumns, "figure", ", run, display_id, meter, taken_at",
         {run, r.displayId, r.meter, r.startedAt});
}

void Logbook::together(const std::function<void()> &work)
{
    Transaction all(*this);
    work();
    all.commit();
}

} // namespace lantern::run
