#include "app/window/desk_widget.h"

#include "app/theme.h"
#include "app/widgets/mark_painter.h"

#include <QPainter>
#include <QSignalBlocker>

#include <algorithm>

namespace lantern::app {

namespace {

constexpr int kHeight = 112;
constexpr int kMargin = 14;
constexpr int kMeterWidth = 250;
constexpr int kQueueWidth = 170;
constexpr double kTextWidth = 220;
constexpr double kTallest = 70;
constexpr double kPadding = 6; ///< around what a card draws
constexpr double kGap = 10;    ///< between a screen and its words

} // namespace

DeskCard::DeskCard(QWidget *parent) : QAbstractButton(parent)
{
    setCheckable(true);
    setAutoExclusive(true); // arrow keys go from one to the next
    setCursor(Qt::PointingHandCursor);
}

void DeskCard::setDisplay(const DeskModel::Display &display, double scale, double step)
{
    m_display = display;
    m_scale = scale;
    m_step = step;
    setText(display.name);
    setAccessibleName(display.name);
    const QStringList facts = {display.detail, display.verdict, display.age};
    setAccessibleDescription(facts.join(QStringLiteral(". ")));
    setToolTip(facts.join(QLatin1Char('\n')));
    resize(sizeHint());
    update();
}

QRectF DeskCard::screen() const
{
    const QSizeF size = m_display.sizeMm * m_scale;
    return {kPadding, 10 + kTallest - size.height(), size.width(), size.height()};
}

double DeskCard::textWidth() const
{
    return std::max(40.0, std::min(kTextWidth, m_step - screen().width() - kGap - 2 * kPadding));
}

QSize DeskCard::sizeHint() const
{
    return {int(screen().width() + kGap + textWidth() + 2 * kPadding), kHeight - 20};
}

void DeskCard::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const bool chosen = isChecked();
    p.setPen(QPen(chosen ? theme::kMuted : theme::kLine, chosen ? 1.5 : 1));
    p.setBrush(theme::kDeep);
    p.drawRoundedRect(screen(), 2, 2);
    if (chosen)
        p.fillRect(QRectF(screen().left(), screen().top() - 6, screen().width(), 3),
                   theme::kAccent);
    const double left = screen().right() + kGap;
    const double w = textWidth();
    auto line = [&](double y, const QString &text, const QFont &font, const QColor &colour,
                    double indent = 0) {
        p.setFont(font);
        p.setPen(colour);
        const QString shown = QFontMetricsF(font).elidedText(text, Qt::ElideRight, w - indent);
        p.drawText(QRectF(left + indent, y, w - indent, 20), Qt::AlignLeft | Qt::AlignVCenter,
                   shown);
    };
    line(5, m_display.name, theme::font(11, chosen ? QFont::DemiBold : QFont::Normal),
         chosen ? theme::kBright : theme::kMuted);
    line(27, m_display.detail, theme::font(theme::kSmall), theme::kMuted);
    paintMark(p, QRectF(left, 48, 12, 12), m_display.mark);
    line(44, m_display.verdict, theme::font(theme::kSmall), theme::kText, 18);
    line(61, m_display.age, theme::font(theme::kSmall), theme::kMuted, 18);
}

DeskQueue::DeskQueue(QWidget *parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("deskQueue"));
    setFixedSize(kQueueWidth, kHeight - 20);
    hide();
}

void DeskQueue::setModel(const DeskModel &model)
{
    constexpr qsizetype kMostLines = 3;
    m_title = model.queueTitle;
    m_lines = model.queue.mid(0, kMostLines);
    if (model.queue.size() > kMostLines)
        m_lines.last() = tr("and %1 more").arg(model.queue.size() - kMostLines + 1);
    setVisible(!m_title.isEmpty());
    const QString all = model.queue.join(QStringLiteral(", "));
    setAccessibleName(tr("Workshop: %1").arg(m_title));
    setAccessibleDescription(all);
    setToolTip(model.queue.join(QLatin1Char('\n')));
    update();
}

void DeskQueue::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    const double w = width() - kMargin - 8;
    const auto line = [&](double y, const QString &text, const QFont &font, const QColor &colour) {
        p.setFont(font);
        p.setPen(colour);
        p.drawText(QRectF(0, y, w, 20), Qt::AlignLeft | Qt::AlignVCenter,
                   QFontMetricsF(font).elidedText(text, Qt::ElideRight, w));
    };
    line(5, m_title, theme::font(11), theme::kMuted);
    constexpr double kFirst = 27, kStep = 17;
    for (qsizetype i = 0; i < m_lines.size(); ++i)
        line(kFirst + kStep * static_cast<double>(i), m_lines[i], theme::font(theme::kSmall),
             i == 0 ? theme::kText : theme::kMuted);
    p.fillRect(QRectF(width() - kMargin, 6, 1, 80), theme::kLine);
}

DeskMeter::DeskMeter(QWidget *parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("deskMeter"));
    setFixedSize(kMeterWidth, kHeight - 20);
}

void DeskMeter::setModel(const DeskModel &model)
{
    m_model = model;
    setAccessibleName(tr("Meter: %1, %2").arg(model.meterName, model.meterState));
    setAccessibleDescription(
        model.room.isEmpty() ? model.reading : model.reading + QStringLiteral(". ") + model.room);
    update();
}

void DeskMeter::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    constexpr double kLeft = 16;
    p.fillRect(QRectF(0, 6, 1, 80), theme::kLine);
    auto line = [&](double left, double y, const QString &text, const QFont &font,
                    const QColor &colour) {
        p.setFont(font);
        p.setPen(colour);
        const double w = width() - left;
        p.drawText(QRectF(left, y, w, 20), Qt::AlignLeft | Qt::AlignVCenter,
                   QFontMetricsF(font).elidedText(text, Qt::ElideRight, w));
    };
    const QFont bold = theme::font(11, QFont::DemiBold);
    line(kLeft, 8, m_model.meterName, bold, theme::kBright);
    line(kLeft + QFontMetricsF(bold).horizontalAdvance(m_model.meterName) + 10, 8,
         m_model.meterState, theme::font(theme::kSmall), theme::kMuted);
    line(kLeft, 31, m_model.reading, theme::font(theme::kNormal),
         m_model.hasReading ? theme::kText : theme::kMuted);
    line(kLeft, 54, m_model.room, theme::font(theme::kSmall), theme::kMuted);
}

DeskWidget::DeskWidget(QWidget *parent)
    : QWidget(parent), m_queue(new DeskQueue(this)), m_meter(new DeskMeter(this))
{
    setFixedHeight(kHeight);
    setAccessibleName(tr("Desk: displays and meter"));
    setObjectName(QStringLiteral("desk"));
    // Made before the rest of the window, so that Tab meets them first; shown as displays come.
    constexpr int kUsual = 6;
    for (int i = 0; i < kUsual; ++i)
        addCard();
}

void DeskWidget::addCard()
{
    auto *card = new DeskCard(this);
    card->setObjectName(QStringLiteral("deskCard%1").arg(m_cards.size()));
    card->hide();
    const int index = static_cast<int>(m_cards.size());
    connect(card, &QAbstractButton::toggled, this, [this, index](bool on) {
        if (on) // by a person: setState() is quiet
            emit displayChosen(index);
    });
    m_meter->raise();
    m_cards.push_back(card);
}

void DeskWidget::setState(const SessionState &state)
{
    m_model = deskModel(state);
    while (m_cards.size() < m_model.displays.size())
        addCard();
    for (size_t i = 0; i < m_cards.size(); ++i) {
        const QSignalBlocker quiet(m_cards[i]); // the choice may have been refused
        const bool chosen = static_cast<int>(i) == m_model.selected;
        m_cards[i]->setChecked(chosen);
        m_cards[i]->setFocusPolicy(chosen ? Qt::StrongFocus : Qt::ClickFocus); // Tab leads there
    }
    m_queue->setModel(m_model);
    m_meter->setModel(m_model);
    place();
}

void DeskWidget::place()
{
    double tallest = 1;
    for (const DeskModel::Display &d : m_model.displays)
        tallest = std::max(tallest, d.sizeMm.height());
    const int left = kMargin + (m_model.queueTitle.isEmpty() ? 0 : kQueueWidth);
    m_queue->move(kMargin, 10);
    const int step = (width() - kMeterWidth - kMargin - left) /
                     static_cast<int>(std::max<size_t>(1, m_model.displays.size()));
    // Where there is little room the words need it more than the drawings.
    constexpr int kRoomy = 320;
    const double scale = kTallest / tallest * std::clamp(step / double(kRoomy), 0.6, 1.0);
    for (size_t i = m_model.displays.size(); i < m_cards.size(); ++i)
        m_cards[i]->hide();
    for (size_t i = 0; i < m_model.displays.size() && i < m_cards.size(); ++i) {
        m_cards[i]->setDisplay(m_model.displays[i], scale, step);
        m_cards[i]->move(left + static_cast<int>(i) * step, 10);
        m_cards[i]->show();
    }
    m_meter->move(width() - kMeterWidth, 10);
}

void DeskWidget::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    p.fillRect(rect(), theme::kPanel);
    p.fillRect(QRectF(0, height() - 1, width(), 1), theme::kLine);
}

void DeskWidget::resizeEvent(QResizeEvent *event)
{
    QWidget::resizeEvent(event);
    place();
}

} // namespace lantern::app
