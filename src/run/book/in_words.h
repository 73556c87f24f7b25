#pragma once

#include "core/base/error.h"
#include "core/report/speaker.h"

#include <QString>

namespace lantern::run {

// The one place where messages of the core become words for people: in the language and with the
// decimal mark of the interface. Files and `Error::what()` stay in English.

QString inWords(const Message &message);
QString inWords(const Error &error);
/// Figures with units and trade terms as the core writes them, such as "gamma 2.2 · 120 cd/m²".
QString inLocale(const std::string &text);

/// Speaks the language of the interface, for documents and diagrams.
Speaker speaker();

} // namespace lantern::run
