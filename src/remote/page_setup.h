#pragma once

#include "remote/patch_server.h"
#include "run/book/run_results.h"

namespace lantern::remote {

/// Facts of a run on a device's display: there is nothing but patches.
run::RunSetup pageSetup(const PageDevice &device);

/// What a device may fetch of a finished run: its profile and the report. \param report HTML
std::vector<OfferedFile> resultsOf(const run::RunResults &results, const QByteArray &report);

} // namespace lantern::remote
