#pragma once

#include "core/plan/plan.h"
#include "core/reading/drift.h"

#include <optional>
#include <vector>

namespace lantern {

/// Largest relative change of any of X, Y, Z from one reading of white to the next that is not
/// asked about: no display does that by itself.
inline constexpr double kWhiteJump = 0.04;
/// A smaller change is a step if it is larger than this and stands out from the meter's scatter: a
/// display that is warm changes by less than half of it in ten minutes.
inline constexpr double kWhiteStep = 0.01;

/// Reads lists of patches and keeps an eye on white. Where it has jumped from one reading to the
/// next, it is read again; if it stays away the person is asked, and once it is back what was read
/// in between is read anew. After a step that is not asked about, what was read since the white
/// before is read anew as well, once, since nobody knows on which side of the step it lies.
class ChartReader {
public:
    /// Goes on with another list, after the last one is done.
    void start(std::vector<DeviceRgb> patches);

    /// Leaves out what has not been read yet, but for a white at the end.
    void cutShort();

    /// ReadPatch, AskPerson, or Finished when the list is done.
    [[nodiscard]] PlanStep next() const;
    void accept(const Reading &reading);
    void acknowledge();

    /// The good readings of all lists, in the order they were taken.
    [[nodiscard]] const std::vector<Reading> &readings() const { return m_readings; }
    [[nodiscard]] std::vector<DeviceRgb> patchesLeft() const
    {
        return {m_patches.begin() + static_cast<long>(m_at), m_patches.end()};
    }

private:
    enum class State { Reading, Confirming, Asking, Returning };
    [[nodiscard]] double changeOf(const XYZ &white) const;
    [[nodiscard]] bool isStep(const XYZ &white) const;
    void keep(const Reading &reading);

    std::vector<DeviceRgb> m_patches;
    size_t m_at = 0;
    std::vector<Reading> m_readings;
    State m_state = State::Reading;
    std::optional<XYZ> m_lastWhite;
    XYZ m_jumped = {};
    size_t m_goodReadings = 0, m_goodAt = 0; ///< up to and with the last white
    std::optional<size_t> m_wentBackTo;      ///< for a step: m_goodAt
};

/// A list of patches read in order, with an eye on white as ChartReader has it.
class WatchedListPlan : public StagePlan {
public:
    explicit WatchedListPlan(std::vector<DeviceRgb> patches);
    [[nodiscard]] PlanStep next() const override { return m_reader.next(); }
    void accept(const Reading &reading) override { m_reader.accept(reading); }
    void acknowledge() override { m_reader.acknowledge(); }
    [[nodiscard]] int readingsDone() const override
    {
        return static_cast<int>(m_patches.size() - m_reader.patchesLeft().size());
    }
    [[nodiscard]] int readingsLeft() const override
    {
        return static_cast<int>(m_reader.patchesLeft().size());
    }
    [[nodiscard]] std::vector<DeviceRgb> patchesLeft() const override
    {
        return m_reader.patchesLeft();
    }
    /// The good readings, one for each patch of the list up to where it has come.
    [[nodiscard]] std::vector<Reading> readings() const;

private:
    std::vector<DeviceRgb> m_patches;
    ChartReader m_reader;
};

/// Patches whose reading does not fit what the others say of the display, at most a twentieth of
/// them; patches read three times already are taken as they are. Whites and blacks are left to
/// ChartReader. \param path of the code values to the panel
std::vector<DeviceRgb> oddPatches(const std::vector<Reading> &readings, const SignalPath &path);

/// Where a patch other than white and black was read three times or more, only the reading in the
/// middle of them stays, at the place of the first.
std::vector<Reading> settleOdd(const std::vector<Reading> &readings);

/// Readings with drift and odd ones taken out: what everything else is computed from.
DriftCorrection steadyReadings(const std::vector<Reading> &readings);

/// A chart read from a list; at its end the odd readings are taken twice more.
class ChartPlan : public StagePlan {
public:
    ChartPlan(std::vector<DeviceRgb> patches, SignalPath path);
    [[nodiscard]] PlanStep next() const override { return m_reader.next(); }
    void accept(const Reading &reading) override;
    void acknowledge() override { m_reader.acknowledge(); }
    [[nodiscard]] int readingsDone() const override
    {
        return static_cast<int>(m_reader.readings().size());
    }
    [[nodiscard]] int readingsLeft() const override
    {
        return static_cast<int>(m_reader.patchesLeft().size());
    }
    [[nodiscard]] std::vector<DeviceRgb> patchesLeft() const override
    {
        return m_reader.patchesLeft();
    }
    [[nodiscard]] const std::vector<Reading> &readings() const { return m_reader.readings(); }

private:
    SignalPath m_path;
    ChartReader m_reader;
    bool m_reread = false;
};

} // namespace lantern
