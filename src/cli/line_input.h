#pragma once

#include <functional>
#include <vector>

namespace lantern::cli {

/// Calls `use` with the numbers of each line of standard input; empty lines and # comments are
/// passed over. \throws Error BadInput naming the line.
void forEachLine(size_t count, const std::function<void(const std::vector<double> &)> &use);

} // namespace lantern::cli
