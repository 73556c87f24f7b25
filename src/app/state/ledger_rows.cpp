#include "app/state/ledger_rows.h"

#include "app/state/stage_words.h"
#include "app/state/wording.h"
#include "run/book/in_words.h"

#include <QCoreApplication>
#include <QLocale>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

using run::Activity;

struct LedgerWords {
    Q_DECLARE_TR_FUNCTIONS(LedgerWords)
};

constexpr double kGamutMissing = 3; ///< per cent of the aimed one; common practice

template <class F>
auto from(const std::optional<DisplayState> &state, F &&pick) -> decltype(pick(*state))
{
    return state ? pick(*state) : std::nullopt;
}

struct Sources {
    std::optional<DisplayState> before, now, last;
};

template <class F> void fill(LedgerRow &row, const Sources &s, int decimals, F &&pick)
{
    row.before = figure(from(s.before, pick), decimals);
    row.now = figure(from(s.now, pick), decimals);
    row.lastTime = figure(from(s.last, pick), decimals);
}

/// What the tolerance says about some figures together. Before the validation has judged them, the
/// readings at hand are held against the limits as they are.
class Marks {
public:
    Marks(const SessionState &state, const DisplayState &now, const Aim &aim)
        : m_tolerance(run::toleranceOf(state.results.setup)),
          m_validation(state.results.validation && !state.wantsAnotherAim()
                           ? &*state.results.validation
                           : nullptr),
          m_aim(aim),
          m_values(aimFigureValues(now, aim))
    {}

    [[nodiscard]] Mark of(std::initializer_list<Figure> figures, bool measured) const
    {
        Call call = Call::NotJudged;
        for (const Figure figure : figures)
            call = std::max(call, callOf(figure));
        return call == Call::NotJudged && measured ? Mark::NotJudged : markOf(call);
    }
    [[nodiscard]] const Tolerance &tolerance() const { return m_tolerance; }

private:
    [[nodiscard]] Call callOf(Figure figure) const
    {
        if (m_validation) {
            if (const JudgedFigure *f = m_validation->verdict.find(figure))
                return f->call;
            return Call::NotJudged;
        }
        const auto &known = aimFigures();
        const auto at = std::find(known.begin(), known.end(), figure);
        const auto limit = limitOf(figure, m_tolerance, m_aim);
        if (at == known.end() || !limit)
            return Call::NotJudged;
        return judgeFigure(figure, m_values[static_cast<size_t>(at - known.begin())], *limit).call;
    }

    Tolerance m_tolerance;
    const Validation *m_validation;
    const Aim &m_aim;
    std::vector<double> m_values;
};

QString atMost(const std::optional<double> &limit)
{
    return limit ? QStringLiteral("≤ ") + figure(limit, 1) : dash();
}

LedgerRow readyRow(const SessionState &state)
{
    const auto done = std::count_if(state.ready.begin(), state.ready.end(),
                                    [](const ReadyPoint &p) { return p.done; });
    LedgerRow row{LedgerWords::tr("Ready"), LedgerWords::tr("points")};
    row.aim = QLocale().toString(state.ready.size());
    row.before = row.lastTime = dash();
    row.now = QLocale().toString(done);
    const bool all = done == static_cast<long>(state.ready.size());
    row.mark = all ? Mark::Within : state.readyConfirmed ? Mark::Open : Mark::NotMeasured;
    row.view = ViewId::Ready;
    return row;
}

/// The darkest or brightest field in white against the middle.
std::optional<double> worstLight(const Evenness &e)
{
    if (e.levels.empty())
        return std::nullopt;
    const EvenLevel &white = e.levels.front();
    return 100 * (1 - white.least >= white.most - 1 ? white.least : white.most);
}

/// What is being measured now, else what was measured last.
LedgerRow evennessRow(const SessionState &state, const Tolerance &tolerance)
{
    LedgerRow row{LedgerWords::tr("Evenness"), LedgerWords::tr("% of middle")};
    row.view = ViewId::Evenness;
    row.aim = tolerance.evenLight
                  ? LedgerWords::tr("100 ± %1").arg(figure(100 * *tolerance.evenLight, 0))
                  : dash();
    row.before = dash();
    const bool isNow = state.onErrand() && state.results.evenness;
    const size_t last = isNow ? 0 : 1;
    const Evenness *now = isNow                    ? &*state.results.evenness
                          : state.evenRuns.empty() ? nullptr
                                                   : &state.evenRuns.front()->evenness;
    row.now = now ? figure(worstLight(*now), 0) : dash();
    row.lastTime = state.evenRuns.size() > last
                       ? figure(worstLight(state.evenRuns[last]->evenness), 0)
                       : dash();
    if (now)
        row.mark = markOf(now->verdict.overall());
    return row;
}

LedgerRow profileRow(const SessionState &state)
{
    LedgerRow row{LedgerWords::tr("Profile in use"), {}};
    row.aim = LedgerWords::tr("this run", "short, in the Ledger");
    row.before = dash();
    row.lastTime = state.lastTime && !state.lastTime->installedPath.isEmpty()
                       ? QLocale().toString(
                             QDate::fromString(
                                 QString::fromStdString(state.lastTime->setup.startedAt).left(10),
                                 Qt::ISODate),
                             LedgerWords::tr("d MMM", "date of the last run"))
                       : dash();
    row.now = state.inUse.checked ? state.inUse.found : dash();
    const bool isExpected =
        !state.results.installedPath.isEmpty() || (!state.hasRun() && state.own().has_value());
    if (isExpected && state.inUse.checked)
        row.mark = state.inUse.profileMatches && state.inUse.lutMatches ? Mark::Within : Mark::Over;
    row.view = ViewId::Profile;
    return row;
}

/// The next display of the desk that no run or check speaks well of; to no step where there is
/// none.
MainAction toNextDisplay(const SessionState &state)
{
    const int next = nextDisplay(state);
    if (next < 0)
        return {};
    return {LedgerWords::tr("Go to %1").arg(state.displays[static_cast<size_t>(next)].name),
            {},
            NextStep::NextDisplay};
}

/// In a match, once the display's run is done; to no step apart from one.
MainAction inMatch(const SessionState &state)
{
    const QStringList &all = state.match.displays;
    const QString &here = state.displays[static_cast<size_t>(state.selected)].id;
    if (!state.match.isBegun() || !all.contains(here) || !isMatched(state, here))
        return {};
    const auto done =
        std::ranges::count_if(all, [&](const QString &id) { return isMatched(state, id); });
    const int next = nextMatched(state);
    const QString how = LedgerWords::tr("%1 of %2 that are to be alike.").arg(done).arg(all.size());
    if (next < 0)
        return {LedgerWords::tr("How alike they are"), how, NextStep::ShowMatch};
    return {LedgerWords::tr("Carry the meter to %1")
                .arg(state.displays[static_cast<size_t>(next)].name),
            how, NextStep::CarryMeter};
}

/// In the workshop; to no step where no batch is open.
MainAction inWorkshop(const SessionState &state)
{
    if (!state.batch)
        return {};
    if (state.unitDisplayGone)
        return {LedgerWords::tr("Connect the next unit"),
                LedgerWords::tr("The last one was unplugged. The display that comes is the next; "
                                "or choose above which one it is."),
                NextStep::None};
    const QString where = LedgerWords::tr("Connected as %1.")
                              .arg(state.displays[static_cast<size_t>(state.selected)].name);
    if (state.batchTable && run::isReferenceDue(*state.batchTable, *state.batch) &&
        state.batch->onBench.isEmpty())
        return {LedgerWords::tr("Read the reference unit"),
                LedgerWords::tr("%1, to see that the meter is still the same.")
                    .arg(state.batch->referenceUnit),
                NextStep::ReadReference};
    const QString next = nextUnit(state);
    if (next.isEmpty())
        return {LedgerWords::tr("Scan the next serial number"), {}, NextStep::None};
    const bool isCut = next == state.batch->onBench;
    return {isCut ? LedgerWords::tr("Go on with %1").arg(next)
                  : LedgerWords::tr("Measure %1").arg(next),
            state.unit.isEmpty() ? where : LedgerWords::tr("Connect it and hang the meter on it."),
            NextStep::MeasureUnit};
}

/// The run is complete: keep its report, then look at it or go on with another display.
MainAction afterRun(const SessionState &state)
{
    if (!state.results.setup.batch.empty() && state.batch)
        return inWorkshop(state);
    MainAction next = toNextDisplay(state);
    const MainAction open{LedgerWords::tr("Open the report"),
                          LedgerWords::tr("The report is saved."), NextStep::OpenReport};
    if (MainAction carry = inMatch(state); carry.step != NextStep::None) {
        const bool isSaved = !state.reportFolder.isEmpty();
        carry.other = isSaved ? open.text : LedgerWords::tr("Save the report");
        carry.otherStep = isSaved ? open.step : NextStep::SaveReport;
        return carry;
    }
    if (state.reportFolder.isEmpty()) {
        MainAction save{LedgerWords::tr("Save the report"), LedgerWords::tr("The run is complete."),
                        NextStep::SaveReport};
        save.other = next.text;
        save.otherStep = next.step;
        return save;
    }
    if (next.step == NextStep::None)
        return open;
    next.hint = open.hint;
    next.other = open.text;
    next.otherStep = open.step;
    return next;
}

/// In the view of the check: check, or act on what it found.
MainAction checkAction(const SessionState &state)
{
    if (!state.check)
        return {LedgerWords::tr("Check the last run"),
                LedgerWords::tr("One minute with the meter; changes nothing."),
                NextStep::CheckFirst};
    if (state.check->verdict == CheckFirst::Verdict::Holds) {
        MainAction next = toNextDisplay(state);
        if (next.step == NextStep::None)
            next.text = LedgerWords::tr("It holds");
        next.hint = LedgerWords::tr("This display holds: nothing has to be done.");
        next.other = LedgerWords::tr("Check again");
        next.otherStep = NextStep::CheckFirst;
        return next;
    }
    return {LedgerWords::tr("Run again with the same aim"),
            run::inLocale(aimSummary(state.lastTime->setup.aim)), NextStep::SameAgain};
}

MainAction beforeRun(const SessionState &state)
{
    if (state.batch && (state.view == ViewId::Workshop || !state.unit.isEmpty()))
        return inWorkshop(state);
    if (state.unfinishedRun && !state.readyConfirmed && !state.freshRunWanted)
        return {LedgerWords::tr("Go on with the unfinished run"),
                LedgerWords::tr("Every reading taken is kept. Run menu: discard it."),
                NextStep::ResumeOldRun};
    if (state.view == ViewId::Check && !state.readyConfirmed && state.lastTime)
        return checkAction(state);
    if (const MainAction carry = inMatch(state);
        carry.step == NextStep::CarryMeter && !state.readyConfirmed && !state.freshRunWanted)
        return carry;
    if (!state.readyConfirmed && state.view != ViewId::Ready)
        return {LedgerWords::tr("Check the display"),
                LedgerWords::tr("Most failures come from skipping this."), NextStep::ShowReady};
    if (!state.readyConfirmed) {
        const auto open = std::count_if(state.ready.begin(), state.ready.end(),
                                        [](const ReadyPoint &p) { return !p.done; });
        return {open == 0   ? LedgerWords::tr("Ready: choose the aim")
                : open == 1 ? LedgerWords::tr("Go on with 1 point open")
                            : LedgerWords::tr("Go on with %1 points open").arg(open),
                open == 0 ? QString() : LedgerWords::tr("Each open point can spoil the readings."),
                NextStep::ConfirmReady};
    }
    if (state.view != ViewId::Aim)
        return {LedgerWords::tr("Choose the aim"), QString(), NextStep::ChooseAim};
    if (!state.aimProblem.isEmpty())
        return {LedgerWords::tr("Change the aim"), state.aimProblem, NextStep::ChooseAim};
    const QString where =
        state.slotWanted
            ? LedgerWords::tr(" Into slot %1 of the monitor.").arg(*state.slotWanted + 1)
            : QString();
    return {LedgerWords::tr("Use this aim"), run::inLocale(aimSummary(state.aim)) + where,
            NextStep::BeginRun};
}

/// While a person turns the controls: going on is the thing to do only when white is right or the
/// controls can do no more.
MainAction byHand(const SessionState &state)
{
    const auto &advice = state.results.handAdvice;
    const QString hint = LedgerWords::tr("Reading again and again while you turn.");
    const QString goOn = LedgerWords::tr("Go on with white as it is");
    if (!advice)
        return {LedgerWords::tr("Reading white"), hint, NextStep::None, goOn, NextStep::Proceed};
    const double percent = std::round(100 * std::abs(advice->luminanceError));
    const QString light = advice->luminanceError < 0
                              ? LedgerWords::tr("%1 % too dark").arg(figure(percent, 0))
                              : LedgerWords::tr("%1 % too bright").arg(figure(percent, 0));
    const bool right = advice->whiteIsRight && advice->luminanceIsRight;
    if (right)
        return {LedgerWords::tr("White is right: go on"), hint, NextStep::Proceed};
    if (!advice->turn)
        return {advice->luminanceIsRight ? goOn : LedgerWords::tr("Go on, %1").arg(light),
                LedgerWords::tr("The controls can do no more."), NextStep::Proceed};
    const bool less = advice->turn->light < 1;
    QString off;
    switch (advice->turn->control) {
    case Control::RedGain:
        off =
            less ? LedgerWords::tr("Still too much red") : LedgerWords::tr("Still too little red");
        break;
    case Control::GreenGain:
        off = less ? LedgerWords::tr("Still too much green")
                   : LedgerWords::tr("Still too little green");
        break;
    case Control::BlueGain:
        off = less ? LedgerWords::tr("Still too much blue")
                   : LedgerWords::tr("Still too little blue");
        break;
    case Control::Contrast:
    case Control::Brightness:
        off = LedgerWords::tr("Still %1").arg(light);
    }
    return {off, hint, NextStep::None, goOn, NextStep::Proceed};
}

} // namespace

QString nextUnit(const SessionState &state)
{
    if (!state.batch)
        return {};
    if (!state.batch->onBench.isEmpty())
        return state.batch->onBench;
    return state.batch->queue.isEmpty() ? QString() : state.batch->queue.front();
}

std::vector<LedgerRow> ledgerRows(const SessionState &state)
{
    const run::RunResults &r = state.results;
    const Aim &aim = state.ledgerAim();
    Sources s{r.before, presentState(state.results), {}};
    if (state.lastTime)
        s.last = state.lastTime->after;
    const Marks marks(state, *s.now, aim);
    std::vector<LedgerRow> rows = {readyRow(state)};

    LedgerRow white{LedgerWords::tr("White point"), QStringLiteral("K")};
    white.view = ViewId::White;
    const auto kelvin = aimedKelvin(aim);
    white.aim = kelvin ? figure(kelvin, 0) : LedgerWords::tr("native");
    fill(white, s, 0,
         [](const DisplayState &d) { return d.cct ? std::optional(d.cct->kelvin) : std::nullopt; });
    if (s.now->white && !s.now->cct) { // too far from the blackbodies for a temperature
        const Chromaticity c = chromaticity(*s.now->white);
        white.now = QStringLiteral("%1 %2").arg(figure(c.x, 3), figure(c.y, 3));
        white.unit = LedgerWords::tr("x y");
    }
    white.mark = marks.of({Figure::White}, s.now->white.has_value());
    rows.push_back(white);

    LedgerRow luminance{LedgerWords::tr("Luminance"), QStringLiteral("cd/m²")};
    luminance.view = ViewId::White;
    luminance.aim = aim.luminanceCdM2 ? figure(aim.luminanceCdM2, 1) : LedgerWords::tr("native");
    fill(luminance, s, 1,
         [](const DisplayState &d) { return d.white ? std::optional(d.white->Y) : std::nullopt; });
    luminance.mark = marks.of({Figure::Luminance, Figure::Brightness}, s.now->white.has_value());
    rows.push_back(luminance);

    LedgerRow black{LedgerWords::tr("Black"), QStringLiteral("cd/m²")};
    black.view = ViewId::Tone;
    black.aim = aim.contrastRatio ? QStringLiteral("1:") + figure(aim.contrastRatio, 0)
                                  : LedgerWords::tr("native");
    fill(black, s, 3,
         [](const DisplayState &d) { return d.black ? std::optional(d.black->Y) : std::nullopt; });
    black.mark = marks.of({Figure::Contrast, Figure::BareContrast}, s.now->black.has_value());
    rows.push_back(black);

    LedgerRow tone{LedgerWords::tr("Tone curve"), LedgerWords::tr("gamma")};
    tone.view = ViewId::Tone;
    if (const auto *g = std::get_if<GammaTone>(&aim.tone)) {
        tone.aim = figure(g->gamma, 2);
        fill(tone, s, 2, [](const DisplayState &d) { return d.gamma; });
    } else if (std::holds_alternative<NativeTone>(aim.tone))
        tone.aim = LedgerWords::tr("native");
    else { // an exponent says nothing of such a curve
        tone.unit = LedgerWords::tr("% off %1").arg(run::inLocale(toneName(aim.tone)));
        const auto limit = marks.tolerance().toneMean;
        tone.aim = atMost(limit ? std::optional(100 * *limit) : std::nullopt);
        fill(tone, s, 1, [](const DisplayState &d) {
            return d.toneError ? std::optional(100 * *d.toneError) : std::nullopt;
        });
    }
    tone.mark = marks.of({Figure::ToneMean, Figure::GreySteps}, s.now->gamma.has_value());
    rows.push_back(tone);

    LedgerRow grey{LedgerWords::tr("Tint of greys"), LedgerWords::tr("ΔE00, worst")};
    grey.view = ViewId::Tone;
    grey.aim = atMost(marks.tolerance().greyMean);
    const auto tints = [](const std::optional<DisplayState> &d) {
        return d && d->greyBalance ? QStringLiteral("%1, %2").arg(figure(d->greyBalance, 1),
                                                                  figure(d->greyWorst, 1))
                                   : dash();
    };
    grey.before = tints(s.before);
    grey.now = tints(s.now);
    grey.lastTime = tints(s.last);
    if (r.validation) { // with what scatter adds taken off, as the verdict has it
        const JudgedFigure *mean = r.validation->verdict.find(Figure::GreyMean);
        const JudgedFigure *worst = r.validation->verdict.find(Figure::GreyWorst);
        if (mean && worst)
            grey.now =
                QStringLiteral("%1, %2").arg(figure(mean->value, 1), figure(worst->value, 1));
    }
    grey.mark = marks.of({Figure::GreyMean, Figure::GreyWorst}, s.now->greyBalance.has_value());
    rows.push_back(grey);

    // Of sRGB, or of the aimed primaries.
    LedgerRow gamut{LedgerWords::tr("Gamut"),
                    aim.primaries ? LedgerWords::tr("% of aim") : LedgerWords::tr("% sRGB")};
    gamut.view = ViewId::Gamut;
    gamut.aim = aim.primaries ? QStringLiteral("100") : LedgerWords::tr("native");
    const auto covered = [&aim](const DisplayState &d) -> std::optional<double> {
        if (!d.primaries)
            return std::nullopt;
        return 100 * gamutCoverage(*d.primaries, aim.primaries.value_or(kSrgbPrimaries));
    };
    fill(gamut, s, 0, covered);
    gamut.mark = Mark::NotMeasured;
    if (const auto now = covered(*s.now))
        gamut.mark = !aim.primaries                ? Mark::NotJudged
                     : 100 - *now <= kGamutMissing ? Mark::Within
                                                   : Mark::Over;
    rows.push_back(gamut);

    LedgerRow accuracy{LedgerWords::tr("Colour accuracy"), QStringLiteral("ΔE00")};
    accuracy.view = ViewId::Accuracy;
    const bool isUsual = marks.tolerance().formula == DifferenceFormula::De2000;
    accuracy.aim = isUsual ? atMost(marks.tolerance().colourMean) : dash(); // of other differences
    accuracy.before = dash();
    std::optional<double> mean;
    if (r.validation)
        mean = r.validation->meanDeltaE00;
    accuracy.now = figure(mean, 2);
    accuracy.mark =
        marks.of({Figure::ColourMean, Figure::Colour95, Figure::ColourWorst}, mean.has_value());
    std::optional<double> lastMean;
    if (state.lastTime && state.lastTime->validation)
        lastMean = state.lastTime->validation->meanDeltaE00;
    accuracy.lastTime = figure(lastMean, 2);
    if (state.byEye && !r.validation) { // nobody measured it: no figure
        accuracy.now = LedgerWords::tr("by eye");
        accuracy.mark = Mark::ByEye;
    }
    rows.push_back(accuracy);

    rows.push_back(evennessRow(state, marks.tolerance()));
    rows.push_back(profileRow(state));
    return rows;
}

int nextDisplay(const SessionState &state)
{
    const int count = static_cast<int>(state.displays.size());
    for (int i = 1; i < count; ++i) {
        const int index = (state.selected + i) % count;
        if (state.displays[static_cast<size_t>(index)].mark != Mark::Within)
            return index;
    }
    return -1;
}

MainAction mainAction(const SessionState &state)
{
    if (state.preparing)
        return {LedgerWords::tr("Preparing the demo"),
                LedgerWords::tr("Earlier runs are being measured."), NextStep::None};
    const StageWords words = stageWords(state.status.stage, state);
    switch (state.status.activity) {
    case Activity::Idle:
        return beforeRun(state);
    case Activity::Waiting:
        return {words.verb, words.hint, NextStep::Proceed};
    case Activity::Working:
        if (words.openEnded && !words.verb.isEmpty()) // a person decides when it is over
            return byHand(state);
        return {words.working, QString(), NextStep::None};
    case Activity::Paused:
        return {LedgerWords::tr("Go on"), LedgerWords::tr("Paused; nothing is lost."),
                NextStep::Resume};
    case Activity::Faulted:
        return {LedgerWords::tr("Go on"), LedgerWords::tr("The same patch is read again."),
                NextStep::Resume};
    case Activity::Blocked:
        if (state.onErrand())
            return {LedgerWords::tr("Leave it"), QString(), NextStep::LeaveErrand};
        return {LedgerWords::tr("Choose another aim"), QString(), NextStep::ChooseAim};
    case Activity::Finished:
        if (state.wantsAnotherAim())
            return {LedgerWords::tr("New run with this aim"),
                    state.aimProblem.isEmpty()
                        ? LedgerWords::tr("The run just made is kept as it is.")
                        : state.aimProblem,
                    state.aimProblem.isEmpty() ? NextStep::NewRun : NextStep::ChooseAim};
        return afterRun(state);
    }
    return {};
}

} // namespace lantern::app
