#pragma once

#include "app/state/session_state.h"

#include <QStringList>

namespace lantern::app {

/// What the view of the light shows.
struct LightModel {
    QString readings; ///< of the light that is being read, in words
    bool mayRead = true, mayKeep = false;
    struct Kept {
        QString name, lux, colour, date;
        bool isUsed = false;
        bool operator==(const Kept &) const = default;
    };
    std::vector<Kept> kept;
    /// What the aim could take from the light; each with what it is now and why.
    struct Offer {
        QString text;
        std::optional<Aim> aim; ///< nothing: it says that already, or the run's aim is fixed
    };
    std::vector<Offer> offers;
    double paperLightness = 0;
    run::SeenIn seenIn = run::SeenIn::Dark;
    double reflectance = 0;
    bool usesReflectance = false, isMeasured = false;
    QString stray;     ///< what the screen throws back and what is left of its contrast
    QString howToGoOn; ///< the next hand to lend while it is measured
    bool mayWatch = false;
    int watchMinutes = 0;
    QString watch; ///< what the Keeper does or needs
};

LightModel lightModel(const SessionState &state);

} // namespace lantern::app
