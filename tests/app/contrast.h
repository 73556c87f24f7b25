#pragma once

#include <QColor>

#include <algorithm>
#include <cmath>

namespace lantern::test {

/// Relative luminance and contrast by WCAG 2.1, 1.4.3.
inline double luminanceOf(QRgb c)
{
    const auto linear = [](int code) {
        const double v = code / 255.0;
        return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * linear(qRed(c)) + 0.7152 * linear(qGreen(c)) + 0.0722 * linear(qBlue(c));
}

inline double contrastOf(QRgb a, QRgb b)
{
    const double la = luminanceOf(a);
    const double lb = luminanceOf(b);
    return (std::max(la, lb) + 0.05) / (std::min(la, lb) + 0.05);
}

} // namespace lantern::test
