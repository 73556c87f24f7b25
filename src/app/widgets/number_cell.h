#pragma once

#include <QTableWidget>

#include <vector>

namespace lantern::app {

/// A cell that is sorted by a number, whatever it says.
class NumberCell : public QTableWidgetItem {
public:
    NumberCell(const QString &text, double order) : QTableWidgetItem(text), m_order(order) {}
    bool operator<(const QTableWidgetItem &other) const override
    {
        const auto *number = dynamic_cast<const NumberCell *>(&other);
        return number ? m_order < number->m_order : QTableWidgetItem::operator<(other);
    }

private:
    double m_order;
};

/// Fills a table with rows, each with its cells and what they are sorted by; the first column to
/// the left, numbers to the right.
template <class Row> void fillSorted(QTableWidget *table, const std::vector<Row> &rows)
{
    table->setSortingEnabled(false); // while it is filled
    table->setRowCount(static_cast<int>(rows.size()));
    for (int row = 0; row < table->rowCount(); ++row) {
        const Row &r = rows[static_cast<size_t>(row)];
        for (int c = 0; c < r.cells.size(); ++c) {
            auto *item = new NumberCell(r.cells[c], r.order[static_cast<size_t>(c)]);
            item->setTextAlignment(c == 0 ? Qt::AlignLeft | Qt::AlignVCenter
                                          : Qt::AlignRight | Qt::AlignVCenter);
            table->setItem(row, c, item);
        }
    }
    table->setSortingEnabled(true);
}

} // namespace lantern::app
