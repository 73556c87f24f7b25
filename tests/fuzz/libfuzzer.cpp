// The targets as one libFuzzer program; LANTERN_FUZZ_TARGET names the one to run. See tools/fuzz.
#include "targets.h"

#include <QCoreApplication>

#include <cstdlib>
#include <cstring>
#include <iostream>

namespace {

const lantern::fuzz::Target *chosen = nullptr;

} // namespace

extern "C" int LLVMFuzzerInitialize(int *argc, char ***argv)
{
    static const QCoreApplication app(*argc, *argv);
    const char *name = std::getenv("LANTERN_FUZZ_TARGET");
    for (const lantern::fuzz::Target &target : lantern::fuzz::targets())
        if (name && std::strcmp(name, target.name) == 0)
            chosen = &target;
    if (!chosen) {
        std::cerr << "LANTERN_FUZZ_TARGET names no target\n";
        std::exit(2);
    }
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const uint8_t *data, size_t size)
{
    chosen->feed(data, size);
    return 0;
}
