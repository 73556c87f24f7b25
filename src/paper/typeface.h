#pragma once

namespace lantern::paper {

/// The family of the typeface that ships with the programs.
inline constexpr char kTypeface[] = "Open Sans";

/// Makes it known, once for each program. It is a resource of whatever program links it.
void loadTypeface();

} // namespace lantern::paper
