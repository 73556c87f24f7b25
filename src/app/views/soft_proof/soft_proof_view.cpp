#include "app/views/soft_proof/soft_proof_view.h"

#include "app/state/wording.h"
#include "app/theme.h"
#include "app/widgets/file_choice.h"
#include "app/widgets/number_cell.h"
#include "app/widgets/small_box.h"

#include <QHBoxLayout>
#include <QHeaderView>

namespace lantern::app {

SoftProofView::SoftProofView(Intents *intents)
    : View({}, intents),
      m_title(makeLabel({}, theme::kNormal, theme::kBright)),
      m_sentence(makeLabel({}, theme::kNormal, theme::kBright)),
      m_ends(makeLabel({}, theme::kSmall, theme::kText)),
      m_foreseen(makeLabel({}, theme::kNormal, theme::kText)),
      m_read(makeLabel({}, theme::kNormal, theme::kText)),
      m_tableTitle(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_paperWhite(new QCheckBox(tr("The &paper's own white"))),
      m_limits(makeSmallBox("printLimits", tr("Limits"), 12)),
      m_fields(new MatchFields),
      m_table(new QTableWidget(0, 4)),
      m_prove(new QPushButton(tr("Read it on the displa&y"))),
      m_pictures(new QPushButton(tr("Pict&ures on this paper"))),
      m_results(new QWidget)
{
    for (QLabel *label : {m_sentence, m_ends, m_foreseen, m_read})
        wrap(label);
    for (QLabel *table : {m_foreseen, m_read})
        table->setTextFormat(Qt::RichText);
    m_sentence->setObjectName(QStringLiteral("printSentence"));
    m_foreseen->setObjectName(QStringLiteral("printForeseen"));
    m_read->setObjectName(QStringLiteral("printRead"));
    m_prove->setObjectName(QStringLiteral("readPrint"));
    m_pictures->setObjectName(QStringLiteral("picturesOnPaper"));
    m_paperWhite->setObjectName(QStringLiteral("paperWhite"));
    m_table->setObjectName(QStringLiteral("beyondTable"));
    m_table->setAccessibleName(tr("Colours that cannot be shown"));
    m_table->setHorizontalHeaderLabels(
        {tr("Colour"), tr("Printed L* a* b*"), tr("Shown L* a* b*"), tr("ΔE00")});
    m_table->verticalHeader()->hide();
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->setMinimumHeight(130);

    auto *left = new QVBoxLayout;
    left->addWidget(m_sentence);
    left->addWidget(m_fields, 3);
    left->addWidget(m_tableTitle);
    left->addWidget(m_table, 2);
    auto *both = new QHBoxLayout(m_results);
    both->setContentsMargins(0, 0, 0, 0);
    both->setSpacing(16);
    both->addLayout(left, 1);
    both->addWidget(makeSide());
    body()->addWidget(makeTop());
    body()->addWidget(m_results, 1);
    body()->addStretch(0);
    m_results->hide();
}

QWidget *SoftProofView::makeTop()
{
    auto *open = new QPushButton(tr("&Open…"));
    open->setObjectName(QStringLiteral("openPrint"));
    connect(open, &QPushButton::clicked, this, [this] {
        const QString path =
            fileToOpen(this, QStringLiteral("print"), tr("Open a printing condition"),
                       tr("Printing conditions (*.icc *.icm *.txt *.ti3 *.cgats);;All files (*)"));
        if (!path.isEmpty())
            this->open(path);
    });
    connect(m_paperWhite, &QCheckBox::clicked, this, [this](bool on) {
        run::PrintChoice choice = m_model.choice;
        choice.paperWhite = on;
        take(choice);
    });
    connect(m_limits, &QComboBox::activated, this, [this](int index) {
        run::PrintChoice choice = m_model.choice;
        choice.tolerance = m_model.tolerances.at(static_cast<size_t>(index)).name;
        take(choice);
    });
    auto *top = new QWidget;
    auto *row = new QHBoxLayout(top);
    row->setContentsMargins(3, 0, 3, 0);
    row->addWidget(open);
    row->addWidget(m_title, 1);
    m_title->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    row->addWidget(m_paperWhite);
    row->addWidget(m_limits);
    return top;
}

QWidget *SoftProofView::makeSide()
{
    connect(m_prove, &QPushButton::clicked, this, [this] {
        if (m_model.proof)
            emit intents()->printProofWanted(*m_model.proof);
    });
    connect(m_pictures, &QPushButton::clicked, this,
            [this] { emit intents()->viewWanted(ViewId::Compare); });
    auto *side = new QWidget;
    side->setFixedWidth(228);
    auto *column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 3, 0);
    column->addWidget(m_foreseen);
    column->addSpacing(8);
    column->addWidget(m_read);
    column->addWidget(m_prove);
    column->addSpacing(8);
    column->addWidget(m_ends);
    column->addWidget(m_pictures);
    column->addStretch(1);
    return side;
}

void SoftProofView::open(const QString &path)
{
    run::PrintChoice choice = m_model.choice;
    choice.path = path;
    take(choice);
}

/// What is shown comes back later; what is chosen meanwhile builds on this.
void SoftProofView::take(const run::PrintChoice &choice)
{
    m_model.choice = choice;
    m_model.proof.reset(); // it was of what was chosen before
    m_prove->setEnabled(false);
    emit intents()->printChosen(choice);
}

void SoftProofView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    showDate(state);
    m_model = softProofModel(state);
    const SoftProofModel &m = m_model;
    setExplanation(m.explanation);
    m_title->setText(m.title);
    m_title->setToolTip(m.choice.path);
    m_paperWhite->setChecked(m.choice.paperWhite);
    QStringList titles;
    for (const Tolerance &t : m.tolerances)
        titles << fromCore(t.title);
    setChoices(m_limits, titles);
    m_limits->setCurrentIndex(m.tolerance);
    m_results->setVisible(!m.sentence.isEmpty());
    m_sentence->setText(m.sentence);
    m_ends->setText(m.ends);
    m_foreseen->setText(m.foreseen);
    m_read->setText(m.read);
    m_prove->setEnabled(m.proof.has_value());
    m_prove->setToolTip(m.why);
    m_pictures->setVisible(m.showsPictures);
    m_fields->setFields(m.fields, QStringLiteral("ΔE00"));
    m_tableTitle->setText(m.beyond.empty() ? QString()
                                           : tr("What it cannot show, the worst first"));
    m_table->setVisible(!m.beyond.empty());
    if (m_filled != state.softProof) {
        m_filled = state.softProof;
        m_table->horizontalHeader()->setSortIndicator(-1, Qt::AscendingOrder);
        fillSorted(m_table, m.beyond);
    }
}

} // namespace lantern::app
