#include "app/views/light/light_model.h"

#include "app/state/wording.h"
#include "core/aim/room.h"
#include "core/reading/stray_light.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QLocale>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

struct LightWords {
    Q_DECLARE_TR_FUNCTIONS(Light)
};

QString dateOf(const std::string &iso)
{
    const QDateTime at = QDateTime::fromString(QString::fromStdString(iso), Qt::ISODate);
    return QLocale().toString(at.toLocalTime(), QLocale::ShortFormat);
}

/// An offer to take a luminance or a white; without an aim where nothing would change.
LightModel::Offer offer(const QString &text, Aim aim, const Aim &now, bool fixed)
{
    LightModel::Offer o{text, {}};
    if (!fixed && !(aim == now))
        o.aim = std::move(aim);
    return o;
}

std::vector<LightModel::Offer> offersFor(const SessionState &state, const run::RoomLight &light)
{
    const bool fixed = state.hasRun() && state.status.activity != run::Activity::Finished;
    const Aim &now = state.aim;
    const auto within = [](double cdM2) {
        return std::clamp(cdM2, kMinAimLuminance, kMaxAimLuminance);
    };
    std::vector<LightModel::Offer> offers;
    Aim screen = now;
    screen.luminanceCdM2 = within(std::round(screenLuminanceFor(light.illuminanceLux)));
    const QString instead =
        now.luminanceCdM2 && *now.luminanceCdM2 != *screen.luminanceCdM2
            ? LightWords::tr("%1 instead of %2 cd/m²")
                  .arg(figure(screen.luminanceCdM2, 0), figure(now.luminanceCdM2, 0))
            : LightWords::tr("%1 cd/m²").arg(figure(screen.luminanceCdM2, 0));
    offers.push_back(
        offer(LightWords::tr("Screen work in %1 lx: %2. The eye goes along with the room, by about "
                             "the fourth root of its light (common practice, no standard).")
                  .arg(figure(light.illuminanceLux, 0), instead),
              screen, now, fixed));
    Aim paper = now;
    const double cdM2 = run::paperLuminance(light.illuminanceLux, state.lights.paperLightness);
    paper.luminanceCdM2 = within(cdM2);
    offers.push_back(
        offer(LightWords::tr("As light as unprinted paper in it: %1 cd/m².").arg(figure(cdM2, 1)),
              paper, now, fixed));
    Aim white = now;
    white.white = light.chromaticity;
    offers.push_back(offer(LightWords::tr("Its white: %1.").arg(colourInWords(light.chromaticity)),
                           white, now, fixed));
    return offers;
}

QString strayText(const SessionState &state)
{
    run::RunSetup setup;
    setup.displayId = state.displays[static_cast<size_t>(state.selected)].id.toStdString();
    run::applyLights(state.lights, setup);
    const auto stray = run::roomOf(setup);
    if (!stray) {
        if (state.lights.seenIn == run::SeenIn::Light)
            return LightWords::tr(
                "No light is chosen above, so the profile is of the screen alone.");
        if (state.lights.seenIn == run::SeenIn::Measured)
            return LightWords::tr("It has not been measured on this display, so the profile is of "
                                  "the screen alone.");
        return {};
    }
    QString text =
        LightWords::tr("The dark screen throws back %1 cd/m².").arg(figure(stray->reflected.Y, 2));
    const auto &last = state.shown();
    const auto &known = last.after ? last.after : last.before;
    if (known && known->white && known->black && known->black->Y > 0)
        text += QLatin1Char(' ') +
                LightWords::tr("Of its contrast of %1:1 the eye gets %2:1.")
                    .arg(figure(known->white->Y / known->black->Y, 0),
                         figure(stray->contrast(known->white->Y, known->black->Y), 0));
    return text;
}

QString nextHand(const SessionState &state)
{
    if (state.readingBlack != BlackReading::None)
        return LightWords::tr("The screen is dark; the meter reads…");
    if (state.blackAway && !state.blackOnScreen)
        return LightWords::tr("Read from a distance: %1 cd/m². Now lay the meter on the screen.")
            .arg(figure(state.blackAway->Y, 3));
    if (state.blackOnScreen && !state.blackAway)
        return LightWords::tr(
                   "Read on the screen: %1 cd/m². Now hold the meter a hand's length off, "
                   "where your eye looks from.")
            .arg(figure(state.blackOnScreen->Y, 3));
    return LightWords::tr(
        "Hold the meter a hand's length from the dark screen and read; then lay it "
        "on the screen and read again. The difference is the room's.");
}

} // namespace

LightModel lightModel(const SessionState &state)
{
    LightModel m;
    const run::Lights &lights = state.lights;
    m.mayRead =
        !state.readingRoom && !state.isMeasuring() && state.readingBlack == BlackReading::None;
    m.mayKeep = !state.roomReadings.empty();
    m.readings =
        state.roomReadings.empty()
            ? LightWords::tr("Of the room or a viewing booth: diffuser on the meter, facing the "
                             "light, where the print lies. Read it a few times.")
            : LightWords::tr("%1 · mean of %2")
                  .arg(lightInWords(run::meanLight(state.roomReadings)))
                  .arg(state.roomReadings.size());
    for (const run::KeptLight &l : lights.kept)
        m.kept.push_back({QString::fromStdString(l.name),
                          LightWords::tr("%1 lx").arg(figure(l.light.illuminanceLux, 0)),
                          colourInWords(l.light.chromaticity), dateOf(l.takenAt),
                          l.name == lights.used});
    if (const auto light = lightOf(state))
        m.offers = offersFor(state, *light);
    m.paperLightness = lights.paperLightness;
    m.seenIn = lights.seenIn;
    m.reflectance = lights.reflectance;
    m.usesReflectance = lights.seenIn == run::SeenIn::Light;
    m.isMeasured = lights.seenIn == run::SeenIn::Measured;
    m.stray = strayText(state);
    if (state.hasRun() && state.status.activity != run::Activity::Finished)
        m.stray = (m.stray + QLatin1Char(' ') +
                   LightWords::tr("The run under way stays as it was begun."))
                      .trimmed();
    m.howToGoOn = nextHand(state);
    m.mayWatch = state.keeper.has_value();
    m.watchMinutes = lights.watchMinutes;
    if (m.mayWatch && lights.watchMinutes > 0)
        m.watch = !*state.keeper ? LightWords::tr("The Keeper does it: switch it on, on the page "
                                                  "Profile.")
                  : !lights.usedLight()
                      ? LightWords::tr("Choose a kept light above to hold it "
                                       "against.")
                      : LightWords::tr("It tells when the room has less than half "
                                       "or more than twice the light of %1. The "
                                       "meter lies on the desk, diffuser up.")
                            .arg(QString::fromStdString(lights.used));
    return m;
}

} // namespace lantern::app
