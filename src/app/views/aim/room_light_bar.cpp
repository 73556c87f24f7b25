#include "app/views/aim/room_light_bar.h"

#include "app/ledger/ledger_rows.h"
#include "app/theme.h"
#include "app/views/view.h"
#include "core/white.h"

#include <QHBoxLayout>

namespace lantern::app {

RoomLightBar::RoomLightBar(QWidget *parent)
    : QWidget(parent),
      m_read(new QPushButton(tr("Read the &light"))),
      m_white(new QPushButton(tr("Use its white"))),
      m_luminance(new QPushButton(tr("Use its luminance"))),
      m_startOver(new QPushButton(tr("Start over"))),
      m_figures(makeLabel({}, theme::kSmall, theme::kMuted))
{
    m_read->setObjectName(QStringLiteral("readLight"));
    m_white->setObjectName(QStringLiteral("useLightWhite"));
    m_luminance->setObjectName(QStringLiteral("useLightLuminance"));
    m_luminance->setToolTip(tr("Of a white sheet of paper that lies in this light."));
    m_figures->setWordWrap(true);
    auto *row = new QHBoxLayout;
    for (QPushButton *button : {m_read, m_white, m_luminance, m_startOver})
        row->addWidget(button);
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
        emit luminanceChosen(run::whiteSheetLuminance(run::meanLight(m_readings).illuminanceLux));
    });
}

void RoomLightBar::setState(const SessionState &state)
{
    m_readings = state.roomReadings;
    m_read->setEnabled(!state.readingRoom && !state.isMeasuring());
    m_read->setText(m_readings.empty() ? tr("Read the &light") : tr("Read it &again"));
    for (QPushButton *button : {m_white, m_luminance, m_startOver})
        button->setVisible(!m_readings.empty());
    if (m_readings.empty()) {
        m_figures->setText(tr("Of a viewing booth or the room: diffuser on the meter, facing the "
                              "light, where the print lies. Read it a few times."));
        return;
    }
    const run::RoomLight mean = run::meanLight(m_readings);
    m_figures->setText(tr("%1 lx · %2 K · white sheet %3 cd/m² · mean of %4")
                           .arg(figure(mean.illuminanceLux, 0),
                                figure(correlatedColourTemperature(mean.chromaticity).kelvin, 0),
                                figure(run::whiteSheetLuminance(mean.illuminanceLux), 1))
                           .arg(m_readings.size()));
}

} // namespace lantern::app
