#include "app/views/memory/memory_model.h"

#include "app/state/wording.h"
#include "run/book/in_words.h"

#include <QCoreApplication>
#include <QLocale>

#include <algorithm>

namespace lantern::app {

namespace {

struct Words {
    Q_DECLARE_TR_FUNCTIONS(MemoryModel)
};

QString slotTitle(const std::optional<int> &slot)
{
    return slot ? Words::tr("Slot %1").arg(*slot + 1) : Words::tr("Video LUT");
}

const SlotRun *runOf(const SessionState &state, const std::optional<int> &slot)
{
    const auto run =
        std::ranges::find_if(state.slotRuns, [&](const auto &r) { return r->slot == slot; });
    return run == state.slotRuns.end() ? nullptr : run->get();
}

MemoryModel::Row rowOf(const SessionState &state, const std::optional<int> &slot)
{
    MemoryModel::Row row;
    row.slot = slot;
    const bool isActive = state.memory->active == slot;
    const SlotRun *run = runOf(state, slot);
    const bool isInUse =
        run && state.slotInUse == slot && !state.profiles.empty() &&
        std::ranges::any_of(state.profiles, [&](const desk::KnownProfile &p) { return p.inUse; });
    QString name = dash(), aim = dash(), made = dash(), mean = dash();
    if (run) {
        const run::RunResults &r = run->results;
        if (!r.setup.slotName.empty())
            name = QString::fromStdString(r.setup.slotName);
        aim = run::inLocale(aimSummary(r.setup.aim));
        made = QLocale().toString(run->at.toLocalTime().date(), QLocale::ShortFormat);
        if (r.validation)
            mean = figure(r.validation->meanDeltaE00, 2);
        row.path = r.installedPath;
    }
    const QString how = isActive && isInUse ? Words::tr("in use")
                        : isActive          ? Words::tr("on the monitor")
                        : isInUse           ? Words::tr("its profile is in use")
                                            : dash();
    row.cells << slotTitle(slot) << name << aim << made << mean << how;
    row.mark = isActive && isInUse                                              ? Mark::Within
               : isActive != isInUse && state.memory->active != state.slotInUse ? Mark::Open
                                                                                : Mark::NotMeasured;
    return row;
}

} // namespace

QStringList memoryColumns()
{
    return {QString(),         Words::tr("Name"),      Words::tr("Aim"),
            Words::tr("Made"), Words::tr("Mean ΔE00"), Words::tr("State")};
}

MemoryModel memoryModel(const SessionState &state)
{
    MemoryModel m;
    m.hasMemory = state.memory.has_value() && state.memory->slotCount > 0;
    const QString &display = state.displays[static_cast<size_t>(state.selected)].name;
    if (!m.hasMemory) {
        m.sentence = Words::tr("%1 has no memory of its own that the program can reach. Its "
                               "calibration goes into the video LUT.")
                         .arg(display);
        return m;
    }
    const bool isFree = !state.isMeasuring() && !state.onErrand() && !state.preparing;
    m.mayChoose = isFree && (!state.hasRun() || state.status.activity == run::Activity::Finished);
    m.rows.push_back(rowOf(state, std::nullopt));
    for (int slot = 0; slot < state.memory->slotCount; ++slot)
        m.rows.push_back(rowOf(state, slot));
    for (MemoryModel::Row &row : m.rows) {
        row.mayUse = m.mayChoose && !row.path.isEmpty() &&
                     (row.slot != state.slotInUse || row.slot != state.memory->active);
        m.targets << (row.slot && row.cells[1] != dash()
                          ? Words::tr("%1: %2").arg(slotTitle(row.slot), row.cells[1])
                          : slotTitle(row.slot));
    }
    m.target = state.slotWanted ? *state.slotWanted + 1 : 0;
    m.name = state.slotName;
    const bool anyInUse =
        std::ranges::any_of(state.profiles, [](const desk::KnownProfile &p) { return p.inUse; });
    m.isAstray = anyInUse && state.memory->active != state.slotInUse && isFree;
    if (m.isAstray)
        m.sentence = Words::tr("The monitor shows %1, but the profile in use goes with %2: colours "
                               "are wrong in every program.")
                         .arg(slotTitle(state.memory->active), slotTitle(state.slotInUse));
    else if (const SlotRun *run = runOf(state, state.memory->active))
        m.sentence =
            Words::tr("%1 is in use: %2.")
                .arg(slotTitle(run->slot), run::inLocale(aimSummary(run->results.setup.aim)));
    else
        m.sentence = Words::tr("Nothing of it is calibrated yet. Choose where the next run goes, "
                               "and run.");
    m.note =
        state.memory->mixes
            ? Words::tr("This memory mixes primaries: those that the aim names are made in it.")
            : Words::tr("This memory holds tone curves only; primaries stay the panel's own.");
    return m;
}

} // namespace lantern::app
