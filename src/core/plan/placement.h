#pragma once

#include "core/plan/plan.h"

#include <optional>
#include <vector>

namespace lantern {

/// Where a meter hangs on a screen and how well it hangs there.
struct Placement {
    double x = 0.5, y = 0.5; ///< middle of what it sees, in shares of the screen
    double unrest = 0;       ///< largest relative change between readings of the same white
    double contrast = 0;     ///< white over black where it hangs
    /// Luminance of white in the patch over that of a white screen; 0: not known.
    double patchGain = 0;
    [[nodiscard]] bool isSteady() const { return unrest < 0.01; }
    /// A panel this grey when black is shown is lit by something else. Common practice.
    [[nodiscard]] bool letsLightIn() const { return contrast < 150; }
};

/// Finds where the meter hangs by lighting half of what is left, across and down in turn; then
/// reads white a few times there. A half that is seen in part tells that the meter lies across its
/// edge.
class PlacementPlan : public StagePlan {
public:
    /// \param patchWidth, patchHeight of the patch in shares of the screen: the search ends there
    PlacementPlan(double patchWidth, double patchHeight);

    [[nodiscard]] PlanStep next() const override;
    /// \throws Error Device when the meter does not look at this screen or was moved meanwhile
    void accept(const Reading &reading) override;
    void acknowledge() override {}
    [[nodiscard]] int readingsDone() const override { return m_done; }
    [[nodiscard]] int readingsLeft() const override;
    [[nodiscard]] const std::optional<Placement> &result() const { return m_result; }

private:
    struct Span {
        double from = 0, to = 1;
        [[nodiscard]] double length() const { return to - from; }
        [[nodiscard]] double middle() const { return (from + to) / 2; }
    };
    [[nodiscard]] bool acrossIsNext() const;
    [[nodiscard]] bool isFound() const;
    void narrow(double seen);
    void confirm(const Reading &reading);

    double m_patchWidth, m_patchHeight;
    int m_done = 0;
    double m_white = 0, m_black = 0;
    Span m_x, m_y;
    std::vector<XYZ> m_whites; ///< where it was found
    std::optional<Placement> m_result;
};

} // namespace lantern
