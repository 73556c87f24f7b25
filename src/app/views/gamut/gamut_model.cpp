#include "app/views/gamut/gamut_model.h"

#include "app/state/wording.h"
#include "core/report/diagrams.h"

#include <QCoreApplication>

namespace lantern::app {

namespace {

struct Gamut {
    Q_DECLARE_TR_FUNCTIONS(Gamut)
};

} // namespace

Curve triangleOf(const PrimarySet &primaries, const CurveLook &look, const QString &name)
{
    return drawn(triangleCurve(primaries, false), look, name);
}

GamutModel gamutModel(const SessionState &state)
{
    GamutModel m;
    m.curves = {
        drawn(locusCurve(false), {.colour = theme::kLine, .width = 1.2}, {}),
        triangleOf(kSrgbPrimaries, {.colour = theme::kMuted, .width = 1.2, .style = Qt::DashLine},
                   Gamut::tr("sRGB")),
        triangleOf(kP3Primaries, {.colour = theme::kFaint, .width = 1.2, .style = Qt::DotLine},
                   Gamut::tr("P3"))};
    const run::RunResults &r = state.shown();
    const DisplayState now = presentState(r);
    const DisplayState *known = now.primaries ? &now : r.before ? &*r.before : nullptr;
    if (!known || !known->primaries) {
        m.figures =
            Gamut::tr("The display's own triangle appears when its primaries have been read.");
        return m;
    }
    m.curves.push_back(triangleOf(*known->primaries, {.colour = theme::kBright, .width = 2.2},
                                  Gamut::tr("this display")));
    m.figures = Gamut::tr("covers %1 % of sRGB\ncovers %2 % of P3\n\nHow much of each triangle the "
                          "display covers, by area in u'v'; not a volume of colours.")
                    .arg(figure(100 * known->srgbCoverage.value_or(0), 1),
                         figure(100 * known->p3Coverage.value_or(0), 1));
    return m;
}

} // namespace lantern::app
