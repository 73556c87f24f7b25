#pragma once

#include "core/base/json_object.h"
#include "core/colour/spectral_table.h"
#include "core/reading/light_uncertainty.h"
#include "core/reading/reading.h"

#include <string>
#include <vector>

namespace lantern {

/// Four-colour correction matrix. \param meter, reference columns red, green, blue, white as read
/// by each (XYZ, any one scale). Chromaticities of all four colours and the luminance of white come
/// out as the reference has them.
/// Source: Ohno, Hardis, "Four-color matrix method for correction of tristimulus colorimeters",
/// Proc. IS&T Fifth Color Imaging Conf. (1997) 301-305; white's Y is made to agree.
Mat3 fourColourMatrix(const Eigen::Matrix<double, 3, 4> &meter,
                      const Eigen::Matrix<double, 3, 4> &reference);

/// A correction of one meter for displays of one technology, as kept in a file.
struct MeterCorrection {
    std::string meter;      ///< name and serial of the meter it is for
    std::string reference;  ///< meter it was made against
    std::string technology; ///< of the panels it is meant for
    std::string display;    ///< it was made on
    std::string created;    ///< ISO 8601
    enum class Method {
        Readings, ///< of one display by both meters
        Spectra,  ///< computed
    };
    Mat3 matrix = Mat3::Identity();
    Method method = Method::Readings;

    /// What it is for a display of that name.
    [[nodiscard]] CorrectionKind kindFor(const std::string &displayName) const;
    [[nodiscard]] XYZ corrected(const XYZ &read) const { return toXyz(matrix * vec(read)); }
};

/// Makes the matrix from readings of the same display by both meters; each set needs red, green,
/// blue and white at full drive (255), repeated readings are averaged.
/// \throws Error BadInput naming the set and the colour that is missing, or when the four colours
/// do
///         not span colour.
Mat3 correctionMatrix(const std::vector<Reading> &meter, const std::string &meterSource,
                      const std::vector<Reading> &reference, const std::string &referenceSource);

/// Patches to read with both meters for correctionMatrix(): each colour three times, in turn.
std::vector<DeviceRgb> correctionPatches();

/// Computes the matrix from spectra instead of readings: what the meter and what the CIE 1931
/// observer see of a panel. \param sensitivities curves "X", "Y", "Z": the spectral responsivity
/// of each number the meter gives, on the scale of the CIE functions (a perfect meter's Y has its
/// peak at 1) \param panel curves "red", "green", "blue", and
/// "white" where it is not their sum; all on one scale. Integrated every 1 nm, 360 to 830 nm.
/// \throws Error BadInput naming the set and the curve that is missing, or when the curves do not
///         span colour.
Mat3 correctionFromSpectra(const SpectralTable &sensitivities, const std::string &meterSource,
                           const SpectralTable &panel, const std::string &panelSource);

/// Files of format "bold-lantern-correction" version 1; docs/file-formats.md. Every key is checked.
/// \throws Error BadInput
MeterCorrection correctionFromJson(const Json &json, const std::string &source);
Json correctionToJson(const MeterCorrection &correction);

} // namespace lantern
