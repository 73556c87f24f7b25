#include "app/views/tone/tone_model.h"

#include "app/state/stage_words.h"
#include "app/state/wording.h"
#include "core/report/diagrams.h"
#include "run/book/in_words.h"

#include <QCoreApplication>

#include <algorithm>
#include <array>
#include <cmath>

namespace lantern::app {

namespace {

struct Tone {
    Q_DECLARE_TR_FUNCTIONS(Tone)
};

/// Greys known now: of the running stage first, else of the last finished one.
std::vector<Reading> presentGreys(const SessionState &state)
{
    std::vector<Reading> greys;
    if (state.isMeasuring() && liveShowOf(state.status.stage) == LiveShow::Greys) {
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
    QString text = Tone::tr("Luminance of the greys is off by %1 % in the mean, %2 % at worst.")
                       .arg(figure(100 * *s.toneError, 1), figure(100 * *s.toneWorst, 1));
    if (std::holds_alternative<GammaTone>(aim.tone) && s.gamma && s.aimedGamma)
        text += Tone::tr(" Gamma %1, the aimed curve %2.")
                    .arg(figure(s.gamma, 2), figure(s.aimedGamma, 2));
    if (s.stepError)
        text += Tone::tr(" Contrast per just-noticeable step is off by %1 % at worst.")
                    .arg(figure(100 * *s.stepError, 0));
    return text;
}

/// Black relative to white, as far as it is known.
double relativeBlack(const std::vector<Reading> &greys, const run::RunResults &r)
{
    if (!greys.empty() && greys.front().rgb.r == 0 && greys.back().rgb.r == 255)
        return std::max(0.0, greys.front().xyz.Y / greys.back().xyz.Y);
    if (r.before && r.before->white && r.before->black)
        return std::max(0.0, r.before->black->Y / r.before->white->Y);
    return 0;
}

void addLut(const VideoLut &lut, ToneModel &m)
{
    const std::array colours = {theme::kRedCurve, theme::kGreenCurve, theme::kBlueCurve};
    const std::array styles = {Qt::SolidLine, Qt::DashLine, Qt::DotLine};
    const std::array names = {Tone::tr("red"), Tone::tr("green"), Tone::tr("blue")};
    m.lutReach = 2;
    const auto curves = lutCurves(lut, true);
    for (size_t c = 0; c < 3; ++c) {
        m.lut.push_back(drawn(curves[c], {.colour = colours[c], .style = styles[c]}, names[c]));
        for (const double y : m.lut.back().y)
            m.lutReach = std::max(m.lutReach, std::abs(y) * 1.2);
    }
}

} // namespace

ToneModel toneModel(const SessionState &state)
{
    const run::RunResults &r = state.shown();
    const Aim &aim = state.shownAim();
    ToneModel m;
    const std::vector<Reading> greys = presentGreys(state);
    if (!std::holds_alternative<NativeTone>(aim.tone))
        m.tone.push_back(
            drawn(aimedCurve(aim.tone, relativeBlack(greys, r),
                             !greys.empty() ? greys.back().xyz.Y : aim.luminanceCdM2.value_or(100)),
                  {.colour = theme::kMuted, .width = 3},
                  Tone::tr("aim: %1").arg(run::inLocale(toneName(aim.tone)))));
    if (r.before && r.before->white) {
        const CurveLook dashed = {.colour = theme::kFaint, .style = Qt::DashLine};
        const CurveLook dotted = {.colour = theme::kFaint, .style = Qt::DotLine};
        const auto &before = r.before->greys;
        const XYZ &white = *r.before->white;
        m.tone.push_back(drawn(lightnessCurve(before, white.Y), dashed, Tone::tr("before")));
        m.grey.push_back(
            drawn(tintCurve(before, white, &Lab::a), dashed, Tone::tr("before, a* and b*")));
        m.grey.push_back(drawn(tintCurve(before, white, &Lab::b), dotted, {}));
    }
    if (!greys.empty() && greys.back().rgb.r == 255) {
        const QString when = state.showsEarlierRun() ? Tone::tr("after that run") : Tone::tr("now");
        const XYZ white = greys.back().xyz;
        m.tone.push_back(drawn(lightnessCurve(greys, white.Y),
                               {.colour = theme::kBright, .line = false, .dots = true}, when));
        m.grey.push_back(drawn(tintCurve(greys, white, &Lab::a),
                               {.colour = theme::kBright, .dots = true},
                               Tone::tr("%1, a*").arg(when)));
        m.grey.push_back(drawn(tintCurve(greys, white, &Lab::b),
                               {.colour = theme::kMuted, .style = Qt::DashLine, .dots = true},
                               Tone::tr("%1, b*").arg(when)));
    }
    for (const Curve &curve : m.grey)
        for (const double y : curve.y)
            m.greyReach = std::max(m.greyReach, std::abs(y) * 1.6);

    const DisplayState now = presentState(r);
    const QString tone = toneText(now.toneError ? now : r.before.value_or(DisplayState{}), aim);
    if (r.calibration) {
        addLut(r.calibration->lut, m);
        m.explanation =
            Tone::tr("Greys from 5 % up, against the aim: mean ΔE00 %1, worst %2 · %3 of 256 "
                     "levels kept · corrected %4 times.")
                .arg(figure(r.calibration->meanDeltaE00, 2), figure(r.calibration->maxDeltaE00, 2))
                .arg(r.calibration->distinctLevels)
                .arg(r.calibration->rounds) +
            QLatin1Char(' ') + tone;
    } else if (state.hasRun() || !greys.empty() || r.before)
        m.explanation =
            (r.setup.loadsLut || r.setup.intoSlot
                 ? Tone::tr("Lightness of the greys and their tint. The curves of the video "
                            "LUT appear when the greys have been calibrated.")
                 : Tone::tr("Lightness of the greys and their tint. This output has no video LUT: "
                            "the tone curve stays the panel's own.")) +
            QLatin1Char(' ') + tone;
    else
        m.explanation =
            Tone::tr("Lightness of the greys, their tint, and what the video LUT does. Nothing "
                     "measured yet: the main action on the left leads there.");
    return m;
}

} // namespace lantern::app
