#pragma once

namespace lantern {

/// Probability that Student's t with so many degrees of freedom lies beyond ±t: Abramowitz, Stegun,
/// Handbook of Mathematical Functions (1964), 26.7.3 and 26.7.4. \param freedom at least 1
double studentTwoSided(double t, int freedom);

/// The factor that a standard uncertainty of so many degrees of freedom needs for k = 2 to cover
/// 95.45 %: t / 2, JCGM 100:2008, G.3 and table G.2. 1 for freedom 0, which means: known well.
double widening(int freedom);

} // namespace lantern
