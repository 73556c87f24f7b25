#include "app/views/workshop/workshop_view.h"

#include "app/theme.h"
#include "app/widgets/file_choice.h"
#include "app/widgets/list_table.h"
#include "app/widgets/number_cell.h"
#include "app/widgets/small_box.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>

#include <algorithm>

namespace lantern::app {

namespace {

QLineEdit *makeLine(const char *name, const QString &words)
{
    auto *line = new QLineEdit;
    line->setObjectName(QLatin1String(name));
    line->setAccessibleName(words);
    return line;
}

QSpinBox *makeCount(const char *name, const QString &words, int least, int most, int value)
{
    auto *box = new QSpinBox;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(words);
    box->setRange(least, most);
    box->setValue(value);
    return box;
}

} // namespace

WorkshopView::WorkshopView(Intents *intents)
    : View(
          tr("Many units with one recipe: scan a serial number, the unit is calibrated, proved and "
             "judged, its report goes into a folder of that number, and the next one follows."),
          intents),
      m_sentence(makeLabel({}, theme::kNormal, theme::kBright)),
      m_recipe(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_odd(makeLabel({}, theme::kSmall, theme::kBright)),
      m_meter(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_name(makeLine("batchName", tr("Name of the batch"))),
      m_folder(makeLine("batchFolder", tr("Folder for its reports"))),
      m_referenceUnit(makeLine("referenceUnit", tr("Serial number of the reference unit"))),
      m_serial(makeLine("serial", tr("Serial number, typed or scanned"))),
      m_chooseFolder(new QPushButton(tr("Cho&ose…"))),
      m_begin(new QPushButton(tr("Star&t the batch"))),
      m_reopen(new QPushButton(tr("Go on w&ith it"))),
      m_add(new QPushButton(tr("&Queue it"))),
      m_takeOut(new QPushButton(tr("Ta&ke out"))),
      m_openRun(new QPushButton(tr("&Look at its run"))),
      m_reference(new QPushButton(tr("Read the reference &unit"))),
      m_close(new QPushButton(tr("&Close the batch"))),
      m_retries(makeCount("retries", tr("Runs more for a unit that is not within its limits"), 0,
                          run::kMostRetries, 1)),
      m_every(makeCount("referenceEvery", tr("Units between its readings"), 1, 1000, 8)),
      m_form(makeSmallBox("reportForm", tr("Report"), 22)),
      m_earlier(makeSmallBox("earlierBatches", tr("Earlier batches"), 16)),
      m_atOnce(new QCheckBox(tr("begin at once"))),
      m_units(makeListTable("units", tr("Units"), unitColumns())),
      m_spread(makeListTable("spread", tr("How the units lie"), spreadColumns()))
{
    m_sentence->setObjectName(QStringLiteral("workshopSentence"));
    m_odd->setObjectName(QStringLiteral("oddUnits"));
    m_meter->setObjectName(QStringLiteral("meterDrift"));
    for (QLabel *label : {m_sentence, m_recipe, m_odd, m_meter})
        wrap(label);
    m_beginning = makeBeginning();
    m_batch = makeBatch();
    body()->addWidget(m_sentence);
    body()->addWidget(m_recipe);
    body()->addWidget(m_beginning);
    body()->addWidget(m_batch, 1);
    body()->addStretch(0);
}

QWidget *WorkshopView::makeBeginning()
{
    m_begin->setObjectName(QStringLiteral("beginBatch"));
    m_reopen->setObjectName(QStringLiteral("reopenBatch"));
    m_chooseFolder->setObjectName(QStringLiteral("chooseBatchFolder"));
    m_form->addItems({tr("A page for the client"), tr("All there is")});
    m_referenceUnit->setPlaceholderText(tr("none"));
    m_referenceUnit->setToolTip(tr("A unit that stays in the workshop and is read now and then, so "
                                   "that a meter that drifts is noticed."));
    auto *page = new QWidget;
    auto *form = new QFormLayout(page);
    form->setContentsMargins(3, 6, 3, 0);
    form->setFieldGrowthPolicy(QFormLayout::ExpandingFieldsGrow);
    auto *folder = new QHBoxLayout;
    folder->addWidget(m_folder, 1);
    folder->addWidget(m_chooseFolder);
    auto *reference = new QHBoxLayout;
    reference->addWidget(m_referenceUnit, 1);
    reference->addWidget(makeLabel(tr("every"), theme::kSmall, theme::kMuted));
    reference->addWidget(m_every);
    reference->addWidget(makeLabel(tr("units"), theme::kSmall, theme::kMuted));
    auto *more = new QHBoxLayout;
    more->addWidget(m_retries);
    more->addWidget(
        makeLabel(tr("for a unit that is over its limits"), theme::kSmall, theme::kMuted), 1);
    auto *begin = new QHBoxLayout;
    begin->addStretch(1);
    begin->addWidget(m_begin);
    auto *earlier = new QHBoxLayout;
    earlier->addWidget(m_earlier, 1);
    earlier->addWidget(m_reopen);
    form->addRow(tr("Name"), m_name);
    form->addRow(tr("Reports go to"), folder);
    form->addRow(tr("Report"), m_form);
    form->addRow(tr("Runs more"), more);
    form->addRow(tr("Reference unit"), reference);
    form->addRow(begin);
    form->addRow(tr("Earlier batches"), earlier);
    connect(m_chooseFolder, &QPushButton::clicked, this, [this] {
        const QString chosen =
            folderToUse(this, QStringLiteral("batch"), tr("Folder for the batch's reports"));
        if (!chosen.isEmpty())
            m_folder->setText(chosen);
    });
    connect(m_begin, &QPushButton::clicked, this, &WorkshopView::begin);
    connect(m_reopen, &QPushButton::clicked, this, [this] {
        const auto at = static_cast<size_t>(std::max(0, m_earlier->currentIndex()));
        if (at < m_model.earlier.size())
            emit this->intents()->batchReopened(m_model.earlier[at].key);
    });
    return page;
}

QWidget *WorkshopView::makeBatch()
{
    m_add->setObjectName(QStringLiteral("queueUnit"));
    m_takeOut->setObjectName(QStringLiteral("takeOutUnit"));
    m_openRun->setObjectName(QStringLiteral("openUnitRun"));
    m_reference->setObjectName(QStringLiteral("readReferenceUnit"));
    m_close->setObjectName(QStringLiteral("closeBatch"));
    m_close->setToolTip(tr("What was measured stays; the batch can be gone on with."));
    m_atOnce->setObjectName(QStringLiteral("beginAtOnce"));
    m_atOnce->setChecked(true);
    m_atOnce->setToolTip(tr("A serial number that is scanned while nothing else waits begins."));
    m_serial->setPlaceholderText(tr("serial number, typed or scanned"));
    auto *page = new QWidget;
    auto *column = new QVBoxLayout(page);
    column->setContentsMargins(3, 6, 3, 0);
    auto *entry = new QHBoxLayout;
    entry->addWidget(m_serial, 1);
    entry->addWidget(m_add);
    entry->addWidget(m_atOnce);
    auto *actions = new QHBoxLayout;
    actions->addWidget(m_takeOut);
    actions->addWidget(m_openRun);
    actions->addStretch(1);
    actions->addWidget(m_reference);
    actions->addWidget(m_close);
    column->addLayout(entry);
    column->addWidget(m_units, 1);
    column->addWidget(m_odd);
    column->addWidget(m_spread);
    column->addWidget(m_meter);
    column->addLayout(actions);
    m_units->setMinimumHeight(heightOf(m_units, 4));
    m_units->sortByColumn(0, Qt::AscendingOrder); // as they came
    connect(m_serial, &QLineEdit::returnPressed, this, &WorkshopView::enter);
    connect(m_add, &QPushButton::clicked, this, &WorkshopView::enter);
    connect(m_takeOut, &QPushButton::clicked, this, [this] {
        if (const auto *row = chosen())
            emit this->intents()->serialTakenOut(row->serial);
    });
    connect(m_openRun, &QPushButton::clicked, this, [this] {
        const auto *row = chosen();
        const auto run = row ? m_runs.find(row->serial) : m_runs.end();
        if (run == m_runs.end())
            return;
        emit this->intents()->pastRunOpened(run->second);
        emit this->intents()->viewWanted(ViewId::Accuracy);
    });
    connect(m_reference, &QPushButton::clicked, this->intents(), &Intents::referenceUnitWanted);
    connect(m_close, &QPushButton::clicked, this->intents(), &Intents::batchClosed);
    connect(m_units, &QTableWidget::currentCellChanged, this, &WorkshopView::onChosen);
    return page;
}

void WorkshopView::begin()
{
    BatchWish wish;
    wish.name = m_name->text();
    wish.folder = m_folder->text().trimmed();
    wish.retries = m_retries->value();
    wish.longReport = m_form->currentIndex() == 1;
    wish.referenceUnit = m_referenceUnit->text();
    wish.referenceEvery = m_every->value();
    emit intents()->batchWanted(wish);
}

void WorkshopView::enter()
{
    const QString typed = m_serial->text();
    m_serial->clear();
    m_serial->setFocus();
    if (!typed.trimmed().isEmpty())
        emit intents()->serialEntered(typed, m_atOnce->isChecked());
}

const WorkshopModel::Row *WorkshopView::chosen() const
{
    const QTableWidgetItem *item = m_units->item(std::max(0, m_units->currentRow()), 0);
    if (!item)
        return nullptr;
    const auto row = std::ranges::find(m_model.units, item->text(), &WorkshopModel::Row::serial);
    return row == m_model.units.end() ? nullptr : &*row;
}

void WorkshopView::onChosen()
{
    const auto *row = chosen();
    m_takeOut->setEnabled(row && row->waits);
    m_openRun->setEnabled(row && m_runs.contains(row->serial));
}

void WorkshopView::showUnits()
{
    const auto *before = chosen();
    const QString kept = before ? before->serial : QString();
    fillSorted(m_units, m_model.units);
    for (int i = 0; i < m_units->rowCount(); ++i) {
        QTableWidgetItem *item = m_units->item(i, 0);
        const auto row =
            std::ranges::find(m_model.units, item->text(), &WorkshopModel::Row::serial);
        item->setData(Qt::AccessibleTextRole, row->words);
        item->setToolTip(row->words);
        if (item->text() == kept)
            m_units->setCurrentItem(item);
    }
    onChosen();
}

void WorkshopView::showSpread()
{
    m_spread->setRowCount(static_cast<int>(m_model.spread.size()));
    for (int i = 0; i < m_spread->rowCount(); ++i)
        for (int c = 0; c < m_model.spread[static_cast<size_t>(i)].size(); ++c) {
            auto *item = new QTableWidgetItem(m_model.spread[static_cast<size_t>(i)][c]);
            item->setTextAlignment((c == 0 ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
            m_spread->setItem(i, c, item);
        }
    m_spread->setVisible(m_spread->rowCount() > 0);
    m_spread->setFixedHeight(heightOf(m_spread, std::max(1, m_spread->rowCount())));
}

void WorkshopView::setState(const SessionState &state)
{
    const bool wasOpen = m_model.isOpen;
    const WorkshopModel before = std::exchange(m_model, workshopModel(state));
    m_runs.clear();
    if (state.batchTable)
        for (const run::BatchUnit &unit : state.batchTable->units)
            if (unit.isFinished)
                m_runs[unit.serial] = unit.run;
    m_sentence->setText(m_model.sentence);
    m_recipe->setText(m_model.recipe);
    m_odd->setText(m_model.oddOnes);
    m_odd->setVisible(!m_model.oddOnes.isEmpty());
    m_meter->setText(m_model.meter);
    m_meter->setVisible(!m_model.meter.isEmpty());
    setTextColour(m_meter, m_model.meterDrifts ? theme::kBright : theme::kMuted);
    m_beginning->setVisible(!m_model.isOpen);
    m_batch->setVisible(m_model.isOpen);
    m_reference->setVisible(state.batch && !state.batch->referenceUnit.isEmpty());
    m_reference->setEnabled(m_model.mayReadReference);
    m_close->setEnabled(m_model.mayClose);
    QStringList titles;
    for (const auto &e : m_model.earlier)
        titles << e.title;
    setChoices(m_earlier, titles);
    m_earlier->setEnabled(!titles.isEmpty());
    m_reopen->setEnabled(!titles.isEmpty());
    const auto cells = [](const WorkshopModel::Row &row) { return row.cells; };
    if (!std::ranges::equal(before.units, m_model.units, {}, cells, cells) || !wasOpen)
        showUnits();
    else
        onChosen();
    if (before.spread != m_model.spread || !wasOpen)
        showSpread();
    if (!wasOpen && m_model.isOpen && isVisible())
        m_serial->setFocus();
}

} // namespace lantern::app
