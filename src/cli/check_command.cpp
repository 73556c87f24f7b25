#include "cli/commands.h"

#include "bench/plan_runner.h"
#include "cli/carry_out.h"
#include "cli/inputs.h"
#include "cli/said.h"
#include "core/base/text.h"
#include "run/logbook/load_results.h"
#include "run/stages/stage_registry.h"

#include <nlohmann/json.hpp>

#include <QDateTime>
#include <QFileInfo>

#include <iostream>

namespace lantern::cli {

namespace {

using namespace lantern::run;

struct FinishedRun {
    qint64 id = 0;
    RunResults results;
};

QString logbookOf(const std::string &folder)
{
    return QString::fromStdString(folder) + QStringLiteral("/run.sqlite");
}

/// The newest finished run in a folder.
FinishedRun finishedRun(const std::string &folder)
{
    const QString path = logbookOf(folder);
    if (QFileInfo::exists(path)) {
        Logbook logbook(path, Logbook::Access::Read);
        const auto newest = logbook.runs({.finishedOnly = true, .atMost = 1});
        if (!newest.empty()) {
            RunResults results = loadResults(logbook, newest.front().id);
            if (!results.problem.isEmpty())
                throw Error(ErrorKind::BadInput, folder,
                            Message::verbatim(results.problem.toStdString()));
            return {newest.front().id, std::move(results)};
        }
    }
    throw Error(ErrorKind::BadInput, folder, "holds no finished run",
                "Give the folder that run --out wrote.");
}

const char *verdictKey(CheckFirst::Verdict verdict)
{
    switch (verdict) {
    case CheckFirst::Verdict::Holds:
        return "holds";
    case CheckFirst::Verdict::Drifting:
        return "drifting";
    case CheckFirst::Verdict::Redo:
        break;
    }
    return "redo";
}

void print(const CheckFirst &c, bool json)
{
    if (json) {
        Json patches = Json::array();
        for (const CheckFirst::Patch &p : c.patches)
            patches.push_back({{"rgb", {p.rgb.r, p.rgb.g, p.rgb.b}},
                               {"xyz", {p.now.X, p.now.Y, p.now.Z}},
                               {"delta_e_2000", p.deltaE00}});
        std::cout << Json{{"verdict", verdictKey(c.verdict)},
                          {"mean_delta_e_2000", c.meanDeltaE00},
                          {"max_delta_e_2000", c.worstDeltaE00},
                          {"uncertainty", c.uncertainty},
                          {"white_delta_uv", c.whiteDeltaUv},
                          {"luminance_ratio", c.luminanceRatio},
                          {"black_ratio", c.blackRatio},
                          {"grey_delta_e_2000", c.greyDeltaE00},
                          {"close_call", c.closeCall},
                          {"patches", patches},
                          {"figures", verdictToJson(c.figures)["figures"]}}
                         .dump()
                  << '\n';
        return;
    }
    std::cout << said({"%1: mean %2 ± %3 ΔE00 from the last run, worst %4; white Δu'v' %5, "
                       "luminance %6 %",
                       {verdictKey(c.verdict), fixedNumber(c.meanDeltaE00, 2),
                        fixedNumber(2 * c.uncertainty, 2), fixedNumber(c.worstDeltaE00, 2),
                        fixedNumber(c.whiteDeltaUv, 4), fixedNumber(100 * c.luminanceRatio, 1)}})
              << (c.closeCall ? "; " + said("near a limit: another check might say otherwise")
                              : std::string())
              << '\n';
    for (const JudgedFigure &f : c.figures.figures)
        if (f.call != Call::Within)
            std::cout << "  "
                      << said({"%1 changed by %2 ± %3, limit %4",
                               {figureTitle(f.figure), saidFigures(figureText(f.figure, f.value)),
                                saidFigures(
                                    figureText(f.figure, kCoverageFactor * f.uncertainty.total())),
                                saidFigures(figureText(f.figure, f.limit))}})
                      << '\n';
}

} // namespace

namespace {

/// One minute on the simulated display, as the run left it.
CheckFirst checkOnBench(const CheckOptions &o, const RunResults &last,
                        const CheckReference &reference)
{
    bench::Bench bench(readDisplay(o.display), o.display,
                       bench::builtInMeter(o.meter.empty() ? "reference" : o.meter),
                       last.setup.technology, o.seed);
    bench::DisplayCondition &condition = bench.condition();
    if (!o.controls.empty())
        condition.controls = readControls(o.controls);
    else if (last.controls)
        condition.controls = *last.controls;
    condition.lut = last.calibration->lut;
    condition.memorySlot = last.calibration->slot;
    PatchListPlan plan(checkFirstPatches());
    bench::carryOut(plan, bench, last.settling.value_or(Settling{}));
    return judgedCheck(reference, plan.readings(), o.run + "/profile.icc");
}

/// On the real one, with the run's profile and LUT in force; kept in the run's logbook.
CheckFirst checkOnDesk(const CheckOptions &o, const FinishedRun &last)
{
    const auto place = deskPlace(o.output, o.meter);
    RunSetup setup = place->setup();
    if (setup.displayId != last.results.setup.displayId)
        throw Error(ErrorKind::BadInput, "--output " + o.output,
                    {"shows another display than the run was made on (%1)",
                     {last.results.setup.displayName}});
    setup.kind = RunKind::Check;
    setup.adjust = AdjustMode::Skip;
    setup.referenceRun = last.id;
    setup.meterName = o.meter;
    setup.aim = last.results.setup.aim;
    setup.technology = last.results.setup.technology;
    setup.settling = last.results.settling;
    setup.meterCorrection = last.results.setup.meterCorrection;
    setup.startedAt = QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
    RunEngine engine(logbookOf(o.run));
    Devices devices = place->devices(QString::fromStdString(o.run));
    devices.controls.reset();
    engine.setDevices(devices);
    const auto start = [&](RunEngine &e) {
        place->declare(last.results.profile, last.results.calibration->lut);
        e.begin(setup);
    };
    return *carryOut(engine, *place, start).check;
}

} // namespace

int check(const CheckOptions &o)
{
    const FinishedRun last = finishedRun(o.run);
    const auto reference = checkReference(last.results);
    if (!reference)
        throw Error(ErrorKind::BadInput, o.run, "its run has no profile to check against");
    const CheckFirst c =
        o.output.empty() ? checkOnBench(o, last.results, *reference) : checkOnDesk(o, last);
    print(c, o.json);
    constexpr int kNotWithin = 4;
    return c.verdict == CheckFirst::Verdict::Holds ? 0 : kNotWithin;
}

} // namespace lantern::cli
