#pragma once

#include "app/state/session_state.h"

#include <QLabel>
#include <QToolButton>
#include <QWidget>

namespace lantern::app {

/// What the program has to tell, across the top of the window: an error with a mark and weight, or
/// plain news. Screen readers are told when it changes.
class NoticeBar : public QWidget {
    Q_OBJECT
public:
    explicit NoticeBar(QWidget *parent = nullptr);
    void setState(const SessionState &state);

signals:
    void dismissed();
    void announced(const QString &text);  ///< to screen readers
    void helpWanted(const QString &page); ///< of the handbook

private:
    QWidget *m_mark;
    QLabel *m_text;
    QToolButton *m_more, *m_hide;
    QString m_page; ///< of the handbook, on what is shown
    bool m_isProblem = false;
};

} // namespace lantern::app
