#pragma once

#include "core/aim/display_state.h"
#include "core/plan/plan.h"

#include <optional>

namespace lantern {

/// How a run makes sure that what it shows reaches the panel as it is. A compositor may convert
/// colours on the way, and measuring what it makes of them is worth nothing.
enum class RawProof {
    None,       ///< the pixels are looked at instead
    ByLut,      ///< behind whatever converts colours sits a video LUT that is in our hand
    ByPrimaries ///< nothing but the primaries that the display claims to have can be held against
                ///< it
};

/// Reads the display as it was found (firstPatches()), after making sure that raw values arrive.
///
/// By LUT: a LUT that lets one channel through makes every patch that has this channel at its top
/// the panel's own primary; a colour that was mixed on the way is another. A LUT that is a step at
/// half tells where the middle of the scale arrives.
/// By primaries: where the display claims others than sRGB's and shows sRGB's, the person is asked:
/// a compositor may convert, or the monitor itself be set to sRGB.
class RawValuesPlan : public StagePlan {
public:
    /// \param claimed red, green and blue as the display tells; only used by primaries
    RawValuesPlan(RawProof proof, const std::optional<PrimarySet> &claimed);

    [[nodiscard]] PlanStep next() const override;
    /// \throws Error Device when colours are changed on the way to the panel
    void accept(const Reading &reading) override;
    void acknowledge() override;
    [[nodiscard]] int readingsDone() const override { return m_done; }
    [[nodiscard]] int readingsLeft() const override;
    [[nodiscard]] std::vector<DeviceRgb> patchesLeft() const override;
    /// Those of firstPatches().
    [[nodiscard]] const std::vector<Reading> &readings() const { return m_readings; }

private:
    struct Step {
        std::optional<VideoLut> lut; ///< to load; else
        DeviceRgb patch;             ///< to read
        int same = -1;               ///< reading of the state that it must be like
        bool dark = false;           ///< it must be dark instead
        bool asks = false;           ///< where the primaries are doubtful
    };
    void judge(const Step &step, const XYZ &xyz) const;
    [[nodiscard]] bool areDoubtful() const;
    void skipWhatNeedsNoAnswer();

    std::optional<PrimarySet> m_claimed;
    std::vector<Step> m_steps;
    size_t m_at = 0;
    int m_done = 0;
    std::vector<Reading> m_readings;
};

} // namespace lantern
