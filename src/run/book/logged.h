#pragma once

#include "core/plan/plan.h"
#include "core/reading/reading.h"
#include "run/book/meter_spectrum.h"
#include "run/book/run_setup.h"

#include <QByteArray>
#include <QString>

#include <optional>

namespace lantern::run {

/// A reading as the logbook keeps it.
struct LoggedReading {
    Reading reading;
    QByteArray meterState = {};
    std::optional<MonitorControls> controls = {}; ///< where the monitor tells
    std::optional<ScreenRegion> region = {};      ///< lit; nothing: the patch's usual place
    QString takenAt = {}; ///< ISO 8601 with milliseconds, UTC; empty: logged before this was kept
    QString meter = {};   ///< that took it
    /// Where the stage wanted it and the meter has it; for its result, not kept with the reading.
    std::optional<MeterSpectrum> spectrum = {};
};

/// What a stage made, as it is kept: the fields of its result, and bytes that are no text.
struct KeptResult {
    QByteArray json;
    QByteArray bytes;
};

/// A finished stage.
struct KeptStage {
    Stage stage = Stage::Done;
    int version = 0; ///< of the plan that made it and of what is kept
    KeptResult result;
    QString problem; ///< why nothing could be kept; empty: all is well
};

} // namespace lantern::run
