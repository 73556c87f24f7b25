#include "app/views/logbook/logbook_view.h"

#include "app/session/log_part.h"
#include "app/state/trend_words.h"
#include "app/theme.h"
#include "app/widgets/file_choice.h"
#include "app/widgets/list_table.h"
#include "app/widgets/mark_painter.h"
#include "app/widgets/small_box.h"
#include "core/base/error.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QPainter>
#include <QScrollBar>
#include <QShortcut>
#include <QStyledItemDelegate>

#include <algorithm>
#include <map>

namespace lantern::app {

namespace {

/// The mark of the verdict, and a stroke for each figure: as long as it goes towards its limit, a
/// line across all of them.
class StatePainter : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;

    void paint(QPainter *p, const QStyleOptionViewItem &option,
               const QModelIndex &index) const override
    {
        QStyledItemDelegate::paint(p, option, index); // selection and focus
        const LogEntry &e = static_cast<const LogModel *>(index.model())->entry(index.row());
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        const QRectF box = QRectF(option.rect).adjusted(6, 4, -4, -4);
        constexpr double kMark = 12;
        paintMark(*p, {box.left(), box.center().y() - kMark / 2, kMark, kMark}, e.mark);
        const auto signature = signatureOf(e);
        const double left = box.left() + kMark + 8;
        const double limit = box.top() + box.height() * 0.35;
        constexpr double kApart = 5, kWide = 2.5, kMost = 1.5;
        double x = left;
        for (const double share : signature) {
            const double top = box.bottom() - std::min(share, kMost) * (box.bottom() - limit);
            p->fillRect(QRectF(x, top, kWide, box.bottom() - top),
                        share > 1 ? theme::kBright : theme::kMuted);
            x += kApart;
        }
        if (!signature.empty()) {
            p->setPen(QPen(theme::kMuted, 1, Qt::DotLine));
            p->drawLine(QPointF(left - 2, limit), QPointF(x, limit));
        }
        p->restore();
    }
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem &option,
                                 const QModelIndex &index) const override
    {
        return QStyledItemDelegate::sizeHint(option, index).expandedTo({92, 26});
    }
};

bool canBeOpened(const LogEntry &e)
{
    return e.finished &&
           (e.kind == run::RunKind::Calibration || e.kind == run::RunKind::Validation);
}

} // namespace

LogbookView::LogbookView(Intents *intents)
    : View({}, intents),
      m_model(new LogModel(this)),
      m_table(new QTableView),
      m_text(new QLineEdit),
      m_display(makeSmallBox("logDisplay", tr("Display"), 5)),
      m_kind(makeSmallBox("logKind", tr("What was done"), 5)),
      m_mark(makeSmallBox("logMark", tr("Verdict"), 5)),
      m_time(makeSmallBox("logTime", tr("Time"), 5)),
      m_meter(makeSmallBox("logMeter", tr("Meter"), 5)),
      m_workstation(makeSmallBox("logWorkstation", tr("Workstation"), 5)),
      m_person(makeSmallBox("logPerson", tr("Person"), 5)),
      m_count(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_trend(makeLabel({}, theme::kNormal, theme::kText)),
      m_book(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_sync(new QPushButton(tr("S&ync now"))),
      m_open(new QPushButton(tr("&Open"))),
      m_newest(new QPushButton(tr("Bac&k to the newest"))),
      m_compare(new QPushButton(tr("Compare"))),
      m_report(new QPushButton(tr("Report…"))),
      m_note(new QPushButton(tr("Note"))),
      m_remove(new QPushButton(tr("Remove"))),
      m_export(new QPushButton(tr("E&xport…")))
{
    m_table->setModel(m_model);
    m_table->setObjectName(QStringLiteral("logTable"));
    m_table->setAccessibleName(tr("Runs and checks"));
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setItemDelegateForColumn(LogModel::State, new StatePainter(m_table));
    m_table->setShowGrid(false);
    m_table->setWordWrap(false);
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(28);
    m_table->horizontalHeader()->setStretchLastSection(true);
    m_table->horizontalHeader()->setHighlightSections(false);
    const std::array<int, LogModel::Columns> widths = {88, 148, 92, 92, 50, 60, 60, 70};
    for (int c = 0; c < LogModel::Columns; ++c)
        m_table->setColumnWidth(c, widths[static_cast<size_t>(c)]);
    m_table->setSortingEnabled(true);
    m_table->horizontalHeader()->setSortIndicator(LogModel::When, Qt::DescendingOrder);
    rememberColumns(m_table->horizontalHeader(), QStringLiteral("log"));
    m_table->setMinimumHeight(160);
    body()->addWidget(makeFilter());
    body()->addWidget(m_table, 1);
    wrap(m_trend);
    m_trend->setObjectName(QStringLiteral("lightTrend"));
    m_trend->setContentsMargins(3, 4, 3, 0);
    body()->addWidget(m_trend);
    body()->addWidget(makeBook());
    body()->addWidget(makeActions());
    connect(m_model, &LogModel::noted, intents, &Intents::runNoted);
    connect(m_table->selectionModel(), &QItemSelectionModel::currentChanged, this,
            &LogbookView::showChoice);
    connect(m_model, &QAbstractItemModel::modelReset, this, &LogbookView::showChoice);
    connect(m_table, &QTableView::activated, this, [this](const QModelIndex &index) {
        if (index.column() != LogModel::Note)
            openChosen();
    });
    m_table->installEventFilter(this);
    showChoice();
}

QWidget *LogbookView::makeFilter()
{
    m_text->setObjectName(QStringLiteral("logText"));
    m_text->setPlaceholderText(tr("Search"));
    m_text->setAccessibleName(tr("Search"));
    m_text->setClearButtonEnabled(true);
    m_kind->addItem(tr("All work"));
    for (const run::RunKind kind :
         {run::RunKind::Calibration, run::RunKind::Validation, run::RunKind::Check,
          run::RunKind::ByEye, run::RunKind::WarmUp, run::RunKind::Placement,
          run::RunKind::FourColours, run::RunKind::Evenness, run::RunKind::Mode})
        m_kind->addItem(runKindWord(kind), static_cast<int>(kind));
    m_mark->addItem(tr("Any verdict"));
    for (const Mark mark : {Mark::Within, Mark::Open, Mark::Over, Mark::ByEye, Mark::NotMeasured})
        m_mark->addItem(markWord(mark), static_cast<int>(mark));
    m_time->addItem(tr("Any time"), 0);
    m_time->addItem(tr("Last 30 days"), 30);
    m_time->addItem(tr("Last year"), 365);
    m_display->addItem(tr("All displays"));
    m_meter->addItem(tr("All meters"));
    m_workstation->addItem(tr("All workstations"));
    m_person->addItem(tr("All people"));
    auto *search = new QHBoxLayout;
    search->addWidget(m_text, 1);
    search->addWidget(m_newest);
    auto *choices = new QHBoxLayout;
    choices->setSpacing(4);
    for (QComboBox *box : {m_display, m_kind, m_mark, m_time, m_meter}) {
        choices->addWidget(box, 1);
        connect(box, &QComboBox::currentIndexChanged, this, &LogbookView::filter);
    }
    auto *house = new QHBoxLayout; // of a house with several desks
    house->setSpacing(4);
    for (QComboBox *box : {m_workstation, m_person}) {
        house->addWidget(box, 1);
        box->hide();
        connect(box, &QComboBox::currentIndexChanged, this, &LogbookView::filter);
    }
    auto *filter = new QWidget;
    auto *column = new QVBoxLayout(filter);
    column->setContentsMargins(3, 0, 3, 0);
    column->setSpacing(4);
    column->addLayout(search);
    column->addLayout(choices);
    column->addLayout(house);
    connect(m_text, &QLineEdit::textChanged, this, &LogbookView::filter);
    return filter;
}

/// How it stands with the house's shared book, where there is one.
QWidget *LogbookView::makeBook()
{
    m_bookRow = new QWidget;
    auto *row = new QHBoxLayout(m_bookRow);
    row->setContentsMargins(3, 2, 3, 0);
    m_book->setObjectName(QStringLiteral("sharedBook"));
    m_sync->setObjectName(QStringLiteral("syncBook"));
    wrap(m_book);
    row->addWidget(m_book, 1);
    row->addWidget(m_sync);
    connect(m_sync, &QPushButton::clicked, this, [this] { emit intents()->bookSyncWanted(); });
    m_bookRow->hide();
    return m_bookRow;
}

void LogbookView::showBook(const SessionState &state)
{
    m_bookRow->setVisible(!state.bookUrl.isEmpty());
    m_sync->setEnabled(!state.syncing);
    QStringList parts;
    if (state.syncing)
        parts << tr("Shared book: being kept in step…");
    else if (!state.bookProblem.isEmpty())
        parts << tr("Shared book: not reached; what is new waits here. %1").arg(state.bookProblem);
    else if (state.syncedAt.isValid())
        parts << tr("Shared book: in step at %1; brought %2, fetched %3.")
                     .arg(locale().toString(state.syncedAt.time(), QLocale::ShortFormat))
                     .arg(state.runsBrought)
                     .arg(state.runsFetched);
    else
        parts << tr("Shared book: not asked yet.");
    if (state.syncedAt.isValid() && !state.isBookEncrypted)
        parts << tr("The connection is not encrypted.");
    if (!state.bookLeft.isEmpty())
        parts << tr("Left: %1.").arg(state.bookLeft.mid(0, 3).join(QStringLiteral("; ")));
    m_book->setText(parts.join(QLatin1Char(' ')));
}

QWidget *LogbookView::makeActions()
{
    m_open->setObjectName(QStringLiteral("openRun"));
    m_newest->setObjectName(QStringLiteral("newestRun"));
    m_note->setObjectName(QStringLiteral("noteRun"));
    m_remove->setObjectName(QStringLiteral("removeRun"));
    m_compare->setObjectName(QStringLiteral("compareRun"));
    m_report->setObjectName(QStringLiteral("reportRun"));
    m_export->setObjectName(QStringLiteral("exportLog"));
    m_open->setToolTip(tr("Every view shows this run until another is begun or opened."));
    m_compare->setToolTip(tr("Pictures as this run's display showed them then, and as now."));
    m_note->setToolTip(tr("F2"));
    m_remove->setToolTip(tr("Takes it out of lists and trends; Edit, Undo brings it back."));
    m_export->setToolTip(tr("The lines shown, with all figures, as CSV."));
    connect(m_open, &QPushButton::clicked, this, &LogbookView::openChosen);
    connect(m_newest, &QPushButton::clicked, this, [this] { emit intents()->pastRunOpened(0); });
    connect(m_compare, &QPushButton::clicked, this, [this] {
        if (const LogEntry *e = chosen())
            emit intents()->runCompared(e->id);
    });
    connect(m_report, &QPushButton::clicked, this, [this] {
        if (const LogEntry *e = chosen())
            emit intents()->runReported(e->id);
    });
    const auto editNote = [this] {
        const QModelIndex note = m_model->index(m_table->currentIndex().row(), LogModel::Note);
        if (!note.isValid())
            return;
        m_table->scrollTo(note);
        m_table->setCurrentIndex(note);
        m_table->edit(note);
    };
    auto *key = new QShortcut(QKeySequence(Qt::Key_F2), m_table, nullptr, nullptr,
                              Qt::WidgetWithChildrenShortcut); // whatever column it is in
    connect(key, &QShortcut::activated, this, editNote);
    connect(m_note, &QPushButton::clicked, this, [editNote] { editNote(); });
    connect(m_remove, &QPushButton::clicked, this, [this] {
        if (const LogEntry *e = chosen())
            emit intents()->runRemoved(e->id);
    });
    connect(m_export, &QPushButton::clicked, this, &LogbookView::exportLines);
    auto *actions = new QWidget;
    auto *row = new QHBoxLayout(actions);
    row->setContentsMargins(3, 4, 3, 0);
    row->setSpacing(6);
    row->addWidget(m_count, 1);
    m_count->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    for (QPushButton *b : {m_open, m_compare, m_report, m_note, m_remove, m_export})
        row->addWidget(b);
    return actions;
}

void LogbookView::filter()
{
    LogFilter f;
    f.text = m_text->text();
    f.displayId = m_display->currentData().toString();
    f.meter = m_meter->currentData().toString();
    f.workstation = m_workstation->currentData().toString();
    f.person = m_person->currentData().toString();
    if (const QVariant kind = m_kind->currentData(); kind.isValid())
        f.kind = static_cast<run::RunKind>(kind.toInt());
    if (const QVariant mark = m_mark->currentData(); mark.isValid())
        f.mark = static_cast<Mark>(mark.toInt());
    f.days = m_time->currentData().toInt();
    m_model->setFilter(f);
}

/// Displays and meters that the log knows; what is chosen stays.
void LogbookView::fillChoices()
{
    std::map<QString, QString> displays; // by title
    std::map<QString, QString> meters, workstations, people;
    for (const LogEntry &e : *m_model->log()) {
        displays.emplace(e.displayName, e.displayId);
        if (!e.meter.isEmpty())
            meters.emplace(e.meter, e.meter);
        if (!e.workstation.isEmpty())
            workstations.emplace(e.workstation, e.workstation);
        if (!e.person.isEmpty())
            people.emplace(e.person, e.person);
    }
    const auto fill = [](QComboBox *box, const std::map<QString, QString> &choices) {
        const QSignalBlocker quiet(box);
        const QVariant chosen = box->currentData();
        while (box->count() > 1)
            box->removeItem(1);
        for (const auto &[title, data] : choices)
            box->addItem(title, data);
        box->setCurrentIndex(chosen.isValid() ? std::max(0, box->findData(chosen)) : 0);
    };
    fill(m_display, displays);
    fill(m_meter, meters);
    fill(m_workstation, workstations);
    fill(m_person, people);
    // One place and one person: there is nothing to choose.
    m_workstation->setVisible(workstations.size() > 1);
    m_person->setVisible(people.size() > 1);
}

const LogEntry *LogbookView::chosen() const
{
    const QModelIndex index = m_table->currentIndex();
    return index.isValid() && index.row() < m_model->rowCount() ? &m_model->entry(index.row())
                                                                : nullptr;
}

void LogbookView::showChoice()
{
    const LogEntry *e = chosen();
    const bool opens = e && canBeOpened(*e) && m_running == 0;
    m_open->setEnabled(opens);
    m_report->setEnabled(opens);
    m_compare->setEnabled(e && e->finished && e->kind == run::RunKind::Calibration);
    m_note->setEnabled(e);
    m_remove->setEnabled(e && e->id != m_running);
    m_export->setEnabled(m_model->rowCount() > 0);
    const auto trend = std::ranges::find_if(
        m_trends, [&](const run::FigureTrend &t) { return e && t.displayId == e->displayId; });
    m_trend->setText(trend == m_trends.end() ? QString() : trendInWords(*trend, e->displayName));
    const int all = m_model->log() ? static_cast<int>(m_model->log()->size()) : 0;
    m_count->setText(tr("%1 of %2 shown").arg(m_model->rowCount()).arg(all));
}

bool LogbookView::eventFilter(QObject *watched, QEvent *event)
{
    if (watched == m_table && event->type() == QEvent::KeyPress &&
        static_cast<QKeyEvent *>(event)->key() == Qt::Key_Delete) {
        m_remove->click();
        return true;
    }
    return View::eventFilter(watched, event);
}

void LogbookView::openChosen()
{
    const LogEntry *e = chosen();
    if (!e || !m_open->isEnabled())
        return;
    emit intents()->pastRunOpened(e->id);
    emit intents()->viewWanted(ViewId::Accuracy);
}

void LogbookView::exportLines()
{
    const QString path = fileToSave(this, QStringLiteral("log"), tr("Export the lines shown"),
                                    QStringLiteral("logbook.csv"), tr("Tables (*.csv)"));
    if (path.isEmpty())
        return;
    try {
        run::writeFile(path, logToCsv(*m_model->log(), m_model->places()));
        emit intents()->told(tr("The lines shown are in %1.").arg(path));
    } catch (const Error &e) {
        emit intents()->failed(run::inWords(e));
    }
}

void LogbookView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    setExplanation(
        state.opened()
            ? tr("Open: %1, %2. Every view shows that run.")
                  .arg(QString::fromStdString(state.opened()->setup.displayName),
                       QString::fromStdString(state.opened()->setup.startedAt).left(10))
            : tr("All that was done, newest first. A stroke for each figure; the dotted line is "
                 "its limit."));
    m_running = state.hasRun() || state.onErrand() ? state.status.run : 0;
    m_opened = state.opened() ? state.openedRun : 0;
    m_newest->setVisible(m_opened != 0);
    if (state.log && state.log != m_model->log()) {
        const LogEntry *before = chosen();
        const qint64 run = before ? before->id : 0;
        const int scroll = m_table->verticalScrollBar()->value();
        m_trends = state.lightTrends;
        m_model->setLog(state.log);
        fillChoices();
        const int row = std::max(0, m_model->rowOf(run));
        if (m_model->rowCount() > 0)
            m_table->setCurrentIndex(m_model->index(row, LogModel::When));
        m_table->verticalScrollBar()->setValue(scroll);
    }
    showBook(state);
    showChoice();
}

} // namespace lantern::app
