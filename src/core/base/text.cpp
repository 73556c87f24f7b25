#include "core/base/text.h"

#include <charconv>
#include <cmath>

namespace lantern {

namespace {

std::string format(double value, std::chars_format style, int precision)
{
    char buffer[400]; // the longest fixed double has 309 digits before the point
    const auto r = std::to_chars(buffer, buffer + sizeof buffer, value, style, precision);
    return r.ec == std::errc() ? std::string(buffer, r.ptr) : std::string("?");
}

} // namespace

std::string shortNumber(double value)
{
    return format(value, std::chars_format::general, 6);
}

std::string fixedNumber(double value, int decimals)
{
    return format(value, std::chars_format::fixed, decimals);
}

std::string compactNumber(double value)
{
    return format(value, std::chars_format::general, 7);
}

std::string exactNumber(double value)
{
    return format(value, std::chars_format::general, 17);
}

std::optional<double> parseNumber(std::string_view text)
{
    if (text.starts_with('+'))
        text.remove_prefix(1);
    double value = 0;
    const auto r = std::from_chars(text.data(), text.data() + text.size(), value);
    if (r.ec != std::errc() || r.ptr != text.data() + text.size() || !std::isfinite(value))
        return std::nullopt;
    return value;
}

} // namespace lantern
