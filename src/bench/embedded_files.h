#pragma once

#include <vector>

namespace lantern::bench {

/// A text file built into the program; the list is written by CMake from src/bench/generic and
/// demo-data.
struct EmbeddedFile {
    const char *name;
    const char *text;
};
const std::vector<EmbeddedFile> &embeddedFiles();

} // namespace lantern::bench
