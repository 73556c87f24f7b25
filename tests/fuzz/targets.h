#pragma once

#include <cstddef>
#include <cstdint>

namespace lantern::fuzz {

/// Each hands the bytes to a reader; an Error is a fine answer, anything else a defect.
void cgats(const uint8_t *data, size_t size);
void colourList(const uint8_t *data, size_t size);
void icc(const uint8_t *data, size_t size);
void json(const uint8_t *data, size_t size);
void edid(const uint8_t *data, size_t size);
void driver(const uint8_t *data, size_t size); ///< what a meter's driver sends, a line each

} // namespace lantern::fuzz
