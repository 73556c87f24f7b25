#include "app/run_bar.h"

#include "app/stage_words.h"

#include "app/theme.h"

#include <QHBoxLayout>
#include <QLocale>

#include <cmath>

namespace lantern::app {

namespace {

using run::Activity;
using run::Stage;

} // namespace

QString timeLeftText(double seconds)
{
    if (seconds <= 0)
        return {};
    if (seconds < 90)
        return RunBar::tr("about %1 s left").arg(std::max(1.0, std::ceil(seconds)));
    return RunBar::tr("about %1 min left").arg(std::round(seconds / 60));
}

RunBar::RunBar(QWidget *parent)
    : QWidget(parent),
      m_what(new QLabel),
      m_left(new QLabel),
      m_progress(new QProgressBar),
      m_pause(new QPushButton),
      m_stop(new QPushButton(tr("&Stop")))
{
    setObjectName(QStringLiteral("runBar"));
    setFixedHeight(46);
    setAutoFillBackground(true);
    QPalette p = palette();
    p.setColor(QPalette::Window, theme::kRaised);
    setPalette(p);
    m_what->setMinimumWidth(330);
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
    connect(m_stop, &QPushButton::clicked, this, &RunBar::stopRequested);
}

void RunBar::setState(const SessionState &state)
{
    setVisible(state.isMeasuring());
    const run::RunStatus &s = state.status;
    const int total = s.readingsDone + s.readingsLeft;
    const QString title = stageWords(s.stage, state).title;
    QString what = title;
    // Nobody knows how long a person turns or a panel warms.
    const bool open =
        s.stage == Stage::WarmUp ||
        (s.stage == Stage::Adjust && state.results.setup.adjust == run::AdjustMode::ByHand);
    m_progress->setVisible(!open);
    if (open)
        what += tr(" · reading %1").arg(s.readingsDone + 1);
    else if (total > 0)
        what += tr(" · reading %1 of %2").arg(s.readingsDone + 1).arg(total);
    if (s.activity == Activity::Paused)
        what = title + tr(" · paused, %1 of %2 read").arg(s.readingsDone).arg(total);
    else if (s.activity == Activity::Faulted)
        what = title + tr(" · waiting for you");
    else if (s.patch && total > 0)
        what += QStringLiteral(" · RGB %1 %2 %3").arg(s.patch->r).arg(s.patch->g).arg(s.patch->b);
    if (s.stage == Stage::Measure && !state.results.expectedSoFar.empty()) {
        QLocale locale;
        what += tr(" · expects ΔE00 %1")
                    .arg(locale.toString(state.results.expectedSoFar.back().meanDeltaE00, 'f', 2));
        what += state.results.setup.expectedError > 0
                    ? tr(", asked for %1")
                          .arg(locale.toString(state.results.setup.expectedError, 'f', 2))
                    : QString();
    }
    m_what->setText(what);
    m_progress->setRange(0, std::max(1, total));
    m_progress->setValue(s.readingsDone);
    m_left->setText(s.activity == Activity::Working && !open ? timeLeftText(s.secondsLeft)
                                                             : QString());
    m_resumes = s.activity != Activity::Working;
    m_pause->setText(m_resumes ? tr("&Go on") : tr("&Pause"));
}

} // namespace lantern::app
