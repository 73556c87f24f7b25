#include "bench/meter.h"

#include "core/base/least_squares.h"
#include "core/reading/meter_correction.h"

#include <nlohmann/json.hpp>

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace lantern::bench {

namespace {

/// SplitMix64 finaliser. Source: Steele, Lea, Flood, OOPSLA 2014.
uint64_t mix(uint64_t z)
{
    z += 0x9e3779b97f4a7c15ULL;
    z = (z ^ (z >> 30)) * 0xbf58476d1ce4e5b9ULL;
    z = (z ^ (z >> 27)) * 0x94d049bb133111ebULL;
    return z ^ (z >> 31);
}

/// Evenly distributed in (0, 1).
double uniform(uint64_t bits)
{
    return (static_cast<double>(bits >> 11) + 0.5) * 0x1.0p-53;
}

Vec3 vec3(JsonObject &object, const std::string &key, double min, double max)
{
    const auto v = object.numbers(key, 3, min, max);
    return {v[0], v[1], v[2]};
}

/// Linear interpolation on the bench's grid, 0 outside it.
double sampleAt(const Spectrum &table, double nm)
{
    const double position = (nm - kFirstNm) / kCmfStepNm;
    if (position < 0 || position > kBands - 1)
        return 0;
    const int i = std::min(static_cast<int>(position), kBands - 2);
    const double f = position - i;
    return table[i] * (1 - f) + table[i + 1] * f;
}

} // namespace

double normalNoise(uint64_t seed, uint64_t stream, uint64_t index)
{
    const uint64_t key = mix(mix(seed) ^ mix(stream + 0x51ed270b)) ^ mix(index * 2 + 1);
    const double u1 = uniform(mix(key));
    const double u2 = uniform(mix(key ^ 0xd1b54a32d192ed03ULL));
    return std::sqrt(-2 * std::log(u1)) * std::cos(2 * std::numbers::pi * u2); // Box, Muller 1958
}

MeterDescription meterFromJson(const Json &json, const std::string &source)
{
    JsonObject root(json, source);
    root.expectFormat("bold-lantern-meter", 1);
    MeterDescription m;
    m.id = root.string("id");
    m.name = root.string("name");
    m.kind = root.oneOf("kind", {"colorimeter", "reference"});
    m.serial = root.string("serial");
    m.shiftNm = vec3(root, "shift_nm", -50, 50);
    m.leak = vec3(root, "leak", -1, 1);
    m.dark = vec3(root, "dark", -10, 10);
    m.readNoise = root.number("read_noise", 0, 10);
    m.shot = root.number("shot", 0, 10);
    m.t0Seconds = root.number("T0_s", 0, 1000);
    m.y0 = root.number("Y0", 0, kInfinity);
    m.tMinSeconds = root.number("T_min_s", 1e-6, 1000);
    m.tMaxSeconds = root.number("T_max_s", m.tMinSeconds, 1000);
    m.settleSeconds = root.number("settle_s", 0, 1000);
    m.zeroEveryMinutes = root.number("zero_every_minutes", 0, kInfinity);
    m.diffuser = root.boolean("diffuser");
    m.training = root.oneOf("training", technologies());
    if (root.has("light_leak"))
        m.lightLeak = root.number("light_leak", 0, 0.1);
    root.finish();
    return m;
}

Meter::Meter(MeterDescription description, const Display &training, uint64_t seed)
    : m_description(std::move(description)), m_seed(seed)
{
    const Spectrum y = colourMatching(1);
    for (int k = 0; k < 3; ++k) {
        const Spectrum cmf = colourMatching(k);
        for (int i = 0; i < kBands; ++i) {
            const double nm = kFirstNm + kCmfStepNm * i;
            m_filters[k][i] =
                sampleAt(cmf, nm - m_description.shiftNm[k]) + m_description.leak[k] * y[i];
        }
    }
    if (m_description.isReference())
        return; // its filters are the colour-matching functions, M is the identity
    const Mat3 signals = channelSignals(training);
    Eigen::MatrixXd a(26, 3);
    Eigen::MatrixXd b(26, 3);
    int row = 0;
    for (int i = 1; i < 27; ++i) {
        const Vec3 drive = Vec3(i / 9, i / 3 % 3, i % 3) / 2;
        const Vec3 truth = training.channelXyz() * drive;
        a.row(row) = (signals * drive / truth[1]).transpose();
        b.row(row) = (truth / truth[1]).transpose();
        ++row;
    }
    m_factory = Mat3(leastSquares(a, b).x).transpose();
}

Mat3 Meter::channelSignals(const Display &display) const
{
    Mat3 signals;
    for (int c = 0; c < 3; ++c)
        for (int k = 0; k < 3; ++k)
            signals(k, c) = integrate(display.channelSpectrum(c), m_filters[k]);
    return signals;
}

void Meter::setCorrection(const Display &generic)
{
    if (m_description.isReference()) {
        clearCorrection();
        return;
    }
    Eigen::Matrix<double, 3, 4> mine;
    Eigen::Matrix<double, 3, 4> reference;
    mine.leftCols<3>() = m_factory * channelSignals(generic);
    reference.leftCols<3>() = generic.channelXyz();
    mine.col(3) = mine.leftCols<3>().rowwise().sum();
    reference.col(3) = reference.leftCols<3>().rowwise().sum();
    m_correction = fourColourMatrix(mine, reference);
}

double Meter::integrationSeconds(double luminance) const
{
    if (luminance <= 0)
        return m_description.tMaxSeconds;
    return std::clamp(m_description.t0Seconds * m_description.y0 / luminance,
                      m_description.tMinSeconds, m_description.tMaxSeconds);
}

bool Meter::answers() const
{
    const auto it = m_faults.find(m_number);
    return it == m_faults.end() ||
           (it->second != MeterFault::Unplugged && it->second != MeterFault::DriverDied);
}

MeterOutcome Meter::read(const Display &display, const Stimulus &stimulus, const XYZ &room)
{
    bool offPatch = false;
    if (const auto it = m_faults.find(m_number); it != m_faults.end()) {
        const MeterFault fault = it->second;
        m_faults.erase(it);
        if (fault == MeterFault::Garbage)
            return MeterReading{{std::nan(""), -4e8, std::nan("")}, m_description.tMinSeconds};
        if (fault == MeterFault::OffPatch)
            offPatch = true;
        else if (fault != MeterFault::None)
            return fault;
    }
    const Mat3 xyzFromRaw = m_correction * m_factory;
    Vec3 signal = m_factory.inverse() * vec(offPatch ? room : stimulus.room);
    double luminance = offPatch ? room.Y : stimulus.room.Y;
    if (!offPatch) {
        signal += channelSignals(display) * stimulus.channelLight;
        luminance += (display.channelXyz() * stimulus.channelLight)[1];
    }
    const double t = integrationSeconds(luminance);
    Vec3 raw = signal;
    if (!m_zeroed)
        raw += m_description.dark;
    for (int k = 0; k < 3; ++k) {
        const double variance = (m_description.readNoise * m_description.readNoise +
                                 m_description.shot * std::max(0.0, signal[k])) /
                                t;
        raw[k] += std::sqrt(variance) * normalNoise(m_seed, k, m_number);
    }
    ++m_number;
    return MeterReading{toXyz(xyzFromRaw * raw), t};
}

} // namespace lantern::bench
