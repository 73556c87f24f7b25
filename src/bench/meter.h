#pragma once

#include "bench/display.h"
#include "core/reading/meter_fault.h"

#include <cstdint>
#include <map>
#include <variant>

namespace lantern::bench {

/// A meter model file, format "bold-lantern-meter" version 1; see docs/simulated-bench.md.
struct MeterDescription {
    std::string id, name, kind, serial, training;
    Vec3 shiftNm, leak, dark; ///< dark in cd/m²
    double readNoise = 0, shot = 0;
    double t0Seconds = 0, y0 = 0, tMinSeconds = 0, tMaxSeconds = 0, settleSeconds = 0;
    double zeroEveryMinutes = 0;
    double lightLeak = 0; ///< share of the room's light that gets under it; optional key
    bool diffuser = false;
    [[nodiscard]] bool isReference() const { return kind == "reference"; }
};

/// \throws Error BadInput naming source, key, value and range; unknown keys are an error.
MeterDescription meterFromJson(const Json &json, const std::string &source);

/// Light in front of the meter: a display's channel drives times scale and place, to be added up
/// with the display's channel spectra.
struct Stimulus {
    Vec3 channelLight = Vec3::Zero();
    XYZ room = {}; ///< light without a known spectrum, added as a colour
};

/// A finished reading and what it cost.
struct MeterReading {
    XYZ xyz;
    double integrationSeconds = 0;
};
using MeterOutcome = std::variant<MeterReading, MeterFault>;

/// A simulated meter. Noise depends only on the seed and on the number of the reading, so that a
/// run can go on after a crash as if nothing had happened.
class Meter {
public:
    /// Width of what the sensor sees, mm.
    static constexpr double kCircleMm = 27;

    /// \param training generic display of the technology the factory trained it on
    Meter(MeterDescription description, const Display &training, uint64_t seed);

    [[nodiscard]] const MeterDescription &description() const { return m_description; }

    /// Puts the meter in front of a display and sets the correction for `technology` (empty: none),
    /// found by the four-colour method against a perfect meter on `generic`.
    /// Source: Ohno, Hardis, NIST J. Res. / CIE (1997) "Four-color matrix method".
    void setCorrection(const Display &generic);
    /// A correction from a file instead.
    void setCorrectionMatrix(const Mat3 &matrix) { m_correction = matrix; }
    /// Spectral responsivity of one of its three channels, before any matrix.
    [[nodiscard]] const Spectrum &filter(int k) const { return m_filters[static_cast<size_t>(k)]; }
    void clearCorrection() { m_correction = Mat3::Identity(); }
    [[nodiscard]] const Mat3 &correction() const { return m_correction; }
    /// Factory matrix M.
    [[nodiscard]] const Mat3 &factoryMatrix() const { return m_factory; }

    /// Measures the dark offset and takes it off from now on.
    void zero() { m_zeroed = true; }
    [[nodiscard]] bool isZeroed() const { return m_zeroed; }

    /// Number of the next reading; with the seed it decides the noise.
    [[nodiscard]] uint64_t readingNumber() const { return m_number; }
    void setReadingNumber(uint64_t number) { m_number = number; }

    /// The reading of that number fails once in the given way.
    void injectFault(uint64_t readingNumber, MeterFault fault) { m_faults[readingNumber] = fault; }

    /// False when the next reading would find it unplugged or its driver gone.
    [[nodiscard]] bool answers() const;

    /// Takes one reading. Failed readings use up no number.
    MeterOutcome read(const Display &display, const Stimulus &stimulus, const XYZ &room);

    /// Integration time for a luminance, seconds.
    [[nodiscard]] double integrationSeconds(double luminanceCdM2) const;

    /// Meter signals (before noise and dark) of a display's channels at unit light, as columns.
    [[nodiscard]] Mat3 channelSignals(const Display &display) const;

private:
    MeterDescription m_description;
    std::array<Spectrum, 3> m_filters;
    Mat3 m_factory = Mat3::Identity();
    Mat3 m_correction = Mat3::Identity();
    uint64_t m_seed;
    uint64_t m_number = 0;
    bool m_zeroed = false;
    std::map<uint64_t, MeterFault> m_faults;
};

/// Standard normal number number `index` of stream `stream` for a seed; the same on every machine.
double normalNoise(uint64_t seed, uint64_t stream, uint64_t index);

} // namespace lantern::bench
