#include "core/reading/meter_correction.h"

#include "core/base/error.h"
#include "core/base/text.h"
#include "core/colour/spectra.h"

#include <nlohmann/json.hpp>

#include <Eigen/LU>
#include <array>
#include <cmath>

namespace lantern {

namespace {

using FourColours = Eigen::Matrix<double, 3, 4>;

constexpr int kLastNm = kCmfFirstNm + (kCmfCount - 1) * kCmfStepNm;

const SpectralTable &standardObserver()
{
    static const SpectralTable table = [] {
        SpectralTable t;
        for (int i = 0; i < kCmfCount; ++i)
            t.nm.push_back(kCmfFirstNm + i * kCmfStepNm);
        const ColourMatchingFunctions &cmf = cie1931();
        for (const auto *curve : {&cmf.x, &cmf.y, &cmf.z})
            t.curves.push_back({"", {curve->begin(), curve->end()}});
        return t;
    }();
    return table;
}

FourColours fourColours(const std::vector<Reading> &readings, const std::string &source)
{
    constexpr std::array<std::pair<DeviceRgb, const char *>, 4> wanted = {
        {{{255, 0, 0}, "red (255 0 0)"},
         {{0, 255, 0}, "green (0 255 0)"},
         {{0, 0, 255}, "blue (0 0 255)"},
         {{255, 255, 255}, "white (255 255 255)"}}};
    FourColours out = FourColours::Zero();
    for (int k = 0; k < 4; ++k) {
        int n = 0;
        for (const Reading &r : readings)
            if (r.rgb == wanted[k].first) {
                out.col(k) += vec(r.xyz);
                ++n;
            }
        if (n == 0)
            throw Error(ErrorKind::BadInput, source, {"no reading of %1", {wanted[k].second}},
                        "A correction is made from red, green, blue and white at full drive.");
        out.col(k) /= n;
        if (!(out.col(k).sum() > 0) || !out.col(k).allFinite())
            throw Error(ErrorKind::BadInput, source,
                        {"%1 was read as having no light", {wanted[k].second}});
    }
    return out;
}

Mat3 checkedMatrix(const FourColours &read, const std::string &meterSource,
                   const FourColours &truth, const std::string &referenceSource)
{
    for (const auto &[set, source] :
         {std::pair(read, meterSource), std::pair(truth, referenceSource)})
        if (!(std::abs(set.leftCols<3>().determinant()) >
              1e-6 * std::pow(set.leftCols<3>().sum(), 3) / 27))
            throw Error(ErrorKind::BadInput, source,
                        "red, green and blue are seen as the same colour");
    return fourColourMatrix(read, truth);
}

} // namespace

Mat3 fourColourMatrix(const Eigen::Matrix<double, 3, 4> &meter,
                      const Eigen::Matrix<double, 3, 4> &reference)
{
    auto scaledPrimaries = [](const Eigen::Matrix<double, 3, 4> &read) -> Mat3 {
        Mat3 chromaticities;
        for (int c = 0; c < 3; ++c)
            chromaticities.col(c) = read.col(c) / read.col(c).sum();
        const Vec3 white = read.col(3) / read.col(3).sum();
        return chromaticities * Vec3(chromaticities.inverse() * white).asDiagonal();
    };
    const Mat3 shape = scaledPrimaries(reference) * scaledPrimaries(meter).inverse();
    return shape * (reference(1, 3) / (shape * meter.col(3))[1]);
}

Mat3 correctionMatrix(const std::vector<Reading> &meter, const std::string &meterSource,
                      const std::vector<Reading> &reference, const std::string &referenceSource)
{
    return checkedMatrix(fourColours(meter, meterSource), meterSource,
                         fourColours(reference, referenceSource), referenceSource);
}

std::vector<DeviceRgb> correctionPatches()
{
    std::vector<DeviceRgb> out;
    for (int round = 0; round < 3; ++round)
        out.insert(out.end(), {{255, 255, 255}, {255, 0, 0}, {0, 255, 0}, {0, 0, 255}});
    return out;
}

Mat3 correctionFromSpectra(const SpectralTable &sensitivities, const std::string &meterSource,
                           const SpectralTable &panel, const std::string &panelSource)
{
    const std::array<const char *, 3> numbers = {"X", "Y", "Z"};
    const std::array<const char *, 4> lights = {"red", "green", "blue", "white"};
    FourColours read = FourColours::Zero();
    FourColours truth = FourColours::Zero();
    const SpectralTable &observer = standardObserver();
    const int last = panel.has("white") ? 4 : 3;
    for (int k = 0; k < 3; ++k) {
        const auto &meter = sensitivities.curve(numbers[static_cast<size_t>(k)], meterSource);
        const auto &standard = observer.curves[static_cast<size_t>(k)];
        for (int c = 0; c < last; ++c) {
            const auto &light = panel.curve(lights[static_cast<size_t>(c)], panelSource);
            for (int nm = kCmfFirstNm; nm <= kLastNm; ++nm) {
                const double power = panel.at(light, nm);
                read(k, c) += power * sensitivities.at(meter, nm);
                truth(k, c) += power * observer.at(standard, nm);
            }
        }
    }
    if (last == 3) {
        read.col(3) = read.leftCols<3>().rowwise().sum();
        truth.col(3) = truth.leftCols<3>().rowwise().sum();
    }
    constexpr double kFarOff = 3; // no meter that is meant to read cd/m² is off by so much
    if (const double ratio = read(1, 3) / truth(1, 3); !(ratio > 1 / kFarOff && ratio < kFarOff))
        throw Error(ErrorKind::BadInput, meterSource,
                    {"the sensitivities are on another scale than the CIE functions: white would "
                     "be read as %1 times its luminance",
                     {shortNumber(ratio)}},
                    "Scale them so that a perfect meter's Y has its peak at 1.");
    return checkedMatrix(read, meterSource, truth, panelSource);
}

CorrectionKind MeterCorrection::kindFor(const std::string &displayName) const
{
    if (method == Method::Spectra)
        return CorrectionKind::Spectra;
    return !displayName.empty() && display == displayName ? CorrectionKind::Display
                                                          : CorrectionKind::Technology;
}

MeterCorrection correctionFromJson(const Json &json, const std::string &source)
{
    JsonObject root(json, source);
    root.expectFormat("bold-lantern-correction", 1);
    MeterCorrection c;
    c.meter = root.string("meter");
    c.reference = root.string("reference");
    c.technology = root.string("technology");
    c.display = root.string("display");
    c.created = root.string("created");
    const auto values = root.numbers("matrix", 9, -10, 10);
    for (int i = 0; i < 9; ++i)
        c.matrix(i / 3, i % 3) = values[static_cast<size_t>(i)];
    if (root.has("method")) // added later
        c.method = root.oneOf("method", {"readings", "spectra"}) == "spectra"
                       ? MeterCorrection::Method::Spectra
                       : MeterCorrection::Method::Readings;
    root.finish();
    if (!(c.matrix.determinant() > 1e-3))
        root.fail("matrix", "cannot be a correction: it turns colours inside out");
    return c;
}

Json correctionToJson(const MeterCorrection &c)
{
    Json matrix = Json::array();
    for (int i = 0; i < 9; ++i)
        matrix.push_back(c.matrix(i / 3, i % 3));
    return {{"format", "bold-lantern-correction"},
            {"version", 1},
            {"meter", c.meter},
            {"reference", c.reference},
            {"technology", c.technology},
            {"display", c.display},
            {"created", c.created},
            {"method", c.method == MeterCorrection::Method::Spectra ? "spectra" : "readings"},
            {"matrix", matrix}};
}

} // namespace lantern
