#include "app/views/aim/chart_model.h"

#include "app/state/wording.h"
#include "core/plan/chart.h"
#include "core/plan/time_left.h"

#include <QCoreApplication>

#include <algorithm>

namespace lantern::app {

namespace {

struct Chart {
    Q_DECLARE_TR_FUNCTIONS(Chart)
};

} // namespace

ChartFigures chartFigures(const std::vector<DeviceRgb> &patches, const SessionState &state)
{
    ChartFigures f;
    if (patches.empty()) {
        f.words = Chart::tr("Too many: a chart has at most %1 patches.").arg(kMaxChart);
        return f;
    }
    const auto order = measuringOrder(patches);
    for (size_t i = 0; i < order.size(); ++i)
        f.fields.push_back({Chart::tr("patch %1").arg(i + 1),
                            QColor(int(order[i].r), int(order[i].g), int(order[i].b)),
                            {},
                            false,
                            0,
                            false});
    const run::RunResults &r = state.shown();
    const bool integrates = std::any_of(r.chart.begin(), r.chart.end(), [](const Reading &reading) {
        return reading.integrationSeconds > 0;
    });
    double seconds = 0;
    QString how;
    if (integrates) {
        const double settle = r.settling ? r.settling->longestWaitSeconds() : 0;
        seconds =
            Pace::of(r.chart, std::max(settle, MeterTiming{}.settleSeconds)).secondsFor(order, 0);
        how = Chart::tr("with %1 on this display").arg(QString::fromStdString(r.setup.meterName));
    } else {
        LuminanceOutlook outlook;
        outlook.whiteCdM2 = state.aim.luminanceCdM2.value_or(outlook.whiteCdM2);
        outlook.blackCdM2 =
            r.after && r.after->black ? r.after->black->Y : outlook.whiteCdM2 / 1000;
        if (!std::holds_alternative<NativeTone>(state.aim.tone))
            outlook.tone = state.aim.tone;
        seconds = estimatedSeconds(order, outlook, MeterTiming{});
        how = Chart::tr("with a meter of usual speed");
    }
    f.words = Chart::tr("%1 patches, %2 readings with the repeated ones: about %3 min %4.")
                  .arg(patches.size())
                  .arg(order.size())
                  .arg(figure(seconds / 60, 1), how);
    return f;
}

} // namespace lantern::app
