#pragma once

#include "core/colour/colour.h"
#include "core/reading/meter_fault.h"
#include "run/book/stage.h"

#include <QString>

#include <optional>

namespace lantern::run {

/// What the engine is doing within a stage.
enum class Activity {
    Idle,    ///< no run
    Waiting, ///< for proceed(), before `stage`
    Working,
    Paused,  ///< by the person
    Faulted, ///< by a fault; message says what to do, resume() tries the same patch again
    Blocked, ///< the display cannot do what the aim asks, or the like: resuming cannot help
    Finished,
};

/// State of the engine, a plain value.
struct RunStatus {
    qint64 run = 0;
    Stage stage = Stage::Ready;
    Activity activity = Activity::Idle;
    QString message;                     ///< of a fault
    MeterFault fault = MeterFault::None; ///< what the meter said, if it was the meter
    int readingsDone = 0;                ///< in this stage
    int readingsLeft = 0;
    double secondsLeft = 0;         ///< estimate for this stage
    QString note;                   ///< what the person should know of this stage; may be empty
    std::optional<DeviceRgb> patch; ///< being read
};

} // namespace lantern::run
