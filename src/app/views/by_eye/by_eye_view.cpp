#include "app/views/by_eye/by_eye_view.h"

#include "app/theme.h"

#include <QHBoxLayout>

namespace lantern::app {

ByEyeView::ByEyeView(Intents *intents)
    : View(
          tr("Without a meter: better than nothing, no match for a measurement. Your eyes adapt to "
             "a cast, so white stays uncertain, and no ΔE is known afterwards."),
          intents),
      m_steps(new QListWidget),
      m_target(new MatchTarget),
      m_words(makeLabel({}, theme::kNormal, theme::kText)),
      m_figure(makeLabel({}, theme::kFigure, theme::kBright, QFont::Light)),
      m_examples(new EyeExamples),
      m_name(new QLineEdit),
      m_next(new QPushButton),
      m_before(new QPushButton(tr("Hold: as before"))),
      m_other(new QPushButton)
{
    m_steps->setObjectName(QStringLiteral("eyeSteps"));
    m_steps->setAccessibleName(tr("Steps"));
    m_steps->addItems(eyeStepTitles());
    m_steps->setFixedWidth(140);
    m_words->setWordWrap(true);
    QSizePolicy kept = m_target->sizePolicy();
    kept.setRetainSizeWhenHidden(true);
    m_target->setSizePolicy(kept);
    auto *middle = new QVBoxLayout;
    middle->addWidget(m_target, 1);
    middle->addWidget(m_examples);
    auto *row = new QHBoxLayout;
    row->addWidget(m_steps);
    row->addLayout(middle, 1);
    row->addSpacing(12);
    row->addWidget(makeSide());
    body()->addLayout(row, 1);
    connect(m_steps, &QListWidget::currentRowChanged, this, &ByEyeView::showStep);
    connect(m_next, &QPushButton::clicked, this, [this] {
        if (step() == EyeStep::Result)
            keep();
        else
            m_steps->setCurrentRow(m_steps->currentRow() + 1);
    });
    connect(m_before, &QPushButton::pressed, this, [this] { showOnDisplay(EyeLook::Before); });
    connect(m_before, &QPushButton::released, this, [this] { showOnDisplay(EyeLook::New); });
    connect(m_other, &QPushButton::clicked, this, &ByEyeView::goOn);
    m_steps->setCurrentRow(0);
}

QWidget *ByEyeView::makeSide()
{
    auto *sideWidget = new QWidget;
    auto *side = new QVBoxLayout(sideWidget);
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
    m_before->setObjectName(QStringLiteral("eyeBefore"));
    m_before->setToolTip(tr("What was found is on the display now; held, what it had before."));
    m_name->setObjectName(QStringLiteral("eyeName"));
    m_name->setAccessibleName(tr("Name of the profile"));
    m_name->setPlaceholderText(tr("name, such as “evening”"));
    m_next->setObjectName(QStringLiteral("eyeNext"));
    m_other->setObjectName(QStringLiteral("eyeOther"));
    side->addWidget(m_before, 0, Qt::AlignLeft);
    side->addWidget(m_name);
    side->addWidget(m_next, 0, Qt::AlignLeft);
    side->addWidget(m_other, 0, Qt::AlignLeft);
    side->addStretch(1);
    constexpr int kWidth = 230;
    sideWidget->setFixedWidth(kWidth);
    return sideWidget;
}

void ByEyeView::keep()
{
    m_waits = true;
    emit intents()->foundByEye(m_work.findings, m_name->text());
}

/// The same on the next display.
void ByEyeView::goOn()
{
    const int other = m_otherDisplay;
    m_work = {};
    m_name->clear();
    m_steps->setCurrentRow(0);
    emit intents()->displayWanted(other);
    emit intents()->viewWanted(ViewId::ByEye);
}

void ByEyeView::showOnDisplay(EyeLook look)
{
    if (isVisible())
        emit intents()->eyeLookWanted(m_work.findings, look);
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
    const std::string keptAt = state.byEye ? state.byEye->setup.startedAt : std::string();
    if (m_selected != state.selected || m_keptAt != keptAt || state.noticeIsProblem)
        m_waits = false;
    m_selected = state.selected;
    m_keptAt = keptAt;
    const auto count = static_cast<int>(state.displays.size());
    m_otherDisplay = count > 1 ? (state.selected + 1) % count : -1;
    m_other->setVisible(m_otherDisplay >= 0 && step() == EyeStep::Result && !keptAt.empty());
    if (m_otherDisplay >= 0)
        m_other->setText(
            tr("Go on with %1").arg(state.displays[static_cast<size_t>(m_otherDisplay)].name));
    const bool builtIn = state.displays[static_cast<size_t>(state.selected)].builtIn;
    if (m_work.builtIn != builtIn) {
        m_work.builtIn = builtIn;
        showStep();
    }
    m_next->setEnabled((m_free && !m_waits) || step() != EyeStep::Result);
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
    m_examples->show(eyeExamples(step()));
    m_before->setVisible(last);
    m_name->setVisible(last);
    m_other->setVisible(last && m_otherDisplay >= 0 && !m_keptAt.empty());
    showOnDisplay(last ? EyeLook::New : EyeLook::Bare);
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
