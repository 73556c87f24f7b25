#include "app/views/white/white_view.h"

#include "app/ledger/ledger_rows.h"
#include "app/theme.h"

#include <QHBoxLayout>

#include <cmath>

namespace lantern::app {

namespace {

using run::Activity;
using run::AdjustMode;
using run::Stage;

/// In the order in which they are turned.
constexpr std::array<double MonitorControls::*, 5> kFields = {
    &MonitorControls::contrast, &MonitorControls::redGain, &MonitorControls::greenGain,
    &MonitorControls::blueGain, &MonitorControls::brightness};
constexpr int kUnknown = -1;
constexpr double kFarPoints = 44; ///< read from two metres, at the monitor's buttons

bool isGain(int row)
{
    return row >= 1 && row <= 3;
}

/// Light factor of each row: contrast is left alone, the gains against the neediest channel, then
/// the common level.
std::array<double, 5> lightFactors(const Advice &advice, bool gains)
{
    const double level = advice.wanted.maxCoeff();
    if (!gains || level <= 0)
        return {1, 1, 1, 1, level};
    return {1, advice.wanted[0] / level, advice.wanted[1] / level, advice.wanted[2] / level, level};
}

} // namespace

QString adviceText(const std::optional<double> &now, double proposed, double lightFactor)
{
    if (now) {
        const double steps = std::round(proposed - *now);
        if (steps == 0)
            return QObject::tr("leave");
        return steps < 0 ? QObject::tr("down about %1").arg(-steps)
                         : QObject::tr("up about %1").arg(steps);
    }
    const double percent = std::round(100 * (lightFactor - 1));
    if (std::abs(percent) < 1)
        return QObject::tr("leave");
    return percent < 0 ? QObject::tr("down, %1 % less light").arg(-percent)
                       : QObject::tr("up, %1 % more light").arg(percent);
}

WhiteView::WhiteView(Session *session)
    : View(tr("White point"), {}, session),
      m_dial(new WhiteDial),
      m_cct(makeLabel(QStringLiteral("—"), theme::kGiant, theme::kBright, QFont::Light)),
      m_cctAim(makeLabel({}, theme::kNormal, theme::kMuted)),
      m_delta(makeLabel({}, theme::kFigure, theme::kText, QFont::Light)),
      m_luminance(makeLabel({}, theme::kFigure, theme::kText, QFont::Light)),
      m_controls(new QWidget),
      m_note(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_switch(new QPushButton),
      m_skip(new QPushButton(tr("It has &nothing to turn")))
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
    for (int i = 0; i < kControls; ++i) {
        m_rows[i] = {makeLabel(names[i], theme::kNormal, theme::kText), new QSpinBox,
                     makeLabel({}, theme::kNormal, theme::kBright, QFont::DemiBold),
                     makeLabel({}, theme::kSmall, theme::kMuted)};
        m_rows[i].value->setRange(kUnknown, 100);
        m_rows[i].value->setSpecialValueText(QStringLiteral("—"));
        m_rows[i].value->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
        m_rows[i].value->setButtonSymbols(QAbstractSpinBox::NoButtons);
        m_rows[i].value->setFixedSize(40, 22);
        m_rows[i].value->setAccessibleName(names[i]);
        m_rows[i].value->setObjectName(QStringLiteral("control%1").arg(i));
        connect(m_rows[i].value, &QSpinBox::valueChanged, this, &WhiteView::noted);
        grid->addWidget(m_rows[i].name, i + 1, 0);
        grid->addWidget(m_rows[i].value, i + 1, 1);
        grid->addWidget(m_rows[i].advice, i + 1, 2);
        grid->addWidget(m_rows[i].lastTime, i + 1, 3, Qt::AlignRight);
    }
    grid->setColumnStretch(2, 1);
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(2);
    m_note->setWordWrap(true);
    connect(m_switch, &QPushButton::clicked, this, [this] {
        this->session()->setAdjustMode(m_mode == AdjustMode::ByHand ? AdjustMode::Automatic
                                                                    : AdjustMode::ByHand);
    });

    auto *right = new QVBoxLayout;
    right->setContentsMargins(0, 0, 0, 0);
    right->setSpacing(0);
    right->addWidget(m_cct);
    right->addWidget(m_cctAim);
    auto *figures = new QHBoxLayout;
    figures->addWidget(m_delta);
    figures->addStretch(1);
    figures->addWidget(m_luminance);
    right->addLayout(figures);
    right->addWidget(m_controls);
    auto *choices = new QHBoxLayout; // above the corner that is the patch's
    choices->addWidget(m_switch);
    choices->addWidget(m_skip);
    choices->addStretch(1);
    right->addLayout(choices);
    m_skip->setObjectName(QStringLiteral("skipAdjusting"));
    m_skip->setToolTip(tr("Goes on with the video LUT, which brings white to the aim by itself."));
    connect(m_skip, &QPushButton::clicked, this,
            [this] { this->session()->setAdjustMode(AdjustMode::Skip); });
    right->addStretch(1);
    auto *rightSide = new QWidget;
    rightSide->setLayout(right);
    rightSide->setFixedWidth(310);
    auto *row = new QHBoxLayout;
    auto *left = new QVBoxLayout;
    left->addWidget(m_dial, 1);
    left->addWidget(m_note); // where the patch covers nothing
    row->addLayout(left, 1);
    row->addSpacing(16);
    row->addWidget(rightSide);
    body()->addLayout(row, 1);
}

void WhiteView::setState(const SessionState &state)
{
    showDate(state);
    const run::RunResults &r = state.shown();
    const Aim &aim = state.shownAim();
    const bool adjusting = state.status.stage == Stage::Adjust && state.hasRun();
    DialData dial;
    for (const WhiteReading &w : r.whites)
        dial.trail.push_back(uvPrime(w.white));
    const DisplayState now = presentState(r);
    if (r.calibration || r.after || dial.trail.empty()) {
        const auto &white = now.white ? now.white : r.before ? r.before->white : now.white;
        if (white)
            dial.trail.push_back(uvPrime(*white));
    }
    if (!dial.trail.empty())
        dial.aim = uvPrime(aimChromaticity(aim, chromaticity(dial.trail.back())));

    std::optional<XYZ> white = now.white;
    if (!white && r.before)
        white = r.before->white;
    if (white) {
        const Cct cct = correlatedColourTemperature(chromaticity(*white));
        m_cct->setFont(theme::font(adjusting ? kFarPoints : theme::kGiant, QFont::Light));
        const Chromaticity xy = chromaticity(*white);
        const bool hasKelvin = std::abs(cct.duv) <= kMostDuv; // else it has no meaning
        m_cct->setText(hasKelvin ? tr("%1 K").arg(figure(cct.kelvin, 0)) : QStringLiteral("—"));
        QString aimed = tr("native");
        if (!std::holds_alternative<NativeWhite>(aim.white))
            aimed =
                tr("%1 K (%2)")
                    .arg(figure(correlatedColourTemperature(aimChromaticity(aim, {})).kelvin, 0),
                         QString::fromStdString(whiteName(aim.white)));
        m_cctAim->setText(
            hasKelvin ? tr("aim %1 · Duv %2").arg(aimed, figure(cct.duv, 4))
                      : tr("aim %1 · x %2 y %3").arg(aimed, figure(xy.x, 4), figure(xy.y, 4)));
        m_delta->setText(
            dial.aim ? tr("%1 Δu'v'").arg(figure(deltaUvPrime(uvPrime(*white), *dial.aim), 4))
                     : QString());
        m_luminance->setText(tr("%1 cd/m²").arg(figure(white->Y, 1)));
        m_luminance->setToolTip(aim.luminanceCdM2
                                    ? tr("aim %1 cd/m²").arg(figure(aim.luminanceCdM2, 1))
                                    : tr("aim: native"));
    } else {
        m_cct->setText(QStringLiteral("—"));
        m_cctAim->setText(tr("not read yet"));
        m_delta->clear();
        m_luminance->clear();
    }
    m_mode = r.setup.adjust;
    showControls(state);

    if (adjusting && r.advice && r.before && r.before->primaries && !r.advice->settled && white &&
        state.displays[state.selected].can.gains) {
        const auto factors = lightFactors(*r.advice, true);
        const std::array names = {tr("red"), tr("green"), tr("blue")};
        for (int c = 0; c < 3; ++c) {
            const auto gain = kFields[static_cast<size_t>(c) + 1];
            if (r.controls && std::round((*r.controls).*gain) == r.advice->controls.*gain)
                continue; // it is advised to leave it
            Vec3 one = Vec3::Ones();
            one[c] = factors[c];
            if (std::abs(factors[c] - 1) > 0.004)
                dial.arrows.push_back(
                    {uvPrime(whiteAfter(*white, *r.before->primaries, one)), names[c]});
        }
    }
    m_dial->setData(dial);
    if (adjusting && state.status.activity == Activity::Working)
        setExplanation(
            m_mode == AdjustMode::ByHand
                ? tr("Turn the monitor's own controls until the dot sits in the smallest ring.")
                : tr("The program turns the monitor's own controls."));
    else
        setExplanation(
            tr("Where the display's white lies, seen from the white aimed at. u' to the right, v' "
               "up; dashed daylight, dotted blackbody."));
}

void WhiteView::showControls(const SessionState &state)
{
    const run::RunResults &r = state.results;
    const DisplayCard &card = state.displays[state.selected];
    const bool hasControls = state.hasRun() && r.setup.adjust != AdjustMode::Skip;
    m_controls->setVisible(hasControls);
    m_note->setVisible(state.hasRun());
    const bool adjusting = state.status.stage == Stage::Adjust && state.hasRun();
    m_switch->setVisible(adjusting && card.can.remoteControls &&
                         state.status.activity != Activity::Blocked);
    m_skip->setVisible(adjusting && !card.can.remoteControls && m_mode == AdjustMode::ByHand &&
                       state.status.activity != Activity::Blocked);
    m_switch->setToolTip(tr("The advice is learned from your turns so far."));
    m_switch->setText(m_mode == AdjustMode::ByHand ? tr("Let the program turn them")
                                                   : tr("Turn them by hand"));
    if (!hasControls) {
        m_note->setText(
            r.setup.loadsLut
                ? tr("This display has nothing to turn: the video LUT brings white to the aim.")
                : tr("This display has nothing to turn, and its output no video LUT: white stays "
                     "its own."));
        return;
    }
    const bool advised = adjusting && r.advice;
    const auto factors = advised ? lightFactors(*r.advice, card.can.gains)
                                 : std::array<double, kControls>{1, 1, 1, 1, 1};
    const auto &before = state.lastTime ? state.lastTime->controls : std::nullopt;
    m_gains = card.can.gains;
    m_updating = true;
    m_lastTitle->setVisible(before.has_value());
    for (int i = 0; i < kControls; ++i) {
        ControlRow &row = m_rows[i];
        const bool exists = !isGain(i) || card.can.gains;
        for (QWidget *w :
             std::initializer_list<QWidget *>{row.name, row.value, row.advice, row.lastTime})
            w->setVisible(exists);
        std::optional<double> value;
        if (r.controls)
            value = (*r.controls).*kFields[i];
        const bool typed = !card.can.remoteControls && adjusting;
        row.value->setReadOnly(!typed);
        row.value->setFocusPolicy(typed ? Qt::StrongFocus : Qt::NoFocus);
        if (value && !row.value->hasFocus())
            row.value->setValue(static_cast<int>(std::lround(*value)));
        else if (!value && !typed)
            row.value->setValue(kUnknown);
        row.advice->setText(!advised ? QString()
                            : r.advice->settled || i == 0
                                ? tr("leave")
                                : adviceText(value, r.advice->controls.*kFields[i], factors[i]));
        row.lastTime->setText(before ? figure((*before).*kFields[i], 0) : QString());
    }
    m_updating = false;
    if (!adjusting)
        m_note->setText(tr("Noted in the report."));
    else if (card.can.remoteControls)
        m_note->hide(); // the button is there instead
    else
        m_note->setText(tr("Turn them on the monitor itself. Type in what it shows, and the advice "
                           "is in its own steps."));
}

/// A person typed in where the controls stand; complete settings go to the run.
void WhiteView::noted()
{
    if (m_updating)
        return;
    MonitorControls controls;
    for (int i = 0; i < kControls; ++i) {
        if (isGain(i) && !m_gains)
            continue;
        if (m_rows[i].value->value() == kUnknown)
            return;
        controls.*kFields[i] = m_rows[i].value->value();
    }
    session()->noteControls(controls);
}

} // namespace lantern::app
