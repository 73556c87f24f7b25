#pragma once

#include <QString>

namespace lantern::app {

/// Whether a logbook can be opened for writing now; the person is asked where a lock that nobody
/// here holds may be taken over, and where it is damaged and may be rescued.
/// \throws run::LockedError: a program of this machine has it; Error Device: it cannot be used
bool isReadyForUse(const QString &logbook);

} // namespace lantern::app
