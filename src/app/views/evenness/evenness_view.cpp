#include "app/views/evenness/evenness_view.h"

#include "app/state/wording.h"
#include "app/theme.h"
#include "app/views/evenness/evenness_map.h"
#include "app/widgets/small_box.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include <array>

namespace lantern::app {

namespace {

constexpr std::array<std::pair<int, int>, 5> kGrids = {{{3, 3}, {5, 3}, {5, 5}, {7, 5}, {9, 9}}};
const std::array<std::vector<int>, 3> kGreys = {{{255}, {255, 128}, {255, 128, 64}}};

} // namespace

EvennessView::EvennessView(Intents *intents)
    : View(
          tr("Light and colour all over the screen, against its middle. The meter hangs on one "
             "field after the other; the screen shows which, and sees by itself that it is there."),
          intents),
      m_grid(makeSmallBox("evennessGrid", tr("Fields"), 6)),
      m_levels(makeSmallBox("evennessLevels", tr("Greys to read"), 8)),
      m_compensation(makeSmallBox("evennessCompensation", tr("The monitor's own compensation"), 8)),
      m_shown(makeSmallBox("evennessShown", tr("Grey shown"), 6)),
      m_measure(new QPushButton(tr("Meas&ure evenness"))),
      m_resume(new QPushButton(tr("Go on &with it"))),
      m_end(new QPushButton(tr("Enough: &keep these"))),
      m_map(new EvennessMap),
      m_sentence(makeLabel({}, theme::kNormal, theme::kBright)),
      m_field(makeLabel({}, theme::kNormal, theme::kText)),
      m_facts(makeLabel({}, theme::kNormal, theme::kMuted)),
      m_of(makeLabel({}, theme::kSmall, theme::kMuted))
{
    for (const auto &[columns, rows] : kGrids)
        m_grid->addItem(tr("%1 x %2 fields").arg(columns).arg(rows));
    m_levels->addItems({tr("White"), tr("White and middle grey"), tr("White, middle and dark")});
    m_compensation->addItems(
        {tr("Own evening out: not known"), tr("Own evening out: off"), tr("Own evening out: on")});
    m_compensation->setToolTip(
        tr("Some monitors even their screen out by themselves, which costs "
           "light. Set it there, say here how it stands, and measure both."));
    m_sentence->setObjectName(QStringLiteral("evennessSentence"));
    m_field->setObjectName(QStringLiteral("evennessField"));
    m_facts->setObjectName(QStringLiteral("evennessFacts"));
    m_measure->setObjectName(QStringLiteral("measureEvenness"));
    m_resume->setObjectName(QStringLiteral("resumeEvenness"));
    m_end->setObjectName(QStringLiteral("endEvenness"));
    for (QLabel *label : {m_sentence, m_field, m_facts})
        wrap(label);
    auto *choices = new QHBoxLayout;
    choices->setContentsMargins(3, 0, 3, 0);
    choices->addWidget(m_grid, 2);
    choices->addWidget(m_levels, 3);
    choices->addWidget(m_compensation, 3);
    auto *actions = new QHBoxLayout;
    actions->setContentsMargins(3, 0, 3, 0);
    actions->addWidget(m_measure);
    actions->addWidget(m_resume);
    actions->addWidget(m_end);
    actions->addStretch(1);
    actions->addWidget(m_of);
    actions->addWidget(m_shown);
    body()->addLayout(choices);
    body()->addLayout(actions);
    body()->addWidget(m_sentence);
    auto *beside = new QVBoxLayout;
    beside->addWidget(m_field);
    beside->addSpacing(10);
    beside->addWidget(m_facts);
    beside->addStretch(1);
    auto *middle = new QHBoxLayout;
    middle->setSpacing(14);
    middle->addWidget(m_map, 5);
    middle->addLayout(beside, 3);
    body()->addLayout(middle, 1);
    for (QComboBox *box : {m_grid, m_levels, m_compensation})
        connect(box, &QComboBox::activated, this, &EvennessView::choose);
    connect(m_shown, &QComboBox::activated, this,
            [this](int grey) { show(evennessModel(m_state, grey)); });
    connect(m_map, &EvennessMap::fieldChosen, this, [this] { show(m_model); });
    connect(m_measure, &QPushButton::clicked, intents, &Intents::evennessWanted);
    connect(m_resume, &QPushButton::clicked, intents, &Intents::evennessResumed);
    connect(m_end, &QPushButton::clicked, intents, &Intents::evennessEnded);
}

void EvennessView::choose()
{
    run::EvennessChoice choice = m_model.choice;
    if (m_grid->currentIndex() < static_cast<int>(kGrids.size())) {
        const auto &[columns, rows] = kGrids[static_cast<size_t>(m_grid->currentIndex())];
        choice.grid = {columns, rows};
    }
    if (m_levels->currentIndex() < static_cast<int>(kGreys.size()))
        choice.greys = kGreys[static_cast<size_t>(m_levels->currentIndex())];
    choice.compensation = static_cast<run::Compensation>(m_compensation->currentIndex());
    emit intents()->evennessChosen(choice);
}

void EvennessView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    m_state = state;
    show(evennessModel(state, m_shown->currentIndex()));
}

void EvennessView::show(const EvennessModel &m)
{
    m_model = m;
    int grid = -1;
    for (int i = 0; i < static_cast<int>(kGrids.size()); ++i)
        if (m.choice.grid == EvennessGrid{kGrids[static_cast<size_t>(i)].first,
                                          kGrids[static_cast<size_t>(i)].second})
            grid = i;
    m_grid->setCurrentIndex(grid);
    int greys = -1;
    for (int i = 0; i < static_cast<int>(kGreys.size()); ++i)
        if (m.choice.greys == kGreys[static_cast<size_t>(i)])
            greys = i;
    m_levels->setCurrentIndex(greys);
    m_compensation->setCurrentIndex(static_cast<int>(m.choice.compensation));
    for (QWidget *w : std::initializer_list<QWidget *>{m_grid, m_levels, m_compensation, m_measure})
        w->setEnabled(m.mayMeasure);
    m_measure->setVisible(!m.isMeasuring);
    m_resume->setVisible(m.mayResume);
    m_end->setVisible(m.isMeasuring);
    m_end->setEnabled(m.mayEnd);
    m_shown->setVisible(m.greys.size() > 1);
    setChoices(m_shown, m.greys);
    m_shown->setCurrentIndex(m.grey);
    m_of->setText(m.of);
    m_sentence->setText(m.sentence);
    m_map->setModel(m);
    const EvennessModel::Field *chosen = m_map->chosen();
    m_field->setText(chosen && !m.greys.isEmpty() ? m.words(*chosen) : QString());
    m_facts->setText(m.facts.join(QStringLiteral("\n\n")));
}

} // namespace lantern::app
