#include "core/reading/key_colours.h"

#include "core/base/error.h"

#include <algorithm>
#include <cmath>

namespace lantern {

std::vector<KeyColour> keyColours(const std::vector<Lab> &pixels, int count)
{
    if (pixels.empty())
        throw Error(ErrorKind::BadInput, "picture", "it has no pixels");
    constexpr size_t kEnough = 20000;
    std::vector<Vec3> points;
    const size_t n = std::min(pixels.size(), kEnough);
    for (size_t i = 0; i < n; ++i)
        points.push_back(vec(pixels[i * pixels.size() / n]));

    Vec3 mean = Vec3::Zero();
    for (const Vec3 &p : points)
        mean += p / static_cast<double>(n);
    std::vector<double> distance(n);
    for (size_t i = 0; i < n; ++i)
        distance[i] = (points[i] - mean).squaredNorm();
    std::vector<Vec3> centres;
    constexpr double kSameColour = 1; // squared ΔE*ab
    while (centres.size() < static_cast<size_t>(count)) {
        const auto farthest = static_cast<size_t>(
            std::max_element(distance.begin(), distance.end()) - distance.begin());
        if (!centres.empty() && distance[farthest] < kSameColour)
            break;
        centres.push_back(points[farthest]);
        for (size_t i = 0; i < n; ++i) {
            const double d = (points[i] - points[farthest]).squaredNorm();
            distance[i] = centres.size() == 1 ? d : std::min(distance[i], d);
        }
    }

    std::vector<double> members(centres.size());
    constexpr int kRounds = 12;
    for (int round = 0; round < kRounds; ++round) {
        std::vector<Vec3> sums(centres.size(), Vec3::Zero());
        std::fill(members.begin(), members.end(), 0);
        for (const Vec3 &p : points) {
            size_t best = 0;
            double least = INFINITY;
            for (size_t c = 0; c < centres.size(); ++c) {
                const double d = (p - centres[c]).squaredNorm();
                if (d < least) {
                    least = d;
                    best = c;
                }
            }
            sums[best] += p;
            ++members[best];
        }
        double moved = 0;
        for (size_t c = 0; c < centres.size(); ++c) {
            if (members[c] == 0)
                continue;
            const Vec3 centre = sums[c] / members[c];
            moved = std::max(moved, (centre - centres[c]).norm());
            centres[c] = centre;
        }
        if (moved < 0.01)
            break;
    }
    std::vector<KeyColour> out;
    for (size_t c = 0; c < centres.size(); ++c)
        if (members[c] > 0)
            out.push_back({toLabType(centres[c]), members[c] / static_cast<double>(n)});
    std::stable_sort(out.begin(), out.end(),
                     [](const KeyColour &a, const KeyColour &b) { return a.share > b.share; });
    return out;
}

} // namespace lantern
