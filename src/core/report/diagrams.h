#pragma once

#include "core/report/diagram.h"
#include "core/report/report.h"

#include <vector>

namespace lantern {

/// The diagrams of a run, as far as it came: "tone" (L* over code values), "gamma" (exponent over
/// level), "correction" and "lut" (of the video LUT), "grey-tint" (a* b* of the greys), "grey-uv"
/// (their Δu'v' and ΔC), "gamut-uv", "gamut-xy", "share" (of colours below a difference), "roses"
/// (from aimed to measured on a* b*).
std::vector<Diagram> diagramsOf(const ReportData &report);

// What they, and the window's own plots, are made of.

/// Greys: code value in per cent against L* under their own white.
DiagramCurve lightnessCurve(const std::vector<Reading> &greys, double whiteCdM2);
/// Greys: code value in per cent against a* or b* under a white.
DiagramCurve tintCurve(const std::vector<Reading> &greys, const XYZ &white, double Lab::*part);
/// The aimed curve. \param black relative to white
DiagramCurve aimedCurve(const ToneCurve &tone, double black, double whiteCdM2);
/// Exponent that each grey's luminance has, black taken off, against its level in per cent.
DiagramCurve exponentCurve(const std::vector<Reading> &greys);
/// What a video LUT does to each channel: red, green, blue; what comes out, or the difference.
std::vector<DiagramCurve> lutCurves(const VideoLut &lut, bool differenceOnly);
/// Share of the values below each, in per cent, with marks at 50, 90 and 95.
std::vector<DiagramCurve> shareCurves(std::vector<double> values);

/// From where colours were aimed to where they were read, on a* b*, longer than life.
struct Roses {
    DiagramCurve stems, over, aims; ///< over: those above the limit of single colours
    double reach = 100;             ///< of both axes
    double magnified = 1;
};
Roses rosesOf(const Validation &validation);

/// The closed triangle of primaries on u'v' (or x y), and the spectrum's locus there.
DiagramCurve triangleCurve(const PrimarySet &primaries, bool inXy);
DiagramCurve locusCurve(bool inXy);

} // namespace lantern
