#include "core/plan/grey_entries.h"

#include "core/colour/difference.h"

#include <Eigen/LU>

#include <algorithm>
#include <cmath>

namespace lantern {

std::vector<GreyEntry> nearestEntries(const std::vector<XYZ> &aimed, const GreyChannels &channels,
                                      bool nativeBlack)
{
    const auto &levels = channels.levels;
    const Mat3 inverse = channels.primaries.inverse();
    const XYZ &aimedWhite = aimed.back();
    const RelXYZ white = relativeTo(aimedWhite, aimedWhite);
    const auto count = static_cast<int>(aimed.size());
    constexpr size_t kReach = 2; // levels on each side of the exact light
    // Deep shadows have few levels; there every one of them may be needed.
    constexpr double kShadows = 0.15;
    constexpr double kUneven = 0.12, kUnevenInShadows = 0.005; // ΔE00
    std::vector<GreyEntry> out;
    std::array<size_t, 3> lowest{};
    for (int i = 0; i < count; ++i) {
        const XYZ &grey = aimed[static_cast<size_t>(i)];
        const Lab aim = labFromXyz(relativeTo(grey, aimedWhite), white);
        const Vec3 wanted = inverse * (vec(grey) - vec(channels.black));
        std::array<size_t, 3> from{}, to{}, exact{};
        for (size_t c = 0; c < 3; ++c) {
            const auto &all = levels[c];
            const auto above = static_cast<size_t>(
                std::lower_bound(all.begin(), all.end(), wanted[static_cast<Eigen::Index>(c)],
                                 [](const auto &level, double w) { return level.light < w; }) -
                all.begin());
            exact[c] = above;
            from[c] = std::max(lowest[c], above - std::min(above, kReach));
            to[c] = std::max(from[c], std::min(all.size() - 1, above + kReach - 1));
        }
        double best = INFINITY;
        std::array<size_t, 3> chosen = from;
        std::array<size_t, 3> at{};
        for (at[0] = from[0]; at[0] <= to[0]; ++at[0])
            for (at[1] = from[1]; at[1] <= to[1]; ++at[1])
                for (at[2] = from[2]; at[2] <= to[2]; ++at[2]) {
                    const Vec3 light(levels[0][at[0]].light, levels[1][at[1]].light,
                                     levels[2][at[2]].light);
                    const XYZ shown = toXyz(vec(channels.black) + channels.primaries * light);
                    const double d =
                        deltaE2000(aim, labFromXyz(relativeTo(shown, aimedWhite), white));
                    // Levels away from the exact ones make the channel's steps uneven, which all
                    // colours but this grey pay for.
                    double cost = d;
                    // White is asked for by its luminance too: 1 % counts as 0.2.
                    if (i + 1 == count)
                        cost += 20 * std::abs(shown.Y / grey.Y - 1);
                    for (size_t c = 0; c < 3; ++c)
                        if (at[c] > exact[c] || at[c] + 1 < exact[c])
                            cost += i < kShadows * count ? kUnevenInShadows : kUneven;
                    if (cost < best) {
                        best = cost;
                        chosen = at;
                    }
                }
        if (i == 0 && nativeBlack)
            chosen = {}; // as it is
        lowest = chosen;
        const auto &[r, g, b] = chosen;
        out.push_back({{levels[0][r].signal, levels[1][g].signal, levels[2][b].signal},
                       {levels[0][r].light, levels[1][g].light, levels[2][b].light}});
    }
    return out;
}

} // namespace lantern
