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

/// "about 40 s left", "about 6 min left"; empty for nothing.
QString timeLeftText(double seconds);

} // namespace lantern::app
