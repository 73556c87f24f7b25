#pragma once

#include "app/state/session_state.h"

#include <QAbstractTableModel>

#include <memory>
#include <optional>
#include <vector>

namespace lantern::app {

/// Which lines are wanted.
struct LogFilter {
    QString text;                ///< all of its words are somewhere in the line
    QString displayId;           ///< empty: of all
    QString meter;               ///< empty: by all
    QString workstation, person; ///< empty: of all
    std::optional<run::RunKind> kind;
    std::optional<Mark> mark;
    int days = 0; ///< of the last so many; 0: all
    bool operator==(const LogFilter &) const = default;
};
/// Places of those in the log, in its order.
std::vector<int> matching(const std::vector<LogEntry> &log, const LogFilter &filter,
                          const QDateTime &now);

/// How far each judged figure goes towards its limit: 1 is the limit itself; of figures with a
/// least value the limit over the value. In the order of allFigures().
std::vector<double> signatureOf(const LogEntry &entry);

/// Lines as a table that opens in any spreadsheet: when, display, kind, verdict, meter, note and
/// every figure with its limit. \param places in the log
QByteArray logToCsv(const std::vector<LogEntry> &log, const std::vector<int> &places);

/// The lines that are wanted, as the table shows them.
class LogModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { State, When, Display, Kind, Colours, White, Meter, Note, Columns };
    using Log = std::shared_ptr<const std::vector<LogEntry>>;

    explicit LogModel(QObject *parent = nullptr) : QAbstractTableModel(parent) {}
    void setLog(const Log &log);
    void setFilter(const LogFilter &filter);
    [[nodiscard]] const LogFilter &filter() const { return m_filter; }
    [[nodiscard]] const Log &log() const { return m_log; }
    [[nodiscard]] const std::vector<int> &places() const { return m_places; }
    [[nodiscard]] const LogEntry &entry(int row) const;
    /// Row of a run; -1: it is not among those shown.
    [[nodiscard]] int rowOf(qint64 run) const;

    [[nodiscard]] int rowCount(const QModelIndex &parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex &parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex &index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation,
                                      int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex &index) const override;
    /// The note of a line: emits noted().
    bool setData(const QModelIndex &index, const QVariant &value, int role) override;
    void sort(int column, Qt::SortOrder order) override;

signals:
    void noted(qint64 run, const QString &before, const QString &note);

private:
    void refill();
    void arrange();

    Log m_log;
    LogFilter m_filter;
    std::vector<int> m_places; ///< of the rows, in the log
    int m_sortColumn = When;
    Qt::SortOrder m_sortOrder = Qt::DescendingOrder;
};

} // namespace lantern::app
