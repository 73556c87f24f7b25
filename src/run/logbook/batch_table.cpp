#include "run/logbook/batch_table.h"

#include "core/base/text.h"
#include "run/logbook/load_results.h"

#include <algorithm>
#include <cmath>

namespace lantern::run {

namespace {

BatchUnit waiting(const QString &serial)
{
    BatchUnit unit;
    unit.serial = serial;
    return unit;
}

void takeFigures(BatchUnit &unit, const std::vector<FigureRow> &figures)
{
    unit.figures.clear();
    for (const BatchFigure &f : batchFigures()) {
        const auto row = std::ranges::find(figures, f.row, &FigureRow::name);
        if (row != figures.end() && std::isfinite(row->value))
            unit.figures[f.row] = row->value;
    }
}

void takeScores(BatchTable &table)
{
    for (const BatchFigure &f : batchFigures()) {
        std::vector<double> values;
        std::vector<BatchUnit *> of;
        for (BatchUnit &unit : table.units)
            if (const auto v = unit.figures.find(f.row); v != unit.figures.end()) {
                values.push_back(v->second);
                of.push_back(&unit);
            }
        if (values.empty())
            continue;
        table.spreads[f.row] = spreadOf(values);
        if (values.size() < kFewestForOutliers)
            continue;
        const std::vector<double> scores = outlierScores(values, f.smallest);
        for (size_t i = 0; i < of.size(); ++i)
            of[i]->scores[f.row] = scores[i];
    }
}

} // namespace

const std::vector<BatchFigure> &batchFigures()
{
    static const std::vector<BatchFigure> kFigures = {{"proved_delta_uv", "", 4, 0.0005},
                                                      {"proved_white_luminance", "cd/m²", 1, 0.5},
                                                      {"proved_contrast_ratio", ":1", 0, 20},
                                                      {"grey_mean", "ΔE00", 2, 0.1},
                                                      {"colour_mean", "ΔE00", 2, 0.1},
                                                      {"colour_worst", "ΔE00", 2, 0.3},
                                                      {"found_white_luminance", "cd/m²", 1, 1},
                                                      {"found_cct", "K", 0, 40},
                                                      {"gamut_srgb", "", 3, 0.005}};
    return kFigures;
}

const BatchUnit *BatchTable::unit(const QString &serial) const
{
    const auto it = std::ranges::find(units, serial, &BatchUnit::serial);
    return it == units.end() ? nullptr : &*it;
}

BatchTable batchTable(Logbook &logbook, const Batch &batch)
{
    BatchTable table;
    std::vector<LogLine> lines = logbook.lines();
    std::ranges::reverse(lines); // oldest first
    const std::string key = batch.key.toStdString();
    const QString ofUnits = QString::fromStdString(unitDisplayId({}));
    int sinceReference = 0;
    for (const LogLine &line : lines) {
        if (!line.displayId.startsWith(ofUnits) || line.abandoned)
            continue;
        const RunSetup setup = logbook.setup(line.id);
        if (setup.batch != key)
            continue;
        const QString serial = QString::fromStdString(setup.serial);
        if (line.kind == RunKind::Mode && serial == batch.referenceUnit && line.finished) {
            const RunResults results = loadResults(logbook, line.id);
            const auto white =
                std::ranges::find(results.modeReadings, DeviceRgb{255, 255, 255}, &Reading::rgb);
            if (white == results.modeReadings.end() || !(white->xyz.Y > 0))
                continue;
            ReferenceReading reading{line.id, line.startedAt, white->xyz, {}};
            if (!table.reference.empty())
                reading.drift = meterDrift(table.reference.front().white, reading.white);
            table.reference.push_back(reading);
            sinceReference = 0;
        }
        if (line.kind != RunKind::Calibration)
            continue;
        auto it = std::ranges::find(table.units, serial, &BatchUnit::serial);
        if (it == table.units.end()) {
            it = table.units.insert(table.units.end(), waiting(serial));
        }
        it->run = line.id;
        ++it->attempts;
        it->startedAt = line.startedAt;
        it->isFinished = line.finished;
        if (line.finished) {
            const std::vector<FigureRow> figures = logbook.figuresIn(line.id);
            Verdict verdict;
            verdict.figures = judgedAgain(figures);
            it->call = verdict.overall();
            takeFigures(*it, figures);
            ++sinceReference;
        }
    }
    if (!table.reference.empty())
        table.unitsSinceReference = sinceReference;
    for (const QString &serial : batch.queue)
        if (!table.unit(serial))
            table.units.push_back(waiting(serial));
    takeScores(table);
    return table;
}

bool isReferenceDue(const BatchTable &table, const Batch &batch)
{
    return !batch.referenceUnit.isEmpty() &&
           (!table.unitsSinceReference || *table.unitsSinceReference >= batch.referenceEvery);
}

QByteArray batchTableToCsv(const BatchTable &table, const Batch &batch)
{
    std::string out = "batch,serial,state,attempts,run,started";
    for (const BatchFigure &f : batchFigures())
        out += std::string(",") + f.row;
    out += ",outlier_in\n";
    const auto line = [&](const std::vector<std::string> &first, const auto &valueOf,
                          const std::string &last) {
        out += csvQuoted(batch.name.toStdString());
        for (const std::string &cell : first)
            out += "," + csvQuoted(cell);
        for (const BatchFigure &f : batchFigures()) {
            const std::optional<double> value = valueOf(f);
            out += "," + (value ? fixedNumber(*value, f.decimals) : std::string());
        }
        out += "," + csvQuoted(last) + "\n";
    };
    for (const BatchUnit &unit : table.units) {
        std::string outlierIn;
        for (const BatchFigure &f : batchFigures())
            if (unit.isOutlier(f.row))
                outlierIn += (outlierIn.empty() ? "" : " ") + std::string(f.row);
        line(
            {unit.serial.toStdString(),
             unit.run == 0      ? "waiting"
             : !unit.isFinished ? "unfinished"
                                : callKey(unit.call),
             std::to_string(unit.attempts), std::to_string(unit.run), unit.startedAt.toStdString()},
            [&](const BatchFigure &f) {
                const auto v = unit.figures.find(f.row);
                return v == unit.figures.end() ? std::nullopt : std::optional(v->second);
            },
            outlierIn);
    }
    using Part = double Spread::*;
    for (const auto &row :
         std::vector<std::pair<std::string, Part>>{{"mean", &Spread::mean},
                                                   {"standard deviation", &Spread::deviation},
                                                   {"median", &Spread::median},
                                                   {"least", &Spread::least},
                                                   {"most", &Spread::most}})
        line(
            {"", row.first, "", "", ""},
            [&](const BatchFigure &f) {
                const auto s = table.spreads.find(f.row);
                return s == table.spreads.end() ? std::nullopt
                                                : std::optional(s->second.*row.second);
            },
            "");
    return QByteArray::fromStdString(out);
}

} // namespace lantern::run
