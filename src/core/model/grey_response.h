#pragma once

#include <Eigen/Core>
#include <optional>
#include <vector>

namespace lantern {

/// How the panel rounds what it is sent: floor(signal * scale * (2^bits - 1) + 0.5) / (2^bits - 1).
struct PanelSteps {
    int bits = 0;     ///< 0: no steps worth knowing about
    double scale = 1; ///< of the monitor's gain, 0..1
};

/// Light of one channel against the signal sent, along the grey axis; a smooth curve fitted to
/// readings of several rounds, over whatever steps the panel makes.
class GreyResponse {
public:
    struct Observation {
        double signal = 0; ///< 0..1
        double light = 0;  ///< relative, about 0..1; noise may make it negative
        double weight = 1; ///< > 0
    };

    GreyResponse() = default;

    /// Penalised least squares on light^(1/2.2), each reading taken to be good to 0.15 % and a
    /// little; needs observations near both ends. As smooth as displays usually are, unless the
    /// readings predict each other clearly better with less of it.
    GreyResponse(const std::vector<Observation> &observations, PanelSteps steps);

    /// Light at a signal 0..1 (clamped); never falls.
    [[nodiscard]] double light(double signal) const;

    /// Weighted mean square of what the fit leaves over, in units of the assumed uncertainty.
    [[nodiscard]] double misfit() const { return m_misfit; }

    /// Whether a curve as smooth as displays usually are explains the observations.
    [[nodiscard]] bool isSmooth() const { return m_smooth; }

    /// A signal that can be sent, in the middle of all that give the same light.
    struct Level {
        double signal = 0;
        double light = 0;
    };
    /// All different lights that signals can make, rising. \param linkBits of the link, if known;
    /// else 4096 signals are taken
    [[nodiscard]] std::vector<Level> levels(std::optional<int> linkBits) const;

private:
    [[nodiscard]] double panelInput(double signal) const;

    PanelSteps m_steps;
    std::vector<double> m_light; ///< against panel input, even steps
    double m_misfit = 0;
    bool m_smooth = true;
};

} // namespace lantern
