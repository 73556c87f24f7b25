#pragma once

/// A function that is compiled twice, for processors with AVX2 and for all; the loader chooses. Not
/// under the thread sanitizer, which is not up yet when the loader does.
#if defined(__SANITIZE_THREAD__)
#define LANTERN_VECTORISED
#else
#define LANTERN_VECTORISED __attribute__((target_clones("avx2", "default")))
#endif
