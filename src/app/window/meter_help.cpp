#include "app/window/meter_help.h"

#include "app/theme.h"

#include <QHBoxLayout>

namespace lantern::app {

namespace {

constexpr int kHeight = 150;
constexpr int kWordsWidth = 420;

} // namespace

MeterHelp::MeterHelp(QWidget *parent)
    : QWidget(parent), m_drawing(new MeterDrawing(MeterDrawing::What::Zero)), m_words(new QLabel)
{
    setObjectName(QStringLiteral("meterHelp"));
    m_drawing->setObjectName(QStringLiteral("whatToDo"));
    setFixedHeight(kHeight);
    setAutoFillBackground(true);
    QPalette p = palette();
    p.setColor(QPalette::Window, theme::kPanel);
    setPalette(p);
    m_words->setWordWrap(true);
    m_words->setFixedWidth(kWordsWidth);
    auto *row = new QHBoxLayout(this);
    row->setContentsMargins(24, 4, 16, 4);
    row->addWidget(m_drawing);
    row->addSpacing(16);
    row->addWidget(m_words);
    row->addStretch(1);
    hide();
}

void MeterHelp::setState(const SessionState &state)
{
    const MeterFault fault = state.status.fault;
    setVisible(fault == MeterFault::WantsZeroing || fault == MeterFault::OffPatch);
    m_drawing->setWhat(fault == MeterFault::OffPatch ? MeterDrawing::What::Hang
                                                     : MeterDrawing::What::Zero);
    m_words->setText(fault == MeterFault::OffPatch
                         ? tr("Hang the meter back on the patch, flat on the glass, the screen "
                              "tilted back a little so that it lies on by its own weight. Then go "
                              "on: the same patch is read again.")
                         : tr("Take the meter off the screen and lay it down with its opening on "
                              "something dark and flat, or close its cover. Then go on: it "
                              "measures its own dark signal, which takes a few seconds, and then "
                              "wants to hang on the patch again."));
}

} // namespace lantern::app
