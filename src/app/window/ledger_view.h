#pragma once

#include "app/state/ledger_rows.h"

#include <QAbstractTableModel>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QTableView>
#include <QWidget>

namespace lantern::app {

/// The rows as an item model, so that keyboard and screen readers work as in any table.
class LedgerModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { Property, AimColumn, Before, Now, LastTime, State, ColumnCount };
    using QAbstractTableModel::QAbstractTableModel;
    void setRows(std::vector<LedgerRow> rows);
    [[nodiscard]] const std::vector<LedgerRow> &rows() const { return m_rows; }
    [[nodiscard]] int rowCount(const QModelIndex &parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex &parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex &index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation,
                                      int role) const override;

private:
    std::vector<LedgerRow> m_rows;
};

/// The left column: the aim, the rows, and the main action below them.
class LedgerView : public QWidget {
    Q_OBJECT
public:
    explicit LedgerView(QWidget *parent = nullptr);
    void setState(const SessionState &state);
    /// Gives the main action the focus, as soon as it can be pressed.
    void focusAction();

protected:
    void resizeEvent(QResizeEvent *event) override;

signals:
    void viewChosen(lantern::app::ViewId view);
    void acted();
    void actedOtherwise();
    void aimWanted();

private:
    void fitRows();

    LedgerModel *m_model;
    QTableView *m_table;
    QHBoxLayout *m_top;
    QVBoxLayout *m_bottom;
    QLabel *m_aimName;
    QLabel *m_aimSummary;
    QPushButton *m_action;
    QLabel *m_hint;
    QPushButton *m_other; ///< a second choice
    bool m_updating = false;
    bool m_giveFocusBack = false;
};

} // namespace lantern::app
