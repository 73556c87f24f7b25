#include "core/base/text.h"

#include <charconv>
#include <cmath>
#include <cstdint>

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

std::string csvQuoted(std::string_view text)
{
    std::string out = "\"";
    for (const char c : text) {
        if (c == '"')
            out += '"';
        out += c;
    }
    return out + '"';
}

std::string printable(std::string_view text)
{
    static constexpr const char *kReplacement = "\xEF\xBF\xBD"; // U+FFFD
    std::string out;
    for (size_t i = 0; i < text.size();) {
        const auto byte = [&](size_t at) {
            return at < text.size() ? static_cast<unsigned char>(text[at]) : 0U;
        };
        const unsigned first = byte(i);
        const size_t length = first < 0x80                    ? 1
                              : first >= 0xC2 && first < 0xE0 ? 2
                              : first >= 0xE0 && first < 0xF0 ? 3
                              : first >= 0xF0 && first < 0xF5 ? 4
                                                              : 0;
        uint32_t code = length == 1 ? first : length == 0 ? 0 : first & (0x7FU >> length);
        bool good = length > 0;
        for (size_t k = 1; good && k < length; ++k) {
            good = (byte(i + k) & 0xC0U) == 0x80;
            code = code << 6 | (byte(i + k) & 0x3FU);
        }
        // Too long a form, half a surrogate pair, beyond Unicode. Source: RFC 3629, 3.
        good = good && !(length == 3 && code < 0x800) && !(length == 4 && code < 0x10000) &&
               !(code >= 0xD800 && code < 0xE000) && code <= 0x10FFFF;
        const bool control = code < 0x20 || (code >= 0x7F && code < 0xA0);
        if (good && !control)
            out += text.substr(i, length);
        else
            out += kReplacement;
        i += good ? length : 1;
    }
    return out;
}

} // namespace lantern
