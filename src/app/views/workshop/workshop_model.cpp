#include "app/views/workshop/workshop_model.h"

#include "app/state/wording.h"
#include "run/book/in_words.h"

#include <QCoreApplication>
#include <QLocale>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

struct Workshop {
    Q_DECLARE_TR_FUNCTIONS(Workshop)
};

/// Rows of the logbook that the tables show, in their order.
constexpr const char *kShown[] = {"proved_delta_uv", "proved_white_luminance", "colour_mean",
                                  "colour_worst"};

const run::BatchFigure &figureOf(const std::string &row)
{
    return *std::ranges::find(run::batchFigures(), row,
                              [](const run::BatchFigure &f) { return std::string(f.row); });
}

QString figureTitle(const std::string &row)
{
    if (row == "proved_delta_uv")
        return Workshop::tr("Δu'v'");
    if (row == "proved_white_luminance")
        return Workshop::tr("cd/m²");
    if (row == "proved_contrast_ratio")
        return Workshop::tr("contrast");
    if (row == "grey_mean")
        return Workshop::tr("greys ΔE00");
    if (row == "colour_mean")
        return Workshop::tr("ΔE00 mean");
    if (row == "colour_worst")
        return Workshop::tr("worst");
    if (row == "found_white_luminance")
        return Workshop::tr("cd/m² found");
    if (row == "found_cct")
        return Workshop::tr("K found");
    return Workshop::tr("sRGB covered");
}

QString valueText(const std::optional<double> &value, const std::string &row)
{
    return figure(value, figureOf(row).decimals);
}

std::optional<double> valueIn(const run::BatchUnit &unit, const std::string &row)
{
    const auto v = unit.figures.find(row);
    return v == unit.figures.end() ? std::nullopt : std::optional(v->second);
}

QString stateOf(const run::BatchUnit &unit, const SessionState &state)
{
    const bool isOnBench = state.unit == unit.serial && state.hasRun() &&
                           state.status.activity != run::Activity::Finished;
    if (isOnBench)
        return Workshop::tr("on the bench");
    if (unit.run == 0 || state.batch->queue.contains(unit.serial))
        return unit.run == 0 ? Workshop::tr("waits") : Workshop::tr("waits, again");
    if (!unit.isFinished)
        return Workshop::tr("unfinished");
    QString text = unit.call == Call::Within ? Workshop::tr("within")
                   : unit.call == Call::Over ? Workshop::tr("over")
                                             : Workshop::tr("cannot tell");
    if (unit.attempts > 1)
        text = Workshop::tr("%1, run %2").arg(text).arg(unit.attempts);
    return text;
}

QStringList oddIn(const run::BatchUnit &unit)
{
    QStringList in;
    for (const run::BatchFigure &f : run::batchFigures())
        if (unit.isOutlier(f.row))
            in << figureTitle(f.row);
    return in;
}

WorkshopModel::Row rowOf(const run::BatchUnit &unit, double index, const SessionState &state)
{
    WorkshopModel::Row row;
    row.serial = unit.serial;
    row.waits = state.batch->queue.contains(unit.serial) ||
                (state.batch->onBench == unit.serial && !state.isMeasuring());
    row.cells << unit.serial << stateOf(unit, state);
    const QStringList odd = oddIn(unit);
    if (!odd.isEmpty())
        row.cells[1] += Workshop::tr(" ◊"); // explained below the table
    row.order = {index, static_cast<double>(unit.run)};
    for (const char *shown : kShown) {
        const auto value = valueIn(unit, shown);
        row.cells << valueText(value, shown);
        row.order.push_back(value.value_or(-1));
    }
    QStringList words = {Workshop::tr("%1: %2").arg(unit.serial, stateOf(unit, state))};
    for (const run::BatchFigure &f : run::batchFigures())
        if (const auto value = valueIn(unit, f.row))
            words << figureTitle(f.row) + QLatin1Char(' ') + valueText(value, f.row);
    if (!odd.isEmpty())
        words << Workshop::tr("stands out in %1").arg(odd.join(QStringLiteral(", ")));
    row.words = words.join(QStringLiteral("; "));
    return row;
}

void addSpread(WorkshopModel &m, const run::BatchTable &table)
{
    using Part = double Spread::*;
    const std::pair<QString, Part> rows[] = {
        {Workshop::tr("mean"), &Spread::mean},
        {Workshop::tr("standard deviation"), &Spread::deviation},
        {Workshop::tr("least"), &Spread::least},
        {Workshop::tr("most"), &Spread::most}};
    if (table.spreads.empty())
        return;
    for (const auto &row : rows) {
        QStringList cells = {row.first};
        for (const char *shown : kShown) {
            const auto s = table.spreads.find(shown);
            cells << valueText(s == table.spreads.end() ? std::nullopt
                                                        : std::optional(s->second.*row.second),
                               shown);
        }
        m.spread.push_back(cells);
    }
}

QString meterText(const run::BatchTable &table, const run::Batch &batch)
{
    if (batch.referenceUnit.isEmpty())
        return {};
    if (table.reference.empty())
        return Workshop::tr("The reference unit %1 has not been read yet.")
            .arg(batch.referenceUnit);
    const run::ReferenceReading &last = table.reference.back();
    const QString at = QLocale().toString(QDateTime::fromString(last.at, Qt::ISODate).toLocalTime(),
                                          QLocale::ShortFormat);
    if (table.reference.size() == 1)
        return Workshop::tr("The reference unit %1 was read once, %2: %3.")
            .arg(batch.referenceUnit, at, readingText(last.white));
    const QString change =
        Workshop::tr("%1 % of light, Δu'v' %2")
            .arg(QLocale().toString(100 * (last.drift.luminanceRatio - 1), 'f', 1),
                 figure(last.drift.deltaUv, 4));
    return (last.drift.isNoticeable
                ? Workshop::tr("The reference unit %1 reads differently since the batch began (%2, "
                               "%3). The meter or that unit has changed: read another display that "
                               "stays the same, and trust the units since then less.")
                : Workshop::tr("The reference unit %1 reads as it did when the batch began (%2, "
                               "%3). One reading cannot tell the meter from the unit."))
        .arg(batch.referenceUnit, change, at);
}

QString recipeText(const run::Recipe &r)
{
    const QString patches = r.chartList.empty()
                                ? Workshop::tr("%1 patches").arg(r.chartPatches)
                                : Workshop::tr("own chart of %1").arg(r.chartList.size());
    return Workshop::tr("%1: %2; %3; limits %4; %5")
        .arg(fromCore(r.aim.name), run::inLocale(aimSummary(r.aim)), patches,
             QString::fromStdString(r.ownTolerance ? r.ownTolerance->title
                                                   : toleranceByName(r.tolerance).title),
             r.profileKind == ProfileKind::Table    ? Workshop::tr("table profile")
             : r.profileKind == ProfileKind::Matrix ? Workshop::tr("matrix profile")
                                                    : Workshop::tr("gamma profile"));
}

QString sentenceOf(const SessionState &state, const run::BatchTable &table)
{
    int done = 0, within = 0;
    for (const run::BatchUnit &unit : table.units) {
        done += unit.isFinished ? 1 : 0;
        within += unit.isFinished && unit.call != Call::Over ? 1 : 0;
    }
    const QString name = state.batch->name;
    if (done == 0)
        return Workshop::tr("%1: no unit is done yet. Connect one, hang the meter on it, and scan "
                            "or type its serial number.")
            .arg(name);
    return Workshop::tr("%1: %2 of %3 units done are within their limits; %4 wait.")
        .arg(name)
        .arg(within)
        .arg(done)
        .arg(state.batch->queue.size());
}

} // namespace

QStringList unitColumns()
{
    QStringList columns = {Workshop::tr("Serial"), Workshop::tr("State")};
    for (const char *shown : kShown)
        columns << figureTitle(shown);
    return columns;
}

QStringList spreadColumns()
{
    QStringList columns = {Workshop::tr("Units that are done")};
    for (const char *shown : kShown)
        columns << figureTitle(shown);
    return columns;
}

WorkshopModel workshopModel(const SessionState &state)
{
    WorkshopModel m;
    m.isOpen = state.batch.has_value();
    for (const run::Batch &b : state.batches)
        if (b.isClosed)
            m.earlier.push_back({b.key, Workshop::tr("%1, %2").arg(
                                            b.name, QLocale().toString(b.begunAt.toLocalTime(),
                                                                       QLocale::ShortFormat))});
    if (!m.isOpen) {
        m.sentence =
            Workshop::tr("No batch is open. A batch takes units one after another through the same "
                         "recipe: what the pages Aim, Profile and Colour accuracy say now.");
        run::RunSetup setup;
        setup.aim = state.aim;
        state.measure.applyTo(setup);
        state.profileForm.applyTo(setup);
        state.proof.applyTo(setup, 1);
        m.recipe = recipeText(run::Recipe::of(setup));
        return m;
    }
    m.recipe = recipeText(state.batch->recipe);
    m.folder = state.batch->folder;
    static const run::BatchTable kNothing;
    const run::BatchTable &table = state.batchTable ? *state.batchTable : kNothing;
    m.sentence = sentenceOf(state, table);
    QStringList odd;
    for (const run::BatchUnit &unit : table.units) {
        m.units.push_back(rowOf(unit, static_cast<double>(m.units.size()), state));
        if (const QStringList in = oddIn(unit); !in.isEmpty())
            odd << Workshop::tr("%1 in %2").arg(unit.serial, in.join(QStringLiteral(", ")));
    }
    if (!odd.isEmpty())
        m.oddOnes = Workshop::tr("◊ Stand out from the others (robust score above 3.5): %1.")
                        .arg(odd.join(QStringLiteral("; ")));
    addSpread(m, table);
    m.meter = meterText(table, *state.batch);
    m.meterDrifts = !table.reference.empty() && table.reference.back().drift.isNoticeable;
    const bool isFree = !state.isMeasuring() &&
                        (!state.hasRun() || state.status.activity == run::Activity::Finished);
    m.mayReadReference = isFree && !state.batch->referenceUnit.isEmpty();
    m.mayClose = isFree;
    return m;
}

} // namespace lantern::app
