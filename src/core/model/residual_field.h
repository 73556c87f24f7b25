#pragma once

#include "core/colour/colour.h"
#include "core/model/spline.h"

#include <memory>
#include <vector>

namespace lantern {

/// What a physical model leaves over at one reading.
struct Leftover {
    Vec3 at;    ///< channel lightness, 0..1 each
    Vec3 value; ///< ΔL*, Δa*, Δb*
    /// Standard uncertainty that the reading's scatter gives each of f(X), f(Y), f(Z) of CIELAB:
    /// they scatter alike, while a* scatters four times as much as L*.
    double noise;
};

/// How leftovers hang together: Matérn 5/2 in six coordinates, the three channels and, since
/// displays mix by them, the largest, middle and least of the three. A share of the variance grows
/// with the distance from the neutral axis, with a slope of its own for each of the six hue
/// sectors: what picture modes and white subpixels do has a cusp there.
struct FieldScales {
    double channel = 0.5; ///< length in each channel's lightness
    double order = 1.0;   ///< length in the largest, middle and least
    double sectors = 0.2; ///< share of variance in the sectors, 0..1
    double grey = 0;      ///< share that only lives near the neutral axis, 0..1
    double noise = 1;     ///< Leftover::noise times this is the noise over the field's own size
};

/// Gaussian-process regression ("kriging") of scattered leftovers: follows them as closely as their
/// noise allows, and returns to zero far from any. Source of the method: Rasmussen, Williams,
/// Gaussian Processes for Machine Learning (2006), 2.2 and 5.4.1.
///
/// Beyond some hundreds of samples the cube is divided into overlapping boxes with a process each,
/// blended by smooth weights (partition of unity; Wendland, Scattered Data Approximation (2005),
/// 15.4), so cost grows linearly.
class ResidualField {
public:
    /// Scales of greatest likelihood. With many samples an even selection is looked at.
    /// \param noiseKnown whether Leftover::noise was measured; else it is a guess
    /// \param start scales found from fewer samples, to be refined; null: begin anew, roughly
    static FieldScales chooseScales(const std::vector<Leftover> &samples, bool noiseKnown,
                                    const FieldScales *start = nullptr);

    ResidualField(const std::vector<Leftover> &samples, const FieldScales &scales);
    ~ResidualField();
    ResidualField(ResidualField &&) noexcept;

    [[nodiscard]] Vec3 at(const Vec3 &lightness) const;

    /// The same as a smooth field that is quick to evaluate. \param intervals per axis
    [[nodiscard]] SmoothField tabulated(int intervals) const;

private:
    struct Box;
    FieldScales m_scales;
    std::vector<Box> m_boxes;
};

} // namespace lantern
