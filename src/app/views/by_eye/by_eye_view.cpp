#include "app/views/by_eye/by_eye_view.h"

#include "app/theme.h"

#include <QHBoxLayout>

namespace lantern::app {

ByEyeView::ByEyeView(Intents *intents)
    : View(
          tr("By eye"),
          tr("Without a meter: better than nothing, no match for a measurement. Your eyes adapt to "
             "a cast, so white stays uncertain, and no ΔE is known afterwards."),
          intents),
      m_steps(new QListWidget),
      m_target(new MatchTarget),
      m_words(makeLabel({}, theme::kNormal, theme::kText)),
      m_figure(makeLabel({}, theme::kFigure, theme::kBright, QFont::Light)),
      m_next(new QPushButton)
{
    m_steps->setObjectName(QStringLiteral("eyeSteps"));
    m_steps->setAccessibleName(tr("Steps"));
    m_steps->addItems(eyeStepTitles());
    m_steps->setFixedWidth(140);
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
        connect(m_sliders[i], &QSlider::valueChanged, this, &ByEyeView::take);
    }
    side->addWidget(m_figure);
    side->addSpacing(12);
    m_next->setObjectName(QStringLiteral("eyeNext"));
    side->addWidget(m_next, 0, Qt::AlignLeft);
    side->addStretch(1);
    auto *sideWidget = new QWidget;
    sideWidget->setLayout(side);
    sideWidget->setFixedWidth(230);
    auto *row = new QHBoxLayout;
    row->addWidget(m_steps);
    row->addWidget(m_target, 1);
    row->addSpacing(12);
    row->addWidget(sideWidget);
    body()->addLayout(row, 1);
    connect(m_steps, &QListWidget::currentRowChanged, this, &ByEyeView::showStep);
    connect(m_next, &QPushButton::clicked, this, [this] {
        if (step() == EyeStep::Result)
            emit this->intents()->foundByEye(m_work.findings);
        else
            m_steps->setCurrentRow(m_steps->currentRow() + 1);
    });
    m_steps->setCurrentRow(0);
}

void ByEyeView::showEvent(QShowEvent *event)
{
    View::showEvent(event);
    QMetaObject::invokeMethod(
        intents(), [i = intents()] { emit i->bareDisplayWanted(true); }, Qt::QueuedConnection);
}

void ByEyeView::hideEvent(QHideEvent *event)
{
    View::hideEvent(event);
    QMetaObject::invokeMethod(
        intents(), [i = intents()] { emit i->bareDisplayWanted(false); }, Qt::QueuedConnection);
}

void ByEyeView::setState(const SessionState &state)
{
    const bool complete = state.hasRun() && state.status.activity == run::Activity::Finished;
    m_free = !state.isMeasuring() && (!state.hasRun() || complete) && !state.preparing;
    const bool builtIn = state.displays[static_cast<size_t>(state.selected)].builtIn;
    if (m_work.builtIn != builtIn) {
        m_work.builtIn = builtIn;
        showStep();
    }
    m_next->setEnabled(m_free || step() != EyeStep::Result);
}

EyeStep ByEyeView::step() const
{
    return static_cast<EyeStep>(m_steps->currentRow());
}

void ByEyeView::showStep()
{
    const EyeStepModel m = eyeStepModel(step(), m_work);
    const bool last = step() == EyeStep::Result;
    m_updating = true;
    for (size_t i = 0; i < m_sliders.size(); ++i) {
        const bool shown = i < m.sliders.size();
        m_names[i]->setVisible(shown);
        m_sliders[i]->setVisible(shown);
        if (!shown)
            continue;
        m_names[i]->setText(m.sliders[i].name);
        m_names[i]->setBuddy(m_sliders[i]);
        m_sliders[i]->setAccessibleName(QString(m.sliders[i].name).remove(QLatin1Char('&')));
        m_sliders[i]->setRange(m.sliders[i].least, m.sliders[i].most);
        m_sliders[i]->setValue(m.sliders[i].value);
    }
    m_updating = false;
    m_words->setText(m.words);
    m_figure->setVisible(!m.figure.isEmpty());
    m_figure->setText(m.figure);
    m_target->setVisible(!last);
    m_next->setText(last ? tr("Ma&ke the profile and use it") : tr("Ne&xt"));
    m_next->setEnabled(m_free || !last);
    if (m.channel)
        m_target->showHalfLight(*m.channel, m.code);
    else if (step() == EyeStep::Neutral)
        m_target->showNeutral(codesForBalance(m_work.findings));
    else
        m_target->showSteps(step() == EyeStep::White ? MatchTarget::What::WhiteSteps
                                                     : MatchTarget::What::BlackSteps);
}

/// Takes the sliders' values and shows what they mean.
void ByEyeView::take()
{
    if (m_updating)
        return;
    m_work = moved(step(), m_work, {m_sliders[0]->value(), m_sliders[1]->value()});
    showStep();
}

} // namespace lantern::app
