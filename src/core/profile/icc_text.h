#pragma once

#include <cstdint>
#include <string>
#include <vector>

namespace lantern {

/// UTF-16 code units of UTF-8 text, surrogate pairs where a character needs them. Bytes that are no
/// UTF-8 become U+FFFD.
std::u16string utf16(const std::string &utf8);

/// And back; lone surrogates become U+FFFD.
std::string utf8(const std::u16string &utf16);

/// The same text in 7-bit ASCII: Latin letters lose their marks, a few signs are spelt, everything
/// else becomes '?'. Tabs and line ends stay, other control characters go.
std::string plainAscii(const std::string &utf8);

/// A textDescriptionType element, with its signature: ASCII and Unicode. Source: ICC.1:2001-04,
/// 6.5.17.
std::vector<uint8_t> textDescription(const std::string &utf8);

} // namespace lantern
