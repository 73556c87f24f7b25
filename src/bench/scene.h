#pragma once

#include "bench/bench.h"

namespace lantern::bench {

/// What stands in front of a simulated meter, as told to a driver program that plays it: the seen
/// code values with their shares, and what lies between them and the panel. Keys: `seen` (rows of
/// R, G, B, share), `lut` (three rows of 256 numbers 0..65535, optional), `slot` (three rows of
/// 1024 numbers 0..1, optional), `lit_area` (0..1, optional), `meter_place` (x, y, each -1..1 from
/// the middle, optional), `evened` and `mode` (optional), `controls`, `room` (lux, x, y).
Json sceneToJson(const Bench::SeenColours &seen, const Bench &bench);

/// Puts the bench into the scene's condition. \throws Error BadInput naming source and key.
Bench::SeenColours applyScene(const Json &json, const std::string &source, Bench &bench);

} // namespace lantern::bench
