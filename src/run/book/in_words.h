#pragma once

#include "core/base/error.h"

#include <QString>

namespace lantern::run {

// The one place where messages of the core become words for people: in the language and with the
// decimal mark of the interface. Files and `Error::what()` stay in English.

QString inWords(const Message &message);
QString inWords(const Error &error);

} // namespace lantern::run
