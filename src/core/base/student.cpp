#include "core/base/student.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace lantern {

double studentTwoSided(double t, int freedom)
{
    const double angle = std::atan(std::abs(t) / std::sqrt(double(freedom)));
    const double c = std::cos(angle);
    double sum = 0;
    double term = freedom % 2 == 1 ? c : 1;
    for (int i = freedom % 2 == 1 ? 1 : 0; i <= freedom - 2; i += 2) {
        sum += term;
        term *= c * c * (i + 1) / (i + 2);
    }
    const double inside = freedom % 2 == 1 ? 2 / std::numbers::pi * (angle + std::sin(angle) * sum)
                                           : std::sin(angle) * sum;
    return std::clamp(1 - inside, 0.0, 1.0);
}

double widening(int freedom)
{
    if (freedom < 1)
        return 1;
    const double beyond = std::erfc(std::numbers::sqrt2); // of a normal distribution at k = 2
    double low = 2;
    double high = 100;
    constexpr int kHalvings = 60;
    for (int i = 0; i < kHalvings; ++i) {
        const double t = (low + high) / 2;
        (studentTwoSided(t, freedom) > beyond ? low : high) = t;
    }
    return low / 2;
}

} // namespace lantern
