#include "core/reading/readings_file.h"

#include "core/base/cgats.h"
#include "core/base/error.h"
#include "core/base/text.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace lantern {

namespace {

constexpr std::array kFields = {"RGB_R", "RGB_G", "RGB_B", "XYZ_X", "XYZ_Y", "XYZ_Z"};

constexpr const char *kTime = "INTEGRATION_S";
constexpr std::array kLutFields = {"VIDEO_LUT_R", "VIDEO_LUT_G", "VIDEO_LUT_B"};
constexpr std::array kSlotFields = {"SLOT_R", "SLOT_G", "SLOT_B"};
constexpr std::array kGains = {"GAIN_R", "GAIN_G", "GAIN_B"};

/// Three columns of a table of just `rows` rows in the order of the code values.
std::array<std::vector<double>, 3> channelTable(const CgatsTable &t,
                                                const std::array<const char *, 3> &fields,
                                                size_t rows, double top, const std::string &source)
{
    std::array<std::vector<double>, 3> out;
    for (int c = 0; c < 3; ++c) {
        const auto column = t.column(fields[c]);
        if (!column || t.rows.size() != rows)
            throw Error(ErrorKind::BadInput, source,
                        {"the table of %1 must have %2 rows and all three channels",
                         {fields[0], std::to_string(rows)}});
        for (size_t row = 0; row < rows; ++row) {
            const double v = cgatsNumber(t, row, *column, source);
            if (v < 0 || v > top)
                throw Error(ErrorKind::BadInput,
                            source + ", line " + std::to_string(t.rows[row][*column].line) +
                                ", field " + fields[c],
                            {"%1 is outside 0 to %2", {shortNumber(v), shortNumber(top)}});
            out[c].push_back(v);
        }
    }
    return out;
}

double keywordNumber(const CgatsTable &t, const char *key, double low, double high,
                     const std::string &source)
{
    const auto value = parseNumber(t.keywords.at(key));
    if (!value || *value < low || *value > high)
        throw Error(ErrorKind::BadInput, source + ", keyword " + key,
                    {"\"%1\"; %2 to %3 is expected",
                     {t.keywords.at(key).substr(0, 40), shortNumber(low), shortNumber(high)}});
    return *value;
}

/// What the file tells of the way to the panel: keywords of the first table, LUT and slot in tables
/// of their own.
std::optional<SignalPath> readPath(const std::vector<CgatsTable> &tables, const std::string &source)
{
    SignalPath path;
    bool told = false;
    const CgatsTable &main = tables.front();
    if (main.keywords.contains("LINK_BITS")) {
        path.linkBits = static_cast<int>(keywordNumber(main, "LINK_BITS", 1, 16, source));
        told = true;
    }
    if (main.keywords.contains("PANEL_BITS")) {
        path.panelBits = static_cast<int>(keywordNumber(main, "PANEL_BITS", 0, 16, source));
        told = true;
    }
    for (int c = 0; c < 3; ++c)
        if (main.keywords.contains(kGains[c]))
            path.gain[c] = keywordNumber(main, kGains[c], 0, 1, source);
    for (size_t i = 1; i < tables.size(); ++i) {
        if (tables[i].column(kLutFields[0])) {
            const auto values = channelTable(tables[i], kLutFields, VideoLut::kSize, 65535, source);
            for (int c = 0; c < 3; ++c)
                for (int k = 0; k < VideoLut::kSize; ++k)
                    path.lut.channels[c][k] = static_cast<uint16_t>(std::lround(values[c][k]));
            told = true;
        } else if (tables[i].column(kSlotFields[0])) {
            const auto values = channelTable(tables[i], kSlotFields, SlotTable::kSize, 1, source);
            path.slot.emplace();
            for (int c = 0; c < 3; ++c)
                std::copy(values[c].begin(), values[c].end(), path.slot->channels[c].begin());
            told = true;
        }
    }
    if (!path.lut.isMonotonic() || (path.slot && !path.slot->isMonotonic()))
        throw Error(ErrorKind::BadInput, source, "its video LUT or slot table falls somewhere",
                    "Measure through one that only rises.");
    return told ? std::optional(path) : std::nullopt;
}

} // namespace

ReadingSet readingsFromCgats(const std::string &text, const std::string &source)
{
    const std::vector<CgatsTable> tables = parseCgatsTables(text, source);
    const CgatsTable &table = tables.front();
    std::array<size_t, kFields.size()> columns{};
    for (size_t i = 0; i < kFields.size(); ++i) {
        const auto column = table.column(kFields[i]);
        if (!column)
            throw Error(ErrorKind::BadInput, source, {"the data have no field %1", {kFields[i]}},
                        "Readings need RGB_R RGB_G RGB_B (0..255) and XYZ_X XYZ_Y XYZ_Z (cd/m²).");
        columns[i] = *column;
    }
    ReadingSet set;
    set.keywords = table.keywords;
    set.path = readPath(tables, source);
    const auto time = table.column(kTime);
    set.readings.reserve(table.rows.size());
    for (size_t row = 0; row < table.rows.size(); ++row) {
        std::array<double, kFields.size()> v{};
        for (size_t i = 0; i < kFields.size(); ++i) {
            v[i] = cgatsNumber(table, row, columns[i], source);
            if (i < 3 && (v[i] < 0 || v[i] > 255))
                throw Error(ErrorKind::BadInput,
                            source + ", line " + std::to_string(table.rows[row][columns[i]].line) +
                                ", field " + kFields[i],
                            {"%1 is outside 0 to 255", {shortNumber(v[i])}});
            if (i >= 3 && (v[i] < -100 || v[i] > 100000))
                throw Error(ErrorKind::BadInput,
                            source + ", line " + std::to_string(table.rows[row][columns[i]].line) +
                                ", field " + kFields[i],
                            {"%1 cd/m² cannot be the light of a display", {shortNumber(v[i])}});
        }
        const double seconds = time ? cgatsNumber(table, row, *time, source) : 0;
        set.readings.push_back(
            {{v[0], v[1], v[2]}, {v[3], v[4], v[5]}, std::clamp(seconds, 0.0, 1e4)});
    }
    return set;
}

std::string readingsToCgats(const ReadingSet &set, NumberStyle style)
{
    const auto number = style == NumberStyle::Exact ? &exactNumber : &compactNumber;
    CgatsTable table;
    table.keywords = set.keywords;
    table.fields = {"SAMPLE_ID"};
    table.fields.insert(table.fields.end(), kFields.begin(), kFields.end());
    const bool timed = std::any_of(set.readings.begin(), set.readings.end(),
                                   [](const Reading &r) { return r.integrationSeconds > 0; });
    if (timed)
        table.fields.emplace_back(kTime);
    int id = 0;
    for (const Reading &r : set.readings) {
        std::vector<CgatsCell> row;
        row.push_back({std::to_string(++id)});
        for (const double v : {r.rgb.r, r.rgb.g, r.rgb.b})
            row.push_back({shortNumber(v)});
        for (const double v : {r.xyz.X, r.xyz.Y, r.xyz.Z})
            row.push_back({number(v)});
        if (timed)
            row.push_back({shortNumber(r.integrationSeconds)});
        table.rows.push_back(std::move(row));
    }
    if (!set.path)
        return writeCgats(table);

    std::vector<CgatsTable> tables;
    if (set.path->linkBits)
        table.keywords["LINK_BITS"] = std::to_string(*set.path->linkBits);
    if (set.path->panelBits > 0) {
        table.keywords["PANEL_BITS"] = std::to_string(set.path->panelBits);
        for (int c = 0; c < 3; ++c)
            table.keywords[kGains[c]] = shortNumber(set.path->gain[c]);
    }
    tables.push_back(std::move(table));
    auto addChannels = [&](const std::array<const char *, 3> &fields, int rows, auto &&value) {
        CgatsTable t;
        t.fields = {"ENTRY", fields[0], fields[1], fields[2]};
        for (int i = 0; i < rows; ++i)
            t.rows.push_back({{std::to_string(i)}, {value(0, i)}, {value(1, i)}, {value(2, i)}});
        tables.push_back(std::move(t));
    };
    addChannels(kLutFields, VideoLut::kSize,
                [&](int c, int i) { return std::to_string(set.path->lut.channels[c][i]); });
    if (set.path->slot)
        addChannels(kSlotFields, SlotTable::kSize,
                    [&](int c, int i) { return exactNumber(set.path->slot->channels[c][i]); });
    return writeCgats(tables);
}

} // namespace lantern
