#include "app/views/match/match_view.h"

#include "app/theme.h"
#include "app/widgets/list_table.h"
#include "app/widgets/number_cell.h"
#include "app/widgets/small_box.h"

#include <QHBoxLayout>
#include <QHeaderView>

#include <algorithm>

namespace lantern::app {

namespace {

QTableWidget *makeTable(const char *name, const QString &words, const QStringList &titles)
{
    QTableWidget *table = makeListTable(name, words, titles);
    table->setTabKeyNavigation(false);
    table->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff); // names give way, nothing is lost
    return table;
}

/// As high as its rows, up to some.
void fitRows(QTableWidget *table, int most)
{
    table->setFixedHeight(heightOf(table, std::clamp(table->rowCount(), 1, most)));
}

} // namespace

MatchView::MatchView(Intents *intents)
    : View(tr("Several displays of this computer with one look: an aim that all can reach, their "
              "runs one after another with the same meter, and then the proof that they agree."),
           intents),
      m_sentence(makeLabel({}, theme::kNormal, theme::kBright)),
      m_why(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_displays(makeTable("matchDisplays", tr("Displays"), matchColumns())),
      m_pairs(makeTable("matchPairs", tr("How alike they are"), pairColumns())),
      m_read(new QPushButton(tr("Read what it &can do"))),
      m_begin(new QPushButton(tr("Make them ali&ke"))),
      m_end(new QPushButton(tr("&Leave the match"))),
      m_move(new QPushButton(tr("M&ove the patch"))),
      m_onScreens(new QPushButton(tr("On the displays"))),
      m_tune(new QPushButton(tr("Fine-&tune the second…"))),
      m_colour(makeSmallBox("matchColour", tr("Colour"), 12)),
      m_patch(new MovingPatch),
      m_leave(new QShortcut(Qt::Key_Escape, this))
{
    m_sentence->setObjectName(QStringLiteral("matchSentence"));
    wrap(m_sentence);
    wrap(m_why);
    m_eye = makeEye();
    body()->addWidget(m_sentence);
    body()->addWidget(m_why);
    body()->addWidget(m_displays);
    body()->addWidget(makeActions());
    body()->addWidget(m_pairs);
    body()->addWidget(m_eye, 1);
    body()->addStretch(0);
    connect(m_displays, &QTableWidget::itemChanged, this, &MatchView::choose);
    connect(m_displays, &QTableWidget::currentCellChanged, this, [this] {
        const auto row = static_cast<size_t>(std::max(0, m_displays->currentRow()));
        m_read->setEnabled(row < m_model.rows.size() && m_model.rows[row].mayRead);
    });
    connect(m_pairs, &QTableWidget::currentCellChanged, this, &MatchView::showPair);
    connect(m_colour, &QComboBox::currentIndexChanged, this, &MatchView::showColour);
    m_leave->setEnabled(false);
    connect(m_leave, &QShortcut::activated, this, [this] { m_onScreens->setChecked(false); });
    connect(&m_screens, &ScreenPatches::left, this, [this] { m_onScreens->setChecked(false); });
    connect(m_patch, &MovingPatch::moved, &m_screens, &ScreenPatches::moveTo);
}

QWidget *MatchView::makeActions()
{
    m_read->setObjectName(QStringLiteral("matchRead"));
    m_read->setToolTip(tr("The chosen display, as its controls stand now: half a minute with the "
                          "meter on it."));
    m_begin->setObjectName(QStringLiteral("matchBegin"));
    m_end->setObjectName(QStringLiteral("matchEnd"));
    m_end->setToolTip(tr("Runs that are done stay as they are."));
    connect(m_read, &QPushButton::clicked, this, [this] {
        const auto row = static_cast<size_t>(std::max(0, m_displays->currentRow()));
        if (row < m_model.rows.size())
            emit intents()->matchReadWanted(m_model.rows[row].id);
    });
    connect(m_begin, &QPushButton::clicked, intents(), &Intents::matchBegun);
    connect(m_end, &QPushButton::clicked, intents(), &Intents::matchEnded);
    auto *actions = new QWidget;
    auto *row = new QHBoxLayout(actions);
    row->setContentsMargins(3, 2, 3, 6);
    row->addWidget(m_read);
    row->addStretch(1);
    row->addWidget(m_end);
    row->addWidget(m_begin);
    return actions;
}

QWidget *MatchView::makeEye()
{
    m_move->setObjectName(QStringLiteral("movePatch"));
    m_onScreens->setObjectName(QStringLiteral("patchOnScreens"));
    m_onScreens->setCheckable(true);
    m_onScreens->setToolTip(tr("Both displays turn black but for the patch. Left, Right and Space "
                               "move it, Esc ends it."));
    m_tune->setObjectName(QStringLiteral("tuneSecond"));
    connect(m_move, &QPushButton::clicked, m_patch, &MovingPatch::go);
    connect(m_onScreens, &QPushButton::toggled, this, &MatchView::showOnScreens);
    connect(m_tune, &QPushButton::clicked, this, [this] {
        if (const MatchModel::Pair *p = pair(); p && p->secondDisplay >= 0) {
            emit intents()->displayWanted(p->secondDisplay);
            emit intents()->viewWanted(ViewId::FineTune);
        }
    });
    auto *eye = new QWidget;
    auto *column = new QVBoxLayout(eye);
    column->setContentsMargins(3, 4, 3, 0);
    auto *row = new QHBoxLayout;
    row->addWidget(m_colour, 1);
    row->addWidget(m_move);
    row->addWidget(m_onScreens);
    row->addStretch(1);
    row->addWidget(m_tune);
    column->addLayout(row);
    column->addWidget(m_patch, 1);
    return eye;
}

void MatchView::choose()
{
    if (m_filling)
        return;
    QStringList chosen;
    for (int row = 0; row < m_displays->rowCount(); ++row)
        if (m_displays->item(row, 0)->checkState() == Qt::Checked)
            chosen << m_model.rows[static_cast<size_t>(row)].id;
    emit intents()->matchChosen(chosen);
}

void MatchView::showRows()
{
    m_filling = true;
    const int current = m_displays->currentRow();
    m_displays->setRowCount(static_cast<int>(m_model.rows.size()));
    for (int i = 0; i < m_displays->rowCount(); ++i) {
        const MatchModel::Row &row = m_model.rows[static_cast<size_t>(i)];
        for (int c = 0; c < row.cells.size(); ++c) {
            auto *item = new QTableWidgetItem(row.cells[c]);
            item->setTextAlignment((c < 2 ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
            if (c == 0) {
                item->setCheckState(row.isChosen ? Qt::Checked : Qt::Unchecked);
                item->setFlags(Qt::ItemIsSelectable | Qt::ItemIsEnabled |
                               (row.mayChoose ? Qt::ItemIsUserCheckable : Qt::NoItemFlags));
                item->setData(Qt::AccessibleTextRole, row.words);
                item->setToolTip(row.words);
            }
            m_displays->setItem(i, c, item);
        }
    }
    m_displays->setCurrentCell(std::clamp(current, 0, std::max(0, m_displays->rowCount() - 1)), 0);
    constexpr int kMostRows = 8;
    fitRows(m_displays, kMostRows);
    const auto at = static_cast<size_t>(std::max(0, m_displays->currentRow()));
    m_read->setEnabled(at < m_model.rows.size() && m_model.rows[at].mayRead);
    m_filling = false;
}

void MatchView::showPairs()
{
    const int current = std::max(0, m_pairs->currentRow());
    fillSorted(m_pairs, m_model.pairs);
    m_pairs->setSortingEnabled(false); // the rows are the pairs, the most different first
    constexpr int kMostRows = 5;
    fitRows(m_pairs, kMostRows);
    const bool any = !m_model.pairs.empty();
    m_pairs->setVisible(any);
    m_eye->setVisible(any);
    if (any)
        m_pairs->setCurrentCell(std::min(current, m_pairs->rowCount() - 1), 0);
    showPair();
}

const MatchModel::Pair *MatchView::pair() const
{
    const int row = std::max(0, m_pairs->currentRow());
    return row < static_cast<int>(m_model.forTheEye.size())
               ? &m_model.forTheEye[static_cast<size_t>(row)]
               : nullptr;
}

void MatchView::showPair()
{
    const MatchModel::Pair *p = pair();
    if (!p)
        return;
    QStringList colours;
    for (const auto &c : p->colours)
        colours << c.title;
    setChoices(m_colour, colours);
    m_patch->setPair(p->firstName, p->secondName);
    const bool areHere = p->firstDisplay >= 0 && p->secondDisplay >= 0;
    m_onScreens->setVisible(m_model.isReal);
    m_onScreens->setEnabled(areHere);
    m_tune->setEnabled(p->secondDisplay >= 0);
    showColour();
}

void MatchView::showColour()
{
    const MatchModel::Pair *p = pair();
    const int index = m_colour->currentIndex();
    if (!p || index < 0 || index >= static_cast<int>(p->colours.size()))
        return;
    const auto &colour = p->colours[static_cast<size_t>(index)];
    m_patch->setColour(colour);
    m_screens.setColour(colour.firstCodes, colour.secondCodes);
}

void MatchView::showOnScreens(bool on)
{
    const MatchModel::Pair *p = pair();
    m_leave->setEnabled(on);
    if (!on || !p || p->firstDisplay < 0 || p->secondDisplay < 0) {
        m_screens.hide();
        return;
    }
    const auto place = [&](int display) { return m_places.at(static_cast<size_t>(display)); };
    m_screens.show(place(p->firstDisplay), place(p->secondDisplay));
    m_screens.moveTo(m_patch->place());
    m_patch->setFocus();
    showColour();
}

void MatchView::hideEvent(QHideEvent *event)
{
    m_onScreens->setChecked(false);
    View::hideEvent(event);
}

void MatchView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    m_places.clear();
    for (const DisplayCard &card : state.displays)
        m_places.push_back(card.place);
    m_model = matchModel(state);
    m_sentence->setText(m_model.sentence);
    m_why->setText(m_model.why);
    m_why->setVisible(!m_model.why.isEmpty());
    showRows();
    m_begin->setVisible(!m_model.isBegun);
    m_begin->setEnabled(m_model.mayBegin);
    m_end->setVisible(m_model.isBegun);
    showPairs();
}

} // namespace lantern::app
