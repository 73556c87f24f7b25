#include "core/plan/evenness_plan.h"

#include "core/base/error.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace lantern {

namespace {

constexpr double kDarkestFieldCdM2 = 1;
constexpr double kLeastFieldContrast = 5;
constexpr double kSeen = 0.4;    ///< of the middle's light; corners are darker
constexpr double kSteady = 0.02; ///< between two looks at the same light
constexpr double kOnField = 0.8; ///< field over whole screen at the first stop
constexpr double kOnEdge = 0.95; ///< the same later, against the first
constexpr double kOtherGrey = 2; ///< factor between a grey's share of white here and in the middle
constexpr double kUnsteadyCdM2 = 0.02;
constexpr double kNoGrey = 0.0005; ///< of white; the 64th code value gives some fifty times as much
constexpr std::array kColours = {DeviceRgb{kDeviceTop, 0, 0}, DeviceRgb{0, kDeviceTop, 0},
                                 DeviceRgb{0, 0, kDeviceTop}};
constexpr int kLooks = 2;  ///< at the field, alike, before the meter counts as hung
constexpr int kMisses = 3; ///< looks at the field before it is looked for elsewhere

bool alike(double a, double b, double relative, double absolute)
{
    return std::abs(a - b) <= std::max(relative * std::max(a, b), absolute);
}

} // namespace

SpotPlace placeOf(const EvennessSpot &spot, const EvennessGrid &grid)
{
    if (spot.isCentre())
        return {};
    return {(spot.column - 0.5) / grid.columns, (spot.row - 0.5) / grid.rows};
}

EvennessPlan::EvennessPlan(const EvennessGrid &grid, std::vector<int> greys, double patchWidth,
                           double patchHeight, Finding finding)
    : m_grid(grid),
      m_greys(std::move(greys)),
      m_patchWidth(std::clamp(patchWidth, 0.01, 1.0)),
      m_patchHeight(std::clamp(patchHeight, 0.01, 1.0)),
      m_finding(finding)
{
    const auto fits = [](int side) {
        return side >= EvennessGrid::kLeast && side <= EvennessGrid::kMost;
    };
    if (!fits(m_grid.columns) || !fits(m_grid.rows))
        throw Error(ErrorKind::BadInput, "grid",
                    {"%1x%2 is not possible",
                     {std::to_string(m_grid.columns), std::to_string(m_grid.rows)}},
                    {"Choose 1 to %1 fields a side.", {std::to_string(EvennessGrid::kMost)}});
    constexpr int kDarkestFirst = 128;
    constexpr int kDarkest = 32; // darker ones may give no light at all, and could never be read
    const bool ordered = std::is_sorted(m_greys.rbegin(), m_greys.rend()) &&
                         std::adjacent_find(m_greys.begin(), m_greys.end()) == m_greys.end();
    if (m_greys.empty() || !ordered || m_greys.front() < kDarkestFirst ||
        m_greys.front() > static_cast<int>(kDeviceTop) || m_greys.back() < kDarkest)
        throw Error(ErrorKind::BadInput, "greys",
                    "must be code values from 255 to 32, each once, the brightest first and 128 at "
                    "least",
                    "For example 255,128,64.");
}

ScreenRegion EvennessPlan::fieldOf(const EvennessSpot &spot) const
{
    const SpotPlace at = placeOf(spot, m_grid);
    const double left = std::clamp(at.x - m_patchWidth / 2, 0.0, 1 - m_patchWidth);
    const double top = std::clamp(at.y - m_patchHeight / 2, 0.0, 1 - m_patchHeight);
    return {left, top, m_patchWidth, m_patchHeight};
}

bool EvennessPlan::isRead(const EvennessSpot &spot) const
{
    const bool isMiddle = m_grid.columns % 2 == 1 && m_grid.rows % 2 == 1 &&
                          spot.column == (m_grid.columns + 1) / 2 &&
                          spot.row == (m_grid.rows + 1) / 2;
    return std::ranges::any_of(m_kept, [&](const EvennessReading &r) {
        return r.spot == spot || (isMiddle && r.spot.isCentre());
    });
}

bool EvennessPlan::wantsCentre() const
{
    return m_kept.empty() || m_sinceCentre >= kFieldsOnTheWay;
}

/// Along the rows, there and back again, so that no way is long.
EvennessSpot EvennessPlan::nextSpot() const
{
    if (!wantsCentre())
        for (int row = 1; row <= m_grid.rows; ++row)
            for (int i = 1; i <= m_grid.columns; ++i) {
                const EvennessSpot spot{row % 2 == 1 ? i : m_grid.columns + 1 - i, row};
                if (!isRead(spot))
                    return spot;
            }
    return {};
}

std::optional<EvennessSpot> EvennessPlan::target() const
{
    if (m_over)
        return std::nullopt;
    return m_target;
}

bool EvennessPlan::mayEnd() const
{
    return m_visit >= 2;
}

bool EvennessPlan::end()
{
    m_over |= mayEnd();
    return m_over;
}

PlanStep EvennessPlan::next() const
{
    if (m_over)
        return Finished{};
    constexpr DeviceRgb kLit = kDeviceWhite;
    const ScreenRegion whole;
    switch (m_phase) {
    case Phase::Move: {
        const SpotPlace at = placeOf(m_target, m_grid);
        if (m_finding == Finding::ByLight)
            return MoveMeter{at.x, at.y};
        if (m_target.isCentre())
            return MoveMeter{at.x, at.y, "Hang the meter in the middle of the screen, then go on."};
        return MoveMeter{at.x,
                         at.y,
                         {"Hang the meter in the middle of the field in row %1, column %2 of the "
                          "screen, then go on.",
                          {std::to_string(m_target.row), std::to_string(m_target.column)}}};
    }
    case Phase::Field:
        return ReadPatch{kLit, fieldOf(m_target)};
    case Phase::Before:
        return ReadPatch{kLit, fieldOf(*m_before)};
    case Phase::Dark:
        return ReadPatch{kDeviceBlack, whole};
    case Phase::Whole:
        return ReadPatch{kLit, whole};
    case Phase::Across: {
        const double left = static_cast<double>(m_columns.from) / m_grid.columns;
        const double right = static_cast<double>(m_columns.half()) / m_grid.columns;
        return ReadPatch{kLit, ScreenRegion{left, 0, right - left, 1}};
    }
    case Phase::Down: {
        const double top = static_cast<double>(m_rows.from) / m_grid.rows;
        const double bottom = static_cast<double>(m_rows.half()) / m_grid.rows;
        return ReadPatch{kLit, ScreenRegion{0, top, 1, bottom - top}};
    }
    case Phase::Colours:
        return ReadPatch{kColours[m_colours.size()], whole};
    case Phase::Greys:
        break;
    }
    const double grey = m_greys[m_stop.size() / kReadings];
    return ReadPatch{{grey, grey, grey}, whole};
}

void EvennessPlan::acknowledge()
{
    if (m_phase != Phase::Move)
        return;
    if (m_finding == Finding::Asks)
        startStop(m_target);
    else
        goTo(Phase::Field, EvennessNotice::Hang);
}

void EvennessPlan::goTo(Phase phase, EvennessNotice notice)
{
    m_phase = phase;
    m_notice = notice;
    m_missed = 0;
    if (phase == Phase::Field)
        m_seen.clear();
}

int EvennessPlan::readingsLeft() const
{
    if (m_over)
        return 0;
    const int perStop =
        static_cast<int>(m_greys.size()) * kReadings + (m_finding == Finding::ByLight ? kLooks : 0);
    int open = 0;
    for (int row = 1; row <= m_grid.rows; ++row)
        for (int column = 1; column <= m_grid.columns; ++column)
            open += isRead({column, row}) ? 0 : 1;
    const bool oddGrid = m_grid.columns % 2 == 1 && m_grid.rows % 2 == 1;
    if (m_kept.empty())
        open -= oddGrid ? 1 : 0; // read at the first stop
    const int returns = (m_kept.empty() ? 1 : 0) + (open + m_sinceCentre - 1) / kFieldsOnTheWay + 1;
    const int colours = m_kept.empty() ? static_cast<int>(kColours.size() - m_colours.size()) : 0;
    return (open + returns) * perStop + colours - static_cast<int>(m_stop.size());
}

void EvennessPlan::accept(const Reading &reading, double seconds)
{
    ++m_done;
    if (m_over) // the person has just said that it is enough
        return;
    m_lastSeconds = seconds;
    if (!m_start)
        m_start = seconds;
    const double light = reading.xyz.Y;
    switch (m_phase) {
    case Phase::Move:
        return;
    case Phase::Field:
        arrive(reading);
        return;
    case Phase::Dark:
        m_black = reading;
        if (m_fieldLight >= kLeastFieldContrast * light)
            startStop(m_target);
        else
            goTo(Phase::Field, EvennessNotice::Hang);
        return;
    case Phase::Before:
        lookBefore(light);
        return;
    case Phase::Whole:
        m_whole = light;
        m_columns = {0, m_grid.columns};
        m_rows = {0, m_grid.rows};
        if (light < kSeen * m_centre.front())
            goTo(Phase::Field, EvennessNotice::Hang); // it is in the person's hand
        else
            search(-1);
        return;
    case Phase::Across:
    case Phase::Down:
        search(light);
        return;
    case Phase::Greys:
        take(reading, seconds);
        return;
    case Phase::Colours:
        takeColour(reading);
        return;
    }
}

/// The target's field is lit.
void EvennessPlan::arrive(const Reading &reading)
{
    const double light = reading.xyz.Y;
    const double least =
        m_centreField > 0 ? kSeen * m_centreField : kDarkestFieldCdM2; // at the first stop
    if (light < least) {
        m_seen.clear();
        if (m_asked) { // it hangs elsewhere, but on no field's middle
            m_target = *m_asked;
            m_asked.reset();
            goTo(Phase::Field, EvennessNotice::OnEdge);
        } else if (m_before && ++m_missed >= kMisses)
            goTo(Phase::Before, m_notice);
        return;
    }
    m_missed = 0;
    if (!m_seen.empty() && !alike(m_seen.back().Y, light, kSteady, 0))
        m_seen.clear();
    m_seen.push_back(reading.xyz);
    if (m_seen.size() < kLooks)
        return;
    m_fieldLight = light;
    if (m_centreField > 0)
        startStop(m_target);
    else
        goTo(Phase::Dark, EvennessNotice::Reading);
}

/// The field of the last stop is lit: has the meter been taken away from there?
void EvennessPlan::lookBefore(double light)
{
    if (light >= kSeen * m_centreField)
        goTo(Phase::Field, EvennessNotice::StillThere);
    else
        goTo(Phase::Whole, EvennessNotice::Hang);
}

/// Halves what is left. \param light of the half that was lit; below 0: none was yet
void EvennessPlan::search(double light)
{
    if (light >= 0) {
        Span &span = m_phase == Phase::Across ? m_columns : m_rows;
        if (light >= m_whole / 2)
            span.to = span.half();
        else
            span.from = span.half();
    }
    if (!m_columns.isOne()) {
        m_phase = Phase::Across;
        return;
    }
    if (!m_rows.isOne()) {
        m_phase = Phase::Down;
        return;
    }
    const EvennessSpot found{m_columns.from + 1, m_rows.from + 1};
    if (isRead(found)) {
        goTo(Phase::Field, EvennessNotice::Hang);
        return;
    }
    m_asked = m_target;
    m_target = found;
    goTo(Phase::Field, EvennessNotice::Hang);
}

void EvennessPlan::startStop(const EvennessSpot &spot)
{
    m_target = spot;
    m_asked.reset();
    m_stop.clear();
    goTo(Phase::Greys, EvennessNotice::Reading);
}

/// A reading that the meter cannot have taken where it should hang.
bool EvennessPlan::doubts(const Reading &reading) const
{
    const size_t number = m_stop.size();
    const size_t level = number / kReadings;
    const double light = reading.xyz.Y;
    if (number % kReadings > 0) // it moved from one to the next
        return !alike(light, m_stop.back().reading.xyz.Y, kSteady, kUnsteadyCdM2);
    if (level == 0 && m_finding == Finding::ByLight) {
        const double onField = m_fieldLight / light;
        return m_centre.empty() ? onField < kOnField
                                : onField < kOnEdge * m_centreField / m_centre.front();
    }
    if (level == 0)
        return light < kDarkestFieldCdM2;
    const double white = m_stop.front().reading.xyz.Y;
    if (reading.xyz == m_stop.back().reading.xyz || light < kNoGrey * white)
        return true; // it says the same of another grey, or nothing at all
    if (m_centre.empty())
        return false;
    const double share = light / white / (m_centre[level] / m_centre.front());
    return share > kOtherGrey || share < 1 / kOtherGrey;
}

void EvennessPlan::take(const Reading &reading, double seconds)
{
    if (doubts(reading)) {
        doubtStop();
        return;
    }
    m_stop.push_back({m_target, m_visit, static_cast<int>(m_stop.size()) / kReadings, reading,
                      seconds - *m_start});
    if (m_stop.size() < m_greys.size() * kReadings)
        return;
    if (m_kept.empty())
        m_phase = Phase::Colours;
    else
        finishStop();
}

/// The whole stop anew.
void EvennessPlan::doubtStop()
{
    m_stop.clear();
    m_colours.clear();
    if (m_finding == Finding::Asks)
        m_phase = Phase::Move;
    else
        goTo(Phase::Field, EvennessNotice::OnEdge);
}

void EvennessPlan::takeColour(const Reading &reading)
{
    const Reading &before = m_colours.empty() ? m_stop.back().reading : m_colours.back();
    if (reading.xyz == before.xyz || vec(reading.xyz).maxCoeff() <= 0) {
        doubtStop();
        return;
    }
    m_colours.push_back(reading);
    if (m_colours.size() < kColours.size())
        return;
    if (m_black)
        m_colours.push_back(*m_black);
    finishStop();
}

void EvennessPlan::finishStop()
{
    if (m_centre.empty()) {
        m_centreField = m_fieldLight;
        for (const EvennessReading &r : m_stop)
            if (m_centre.size() == static_cast<size_t>(r.level))
                m_centre.push_back(r.reading.xyz.Y);
    }
    m_kept.insert(m_kept.end(), m_stop.begin(), m_stop.end());
    m_stop.clear();
    m_before = m_target;
    m_sinceCentre = m_target.isCentre() ? 0 : m_sinceCentre + 1;
    ++m_visit;
    m_target = nextSpot();
    m_over = m_target.isCentre() && m_sinceCentre == 0; // every field, and back in the middle
    m_phase = Phase::Move;
    m_notice = EvennessNotice::Hang;
}

} // namespace lantern
