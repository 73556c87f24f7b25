#pragma once

#include "core/reading.h"
#include "core/spline.h"

#include <array>
#include <vector>

namespace lantern {

/// How a display turns code values into colour, fitted to scattered readings.
///
/// Two layers. The first is how displays work: a smooth curve per channel, channels that dim each
/// other a little, three primaries and a black. The second is a smooth field in Lab that takes what
/// the first leaves over. All colours are PCS colours: relative to the measured white and adapted
/// to D50, so white is Lab (100, 0, 0).
class DisplayModel {
public:
    struct Options {
        /// Black as a term of its own, channels that act on each other, and the second layer. Off
        /// gives curves and a matrix only, as a matrix profile can hold them.
        bool full = true;
    };

    /// \throws Error BadInput when white, black or further neutrals are missing, when there are
    ///         fewer than 9 readings, or when the channels do not span colour. \param source for
    ///         messages.
    static DisplayModel fit(const std::vector<Reading> &readings, const Options &options,
                            const std::string &source);

    /// PCS Lab of code values given as 0..1 each (clamped); `jacobian`, if given, d Lab / d code.
    Lab lab(const Vec3 &code, Mat3 *jacobian = nullptr) const;

    /// Linear light 0..1 of channel c alone at code 0..1.
    [[nodiscard]] double channelLight(int c, double code) const;

    /// PCS XYZ of the three channels at full drive, as columns; without black.
    [[nodiscard]] const Mat3 &primaries() const { return m_physics.primaries; }

    [[nodiscard]] const XYZ &white() const { return m_white; } ///< measured, cd/m²
    [[nodiscard]] const XYZ &black() const { return m_black; } ///< measured, cd/m²

    /// Mean ΔE00 between the model and the readings it was fitted to.
    [[nodiscard]] double meanResidual() const { return m_meanResidual; }

private:
    /// First layer.
    struct Physics {
        int intervals = 0;                     ///< of the channel curves
        std::array<Eigen::VectorXd, 3> curves; ///< spline coefficients of light^(1/2.2)
        Mat3 primaries = Mat3::Identity();
        Vec3 black = Vec3::Zero();
        Mat3 interaction = Mat3::Zero(); ///< row: channel dimmed, column: by whom

        RelXYZ evaluate(const Vec3 &code, Mat3 *jacobian) const;
    };
    class PhysicsFit;

    Physics m_physics;
    SmoothField m_rest;
    XYZ m_white, m_black;
    double m_meanResidual = 0;
};

} // namespace lantern
