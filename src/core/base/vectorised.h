#pragma once

/// A function that is compiled twice, for processors with AVX2 and for all; the loader chooses. Not
/// under the thread sanitizer, which is not up yet when the loader does.
#define LANTERN_VECTORISED __attribute__((target_clones("avx2", "default")))
#ifdef __SANITIZE_THREAD__ // so says GCC
#undef LANTERN_VECTORISED
#define LANTERN_VECTORISED
#elif defined(__has_feature) // so asks Clang
#if __has_feature(thread_sanitizer)
#undef LANTERN_VECTORISED
#define LANTERN_VECTORISED
#endif
#endif
