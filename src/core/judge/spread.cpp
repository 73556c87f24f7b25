#include "core/judge/spread.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace lantern {

namespace {

/// \param values not empty
double medianOf(std::vector<double> values)
{
    std::sort(values.begin(), values.end());
    const size_t half = values.size() / 2;
    return values.size() % 2 == 1 ? values[half] : (values[half - 1] + values[half]) / 2;
}

} // namespace

Spread spreadOf(std::vector<double> values)
{
    Spread s;
    s.count = values.size();
    if (values.empty())
        return s;
    const auto count = static_cast<double>(values.size());
    s.mean = std::accumulate(values.begin(), values.end(), 0.0) / count;
    double squares = 0;
    for (const double v : values)
        squares += (v - s.mean) * (v - s.mean);
    if (values.size() > 1)
        s.deviation = std::sqrt(squares / (count - 1));
    s.least = *std::min_element(values.begin(), values.end());
    s.most = *std::max_element(values.begin(), values.end());
    s.median = medianOf(std::move(values));
    return s;
}

std::vector<double> outlierScores(const std::vector<double> &values, double smallest)
{
    std::vector<double> scores(values.size(), 0.0);
    if (values.empty())
        return scores;
    const double median = medianOf(values);
    std::vector<double> distances;
    for (const double v : values)
        distances.push_back(std::abs(v - median));
    constexpr double kByMedian = 0.6745; // of a normal distribution: its quartile
    constexpr double kByMean = 0.7979;   // √(2/π)
    const double mad = medianOf(distances);
    const double mean = std::accumulate(distances.begin(), distances.end(), 0.0) /
                        static_cast<double>(distances.size());
    const double scale = mad > 0 ? kByMedian / mad : mean > 0 ? kByMean / mean : 0;
    for (size_t i = 0; i < values.size(); ++i)
        if (distances[i] > smallest)
            scores[i] = scale * (values[i] - median);
    return scores;
}

MeterDrift meterDrift(const XYZ &first, const XYZ &now)
{
    MeterDrift d;
    d.luminanceRatio = now.Y / first.Y;
    d.deltaUv = deltaUvPrime(uvPrime(first), uvPrime(now));
    d.isNoticeable = std::abs(d.luminanceRatio - 1) > kMostLightDrift || d.deltaUv > kMostTintDrift;
    return d;
}

} // namespace lantern
