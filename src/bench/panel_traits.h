#pragma once

#include "core/base/json_object.h"
#include "core/colour/colour.h"

#include <array>
#include <limits>
#include <optional>
#include <string>
#include <vector>

namespace lantern::bench {

inline constexpr double kInfinity = std::numeric_limits<double>::infinity();

/// Three numbers of a file, each in min..max.
Vec3 triple(JsonObject &object, const std::string &key, double min, double max);

/// What real panels do besides the plain physics; each part is an optional key of a display file.
/// The formulas stand in docs/simulated-bench.md, "What real panels do". Without any of them a
/// display is the plain one. Signals and drives are 0..1.

/// Key "picture_mode": colour processing inside the monitor.
struct PictureMode {
    double gamma = 1; ///< of the light that the matrix works on
    Mat3 matrix = Mat3::Identity();
    /// Rows red, yellow, green, cyan, blue, magenta; columns: what each adds to R, G, B.
    std::array<Vec3, 6> axes{Vec3::Zero(), Vec3::Zero(), Vec3::Zero(),
                             Vec3::Zero(), Vec3::Zero(), Vec3::Zero()};
    int points = 0;          ///< of the table, a side; 0: no table
    std::vector<Vec3> table; ///< points^3, red slowest

    [[nodiscard]] Vec3 apply(const Vec3 &signal) const;
};

/// Key "dither": a coarse panel that shows the levels between by switching in time.
struct Dither {
    int bits = 6;
    int frames = 4;
};

/// Key "ends": signals up to `crush` are black, from `clip` on full.
struct ClippedEnds {
    Vec3 crush = Vec3::Zero();
    Vec3 clip = Vec3::Ones();

    [[nodiscard]] double apply(int c, double signal) const;
};

/// Key "ripple": a tone curve that goes up in soft steps.
struct Ripple {
    int steps = 1;
    double depth = 0; ///< 0..1; at 1 the curve stands still once a step

    [[nodiscard]] double apply(double signal) const;
};

/// Key "white_subpixel": a fourth subpixel driven by the least of the three.
struct WhiteSubpixel {
    Vec3 share = Vec3::Zero(); ///< what it adds to each channel at full drive
    double exponent = 1;
};

/// Key "power_limit": the supply gives way where much light is asked for.
struct PowerLimit {
    Vec3 weights = Vec3::Ones() / 3;
    double threshold = 1;
    double strength = 0;
    double litArea = 1; ///< share of the screen that the patch lights
};

/// Key "off_axis": part of the light that a meter collects leaves the panel at an angle.
struct OffAxis {
    double share = 0;
    Vec3 gain = Vec3::Ones();
    double exponent = 1;
    double black = 0;
};

/// Key "drift": light that moves within a run.
struct Drift {
    Vec3 perHour = Vec3::Zero();
    double swing = 0;
    double periodMinutes = 60;

    [[nodiscard]] Vec3 factor(double minutesOn) const;
};

/// Key "response": how fast light follows a change, as time constants.
struct Response {
    double riseSeconds = 0, fallSeconds = 0;

    /// Mean drive over an integration, `waited` seconds after the drive changed.
    [[nodiscard]] Vec3 mean(const Vec3 &from, const Vec3 &to, double waitedSeconds,
                            double integrationSeconds) const;
    /// Drive at one moment.
    [[nodiscard]] Vec3 at(const Vec3 &from, const Vec3 &to, double waitedSeconds) const;
};

struct PanelTraits {
    std::optional<PictureMode> pictureMode = {};
    std::optional<Dither> dither = {};
    std::optional<ClippedEnds> ends = {};
    std::optional<Ripple> ripple = {};
    Mat3 levelShift = Mat3::Zero(); ///< row: channel that gains, column: by whose drive
    std::optional<WhiteSubpixel> whiteSubpixel = {};
    std::optional<PowerLimit> powerLimit = {};
    std::optional<OffAxis> offAxis = {};
    std::optional<Drift> drift = {};
    std::optional<Response> response = {};

    /// Steps 7a to 7c: from the channels' drives after cross-talk to what leaves the panel, before
    /// leakage. \param litArea share of the screen that the patch lights; nothing: as in the file
    [[nodiscard]] Vec3 mixed(const Vec3 &drive, const std::optional<double> &litArea = {}) const;
};

/// A picture mode by its name, as a person chooses it at the monitor.
struct NamedMode {
    std::string name;
    PictureMode mode;
};
/// Takes the optional key "modes" out of a display file. \throws Error BadInput
std::vector<NamedMode> namedModesFromJson(JsonObject &display, const std::string &source);

/// Takes the optional keys out of a display file. \throws Error BadInput naming key and range
PanelTraits panelTraitsFromJson(JsonObject &display);

} // namespace lantern::bench
