#pragma once

#include "core/base/message.h"

#include <QString>

#include <string>

namespace lantern::cli {

/// A line for people in their language, without its end; what programs read is JSON. Names in it
/// are shown as they can be on any terminal.
std::string said(const Message &message);
/// Figures with units and trade terms, as the core writes them, with the locale's decimal mark.
std::string saidFigures(const std::string &figures);
/// A name as it can be shown on any terminal.
std::string shown(const QString &name);

} // namespace lantern::cli
