#include "app/views/check/check_view.h"

#include "app/state/wording.h"
#include "app/theme.h"

#include <QGridLayout>
#include <QPainter>

#include <algorithm>

namespace lantern::app {

/// A bar for each patch: how far it is from what it was, with the limits of the verdict.
class CheckBars : public QWidget {
public:
    explicit CheckBars(QWidget *parent = nullptr) : QWidget(parent)
    {
        setMinimumHeight(190);
        setAccessibleName(CheckView::tr("Change of each patch"));
    }
    void setModel(const CheckModel &m)
    {
        m_holds = m.holdsUpTo;
        m_drifts = m.driftsUpTo;
        m_mean = m.mean;
        m_patches = m.bars;
        QStringList told;
        for (const CheckFirst::Patch &patch : m_patches)
            told << CheckView::tr("RGB %1 %2 %3: ΔE00 %4")
                        .arg(figure(patch.rgb.r, 0), figure(patch.rgb.g, 0), figure(patch.rgb.b, 0),
                             figure(patch.deltaE00, 2));
        setAccessibleDescription(told.join(QStringLiteral("; ")));
        update();
    }

protected:
    void paintEvent(QPaintEvent *) override
    {
        if (m_patches.empty())
            return;
        QPainter p(this);
        p.setFont(theme::font(theme::kSmall));
        constexpr int kLeft = 36;
        constexpr int kBottom = 30;
        const double holds = m_holds.value_or(0);
        const double drifts = m_drifts.value_or(0);
        const double most = 1.15 * std::max({drifts, m_patches.front().deltaE00, 0.1});
        const double high = height() - kBottom - 14;
        const auto y = [&](double deltaE) { return 14 + high * (1 - deltaE / most); };
        const double step = (width() - kLeft - 100.0) / static_cast<double>(m_patches.size());
        p.setPen(theme::kMuted);
        p.drawText(QRectF(0, y(0) - 8, kLeft - 6, 16), Qt::AlignRight, QStringLiteral("0"));
        p.drawText(0, 10, CheckView::tr("ΔE00 against last time"));
        // Limits are those of the mean: they stand at the side, and the mean goes across.
        for (const auto &[limit, word] : {std::pair{holds, CheckView::tr("mean holds")},
                                          std::pair{drifts, CheckView::tr("mean drifts")}}) {
            if (!m_holds || (limit == holds && y(holds) - y(drifts) < 14))
                continue; // the labels would lie on each other
            p.setPen(QPen(theme::kMuted, 1.2));
            p.drawLine(QPointF(width() - 98, y(limit)), QPointF(width() - 92, y(limit)));
            p.drawText(QRectF(0, y(limit) - 8, kLeft - 6, 16), Qt::AlignRight, figure(limit, 1));
            p.drawText(QPointF(width() - 88, y(limit) + 4), word);
        }
        for (size_t i = 0; i < m_patches.size(); ++i) {
            const CheckFirst::Patch &patch = m_patches[i];
            const double x = kLeft + step * static_cast<double>(i);
            p.fillRect(QRectF(x + 2, y(patch.deltaE00), step - 6, y(0) - y(patch.deltaE00)),
                       theme::kMuted);
            p.fillRect(QRectF(x + 2, y(0) + 5, step - 6, 12),
                       QColor(int(patch.rgb.r), int(patch.rgb.g), int(patch.rgb.b)));
            p.setPen(QPen(theme::kLine, 1));
            p.drawRect(QRectF(x + 2, y(0) + 5, step - 6, 12));
        }
        p.setPen(QPen(theme::kFaint, 1));
        p.drawLine(QPointF(kLeft, y(0)), QPointF(width() - 96, y(0)));
        p.setPen(QPen(theme::kText, 1.4, Qt::DashLine));
        p.drawLine(QPointF(kLeft, y(m_mean)), QPointF(width() - 92, y(m_mean)));
    }

private:
    std::vector<CheckFirst::Patch> m_patches;
    std::optional<double> m_holds, m_drifts; ///< limits of the mean
    double m_mean = 0;
};

CheckView::CheckView(Intents *intents)
    : View(tr("One minute with the meter on the calibrated display, against the last run. Most "
              "weeks the answer is that it holds."),
           intents),
      m_verdict(makeLabel({}, theme::kGiant, theme::kBright, QFont::Light)),
      m_words(makeLabel({}, theme::kNormal, theme::kText)),
      m_empty(makeLabel({}, theme::kNormal, theme::kMuted)),
      m_figures(new QWidget),
      m_bars(new CheckBars)
{
    m_verdict->setObjectName(QStringLiteral("verdict"));
    m_words->setWordWrap(true);
    m_empty->setWordWrap(true);
    auto *grid = new QGridLayout(m_figures);
    grid->setContentsMargins(0, 12, 0, 12);
    grid->setHorizontalSpacing(28);
    int column = 0;
    for (const QString &title : {QString(), tr("Last run"), tr("Now"), tr("Holds up to")}) {
        QLabel *label = makeLabel(title, theme::kSmall, theme::kMuted);
        grid->addWidget(label, 0, column, column == 0 ? Qt::AlignLeft : Qt::AlignRight);
        ++column;
    }
    for (int i = 0; i < static_cast<int>(m_rows.size()); ++i) {
        m_rows[static_cast<size_t>(i)] = {
            makeLabel({}, theme::kNormal, theme::kText),
            makeLabel({}, theme::kNormal, theme::kMuted),
            makeLabel({}, theme::kNormal, theme::kBright, QFont::DemiBold),
            makeLabel({}, theme::kNormal, theme::kMuted)};
        grid->addWidget(m_rows[static_cast<size_t>(i)].name, i + 1, 0);
        grid->addWidget(m_rows[static_cast<size_t>(i)].then, i + 1, 1, Qt::AlignRight);
        grid->addWidget(m_rows[static_cast<size_t>(i)].now, i + 1, 2, Qt::AlignRight);
        grid->addWidget(m_rows[static_cast<size_t>(i)].limit, i + 1, 3, Qt::AlignRight);
    }
    grid->setColumnStretch(4, 1);
    body()->addWidget(m_empty);
    body()->addWidget(m_verdict);
    body()->addWidget(m_words);
    body()->addWidget(m_figures);
    body()->addWidget(m_bars);
    body()->addStretch(1);
}

void CheckView::setState(const SessionState &state)
{
    const CheckModel m = checkModel(state);
    const bool done = m.empty.isEmpty();
    for (QWidget *w : std::initializer_list<QWidget *>{m_verdict, m_words, m_figures, m_bars})
        w->setVisible(done);
    m_empty->setVisible(!done);
    m_empty->setText(m.empty);
    m_verdict->setText(m.verdict);
    m_words->setText(m.words);
    for (size_t i = 0; i < m_rows.size(); ++i) {
        m_rows[i].name->setText(m.rows[i].name);
        m_rows[i].then->setText(m.rows[i].then);
        m_rows[i].now->setText(m.rows[i].now);
        m_rows[i].limit->setText(m.rows[i].limit);
    }
    m_bars->setModel(m);
}

} // namespace lantern::app
