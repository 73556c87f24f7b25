#include "app/views/ready/ready_view.h"

#include "app/theme.h"
#include "app/views/ready/ready_model.h"
#include "app/widgets/meter_drawing.h"
#include "app/widgets/side_by_side.h"
#include "app/workplace/workplace.h"
#include "core/signal/technology.h"

#include <QHBoxLayout>

namespace lantern::app {

namespace {

constexpr int kSideWidth = 250;

} // namespace

ReadyView::ReadyView(Intents *intents)
    : View(tr("What the program can check it has checked; tick the rest. A point left open "
              "does not stop you, but is noted in the report."),
           intents),
      m_found(new QWidget),
      m_list(new QVBoxLayout),
      m_display(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_reason(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_technology(new QComboBox),
      m_check(new QPushButton(tr("&Check first")))
{
    m_list->setSpacing(2);
    m_found->setObjectName(QStringLiteral("found"));
    auto *grid = new QGridLayout(m_found);
    grid->setContentsMargins(0, 0, 0, 12);
    grid->setHorizontalSpacing(16);
    grid->setVerticalSpacing(4);
    grid->setColumnStretch(1, 1);
    m_found->hide();
    m_check->setObjectName(QStringLiteral("checkFirst"));
    m_check->setToolTip(tr("One minute with the meter: does the last run still hold? (F6)"));
    connect(m_check, &QPushButton::clicked, this->intents(), &Intents::checkFirstWanted);
    m_technology->setObjectName(QStringLiteral("technology"));
    m_technology->setAccessibleName(tr("Panel technology"));
    m_technology->addItem(QString(), QString()); // as detected
    for (const std::string &name : technologies())
        m_technology->addItem(technologyTitle(QString::fromStdString(name)),
                              QString::fromStdString(name));
    connect(m_technology, &QComboBox::activated, this, [this](int index) {
        emit this->intents()->technologyChosen(m_technology->itemData(index).toString());
    });
    m_display->setWordWrap(true);
    m_reason->setWordWrap(true);

    auto *side = new QVBoxLayout;
    side->addWidget(
        makeLabel(tr("How the meter hangs"), theme::kNormal, theme::kText, QFont::DemiBold));
    side->addWidget(new MeterDrawing(MeterDrawing::What::Hang));
    side->addSpacing(8);
    side->addWidget(makeLabel(tr("The display"), theme::kNormal, theme::kText, QFont::DemiBold));
    side->addWidget(m_display);
    auto *technology = makeLabel(tr("Panel &technology"), theme::kSmall, theme::kMuted);
    technology->setBuddy(m_technology);
    side->addWidget(technology);
    side->addWidget(m_technology);
    side->addWidget(m_reason);
    side->addSpacing(8);
    side->addWidget(m_check, 0, Qt::AlignLeft);
    side->addStretch(1);
    auto *sideWidget = new QWidget;
    sideWidget->setLayout(side);
    sideWidget->setMinimumWidth(kSideWidth);
    side->setContentsMargins(0, 0, 0, 0);

    auto *points = new QWidget;
    auto *left = new QVBoxLayout(points);
    left->setContentsMargins(0, 0, 0, 0);
    left->addWidget(m_found);
    left->addLayout(m_list);
    left->addStretch(1);
    constexpr int kPointsWidth = 420;
    body()->addWidget(new SideBySide(points, sideWidget, kPointsWidth), 1);
}

void ReadyView::showEvent(QShowEvent *event)
{
    View::showEvent(event);
    QMetaObject::invokeMethod(intents(), &Intents::readyLookedAt, Qt::QueuedConnection);
}

void ReadyView::addLine()
{
    const int index = static_cast<int>(m_lines.size());
    Line line{new QWidget, new QCheckBox, makeLabel({}, theme::kSmall, theme::kMuted),
              new QPushButton};
    line.box->setFont(theme::font(11));
    QPalette legible = line.box->palette(); // what the program ticked is no less true
    legible.setColor(QPalette::Disabled, QPalette::WindowText, theme::kText);
    line.box->setPalette(legible);
    line.finding->setWordWrap(true);
    line.finding->setContentsMargins(24, 0, 0, 6);
    auto *texts = new QVBoxLayout;
    texts->setSpacing(0);
    texts->addWidget(line.box);
    texts->addWidget(line.finding);
    auto *row = new QHBoxLayout(line.row);
    row->setContentsMargins(0, 0, 0, 0);
    row->addLayout(texts, 1);
    row->addWidget(line.errand, 0, Qt::AlignVCenter);
    connect(line.box, &QCheckBox::toggled, this, [this, index](bool on) {
        if (!m_updating)
            emit intents()->readyPointTicked(index, on);
    });
    connect(line.errand, &QPushButton::clicked, this, [this, index] {
        if (m_lines[index].does == ReadyErrand::WatchWarmUp)
            emit intents()->warmUpWanted();
        else
            emit intents()->meterSearchWanted();
    });
    m_list->addWidget(line.row);
    if (!m_lines.empty())
        setTabOrder(m_lines.back().errand, line.box);
    setTabOrder(line.box, line.errand);
    setTabOrder(line.errand, m_technology); // what stands beside the points comes after them
    setTabOrder(m_technology, m_check);
    m_lines.push_back(line);
}

void ReadyView::showFound(const std::vector<ReadyModel::Found> &found)
{
    while (m_foundLines.size() < found.size()) {
        auto *what = makeLabel({}, theme::kSmall, theme::kText, QFont::DemiBold);
        auto *text = makeLabel({}, theme::kSmall, theme::kText);
        text->setWordWrap(true);
        text->setTextInteractionFlags(Qt::TextSelectableByMouse);
        auto *grid = static_cast<QGridLayout *>(m_found->layout());
        const int row = static_cast<int>(m_foundLines.size());
        grid->addWidget(what, row, 0, Qt::AlignTop);
        grid->addWidget(text, row, 1);
        m_foundLines.emplace_back(what, text);
    }
    for (size_t i = 0; i < found.size(); ++i) {
        m_foundLines[i].first->setText(found[i].what);
        m_foundLines[i].second->setText(found[i].text);
    }
    m_found->setVisible(!found.empty());
}

void ReadyView::setState(const SessionState &state)
{
    const ReadyModel m = readyModel(state);
    showFound(m.found);
    m_updating = true;
    while (m_lines.size() < m.lines.size())
        addLine();
    for (size_t i = 0; i < m_lines.size(); ++i) {
        Line &line = m_lines[i];
        line.row->setVisible(i < m.lines.size());
        if (i < m.lines.size())
            showLine(m.lines[i], m.free, line);
    }
    m_display->setText(m.display);
    m_technology->setItemText(0, m.detected);
    m_technology->setCurrentIndex(m_technology->findData(m.technology));
    m_technology->setEnabled(m.technologyFree);
    m_reason->setText(m.technologyReason);
    m_check->setEnabled(m.checkPossible);
    m_updating = false;
}

void ReadyView::showLine(const ReadyModel::Line &from, bool free, Line &line)
{
    line.box->setText(from.title);
    line.box->setChecked(from.done);
    line.box->setEnabled(!from.automatic);
    line.finding->setText(from.finding);
    line.does = from.errand;
    line.errand->setVisible(from.errand != ReadyErrand::None);
    line.errand->setEnabled(free);
    line.errand->setText(from.errandText);
    line.errand->setToolTip(from.errandTip);
    line.errand->setObjectName(from.errand == ReadyErrand::WatchWarmUp
                                   ? QStringLiteral("watchWarmUp")
                                   : QStringLiteral("findMeter"));
}

} // namespace lantern::app
