#pragma once

#include <QTableWidgetItem>

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

} // namespace lantern::app
