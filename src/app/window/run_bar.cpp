#include "app/window/run_bar.h"

#include "app/theme.h"
#include "app/window/run_bar_model.h"

#include <QHBoxLayout>
#include <QShortcut>

#include <algorithm>

namespace lantern::app {

RunBar::RunBar(QWidget *parent)
    : QWidget(parent),
      m_what(new QLabel),
      m_left(new QLabel),
      m_progress(new QProgressBar),
      m_pause(new QPushButton),
      m_stop(new QPushButton(tr("&Stop")))
{
    setObjectName(QStringLiteral("runBar"));
    setFixedHeight(kHeight);
    setAutoFillBackground(true);
    QPalette p = palette();
    p.setColor(QPalette::Window, theme::kRaised);
    setPalette(p);
    m_what->setMinimumWidth(330);
    m_what->setTextFormat(Qt::PlainText);
    m_left->setMinimumWidth(130);
    m_progress->setTextVisible(false);
    m_progress->setAccessibleName(tr("Readings done"));
    m_pause->setObjectName(QStringLiteral("pause"));
    m_stop->setObjectName(QStringLiteral("stop"));
    m_stop->setToolTip(tr("Every reading taken is kept; the run can be taken up again."));
    auto *row = new QHBoxLayout(this);
    row->setContentsMargins(16, 4, 16, 4);
    row->addWidget(m_what);
    row->addWidget(m_progress, 3);
    row->addStretch(1);
    row->addSpacing(12);
    row->addWidget(m_left);
    row->addWidget(m_pause);
    row->addWidget(m_stop);
    connect(m_pause, &QPushButton::clicked, this, [this] {
        if (m_resumes)
            emit resumeRequested();
        else
            emit pauseRequested();
    });
    // The screen may be filled by what is read: the way out is a key.
    connect(new QShortcut(Qt::Key_Escape, this), &QShortcut::activated, this, [this] {
        if (!m_resumes)
            emit pauseRequested();
    });
    connect(m_stop, &QPushButton::clicked, this, &RunBar::stopRequested);
}

void RunBar::setState(const SessionState &state)
{
    const RunBarModel m = runBarModel(state);
    setVisible(m.shown);
    m_what->setText(m.what);
    m_progress->setVisible(!m.openEnded);
    m_progress->setRange(0, std::max(1, m.total));
    m_progress->setValue(m.done);
    m_progress->setAccessibleDescription(m.what + QStringLiteral(". ") + m.left);
    m_left->setText(m.left);
    m_resumes = m.resumes;
    m_pause->setText(m.resumes ? tr("&Go on") : tr("&Pause"));
}

} // namespace lantern::app
