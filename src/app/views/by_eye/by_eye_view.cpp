#include "app/views/by_eye/by_eye_view.h"

#include "app/ledger/ledger_rows.h"
#include "app/theme.h"

#include <QHBoxLayout>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

constexpr int kFinest = 2; ///< slider steps to a code value

} // namespace

std::optional<int> ByEyeView::channelOf(int step)
{
    switch (step) {
    case Grey:
        return 3;
    case Red:
        return 0;
    case Green:
        return 1;
    case Blue:
        return 2;
    default:
        return std::nullopt;
    }
}

ByEyeView::ByEyeView(Session *session)
    : View(
          tr("By eye"),
          tr("Without a meter: better than nothing, no match for a measurement. Your eyes adapt to "
             "a cast, so white stays uncertain, and no ΔE is known afterwards."),
          session),
      m_steps(new QListWidget),
      m_target(new MatchTarget),
      m_words(makeLabel({}, theme::kNormal, theme::kText)),
      m_figure(makeLabel({}, theme::kFigure, theme::kBright, QFont::Light)),
      m_next(new QPushButton)
{
    m_steps->setObjectName(QStringLiteral("eyeSteps"));
    m_steps->setAccessibleName(tr("Steps"));
    m_steps->addItems({tr("1  Black level"), tr("2  Contrast"), tr("3  Gamma, grey"),
                       tr("4  Gamma, red"), tr("5  Gamma, green"), tr("6  Gamma, blue"),
                       tr("7  Neutral grey"), tr("8  Profile")});
    m_steps->setFixedWidth(150);
    m_words->setWordWrap(true);
    QSizePolicy kept = m_target->sizePolicy();
    kept.setRetainSizeWhenHidden(true);
    m_target->setSizePolicy(kept);
    auto *side = new QVBoxLayout;
    side->setContentsMargins(0, 0, 0, 0);
    side->addWidget(m_words);
    side->addSpacing(8);
    for (size_t i = 0; i < 2; ++i) {
        m_names[i] = makeLabel({}, theme::kSmall, theme::kMuted);
        m_sliders[i] = new QSlider(Qt::Horizontal);
        m_sliders[i]->setObjectName(QStringLiteral("eyeSlider%1").arg(i));
        side->addWidget(m_names[i]);
        side->addWidget(m_sliders[i]);
        connect(m_sliders[i], &QSlider::valueChanged, this, &ByEyeView::moved);
    }
    side->addWidget(m_figure);
    side->addSpacing(12);
    m_next->setObjectName(QStringLiteral("eyeNext"));
    side->addWidget(m_next, 0, Qt::AlignLeft);
    side->addStretch(1);
    auto *sideWidget = new QWidget;
    sideWidget->setLayout(side);
    sideWidget->setFixedWidth(250);
    auto *row = new QHBoxLayout;
    row->addWidget(m_steps);
    row->addWidget(m_target, 1);
    row->addSpacing(12);
    row->addWidget(sideWidget);
    body()->addLayout(row, 1);
    connect(m_steps, &QListWidget::currentRowChanged, this, &ByEyeView::showStep);
    connect(m_next, &QPushButton::clicked, this, [this] {
        if (m_steps->currentRow() == Result)
            this->session()->keepByEye(m_findings);
        else
            m_steps->setCurrentRow(m_steps->currentRow() + 1);
    });
    m_steps->setCurrentRow(Black);
}

void ByEyeView::showEvent(QShowEvent *event)
{
    View::showEvent(event);
    QMetaObject::invokeMethod(
        session(), [s = session()] { s->bareDisplay(true); }, Qt::QueuedConnection);
}

void ByEyeView::hideEvent(QHideEvent *event)
{
    View::hideEvent(event);
    QMetaObject::invokeMethod(
        session(), [s = session()] { s->bareDisplay(false); }, Qt::QueuedConnection);
}

void ByEyeView::setState(const SessionState &state)
{
    m_free = !state.isMeasuring() && !state.hasRun() && !state.preparing;
    m_next->setEnabled(m_free || m_steps->currentRow() != Result);
}

void ByEyeView::showStep()
{
    const int step = m_steps->currentRow();
    const auto channel = channelOf(step);
    m_updating = true;
    const int sliders = channel ? 1 : step == Neutral ? 2 : 0;
    for (int i = 0; i < 2; ++i) {
        m_names[i]->setVisible(i < sliders);
        m_sliders[i]->setVisible(i < sliders);
    }
    m_figure->setVisible(channel.has_value());
    m_target->setVisible(step != Result);
    m_next->setText(step == Result ? tr("&Make the profile and use it") : tr("&Next"));
    m_next->setEnabled(m_free || step != Result);
    if (channel) {
        m_names[0]->setText(tr("&Lightness of the middle"));
        m_names[0]->setBuddy(m_sliders[0]);
        m_sliders[0]->setAccessibleName(tr("Lightness of the middle"));
        m_sliders[0]->setRange(90 * kFinest, 240 * kFinest);
        const auto &half = m_findings.halfLight;
        const double code =
            *channel == 3 ? (half[0] + half[1] + half[2]) / 3 : half[static_cast<size_t>(*channel)];
        m_sliders[0]->setValue(static_cast<int>(std::lround(code * kFinest)));
        m_words->setText(
            tr("Step back or narrow your eyes until the lines melt together, then move "
               "the slider until the solid field in the middle vanishes in them."));
    } else if (step == Neutral) {
        const std::array names = {tr("&Red against green"), tr("&Blue against yellow")};
        for (size_t i = 0; i < 2; ++i) {
            m_names[i]->setText(names[i]);
            m_names[i]->setBuddy(m_sliders[i]);
            m_sliders[i]->setAccessibleName(QString(names[i]).remove(QLatin1Char('&')));
            m_sliders[i]->setRange(-100, 100);
            m_sliders[i]->setValue(static_cast<int>(m_tint[i]));
        }
        m_words->setText(tr("Look at something white in daylight for a minute, then quickly at "
                            "these greys. Move the sliders until they show no tint."));
    } else if (step == Black)
        m_words->setText(
            tr("Turn the monitor's brightness or black level until the bars farthest left just "
               "cannot be told from the black and the third can. Keep the room as dark as when you "
               "work."));
    else if (step == White)
        m_words->setText(tr("Turn the monitor's contrast down until the bars can be told from the "
                            "white, at least all but the one farthest left."));
    else
        m_words->setText(
            tr("Gamma found: red %1, green %2, blue %3.\n\nThe profile takes the primaries from "
               "what the display says of itself. It is marked as made by eye, and the ledger will "
               "say so.")
                .arg(figure(gammaOfHalfLight(m_findings.halfLight[0]), 2),
                     figure(gammaOfHalfLight(m_findings.halfLight[1]), 2),
                     figure(gammaOfHalfLight(m_findings.halfLight[2]), 2)));
    m_updating = false;
    moved();
}

/// Takes the sliders' values and shows what they mean.
void ByEyeView::moved()
{
    if (m_updating)
        return;
    const int step = m_steps->currentRow();
    if (const auto channel = channelOf(step)) {
        const double code = static_cast<double>(m_sliders[0]->value()) / kFinest;
        if (*channel == 3) {
            // The channels keep their differences: grey moves all of them.
            auto &half = m_findings.halfLight;
            const double shift = code - (half[0] + half[1] + half[2]) / 3;
            for (double &h : half)
                h = std::clamp(h + shift, 60.0, 250.0);
        } else
            m_findings.halfLight[static_cast<size_t>(*channel)] = code;
        m_target->showHalfLight(*channel, code);
        m_figure->setText(tr("gamma %1").arg(figure(gammaOfHalfLight(code), 2)));
    } else if (step == Neutral) {
        m_tint = {static_cast<double>(m_sliders[0]->value()),
                  static_cast<double>(m_sliders[1]->value())};
        m_findings.balance = balanceOfTints(m_tint[0] / 100, m_tint[1] / 100);
        m_target->showNeutral(codesForBalance(m_findings));
    } else if (step == Black)
        m_target->showSteps(MatchTarget::What::BlackSteps);
    else if (step == White)
        m_target->showSteps(MatchTarget::What::WhiteSteps);
}

} // namespace lantern::app
