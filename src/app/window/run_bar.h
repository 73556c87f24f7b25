#pragma once

#include "app/state/session_state.h"

#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QWidget>

namespace lantern::app {

/// The strip at the bottom while a run measures: what is read, how far, how long, Pause and Stop.
class RunBar : public QWidget {
    Q_OBJECT
public:
    static constexpr int kHeight = 46;
    explicit RunBar(QWidget *parent = nullptr);
    void setState(const SessionState &state);

signals:
    void pauseRequested();
    void resumeRequested();
    void stopRequested();

private:
    QLabel *m_what, *m_left;
    QProgressBar *m_progress;
    QPushButton *m_pause, *m_stop;
    bool m_resumes = false;
};

} // namespace lantern::app
