#include "app/window/desk_widget.h"

#include "app/theme.h"
#include "app/widgets/mark_painter.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

constexpr int kHeight = 112;
constexpr double kMargin = 20;
constexpr double kMeterWidth = 250;
constexpr double kTextWidth = 220;
constexpr double kTallest = 70;

} // namespace

DeskWidget::DeskWidget(QWidget *parent) : QWidget(parent)
{
    setFixedHeight(kHeight);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Desk: displays and meter"));
    setObjectName(QStringLiteral("desk"));
}

void DeskWidget::setState(const SessionState &state)
{
    m_model = deskModel(state);
    if (!m_model.displays.empty()) {
        const DeskModel::Display &display = m_model.displays[selected()];
        setAccessibleDescription(tr("%1 selected, %2").arg(display.name, display.detail));
    }
    update();
}

size_t DeskWidget::selected() const
{
    return static_cast<size_t>(m_model.selected);
}

std::vector<DeskWidget::Slot> DeskWidget::slotsFor() const
{
    std::vector<Slot> out;
    double tallest = 1;
    for (const DeskModel::Display &c : m_model.displays)
        tallest = std::max(tallest, c.sizeMm.height());
    const double scale = kTallest / tallest;
    const double available = width() - kMeterWidth - 2 * kMargin;
    const double step = available / std::max<size_t>(1, m_model.displays.size());
    double x = kMargin;
    for (const DeskModel::Display &c : m_model.displays) {
        const double w = c.sizeMm.width() * scale;
        const double h = c.sizeMm.height() * scale;
        const QRectF screen(x, 20 + kTallest - h, w, h);
        out.push_back({screen, {screen.right() + 10, 16, std::min(kTextWidth, step - w - 16), 80}});
        x += step;
    }
    return out;
}

void DeskWidget::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), theme::kPanel);
    p.fillRect(QRectF(0, height() - 1, width(), 1), theme::kLine);
    const auto places = slotsFor();
    for (size_t i = 0; i < places.size(); ++i)
        paintDisplay(p, i, places[i]);
    paintMeter(p);
}

void DeskWidget::paintDisplay(QPainter &p, size_t index, const Slot &slot) const
{
    const DeskModel::Display &display = m_model.displays[index];
    const bool selected = index == this->selected();
    p.setPen(QPen(selected ? theme::kMuted : theme::kLine, selected ? 1.5 : 1));
    p.setBrush(QColor(0x1b, 0x1b, 0x1b));
    p.drawRoundedRect(slot.screen, 2, 2);
    if (selected)
        p.fillRect(QRectF(slot.screen.left(), slot.screen.top() - 6, slot.screen.width(), 3),
                   theme::kAccent);
    if (selected && hasFocus()) {
        p.setPen(QPen(theme::kText, 1, Qt::DotLine));
        p.setBrush(Qt::NoBrush);
        p.drawRect(slot.screen.adjusted(-4, -10, 4, 4));
    }
    const double left = slot.text.left();
    const double w = slot.text.width();
    auto line = [&](double y, const QString &text, const QFont &font, const QColor &colour,
                    double indent = 0) {
        p.setFont(font);
        p.setPen(colour);
        const QString shown = QFontMetricsF(font).elidedText(text, Qt::ElideRight, w - indent);
        p.drawText(QRectF(left + indent, y, w - indent, 20), Qt::AlignLeft | Qt::AlignVCenter,
                   shown);
    };
    line(18, display.name, theme::font(11, selected ? QFont::DemiBold : QFont::Normal),
         selected ? theme::kBright : theme::kMuted);
    line(39, display.detail, theme::font(theme::kSmall), theme::kMuted);
    paintMark(p, QRectF(left, 64, 12, 12), display.mark);
    line(60, display.verdict, theme::font(theme::kSmall), theme::kMuted, 18);
}

void DeskWidget::paintMeter(QPainter &p) const
{
    const double left = width() - kMeterWidth;
    p.fillRect(QRectF(left - 16, 16, 1, 80), theme::kLine);
    auto line = [&](double y, const QString &text, const QFont &font, const QColor &colour) {
        p.setFont(font);
        p.setPen(colour);
        const double w = kMeterWidth - 10 - p.transform().dx();
        p.drawText(QRectF(left, y, w, 20), Qt::AlignLeft | Qt::AlignVCenter,
                   QFontMetricsF(font).elidedText(text, Qt::ElideRight, w));
    };
    const QFont bold = theme::font(11, QFont::DemiBold);
    line(18, m_model.meterName, bold, theme::kBright);
    p.save();
    p.translate(QFontMetricsF(bold).horizontalAdvance(m_model.meterName) + 10, 0);
    line(18, m_model.meterState, theme::font(theme::kSmall), theme::kMuted);
    p.restore();
    line(41, m_model.reading, theme::font(theme::kNormal),
         m_model.hasReading ? theme::kText : theme::kFaint);
    line(64, m_model.room, theme::font(theme::kSmall), theme::kMuted);
}

void DeskWidget::mousePressEvent(QMouseEvent *event)
{
    const auto places = slotsFor();
    for (size_t i = 0; i < places.size(); ++i)
        if (places[i].screen.united(places[i].text).contains(event->position()))
            emit displayChosen(static_cast<int>(i));
}

void DeskWidget::keyPressEvent(QKeyEvent *event)
{
    const int count = static_cast<int>(m_model.displays.size());
    if (event->key() == Qt::Key_Left && m_model.selected > 0)
        emit displayChosen(m_model.selected - 1);
    else if (event->key() == Qt::Key_Right && m_model.selected + 1 < count)
        emit displayChosen(m_model.selected + 1);
    else
        QWidget::keyPressEvent(event);
}

} // namespace lantern::app
