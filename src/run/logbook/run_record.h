#pragma once

#include "core/base/json_object.h"

#include <QByteArray>
#include <QString>
#include <QVariant>

#include <array>
#include <span>
#include <vector>

namespace lantern::run {

/// A run whole, with all that was read and made in it: what goes from one logbook to another.
struct RunRecord {
    QString identity;  ///< the same in every logbook
    QString reference; ///< identity of the run that it is held against; empty: none
    QString kind, displayId, displayName, meter, startedAt;
    QString finishedAt; ///< empty: it is not
    bool abandoned = false;
    QByteArray setup; ///< JSON; its reference_run is the number in the logbook that it is in
    QString workstation, person, note;
    QString removedAt;                       ///< empty: it is in the lists
    std::vector<QVariantList> readings = {}; ///< rows of kReadingColumns, as they were taken
    std::vector<QVariantList> stages = {};   ///< rows of kStageColumns
    std::vector<QVariantList> figures = {};  ///< rows of kFigureColumns
};

/// A column of a table of the logbook, as records carry it.
struct RecordColumn {
    enum class Type { Text, Real, Integer, Bytes };
    const char *name;
    Type type = Type::Text;
    bool optional = false; ///< null where nothing is known
};
inline constexpr std::array kReadingColumns = {
    RecordColumn{"stage"},
    RecordColumn{"r", RecordColumn::Type::Real},
    RecordColumn{"g", RecordColumn::Type::Real},
    RecordColumn{"b", RecordColumn::Type::Real},
    RecordColumn{"x", RecordColumn::Type::Real},
    RecordColumn{"y", RecordColumn::Type::Real},
    RecordColumn{"z", RecordColumn::Type::Real},
    RecordColumn{"seconds", RecordColumn::Type::Real},
    RecordColumn{"taken_at", RecordColumn::Type::Text, true},
    RecordColumn{"meter", RecordColumn::Type::Text, true},
    RecordColumn{"region", RecordColumn::Type::Text, true},
    RecordColumn{"meter_state", RecordColumn::Type::Bytes, true},
    RecordColumn{"controls", RecordColumn::Type::Text, true},
    RecordColumn{"aside", RecordColumn::Type::Integer},
};
inline constexpr std::array kStageColumns = {
    RecordColumn{"stage"},
    RecordColumn{"version", RecordColumn::Type::Integer},
    RecordColumn{"finished_at", RecordColumn::Type::Text, true},
    RecordColumn{"result", RecordColumn::Type::Text, true},
    RecordColumn{"bytes", RecordColumn::Type::Bytes, true},
    RecordColumn{"problem", RecordColumn::Type::Text, true},
};
inline constexpr std::array kFigureColumns = {
    RecordColumn{"stage"},
    RecordColumn{"name"},
    RecordColumn{"value", RecordColumn::Type::Real},
    RecordColumn{"unit"},
    RecordColumn{"uncertainty", RecordColumn::Type::Real, true},
    RecordColumn{"bound", RecordColumn::Type::Real, true},
};

/// Each value is of its column's type.
bool fits(const QVariantList &row, std::span<const RecordColumn> columns);

/// For other programs and for the shared book: docs/file-formats.md.
Json recordToJson(const RunRecord &record);
/// \throws Error BadInput
RunRecord recordFromJson(const Json &json, const std::string &source);

/// Whether a logbook may take it in: kind, stages, setup and every value's type.
/// \throws Error BadInput naming the run and what is wrong with it
void checkRecord(const RunRecord &record);

} // namespace lantern::run
