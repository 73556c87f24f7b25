#include "app/views/check/check_model.h"

#include "app/state/stage_words.h"
#include "app/state/wording.h"

#include <QCoreApplication>
#include <QLocale>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

struct Check {
    Q_DECLARE_TR_FUNCTIONS(Check)
};

QString verdictText(const CheckFirst &check)
{
    switch (check.verdict) {
    case CheckFirst::Verdict::Holds:
        return Check::tr("It holds");
    case CheckFirst::Verdict::Drifting:
        return Check::tr("Drifting");
    case CheckFirst::Verdict::Redo:
        break;
    }
    return Check::tr("Run it again");
}

QString reasonText(const CheckFirst &check, const std::optional<QDateTime> &at)
{
    QString text = Check::tr("Mean change ΔE00 %1").arg(figure(check.meanDeltaE00, 2));
    if (check.uncertainty > 0)
        text += Check::tr(" ± %1 (k = 2)").arg(figure(2 * check.uncertainty, 2));
    text += QLatin1Char('.');
    if (check.closeCall)
        text += QLatin1Char(' ') +
                Check::tr("That is so near a limit that another check might say otherwise.");
    if (at)
        text += QLatin1Char(' ') +
                Check::tr("Checked %1.")
                    .arg(QLocale().toString(at->toLocalTime(), QLocale::ShortFormat));
    return text;
}

/// Controls that stand elsewhere than after the last run, where the monitor tells: "Red gain is 87,
/// was 97."
QString turnedText(const SessionState &state)
{
    if (!state.checkControls || !state.lastTime || !state.lastTime->controls)
        return {};
    const std::array<std::pair<QString, double MonitorControls::*>, 5> controls = {
        {{Check::tr("Contrast"), &MonitorControls::contrast},
         {Check::tr("Red gain"), &MonitorControls::redGain},
         {Check::tr("Green gain"), &MonitorControls::greenGain},
         {Check::tr("Blue gain"), &MonitorControls::blueGain},
         {Check::tr("Brightness"), &MonitorControls::brightness}}};
    QString text;
    for (const auto &[name, control] : controls) {
        const double is = (*state.checkControls).*control;
        const double was = (*state.lastTime->controls).*control;
        if (std::round(is) != std::round(was))
            text += QLatin1Char(' ') +
                    Check::tr("%1 is %2, was %3.").arg(name, figure(is, 0), figure(was, 0));
    }
    return text;
}

QString limitText(const CheckFirst &c, Figure which, int decimals, double factor = 1)
{
    const JudgedFigure *judged = c.figures.find(which);
    return judged ? figure(factor * judged->limit, decimals) : dash();
}

CheckModel::Row row(const CheckFirst &c, const QString &name, Figure which, double value,
                    int decimals, int limitDecimals)
{
    const JudgedFigure *judged = c.figures.find(which);
    const double expanded = judged ? kCoverageFactor * judged->uncertainty.total() : 0;
    return {name, dash(),
            figure(value, decimals) +
                (expanded > 0 ? QStringLiteral(" ± ") + figure(expanded, decimals) : QString()),
            limitText(c, which, limitDecimals)};
}

QString emptyText(const SessionState &state)
{
    if (state.onErrand() && viewOf(state.status.stage) == ViewId::Check)
        return Check::tr("Eighteen patches are being read: white, black, greys, primaries and "
                         "saturated colours.");
    if (state.check)
        return {};
    if (!state.lastTime)
        return Check::tr("Once a run of this display is complete, its white, greys and colours "
                         "can be checked against it here in a minute.");
    return Check::tr("Not checked since the last run. Hang the meter on the patch, then press "
                     "Check the last run.");
}

} // namespace

CheckModel checkModel(const SessionState &state)
{
    CheckModel m;
    m.empty = emptyText(state);
    if (!m.empty.isEmpty())
        return m;
    const CheckFirst &c = *state.check;
    m.verdict = verdictText(c);
    m.words = reasonText(c, state.checkedAt) + turnedText(state);
    const auto &then = state.lastTime ? state.lastTime->after : std::nullopt;
    const double white = then && then->white ? then->white->Y : 0;
    const double black = then && then->black ? then->black->Y : 0;
    m.rows = {
        row(c, Check::tr("White, Δu'v' from the last run"), Figure::White, c.whiteDeltaUv, 4, 4),
        CheckModel::Row{Check::tr("Luminance of white, cd/m²"), figure(white, 1),
                        figure(white * c.luminanceRatio, 1),
                        Check::tr("± %1 %").arg(limitText(c, Figure::Luminance, 0, 100))},
        CheckModel::Row{Check::tr("Black, cd/m²"), figure(black, 3),
                        figure(black * c.blackRatio, 3), dash()},
        row(c, Check::tr("Greys, mean ΔE00"), Figure::GreyMean, c.greyDeltaE00, 2, 1),
        row(c, Check::tr("All patches, mean ΔE00"), Figure::ColourMean, c.meanDeltaE00, 2, 1),
        row(c, Check::tr("Worst patch, ΔE00"), Figure::ColourWorst, c.worstDeltaE00, 2, 1)};
    m.bars = c.patches;
    std::stable_sort(m.bars.begin(), m.bars.end(),
                     [](const auto &a, const auto &b) { return a.deltaE00 > b.deltaE00; });
    m.mean = c.meanDeltaE00;
    m.holdsUpTo = c.figures.tolerance.colourMean;
    if (m.holdsUpTo)
        m.driftsUpTo = kDriftsUpTo * *m.holdsUpTo;
    return m;
}

} // namespace lantern::app
