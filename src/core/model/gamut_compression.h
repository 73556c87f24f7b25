#pragma once

#include "core/model/gamut_boundary.h"

namespace lantern {

/// The mapping behind the perceptual intent: brings colours of a source gamut into the display's
/// without cutting any off.
///
/// Each colour moves on the line to a point of the neutral axis (its own lightness, drawn 30 % of
/// the way to 50). Along it, where the display reaches less far than the source, everything up to
/// 80 % of the display's reach stays; from there to the source's limit distances are squeezed into
/// the rest, with slope 1 at the start; near-neutral colours stay. Where the display reaches as far
/// as the source nothing moves, so a wide-gamut display is left alone. Own method; knee compression
/// of this kind is discussed in CIE 156:2004.
class GamutCompression {
public:
    GamutCompression(const GamutBoundary &display, const GamutBoundary &source)
        : m_display(display), m_source(source)
    {}

    [[nodiscard]] Lab compress(const Lab &lab) const;

private:
    /// How far a line from the axis goes inside a gamut, in multiples of its length, 0..4.
    static double reach(const GamutBoundary &gamut, double focusL, const Lab &towards);

    const GamutBoundary &m_display;
    const GamutBoundary &m_source;
};

} // namespace lantern
