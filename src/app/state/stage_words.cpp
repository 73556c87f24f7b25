#include "app/state/stage_words.h"

#include "core/plan/chart.h"

#include <QCoreApplication>
#include <QLocale>

#include <iterator>
#include <utility>

namespace lantern::app {

namespace {

using run::Stage;

struct StagesWords {
    Q_DECLARE_TR_FUNCTIONS(StagesWords)
};

QString measureVerb(const SessionState &state)
{
    const run::RunSetup &setup = state.results.setup;
    if (setup.expectedError > 0)
        return StagesWords::tr("Measure until ΔE00 %1").arg(QLocale().toString(setup.expectedError, 'f', 2));
    if (setup.maxMinutes > 0)
        return StagesWords::tr("Measure for %1 minutes").arg(QLocale().toString(setup.maxMinutes, 'f', 0));
    return StagesWords::tr("Measure %1 patches").arg(setup.chartPatches);
}

/// Between the patches white is read again: readings are more than patches.
QString measureHint(const SessionState &state)
{
    const run::RunSetup &setup = state.results.setup;
    if (setup.expectedError > 0 || setup.maxMinutes > 0)
        return StagesWords::tr("Then the profile is built from them.");
    static std::pair<int, int> known; // patches, readings
    if (known.first != setup.chartPatches || !setup.chartList.empty())
        known = {
            setup.chartPatches,
            static_cast<int>(measuringOrder(setup.chartList.empty() ? makeChart(setup.chartPatches)
                                                                    : setup.chartList)
                                 .size())};
    const int readings = known.second;
    return StagesWords::tr("%1 readings with the whites in between. Then the profile is built from them.")
        .arg(readings);
}

QString adjustHint(const SessionState &state)
{
    const DisplayCard &card = state.displays[static_cast<size_t>(state.selected)];
    if (!card.can.remoteControls)
        return StagesWords::tr("You turn, the program reads and advises.");
    return card.builtIn ? StagesWords::tr("The program turns the panel's brightness.")
                        : StagesWords::tr("The program turns the monitor's own controls.");
}

QString calibrateHint(const SessionState &state)
{
    return state.results.setup.loadsLut
               ? StagesWords::tr("Greys are read and the video LUT is corrected until it fits.")
               : StagesWords::tr("This output has no video LUT: greys are read, the tone curve stays the "
                    "panel's own, and the profile carries it.");
}

/// An entry; verbNow and hintNow where the words depend on the run or the display.
struct Entry {
    Stage stage;
    ViewId view;
    const char *title, *verb, *hint, *working;
    LiveShow live = LiveShow::Nothing;
    /// How long it takes depends on a person or a panel.
    bool (*openEnded)(const run::RunSetup &setup) = nullptr;
    QString (*verbNow)(const SessionState &) = nullptr;
    QString (*hintNow)(const SessionState &) = nullptr;
};

bool always(const run::RunSetup &)
{
    return true;
}

bool whenByHand(const run::RunSetup &setup)
{
    return setup.adjust == run::AdjustMode::ByHand;
}

constexpr Entry kEntries[] = {
    {Stage::Settle, ViewId::Tone, QT_TRANSLATE_NOOP("Stages", "How fast it settles"),
     QT_TRANSLATE_NOOP("Stages", "Read the display as it is"),
     QT_TRANSLATE_NOOP("Stages",
                       "First how fast its light settles, then what it shows, for comparison."),
     QT_TRANSLATE_NOOP("Stages", "Learning how fast it settles")},
    {Stage::Ready, ViewId::Tone, QT_TRANSLATE_NOOP("Stages", "As found"),
     QT_TRANSLATE_NOOP("Stages", "Read the display as it is"),
     QT_TRANSLATE_NOOP("Stages", "White, black, primaries and nine greys, for comparison."),
     QT_TRANSLATE_NOOP("Stages", "Reading the display"), LiveShow::Greys},
    {Stage::Adjust, ViewId::White, QT_TRANSLATE_NOOP("Stages", "White point"),
     QT_TRANSLATE_NOOP("Stages", "Adjust white"), nullptr,
     QT_TRANSLATE_NOOP("Stages", "Adjusting white"), LiveShow::White, whenByHand, nullptr,
     adjustHint},
    {Stage::Calibrate, ViewId::Tone, QT_TRANSLATE_NOOP("Stages", "Tone and grey"),
     QT_TRANSLATE_NOOP("Stages", "Calibrate tone and grey"), nullptr,
     QT_TRANSLATE_NOOP("Stages", "Calibrating"), LiveShow::Greys, nullptr, nullptr, calibrateHint},
    {Stage::Measure, ViewId::Accuracy, QT_TRANSLATE_NOOP("Stages", "Chart"), nullptr, nullptr,
     QT_TRANSLATE_NOOP("Stages", "Measuring"), LiveShow::Chart, nullptr, measureVerb, measureHint},
    {Stage::Build, ViewId::Profile, QT_TRANSLATE_NOOP("Stages", "Profile"),
     QT_TRANSLATE_NOOP("Stages", "Build the profile"),
     QT_TRANSLATE_NOOP("Stages", "From the readings just taken."),
     QT_TRANSLATE_NOOP("Stages", "Building the profile")},
    {Stage::Install, ViewId::Profile, QT_TRANSLATE_NOOP("Stages", "Install"),
     QT_TRANSLATE_NOOP("Stages", "Install the profile"),
     QT_TRANSLATE_NOOP("Stages", "For your account; it takes effect at once."),
     QT_TRANSLATE_NOOP("Stages", "Installing the profile")},
    {Stage::Validate, ViewId::Accuracy, QT_TRANSLATE_NOOP("Stages", "Validation"),
     QT_TRANSLATE_NOOP("Stages", "Validate"),
     QT_TRANSLATE_NOOP(
         "Stages", "Known colours are read through the profile, greys and white against the aim."),
     QT_TRANSLATE_NOOP("Stages", "Validating"), LiveShow::KnownColours},
    {Stage::WarmUp, ViewId::Ready, QT_TRANSLATE_NOOP("Stages", "Warming up"), nullptr, nullptr,
     QT_TRANSLATE_NOOP("Stages", "Watching it warm up"), LiveShow::Nothing, always},
    {Stage::Place, ViewId::Ready, QT_TRANSLATE_NOOP("Stages", "Where is the meter"), nullptr,
     nullptr, QT_TRANSLATE_NOOP("Stages", "Looking for the meter")},
    {Stage::Check, ViewId::Check, QT_TRANSLATE_NOOP("Stages", "Check first"), nullptr, nullptr,
     QT_TRANSLATE_NOOP("Stages", "Checking")},
    {Stage::FourColours, ViewId::Ready, QT_TRANSLATE_NOOP("Stages", "Four colours"), nullptr,
     nullptr, QT_TRANSLATE_NOOP("Stages", "Reading four colours")},
    {Stage::Evenness, ViewId::Evenness, QT_TRANSLATE_NOOP("Stages", "Evenness"), nullptr, nullptr,
     QT_TRANSLATE_NOOP("Stages", "Measuring evenness")},
    {Stage::Mode, ViewId::Modes, QT_TRANSLATE_NOOP("Stages", "Picture mode"), nullptr, nullptr,
     QT_TRANSLATE_NOOP("Stages", "Reading the picture mode")},
    {Stage::Take, ViewId::Accuracy, nullptr, nullptr, nullptr, nullptr},
    {Stage::ByEye, ViewId::ByEye, nullptr, nullptr, nullptr, nullptr},
    {Stage::Done, ViewId::Accuracy, nullptr, nullptr, nullptr, nullptr},
};

const Entry &entryOf(Stage stage)
{
    for (const Entry &entry : kEntries)
        if (entry.stage == stage)
            return entry;
    return kEntries[std::size(kEntries) - 1];
}

QString words(const char *text)
{
    return text ? StagesWords::tr(text) : QString();
}

} // namespace

StageWords stageWords(Stage stage, const SessionState &state)
{
    const Entry &e = entryOf(stage);
    return {stage,
            e.view,
            words(e.title),
            e.verbNow ? e.verbNow(state) : words(e.verb),
            e.hintNow ? e.hintNow(state) : words(e.hint),
            words(e.working),
            e.openEnded && e.openEnded(state.results.setup)};
}

ViewId viewOf(Stage stage)
{
    return entryOf(stage).view;
}

LiveShow liveShowOf(Stage stage)
{
    return entryOf(stage).live;
}

} // namespace lantern::app
