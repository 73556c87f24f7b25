#pragma once

#include <QColor>
#include <QHeaderView>
#include <QTableWidget>

namespace lantern {
struct Lab;
}

namespace lantern::app {

/// A table of rows to read and choose from; its first column takes what room there is.
/// \param words for those who cannot see it
QTableWidget *makeListTable(const char *name, const QString &words, const QStringList &titles);
/// What its header and so many rows need, points.
int heightOf(const QTableWidget *table, int rows);

/// Widths and order of a table's columns last over a restart. \param name of the table in the
/// settings
void rememberColumns(QHeaderView *header, const QString &name);

/// A colour (D50) as near as the window can show it.
QColor shownColour(const Lab &lab);

} // namespace lantern::app
