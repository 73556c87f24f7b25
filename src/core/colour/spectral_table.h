#pragma once

#include "core/base/json_object.h"

#include <string>
#include <vector>

namespace lantern {

/// Spectral curves over wavelength, from a file: sensitivities of a meter or light of a panel.
struct SpectralTable {
    struct Curve {
        std::string name;
        std::vector<double> values; ///< any one scale
        bool operator==(const Curve &) const = default;
    };
    std::vector<double> nm; ///< rising
    std::vector<Curve> curves;

    /// A curve by its name, in any case. \throws Error BadInput listing those there are.
    /// \param source for the message
    [[nodiscard]] const Curve &curve(const std::string &name, const std::string &source) const;
    [[nodiscard]] bool has(const std::string &name) const;
    /// By linear interpolation; 0 outside of the table.
    [[nodiscard]] double at(const Curve &curve, double nanometres) const;
    bool operator==(const SpectralTable &) const = default;
};

/// Reads spectral curves. The kind is told by the content:
/// - CSV: a first line of titles, the first column `nm`, one column for each curve; separated by
///   comma, semicolon or tabulator;
/// - CGATS (ISO 28178): one row for each curve, named by SAMPLE_NAME or SAMPLE_ID, with fields
///   SPECTRAL_380, nm380, SPECTRAL_NM380 or the like for each wavelength.
/// \throws Error BadInput naming source and line: fewer than 10 wavelengths, steps above 20 nm,
///         wavelengths that do not rise or lie outside 200..1200, numbers that are none
SpectralTable spectraFromText(const std::string &text, const std::string &source);

/// As CSV that spectraFromText() reads; numbers come back as they were.
std::string spectraToCsv(const SpectralTable &table);

} // namespace lantern
