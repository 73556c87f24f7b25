#pragma once

#include <cmath>
#include <cstdint>
#include <numbers>
#include <optional>
#include <random>

namespace lantern {

/// Normal deviates that are the same with every standard library (Box, Muller, Ann. Math. Stat. 29
/// (1958) 610-611).
class Normal {
public:
    explicit Normal(uint64_t seed) : m_engine(seed) {}
    double operator()()
    {
        if (m_spare) {
            const double value = *m_spare;
            m_spare.reset();
            return value;
        }
        const double radius = std::sqrt(-2 * std::log(1 - uniform()));
        const double angle = 2 * std::numbers::pi * uniform();
        m_spare = radius * std::sin(angle);
        return radius * std::cos(angle);
    }

private:
    double uniform() { return static_cast<double>(m_engine() >> 11) * 0x1p-53; }

    std::mt19937_64 m_engine;
    std::optional<double> m_spare;
};

} // namespace lantern
