#pragma once

namespace lantern {

/// White of a screen, cd/m², that suits work in a room of that light: 120 at 120 lx, and from there
/// with the fourth root of the light, since the eye adapts to the room far less than in proportion;
/// 60 to 250. Common practice (80 in a dim room of 30 lx, 140 to 160 in an office), entered from
/// memory; no standard says it.
/// \param illuminanceLux at the desk, >= 0
double screenLuminanceFor(double illuminanceLux);

/// How far the light of a room may go from what an aim was made for before that matters: from half
/// to twice of it (the luminance above changes by a fifth). Common practice, from memory.
inline constexpr double kRoomMayChangeBy = 2;

} // namespace lantern
