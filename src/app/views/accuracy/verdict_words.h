#pragma once

#include "core/judge/verdict.h"

#include <QString>

namespace lantern::app {

// A verdict for people, as rich text.

/// The aim and the profile, each within, over or not to be told.
QString halvesTable(const Verdict &verdict);
/// Every judged figure with its uncertainty (k = 2).
QString figuresTable(const Verdict &verdict);
/// What each uncertainty is made of.
QString budgetTable(const Verdict &verdict);
/// Which limits, and where they are from.
QString limitsText(const Verdict &verdict);

} // namespace lantern::app
