#pragma once

#include "core/plan/plan.h"

#include <optional>
#include <vector>

namespace lantern {

/// Fields that a screen is divided into, equal in size.
struct EvennessGrid {
    static constexpr int kLeast = 1, kMost = 25; ///< a side
    int columns = 3, rows = 3;
    [[nodiscard]] int cells() const { return columns * rows; }
    bool operator==(const EvennessGrid &) const = default;
};

/// Where the meter hangs for a measurement of evenness: in the middle of a field, or in the middle
/// of the screen, which is a field's only where both sides are odd.
struct EvennessSpot {
    int column = 0, row = 0; ///< from 1 in the upper left corner; 0: the middle of the screen
    [[nodiscard]] bool isCentre() const { return column == 0; }
    bool operator==(const EvennessSpot &) const = default;
};

/// The middle of a spot in shares of the screen's width and height.
struct SpotPlace {
    double x = 0.5, y = 0.5;
};
SpotPlace placeOf(const EvennessSpot &spot, const EvennessGrid &grid);

/// One reading of the whole screen in a grey, by a meter at a spot.
struct EvennessReading {
    EvennessSpot spot;
    int visit = 0; ///< number of the stop of the meter that it belongs to, from 0
    int level = 0; ///< of the greys that are read
    Reading reading;
    double seconds = 0; ///< since the first of them
    bool operator==(const EvennessReading &) const = default;
};

/// What the person has to know while the meter is moved from field to field.
enum class EvennessNotice {
    Hang,       ///< hang it on the light field
    StillThere, ///< it hangs where it was
    OnEdge,     ///< it lies across the edge of the light field
    Reading,    ///< it is where it should be; let it hang
};

/// Reads greys on the whole screen with a meter that is moved over it.
///
/// The field where it is to hang is lit, the rest is black, until the meter sees that light twice
/// alike. Then the whole screen is shown in each grey; of a meter that lies across the field's edge
/// the field gives less against the whole screen than it gave in the middle. A meter that hangs on
/// another field is looked for by halving, and that field is read instead, in whatever order the
/// person likes. It returns to the middle of the screen every few fields and at the end.
///
/// A pure function of the readings, as every plan: what the person does with the meter is seen by
/// it.
class EvennessPlan : public StagePlan {
public:
    /// How it is known where the meter hangs.
    enum class Finding {
        ByLight, ///< as described above
        Asks,    ///< the person says so: for meters that are read by hand
    };
    static constexpr int kReadings = 2;       ///< of each grey at each stop
    static constexpr int kFieldsOnTheWay = 8; ///< at most, between two returns to the middle

    /// \param greys code values 0..255, the brightest first and at least 128, each at most half of
    /// all; \param patchWidth, patchHeight of the lit field in shares of the screen
    EvennessPlan(const EvennessGrid &grid, std::vector<int> greys, double patchWidth,
                 double patchHeight, Finding finding);

    [[nodiscard]] PlanStep next() const override;
    void accept(const Reading &reading) override { accept(reading, m_lastSeconds + 1); }
    /// \param seconds when it was taken, from any start
    void accept(const Reading &reading, double seconds);
    void acknowledge() override;
    /// The person says that this is enough; false where it is not. See mayEnd().
    bool end();
    [[nodiscard]] int readingsDone() const override { return m_done; }
    [[nodiscard]] int readingsLeft() const override;

    /// The middle and one field at least have been read: a person may say that this is enough.
    [[nodiscard]] bool mayEnd() const;
    [[nodiscard]] const EvennessGrid &grid() const { return m_grid; }
    [[nodiscard]] const std::vector<int> &greys() const { return m_greys; }
    /// Those of stops that are complete.
    [[nodiscard]] const std::vector<EvennessReading> &readings() const { return m_kept; }
    /// Red, green, blue and, where the meter was found by light, black in the middle of the screen;
    /// fewer until they are read.
    [[nodiscard]] const std::vector<Reading> &colours() const { return m_colours; }
    /// Where the meter is to hang now; nothing when all is done.
    [[nodiscard]] std::optional<EvennessSpot> target() const;
    [[nodiscard]] EvennessNotice notice() const { return m_notice; }

private:
    enum class Phase {
        Move,    ///< the meter is to be moved
        Field,   ///< the target's field is lit
        Dark,    ///< nothing is lit, at the first stop
        Before,  ///< the field where it hung before is lit
        Whole,   ///< the whole screen is lit: does it see the screen at all?
        Across,  ///< half of the columns that it may be in
        Down,    ///< half of the rows
        Greys,   ///< whole screens, in each grey
        Colours, ///< whole screens in red, green and blue, at the first stop
    };
    struct Span {
        int from = 0, to = 0; ///< first, and one beyond the last
        [[nodiscard]] int half() const { return from + (to - from + 1) / 2; }
        [[nodiscard]] bool isOne() const { return to - from <= 1; }
    };
    [[nodiscard]] ScreenRegion fieldOf(const EvennessSpot &spot) const;
    [[nodiscard]] EvennessSpot nextSpot() const;
    [[nodiscard]] bool isRead(const EvennessSpot &spot) const;
    [[nodiscard]] bool wantsCentre() const;
    void arrive(const Reading &reading);
    void lookBefore(double light);
    void search(double light);
    void goTo(Phase phase, EvennessNotice notice);
    void startStop(const EvennessSpot &spot);
    void take(const Reading &reading, double seconds);
    [[nodiscard]] bool doubts(const Reading &reading) const;
    void takeColour(const Reading &reading);
    void doubtStop();
    void finishStop();

    EvennessGrid m_grid;
    std::vector<int> m_greys;
    double m_patchWidth, m_patchHeight;
    Finding m_finding;

    Phase m_phase = Phase::Move;
    EvennessNotice m_notice = EvennessNotice::Hang;
    EvennessSpot m_target;                ///< present or next stop
    std::optional<EvennessSpot> m_asked;  ///< before the meter was found elsewhere
    std::optional<EvennessSpot> m_before; ///< last stop
    std::vector<XYZ> m_seen;              ///< the lit field, in a row
    int m_missed = 0;                     ///< times that the field was not seen in a row
    double m_fieldLight = 0;              ///< of the field at the present stop, cd/m²
    double m_whole = 0;                   ///< the whole screen while the meter is looked for
    Span m_columns, m_rows;               ///< where it is looked for
    double m_centreField = 0;     ///< field and whole screen in the middle, at the first stop
    std::vector<double> m_centre; ///< luminance of each grey there
    std::vector<EvennessReading> m_kept, m_stop; ///< complete stops, and the present one
    std::vector<Reading> m_colours;
    std::optional<Reading> m_black;
    std::optional<double> m_start;
    double m_lastSeconds = 0;
    int m_done = 0, m_visit = 0, m_sinceCentre = 0;
    bool m_over = false;
};

} // namespace lantern
