#pragma once

#include "core/plan/placement.h"
#include "core/plan/warm_up.h"

#include <QString>

#include <optional>
#include <set>
#include <vector>

namespace lantern::app {

/// What a machine can tell by itself before a run; empty where nobody could tell.
struct ReadyFacts {
    QString meterName;
    std::optional<bool> meterAnswers;
    QString meterSays;      ///< what it answered when it did not work
    QString certificateDue; ///< ISO 8601; empty: the meter has none
    bool certificateOverdue = false;
    QString correction; ///< that fits the meter to this panel, in words; empty: none known
    bool needsNoCorrection = false; ///< a meter that sees all light alike
    std::optional<double> minutesOn;
    std::optional<bool> nightLight, onBattery, lightSensor, keptAwake;
    std::optional<bool> foreignLut; ///< a video LUT in force that is not of the last run
    bool builtIn = false;           ///< a laptop's panel: nothing to turn
};

/// What a point of the checklist can offer to do.
enum class ReadyErrand { None, WatchWarmUp, FindMeter };

/// One point of the checklist.
struct ReadyPoint {
    QString key = {};                ///< the same in every language
    QString title = {}, reason = {}; ///< reason: why it matters, one line
    bool automatic = false;          ///< the program checked it by itself
    bool done = false;
    QString finding = {}; ///< what an automatic check found
    ReadyErrand errand = ReadyErrand::None;
};

/// The checklist, in the order of the work. \param ticked keys that the person confirmed
std::vector<ReadyPoint> readyPoints(const ReadyFacts &facts, const std::optional<WarmUp> &warmUp,
                                    const std::optional<Placement> &placement,
                                    const std::set<QString> &ticked);

} // namespace lantern::app
