#include "app/views/aim/eye_match_row.h"

#include "app/ledger/ledger_rows.h"
#include "app/theme.h"
#include "app/views/view.h"
#include "core/signal/technology.h"

#include <QHBoxLayout>

#include <cmath>

namespace lantern::app {

EyeMatchRow::EyeMatchRow(QWidget *parent)
    : QWidget(parent),
      m_take(new QPushButton(tr("The &white as read matches"))),
      m_forget(new QPushButton(tr("Forget the match"))),
      m_figures(makeLabel({}, theme::kSmall, theme::kMuted))
{
    m_take->setObjectName(QStringLiteral("takeEyeMatch"));
    m_forget->setObjectName(QStringLiteral("forgetEyeMatch"));
    m_take->setToolTip(tr("Turn the display until its white looks like the paper or the other "
                          "display, have it read, stop the run, then press this."));
    m_figures->setWordWrap(true);
    auto *row = new QHBoxLayout;
    row->addWidget(m_take);
    row->addWidget(m_forget);
    row->addStretch(1);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 12);
    column->setSpacing(4);
    column->addLayout(row);
    column->addWidget(m_figures);
    connect(m_take, &QPushButton::clicked, this, [this] {
        if (m_white)
            emit changed(matchedByEye(m_aim, chromaticity(*m_white)));
    });
    connect(m_forget, &QPushButton::clicked, this, [this] {
        Aim aim = m_aim;
        aim.matchedByEye.reset();
        emit changed(aim);
    });
}

void EyeMatchRow::setState(const SessionState &state)
{
    m_aim = state.hasRun() ? state.results.setup.aim : state.aim;
    m_white = presentState(state.results).white;
    if (!m_white && state.results.before) // never one of an earlier day
        m_white = state.results.before->white;
    const bool native = std::holds_alternative<NativeWhite>(m_aim.white);
    m_take->setEnabled(m_white.has_value() && !native && !state.isMeasuring());
    m_forget->setVisible(m_aim.matchedByEye.has_value());
    const QString &technology = state.displays[state.selected].technology;
    QString text;
    if (m_aim.matchedByEye)
        text = tr("The eye wanted Δu' %1, Δv' %2 added (Δu'v' %3). ")
                   .arg(figure(m_aim.matchedByEye->u, 4), figure(m_aim.matchedByEye->v, 4),
                        figure(std::hypot(m_aim.matchedByEye->u, m_aim.matchedByEye->v), 4));
    text +=
        equalMayLookDifferent(technology.toStdString())
            ? tr("Narrow-banded light: whites with equal figures need not look equal. Match it "
                 "by eye where that matters.")
            : tr("For a white with the right figures that looks wrong beside a print or another "
                 "display.");
    m_figures->setText(text);
}

} // namespace lantern::app
