#pragma once

#include <string>

namespace lantern::cli {

/// Options of each command as the person gave them; empty = not given. Paths are UTF-8.
struct SimulateOptions {
    std::string display, profile, controls;
    double minutes = -1; ///< since power-on; below 0 = fully warm
    bool json = false;
};
struct DifferenceOptions {
    std::string formula;
    bool json = false;
};
struct BuildOptions {
    std::string readings, out, kind = "table", name;
    int icc = 4;
    bool json = false;
};
struct ValidateOptions {
    std::string display, profile, controls, reference = "lantern40", tolerance;
    bool json = false;
};
struct RunOptions {
    std::string display, aim, out, meter = "reference", technology, kind = "table", fault;
    int chart = 96;
    int icc = 4;
    unsigned long long seed = 1;
    bool noAdjust = false;
    bool json = false;
};

/// Each returns the exit code 0 or 4 and throws Error for the others.
int simulate(const SimulateOptions &options);
int difference(const DifferenceOptions &options);
int build(const BuildOptions &options);
int validate(const ValidateOptions &options);
int run(const RunOptions &options);

} // namespace lantern::cli
