#pragma once

#include "app/state/session_state.h"
#include "app/state/tune_steps.h"
#include "core/profile/rendition.h"

#include <QStringList>

#include <array>
#include <functional>
#include <memory>
#include <vector>

namespace lantern::app {

/// What the view of the fine-tuning shows.
struct FineTuneModel {
    QString why; ///< it cannot be tuned; empty: it can
    struct KnobRow {
        QString title, value; ///< of what is asked for
        QString less, more;   ///< what a step down and up does, in words
    };
    std::array<KnobRow, kKnobs> knobs;
    QString white;    ///< that it comes to, and how far it is from the aim
    QString readings; ///< what the meter said of it, or what is not known
    struct Control {
        QString title;
        double MonitorControls::*field;
        double value = 0;
    };
    std::vector<Control> controls; ///< of the monitor; none where they cannot be reached
    QString turn;                  ///< what the last turn of them did
    bool readsTurns = false;
    bool mayReset = false, mayKeep = false, mayRead = false;
    QString keep; ///< words on the button
};
FineTuneModel fineTuneModel(const SessionState &state);

/// How a sheet of sRGB values gets onto the screen: on a real display through its profile, whose
/// LUT does the rest; where the display is simulated, as it would look. Null: nothing to tune.
std::function<std::shared_ptr<const Rendition>()> sheetRendition(const SessionState &state);

} // namespace lantern::app
