#pragma once

#include <string>

namespace lantern {

/// Before a name; filled() takes it away.
inline constexpr char kOwnName = '\x1f';

/// A name, a serial number, as an argument of a Message: the same in every language, even where it
/// looks like a number, a day or a word of ours.
inline std::string ownName(const std::string &name)
{
    return kOwnName + name;
}

/// \param argument of a Message
inline bool isOwnName(const std::string &argument)
{
    return !argument.empty() && argument.front() == kOwnName;
}

} // namespace lantern
