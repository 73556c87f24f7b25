#include "app/window/correction_model.h"

#include "app/state/wording.h"

#include <QCoreApplication>

namespace lantern::app {

namespace {

struct Correction {
    Q_DECLARE_TR_FUNCTIONS(Correction)
};

} // namespace

CorrectionModel correctionModel(const SessionState &state)
{
    CorrectionModel m;
    m.mayRead = !state.isMeasuring();
    m.readText = m.mayRead ? Correction::tr("&Read with %1").arg(state.meter.name)
                           : Correction::tr("%1 is reading").arg(state.meter.name);
    m.notice = state.status.message.isEmpty() ? state.notice : state.status.message;
    for (const auto &[name, readings] : state.fourColours) {
        const XYZ white = whiteOf(readings, name.toStdString());
        const Chromaticity c = chromaticity(white);
        m.meters << name;
        m.rows.push_back({name, figure(c.x, 4), figure(c.y, 4), figure(white.Y, 2)});
    }
    return m;
}

CorrectionChoice correctionChoice(const SessionState &state, const QString &meter,
                                  const QString &reference)
{
    const auto &sets = state.fourColours;
    const auto one = sets.find(meter);
    const auto other = sets.find(reference);
    if (sets.size() < 2)
        return {Correction::tr("Two meters are needed; %n has read so far.", nullptr,
                               static_cast<int>(sets.size())),
                false};
    if (one == sets.end() || other == sets.end() || one == other)
        return {Correction::tr("Choose two different meters."), false};
    const XYZ was = whiteOf(one->second, "meter");
    const XYZ is = whiteOf(other->second, "reference");
    const Chromaticity a = chromaticity(was);
    const Chromaticity b = chromaticity(is);
    return {Correction::tr("On white %1 is off by x %2, y %3 and %4 % in luminance.")
                .arg(meter, figure(a.x - b.x, 4), figure(a.y - b.y, 4),
                     figure(100 * (was.Y / is.Y - 1), 1)),
            !state.isMeasuring()};
}

} // namespace lantern::app
