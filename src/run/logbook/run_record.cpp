#include "run/logbook/run_record.h"

#include "core/base/error.h"
#include "run/book/run_setup.h"
#include "run/book/stage.h"

#include <nlohmann/json.hpp>

#include <QSet>

#include <algorithm>
#include <cmath>
#include <span>

namespace lantern::run {

namespace {

using Type = RecordColumn::Type;
constexpr const char *kFormat = "bold-lantern-run";
constexpr int kVersion = 1;

std::string nameOf(const RunRecord &record)
{
    return "run " + record.identity.toStdString();
}

Json toJson(const QVariant &value, Type type)
{
    if (value.isNull())
        return nullptr;
    switch (type) {
    case Type::Real:
        return value.toDouble();
    case Type::Integer:
        return value.toLongLong();
    case Type::Bytes:
        return value.toByteArray().toBase64().toStdString();
    case Type::Text:
        break;
    }
    return value.toString().toStdString();
}

QVariant fromJson(const Json &value, const RecordColumn &column, const JsonObject &at)
{
    if (value.is_null() && column.optional)
        return {};
    if (column.type == Type::Real && value.is_number())
        return value.get<double>();
    if (column.type == Type::Integer && value.is_number_integer())
        return QVariant(value.get<qint64>());
    if (column.type == Type::Text && value.is_string())
        return QString::fromStdString(value.get<std::string>());
    if (column.type == Type::Bytes && value.is_string()) {
        const auto bytes =
            QByteArray::fromBase64Encoding(QByteArray::fromStdString(value.get<std::string>()),
                                           QByteArray::AbortOnBase64DecodingErrors);
        if (bytes)
            return *bytes;
    }
    at.fail(column.name, "is not what belongs there");
}

/// A table: the names of its columns, then its rows.
Json tableToJson(const std::vector<QVariantList> &rows, std::span<const RecordColumn> columns)
{
    Json j = {{"columns", Json::array()}, {"rows", Json::array()}};
    for (const RecordColumn &c : columns)
        j["columns"].push_back(c.name);
    for (const QVariantList &row : rows) {
        Json values = Json::array();
        for (size_t i = 0; i < columns.size(); ++i)
            values.push_back(toJson(row[static_cast<qsizetype>(i)], columns[i].type));
        j["rows"].push_back(std::move(values));
    }
    return j;
}

std::vector<QVariantList> tableFromJson(JsonObject table, std::span<const RecordColumn> columns)
{
    const Json &names = table.raw("columns");
    if (!names.is_array() || names.size() != columns.size() ||
        !std::ranges::equal(names, columns,
                            [](const Json &name, const RecordColumn &c) { return name == c.name; }))
        table.fail("columns", "are not those of this version");
    const Json &rows = table.raw("rows");
    if (!rows.is_array())
        table.fail("rows", "is not a list");
    std::vector<QVariantList> out;
    for (const Json &row : rows) {
        if (!row.is_array() || row.size() != columns.size())
            table.fail("rows", "holds a row of another length");
        QVariantList values;
        for (size_t i = 0; i < columns.size(); ++i)
            values.push_back(fromJson(row[i], columns[i], table));
        out.push_back(std::move(values));
    }
    table.finish();
    return out;
}

bool fits(const QVariant &value, const RecordColumn &column)
{
    if (value.isNull())
        return column.optional;
    const int type = value.typeId();
    const bool isNumber = type == QMetaType::Double || type == QMetaType::LongLong ||
                          type == QMetaType::Int || type == QMetaType::UInt;
    switch (column.type) {
    case Type::Real:
        return isNumber && std::isfinite(value.toDouble());
    case Type::Integer:
        return isNumber && type != QMetaType::Double;
    case Type::Text:
        return type == QMetaType::QString;
    case Type::Bytes:
        // What was kept as text of the same bytes is as good.
        return type == QMetaType::QByteArray || type == QMetaType::QString;
    }
    return false;
}

void checkTable(const RunRecord &record, const std::vector<QVariantList> &rows,
                std::span<const RecordColumn> columns, const char *table)
{
    for (const QVariantList &row : rows) {
        if (!fits(row, columns))
            throw Error(ErrorKind::BadInput, nameOf(record),
                        {"a row of its table %1 is damaged", {table}});
        const QString stage = row.front().toString();
        if (!stageByKey(stage))
            throw Error(ErrorKind::BadInput, nameOf(record),
                        {"holds a stage %1 that this version does not know",
                         {stage.left(40).toStdString()}});
    }
}

} // namespace

bool fits(const QVariantList &row, std::span<const RecordColumn> columns)
{
    return std::ranges::equal(row, columns, [](const QVariant &value, const RecordColumn &column) {
        return fits(value, column);
    });
}

Json recordToJson(const RunRecord &r)
{
    return {{"format", kFormat},
            {"version", kVersion},
            {"identity", r.identity.toStdString()},
            {"reference", r.reference.toStdString()},
            {"kind", r.kind.toStdString()},
            {"display_id", r.displayId.toStdString()},
            {"display_name", r.displayName.toStdString()},
            {"meter", r.meter.toStdString()},
            {"started_at", r.startedAt.toStdString()},
            {"finished_at", r.finishedAt.toStdString()},
            {"abandoned", r.abandoned},
            {"setup", r.setup.toStdString()},
            {"workstation", r.workstation.toStdString()},
            {"person", r.person.toStdString()},
            {"note", r.note.toStdString()},
            {"removed_at", r.removedAt.toStdString()},
            {"readings", tableToJson(r.readings, kReadingColumns)},
            {"stages", tableToJson(r.stages, kStageColumns)},
            {"figures", tableToJson(r.figures, kFigureColumns)}};
}

RunRecord recordFromJson(const Json &json, const std::string &source)
{
    JsonObject root(json, source);
    root.expectFormat(kFormat, kVersion);
    const auto text = [&](const char *key) { return QString::fromStdString(root.string(key)); };
    RunRecord r;
    r.identity = text("identity");
    r.reference = text("reference");
    r.kind = text("kind");
    r.displayId = text("display_id");
    r.displayName = text("display_name");
    r.meter = text("meter");
    r.startedAt = text("started_at");
    r.finishedAt = text("finished_at");
    r.abandoned = root.boolean("abandoned");
    r.setup = text("setup").toUtf8();
    r.workstation = text("workstation");
    r.person = text("person");
    r.note = text("note");
    r.removedAt = text("removed_at");
    r.readings = tableFromJson(root.object("readings"), kReadingColumns);
    r.stages = tableFromJson(root.object("stages"), kStageColumns);
    r.figures = tableFromJson(root.object("figures"), kFigureColumns);
    root.finish();
    return r;
}

void checkRecord(const RunRecord &r)
{
    if (r.identity.isEmpty())
        throw Error(ErrorKind::BadInput, "a run", "it has no identity");
    const RunSetup setup = setupFromJson(parseJson(r.setup.toStdString(), nameOf(r)), nameOf(r));
    if (runKindKey(setup.kind) != r.kind)
        throw Error(ErrorKind::BadInput, nameOf(r), "its kind is another than its setup says");
    checkTable(r, r.readings, kReadingColumns, "reading");
    checkTable(r, r.stages, kStageColumns, "stage");
    checkTable(r, r.figures, kFigureColumns, "figure");
    QSet<QString> stages;
    for (const QVariantList &row : r.stages)
        stages.insert(row.front().toString());
    if (static_cast<size_t>(stages.size()) != r.stages.size())
        throw Error(ErrorKind::BadInput, nameOf(r), "a stage of it is there twice");
}

} // namespace lantern::run
