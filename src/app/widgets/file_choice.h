#pragma once

#include <QString>

class QWidget;

namespace lantern::app {

// Asks for files and folders. Starts where the same kind of thing was chosen last, else in the
// documents folder, else at home; empty when nothing is chosen. \param what names the kind in the
// settings

/// Where such a dialog starts.
QString startFolder(const QString &what);
QString fileToOpen(QWidget *parent, const QString &what, const QString &title,
                   const QString &kinds);
QString fileToSave(QWidget *parent, const QString &what, const QString &title, const QString &name,
                   const QString &kinds);
QString folderToUse(QWidget *parent, const QString &what, const QString &title);

} // namespace lantern::app
