#include "app/views/by_eye/eye_examples.h"

#include "app/theme.h"

#include <QPainter>

#include <cmath>

namespace lantern::app {

namespace {

constexpr int kHeight = 84, kCaption = 20; ///< points
constexpr double kGap = 10;

QColor colourOf(const std::array<double, 3> &codes)
{
    const auto whole = [](double v) { return static_cast<int>(std::lround(v)); };
    return {whole(codes[0]), whole(codes[1]), whole(codes[2])};
}

} // namespace

EyeExamples::EyeExamples(QWidget *parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("eyeExamples"));
    setFixedHeight(kHeight);
    setAccessibleName(tr("How this step looks when it is off and when it is right"));
}

void EyeExamples::show(const std::vector<EyeExample> &examples)
{
    m_examples = examples;
    QStringList captions;
    for (const EyeExample &e : examples)
        captions << e.caption;
    setAccessibleDescription(captions.join(QStringLiteral(", ")));
    setVisible(!examples.empty());
    update();
}

void EyeExamples::paintEvent(QPaintEvent *)
{
    if (m_examples.empty())
        return;
    QPainter p(this);
    p.setFont(theme::font(theme::kSmall));
    const auto count = static_cast<double>(m_examples.size());
    const double w = (width() - kGap * (count - 1)) / count, h = height() - kCaption;
    for (size_t i = 0; i < m_examples.size(); ++i) {
        const EyeExample &e = m_examples[i];
        const QRectF place(static_cast<double>(i) * (w + kGap), 0, w, h);
        p.fillRect(place, colourOf(e.ground));
        if (e.isMiddle)
            p.fillRect(QRectF(place.x() + w / 3, h / 4, w / 3, h / 2), colourOf(e.parts.front()));
        else {
            const auto bars = static_cast<double>(e.parts.size());
            const double step = w / (bars + 1);
            for (size_t b = 0; b < e.parts.size(); ++b)
                p.fillRect(QRectF(place.x() + step * (0.62 + static_cast<double>(b)), h / 5,
                                  0.74 * step, 0.6 * h),
                           colourOf(e.parts[b]));
        }
        p.setPen(e.isRight ? theme::kBright : theme::kMuted);
        p.drawText(QRectF(place.x(), h, w, kCaption), Qt::AlignCenter, e.caption);
    }
}

} // namespace lantern::app
