#include "app/views/gamut/gamut_model.h"

#include "app/state/wording.h"
#include "core/colour/spaces.h"
#include "core/report/diagrams.h"

#include <QColorSpace>
#include <QCoreApplication>
#include <QLocale>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

struct Gamut {
    Q_DECLARE_TR_FUNCTIONS(Gamut)
};

/// Those chosen are told apart by dash and by grey.
CurveLook otherLook(size_t i)
{
    return i == 0 ? CurveLook{.colour = theme::kMuted, .width = 1.4, .style = Qt::DashLine}
                  : CurveLook{.colour = theme::kMuted, .width = 1.4, .style = Qt::DotLine};
}

std::vector<Curve> plane(const SessionState &state, const std::optional<PrimarySet> &own, bool inXy)
{
    std::vector<Curve> curves = {
        drawn(locusCurve(inXy), {.colour = theme::kLine, .width = 1.2}, {})};
    for (size_t i = 0; i < state.references.size(); ++i)
        if (const GamutReference &r = state.references[i]; r.primaries)
            curves.push_back(drawn(triangleCurve(*r.primaries, inXy), otherLook(i), r.title));
    if (own)
        curves.push_back(drawn(triangleCurve(*own, inXy), {.colour = theme::kBright, .width = 2.2},
                               Gamut::tr("this display")));
    return curves;
}

QString thousands(double volume)
{
    return figure(volume / 1000, 0);
}

GamutModel::Row rowOf(const GamutReference &r, bool hasOwn)
{
    return {r.title, thousands(r.volume), hasOwn ? figure(100 * r.covered, 1) : dash(),
            hasOwn ? figure(100 * r.within, 1) : dash()};
}

/// Curve of what a boundary reaches at a lightness.
Curve outline(const GamutBoundary &boundary, double lightness, const CurveLook &look,
              const QString &name)
{
    Curve c{{}, {}, look, name};
    constexpr int kSteps = 180;
    for (int i = 0; i <= kSteps; ++i) {
        const double hue = 360.0 * i / kSteps;
        const Lab at = labFromLch({lightness, boundary.chromaLimit(lightness, hue), hue});
        c.x << at.a;
        c.y << at.b;
    }
    return c;
}

} // namespace

Curve triangleOf(const PrimarySet &primaries, const CurveLook &look, const QString &name)
{
    return drawn(triangleCurve(primaries, false), look, name);
}

GamutModel gamutModel(const SessionState &state)
{
    GamutModel m;
    const run::RunResults &r = state.shown();
    const DisplayState now = presentState(r);
    const auto own = now.primaries ? now.primaries
                     : r.before    ? r.before->primaries
                                   : std::optional<PrimarySet>();
    m.uv = plane(state, own, false);
    m.xy = plane(state, own, true);
    m.solid = state.ownGamut;
    m.busy = state.measuringGamut;
    m.chosen = state.referenceKeys;
    const bool hasOwn = state.ownGamut != nullptr;
    m.own = hasOwn
                ? Gamut::tr("This display: %1 thousand cubic ΔE*ab").arg(thousands(state.ownVolume))
            : m.busy ? Gamut::tr("Being worked out…")
                     : Gamut::tr("Volumes appear when there is a profile.");
    if (!own)
        m.explanation =
            Gamut::tr("The display's own triangle appears when its primaries have been read.");
    m.choices = {{QString(), Gamut::tr("none")}};
    for (const GamutReference &space : state.spaces) {
        m.rows.push_back(rowOf(space, hasOwn));
        m.choices.push_back({space.key, space.title});
    }
    const QLocale locale;
    for (const PastRun &run : state.pastRuns)
        m.choices.push_back(
            {QStringLiteral("run:%1").arg(run.id),
             run.displayName + QStringLiteral(", ") +
                 locale.toString(run.startedAt.toLocalTime().date(), QLocale::ShortFormat)});
    for (const GamutReference &chosen : state.references) {
        if (!chosen.boundary)
            continue;
        m.others.push_back({chosen.title, chosen.boundary});
        if (!chosen.key.startsWith(QLatin1String("space:")))
            m.rows.push_back(rowOf(chosen, hasOwn));
        const bool isListed =
            std::any_of(m.choices.begin(), m.choices.end(),
                        [&](const GamutChoice &choice) { return choice.key == chosen.key; });
        if (!isListed) // a file
            m.choices.push_back({chosen.key, chosen.title});
    }
    return m;
}

double reachOf(const GamutModel &m)
{
    double reach = 60;
    const auto take = [&](const GamutBoundary *b) {
        if (b)
            reach = std::max({reach, -b->minA(), b->maxA(), -b->minB(), b->maxB()});
    };
    take(m.solid.get());
    for (const GamutModel::Other &other : m.others)
        take(other.boundary.get());
    return 1.05 * reach;
}

std::vector<Curve> sectionOf(const GamutModel &m, double lightness, const std::vector<Lab> &points)
{
    std::vector<Curve> curves;
    for (size_t i = 0; i < m.others.size(); ++i)
        curves.push_back(
            outline(*m.others[i].boundary, lightness, otherLook(i), m.others[i].title));
    if (m.solid)
        curves.push_back(outline(*m.solid, lightness, {.colour = theme::kBright, .width = 2.2},
                                 Gamut::tr("this display")));
    // Points within two and a half of it.
    Curve near{{}, {}, {.colour = theme::kText, .line = false, .dots = true}, {}};
    constexpr double kNear = 2.5;
    for (const Lab &p : points)
        if (std::abs(p.L - lightness) <= kNear) {
            near.x << p.a;
            near.y << p.b;
        }
    if (!near.x.empty())
        curves.push_back(near);
    return curves;
}

std::vector<Lab> pointsOf(const SessionState &state, GamutPoints which)
{
    std::vector<Lab> out;
    if (which == GamutPoints::Proof && state.proved().validation)
        for (const ValidatedPatch &p : state.proved().validation->patches)
            out.push_back(p.lab);
    const run::RunResults &r = state.shown();
    if (which == GamutPoints::Chart && r.after && r.after->white)
        for (const Reading &reading : r.chart)
            out.push_back(pcsLab(reading.xyz, *r.after->white));
    return out;
}

std::vector<Lab> pointsOf(const QImage &picture, int most)
{
    std::vector<Lab> out;
    constexpr int kEnough = 400; // pixels along the longer side
    QImage image = std::max(picture.width(), picture.height()) > kEnough
                       ? picture.scaled(kEnough, kEnough, Qt::KeepAspectRatio)
                       : picture;
    if (image.colorSpace().isValid())
        image.convertToColorSpace(QColorSpace::SRgb);
    image = image.convertToFormat(QImage::Format_RGB32);
    const qint64 pixels = qint64(image.width()) * image.height();
    if (pixels == 0)
        return out;
    const qint64 step = std::max<qint64>(1, pixels / most);
    for (qint64 i = step / 2; i < pixels; i += step) {
        const QRgb c = image.pixel(int(i % image.width()), int(i / image.width()));
        out.push_back(pcsFromSrgb({double(qRed(c)), double(qGreen(c)), double(qBlue(c))}));
    }
    return out;
}

bool holds(const GamutBoundary &gamut, const Lab &lab)
{
    constexpr double kScatter = 1;
    if (lab.L < -kScatter || lab.L > 100 + kScatter)
        return false;
    const double lightness = std::clamp(lab.L, kScatter, 100 - kScatter);
    return chroma(lab) <= gamut.chromaLimit(lightness, hueDegrees(lab)) + kScatter;
}

QString heldInWords(const GamutModel &m, const std::vector<Lab> &points)
{
    if (points.empty() || !m.solid)
        return {};
    const auto held = std::count_if(points.begin(), points.end(),
                                    [&](const Lab &p) { return holds(*m.solid, p); });
    return Gamut::tr("%1 of %2 points lie within this display's gamut.")
        .arg(held)
        .arg(points.size());
}

} // namespace lantern::app
