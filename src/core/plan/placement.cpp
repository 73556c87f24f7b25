#include "core/plan/placement.h"

#include "core/base/error.h"

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

constexpr double kDarkestWhiteCdM2 = 1;
constexpr double kLeastContrast = 5;
constexpr double kAllSeen = 0.8; ///< a screen's corners are darker than its middle
constexpr double kNoneSeen = 0.1;
constexpr int kWhites = 3;

} // namespace

PlacementPlan::PlacementPlan(double patchWidth, double patchHeight)
    : m_patchWidth(std::clamp(patchWidth, 0.01, 1.0)),
      m_patchHeight(std::clamp(patchHeight, 0.01, 1.0))
{}

bool PlacementPlan::acrossIsNext() const
{
    const double across = m_x.length() / m_patchWidth;
    const double down = m_y.length() / m_patchHeight;
    return across >= down;
}

bool PlacementPlan::isFound() const
{
    return m_x.length() <= m_patchWidth && m_y.length() <= m_patchHeight;
}

PlanStep PlacementPlan::next() const
{
    if (m_result)
        return Finished{};
    if (m_done == 0)
        return ReadPatch{kDeviceWhite, ScreenRegion{}};
    if (m_done == 1)
        return ReadPatch{kDeviceBlack, ScreenRegion{}};
    if (isFound()) {
        const double left = std::clamp(m_x.middle() - m_patchWidth / 2, 0.0, 1 - m_patchWidth);
        const double top = std::clamp(m_y.middle() - m_patchHeight / 2, 0.0, 1 - m_patchHeight);
        return ReadPatch{kDeviceWhite, ScreenRegion{left, top, m_patchWidth, m_patchHeight}};
    }
    if (acrossIsNext())
        return ReadPatch{kDeviceWhite, ScreenRegion{m_x.from, 0, m_x.length() / 2, 1}};
    return ReadPatch{kDeviceWhite, ScreenRegion{0, m_y.from, 1, m_y.length() / 2}};
}

int PlacementPlan::readingsLeft() const
{
    if (m_result)
        return 0;
    const auto halvings = [](double length, double end) {
        return std::max(0, static_cast<int>(std::ceil(std::log2(length / end))));
    };
    return std::max(0, 2 - m_done) + halvings(m_x.length(), m_patchWidth) +
           halvings(m_y.length(), m_patchHeight) + kWhites - static_cast<int>(m_whites.size());
}

void PlacementPlan::accept(const Reading &reading)
{
    const int number = m_done++;
    if (number == 0) {
        m_white = reading.xyz.Y;
        return;
    }
    if (number == 1) {
        m_black = reading.xyz.Y;
        if (m_white < kDarkestWhiteCdM2 || m_white < kLeastContrast * m_black)
            throw Error(ErrorKind::Device, "meter",
                        "it does not see this screen: white and black read alike",
                        "Hang it on the chosen display with its opening on the glass, then try "
                        "again.");
        return;
    }
    if (isFound())
        confirm(reading);
    else
        narrow((reading.xyz.Y - m_black) / (m_white - m_black));
}

void PlacementPlan::narrow(double seen)
{
    Span &span = acrossIsNext() ? m_x : m_y;
    const double middle = span.middle();
    if (seen >= kAllSeen)
        span.to = middle;
    else if (seen <= kNoneSeen)
        span.from = middle;
    else { // it lies across the edge
        const double quarter = span.length() / 4;
        span = {middle - quarter, middle + quarter};
    }
}

void PlacementPlan::confirm(const Reading &reading)
{
    m_whites.push_back(reading.xyz);
    if (reading.xyz.Y < kLeastContrast * m_black || reading.xyz.Y < 0.5 * m_white)
        throw Error(ErrorKind::Device, "meter", "it was moved while its place was being searched",
                    "Let it hang still, then try again.");
    if (m_whites.size() < kWhites)
        return;
    Placement p;
    p.x = m_x.middle();
    p.y = m_y.middle();
    for (const XYZ &white : m_whites)
        p.unrest = std::max(p.unrest, std::abs(white.Y / m_whites.front().Y - 1));
    p.patchGain = m_whites.front().Y / m_white;
    p.contrast = reading.xyz.Y / std::max(m_black, 1e-4);
    m_result = p;
}

} // namespace lantern
