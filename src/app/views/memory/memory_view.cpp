#include "app/views/memory/memory_view.h"

#include "app/theme.h"
#include "app/widgets/small_box.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QHeaderView>

#include <algorithm>

namespace lantern::app {

MemoryView::MemoryView(Intents *intents)
    : View(tr("Some monitors keep calibrations themselves, several of them, and change from one to "
              "the other at once. Each goes with a profile of its own; both are changed together."),
           intents),
      m_sentence(makeLabel({}, theme::kNormal, theme::kBright)),
      m_note(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_table(new QTableWidget),
      m_target(makeSmallBox("slotTarget", tr("Where the next run goes"), 16)),
      m_name(new QLineEdit),
      m_use(new QPushButton(tr("&Use this one"))),
      m_putBack(new QPushButton(tr("Set the monitor bac&k"))),
      m_next(new QWidget)
{
    m_sentence->setObjectName(QStringLiteral("memorySentence"));
    wrap(m_sentence);
    wrap(m_note);
    m_table->setObjectName(QStringLiteral("memoryTable"));
    m_table->setAccessibleName(tr("Slots"));
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->verticalHeader()->hide();
    m_table->setShowGrid(false);
    m_table->horizontalHeader()->setHighlightSections(false);
    m_table->setTabKeyNavigation(false);
    m_use->setObjectName(QStringLiteral("useSlot"));
    m_use->setToolTip(tr("The monitor changes to it, and programs get its profile. Edit, Undo goes "
                         "back."));
    m_putBack->setObjectName(QStringLiteral("slotBack"));
    m_putBack->setToolTip(tr("To the slot that the profile in use goes with."));
    m_name->setObjectName(QStringLiteral("slotName"));
    m_name->setAccessibleName(tr("Name of the slot"));
    m_name->setPlaceholderText(tr("name, such as “proofs”"));
    auto *grid = new QGridLayout(m_next);
    grid->setContentsMargins(3, 8, 3, 0);
    auto *words = makeLabel(tr("The ne&xt run goes into"), theme::kSmall, theme::kMuted);
    words->setBuddy(m_target);
    grid->addWidget(words, 0, 0);
    grid->addWidget(m_target, 0, 1);
    grid->addWidget(m_name, 0, 2);
    grid->setColumnStretch(1, 1);
    grid->setColumnStretch(2, 1);
    grid->setColumnStretch(3, 1);
    grid->addWidget(m_note, 1, 0, 1, 4);
    auto *actions = new QHBoxLayout;
    actions->setContentsMargins(3, 4, 3, 0);
    actions->addWidget(m_use);
    actions->addWidget(m_putBack);
    actions->addStretch(1);
    body()->addWidget(m_sentence);
    body()->addWidget(m_table);
    body()->addLayout(actions);
    body()->addWidget(m_next);
    body()->addStretch(1);
    connect(m_use, &QPushButton::clicked, this, &MemoryView::useChosen);
    connect(m_table, &QTableWidget::cellActivated, this, &MemoryView::useChosen);
    connect(m_putBack, &QPushButton::clicked, intents, &Intents::putBackWanted);
    connect(m_table, &QTableWidget::currentCellChanged, this, [this] {
        const auto row = static_cast<size_t>(std::max(0, m_table->currentRow()));
        m_use->setEnabled(row < m_model.rows.size() && m_model.rows[row].mayUse);
    });
    connect(m_target, &QComboBox::activated, this, &MemoryView::choose);
    connect(m_name, &QLineEdit::editingFinished, this, &MemoryView::choose);
}

void MemoryView::useChosen()
{
    const auto row = static_cast<size_t>(std::max(0, m_table->currentRow()));
    if (row < m_model.rows.size() && m_model.rows[row].mayUse)
        emit intents()->profileUseWanted(m_model.rows[row].path);
}

void MemoryView::choose()
{
    const int index = m_target->currentIndex();
    if (index < 0 || index >= static_cast<int>(m_model.rows.size()))
        return;
    const auto &slot = m_model.rows[static_cast<size_t>(index)].slot;
    emit intents()->slotChosen(slot.value_or(-1), m_name->text());
}

void MemoryView::showRows()
{
    const QStringList columns = memoryColumns();
    const int chosen = m_table->currentRow();
    m_table->setColumnCount(static_cast<int>(columns.size()));
    m_table->setHorizontalHeaderLabels(columns);
    m_table->setRowCount(static_cast<int>(m_model.rows.size()));
    for (int i = 0; i < m_table->rowCount(); ++i) {
        const MemoryModel::Row &row = m_model.rows[static_cast<size_t>(i)];
        for (int c = 0; c < row.cells.size(); ++c) {
            auto *item = new QTableWidgetItem(row.cells[c]);
            constexpr int kMean = 4;
            item->setTextAlignment((c == kMean ? Qt::AlignRight : Qt::AlignLeft) |
                                   Qt::AlignVCenter);
            if (row.mark == Mark::Within)
                item->setFont(theme::font(theme::kNormal, QFont::DemiBold));
            m_table->setItem(i, c, item);
        }
    }
    m_table->resizeColumnsToContents();
    constexpr int kEdge = 4, kAimColumn = 2, kApart = 14;
    for (int c = 0; c < m_table->columnCount(); ++c)
        m_table->setColumnWidth(c, m_table->columnWidth(c) + kApart);
    m_table->horizontalHeader()->setSectionResizeMode(kAimColumn, QHeaderView::Stretch);
    m_table->setFixedHeight(m_table->horizontalHeader()->sizeHint().height() +
                            m_table->rowCount() * m_table->verticalHeader()->defaultSectionSize() +
                            kEdge);
    m_table->setCurrentCell(std::clamp(chosen, 0, std::max(0, m_table->rowCount() - 1)), 0);
    const auto at = static_cast<size_t>(std::max(0, m_table->currentRow()));
    m_use->setEnabled(at < m_model.rows.size() && m_model.rows[at].mayUse);
}

void MemoryView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    m_model = memoryModel(state);
    m_sentence->setText(m_model.sentence);
    for (QWidget *w : std::initializer_list<QWidget *>{m_table, m_use, m_next})
        w->setVisible(m_model.hasMemory);
    m_putBack->setVisible(m_model.hasMemory && m_model.isAstray);
    if (!m_model.hasMemory)
        return;
    showRows();
    setChoices(m_target, m_model.targets);
    m_target->setCurrentIndex(m_model.target);
    m_target->setEnabled(m_model.mayChoose);
    if (!m_name->hasFocus())
        m_name->setText(m_model.name);
    m_name->setEnabled(m_model.mayChoose && m_model.target > 0);
    m_note->setText(m_model.note);
}

} // namespace lantern::app
