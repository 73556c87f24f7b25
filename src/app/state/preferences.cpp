#include "app/state/preferences.h"

#include "desk/patch_window.h"

#include <QFileInfo>
#include <QSettings>

#include <algorithm>

namespace lantern::app::preferences {

namespace {

constexpr QLatin1String kLooks("looks"), kStarted("started"), kHelp("window/help"),
    kPatch("patch/side"), kRecent("files/recent");

} // namespace

QString looks()
{
    return QSettings().value(kLooks).toString();
}

void setLooks(const QString &key)
{
    QSettings().setValue(kLooks, key);
}

bool wasStarted()
{
    return QSettings().value(kStarted).toBool();
}

void setStarted()
{
    QSettings().setValue(kStarted, true);
}

bool helpShown()
{
    return QSettings().value(kHelp).toBool();
}

void setHelpShown(bool shown)
{
    QSettings().setValue(kHelp, shown);
}

int patchSide()
{
    return std::clamp(QSettings().value(kPatch, desk::kUsualPatchSide).toInt(), kSmallestPatch,
                      kLargestPatch);
}

void setPatchSide(int pixels)
{
    QSettings().setValue(kPatch, pixels);
}

QStringList recentFiles()
{
    QStringList files;
    for (const QString &path : QSettings().value(kRecent).toStringList())
        if (QFileInfo::exists(path))
            files << path;
    return files;
}

void noteRecentFile(const QString &path)
{
    QStringList files = recentFiles();
    files.removeAll(path);
    files.prepend(path);
    QSettings().setValue(kRecent, QStringList(files.mid(0, kRecentFiles)));
}

void forgetRecentFiles()
{
    QSettings().remove(kRecent);
}

} // namespace lantern::app::preferences
