#include "core/readings_file.h"

#include "core/cgats.h"
#include "core/error.h"
#include "core/text.h"

#include <array>

namespace lantern {

namespace {

constexpr std::array kFields = {"RGB_R", "RGB_G", "RGB_B", "XYZ_X", "XYZ_Y", "XYZ_Z"};

} // namespace

ReadingSet readingsFromCgats(const std::string &text, const std::string &source)
{
    const CgatsTable table = parseCgats(text, source);
    std::array<size_t, kFields.size()> columns{};
    for (size_t i = 0; i < kFields.size(); ++i) {
        const auto column = table.column(kFields[i]);
        if (!column)
            throw Error(ErrorKind::BadInput, source,
                        std::string("the data have no field ") + kFields[i],
                        "Readings need RGB_R RGB_G RGB_B (0..255) and XYZ_X XYZ_Y XYZ_Z (cd/m²).");
        columns[i] = *column;
    }
    ReadingSet set;
    set.keywords = table.keywords;
    set.readings.reserve(table.rows.size());
    for (size_t row = 0; row < table.rows.size(); ++row) {
        std::array<double, kFields.size()> v{};
        for (size_t i = 0; i < kFields.size(); ++i) {
            v[i] = cgatsNumber(table, row, columns[i], source);
            if (i < 3 && (v[i] < 0 || v[i] > 255))
                throw Error(ErrorKind::BadInput,
                            source + ", line " + std::to_string(table.rows[row][columns[i]].line) +
                                ", field " + kFields[i],
                            shortNumber(v[i]) + " is outside 0 to 255");
            if (i >= 3 && (v[i] < -100 || v[i] > 100000))
                throw Error(ErrorKind::BadInput,
                            source + ", line " + std::to_string(table.rows[row][columns[i]].line) +
                                ", field " + kFields[i],
                            shortNumber(v[i]) + " cd/m² cannot be the light of a display");
        }
        set.readings.push_back({{v[0], v[1], v[2]}, {v[3], v[4], v[5]}});
    }
    return set;
}

std::string readingsToCgats(const ReadingSet &set)
{
    CgatsTable table;
    table.keywords = set.keywords;
    table.fields = {"SAMPLE_ID"};
    table.fields.insert(table.fields.end(), kFields.begin(), kFields.end());
    int id = 0;
    for (const Reading &r : set.readings) {
        std::vector<CgatsCell> row;
        row.push_back({std::to_string(++id)});
        for (const double v : {r.rgb.r, r.rgb.g, r.rgb.b})
            row.push_back({shortNumber(v)});
        for (const double v : {r.xyz.X, r.xyz.Y, r.xyz.Z})
            row.push_back({exactNumber(v)});
        table.rows.push_back(std::move(row));
    }
    return writeCgats(table);
}

} // namespace lantern
