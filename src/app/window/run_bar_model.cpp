#include "app/window/run_bar_model.h"

#include "app/state/stage_words.h"
#include "app/state/wording.h"

#include <QCoreApplication>

namespace lantern::app {

namespace {

struct RunWords {
    Q_DECLARE_TR_FUNCTIONS(RunBar)
};

using run::Activity;

/// The error that is expected of the profile, while patches are chosen by it.
QString expectedText(const run::RunResults &r)
{
    if (r.expectedSoFar.empty())
        return {};
    QString text =
        RunWords::tr(" · expects ΔE00 %1").arg(figure(r.expectedSoFar.back().meanDeltaE00, 2));
    if (r.setup.expectedError > 0)
        text += RunWords::tr(", asked for %1").arg(figure(r.setup.expectedError, 2));
    return text;
}

} // namespace

RunBarModel runBarModel(const SessionState &state)
{
    const run::RunStatus &s = state.status;
    const StageWords words = stageWords(s.stage, state);
    RunBarModel m;
    m.shown = state.isMeasuring();
    m.openEnded = words.openEnded;
    m.done = s.readingsDone;
    m.total = s.readingsDone + s.readingsLeft;
    m.resumes = s.activity != Activity::Working;
    m.what = words.title;
    if (s.activity == Activity::Paused)
        m.what += RunWords::tr(" · paused, %1 of %2 read").arg(s.readingsDone).arg(m.total);
    else if (s.activity == Activity::Faulted)
        m.what += RunWords::tr(" · waiting for you");
    else {
        if (m.openEnded)
            m.what += RunWords::tr(" · reading %1").arg(s.readingsDone + 1);
        else if (m.total > 0)
            m.what += RunWords::tr(" · reading %1 of %2").arg(s.readingsDone + 1).arg(m.total);
        if (s.patch && m.total > 0)
            m.what +=
                QStringLiteral(" · RGB %1 %2 %3").arg(s.patch->r).arg(s.patch->g).arg(s.patch->b);
    }
    if (liveShowOf(s.stage) == LiveShow::Chart)
        m.what += expectedText(state.results);
    if (s.activity == Activity::Working && !m.openEnded)
        m.left = timeLeftText(s.secondsLeft);
    return m;
}

} // namespace lantern::app
