#pragma once

#include "core/drive_stage.h"
#include "core/reading.h"
#include "core/spline.h"

#include <array>
#include <vector>

namespace lantern {

/// L* / 100 of a relative light (0..1, continued on both sides), and back; `slope`, if given, gets
/// d light / d lightness. Source: CIE 15:2018, 8.2.1.
double lightnessOf(double light);
double lightOf(double lightness, double *slope = nullptr);

/// How a display turns code values into colour, fitted to scattered readings.
///
/// Code values first go through what is known exactly: video LUT and link (DriveStage). Two fitted
/// layers follow. The first is how displays work: a smooth curve per channel, channels that dim
/// each other a little, three primaries and a black. The second is a smooth field in Lab that takes
/// what the first leaves over. All colours are PCS colours: relative to the measured white and
/// adapted to D50, so white is Lab (100, 0, 0).
///
/// Between the curves and the rest lies "channel lightness": for each channel L*(its light) / 100,
/// 0..1. In it the display is nearly linear in Lab, so tables and searches work in it.
class DisplayModel {
public:
    struct Options {
        /// Black as a term of its own, channels that act on each other, and the second layer. Off
        /// gives curves and a matrix only, as a matrix profile can hold them.
        bool full = true;
        DriveStage stage = {};
        /// Standard uncertainty of each reading in ΔE*ab, same order; empty = all alike. Uncertain
        /// readings weigh less.
        std::vector<double> uncertainty = {};
        /// Number of readings that decides how fine the curves are; 0: those given. For
        /// cross-validation, where the model must not change its kind with the part left out.
        size_t sizedFor = 0;
    };

    /// \throws Error BadInput when white, black or further neutrals are missing, when there are
    ///         fewer than 9 readings, or when the channels do not span colour. \param source for
    ///         messages.
    static DisplayModel fit(const std::vector<Reading> &readings, const Options &options,
                            const std::string &source);

    /// PCS Lab of code values 0..255 (clamped).
    [[nodiscard]] Lab lab(const DeviceRgb &rgb) const { return labAt(lightness(rgb)); }

    /// PCS Lab at a channel lightness; a little beyond 0..1 it is continued smoothly. `jacobian`,
    /// if given, gets d Lab / d lightness.
    Lab labAt(const Vec3 &lightness, Mat3 *jacobian = nullptr) const;

    /// Channel lightness of code values, and back; codes may be fractions. Where several codes give
    /// the same lightness the middle one is taken.
    [[nodiscard]] Vec3 lightness(const DeviceRgb &rgb) const;
    [[nodiscard]] double lightness(int c, double code) const;
    [[nodiscard]] double codeFor(int c, double lightness) const;

    /// Linear light 0..1 of channel c alone at code 0..255.
    [[nodiscard]] double channelLight(int c, double code) const;

    /// PCS XYZ of the three channels at full drive, as columns; without black.
    [[nodiscard]] const Mat3 &primaries() const { return m_physics.primaries; }

    [[nodiscard]] const DriveStage &stage() const { return m_stage; }
    [[nodiscard]] const XYZ &white() const { return m_white; } ///< measured, cd/m²
    [[nodiscard]] const XYZ &black() const { return m_black; } ///< measured, cd/m²

    /// Mean ΔE00 between the model and the readings it was fitted to.
    [[nodiscard]] double meanResidual() const { return m_meanResidual; }

private:
    /// First layer.
    struct Physics {
        int intervals = 0;                     ///< of the channel curves
        std::array<Eigen::VectorXd, 3> curves; ///< spline coefficients of light^(1/2.2) by drive
        Mat3 primaries = Mat3::Identity();
        Vec3 black = Vec3::Zero();
        Mat3 interaction = Mat3::Zero(); ///< row: channel dimmed, column: by whom

        [[nodiscard]] double light(int c, double drive) const;
        /// \param light of each channel; `jacobian` gets d XYZ / d light
        RelXYZ mix(const Vec3 &light, Mat3 *jacobian) const;
    };
    class PhysicsFit;

    void tabulateLightness();

    DriveStage m_stage;
    Physics m_physics;
    std::array<std::array<double, DriveStage::kLevels>, 3> m_lightness{}; ///< by code, rising
    SmoothField m_rest;                                                   ///< by channel lightness
    XYZ m_white, m_black;
    double m_meanResidual = 0;
};

} // namespace lantern
