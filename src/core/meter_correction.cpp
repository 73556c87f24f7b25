#include "core/meter_correction.h"

#include "core/error.h"

#include <Eigen/LU>
#include <array>
#include <cmath>

namespace lantern {

namespace {

Eigen::Matrix<double, 3, 4> fourColours(const std::vector<Reading> &readings,
                                        const std::string &source)
{
    constexpr std::array<std::pair<DeviceRgb, const char *>, 4> wanted = {
        {{{255, 0, 0}, "red (255 0 0)"},
         {{0, 255, 0}, "green (0 255 0)"},
         {{0, 0, 255}, "blue (0 0 255)"},
         {{255, 255, 255}, "white (255 255 255)"}}};
    Eigen::Matrix<double, 3, 4> out = Eigen::Matrix<double, 3, 4>::Zero();
    for (int k = 0; k < 4; ++k) {
        int n = 0;
        for (const Reading &r : readings)
            if (r.rgb == wanted[k].first) {
                out.col(k) += vec(r.xyz);
                ++n;
            }
        if (n == 0)
            throw Error(ErrorKind::BadInput, source,
                        std::string("no reading of ") + wanted[k].second,
                        "A correction is made from red, green, blue and white at full drive.");
        out.col(k) /= n;
        if (!(out.col(k).sum() > 0) || !out.col(k).allFinite())
            throw Error(ErrorKind::BadInput, source,
                        std::string(wanted[k].second) + " was read as having no light");
    }
    return out;
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
    const auto read = fourColours(meter, meterSource);
    const auto truth = fourColours(reference, referenceSource);
    for (const auto &[set, source] :
         {std::pair(read, meterSource), std::pair(truth, referenceSource)})
        if (!(std::abs(set.leftCols<3>().determinant()) >
              1e-6 * std::pow(set.leftCols<3>().sum(), 3) / 27))
            throw Error(ErrorKind::BadInput, source,
                        "red, green and blue were read as the same colour");
    return fourColourMatrix(read, truth);
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
            {"matrix", matrix}};
}

} // namespace lantern
