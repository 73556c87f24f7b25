#include "app/views/check/check_view.h"

#include "app/ledger/ledger_rows.h"
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
    void setCheck(const std::optional<CheckFirst> &check)
    {
        m_holds = check ? check->figures.tolerance.colourMean : std::nullopt;
        m_patches = check ? check->patches : std::vector<CheckFirst::Patch>();
        std::stable_sort(m_patches.begin(), m_patches.end(),
                         [](const auto &a, const auto &b) { return a.deltaE00 > b.deltaE00; });
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
        const double drifts = kDriftsUpTo * holds;
        const double most = 1.15 * std::max({drifts, m_patches.front().deltaE00, 0.1});
        const double high = height() - kBottom - 14;
        const auto y = [&](double deltaE) { return 14 + high * (1 - deltaE / most); };
        const double step = (width() - kLeft - 100.0) / static_cast<double>(m_patches.size());
        p.setPen(theme::kMuted);
        p.drawText(QRectF(0, y(0) - 8, kLeft - 6, 16), Qt::AlignRight, QStringLiteral("0"));
        p.drawText(0, 10, CheckView::tr("ΔE00 against last time"));
        for (const auto &[limit, word] : {std::pair{holds, CheckView::tr("mean holds")},
                                          std::pair{drifts, CheckView::tr("mean drifts")}}) {
            if (!m_holds)
                continue;
            p.setPen(QPen(theme::kLine, 1, Qt::DashLine));
            p.drawLine(QPointF(kLeft, y(limit)), QPointF(width() - 96, y(limit)));
            if (y(holds) - y(drifts) < 14 && limit == holds)
                continue; // the labels would lie on each other
            p.setPen(theme::kMuted);
            p.drawText(QRectF(0, y(limit) - 8, kLeft - 6, 16), Qt::AlignRight, figure(limit, 1));
            p.drawText(QPointF(width() - 90, y(limit) + 4), word);
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
    }

private:
    std::vector<CheckFirst::Patch> m_patches;
    std::optional<double> m_holds; ///< limit of the mean
};

namespace {

QString verdictText(const CheckFirst &check)
{
    switch (check.verdict) {
    case CheckFirst::Verdict::Holds:
        return CheckView::tr("It holds");
    case CheckFirst::Verdict::Drifting:
        return CheckView::tr("Drifting");
    case CheckFirst::Verdict::Redo:
        break;
    }
    return CheckView::tr("Run it again");
}

QString reasonText(const CheckFirst &check)
{
    QString text = CheckView::tr("Mean change ΔE00 %1").arg(figure(check.meanDeltaE00, 2));
    if (check.uncertainty > 0)
        text += CheckView::tr(" ± %1 (k = 2)").arg(figure(2 * check.uncertainty, 2));
    text += QLatin1Char('.');
    if (check.closeCall)
        text += QLatin1Char(' ') +
                CheckView::tr("That is so near a limit that another check might say otherwise.");
    return text;
}

} // namespace

CheckView::CheckView(Session *session)
    : View(tr("Check first"),
           tr("One minute with the meter on the calibrated display, against the last run. Most "
              "weeks the answer is that it holds."),
           session),
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
    const std::array<QString, kRows> names = {tr("White, Δu'v' from the last run"),
                                              tr("Luminance of white, cd/m²"),
                                              tr("Black, cd/m²"),
                                              tr("Greys, mean ΔE00"),
                                              tr("All patches, mean ΔE00"),
                                              tr("Worst patch, ΔE00")};
    for (int i = 0; i < kRows; ++i) {
        m_rows[i] = {makeLabel(names[i], theme::kNormal, theme::kText),
                     makeLabel({}, theme::kNormal, theme::kMuted),
                     makeLabel({}, theme::kNormal, theme::kBright, QFont::DemiBold),
                     makeLabel({}, theme::kNormal, theme::kMuted)};
        grid->addWidget(m_rows[i].name, i + 1, 0);
        grid->addWidget(m_rows[i].then, i + 1, 1, Qt::AlignRight);
        grid->addWidget(m_rows[i].now, i + 1, 2, Qt::AlignRight);
        grid->addWidget(m_rows[i].limit, i + 1, 3, Qt::AlignRight);
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
    const bool checking = state.onErrand() && state.status.stage == run::Stage::Check;
    const bool done = state.check.has_value() && !checking;
    for (QWidget *w : std::initializer_list<QWidget *>{m_verdict, m_words, m_figures, m_bars})
        w->setVisible(done);
    m_empty->setVisible(!done);
    if (checking)
        m_empty->setText(tr("Eighteen patches are being read: white, black, greys, primaries and "
                            "saturated colours."));
    else if (!state.lastTime)
        m_empty->setText(tr("Once a run of this display is complete, its white, greys and colours "
                            "can be checked against it here in a minute."));
    else
        m_empty->setText(tr("Not checked since the last run. Hang the meter on the patch, then "
                            "press Check the last run."));
    m_bars->setCheck(state.check);
    if (done)
        showFigures(state);
}

void CheckView::showFigures(const SessionState &state)
{
    const CheckFirst &c = *state.check;
    m_verdict->setText(verdictText(c));
    m_words->setText(
        reasonText(c) +
        (state.checkedAt
             ? QLatin1Char(' ') +
                   tr("Checked %1.")
                       .arg(locale().toString(state.checkedAt->toLocalTime(), QLocale::ShortFormat))
             : QString()));
    const auto &then = state.lastTime ? state.lastTime->after : std::nullopt;
    const double white = then && then->white ? then->white->Y : 0;
    const double black = then && then->black ? then->black->Y : 0;
    const auto fill = [this](int row, const QString &before, const QString &now,
                             const QString &limit) {
        m_rows[row].then->setText(before);
        m_rows[row].now->setText(now);
        m_rows[row].limit->setText(limit);
    };
    const QString dash = QStringLiteral("—");
    const auto limit = [&](Figure f, int decimals, double factor = 1) {
        const JudgedFigure *judged = c.figures.find(f);
        return judged ? figure(factor * judged->limit, decimals) : dash;
    };
    const auto value = [&](Figure f, double number, int decimals) {
        const JudgedFigure *judged = c.figures.find(f);
        const double expanded = judged ? kCoverageFactor * judged->uncertainty.total() : 0;
        return figure(number, decimals) +
               (expanded > 0 ? QStringLiteral(" ± ") + figure(expanded, decimals) : QString());
    };
    fill(0, dash, value(Figure::White, c.whiteDeltaUv, 4), limit(Figure::White, 4));
    fill(1, figure(white, 1), figure(white * c.luminanceRatio, 1),
         tr("± %1 %").arg(limit(Figure::Luminance, 0, 100)));
    fill(2, figure(black, 3), figure(black * c.blackRatio, 3), dash);
    fill(3, dash, value(Figure::GreyMean, c.greyDeltaE00, 2), limit(Figure::GreyMean, 1));
    fill(4, dash, value(Figure::ColourMean, c.meanDeltaE00, 2), limit(Figure::ColourMean, 1));
    fill(5, dash, value(Figure::ColourWorst, c.worstDeltaE00, 2), limit(Figure::ColourWorst, 1));
}

} // namespace lantern::app
