#pragma once

#include "core/colour/colour.h"

namespace lantern {

/// CIELUV. Source: CIE 15:2018, 8.2.2. Black has no chromaticity: u* = v* = 0.
struct Luv {
    double L = 0, u = 0, v = 0;
};
/// CIELAB in cylinder coordinates; hue in degrees 0..360, 0 for a neutral.
struct Lch {
    double L = 0, C = 0, h = 0;
};
/// Signal of IEC 61966-2-1, 0..1 inside the gamut; continued with the sign kept outside it.
struct Srgb {
    double r = 0, g = 0, b = 0;
};
/// ICtCp (PQ) of ITU-R BT.2100-2, Table 7.
struct Ictcp {
    double I = 0, Ct = 0, Cp = 0;
};

/// White components > 0, in the scale of the colour.
Luv luvFromXyz(const RelXYZ &c, const RelXYZ &white);
RelXYZ xyzFromLuv(const Luv &c, const RelXYZ &white);

Lch lchFromLab(const Lab &c);
Lab labFromLch(const Lch &c);

/// XYZ of white D65 (Y = 1) to sRGB and back. The matrix follows from the standard's primaries and
/// white. Source: IEC 61966-2-1:1999, 5.2 and 5.3.
Srgb srgbFromXyz(const RelXYZ &c);
RelXYZ xyzFromSrgb(const Srgb &c);

/// PCS Lab (D50) of sRGB code values 0..255, and back (not rounded; outside 0..255 where sRGB does
/// not reach). Adapted with Bradford.
Lab pcsFromSrgb(const DeviceRgb &rgb);
DeviceRgb srgbCodesFromPcs(const Lab &lab);

/// Of an emitter in cd/m². Negative cone signals count as 0.
Ictcp ictcpFromXyz(const XYZ &c);

/// Adaptation matrix of CAT16 for complete adaptation (D = 1) from one white to another.
/// Source: Li, Li, Wang, Xu, Luo, Cui, Melgosa, Brill, Pointer, Color Res. Appl. 42 (2017) 703-718.
Mat3 cat16(const RelXYZ &from, const RelXYZ &to);

} // namespace lantern
