#include "app/views/white/white_view.h"

#include "app/theme.h"

#include <QHBoxLayout>

namespace lantern::app {

namespace {

constexpr int kUnknown = -1;
constexpr double kFarPoints = 44; ///< read from two metres, at the monitor's buttons
constexpr int kLow = 700;         ///< a window below this has no room for all of it above the patch
constexpr int kSideWidth = 310, kLowSideWidth = 150;

} // namespace

WhiteView::WhiteView(Intents *intents)
    : View({}, intents),
      m_dial(new WhiteDial),
      m_cct(makeLabel(QStringLiteral("—"), theme::kGiant, theme::kBright, QFont::Light)),
      m_cctAim(makeLabel({}, theme::kNormal, theme::kMuted)),
      m_delta(makeLabel({}, theme::kFigure, theme::kText, QFont::Light)),
      m_luminance(makeLabel({}, theme::kFigure, theme::kText, QFont::Light)),
      m_controls(new QWidget),
      m_note(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_firstLook(makeLabel({}, theme::kNormal, theme::kText)),
      m_switch(new QPushButton),
      m_skip(new QPushButton(tr("This monitor has no contr&ols"))),
      m_dialRow(new QHBoxLayout),
      m_figures(new QHBoxLayout),
      m_side(new QVBoxLayout),
      m_sideBox(new QWidget)
{
    m_dial->setObjectName(QStringLiteral("whiteDial"));
    auto *grid = new QGridLayout(m_controls);
    grid->setContentsMargins(0, 6, 0, 4);
    grid->addWidget(makeLabel(tr("On the monitor"), theme::kNormal, theme::kText, QFont::DemiBold),
                    0, 0, 1, 3);
    m_lastTitle = makeLabel(tr("last time"), theme::kSmall, theme::kMuted);
    grid->addWidget(m_lastTitle, 0, 3, Qt::AlignRight);
    const std::array names = {tr("Contrast"), tr("Red gain"), tr("Green gain"), tr("Blue gain"),
                              tr("Brightness")};
    for (int i = 0; i < static_cast<int>(m_rows.size()); ++i) {
        m_rows[static_cast<size_t>(i)] = {
            makeLabel(names[static_cast<size_t>(i)], theme::kNormal, theme::kText), new QSpinBox,
            makeLabel({}, theme::kNormal, theme::kBright, QFont::DemiBold),
            makeLabel({}, theme::kSmall, theme::kMuted)};
        m_rows[static_cast<size_t>(i)].value->setRange(kUnknown, 100);
        m_rows[static_cast<size_t>(i)].value->setSpecialValueText(QStringLiteral("—"));
        m_rows[static_cast<size_t>(i)].value->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
        m_rows[static_cast<size_t>(i)].value->setButtonSymbols(QAbstractSpinBox::NoButtons);
        m_rows[static_cast<size_t>(i)].value->setFixedSize(40, 22);
        m_rows[static_cast<size_t>(i)].value->setAccessibleName(names[static_cast<size_t>(i)]);
        m_rows[static_cast<size_t>(i)].value->setObjectName(QStringLiteral("control%1").arg(i));
        connect(m_rows[static_cast<size_t>(i)].value, &QSpinBox::valueChanged, this,
                &WhiteView::noted);
        grid->addWidget(m_rows[static_cast<size_t>(i)].name, i + 1, 0);
        grid->addWidget(m_rows[static_cast<size_t>(i)].value, i + 1, 1);
        grid->addWidget(m_rows[static_cast<size_t>(i)].advice, i + 1, 2);
        grid->addWidget(m_rows[static_cast<size_t>(i)].lastTime, i + 1, 3, Qt::AlignRight);
    }
    grid->setColumnStretch(2, 1);
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(2);
    wrap(m_note);
    wrap(m_firstLook);
    m_firstLook->setObjectName(QStringLiteral("firstLook"));
    m_firstLook->hide();
    body()->addWidget(m_firstLook);
    wrap(m_cctAim);
    connect(m_switch, &QPushButton::clicked, this,
            [this] { emit this->intents()->adjustModeChosen(m_switchTo); });

    m_side->setContentsMargins(0, 0, 0, 0);
    m_side->setSpacing(0);
    m_side->addWidget(m_cct);
    m_side->addWidget(m_cctAim);
    m_figures->addWidget(m_delta);
    m_figures->addStretch(1);
    m_figures->addWidget(m_luminance);
    m_side->addLayout(m_figures);
    m_side->addWidget(m_controls);
    auto *choices = new QHBoxLayout;
    choices->addWidget(m_switch);
    choices->addWidget(m_skip);
    choices->addStretch(1);
    m_skip->setObjectName(QStringLiteral("skipAdjusting"));
    m_skip->setToolTip(tr("Goes on with the video LUT, which brings white to the aim by itself."));
    connect(m_skip, &QPushButton::clicked, this,
            [this] { emit this->intents()->adjustModeChosen(run::AdjustMode::Skip); });
    m_switch->setToolTip(tr("The advice is learned from your turns so far."));
    m_side->addStretch(1);
    m_sideBox->setLayout(m_side);
    m_sideBox->setFixedWidth(kSideWidth);
    auto *left = new QVBoxLayout;
    m_dialRow->addWidget(m_dial, 1);
    left->addLayout(m_dialRow, 1);
    left->addWidget(m_note); // where the patch covers nothing
    left->addLayout(choices);
    auto *row = new QHBoxLayout;
    row->addLayout(left, 1);
    row->addSpacing(16);
    row->addWidget(m_sideBox);
    body()->addLayout(row, 1);
}

void WhiteView::setState(const SessionState &state)
{
    showDate(state);
    const WhiteModel m = whiteModel(state);
    setExplanation(m.explanation);
    m_dial->setData(m.dial);
    m_readFromAfar = m.readFromAfar;
    sizeKelvin();
    m_cct->setText(m.kelvin);
    m_cctAim->setText(m.aimed);
    m_delta->setText(m.delta);
    m_luminance->setText(m.luminance);
    m_luminance->setToolTip(m.luminanceTip);
    m_switch->setVisible(!m.switchText.isEmpty());
    m_switch->setText(m.switchText);
    m_switchTo = m.switchTo;
    m_skip->setVisible(m.maySkip);
    m_firstLook->setVisible(!m.firstLook.isEmpty());
    m_firstLook->setText(m.firstLook);
    m_note->setVisible(!m.note.isEmpty());
    m_note->setText(m.note);
    setTextColour(m_note, m.noteWarns ? theme::kBright : theme::kMuted);
    m_controls->setVisible(m.showsControls);
    showControls(m);
}

/// In a low window the figures stand above the patch in its corner, and the controls beside them.
void WhiteView::setLow(bool low)
{
    if (low == m_low)
        return;
    m_low = low;
    m_sideBox->setFixedWidth(low ? kLowSideWidth : kSideWidth);
    m_figures->setDirection(low ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    if (low)
        m_dialRow->addWidget(m_controls, 0, Qt::AlignTop);
    else
        m_side->insertWidget(3, m_controls); // below the figures
    for (QLabel *figure : {m_delta, m_luminance})
        figure->setFont(theme::font(low ? theme::kHeading : theme::kFigure, QFont::Light));
    sizeKelvin();
}

void WhiteView::sizeKelvin()
{
    const double points = m_low ? theme::kFigure : m_readFromAfar ? kFarPoints : theme::kGiant;
    m_cct->setFont(theme::font(points, QFont::Light));
}

void WhiteView::resizeEvent(QResizeEvent *event)
{
    View::resizeEvent(event);
    setLow(window()->height() < kLow);
}

void WhiteView::showControls(const WhiteModel &m)
{
    m_updating = true;
    const bool others = m.showsControls && m_controlsOf != m.controlsOf;
    if (others)
        m_controlsOf = m.controlsOf;
    m_lastTitle->setVisible(m.showsLastTime && !m_low);
    for (size_t i = 0; i < m_rows.size(); ++i) {
        const WhiteModel::Control &control = m.controls[i];
        ControlRow &row = m_rows[i];
        row.exists = control.exists;
        for (QWidget *w :
             std::initializer_list<QWidget *>{row.name, row.value, row.advice, row.lastTime})
            w->setVisible(control.exists && !(m_low && w == row.lastTime));
        row.value->setReadOnly(!m.typedIn);
        row.value->setFocusPolicy(m.typedIn ? Qt::StrongFocus : Qt::NoFocus);
        if (others)
            row.value->setValue(control.value.value_or(kUnknown));
        else if (control.value && !row.value->hasFocus())
            row.value->setValue(*control.value);
        else if (!control.value && !m.typedIn)
            row.value->setValue(kUnknown);
        row.advice->setText(control.advice);
        row.lastTime->setText(control.lastTime);
    }
    m_updating = false;
}

/// A person typed in where the controls stand; complete settings go to the run.
void WhiteView::noted()
{
    if (m_updating)
        return;
    MonitorControls controls;
    for (size_t i = 0; i < m_rows.size(); ++i) {
        if (!m_rows[i].exists)
            continue;
        if (m_rows[i].value->value() == kUnknown)
            return;
        controls.*kControlFields[i] = m_rows[i].value->value();
    }
    emit intents()->controlsNoted(controls);
}

} // namespace lantern::app
