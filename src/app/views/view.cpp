#include "app/views/view.h"

#include "app/state/wording.h"
#include "app/theme.h"

#include <QHBoxLayout>
#include <QScrollArea>

namespace lantern::app {

View::View(const QString &explanation, Intents *intents)
    : m_intents(intents),
      m_title(makeLabel({}, theme::kHeading, theme::kBright, QFont::DemiBold)),
      m_date(makeLabel(QString(), theme::kNormal, theme::kBright)),
      m_explanation(makeLabel(explanation, theme::kNormal, theme::kMuted)),
      m_body(new QVBoxLayout)
{
    // Where the window is lower than the view needs, it scrolls instead of being cut off.
    auto *page = new QWidget;
    auto *scroll = new QScrollArea;
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAsNeeded);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setWidget(page);
    auto *frame = new QVBoxLayout(this);
    frame->setContentsMargins(0, 0, 0, 0);
    frame->addWidget(scroll);
    auto *all = new QVBoxLayout(page);
    all->setContentsMargins(24, 14, 16, 12);
    all->setSpacing(2);
    auto *heading = new QHBoxLayout;
    heading->addWidget(m_title);
    heading->addStretch(1);
    m_date->setObjectName(QStringLiteral("shownDate"));
    heading->addWidget(m_date);
    all->addLayout(heading);
    wrap(m_explanation);
    all->addWidget(m_explanation);
    m_body->setContentsMargins(0, 8, 0, 0);
    all->addLayout(m_body, 1);
}

void View::setTitle(const QString &title)
{
    setAccessibleName(title);
    m_title->setText(title);
}

void View::showDate(const SessionState &state)
{
    m_date->setText(shownDateText(state));
    m_date->setVisible(!m_date->text().isEmpty());
    m_date->setToolTip(tr("The newest finished run of this display. No run is under way."));
}

QLabel *makeLabel(const QString &text, double points, const QColor &colour, QFont::Weight weight)
{
    auto *label = new QLabel(text);
    label->setTextFormat(Qt::PlainText); // names are shown as they are, whatever is in them
    label->setFont(theme::font(points, weight));
    setTextColour(label, colour);
    return label;
}

void wrap(QLabel *label)
{
    label->setWordWrap(true);
    QSizePolicy policy = label->sizePolicy();
    policy.setHorizontalPolicy(QSizePolicy::Ignored);
    label->setSizePolicy(policy);
}

void setTextColour(QLabel *label, const QColor &colour)
{
    QPalette p = label->palette();
    p.setColor(QPalette::WindowText, colour);
    label->setPalette(p);
}

} // namespace lantern::app
