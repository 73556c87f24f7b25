#pragma once

#include "core/plan/plan.h"
#include "core/reading/reading.h"
#include "core/signal/video_lut.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <vector>

namespace lantern::test {

/// A display in a few lines, apart from the bench: gamma per channel, mixing matrix, black, a
/// little interaction. Enough to test the core against known truth.
struct ToyDisplay {
    Vec3 gamma = {2.2, 2.25, 2.1};
    Mat3 primaries = (Mat3() << 95, 70, 42, 49, 145, 16, 3, 24, 225).finished(); ///< columns, cd/m²
    Vec3 black = {0.19, 0.2, 0.27};
    double interaction = 0.01; ///< each channel dims the two others by this
    double ripple = 0;         ///< mixes the channels in a way no simple model has
    Vec3 gain = Vec3::Ones();  ///< 0..1 on the signal
    double backlight = 1;
    std::optional<VideoLut> lut;
    std::optional<int> linkBits;
    std::optional<SlotTable> slot;
    std::optional<int> panelBits; ///< behind the gains

    [[nodiscard]] XYZ show(const DeviceRgb &rgb) const
    {
        Vec3 t;
        for (int c = 0; c < 3; ++c) {
            double v = vec(rgb)[c] / 255;
            if (lut)
                v = lut->evaluate(c, v);
            if (linkBits)
                v = quantise(v, *linkBits);
            if (slot)
                v = slot->evaluate(c, v);
            v *= gain[c];
            if (panelBits)
                v = quantise(v, *panelBits);
            t[c] = std::pow(v, gamma[c]);
        }
        Vec3 a;
        for (int c = 0; c < 3; ++c)
            a[c] = t[c] * (1 - interaction * (t.sum() - t[c]) +
                           ripple * std::sin(6 * t[(c + 1) % 3]) * t[(c + 2) % 3]);
        return toXyz(backlight * (primaries * a + black));
    }

    [[nodiscard]] Reading read(const DeviceRgb &rgb) const { return {rgb, show(rgb), 0.2}; }

    [[nodiscard]] std::vector<Reading> read(const std::vector<DeviceRgb> &patches) const
    {
        std::vector<Reading> out;
        for (const DeviceRgb &p : patches)
            out.push_back(read(p));
        return out;
    }

    /// Carries out a plan to its end; returns how many readings it took.
    int carryOut(StagePlan &plan)
    {
        int readings = 0;
        while (true) {
            const PlanStep step = plan.next();
            if (std::holds_alternative<Finished>(step))
                return readings;
            if (const auto *patch = std::get_if<ReadPatch>(&step)) {
                plan.accept(read(patch->rgb));
                ++readings;
                continue;
            }
            if (const auto *load = std::get_if<LoadLut>(&step))
                lut = load->lut;
            else if (const auto *store = std::get_if<LoadSlot>(&step))
                slot = store->table;
            else if (const auto *set = std::get_if<SetControls>(&step)) {
                gain =
                    Vec3(set->controls.redGain, set->controls.greenGain, set->controls.blueGain) /
                    100;
                backlight = 0.2 + 0.8 * set->controls.brightness / 100;
            }
            plan.acknowledge();
        }
    }
};

} // namespace lantern::test
