#pragma once

#include <QByteArray>
#include <QString>

namespace lantern::run {

/// Whole file. \throws Error BadInput: missing, unreadable, a folder, or larger than 64 MB.
QByteArray readFile(const QString &path);

/// Writes a file whole or not at all. \throws Error Device naming path and reason (read-only
/// folder, full disk …); an older file of that name is then still there.
void writeFile(const QString &path, const QByteArray &content);

/// Makes a folder with its parents. \throws Error Device
void makeFolder(const QString &path);

} // namespace lantern::run
