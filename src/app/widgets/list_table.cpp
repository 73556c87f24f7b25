#include "app/widgets/list_table.h"

#include "core/colour/spaces.h"

#include <QHeaderView>
#include <QSettings>

#include <algorithm>
#include <cmath>

namespace lantern::app {

QTableWidget *makeListTable(const char *name, const QString &words, const QStringList &titles)
{
    auto *table = new QTableWidget(0, static_cast<int>(titles.size()));
    table->setObjectName(QLatin1String(name));
    table->setAccessibleName(words);
    table->setHorizontalHeaderLabels(titles);
    table->verticalHeader()->hide();
    constexpr int kRow = 24, kNarrowest = 56;
    table->verticalHeader()->setDefaultSectionSize(kRow);
    table->setShowGrid(false);
    table->setWordWrap(false);
    table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table->setSelectionBehavior(QAbstractItemView::SelectRows);
    table->setSelectionMode(QAbstractItemView::SingleSelection);
    table->horizontalHeader()->setHighlightSections(false);
    table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    table->horizontalHeader()->setMinimumSectionSize(kNarrowest);
    return table;
}

int heightOf(const QTableWidget *table, int rows)
{
    constexpr int kEdge = 4;
    return table->horizontalHeader()->sizeHint().height() +
           rows * table->verticalHeader()->defaultSectionSize() + kEdge;
}

void rememberColumns(QHeaderView *header, const QString &name)
{
    const QString key = QStringLiteral("columns/") + name;
    const auto store = [header, key] {
        if (header->isVisible()) // it is also laid out while nobody has seen it yet
            QSettings().setValue(key, header->saveState());
    };
    // The number of columns may be another in another version; then it begins anew.
    const int count = header->count();
    const QByteArray usual = header->saveState();
    header->restoreState(QSettings().value(key).toByteArray());
    if (header->count() != count)
        header->restoreState(usual);
    QObject::connect(header, &QHeaderView::sectionResized, header, store);
    QObject::connect(header, &QHeaderView::sectionMoved, header, store);
    QObject::connect(header, &QHeaderView::sortIndicatorChanged, header, store);
}

QColor shownColour(const Lab &lab)
{
    const DeviceRgb rgb = srgbCodesFromPcs(lab);
    const auto part = [](double v) { return std::clamp(static_cast<int>(std::lround(v)), 0, 255); };
    return {part(rgb.r), part(rgb.g), part(rgb.b)};
}

} // namespace lantern::app
