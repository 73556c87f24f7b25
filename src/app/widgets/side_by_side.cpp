#include "app/widgets/side_by_side.h"

#include <algorithm>

namespace lantern::app {

namespace {

constexpr int kBetween = 20;

} // namespace

SideBySide::SideBySide(QWidget *main, QWidget *side, int leastMain, QWidget *parent)
    : QWidget(parent),
      m_main(main),
      m_side(side),
      m_leastMain(leastMain),
      m_layout(new QBoxLayout(QBoxLayout::LeftToRight, this))
{
    m_layout->setContentsMargins(0, 0, 0, 0);
    m_layout->setSpacing(kBetween);
    m_layout->addWidget(main, 1);
    m_layout->addWidget(side);
    side->setFixedWidth(side->minimumWidth());
}

/// What it needs with one below the other: so narrow it can be made.
QSize SideBySide::minimumSizeHint() const
{
    const QSize a = m_main->minimumSizeHint();
    const QSize b = m_side->minimumSizeHint();
    const bool stacked = m_layout->direction() == QBoxLayout::TopToBottom;
    return {std::max(a.width(), m_side->minimumWidth()),
            stacked ? a.height() + kBetween + b.height() : std::max(a.height(), b.height())};
}

void SideBySide::resizeEvent(QResizeEvent *event)
{
    QWidget::resizeEvent(event);
    const auto direction = width() >= m_leastMain + kBetween + m_side->minimumWidth()
                               ? QBoxLayout::LeftToRight
                               : QBoxLayout::TopToBottom;
    if (m_layout->direction() == direction)
        return;
    m_layout->setDirection(direction);
    m_side->setMaximumWidth(direction == QBoxLayout::LeftToRight ? m_side->minimumWidth()
                                                                 : QWIDGETSIZE_MAX);
    updateGeometry();
}

} // namespace lantern::app
