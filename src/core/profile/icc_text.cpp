#include "core/profile/icc_text.h"

#include <array>
#include <string_view>

namespace lantern {

namespace {

std::vector<char32_t> characters(const std::string &utf8)
{
    constexpr char32_t kReplacement = 0xFFFD;
    std::vector<char32_t> out;
    for (size_t i = 0; i < utf8.size();) {
        const auto lead = static_cast<unsigned char>(utf8[i++]);
        const int more = lead < 0x80   ? 0
                         : lead < 0xC2 ? -1
                         : lead < 0xE0 ? 1
                         : lead < 0xF0 ? 2
                         : lead < 0xF5 ? 3
                                       : -1;
        if (more < 0) {
            out.push_back(kReplacement);
            continue;
        }
        char32_t c = more == 0 ? lead : lead & (0x3F >> more);
        int taken = 0;
        while (taken < more && i < utf8.size() &&
               (static_cast<unsigned char>(utf8[i]) & 0xC0) == 0x80) {
            c = c << 6 | (static_cast<unsigned char>(utf8[i++]) & 0x3F);
            ++taken;
        }
        constexpr std::array<char32_t, 4> kSmallest = {0, 0x80, 0x800, 0x10000};
        const bool whole = taken == more && c >= kSmallest[static_cast<size_t>(more)] &&
                           c <= 0x10FFFF && (c < 0xD800 || c > 0xDFFF);
        out.push_back(whole ? c : kReplacement);
    }
    return out;
}

/// Letters of U+00C0..U+017F without their marks, in order.
constexpr std::string_view kLetters =
    "AAAAAAACEEEEIIIIDNOOOOOxOUUUUYTsaaaaaaaceeeeiiiidnooooo/ouuuuyty"
    "AaAaAaCcCcCcCcDdDdEeEeEeEeEeGgGgGgGgHhHhIiIiIiIiIiIiJjKkkLlLlLlLlLlNnNnNnnNnOoOoOoOoRrRrRrSsSs"
    "SsSsTtTtTtUuUuUuUuUuUuWwYyYZzZzZzs";

std::string asciiOf(char32_t c)
{
    if (c < 0x80)
        return std::string(1, static_cast<char>(c));
    constexpr char32_t kFirst = 0xC0;
    if (c >= kFirst && c - kFirst < kLetters.size())
        return std::string(1, kLetters[c - kFirst]);
    switch (c) {
    case 0xA0:
        return " ";
    case 0xB0:
        return "deg";
    case 0xB2:
        return "2";
    case 0xB7:
    case 0x2010:
    case 0x2011:
    case 0x2012:
    case 0x2013:
    case 0x2014:
        return "-";
    case 0x2018:
    case 0x2019:
    case 0x2032:
        return "'";
    case 0x201C:
    case 0x201D:
    case 0x2033:
        return "\"";
    case 0x394:
        return "Delta ";
    default:
        return "?";
    }
}

void appendBig(std::vector<uint8_t> &out, uint32_t value, int bytes)
{
    for (int shift = 8 * (bytes - 1); shift >= 0; shift -= 8)
        out.push_back(static_cast<uint8_t>(value >> shift));
}

} // namespace

std::u16string utf16(const std::string &utf8)
{
    std::u16string out;
    for (const char32_t c : characters(utf8)) {
        if (c < 0x10000) {
            out += static_cast<char16_t>(c);
            continue;
        }
        out += static_cast<char16_t>(0xD800 + ((c - 0x10000) >> 10));
        out += static_cast<char16_t>(0xDC00 + ((c - 0x10000) & 0x3FF));
    }
    return out;
}

std::string utf8(const std::u16string &text)
{
    std::string out;
    for (size_t i = 0; i < text.size(); ++i) {
        char32_t c = text[i];
        const bool high = c >= 0xD800 && c < 0xDC00;
        if (high && i + 1 < text.size() && text[i + 1] >= 0xDC00 && text[i + 1] < 0xE000)
            c = 0x10000 + ((c - 0xD800) << 10) + (text[++i] - 0xDC00);
        else if (c >= 0xD800 && c < 0xE000)
            c = 0xFFFD;
        const auto tail = [&](int shift) { out += static_cast<char>(0x80 | (c >> shift & 0x3F)); };
        if (c < 0x80) {
            out += static_cast<char>(c);
        } else if (c < 0x800) {
            out += static_cast<char>(0xC0 | c >> 6);
            tail(0);
        } else if (c < 0x10000) {
            out += static_cast<char>(0xE0 | c >> 12);
            tail(6);
            tail(0);
        } else {
            out += static_cast<char>(0xF0 | c >> 18);
            tail(12);
            tail(6);
            tail(0);
        }
    }
    return out;
}

std::string plainAscii(const std::string &utf8)
{
    std::string out;
    for (const char32_t c : characters(utf8))
        if ((c >= 0x20 && c != 0x7F) || c == '\n' || c == '\r' || c == '\t')
            out += asciiOf(c);
    return out;
}

std::vector<uint8_t> textDescription(const std::string &utf8)
{
    std::vector<uint8_t> out = {'d', 'e', 's', 'c', 0, 0, 0, 0};
    const std::string ascii = plainAscii(utf8);
    appendBig(out, static_cast<uint32_t>(ascii.size() + 1), 4);
    out.insert(out.end(), ascii.begin(), ascii.end());
    out.push_back(0);
    const std::u16string unicode = utf16(utf8);
    appendBig(out, 0, 4); // language, not told
    appendBig(out, static_cast<uint32_t>(unicode.size() + 1), 4);
    for (const char16_t unit : unicode)
        appendBig(out, unit, 2);
    appendBig(out, 0, 2);
    constexpr size_t kScriptCode = 2 + 1 + 67; // none
    out.insert(out.end(), kScriptCode, 0);
    return out;
}

} // namespace lantern
