#include "app/views/start/start_view.h"

#include "app/theme.h"

#include <QHBoxLayout>

namespace lantern::app {

StartView::StartView(Intents *intents)
    : View(tr("From a display as it was bought to one that is proved. F1 explains any page beside "
              "it; the handbook is in the menu Help."),
           intents),
      m_list(new QVBoxLayout)
{
    m_list->setSpacing(14);
    body()->addLayout(m_list);
    body()->addStretch(1);
}

void StartView::makeRows(size_t count)
{
    while (m_rows.size() < count) {
        const size_t i = m_rows.size();
        Row row{.number = makeLabel(QString::number(i + 1), theme::kFigure, theme::kMuted),
                .title = makeLabel({}, theme::kNormal, theme::kBright, QFont::DemiBold),
                .text = makeLabel({}, theme::kNormal, theme::kText),
                .state = makeLabel({}, theme::kNormal, theme::kMuted),
                .button = new QPushButton};
        row.number->setFixedWidth(34);
        row.state->setObjectName(QStringLiteral("stepState%1").arg(i));
        wrap(row.text);
        wrap(row.state);
        row.button->setObjectName(QStringLiteral("step%1").arg(i));
        connect(row.button, &QPushButton::clicked, this,
                [this, i] { emit intents()->viewWanted(m_model.steps.at(i).view); });
        auto *column = new QVBoxLayout;
        column->setSpacing(2);
        column->addWidget(row.title);
        column->addWidget(row.text);
        column->addWidget(row.state);
        auto *line = new QHBoxLayout;
        line->addWidget(row.number, 0, Qt::AlignTop);
        line->addLayout(column, 1);
        line->addWidget(row.button, 0, Qt::AlignTop);
        m_list->addLayout(line);
        m_rows.push_back(row);
    }
}

void StartView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    m_model = startModel(state);
    makeRows(m_model.steps.size());
    for (size_t i = 0; i < m_rows.size(); ++i) {
        const StartModel::Step &step = m_model.steps[i];
        m_rows[i].number->setText(step.done ? QStringLiteral("✓") : QString::number(i + 1));
        m_rows[i].number->setAccessibleName(step.done ? tr("Step %1, done").arg(i + 1)
                                                      : tr("Step %1").arg(i + 1));
        m_rows[i].title->setText(step.title);
        m_rows[i].text->setText(step.text);
        m_rows[i].state->setText(step.state);
        if (m_rows[i].button->text() != step.button)
            m_rows[i].button->setText(step.button);
    }
}

} // namespace lantern::app
