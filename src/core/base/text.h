#pragma once

#include <optional>
#include <string>
#include <string_view>

namespace lantern {

/// Number to text and back, always with a decimal point, whatever the locale.

/// Fewest digits (up to 6) that still say the number: 2.2, 120, 0.3127.
std::string shortNumber(double value);

/// Exactly `decimals` digits after the point.
std::string fixedNumber(double value, int decimals);

/// 7 significant digits.
std::string compactNumber(double value);

/// 17 significant digits: reads back as the same double.
std::string exactNumber(double value);

/// A cell of a CSV table, in quotes, so that commas and quotes within are no others (RFC 4180).
std::string csvQuoted(std::string_view text);

/// Text from outside as it can be shown anywhere: what is no UTF-8 and what would steer a terminal
/// becomes U+FFFD.
std::string printable(std::string_view text);

/// The whole of `text` as a finite number, or nothing. "nan" and "inf" are nothing.
std::optional<double> parseNumber(std::string_view text);

} // namespace lantern
