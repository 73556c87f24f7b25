#pragma once

#include <QString>

namespace lantern::run {

/// Page of the handbook, a path in its folder, with an anchor; of the language that is spoken where
/// there is one. \param name such as "view-aim.html" \returns empty: no handbook is there
QString handbookPage(const QString &name);

/// Where the handbook says more of a message that a person was shown, in whatever language: a name
/// for handbookPage(), with an anchor; empty: nowhere.
QString helpTopic(const QString &shown);

} // namespace lantern::run
