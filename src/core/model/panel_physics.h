#pragma once

#include "core/colour/colour.h"

#include <array>
#include <string>
#include <vector>

namespace lantern {

/// A reading made ready for fitting: relative to white, adapted to D50.
struct PanelObservation {
    Vec3 drive; ///< 0..1
    RelXYZ pcs;
    Lab lab;
    double weight; ///< of the Lab residual: 1 over the tolerance that ΔE00 gives at this chroma,
                   ///< less for uncertain readings
};

/// How far a physical model reaches; chosen by what predicts left-out readings best.
struct PhysicsChoice {
    int intervals = 10;         ///< of the channel curves, see Spline
    double smooth = 20;         ///< weight on the curves' bend
    bool black = true;          ///< black as a term of its own
    bool interactions = true;   ///< channels dim each other
    bool whiteSubpixel = false; ///< a fourth light driven by the least channel
    bool ownCurves = false;     ///< X, Y and Z of a channel need not go together: primaries move
    bool operator==(const PhysicsChoice &) const = default;
};

/// How displays work: a curve per channel, channels that act on each other, primaries, black.
///
/// XYZ = black + P (t ∘ (1 − I t)) + w min(t)^e + Σ_c (S_c1 + S_c2 (1 − 2 t_c)) t_c (1 − t_c),
/// t the light of each channel alone, 0..1.
struct PanelPhysics {
    PhysicsChoice choice;
    std::array<Eigen::VectorXd, 3> curves; ///< spline coefficients of light^(1/2.2) by drive
    Mat3 primaries = Mat3::Identity();
    Vec3 black = Vec3::Zero();
    Mat3 interaction = Mat3::Zero(); ///< row: channel dimmed, column: by whom
    Vec3 white = Vec3::Zero();       ///< w: of the white subpixel
    double whiteExponent = 1;        ///< e
    Mat3 shift = Mat3::Zero();       ///< columns S_c1
    Mat3 skew = Mat3::Zero();        ///< columns S_c2

    [[nodiscard]] double light(int c, double drive) const;

    /// \param light of each channel; `jacobian` gets d XYZ / d light
    [[nodiscard]] RelXYZ mix(const Vec3 &light, Mat3 *jacobian) const;
};

/// Levenberg-Marquardt fit in Lab. Source of the method: Nocedal, Wright, Numerical Optimization
/// (2006), 10.3. \param start a fit of a similar choice to begin with; null: straight curves
/// \throws Error BadInput when the readings do not tell the channels apart. \param source for it
PanelPhysics fitPhysics(const std::vector<PanelObservation> &data, const PhysicsChoice &choice,
                        const PanelPhysics *start, const std::string &source);

} // namespace lantern
