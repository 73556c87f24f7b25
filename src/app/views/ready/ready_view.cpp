#include "app/views/ready/ready_view.h"

#include "app/theme.h"
#include "app/widgets/meter_drawing.h"
#include "app/workplace/workplace.h"
#include "core/signal/technology.h"

#include <QHBoxLayout>

namespace lantern::app {

namespace {

constexpr int kSideWidth = 250;

} // namespace

ReadyView::ReadyView(Session *session)
    : View(tr("Ready"),
           tr("What the program can check it has checked; tick the rest. A point left open "
              "does not stop you, but is noted in the report."),
           session),
      m_list(new QVBoxLayout),
      m_display(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_reason(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_technology(new QComboBox),
      m_check(new QPushButton(tr("&Check first")))
{
    m_list->setSpacing(2);
    m_check->setObjectName(QStringLiteral("checkFirst"));
    m_check->setToolTip(tr("One minute with the meter: does the last run still hold? (F6)"));
    connect(m_check, &QPushButton::clicked, this, [this] { this->session()->checkFirst(); });
    m_technology->setObjectName(QStringLiteral("technology"));
    m_technology->setAccessibleName(tr("Panel technology"));
    for (const std::string &name : technologies())
        m_technology->addItem(technologyTitle(QString::fromStdString(name)),
                              QString::fromStdString(name));
    connect(m_technology, &QComboBox::activated, this, [this](int index) {
        this->session()->setTechnology(m_technology->itemData(index).toString());
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
    auto *technology = makeLabel(tr("&Panel technology"), theme::kSmall, theme::kMuted);
    technology->setBuddy(m_technology);
    side->addWidget(technology);
    side->addWidget(m_technology);
    side->addWidget(m_reason);
    side->addSpacing(8);
    side->addWidget(m_check, 0, Qt::AlignLeft);
    side->addStretch(1);
    auto *sideWidget = new QWidget;
    sideWidget->setLayout(side);
    sideWidget->setFixedWidth(kSideWidth);
    side->setContentsMargins(0, 0, 0, 0);

    auto *left = new QVBoxLayout;
    left->addLayout(m_list);
    left->addStretch(1);
    auto *both = new QHBoxLayout;
    both->addLayout(left, 1);
    both->addSpacing(20);
    both->addWidget(sideWidget);
    body()->addLayout(both, 1);
}

void ReadyView::showEvent(QShowEvent *event)
{
    View::showEvent(event);
    QMetaObject::invokeMethod(session(), &Session::refreshReady, Qt::QueuedConnection);
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
            session()->setReadyPoint(index, on);
    });
    connect(line.errand, &QPushButton::clicked, this, [this, index] {
        if (m_lines[index].does == ReadyErrand::WatchWarmUp)
            session()->watchWarmUp();
        else
            session()->findMeter();
    });
    m_list->addWidget(line.row);
    m_lines.push_back(line);
}

void ReadyView::setState(const SessionState &state)
{
    m_updating = true;
    while (m_lines.size() < state.ready.size())
        addLine();
    const bool free = !state.isMeasuring() && !state.preparing;
    for (size_t i = 0; i < m_lines.size(); ++i) {
        Line &line = m_lines[i];
        line.row->setVisible(i < state.ready.size());
        if (i >= state.ready.size())
            continue;
        const ReadyPoint &p = state.ready[i];
        line.box->setText(p.title);
        line.box->setChecked(p.done);
        line.box->setEnabled(!p.automatic);
        line.finding->setText(p.finding.isEmpty() ? p.reason
                                                  : p.finding + QLatin1Char(' ') + p.reason);
        line.does = p.errand;
        line.errand->setVisible(p.errand != ReadyErrand::None);
        line.errand->setEnabled(free);
        line.errand->setText(p.errand == ReadyErrand::WatchWarmUp ? tr("&Watch it")
                                                                  : tr("&Find the meter"));
        line.errand->setObjectName(p.errand == ReadyErrand::WatchWarmUp
                                       ? QStringLiteral("watchWarmUp")
                                       : QStringLiteral("findMeter"));
        line.errand->setToolTip(
            p.errand == ReadyErrand::WatchWarmUp
                ? tr("Reads white every 15 seconds, five minutes at least, until it changes by "
                     "less than 0.5 % in ten.")
                : tr("Lights parts of the screen until the meter is found, and puts the patch "
                     "under it."));
    }
    showDisplay(state);
    m_check->setEnabled(free && state.lastTime.has_value());
    m_updating = false;
}

void ReadyView::showDisplay(const SessionState &state)
{
    const DisplayCard &card = state.displays[state.selected];
    QStringList facts = {card.model};
    if (!card.serial.isEmpty())
        facts << tr("serial %1").arg(card.serial);
    facts << tr("%1 × %2 pixels").arg(card.pixels.width()).arg(card.pixels.height());
    facts << tr("%1 × %2 mm")
                 .arg(locale().toString(card.sizeMm.width(), 'f', 0),
                      locale().toString(card.sizeMm.height(), 'f', 0));
    facts << (card.builtIn              ? tr("built in, nothing to turn")
              : card.can.remoteControls ? tr("answers on its control channel")
                                        : tr("turned by hand"));
    QString text = facts.join(QStringLiteral(" · "));
    if (!card.noControls.isEmpty())
        text += QStringLiteral(". ") + card.noControls;
    m_display->setText(text);
    m_technology->setCurrentIndex(m_technology->findData(card.technology));
    m_technology->setEnabled(!state.isMeasuring() && !state.hasRun());
    m_reason->setText(card.technologyReason + QLatin1Char(' ') +
                      tr("It decides how the meter is corrected: a wrong one is a wrong white."));
}

} // namespace lantern::app
