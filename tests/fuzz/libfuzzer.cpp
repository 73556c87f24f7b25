// One target as a libFuzzer program: -DLANTERN_FUZZ_TARGET=cgats and so on; see tools/fuzz.
#include "targets.h"

extern "C" int LLVMFuzzerTestOneInput(const uint8_t *data, size_t size)
{
    lantern::fuzz::LANTERN_FUZZ_TARGET(data, size);
    return 0;
}
