#include "app/views/tone/tone_view.h"

#include "app/ledger/ledger_rows.h"
#include "app/theme.h"

#include <QHBoxLayout>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

using Points = std::pair<QVector<double>, QVector<double>>;

/// Code value in percent against L* of the display relative to its white.
Points lightnessCurve(const std::vector<Reading> &greys, double white)
{
    Points p;
    for (const Reading &r : greys) {
        p.first << 100 * r.rgb.r / 255;
        p.second << labFromXyz({0.9642, r.xyz.Y / white, 0.8249}, kD50).L;
    }
    return p;
}

/// a* and b* of the greys under the white `reference`.
std::pair<Points, Points> tints(const std::vector<Reading> &greys, const XYZ &reference)
{
    std::pair<Points, Points> out;
    const RelXYZ white = relativeTo(reference, reference);
    for (const Reading &r : greys) {
        const Lab lab = labFromXyz(relativeTo(r.xyz, reference), white);
        out.first.first << 100 * r.rgb.r / 255;
        out.first.second << lab.a;
        out.second.first << 100 * r.rgb.r / 255;
        out.second.second << lab.b;
    }
    return out;
}

/// Greys known now: of the running stage first, else of the last finished one.
std::vector<Reading> presentGreys(const SessionState &state)
{
    std::vector<Reading> greys;
    const bool live = state.isMeasuring() && (state.status.stage == run::Stage::Calibrate ||
                                              state.status.stage == run::Stage::Ready);
    if (live) {
        // The running round only: from the newest white on.
        for (const Reading &r : state.liveReadings) {
            if (r.rgb == DeviceRgb{255, 255, 255})
                greys.clear();
            if (isNeutral(r.rgb))
                greys.push_back(r);
        }
    } else
        greys = presentState(state.shown()).greys;
    std::sort(greys.begin(), greys.end(), [](auto &a, auto &b) { return a.rgb.r < b.rgb.r; });
    return greys;
}

/// Tone errors, and exponents only where one is aimed at: a curve of another kind has none.
QString toneText(const DisplayState &s, const Aim &aim)
{
    if (!s.toneError)
        return {};
    QString text = ToneView::tr("Luminance of the greys is off by %1 % in the mean, %2 % at worst.")
                       .arg(figure(100 * *s.toneError, 1), figure(100 * *s.toneWorst, 1));
    if (std::holds_alternative<GammaTone>(aim.tone) && s.gamma && s.aimedGamma)
        text += ToneView::tr(" Gamma %1, the aimed curve %2.")
                    .arg(figure(s.gamma, 2), figure(s.aimedGamma, 2));
    if (s.stepError)
        text += ToneView::tr(" Contrast per just-noticeable step is off by %1 % at worst.")
                    .arg(figure(100 * *s.stepError, 0));
    return text;
}

} // namespace

ToneView::ToneView(Session *session)
    : View(tr("Tone and grey"),
           tr("Lightness of the greys, their tint, and what the video LUT does to get "
              "there."),
           session),
      m_tone(new Plot(tr("Tone curve"), tr("code value, %"), QStringLiteral("L*"))),
      m_grey(new Plot(tr("Tint of the greys"), tr("code value, %"), tr("a*, b*"))),
      m_lut(new Plot(tr("Video LUT"), tr("in, %"), tr("change, %")))
{
    m_tone->xAxis->setRange(0, 100);
    m_tone->yAxis->setRange(0, 102);
    m_grey->xAxis->setRange(0, 100);
    m_lut->xAxis->setRange(0, 100);
    m_grey->legend->setFillOrder(QCPLegend::foColumnsFirst);
    auto *row = new QHBoxLayout;
    row->addWidget(m_tone, 3);
    row->addWidget(m_lut, 2);
    body()->addLayout(row, 3);
    auto *below = new QHBoxLayout;
    below->addWidget(m_grey, 3);
    below->addStretch(2); // room for the patch window
    body()->addLayout(below, 2);
}

void ToneView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    showDate(state);
    const run::RunResults &r = state.shown();
    const Aim &aim = state.shownAim();
    for (Plot *plot : {m_tone, m_grey, m_lut})
        plot->clearLines();

    const QString when = state.showsEarlierRun() ? tr("after that run") : tr("now");
    const std::vector<Reading> greys = presentGreys(state);
    const bool haveBefore = r.before && r.before->white;
    double black = 0;
    const double whiteCdM2 = !greys.empty() ? greys.back().xyz.Y : aim.luminanceCdM2.value_or(100);
    if (!greys.empty() && greys.front().rgb.r == 0 && greys.back().rgb.r == 255)
        black = std::max(0.0, greys.front().xyz.Y / greys.back().xyz.Y);
    else if (haveBefore && r.before->black)
        black = std::max(0.0, r.before->black->Y / r.before->white->Y);
    if (!std::holds_alternative<NativeTone>(aim.tone)) {
        QVector<double> x, y;
        for (int i = 0; i <= 100; ++i) {
            x << i;
            const double light = toneLuminance(aim.tone, i / 100.0, {black, whiteCdM2});
            y << labFromXyz({0.9642, light, 0.8249}, kD50).L;
        }
        m_tone->addLine(x, y, {.colour = theme::kMuted, .width = 3},
                        tr("aim: %1").arg(QString::fromStdString(toneName(aim.tone))));
    }
    if (haveBefore) {
        const auto [x, y] = lightnessCurve(r.before->greys, r.before->white->Y);
        m_tone->addLine(x, y, {.colour = theme::kFaint, .style = Qt::DashLine}, tr("before"));
        const auto [a, b] = tints(r.before->greys, *r.before->white);
        m_grey->addLine(a.first, a.second, {.colour = theme::kFaint, .style = Qt::DashLine},
                        tr("before, a* and b*"));
        m_grey->addLine(b.first, b.second, {.colour = theme::kFaint, .style = Qt::DotLine});
    }
    if (!greys.empty() && greys.back().rgb.r == 255) {
        const XYZ white = greys.back().xyz;
        const auto [x, y] = lightnessCurve(greys, white.Y);
        m_tone->addLine(x, y, {.colour = theme::kBright, .line = false, .dots = true}, when);
        const auto [a, b] = tints(greys, white);
        m_grey->addLine(a.first, a.second, {.colour = theme::kBright, .dots = true},
                        tr("%1, a*").arg(when));
        m_grey->addLine(b.first, b.second,
                        {.colour = theme::kMuted, .style = Qt::DashLine, .dots = true},
                        tr("%1, b*").arg(when));
    }
    double highest = 3;
    for (int i = 0; i < m_grey->plottableCount(); ++i) {
        bool found = false;
        const QCPRange range = m_grey->plottable(i)->getValueRange(found);
        if (found)
            highest = std::max({highest, std::abs(range.lower) * 1.6, std::abs(range.upper) * 1.6});
    }
    m_grey->yAxis->setRange(-highest, highest);

    const DisplayState now = presentState(r);
    const QString tone = toneText(now.toneError ? now : r.before.value_or(DisplayState{}), aim);
    if (r.calibration) {
        const std::array colours = {theme::kRedCurve, theme::kGreenCurve, theme::kBlueCurve};
        const std::array styles = {Qt::SolidLine, Qt::DashLine, Qt::DotLine};
        const std::array names = {tr("red"), tr("green"), tr("blue")};
        double reach = 2;
        for (int c = 0; c < 3; ++c) {
            QVector<double> x, y;
            for (int i = 0; i < VideoLut::kSize; ++i) {
                x << 100 * i / 255.0;
                y << 100 * (r.calibration->lut.channels[c][i] / 65535.0 - i / 255.0);
                reach = std::max(reach, std::abs(y.back()) * 1.2);
            }
            m_lut->addLine(x, y, {.colour = colours[c], .style = styles[c]}, names[c]);
        }
        m_lut->yAxis->setRange(-reach, reach);
        setExplanation(
            tr("Greys from 5 % up, against the aim: mean ΔE00 %1, worst %2 · %3 of 256 levels kept "
               "· corrected %4 times.")
                .arg(figure(r.calibration->meanDeltaE00, 2), figure(r.calibration->maxDeltaE00, 2))
                .arg(r.calibration->distinctLevels)
                .arg(r.calibration->rounds) +
            QLatin1Char(' ') + tone);
    } else {
        m_lut->yAxis->setRange(-10, 10);
        setExplanation(
            state.hasRun()
                ? tr("Lightness of the greys and their tint. The curves of the video LUT "
                     "appear when the greys have been calibrated.") +
                      QLatin1Char(' ') + tone
                : tr("Lightness of the greys, their tint, and what the video LUT does. Nothing "
                     "measured yet: the main action on the left leads there."));
    }
    for (Plot *plot : {m_tone, m_grey, m_lut})
        plot->replot(QCustomPlot::rpQueuedReplot);
}

} // namespace lantern::app
