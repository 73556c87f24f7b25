#include "app/views/gamut/gamut_model.h"

#include "app/state/wording.h"
#include "core/colour/spectra.h"

#include <QCoreApplication>

namespace lantern::app {

namespace {

struct Gamut {
    Q_DECLARE_TR_FUNCTIONS(Gamut)
};

Curve spectrumLocus()
{
    Curve c{{}, {}, {.colour = theme::kLine, .width = 1.2}, {}};
    for (int nm = 410; nm <= 700; nm += 5) {
        const auto i = static_cast<size_t>(cmfIndex(nm));
        const UvPrime uv = uvPrime(XYZ{cie1931().x[i], cie1931().y[i], cie1931().z[i]});
        c.x << uv.u;
        c.y << uv.v;
    }
    c.x << c.x.front();
    c.y << c.y.front();
    return c;
}

} // namespace

Curve triangleOf(const PrimarySet &primaries, const CurveLook &look, const QString &name)
{
    Curve c{{}, {}, look, name};
    for (const size_t i : {0, 1, 2, 0}) {
        const UvPrime uv = uvPrime(primaries[i]);
        c.x << uv.u;
        c.y << uv.v;
    }
    return c;
}

GamutModel gamutModel(const SessionState &state)
{
    GamutModel m;
    m.curves = {
        spectrumLocus(),
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
