#pragma once

#include <string>

namespace lantern::cli {

/// What the parser of the command line says of a mistake, in the person's language as far as its
/// sentence is known. \param said in English, as the parser has it
std::string parserWords(const std::string &said);

} // namespace lantern::cli
