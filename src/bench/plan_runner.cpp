#include "bench/plan_runner.h"

#include "core/base/error.h"

namespace lantern::bench {

Settling learnSettling(Bench &bench)
{
    SettlingPlan plan;
    carryOut(plan, bench);
    return plan.result();
}

void carryOut(StagePlan &plan, Bench &bench, const Settling &settling)
{
    std::optional<DeviceRgb> before;
    bench.meter().zero();
    for (;;) {
        const PlanStep step = plan.next();
        if (std::holds_alternative<Finished>(step))
            return;
        if (const auto *read = std::get_if<ReadPatch>(&step)) {
            const double wait = read->settleSeconds.value_or(
                read->region ? settling.longestWaitSeconds()
                             : settling.waitSeconds(before, read->rgb));
            bench.setClockSeconds(bench.clockSeconds() + wait);
            before = read->rgb;
            const MeterOutcome outcome = bench.read(seenBy(bench, *read));
            const auto *reading = std::get_if<MeterReading>(&outcome);
            if (!reading)
                throw Error(ErrorKind::Device, "meter", "a reading failed");
            plan.accept({read->rgb, reading->xyz, reading->integrationSeconds});
            continue;
        }
        if (const auto *ask = std::get_if<AskPerson>(&step))
            throw Error(ErrorKind::Device, "meter", ask->message);
        if (const auto *wait = std::get_if<Wait>(&step)) {
            bench.setClockSeconds(bench.clockSeconds() + wait->seconds);
            plan.acknowledge();
            continue;
        }
        if (const auto *move = std::get_if<MoveMeter>(&step)) {
            bench.meterPlace() = {2 * move->x - 1, 2 * move->y - 1};
            plan.acknowledge();
            continue;
        }
        before.reset(); // what follows changes the light
        if (const auto *set = std::get_if<SetControls>(&step))
            bench.condition().controls = set->controls;
        else if (const auto *load = std::get_if<LoadLut>(&step))
            bench.condition().lut = load->lut;
        else if (const auto *slot = std::get_if<LoadSlot>(&step))
            bench.condition().memorySlot = slot->table;
        plan.acknowledge();
    }
}

} // namespace lantern::bench
