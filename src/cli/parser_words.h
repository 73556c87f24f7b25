#pragma once

#include <string>

namespace lantern::cli {

/// What the parser of the command line says of a mistake, in the person's language as far as its
/// sentence is known. \param said in English, as the parser has it
std::string parserWords(const std::string &said);
/// What kind of value an option takes, such as "FLOAT:POSITIVE", the same way.
std::string kindInWords(const std::string &kind);

} // namespace lantern::cli
