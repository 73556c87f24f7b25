#include "app/widgets/file_choice.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>
#include <QUrl>

namespace lantern::app {

namespace {

QString keyOf(const QString &what)
{
    return QStringLiteral("folders/") + what;
}

QStringList usualFolders()
{
    QStringList out;
    for (const auto place : {QStandardPaths::DocumentsLocation, QStandardPaths::PicturesLocation,
                             QStandardPaths::HomeLocation})
        if (const QString folder = QStandardPaths::writableLocation(place);
            QFileInfo(folder).isDir())
            out << folder;
    return out;
}

/// Runs the dialog from a folder that exists and remembers where it ended.
QString choose(QFileDialog &dialog, const QString &what)
{
    QList<QUrl> places;
    for (const QString &folder : usualFolders())
        places << QUrl::fromLocalFile(folder);
    dialog.setSidebarUrls(places);
    dialog.setDirectory(startFolder(what));
    if (dialog.exec() != QDialog::Accepted || dialog.selectedFiles().isEmpty())
        return {};
    const QString chosen = dialog.selectedFiles().constFirst();
    const bool isFolder = dialog.fileMode() == QFileDialog::Directory;
    QSettings().setValue(keyOf(what), isFolder ? chosen : QFileInfo(chosen).absolutePath());
    return chosen;
}

} // namespace

QString startFolder(const QString &what)
{
    const QString last = QSettings().value(keyOf(what)).toString();
    return QFileInfo(last).isDir() ? last : usualFolders().value(0);
}

QString fileToOpen(QWidget *parent, const QString &what, const QString &title, const QString &kinds)
{
    QFileDialog dialog(parent, title, {}, kinds);
    dialog.setFileMode(QFileDialog::ExistingFile);
    return choose(dialog, what);
}

QString fileToSave(QWidget *parent, const QString &what, const QString &title, const QString &name,
                   const QString &kinds)
{
    QFileDialog dialog(parent, title, {}, kinds);
    dialog.setAcceptMode(QFileDialog::AcceptSave);
    dialog.setDefaultSuffix(QFileInfo(name).suffix());
    dialog.selectFile(name);
    return choose(dialog, what);
}

QString folderToUse(QWidget *parent, const QString &what, const QString &title)
{
    QFileDialog dialog(parent, title);
    dialog.setFileMode(QFileDialog::Directory);
    dialog.setOption(QFileDialog::ShowDirsOnly);
    return choose(dialog, what);
}

} // namespace lantern::app
