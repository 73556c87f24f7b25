#include "app/views/fine_tune/fine_tune_model.h"

#include "app/state/wording.h"
#include "core/colour/spaces.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

struct Words {
    Q_DECLARE_TR_FUNCTIONS(FineTuneModel)
};

/// "0.0010 warmer"
QString sided(double value, int decimals, const QString &down, const QString &up)
{
    const double least = 0.5 * std::pow(10, -decimals);
    if (std::abs(value) < least)
        return dash();
    return QStringLiteral("%1 %2").arg(figure(std::abs(value), decimals), value > 0 ? up : down);
}

QString colourAndLight(const XYZ &white)
{
    return Words::tr("%1, %2 cd/m²").arg(colourInWords(chromaticity(white)), figure(white.Y, 1));
}

/// Distance of a white from the aim, in words.
QString fromAim(const SessionState &state, const XYZ &white)
{
    const Aim &aim = state.lastTime->setup.aim;
    const Chromaticity aimed = aimChromaticity(aim, chromaticity(state.tunable->white()));
    QString words = Words::tr("Δu'v' %1 from the aim")
                        .arg(figure(deltaUvPrime(uvPrime(white), uvPrime(aimed)), 4));
    if (aim.luminanceCdM2)
        words += Words::tr(", %1 cd/m² from its %2")
                     .arg(figure(white.Y - *aim.luminanceCdM2, 1), figure(*aim.luminanceCdM2, 0));
    return words;
}

QString controlTitle(double MonitorControls::*field)
{
    if (field == &MonitorControls::redGain)
        return Words::tr("red");
    if (field == &MonitorControls::greenGain)
        return Words::tr("green");
    if (field == &MonitorControls::blueGain)
        return Words::tr("blue");
    return Words::tr("brightness");
}

QString turnWords(const SessionState &state)
{
    if (!state.controlTurn)
        return {};
    const ControlTurn &t = *state.controlTurn;
    QStringList turned;
    for (const auto field : {&MonitorControls::brightness, &MonitorControls::redGain,
                             &MonitorControls::greenGain, &MonitorControls::blueGain})
        if (const double by = t.to.*field - t.from.*field; by != 0)
            turned << Words::tr("%1 by %2")
                          .arg(controlTitle(field),
                               (by > 0 ? QStringLiteral("+") : QString()) + figure(by, 0));
    if (turned.isEmpty())
        return {};
    const QString what = turned.join(QStringLiteral(", "));
    if (!t.before || !t.after)
        return Words::tr("Turned %1. What that did was not read.").arg(what);
    const TuneDirections d = directionsOf(state);
    const UvPrime a = uvPrime(*t.before), b = uvPrime(*t.after);
    const Along moved = along({b.u - a.u, b.v - a.v}, d);
    QStringList did;
    for (const QString &part : {sided(moved.warmer, 4, Words::tr("cooler"), Words::tr("warmer")),
                                sided(moved.greener, 4, Words::tr("pinker"), Words::tr("greener"))})
        if (part != dash())
            did << part;
    const double light = t.after->Y - t.before->Y;
    did << Words::tr("%1 cd/m²")
               .arg((light > 0 ? QStringLiteral("+") : QString()) + figure(light, 1));
    return Words::tr("Turned %1: %2.").arg(what, did.join(QStringLiteral(", ")));
}

void addControls(const SessionState &state, FineTuneModel &m)
{
    if (!state.tuneControls)
        return;
    const desk::Abilities &can = state.displays[static_cast<size_t>(state.selected)].can;
    if (!can.remoteControls)
        return;
    const auto add = [&](double MonitorControls::*field) {
        m.controls.push_back({controlTitle(field), field, (*state.tuneControls).*field});
    };
    if (can.gains)
        for (const auto field : kGainFields)
            add(field);
    add(&MonitorControls::brightness);
    m.turn = turnWords(state);
    m.readsTurns = state.readsTurns;
}

QString readingWords(const SessionState &state)
{
    if (state.readingTuned)
        return Words::tr("White is being read…");
    if (state.tunedWhite)
        return Words::tr("Read: %1; %2.")
            .arg(colourAndLight(*state.tunedWhite), fromAim(state, *state.tunedWhite));
    if (state.isTurnUnknown)
        return Words::tr("The controls were turned and nobody read what that did: a profile kept "
                         "now does not know of it.");
    return {};
}

} // namespace

FineTuneModel fineTuneModel(const SessionState &state)
{
    FineTuneModel m;
    m.why = state.whyNoTune;
    m.keep = state.keepingTune ? Words::tr("Being made…") : Words::tr("&Keep as a profile");
    if (!state.tunable || !state.tuned || !state.lastTime) {
        if (m.why.isEmpty())
            m.why = Words::tr("The logbook is being read…");
        return m;
    }
    const FineTune &t = state.tune;
    const Along white = along(t.white, directionsOf(state));
    const QString cooler = Words::tr("cooler"), warmer = Words::tr("warmer");
    const QString pinker = Words::tr("pinker"), greener = Words::tr("greener");
    const QString darker = Words::tr("darker"), lighter = Words::tr("lighter");
    m.knobs = {
        {{Words::tr("White, Δu'v'"), sided(white.warmer, 4, cooler, warmer), cooler, warmer},
         {Words::tr("Its tint, Δu'v'"), sided(white.greener, 4, pinker, greener), pinker, greener},
         {Words::tr("Light, cd/m²"), sided(t.luminanceCdM2, 0, darker, lighter), darker, lighter},
         {Words::tr("Middle greys, ΔL*"), sided(t.lightness, 1, darker, lighter), darker,
          lighter}}};
    m.white = Words::tr("White %1; %2.")
                  .arg(colourAndLight(state.tuned->white), fromAim(state, state.tuned->white));
    if (state.tuned->isLimited)
        m.white += QLatin1Char(' ') +
                   Words::tr("A channel has no more to give, so that it is darker than asked.");
    if (state.tuned->missed > kTuneUvStep / 2)
        m.white += QLatin1Char(' ') +
                   Words::tr("Nearest that whole steps of this output can come: Δu'v' %1 away.")
                       .arg(figure(state.tuned->missed, 4));
    m.readings = readingWords(state);
    addControls(state, m);
    const bool isFree = m.why.isEmpty() && !state.keepingTune && !state.readingTuned;
    m.mayReset = isFree && !t.isNone();
    m.mayKeep = isFree && (!(t == state.keptTune) || (state.controlTurn && !state.isTurnUnknown));
    m.mayRead = isFree;
    return m;
}

std::function<std::shared_ptr<const Rendition>()> sheetRendition(const SessionState &state)
{
    if (!state.tunable || !state.tuned)
        return [] { return nullptr; };
    const auto display = state.tunable;
    if (state.desktop)
        return [display] {
            return std::make_shared<const Rendition>(
                Rendition::of([display](const DeviceRgb &srgb) {
                    return display->profile().toDevice(pcsFromSrgb(srgb));
                }));
        };
    // Held before: the calibration, or what was kept of an earlier fine-tuning.
    const bool isInUse = state.tune == state.keptTune;
    const std::optional<FineTune> before =
        state.holdsBefore ? std::optional(isInUse ? FineTune{} : state.keptTune) : std::nullopt;
    return [display, before, now = *state.tuned] {
        const auto tuned = before ? display->tuned(*before) : now;
        return std::make_shared<const Rendition>(Rendition::of([&](const DeviceRgb &srgb) {
            const DeviceRgb codes = display->profile().toDevice(pcsFromSrgb(srgb));
            const XYZ seen = display->shown(tuned, codes);
            const DeviceRgb out = srgbCodesFromPcs(pcsLab(seen, display->white()));
            const auto held = [](double v) { return std::clamp(v, 0.0, kDeviceTop); };
            return DeviceRgb{held(out.r), held(out.g), held(out.b)};
        }));
    };
}

} // namespace lantern::app
