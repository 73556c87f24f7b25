#pragma once

#include <cstddef>
#include <cstdint>
#include <vector>

namespace lantern::fuzz {

/// Hands bytes to readers; an Error is a fine answer, anything else a defect.
struct Target {
    const char *name; ///< and that of its folder in corpus/
    void (*feed)(const uint8_t *data, size_t size);
};
const std::vector<Target> &targets();

} // namespace lantern::fuzz
