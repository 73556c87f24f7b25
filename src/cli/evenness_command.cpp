#include "cli/commands.h"

#include "cli/carry_out.h"
#include "cli/inputs.h"
#include "cli/said.h"
#include "cli/verdict_text.h"
#include "run/book/kept_fields.h"
#include "run/logbook/load_results.h"

#include <nlohmann/json.hpp>

#include <QDateTime>
#include <QStringList>

#include <iomanip>
#include <iostream>

namespace lantern::cli {

namespace {

using namespace lantern::run;

/// Whole numbers between separators. \throws Error BadInput
std::vector<int> wholeNumbers(const std::string &option, const std::string &text, char separator,
                              const Message &example)
{
    std::vector<int> all;
    for (const QString &part : QString::fromStdString(text).split(QLatin1Char(separator))) {
        bool ok = false;
        all.push_back(part.toInt(&ok));
        if (!ok)
            throw Error(ErrorKind::BadInput, option + " " + text, "whole numbers are expected",
                        example);
    }
    return all;
}

EvennessChoice choiceOf(const EvennessOptions &o)
{
    EvennessChoice choice;
    const auto sides = wholeNumbers("--grid", o.grid, 'x', "For example 5x5.");
    if (sides.size() != 2)
        throw Error(ErrorKind::BadInput, "--grid " + o.grid, "two numbers are expected",
                    "For example 5x5.");
    choice.grid = {sides[0], sides[1]};
    choice.greys = wholeNumbers("--greys", o.greys, ',', "For example 255,128,64.");
    for (const Compensation c : {Compensation::On, Compensation::Off})
        if (o.compensation == compensationKey(c))
            choice.compensation = c;
    return choice;
}

/// The unfinished one of the folder; 0: none.
qint64 unfinishedRun(Logbook &logbook, const RunSetup &wanted, const std::string &folder)
{
    const auto runs = logbook.runs({.kind = RunKind::Evenness, .atMost = 1});
    if (runs.empty() || logbook.isFinished(runs.front().id, Stage::Evenness))
        return 0;
    const RunSetup before = logbook.setup(runs.front().id);
    if (const auto key = firstDifference(before, wanted))
        throw Error(ErrorKind::BadInput, folder,
                    {"this folder holds an unfinished measurement with another %1", {*key}},
                    "Give the same options to go on with it, or another folder.");
    return runs.front().id;
}

void print(const Evenness &e)
{
    for (size_t level = 0; level < e.levels.size(); ++level) {
        const EvenLevel &l = e.levels[level];
        std::cout << said({"grey %1: middle %2 cd/m², luminance %3 to %4 % of it, worst Δu'v' %5, "
                           "ΔE00 mean %6, worst %7",
                           {shortNumber(l.grey), fixedNumber(l.centre.Y, 2),
                            fixedNumber(100 * l.least, 1), fixedNumber(100 * l.most, 1),
                            fixedNumber(l.worstDeltaUv, 4), fixedNumber(l.meanDeltaE00, 2),
                            fixedNumber(l.worstDeltaE00, 2)}})
                  << '\n';
        for (int row = 1; row <= e.grid.rows; ++row) {
            for (int column = 1; column <= e.grid.columns; ++column) {
                const EvenField *f = e.find(column, row, static_cast<int>(level));
                std::cout << "  "
                          << (f ? saidFigures(fixedNumber(100 * f->ratio, 1) + " % " +
                                              fixedNumber(f->deltaE00, 2))
                                : said("not read"));
            }
            std::cout << '\n';
        }
    }
    std::cout << said({"white changed by up to %1 % in luminance meanwhile, which is taken out",
                       {fixedNumber(100 * e.drift[1], 2)}})
              << '\n'
              << said({"evening it out would cost %1 % of the luminance",
                       {fixedNumber(100 * e.cost.ofLight, 1)}});
    if (e.cost.ofColour)
        std::cout << ", "
                  << said({"with its colour %1 %", {fixedNumber(100 * *e.cost.ofColour, 1)}});
    std::cout << '\n';
    printVerdict(e.verdict, std::cout);
}

} // namespace

int evenness(const EvennessOptions &o)
{
    const EvennessChoice choice = choiceOf(o);
    (void)EvennessPlan(choice.grid, choice.greys, 1, 1, {}); // refuses what is not possible
    RunOptions where;
    where.display = o.display;
    where.output = o.output;
    where.meter = o.meter;
    where.technology = o.technology;
    where.fault = o.fault;
    where.seed = o.seed;
    where.evened = choice.compensation == Compensation::On;
    const auto place = o.output.empty() ? benchPlace(where) : deskPlace(o.output, o.meter);
    RunSetup setup = place->setup();
    setup.kind = RunKind::Evenness;
    setup.evenness = choice;
    setup.adjust = AdjustMode::Skip;
    setup.tolerance = toleranceByName(o.tolerance).name;
    if (setup.meterName.empty())
        setup.meterName = o.meter;
    if (!o.output.empty() && !o.technology.empty())
        setup.technology = o.technology;
    setup.startedAt = QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
    const QString folder = QString::fromStdString(o.out);
    makeFolder(folder);
    const QString logbookPath = folder + QStringLiteral("/run.sqlite");
    qint64 unfinished = 0;
    {
        Logbook logbook(logbookPath, Logbook::Access::Write);
        unfinished = unfinishedRun(logbook, setup, o.out);
    }
    RunEngine engine(logbookPath);
    Devices devices = place->devices(folder);
    setup.learnsSettling = devices.meter->readsAtOnce();
    devices.controls.reset();
    devices.slot.reset();
    if (!o.output.empty())
        QObject::connect(&engine, &RunEngine::resultsChanged, &engine, [](const RunResults &r) {
            static std::optional<EvennessSpot> told;
            if (!r.evennessNow || r.evennessNow->target == told)
                return;
            told = r.evennessNow->target;
            if (told && !told->isCentre())
                std::cerr << said({"Hang the meter on the light field: row %1, column %2.",
                                   {std::to_string(told->row), std::to_string(told->column)}})
                          << '\n';
            else if (told)
                std::cerr << said("Hang the meter in the middle of the screen.") << '\n';
        });
    engine.setDevices(devices);
    const RunResults results = carryOut(engine, *place, [&](RunEngine &e) {
        if (unfinished != 0)
            e.resumeRun(unfinished);
        else
            e.begin(setup);
    });
    if (o.json)
        std::cout << kept(*results.evenness).dump() << '\n';
    else
        print(*results.evenness);
    return results.evenness->verdict.overall() == Call::Over
               ? static_cast<int>(ErrorKind::NotGoodEnough)
               : 0;
}

} // namespace lantern::cli
