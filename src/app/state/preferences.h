#pragma once

#include <QSize>
#include <QString>
#include <QStringList>

namespace lantern::app::preferences {

// What a person prefers of the window, whatever display and logbook; kept in the desktop's
// settings.

QString looks(); ///< see theme::looksFrom()
void setLooks(const QString &key);
bool wasStarted(); ///< once before
void setStarted();
bool helpShown();
void setHelpShown(bool shown);

inline constexpr int kSmallestPatch = 120, kLargestPatch = 480;
/// Pixels at 100 %; desk::kUsualPatchSide where nobody chose.
int patchSide();
void setPatchSide(int pixels);

inline constexpr int kRecentFiles = 8;
QStringList recentFiles(); ///< newest first; those that are still there
void noteRecentFile(const QString &path);
void forgetRecentFiles();

} // namespace lantern::app::preferences
