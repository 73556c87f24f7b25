#pragma once

#include "core/plan/plan.h"
#include "run/book/logged.h"
#include "run/book/run_results.h"
#include "run/device/devices.h"

#include <memory>
#include <optional>
#include <vector>

namespace lantern::run {

/// A measuring stage at work: its plan, and what the plan has brought so far.
class StageWork {
public:
    virtual ~StageWork() = default;
    [[nodiscard]] virtual StagePlan &plan() = 0;
    [[nodiscard]] const StagePlan &plan() const { return const_cast<StageWork *>(this)->plan(); }
    /// Answer to ReadPatch. \throws Error Device when the display cannot do what the aim asks.
    virtual void accept(const LoggedReading &reading) { plan().accept(reading.reading); }
    /// The person says that it is good enough; true where that is for a person to say.
    virtual bool endByPerson() { return false; }
    /// Complete when the plan is finished.
    [[nodiscard]] virtual StageResult result() const = 0;
    /// What the person is to read on the screen that is measured, beside what is lit.
    [[nodiscard]] virtual Message onScreen() const { return {}; }
    /// Shows what has been found so far; true when that is news.
    virtual bool show(RunResults &) { return false; }
};

/// All that is to be known of a stage, in one place: its entry in its own file under stages/, and
/// its line in stage_registry.cpp.
struct StageEntry {
    Stage stage = Stage::Done;
    /// Of the plan and of what is kept. A plan of another version cannot be given the readings that
    /// this one asked for.
    int version = 1;
    /// White stays what it is, so that a dark one means that the meter has left it.
    bool whiteIsSteady = false;
    /// Reads the display as it is by itself, without any LUT or slot of ours.
    bool asFound = false;
    /// Controls are turned meanwhile, by the program or by a person.
    bool controlsTurn = false;
    /// What is read says the same of the display whatever the plan does with it: readings that a
    /// plan of another version asked for can be used again.
    bool readingsStand = false;
    /// Readings are to bring their spectra, where the meter sees those.
    bool wantsSpectra = false;
    /// Whether the run goes into it without asking; nothing: it asks.
    bool (*goesByItself)(const RunSetup &) = nullptr;
    /// Starts a measuring stage, given what the stages before it brought. Null for the others.
    std::unique_ptr<StageWork> (*begin)(RunResults &) = nullptr;
    /// Does the work of a stage without readings. \throws Error BadInput when no repetition will
    /// help, Device otherwise.
    StageResult (*make)(const RunResults &, const Devices &) = nullptr;
    /// What is kept, and back. \throws Error BadInput
    KeptResult (*keep)(const StageResult &) = nullptr;
    StageResult (*recall)(const KeptResult &, const std::string &where) = nullptr;
};

/// \throws Error BadInput for Done.
const StageEntry &stageEntry(Stage stage);
const std::vector<StageEntry> &stageRegistry();

/// Feeds logged readings to a stage, acknowledging everything in between.
/// \throws Error Device when the logged readings are not the ones the plan asks for.
void replay(StageWork &work, const std::vector<LoggedReading> &readings,
            const std::string &logbookPath);

/// Nothing when that run has no profile or no chart.
std::optional<CheckReference> checkReference(const RunResults &run);

/// What a check's readings say against its reference.
CheckFirst judgedCheck(const CheckReference &reference, const std::vector<Reading> &readings,
                       const std::string &source);

} // namespace lantern::run
