#include "app/views/accuracy/proof_panel.h"

#include "app/state/wording.h"
#include "app/theme.h"
#include "app/views/accuracy/limits_dialog.h"
#include "app/views/view.h"
#include "app/widgets/file_choice.h"
#include "app/widgets/number_box.h"
#include "app/widgets/small_box.h"
#include "core/base/error.h"
#include "core/profile/target_space.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <QFileInfo>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QSignalBlocker>

namespace lantern::app {

ProofPanel::ProofPanel(Intents *intents, QWidget *parent)
    : QWidget(parent),
      m_intents(intents),
      m_summary(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_formulaNote(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_unfold(new QPushButton(tr("Change…"))),
      m_prove(new QPushButton(tr("Prove no&w"))),
      m_choices(new QWidget),
      m_colours(makeSmallBox("proofColours", tr("Colours of the proof"), 7)),
      m_limits(makeSmallBox("proofLimits", tr("Limits"), 7)),
      m_formula(makeSmallBox("proofFormula", tr("Difference formula"), 7)),
      m_white(makeSmallBox("proofWhite", tr("White of the proof"), 7)),
      m_against(makeSmallBox("proofAgainst", tr("What is proved"), 7)),
      m_intent(makeSmallBox("proofIntent", tr("Rendering intent"), 7)),
      m_count(new WholeNumberBox),
      m_edit(new QPushButton(tr("Edit…")))
{
    wrap(m_summary);
    wrap(m_formulaNote);
    m_unfold->setObjectName(QStringLiteral("changeProof"));
    m_unfold->setCheckable(true);
    m_prove->setObjectName(QStringLiteral("proveNow"));
    m_count->setObjectName(QStringLiteral("proofCount"));
    m_count->setAccessibleName(tr("Number of colours"));
    m_edit->setObjectName(QStringLiteral("editLimits"));
    for (const ProofColours &c : proofColours())
        m_colours->addItem(c.title, c.key);
    m_colours->addItem(tr("From a file…"));
    m_colours->setToolTip(tr("A file: CGATS, CxF3 or CSV with Lab or RGB; a print control strip, "
                             "spot colours, a picture's key colours."));
    for (const DifferenceFormula f : differenceFormulas())
        m_formula->addItem(QString::fromStdString(formulaSymbol(f)), static_cast<int>(f));
    m_white->addItems({tr("Relative to measured white"), tr("Relative to aimed white")});
    m_against->addItem(againstTitle({}), QString());
    m_against->addItem(againstTitle("aim"), QStringLiteral("aim"));
    for (const TargetName &name : targetNames())
        m_against->addItem(againstTitle(name.key), QString::fromStdString(name.key));
    m_intent->addItems({tr("Colorimetric"), tr("Perceptual, with black point")});

    auto *head = new QHBoxLayout;
    head->setContentsMargins(0, 0, 0, 0);
    head->addWidget(m_summary, 1);
    head->addWidget(m_unfold);
    head->addWidget(m_prove);
    auto *grid = new QGridLayout(m_choices);
    grid->setContentsMargins(0, 4, 0, 8);
    grid->setHorizontalSpacing(8);
    const auto label = [](const QString &text) {
        return makeLabel(text, theme::kSmall, theme::kMuted);
    };
    auto *limits = new QHBoxLayout;
    limits->addWidget(m_limits, 1);
    limits->addWidget(m_edit);
    auto *colours = new QHBoxLayout;
    colours->addWidget(m_colours, 1);
    colours->addWidget(m_count);
    grid->addWidget(label(tr("Colours")), 0, 0);
    grid->addLayout(colours, 0, 1);
    grid->addWidget(label(tr("Limits")), 0, 2);
    grid->addLayout(limits, 0, 3);
    grid->addWidget(label(tr("Sent through")), 1, 0);
    grid->addWidget(m_against, 1, 1);
    grid->addWidget(label(tr("Difference")), 1, 2);
    grid->addWidget(m_formula, 1, 3);
    grid->addWidget(label(tr("Intent")), 2, 0);
    grid->addWidget(m_intent, 2, 1);
    grid->addWidget(label(tr("White")), 2, 2);
    grid->addWidget(m_white, 2, 3);
    grid->addWidget(m_formulaNote, 3, 0, 1, 4);
    grid->setColumnStretch(1, 1);
    grid->setColumnStretch(3, 1);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(3, 0, 3, 0);
    column->setSpacing(2);
    column->addLayout(head);
    column->addWidget(m_choices);
    m_choices->hide();

    connect(m_unfold, &QPushButton::toggled, m_choices, &QWidget::setVisible);
    connect(m_prove, &QPushButton::clicked, m_intents, &Intents::proofWanted);
    connect(m_colours, &QComboBox::activated, this, &ProofPanel::chooseColours);
    connect(m_limits, &QComboBox::activated, this, [this](int index) {
        if (index < 0 || index >= static_cast<int>(m_model.tolerances.size()))
            return;
        run::ProofChoice choice = m_model.choice;
        choice.tolerance = m_model.tolerances[static_cast<size_t>(index)];
        take(choice);
    });
    for (QComboBox *box : {m_formula, m_white, m_against, m_intent})
        connect(box, &QComboBox::activated, this, &ProofPanel::chosen);
    connect(m_count, &QSpinBox::editingFinished, this, [this] {
        const int index = proofColoursIndex(m_model.choice);
        if (index < 0 || m_count->value() == proofCount(m_model.choice))
            return;
        run::ProofChoice choice = m_model.choice;
        choice.reference = proofKey(proofColours()[static_cast<size_t>(index)], m_count->value());
        take(choice);
    });
    connect(m_edit, &QPushButton::clicked, this, &ProofPanel::editLimits);
}

/// What is shown comes back later; what is chosen meanwhile builds on this.
void ProofPanel::take(const run::ProofChoice &choice)
{
    m_model.choice = choice;
    emit m_intents->proofChosen(choice);
}

void ProofPanel::chooseColours(int index)
{
    if (index >= static_cast<int>(proofColours().size())) {
        openList();
        showChoices(m_model); // until one was chosen
        return;
    }
    const ProofColours c = proofColours()[static_cast<size_t>(index)];
    run::ProofChoice choice = m_model.choice;
    choice.colours.clear();
    choice.reference = proofKey(c, c.count);
    take(choice);
}

void ProofPanel::openList()
{
    const QString path = fileToOpen(this, QStringLiteral("colours"), tr("Open a list of colours"),
                                    tr("Lists of colours (*.txt *.cgats *.ti3 *.cxf *.xml *.csv);;"
                                       "Pictures (*.png *.jpg *.jpeg *.tif *.tiff);;"
                                       "All files (*)"));
    if (!path.isEmpty())
        takeColours(path);
}

void ProofPanel::takeColours(const QString &path)
{
    try {
        const ReferenceSet set = coloursToProve(path);
        run::ProofChoice choice = m_model.choice;
        choice.colours = set.colours;
        choice.reference = QFileInfo(path).completeBaseName().toStdString();
        take(choice);
    } catch (const Error &e) {
        emit m_intents->failed(run::inWords(e));
    }
}

void ProofPanel::chosen()
{
    run::ProofChoice choice = m_model.choice;
    choice.tolerance.formula = static_cast<DifferenceFormula>(m_formula->currentData().toInt());
    choice.absolute = m_white->currentIndex() == 1;
    choice.perceptual = m_intent->currentIndex() == 1;
    choice.against = m_against->currentData().toString().toStdString();
    take(choice);
}

void ProofPanel::editLimits()
{
    if (!m_dialog) {
        m_dialog = new LimitsDialog(m_intents, this);
        m_dialog->setAttribute(Qt::WA_DeleteOnClose);
    }
    m_dialog->edit(m_model.choice.tolerance, m_model.isOwn);
    m_dialog->show();
    m_dialog->raise();
}

void ProofPanel::show(const ProofModel &model)
{
    m_summary->setText(model.summary);
    m_prove->setEnabled(model.possible);
    m_prove->setToolTip(model.why);
    m_model = model;
    showChoices(model);
}

void ProofPanel::showChoices(const ProofModel &m)
{
    const int index = proofColoursIndex(m.choice);
    const int fromFile = static_cast<int>(proofColours().size());
    m_colours->setItemText(fromFile, index < 0 ? QString::fromStdString(m.choice.reference)
                                               : tr("From a file…"));
    m_colours->setCurrentIndex(index < 0 ? fromFile : index);
    const bool counted = index >= 0 && proofColours()[static_cast<size_t>(index)].count > 0;
    m_count->setVisible(counted);
    if (counted && !m_count->hasFocus()) {
        const ProofColours c = proofColours()[static_cast<size_t>(index)];
        const QSignalBlocker quiet(m_count);
        m_count->setRange(c.least, c.most);
        m_count->setValue(proofCount(m.choice));
    }
    QStringList titles;
    int chosen = -1;
    for (const Tolerance &t : m.tolerances) {
        if (t.name == m.choice.tolerance.name)
            chosen = static_cast<int>(titles.size());
        titles << fromCore(t.title);
    }
    setChoices(m_limits, titles);
    m_limits->setCurrentIndex(chosen);
    m_limits->setToolTip(fromCore(m.choice.tolerance.source));
    m_formula->setCurrentIndex(m_formula->findData(static_cast<int>(m.choice.tolerance.formula)));
    m_white->setCurrentIndex(m.choice.absolute ? 1 : 0);
    m_intent->setCurrentIndex(m.choice.perceptual ? 1 : 0);
    m_intent->setEnabled(m.throughProfile);
    m_against->setCurrentIndex(m_against->findData(QString::fromStdString(m.choice.against)));
    m_formulaNote->setVisible(m.hasFormulaOfItsOwn);
    m_formulaNote->setText(tr("These limits were made for another formula: their numbers are kept "
                              "and mean something else now."));
}

} // namespace lantern::app
