#include "app/views/aim/eye_match_row.h"

#include "app/theme.h"
#include "app/views/view.h"

#include <QHBoxLayout>

namespace lantern::app {

EyeMatchRow::EyeMatchRow(QWidget *parent)
    : QWidget(parent),
      m_take(new QPushButton(tr("The white as read matches"))),
      m_forget(new QPushButton(tr("Forget the match"))),
      m_figures(makeLabel({}, theme::kSmall, theme::kMuted))
{
    m_take->setObjectName(QStringLiteral("takeEyeMatch"));
    m_forget->setObjectName(QStringLiteral("forgetEyeMatch"));
    m_take->setToolTip(tr("Turn the display until its white looks like the paper or the other "
                          "display, have it read, stop the run, then press this."));
    wrap(m_figures);
    auto *row = new QHBoxLayout;
    row->addWidget(m_take);
    row->addWidget(m_forget);
    row->addStretch(1);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 12);
    column->setSpacing(4);
    column->addLayout(row);
    column->addWidget(m_figures);
    connect(m_take, &QPushButton::clicked, this, [this] { emit changed(*m_model.taken); });
    connect(m_forget, &QPushButton::clicked, this, [this] { emit changed(*m_model.forgotten); });
}

void EyeMatchRow::setModel(const EyeMatchModel &m)
{
    m_model = m;
    m_take->setEnabled(m.taken.has_value());
    m_forget->setVisible(m.forgotten.has_value());
    m_figures->setText(m.figures);
}

} // namespace lantern::app
