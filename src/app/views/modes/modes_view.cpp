#include "app/views/modes/modes_view.h"

#include "app/theme.h"
#include "app/widgets/small_box.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QLineEdit>
#include <QPushButton>
#include <QTableWidget>

namespace lantern::app {

ModesView::ModesView(Intents *intents)
    : View(tr("A monitor has modes of its own, and some of them do things to colours that no "
              "calibration mends. Each is read as it is, without a video LUT."),
           intents),
      m_name(makeSmallBox("modeName", tr("The mode that is set at the monitor now"), 12)),
      m_read(new QPushButton(tr("Read this m&ode"))),
      m_forget(new QPushButton(tr("Forge&t it"))),
      m_even(new QPushButton(tr("&Its evenness"))),
      m_sentence(makeLabel({}, theme::kNormal, theme::kBright)),
      m_against(makeLabel({}, theme::kNormal, theme::kMuted)),
      m_table(new QTableWidget)
{
    m_name->setEditable(true);
    m_name->setInsertPolicy(QComboBox::NoInsert);
    m_name->lineEdit()->setAccessibleName(m_name->accessibleName());
    m_name->lineEdit()->setPlaceholderText(tr("as the monitor calls it"));
    m_read->setObjectName(QStringLiteral("readMode"));
    m_forget->setObjectName(QStringLiteral("forgetMode"));
    m_forget->setToolTip(tr("Takes the chosen mode off this list. Edit, Undo brings it back."));
    m_even->setObjectName(QStringLiteral("evenMode"));
    m_even->setToolTip(tr("Four fields of the screen against its middle, in the chosen mode, which "
                          "has to be the one that is set at the monitor now."));
    m_sentence->setObjectName(QStringLiteral("modesSentence"));
    m_against->setObjectName(QStringLiteral("modeAgainst"));
    wrap(m_sentence);
    wrap(m_against);
    m_table->setObjectName(QStringLiteral("modesTable"));
    m_table->setAccessibleName(tr("Picture modes"));
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->verticalHeader()->hide();
    m_table->setMinimumHeight(160);
    m_table->setTabKeyNavigation(false);
    auto *reading = new QHBoxLayout;
    reading->setContentsMargins(3, 0, 3, 0);
    reading->addWidget(m_name, 1);
    reading->addWidget(m_read);
    reading->addWidget(m_even);
    reading->addWidget(m_forget);
    reading->addStretch(1);
    body()->addLayout(reading);
    body()->addWidget(m_sentence);
    body()->addWidget(m_against);
    body()->addWidget(m_table, 1);
    connect(m_read, &QPushButton::clicked, this,
            [this] { emit this->intents()->modeWanted(m_name->currentText()); });
    connect(m_forget, &QPushButton::clicked, this, [this] {
        const int row = m_table->currentRow();
        if (row >= 0 && row < static_cast<int>(m_model.rows.size()))
            emit this->intents()->modesForgotten(m_model.rows[static_cast<size_t>(row)].name);
    });
    connect(m_even, &QPushButton::clicked, this, [this] {
        const int row = m_table->currentRow();
        if (row >= 0 && row < static_cast<int>(m_model.rows.size()))
            emit this->intents()->modeEvennessWanted(m_model.rows[static_cast<size_t>(row)].name);
    });
    connect(m_table, &QTableWidget::currentCellChanged, this, &ModesView::showChosen);
}

void ModesView::showChosen()
{
    const int row = m_table->currentRow();
    const bool chosen = row >= 0 && row < static_cast<int>(m_model.rows.size());
    m_forget->setEnabled(chosen && m_model.mayRead);
    m_even->setEnabled(chosen && m_model.mayRead);
    if (!chosen) {
        m_against->clear();
        return;
    }
    const ModesModel::Row &mode = m_model.rows[static_cast<size_t>(row)];
    m_against->setText(mode.against.isEmpty() ? tr("%1: nothing speaks against it.").arg(mode.name)
                                              : tr("Against %1: %2.").arg(mode.name, mode.against));
}

void ModesView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    m_model = modesModel(state);
    const QString typed = m_name->currentText();
    setChoices(m_name, m_model.names);
    m_name->setEditText(typed);
    m_read->setEnabled(m_model.mayRead);
    m_name->setEnabled(m_model.mayRead);
    m_sentence->setText(m_model.sentence);
    const QStringList columns = QStringList{tr("Mode")} + modeColumns(state);
    const int chosen = m_table->currentRow();
    m_table->setColumnCount(static_cast<int>(columns.size()));
    m_table->setHorizontalHeaderLabels(columns);
    m_table->setRowCount(static_cast<int>(m_model.rows.size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const ModesModel::Row &mode = m_model.rows[static_cast<size_t>(row)];
        auto *name =
            new QTableWidgetItem(mode.isBest ? QStringLiteral("▸ ") + mode.name : mode.name);
        if (mode.isBest)
            name->setFont(theme::font(theme::kNormal, QFont::DemiBold));
        m_table->setItem(row, 0, name);
        for (int i = 0; i < mode.figures.size(); ++i) {
            auto *item = new QTableWidgetItem(mode.figures[i]);
            item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            m_table->setItem(row, i + 1, item);
        }
    }
    m_table->resizeColumnsToContents();
    if (m_table->rowCount() > 0)
        m_table->setCurrentCell(std::clamp(chosen, 0, m_table->rowCount() - 1), 0);
    showChosen();
}

} // namespace lantern::app
