#pragma once

#include "cli/commands.h"

#include <CLI/CLI.hpp>

namespace lantern::cli {

inline void addJson(CLI::App *command, bool &json)
{
    command->add_flag("--json", json, "machine-readable output");
}

/// Commands on logbooks: log, agree, common-aim, book.
void addLog(CLI::App &app, LogOptions &options);
void addAgree(CLI::App &app, AgreeOptions &options);
void addCommonAim(CLI::App &app, CommonAimOptions &options);
void addBook(CLI::App &app, BookOptions &options);

} // namespace lantern::cli
