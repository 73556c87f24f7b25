#include "app/window/correction_dialog.h"

#include "app/window/correction_model.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHeaderView>
#include <QVBoxLayout>

namespace lantern::app {

namespace {

QStringList names(const QComboBox *box)
{
    QStringList out;
    for (int i = 0; i < box->count(); ++i)
        out << box->itemText(i);
    return out;
}

} // namespace

CorrectionDialog::CorrectionDialog(Intents *intents, QWidget *parent)
    : QDialog(parent),
      m_read(new QPushButton),
      m_table(new QTableWidget(0, 4)),
      m_meter(new QComboBox),
      m_reference(new QComboBox),
      m_difference(new QLabel),
      m_notice(new QLabel),
      m_keep(new QPushButton(tr("&Keep the correction")))
{
    setWindowTitle(tr("Correct a meter by a better one"));
    setObjectName(QStringLiteral("correctionDialog"));
    auto *words = new QLabel(
        tr("Hang the first meter on the patch and read, change to the other in the Meter menu, "
           "hang it on the same spot and read again. A minute each; the display should be warm."));
    words->setWordWrap(true);
    m_read->setObjectName(QStringLiteral("readFourColours"));
    m_table->setHorizontalHeaderLabels(
        {tr("Meter"), tr("white x"), tr("white y"), tr("white cd/m²")});
    m_table->verticalHeader()->hide();
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionMode(QAbstractItemView::NoSelection);
    m_table->setFocusPolicy(Qt::NoFocus);
    m_table->setAccessibleName(tr("What each meter read"));
    m_meter->setObjectName(QStringLiteral("meterToCorrect"));
    m_meter->setAccessibleName(tr("Meter to correct"));
    m_reference->setObjectName(QStringLiteral("betterMeter"));
    m_reference->setAccessibleName(tr("Better meter"));
    m_difference->setWordWrap(true);
    m_notice->setTextFormat(Qt::PlainText);
    m_notice->setWordWrap(true);
    m_keep->setObjectName(QStringLiteral("keepCorrection"));

    auto *form = new QFormLayout;
    form->addRow(tr("&Better meter"), m_reference);
    form->addRow(tr("Meter to &correct"), m_meter);
    auto *buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    buttons->addButton(m_keep, QDialogButtonBox::ActionRole);
    auto *column = new QVBoxLayout(this);
    column->addWidget(words);
    column->addWidget(m_read);
    column->addWidget(m_table);
    column->addLayout(form);
    column->addWidget(m_difference);
    column->addWidget(m_notice);
    column->addWidget(buttons);
    resize(520, 430);

    connect(m_read, &QPushButton::clicked, intents, &Intents::fourColoursWanted);
    connect(m_keep, &QPushButton::clicked, this, [this, intents] {
        emit intents->fourColoursKept(m_meter->currentText(), m_reference->currentText());
    });
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::close);
    for (QComboBox *box : {m_meter, m_reference})
        connect(box, &QComboBox::currentIndexChanged, this, &CorrectionDialog::showChoice);
}

void CorrectionDialog::setState(const SessionState &state)
{
    m_state = state;
    const CorrectionModel m = correctionModel(state);
    m_read->setText(m.readText);
    m_read->setEnabled(m.mayRead);
    m_notice->setText(m.notice);
    m_table->setRowCount(static_cast<int>(m.rows.size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const QStringList &cells = m.rows[static_cast<size_t>(row)];
        for (int column = 0; column < cells.size(); ++column) {
            auto *item = new QTableWidgetItem(cells[column]);
            if (column > 0)
                item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            m_table->setItem(row, column, item);
        }
    }
    if (m.meters != names(m_meter)) {
        for (QComboBox *box : {m_meter, m_reference}) {
            const QSignalBlocker quiet(box);
            const QString before = box->currentText();
            box->clear();
            box->addItems(m.meters);
            box->setCurrentIndex(
                static_cast<int>(std::max<qsizetype>(0, m.meters.indexOf(before))));
        }
        if (m.meters.size() == 2) // the one read first is the better one, until told otherwise
            m_meter->setCurrentIndex(1 - m_reference->currentIndex());
    }
    showChoice();
}

void CorrectionDialog::showChoice()
{
    const CorrectionChoice choice =
        correctionChoice(m_state, m_meter->currentText(), m_reference->currentText());
    m_difference->setText(choice.difference);
    m_keep->setEnabled(choice.mayKeep);
}

} // namespace lantern::app
