#pragma once

namespace lantern::platform {

/// What ends a program from outside (SIGTERM, SIGINT, SIGHUP) ends its event loop as its own quit
/// does, so that displays get back what is theirs. Call once, when there is an application object.
void endOnSignals();

/// Whether such a signal has come.
bool endedBySignal();

} // namespace lantern::platform
