#include "app/views/accuracy/match_fields.h"

#include "app/state/wording.h"
#include "app/theme.h"

#include <QHelpEvent>
#include <QPainter>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

constexpr double kGap = 5;
constexpr double kCaption = 17;
constexpr size_t kCaptioned = 80; ///< more fields than this are drawn small and without captions

} // namespace

MatchFields::MatchFields(QWidget *parent) : QWidget(parent)
{
    setAccessibleName(tr("Match fields"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void MatchFields::setFields(const std::vector<MatchField> &fields, const QString &difference)
{
    m_fields = fields;
    m_difference = difference;
    QStringList told;
    for (const MatchField &f : m_fields)
        told << inWords(f);
    setAccessibleDescription(told.join(QStringLiteral("; ")));
    update();
}

QString MatchFields::inWords(const MatchField &f) const
{
    if (!f.isMeasured)
        return f.name;
    return f.over ? tr("%1: %2 %3, over the limit").arg(f.name, m_difference, figure(f.deltaE, 2))
                  : tr("%1: %2 %3").arg(f.name, m_difference, figure(f.deltaE, 2));
}

int MatchFields::columns() const
{
    if (m_fields.size() <= kCaptioned)
        return 8;
    return std::max(8, static_cast<int>(std::ceil(std::sqrt(static_cast<double>(m_fields.size()) *
                                                            width() / std::max(1, height())))));
}

QRectF MatchFields::fieldRect(int index) const
{
    const int n = columns();
    const int rows = static_cast<int>((m_fields.size() + n - 1) / n);
    const double caption = m_fields.size() <= kCaptioned ? kCaption : 0;
    const double gap = caption > 0 ? kGap : 2;
    const double w = (width() - gap * (n - 1)) / n;
    const double h = std::min(w, (height() - rows * (caption + gap)) / std::max(rows, 1));
    return {(index % n) * (w + gap), (index / n) * (h + caption + gap), w, h};
}

void MatchFields::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const bool captioned = m_fields.size() <= kCaptioned;
    for (size_t i = 0; i < m_fields.size(); ++i) {
        const MatchField &f = m_fields[i];
        const QRectF r = fieldRect(static_cast<int>(i));
        p.fillRect(r, f.aimed);
        p.setPen(Qt::NoPen);
        if (f.isMeasured) {
            p.setBrush(f.measured);
            const double radius = 0.3 * std::min(r.width(), r.height());
            p.drawEllipse(r.center(), radius, radius);
        }
        if (!captioned)
            continue;
        const QRectF caption(r.left(), r.bottom(), r.width(), kCaption);
        double room = caption.width();
        if (f.isMeasured) {
            const QString delta = (f.over ? QStringLiteral("▲ ") : QString()) + figure(f.deltaE, 1);
            p.setFont(theme::font(theme::kSmall, f.over ? QFont::DemiBold : QFont::Normal));
            p.setPen(f.over ? theme::kBright : theme::kMuted);
            p.drawText(caption, Qt::AlignRight | Qt::AlignVCenter, delta);
            constexpr double kBetween = 4;
            room -= p.fontMetrics().horizontalAdvance(delta) + kBetween;
        }
        p.setFont(theme::font(theme::kSmall));
        p.setPen(theme::kMuted);
        // Three dots alone tell nothing.
        constexpr int kShortest = 20;
        const int most = static_cast<int>(room);
        if (most >= std::min(kShortest, p.fontMetrics().horizontalAdvance(f.name)))
            p.drawText(caption, Qt::AlignLeft | Qt::AlignVCenter,
                       p.fontMetrics().elidedText(f.name, Qt::ElideRight, most));
    }
}

bool MatchFields::event(QEvent *event)
{
    if (event->type() == QEvent::ToolTip) {
        const auto *help = static_cast<QHelpEvent *>(event);
        for (size_t i = 0; i < m_fields.size(); ++i)
            if (fieldRect(static_cast<int>(i)).contains(help->pos())) {
                const MatchField &f = m_fields[i];
                QToolTip::showText(help->globalPos(), inWords(f), this);
                return true;
            }
        QToolTip::hideText();
    }
    return QWidget::event(event);
}

} // namespace lantern::app
