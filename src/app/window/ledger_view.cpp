#include "app/window/ledger_view.h"

#include "app/state/wording.h"
#include "app/theme.h"
#include "app/widgets/mark_painter.h"
#include "run/book/in_words.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QShortcut>
#include <QStyledItemDelegate>
#include <QVBoxLayout>

#include <algorithm>

namespace lantern::app {

namespace {

constexpr int kWidth = 448;
constexpr int kRowHeight = 38;
constexpr int kLowestRow = 27;
constexpr int kPropertyWidth = 162;
constexpr int kBarWidth = 14; ///< of the scroll bar that low windows have

/// Paints rows without cell borders; the state as a shape, the unit small beside the property.
class LedgerDelegate : public QStyledItemDelegate {
public:
    LedgerDelegate(const LedgerModel *model, QTableView *table)
        : QStyledItemDelegate(table), m_model(model), m_table(table)
    {}

    void paint(QPainter *p, const QStyleOptionViewItem &option,
               const QModelIndex &index) const override
    {
        const LedgerRow &row = m_model->rows()[index.row()];
        const bool current = m_table->currentIndex().row() == index.row();
        const QRectF r = option.rect;
        p->save();
        p->fillRect(r, current ? theme::kRaised : theme::kPanel);
        p->fillRect(QRectF(r.left(), r.bottom(), r.width(), 1), theme::kGrid);
        if (current && index.column() == 0)
            p->fillRect(QRectF(r.left(), r.top(), 3, r.height()),
                        m_table->hasFocus() ? theme::kBright : theme::kMuted);
        if (index.column() == LedgerModel::State)
            paintMark(*p, QRectF(r.center().x() - 7, r.center().y() - 7, 14, 14), row.mark);
        else if (index.column() == LedgerModel::Property)
            paintProperty(p, r, row, current);
        else {
            const bool now = index.column() == LedgerModel::Now;
            p->setFont(theme::font(theme::kNormal, now ? QFont::DemiBold : QFont::Normal));
            p->setPen(now ? theme::kBright : theme::kMuted);
            p->drawText(r.adjusted(0, 0, -8, 0), Qt::AlignRight | Qt::AlignVCenter,
                        index.data(Qt::DisplayRole).toString());
        }
        p->restore();
    }

private:
    static void paintProperty(QPainter *p, const QRectF &r, const LedgerRow &row, bool current)
    {
        const QFont font = theme::font(theme::kNormal, current ? QFont::DemiBold : QFont::Normal);
        p->setFont(font);
        p->setPen(theme::kText);
        p->drawText(r.adjusted(13, 0, 0, 0), Qt::AlignLeft | Qt::AlignVCenter, row.property);
        const double used = QFontMetricsF(font).horizontalAdvance(row.property);
        p->setFont(theme::font(7.5));
        p->setPen(theme::kMuted);
        p->drawText(r.adjusted(13 + used + 6, 1, 0, 0), Qt::AlignLeft | Qt::AlignVCenter, row.unit);
    }

    const LedgerModel *m_model;
    QTableView *m_table;
};

} // namespace

void LedgerModel::setRows(std::vector<LedgerRow> rows)
{
    if (rows == m_rows)
        return;
    if (rows.size() != m_rows.size()) {
        beginResetModel();
        m_rows = std::move(rows);
        endResetModel();
        return;
    }
    m_rows = std::move(rows);
    emit dataChanged(index(0, 0), index(rowCount() - 1, ColumnCount - 1));
}

int LedgerModel::rowCount(const QModelIndex &parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}

int LedgerModel::columnCount(const QModelIndex &parent) const
{
    return parent.isValid() ? 0 : ColumnCount;
}

QVariant LedgerModel::data(const QModelIndex &index, int role) const
{
    const LedgerRow &row = m_rows[index.row()];
    if (role == Qt::AccessibleTextRole && index.column() == Property)
        return tr("%1: aim %2, before %3, now %4, last time %5. %6")
            .arg(row.unit.isEmpty() ? row.property : tr("%1, %2").arg(row.property, row.unit),
                 row.aim, row.before, row.now, row.lastTime, markWord(row.mark));
    if (role == Qt::ToolTipRole && index.column() == State)
        return markWord(row.mark);
    if (role != Qt::DisplayRole)
        return {};
    switch (index.column()) {
    case Property:
        return row.property;
    case AimColumn:
        return row.aim;
    case Before:
        return row.before;
    case Now:
        return row.now;
    case LastTime:
        return row.lastTime;
    case State:
        return markWord(row.mark);
    }
    return {};
}

QVariant LedgerModel::headerData(int section, Qt::Orientation orientation, int role) const
{
    if (orientation != Qt::Horizontal)
        return {};
    if (role == Qt::FontRole)
        return theme::font(theme::kSmall);
    if (role == Qt::TextAlignmentRole)
        return int(Qt::AlignRight | Qt::AlignVCenter);
    if (role != Qt::DisplayRole)
        return {};
    switch (section) {
    case AimColumn:
        return tr("Aim");
    case Before:
        return tr("Before");
    case Now:
        return tr("Now");
    case LastTime:
        return tr("Last time");
    default:
        return QString();
    }
}

LedgerView::LedgerView(QWidget *parent)
    : QWidget(parent),
      m_model(new LedgerModel(this)),
      m_table(new QTableView),
      m_aimName(new QLabel),
      m_aimSummary(new QLabel),
      m_action(new QPushButton),
      m_hint(new QLabel),
      m_other(new QPushButton)
{
    setFixedWidth(kWidth);
    setAutoFillBackground(true);
    QPalette dark = palette();
    dark.setColor(QPalette::Window, theme::kPanel);
    setPalette(dark);

    m_aimName->setFont(theme::font(11, QFont::DemiBold));
    m_aimSummary->setFont(theme::font(theme::kSmall));
    m_aimSummary->setForegroundRole(QPalette::PlaceholderText);
    auto *aim = new QPushButton(tr("&Aim…"));
    aim->setObjectName(QStringLiteral("aimButton"));
    connect(aim, &QPushButton::clicked, this, &LedgerView::aimWanted);

    auto *titles = new QVBoxLayout;
    titles->setSpacing(0);
    titles->addWidget(m_aimName);
    titles->addWidget(m_aimSummary);
    m_top = new QHBoxLayout;
    m_top->setContentsMargins(16, 10, 16, 4);
    m_top->addLayout(titles, 1);
    m_top->addWidget(aim, 0, Qt::AlignTop);

    m_table->setObjectName(QStringLiteral("ledger"));
    m_table->setAccessibleName(tr("Ledger"));
    m_table->setModel(m_model);
    m_table->setItemDelegate(new LedgerDelegate(m_model, m_table));
    m_table->setShowGrid(false);
    m_table->setTabKeyNavigation(false);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_table->setMinimumHeight(4 * kRowHeight);
    m_table->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(kRowHeight);
    m_table->setPalette(dark);
    m_table->setStyleSheet(QStringLiteral("QTableView { background: %1; } QHeaderView::section { "
                                          "background: %1; }")
                               .arg(theme::kPanel.name()));
    QHeaderView *header = m_table->horizontalHeader();
    header->setHighlightSections(false);
    header->setSectionResizeMode(QHeaderView::Fixed);
    const std::array widths = {kPropertyWidth, 64, 62, 62, 68, 24};
    for (int i = 0; i < LedgerModel::ColumnCount; ++i)
        header->resizeSection(i, widths[i]);
    connect(m_table->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
            [this](const QModelIndex &index) {
                if (!m_updating && index.isValid())
                    emit viewChosen(m_model->rows()[index.row()].view);
            });

    m_action->setObjectName(QStringLiteral("mainAction"));
    m_action->setFont(theme::font(11, QFont::DemiBold));
    m_action->setDefault(true);
    // A button's own shortcut goes with its text; this one stays, whatever has the focus.
    for (const Qt::Key key : {Qt::Key_Return, Qt::Key_Enter})
        connect(new QShortcut(QKeySequence(Qt::CTRL | key), this), &QShortcut::activated, m_action,
                &QPushButton::click);
    m_action->setToolTip(tr("The next step (Ctrl+Return)"));
    connect(m_action, &QPushButton::clicked, this, &LedgerView::acted);
    m_other->setObjectName(QStringLiteral("otherAction"));
    connect(m_other, &QPushButton::clicked, this, &LedgerView::actedOtherwise);
    m_hint->setForegroundRole(QPalette::PlaceholderText);
    m_hint->setFont(theme::font(theme::kSmall));
    m_hint->setWordWrap(true);
    m_bottom = new QVBoxLayout;
    m_bottom->setContentsMargins(16, 10, 16, 10);
    m_bottom->setSpacing(6);
    m_bottom->addWidget(m_action);
    m_bottom->addWidget(m_hint);
    m_bottom->addWidget(m_other);

    auto *all = new QVBoxLayout(this);
    all->setContentsMargins(0, 0, 0, 0);
    all->setSpacing(0);
    all->addLayout(m_top);
    constexpr int kFirst = 100;    // takes the room before the stretch below does
    auto *table = new QHBoxLayout; // with room for the ring of the focus
    table->setContentsMargins(3, 2, 3, 2);
    table->addWidget(m_table);
    all->addLayout(table, kFirst);
    all->addLayout(m_bottom);
    all->addStretch(1);
}

void LedgerView::focusAction()
{
    m_giveFocusBack = !m_action->isEnabled();
    if (m_giveFocusBack)
        m_table->setFocus();
    else
        m_action->setFocus();
}

void LedgerView::resizeEvent(QResizeEvent *event)
{
    QWidget::resizeEvent(event);
    fitRows();
}

/// Rows are lower where the window is; where that is not enough the table scrolls.
void LedgerView::fitRows()
{
    const int rows = std::max(1, m_model->rowCount());
    const int header = m_table->horizontalHeader()->sizeHint().height() + 2;
    const int others = m_top->sizeHint().height() + m_bottom->sizeHint().height() + 4;
    const int height =
        std::clamp((this->height() - others - header) / rows, kLowestRow, kRowHeight);
    m_table->verticalHeader()->setDefaultSectionSize(height);
    m_table->setMaximumHeight(header + rows * height);
    m_table->horizontalHeader()->resizeSection(
        LedgerModel::Property, kPropertyWidth - (height == kLowestRow ? kBarWidth : 0));
}

void LedgerView::setState(const SessionState &state)
{
    const Aim &aim = state.ledgerAim();
    m_aimName->setText(fromCore(aim.name));
    m_aimSummary->setText(run::inLocale(aimSummary(aim)));
    m_updating = true;
    m_model->setRows(ledgerRows(state));
    const int rows = m_model->rowCount();
    // Keep the row that was chosen if it opens the view shown; else the first one that does.
    const QModelIndex current = m_table->currentIndex();
    if (!current.isValid() || m_model->rows()[current.row()].view != state.view) {
        QModelIndex match;
        for (int i = rows - 1; i >= 0; --i)
            if (m_model->rows()[i].view == state.view)
                match = m_model->index(i, 0);
        m_table->setCurrentIndex(match);
    }
    m_updating = false;
    const MainAction action = mainAction(state);
    m_action->setText(action.text);
    const bool enabled = action.step != NextStep::None;
    if (window()->focusWidget() == m_action && !enabled)
        m_giveFocusBack = true; // Qt moves the focus on when a button is disabled
    m_action->setEnabled(enabled);
    if (enabled && m_giveFocusBack) {
        m_giveFocusBack = false;
        m_action->setFocus();
    }
    m_hint->setText(action.hint);
    m_hint->setVisible(!action.hint.isEmpty());
    m_other->setText(action.other);
    m_other->setVisible(!action.other.isEmpty());
    fitRows();
}

} // namespace lantern::app
