#pragma once

#include "core/base/json_object.h"
#include "run/book/run_setup.h"

#include <QString>

#include <map>
#include <string>
#include <vector>

namespace lantern::run {

/// Light of a room or a viewing booth, kept under a name.
struct KeptLight {
    std::string name; ///< told from the others by it
    RoomLight light;
    int readings = 1;    ///< that it is the mean of
    std::string takenAt; ///< ISO 8601, UTC
    bool operator==(const KeptLight &) const = default;
};

/// What the profile of a display is made for.
enum class SeenIn {
    Dark,    ///< the screen alone
    Light,   ///< the light that is used, thrown back by the screen's reflectance
    Measured ///< what the dark screen was measured to throw back
};

/// All that is known of the light around the desk, and what is made of it.
struct Lights {
    std::vector<KeptLight> kept; ///< by name
    std::string used;            ///< name; empty: none
    double paperLightness = kPaperLightness;
    SeenIn seenIn = SeenIn::Dark;
    double reflectance = 0.012;       ///< of the screens, 0..1
    std::map<std::string, XYZ> stray; ///< cd/m² thrown back, by display
    int watchMinutes = 0;             ///< between the Keeper's looks at the room; 0: never
    bool operator==(const Lights &) const = default;

    /// Null: none.
    [[nodiscard]] const KeptLight *usedLight() const;
    /// Adds, or takes the place of the one of that name; used from now on.
    void keep(const KeptLight &light);
    void remove(const std::string &name);
};

/// Makes the profile of a run one for the light that is used, where that is wished and known.
void applyLights(const Lights &lights, RunSetup &setup);

/// Format "bold-lantern-lights" version 1.
Json lightsToJson(const Lights &lights);
/// \throws Error BadInput
Lights lightsFromJson(const Json &json, const std::string &source);

/// Of this person.
QString usualLightsFile();
/// Nothing kept where there is no such file. \throws Error BadInput, Device
Lights readLights(const QString &path);
/// \throws Error Device
void writeLights(const QString &path, const Lights &lights);

} // namespace lantern::run
