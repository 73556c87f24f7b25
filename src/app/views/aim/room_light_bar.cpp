#include "app/views/aim/room_light_bar.h"

#include "app/theme.h"
#include "app/views/view.h"
#include "app/widgets/number_box.h"

#include <QHBoxLayout>

namespace lantern::app {

RoomLightBar::RoomLightBar(QWidget *parent)
    : QWidget(parent),
      m_read(new QPushButton(tr("Read the light"))),
      m_white(new QPushButton(tr("Use its white"))),
      m_luminance(new QPushButton(tr("Use its luminance"))),
      m_startOver(new QPushButton(tr("Start over"))),
      m_paper(new NumberBox),
      m_figures(makeLabel({}, theme::kSmall, theme::kMuted))
{
    m_read->setObjectName(QStringLiteral("readLight"));
    m_white->setObjectName(QStringLiteral("useLightWhite"));
    m_luminance->setObjectName(QStringLiteral("useLightLuminance"));
    m_luminance->setToolTip(tr("Of unprinted paper that lies in this light."));
    m_paper->setObjectName(QStringLiteral("paperLightness"));
    m_paper->setAccessibleName(tr("Lightness of the paper"));
    m_paper->setRange(70, 100);
    m_paper->setDecimals(1);
    m_paper->setValue(run::kPaperLightness);
    m_paper->setPrefix(tr("paper L* "));
    m_paper->setToolTip(
        tr("White papers have L* 93 to 95: they send back 83 to 88 % of the light."));
    wrap(m_figures);
    auto *row = new QHBoxLayout;
    for (QPushButton *button : {m_read, m_white, m_luminance, m_startOver})
        row->addWidget(button);
    row->addWidget(m_paper);
    row->addStretch(1);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    column->addLayout(row);
    column->addWidget(m_figures);
    connect(m_read, &QPushButton::clicked, this, &RoomLightBar::readWanted);
    connect(m_startOver, &QPushButton::clicked, this, &RoomLightBar::startOverWanted);
    connect(m_white, &QPushButton::clicked, this,
            [this] { emit whiteChosen(run::meanLight(m_readings).chromaticity); });
    connect(m_luminance, &QPushButton::clicked, this, [this] {
        if (const auto cdM2 = paperLuminance())
            emit luminanceChosen(*cdM2);
    });
    connect(m_paper, &QDoubleSpinBox::valueChanged, this, &RoomLightBar::showFigures);
}

void RoomLightBar::setModel(const LightModel &m)
{
    m_readings = m.readings;
    m_read->setEnabled(m.mayRead);
    m_read->setText(m_readings.empty() ? tr("Read the light") : tr("Read it again"));
    for (QWidget *w : std::initializer_list<QWidget *>{m_white, m_luminance, m_startOver, m_paper})
        w->setVisible(!m_readings.empty());
    showFigures();
}

std::optional<double> RoomLightBar::paperLuminance() const
{
    if (m_readings.empty())
        return std::nullopt;
    return run::paperLuminance(run::meanLight(m_readings).illuminanceLux, m_paper->value());
}

void RoomLightBar::showFigures()
{
    m_figures->setText(lightFigures(m_readings, m_paper->value()));
}

} // namespace lantern::app
