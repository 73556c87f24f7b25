#pragma once

#include "core/model/panel_physics.h"
#include "core/model/residual_field.h"
#include "core/model/spline.h"
#include "core/reading/reading.h"
#include "core/reading/repeatability.h"
#include "core/signal/drive_stage.h"

#include <array>
#include <optional>
#include <vector>

namespace lantern {

/// L* / 100 of a relative light (0..1, continued on both sides), and back; `slope`, if given, gets
/// d light / d lightness. Source: CIE 15:2018, 8.2.1.
double lightnessOf(double light);
double lightOf(double lightness, double *slope = nullptr);

/// What kind of model a display got.
struct ModelChoice {
    PhysicsChoice physics;
    std::optional<FieldScales> field; ///< none: too few readings for one
};

/// How a display turns code values into colour, fitted to scattered readings.
///
/// Code values first go through what is known exactly: video LUT and link (DriveStage). Two fitted
/// layers follow. The first is how displays work (PanelPhysics), in one of several reaches: the one
/// that predicts left-out readings best. The second (ResidualField) follows what the first leaves
/// over as closely as the readings' noise allows. All colours are PCS colours: relative to the
/// measured white and adapted to D50, so white is Lab (100, 0, 0).
///
/// Between the curves and the rest lies "channel lightness": for each channel L*(its light) / 100,
/// 0..1. In it the display is nearly linear in Lab, so tables and searches work in it.
class DisplayModel {
public:
    struct Options {
        /// Channels that act on each other, and the second layer. Off gives curves, a matrix and a
        /// black only.
        bool full = true;
        DriveStage stage = {};
        /// How much the readings scatter, if known. Uncertain readings weigh less.
        std::optional<Repeatability> scatter = {};
        /// A model of nearly the same readings, whose choice is taken over: for cross-validation,
        /// where the model must not change its kind with the part left out. Quicker, and with a
        /// coarser second layer.
        const DisplayModel *like = nullptr;
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
    /// the same lightness the middle one is taken, but 0 for none and 255 for all of it.
    [[nodiscard]] Vec3 lightness(const DeviceRgb &rgb) const;
    [[nodiscard]] double lightness(int c, double code) const;
    [[nodiscard]] double codeFor(int c, double lightness) const;

    /// Linear light 0..1 of channel c alone at code 0..255.
    [[nodiscard]] double channelLight(int c, double code) const;

    /// PCS XYZ of the three channels at full drive, as columns; without black.
    [[nodiscard]] Mat3 primaries() const { return m_physics.primaries * m_full.asDiagonal(); }

    [[nodiscard]] const DriveStage &stage() const { return m_stage; }
    [[nodiscard]] const XYZ &white() const { return m_white; } ///< measured, cd/m²
    [[nodiscard]] const XYZ &black() const { return m_black; } ///< measured, cd/m²

    /// Mean ΔE00 between the model and the readings it was fitted to.
    [[nodiscard]] double meanResidual() const { return m_meanResidual; }

    [[nodiscard]] const ModelChoice &choice() const { return m_choice; }

private:
    void setPhysics(PanelPhysics physics);

    ModelChoice m_choice;
    DriveStage m_stage;
    PanelPhysics m_physics;
    Vec3 m_full = Vec3::Ones(); ///< light of each channel at code 255, 1 but for what the fit left
    std::array<std::array<double, DriveStage::kLevels>, 3> m_lightness{}; ///< by code, rising
    SmoothField m_rest;                                                   ///< by channel lightness
    XYZ m_white, m_black;
    double m_meanResidual = 0;
};

} // namespace lantern
