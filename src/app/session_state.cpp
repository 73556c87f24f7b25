#include "app/session_state.h"

#include <QCoreApplication>

namespace lantern::app {

QString markWord(Mark mark)
{
    switch (mark) {
    case Mark::NotMeasured:
        return QCoreApplication::translate("Mark", "Not measured");
    case Mark::Within:
        return QCoreApplication::translate("Mark", "Within");
    case Mark::Near:
        return QCoreApplication::translate("Mark", "Near");
    case Mark::Over:
        return QCoreApplication::translate("Mark", "Over");
    case Mark::ByEye:
        return QCoreApplication::translate("Mark", "Judged by eye");
    case Mark::Stale:
        return QCoreApplication::translate("Mark", "Stale");
    }
    return {};
}

ViewId viewOf(run::Stage stage)
{
    using run::Stage;
    switch (stage) {
    case Stage::Ready:
    case Stage::Calibrate:
        return ViewId::Tone;
    case Stage::Adjust:
        return ViewId::White;
    case Stage::Measure:
    case Stage::Validate:
    case Stage::Done:
        return ViewId::Accuracy;
    case Stage::WarmUp:
    case Stage::Place:
        return ViewId::Ready;
    case Stage::Check:
        return ViewId::Check;
    case Stage::ByEye:
        return ViewId::ByEye;
    case Stage::Build:
    case Stage::Install:
        break;
    }
    return ViewId::Profile;
}

DisplayState presentState(const SessionState &state)
{
    const run::RunResults &r = state.results;
    if (r.after)
        return *r.after;
    std::vector<Reading> readings;
    if (r.calibration)
        for (const GreyPoint &g : r.calibration->greys)
            readings.push_back({{g.code, g.code, g.code}, g.measured});
    else if (!r.whites.empty())
        readings.push_back({{255, 255, 255}, r.whites.back().white});
    return displayState(readings, r.setup.aim);
}

} // namespace lantern::app
