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

/// Runs the dialog from a folder that exists and remembers where it ended.
QString choose(QFileDialog &dialog, const QString &what)
{
    QList<QUrl> places;
    QString start = QSettings().value(keyOf(what)).toString();
    for (const auto place : {QStandardPaths::DocumentsLocation, QStandardPaths::PicturesLocation,
                             QStandardPaths::HomeLocation}) {
        const QString folder = QStandardPaths::writableLocation(place);
        if (!QFileInfo(folder).isDir())
            continue;
        places << QUrl::fromLocalFile(folder);
        if (!QFileInfo(start).isDir())
            start = folder;
    }
    dialog.setSidebarUrls(places);
    dialog.setDirectory(start);
    if (dialog.exec() != QDialog::Accepted || dialog.selectedFiles().isEmpty())
        return {};
    const QString chosen = dialog.selectedFiles().constFirst();
    const bool isFolder = dialog.fileMode() == QFileDialog::Directory;
    QSettings().setValue(keyOf(what), isFolder ? chosen : QFileInfo(chosen).absolutePath());
    return chosen;
}

} // namespace

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
