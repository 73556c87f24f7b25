#include "app/views/start/start_model.h"

#include "app/state/wording.h"

#include <QCoreApplication>

namespace lantern::app {

namespace {

struct StartWords {
    Q_DECLARE_TR_FUNCTIONS(StartWords)
};

} // namespace

StartModel startModel(const SessionState &state)
{
    StartModel m;
    const bool hasDisplay = !state.displays.empty();
    const DisplayCard *card =
        hasDisplay ? &state.displays[static_cast<size_t>(state.selected)] : nullptr;
    const bool hasMeter = !state.meter.name.isEmpty();
    m.steps.push_back(
        {StartWords::tr("Choose the display and the meter"),
         StartWords::tr("Displays stand along the top as they stand on the desk. The meter is "
                        "chosen in the menu Meter; one that the desktop knows is found by itself."),
         hasDisplay && hasMeter
             ? StartWords::tr("%1, read with %2").arg(card->name, state.meter.name)
         : hasDisplay ? StartWords::tr("%1; no meter yet").arg(card->name)
                      : StartWords::tr("No display was found"),
         hasDisplay && hasMeter, ViewId::Ready, StartWords::tr("&To the checklist")});
    m.steps.push_back(
        {StartWords::tr("Say what the display is for"),
         StartWords::tr("An aim is a white, a brightness and a tone curve. There is one ready for "
                        "each kind of work, with the reason beside it."),
         fromCore(state.aim.name), state.hasRun() || state.lastTime.has_value(), ViewId::Aim,
         StartWords::tr("To the a&im")});
    const bool isRunning = state.hasRun() && state.status.activity != run::Activity::Finished;
    m.steps.push_back(
        {StartWords::tr("Hang the meter and begin"),
         StartWords::tr("The large button at the lower left always does the next thing. It leads "
                        "through the monitor's own controls, the greys, the chart and the proof. "
                        "Every reading is kept as it comes: you can stop, or be stopped, at any "
                        "time."),
         isRunning        ? StartWords::tr("under way")
         : state.lastTime ? StartWords::tr("done")
                          : StartWords::tr("not yet"),
         state.lastTime.has_value(), ViewId::White, StartWords::tr("To the &white")});
    m.steps.push_back(
        {StartWords::tr("See how good it has become"),
         StartWords::tr("Colours that the profile was not made from are shown and read. Their "
                        "differences, in ΔE00, are the proof; the report can be saved and given "
                        "to whoever asks."),
         card && card->lastMean ? StartWords::tr("ΔE00 %1 in the mean")
                                      .arg(QLocale().toString(*card->lastMean, 'f', 2))
                                : StartWords::tr("not yet"),
         card && card->lastMean.has_value(), ViewId::Accuracy, StartWords::tr("To the pr&oof")});
    m.steps.push_back(
        {StartWords::tr("Come back"),
         StartWords::tr("Displays drift. A check takes a minute, and a reminder comes when it is "
                        "due; the logbook keeps every run."),
         state.remindAfterDays > 0
             ? StartWords::tr("a reminder after %n day(s)", nullptr, state.remindAfterDays)
             : StartWords::tr("no reminder"),
         state.remindAfterDays > 0, ViewId::Settings, StartWords::tr("To the reminders")});
    return m;
}

} // namespace lantern::app
