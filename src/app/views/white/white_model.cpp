#include "app/views/white/white_model.h"

#include "app/state/stage_words.h"
#include "app/state/wording.h"
#include "core/judge/first_look.h"
#include "run/book/in_words.h"

#include <QCoreApplication>
#include <QStringList>

#include <cmath>

namespace lantern::app {

namespace {

struct White {
    Q_DECLARE_TR_FUNCTIONS(White)
};

using run::Activity;
using run::AdjustMode;

bool isGain(size_t control)
{
    return control >= 1 && control <= 3;
}

bool isAdjusting(const SessionState &state)
{
    return state.hasRun() && liveShowOf(state.status.stage) == LiveShow::White;
}

/// The present white, else the one found before.
std::optional<XYZ> presentWhite(const run::RunResults &r)
{
    const DisplayState now = presentState(r);
    if (now.white)
        return now.white;
    return r.before ? r.before->white : std::nullopt;
}

DialData dialData(const run::RunResults &r, const Aim &aim)
{
    DialData dial;
    for (const WhiteReading &w : r.whites)
        dial.trail.push_back(uvPrime(w.white));
    if (const auto white = presentWhite(r);
        white && (r.calibration || r.after || dial.trail.empty()))
        dial.trail.push_back(uvPrime(*white));
    if (!dial.trail.empty())
        dial.aim = uvPrime(aimChromaticity(aim, chromaticity(dial.trail.back())));
    return dial;
}

/// Where the turns that are advised would take white.
void addArrows(const run::RunResults &r, const XYZ &white, DialData &dial)
{
    const std::array names = {White::tr("red"), White::tr("green"), White::tr("blue")};
    auto add = [&](size_t channel, double light) {
        if (std::abs(light - 1) <= 0.004)
            return;
        Vec3 one = Vec3::Ones();
        one[static_cast<Eigen::Index>(channel)] = light;
        dial.arrows.push_back(
            {uvPrime(whiteAfter(white, *r.before->primaries, one)), names[channel]});
    };
    for (size_t c = 0; c < 3; ++c) {
        const auto index = static_cast<Eigen::Index>(c);
        if (r.handAdvice) {
            if (r.handAdvice->turn && static_cast<size_t>(r.handAdvice->turn->control) == c + 1)
                add(c, r.handAdvice->turn->light);
        } else if (r.controls &&
                   std::round((*r.controls).*kGainFields[c]) != r.advice->controls.*kGainFields[c])
            add(c, r.advice->wanted[index] / r.advice->wanted.maxCoeff());
    }
}

/// \returns whether there is advice and something to turn
bool isAdvised(const run::RunResults &r)
{
    return r.handAdvice ? r.handAdvice->turn.has_value() : r.advice && !r.advice->settled;
}

/// What is advised for one control; empty: nothing for now.
QString adviceFor(const run::RunResults &r, size_t control, const std::optional<double> &now)
{
    if (r.handAdvice) {
        const auto &turn = r.handAdvice->turn;
        if (!turn)
            return White::tr("leave");
        if (static_cast<size_t>(turn->control) != control)
            return {}; // one at a time
        const QString text = turn->to && now ? stepsText(*now, *turn->to) : lightText(turn->light);
        return turn->takesBack ? White::tr("back %1", "back up about 3").arg(text) : text;
    }
    if (!r.advice)
        return {};
    if (r.advice->settled || control == 0 || !now)
        return White::tr("leave");
    return stepsText(*now, r.advice->controls.*kControlFields[control]);
}

/// A number that cannot be true is named, with what the light did.
QString doubtText(const HandAdvice::Doubt &doubt)
{
    const std::array names = {White::tr("Contrast"), White::tr("Red gain"), White::tr("Green gain"),
                              White::tr("Blue gain"), White::tr("Brightness")};
    const QString name = names[static_cast<size_t>(doubt.control)];
    const double percent = std::round(100 * std::abs(doubt.light - 1));
    const QString light = doubt.light < 1
                              ? White::tr("its light fell by %1 %").arg(figure(percent, 0))
                              : White::tr("its light rose by %1 %").arg(figure(percent, 0));
    if (doubt.changed)
        return White::tr("%1: the number typed in does not fit, for %2. Look at what the monitor "
                         "shows.")
            .arg(name, light);
    return White::tr("%1: %2, and its number here is the old one. Type in what the monitor shows.")
        .arg(name, light);
}

/// How far the present white lies from the aim and in which direction.
QString dialInWords(const DialData &dial)
{
    if (dial.trail.empty() || !dial.aim)
        return White::tr("No white has been read yet.");
    const UvPrime &white = dial.trail.back();
    const double du = white.u - dial.aim->u;
    const double dv = white.v - dial.aim->v;
    constexpr double kNothing = 0.00005; // shown with four decimals
    QStringList ways;
    if (std::abs(du) >= kNothing)
        ways << (du > 0 ? White::tr("%1 in u' towards red") : White::tr("%1 in u' towards green"))
                    .arg(figure(std::abs(du), 4));
    if (std::abs(dv) >= kNothing)
        ways << (dv > 0 ? White::tr("%1 in v' towards yellow") : White::tr("%1 in v' towards blue"))
                    .arg(figure(std::abs(dv), 4));
    const QString distance =
        White::tr("White is %1 from the aim in Δu'v'").arg(figure(std::hypot(du, dv), 4));
    QString text = ways.isEmpty()
                       ? distance + QLatin1Char('.')
                       : White::tr("%1: %2.").arg(distance, ways.join(QStringLiteral(", ")));
    for (const DialData::Arrow &arrow : dial.arrows)
        text += White::tr(" An arrow shows where the advised turn of %1 leads.").arg(arrow.label);
    return text;
}

void addFigures(const XYZ &white, const Aim &aim, WhiteModel &m)
{
    const Chromaticity xy = chromaticity(white);
    const Cct cct = correlatedColourTemperature(xy);
    const bool hasKelvin = std::abs(cct.duv) <= kMostDuv; // else it has no meaning
    m.kelvin = hasKelvin ? White::tr("%1 K").arg(figure(cct.kelvin, 0)) : dash();
    QString aimed = White::tr("native");
    if (!std::holds_alternative<NativeWhite>(aim.white))
        aimed = White::tr("%1 K (%2)")
                    .arg(figure(aimedKelvin(aim), 0), run::inLocale(whiteName(aim.white)));
    m.aimed = hasKelvin
                  ? White::tr("aim %1 · Duv %2").arg(aimed, figure(cct.duv, 4))
                  : White::tr("aim %1 · x %2 y %3").arg(aimed, figure(xy.x, 4), figure(xy.y, 4));
    if (m.dial.aim)
        m.delta = White::tr("%1 Δu'v'").arg(figure(deltaUvPrime(uvPrime(white), *m.dial.aim), 4));
    m.luminance = White::tr("%1 cd/m²").arg(figure(white.Y, 1));
    m.luminanceTip = aim.luminanceCdM2 ? White::tr("aim %1 cd/m²").arg(figure(aim.luminanceCdM2, 1))
                                       : White::tr("aim: native");
}

void addControls(const SessionState &state, WhiteModel &m)
{
    const run::RunResults &r = state.results;
    const auto &can = state.displays[static_cast<size_t>(state.selected)].can;
    const bool builtIn = state.displays[static_cast<size_t>(state.selected)].builtIn;
    const bool adjusting = isAdjusting(state);
    const bool choice = adjusting && state.status.activity != Activity::Blocked;
    const AdjustMode mode = state.shown().setup.adjust;
    if (choice && can.remoteControls) {
        m.switchText = mode == AdjustMode::ByHand ? White::tr("&Let the program turn them")
                                                  : White::tr("&Turn them by hand");
        m.switchTo = mode == AdjustMode::ByHand ? AdjustMode::Automatic : AdjustMode::ByHand;
    }
    m.maySkip = choice && !can.remoteControls && mode == AdjustMode::ByHand;
    if (!state.hasRun())
        return;
    if (r.setup.adjust == AdjustMode::Skip) {
        m.note =
            r.setup.loadsLut
                ? White::tr("This display has nothing to turn: the video LUT brings white to the "
                            "aim.")
                : White::tr("This display has nothing to turn, and its output no video LUT: white "
                            "stays its own.");
        return;
    }
    m.showsControls = true;
    m.controlsOf = QStringLiteral("%1 %2")
                       .arg(QString::fromStdString(r.setup.displayId))
                       .arg(state.status.run);
    m.typedIn = adjusting && !can.remoteControls;
    const bool leftAlone = r.setup.adjust == AdjustMode::Automatic && r.whites.size() == 1;
    if (!adjusting)
        m.note = leftAlone ? White::tr("White and luminance were good as they stood: nothing was "
                                       "turned.")
                 : r.controls ? White::tr("Noted in the report.")
                              : White::tr("Nothing was typed in, so the report has none of them.");
    else if (m.typedIn)
        m.note = White::tr("Turn them on the monitor itself. Type in what it shows, and the advice "
                           "is in its own steps.");
    if (adjusting && r.handAdvice && r.handAdvice->doubt) {
        m.note = doubtText(*r.handAdvice->doubt);
        m.noteWarns = true;
    }
    const auto &before = state.lastTime ? state.lastTime->controls : std::nullopt;
    m.showsLastTime = before.has_value();
    for (size_t i = 0; i < kControlFields.size(); ++i) {
        WhiteModel::Control &control = m.controls[i];
        const auto field = kControlFields[i];
        control.exists = isGain(i) ? can.gains : !builtIn || field == &MonitorControls::brightness;
        std::optional<double> value;
        if (r.controls)
            value = (*r.controls).*field;
        if (value)
            control.value = static_cast<int>(std::lround(*value));
        if (adjusting)
            control.advice = adviceFor(r, i, value);
        if (before)
            control.lastTime = figure((*before).*field, 0);
    }
}

} // namespace

QString stepsText(double now, double proposed)
{
    const double steps = std::round(proposed - now);
    if (steps == 0)
        return White::tr("leave");
    return steps < 0 ? White::tr("down about %1").arg(figure(-steps, 0))
                     : White::tr("up about %1").arg(figure(steps, 0));
}

QString lightText(double factor)
{
    const double percent = std::max(1.0, std::round(100 * std::abs(factor - 1)));
    return factor < 1 ? White::tr("down, %1 % less light").arg(figure(percent, 0))
                      : White::tr("up, %1 % more light").arg(figure(percent, 0));
}

namespace {

/// What the run under way has seen first; of other runs the report says it.
QString firstLookText(const SessionState &state)
{
    if (!state.hasRun())
        return {};
    QStringList parts;
    for (const FirstSight &s : firstLook(state.results.found, state.results.setup.patchGain))
        parts << QStringLiteral("▲ ") + run::inWords(s.what) + QLatin1Char(' ') +
                     run::inWords(s.cause) + QLatin1Char(' ') + run::inWords(s.advice);
    return parts.join(QLatin1Char('\n'));
}

} // namespace

WhiteModel whiteModel(const SessionState &state)
{
    const run::RunResults &r = state.shown();
    const Aim &aim = state.shownAim();
    const bool adjusting = isAdjusting(state);
    WhiteModel m;
    m.dial = dialData(r, aim);
    m.kelvin = dash();
    m.aimed = White::tr("not read yet");
    m.readFromAfar = adjusting;
    if (const auto white = presentWhite(r)) {
        addFigures(*white, aim, m);
        if (adjusting && isAdvised(r) && r.before && r.before->primaries &&
            state.displays[static_cast<size_t>(state.selected)].can.gains)
            addArrows(r, *white, m.dial);
    }
    m.dial.inWords = dialInWords(m.dial);
    addControls(state, m);
    if (adjusting && state.status.activity == Activity::Working)
        m.explanation =
            r.setup.adjust == AdjustMode::ByHand
                ? White::tr("Turn the monitor's own controls until the dot sits in the smallest "
                            "ring.")
                : White::tr("The program turns the monitor's own controls.");
    else
        m.explanation =
            White::tr("Where the display's white lies, seen from the white aimed at. u' to the "
                      "right, v' up; dashed daylight, dotted black body.");
    m.firstLook = firstLookText(state);
    return m;
}

} // namespace lantern::app
