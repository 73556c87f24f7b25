#pragma once

#include "app/views/logbook/logbook_model.h"
#include "app/views/view.h"

#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>
#include <QTableView>

namespace lantern::app {

/// All runs and checks of all displays: searched, opened, compared, reported, noted, removed.
class LogbookView : public View {
    Q_OBJECT
public:
    explicit LogbookView(Intents *intents);
    void setState(const SessionState &state) override;
    bool eventFilter(QObject *watched, QEvent *event) override; ///< keys in the table

private:
    QWidget *makeFilter();
    QWidget *makeActions();
    void filter();
    void fillChoices();
    void showBook(const SessionState &state);
    QWidget *makeBook();
    void showChoice();
    [[nodiscard]] const LogEntry *chosen() const;
    void openChosen();
    void exportLines();

    LogModel *m_model;
    QTableView *m_table;
    QLineEdit *m_text;
    QComboBox *m_display, *m_kind, *m_mark, *m_time, *m_meter, *m_workstation, *m_person;
    QLabel *m_count, *m_trend, *m_book;
    QPushButton *m_sync;
    QWidget *m_bookRow;
    std::vector<run::FigureTrend> m_trends;
    QPushButton *m_open, *m_newest, *m_compare, *m_report, *m_note, *m_remove, *m_export;
    qint64 m_running = 0, m_opened = 0;
};

} // namespace lantern::app
