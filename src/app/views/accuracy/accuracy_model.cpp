#include "app/views/accuracy/accuracy_model.h"

#include "app/state/stage_words.h"
#include "app/state/wording.h"
#include "app/views/accuracy/verdict_words.h"
#include "app/views/gamut/gamut_model.h"
#include "core/colour/difference.h"
#include "core/colour/spaces.h"
#include "core/judge/expectation.h"
#include "core/judge/weakness.h"
#include "core/plan/chart.h"
#include "core/report/diagrams.h"
#include "run/book/in_words.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QLocale>

#include <algorithm>
#include <cmath>
#include <limits>

namespace lantern::app {

QColor swatch(const Lab &lab)
{
    const Vec3 c = (vec(srgbCodesFromPcs(lab)) / 255).cwiseMax(0).cwiseMin(1);
    return QColor::fromRgbF(float(c[0]), float(c[1]), float(c[2]));
}

QString labText(const Lab &c)
{
    return figure(c.L, 1).rightJustified(6) + figure(c.a, 1).rightJustified(7) +
           figure(c.b, 1).rightJustified(7);
}

namespace {

struct Accuracy {
    Q_DECLARE_TR_FUNCTIONS(Accuracy)
};

constexpr double kDarkest = 0.02; ///< of white: below, chromaticity is noise

using Patches = std::vector<const ValidatedPatch *>;

std::vector<ValidationModel::Row> tableOf(const Patches &patches, const Validation &v)
{
    std::vector<ValidationModel::Row> rows;
    for (const ValidatedPatch *p : patches) {
        const DeviceRgb &rgb = p->aimed.rgb;
        const Lab &aimed = p->aimed.reference.lab;
        const double difference = differenceOf(*p, v);
        rows.push_back(
            {{QString::fromStdString(p->aimed.reference.name),
              QStringLiteral("%1 %2 %3").arg(rgb.r).arg(rgb.g).arg(rgb.b), labText(aimed),
              labText(p->lab), figure(difference, 2), figure(p->outOfGamut, 2)},
             {double(rows.size()), 1e6 * rgb.r + 1e3 * rgb.g + rgb.b, aimed.L, p->lab.L, difference,
              p->outOfGamut}});
    }
    return rows;
}

std::vector<double> differencesOf(const Validation &v, bool reachableOnly)
{
    std::vector<double> all;
    for (const ValidatedPatch &p : v.patches)
        if (!reachableOnly || p.outOfGamut <= kReachable)
            all.push_back(differenceOf(p, v));
    return all;
}

/// Share of the reachable colours below each difference.
void addShare(const Validation &v, ValidationModel &m)
{
    std::vector<double> sorted = differencesOf(v, true);
    if (sorted.empty())
        return;
    std::sort(sorted.begin(), sorted.end());
    // The limits that single colours have: so many per cent below this, all below that.
    const auto most = v.verdict.tolerance.colour95;
    const auto worst = v.verdict.tolerance.colourWorst;
    m.shareReach = 1.1 * std::max(sorted.back(), worst.value_or(most.value_or(0)));
    if (most) {
        const double end = worst.value_or(*most);
        m.share.push_back({{*most, *most, end, end},
                           {0, 95, 95, 100},
                           {.colour = theme::kMuted, .width = 1.2, .style = Qt::DashLine},
                           Accuracy::tr("limits")});
    }
    for (const DiagramCurve &c : shareCurves(sorted))
        m.share.push_back(
            drawn(c, {.colour = theme::kBright, .width = 2, .line = !c.dots, .dots = c.dots}, {}));
    m.share.back().x << m.shareReach; // on to the end of the axis
    m.share.back().y << 100;
}

void addRoses(const Validation &v, ValidationModel &m)
{
    const Roses r = rosesOf(v);
    m.roses = {drawn(r.stems, {.colour = theme::kText, .width = 1.4}, {}),
               drawn(r.aims, {.colour = theme::kMuted, .line = false, .dots = true},
                     Accuracy::tr("aimed"))};
    if (!r.over.x.empty())
        m.roses.push_back(drawn(r.over, {.colour = theme::kBright, .width = 2.4},
                                Accuracy::tr("over the limit")));
    m.roseReach = r.reach;
    m.roseWords = r.magnified > 1
                      ? Accuracy::tr("Stems lead from the aimed to the measured colour, drawn %1 "
                                     "times as long as they are. Lightness is not in them.")
                            .arg(figure(r.magnified, 0))
                      : Accuracy::tr("Stems lead from the aimed to the measured colour. Lightness "
                                     "is not in them.");
}

QString noteOn(const Validation &v)
{
    QStringList notes;
    if (const int beyond = static_cast<int>(v.patches.size()) - v.reachableCount; beyond > 0)
        notes << (beyond == 1
                      ? Accuracy::tr("One colour lies beyond the display's gamut (ΔE00 %1) and is "
                                     "not in the figures.")
                      : Accuracy::tr("%1 colours lie beyond the display's gamut (mean ΔE00 %2) "
                                     "and are not in the figures.")
                            .arg(beyond))
                     .arg(figure(v.unreachable.mean, 1));
    for (const Message &weak : weaknessInWords(v))
        notes << run::inWords(weak);
    return notes.join(QLatin1Char(' '));
}

/// As proofs are quoted.
QString tailsOf(const Validation &v)
{
    const std::vector<double> all = differencesOf(v, true);
    if (all.empty())
        return {};
    const Tails t = tails(all);
    const Statistics s = statistics(all);
    QStringList parts;
    for (const auto &[name, value] : {std::pair(Accuracy::tr("best"), t.best),
                                      {Accuracy::tr("median"), s.median},
                                      {Accuracy::tr("lowest 90 %, mean"), t.lowest90},
                                      {Accuracy::tr("highest 10 %, mean"), t.highest10},
                                      {Accuracy::tr("worst"), s.max},
                                      {Accuracy::tr("deviation"), s.deviation}})
        parts << QStringLiteral("%1 %2").arg(name, figure(value, 2));
    return parts.join(QStringLiteral(" · "));
}

/// What was shown, and how.
QString explanationOf(const Validation &v)
{
    const QString name = QString::fromStdString(v.referenceName);
    const QString white =
        v.isAbsolute ? Accuracy::tr("against the aimed white") : Accuracy::tr("relative to white");
    return v.against.empty()
               ? Accuracy::tr("%1 through the profile, %2 · a spot that vanishes is a match")
                     .arg(name, white)
               : Accuracy::tr("%1 held against %2 without a profile, %3 · a spot that vanishes is "
                              "a match")
                     .arg(name, QString::fromStdString(v.against), white);
}

AccuracyModel ofValidation(const Validation &v, bool worstFirst)
{
    AccuracyModel m;
    m.explanation = explanationOf(v);
    Patches patches;
    for (const ValidatedPatch &p : v.patches)
        patches.push_back(&p);
    if (worstFirst)
        std::stable_sort(patches.begin(), patches.end(), [&](auto *a, auto *b) {
            return differenceOf(*a, v) > differenceOf(*b, v);
        });
    const auto limit = v.verdict.tolerance.colourWorst;
    for (const ValidatedPatch *p : patches)
        m.fields.push_back({QString::fromStdString(p->aimed.reference.name),
                            swatch(p->aimed.reference.lab), swatch(p->lab), true,
                            differenceOf(*p, v), differenceOf(*p, v) > limit.value_or(1e9)});
    ValidationModel validation;
    validation.difference = QString::fromStdString(formulaSymbol(v.verdict.tolerance.formula));
    validation.table = tableOf(patches, v);
    addShare(v, validation);
    addRoses(v, validation);
    validation.tails = tailsOf(v);
    const JudgedFigure *mean = v.verdict.find(Figure::ColourMean);
    if (v.verdict.tolerance.formula == DifferenceFormula::De2000)
        validation.mean = figure(v.meanDeltaE00, 2);
    else if (mean)
        validation.mean = figure(mean->value, 2);
    else {
        const auto all = differencesOf(v, true);
        validation.mean = all.empty() ? dash() : figure(statistics(all).mean, 2);
    }
    validation.verdict = halvesTable(v.verdict);
    validation.verdictTip = limitsText(v.verdict);
    validation.figures = figuresTable(v.verdict);
    validation.figuresTip = budgetTable(v.verdict);
    validation.note = noteOn(v);
    m.validation = validation;
    return m;
}

LiveModel liveModel(const SessionState &state)
{
    LiveModel m;
    double white = 0;
    for (const Reading &r : state.liveReadings)
        white = std::max(white, r.xyz.Y);
    Curve all{{}, {}, {.colour = theme::kText, .line = false, .dots = true}, {}};
    for (const Reading &r : state.liveReadings) {
        if (r.xyz.Y < kDarkest * white || r.xyz.Y <= 0)
            continue;
        const UvPrime c = uvPrime(r.xyz);
        all.x << c.u;
        all.y << c.v;
    }
    if (state.results.before && state.results.before->primaries)
        m.readings.push_back(
            triangleOf(*state.results.before->primaries, {.colour = theme::kFaint, .width = 1.2}));
    m.readings.push_back(all);
    if (!all.x.empty())
        m.readings.push_back({{all.x.back()},
                              {all.y.back()},
                              {.colour = theme::kBright, .width = 3, .line = false, .dots = true},
                              {}});
    const auto &history = state.results.expectedSoFar;
    if (history.empty())
        return m;
    Curve expected{{}, {}, {.colour = theme::kBright, .dots = true}, {}};
    for (const ExpectedError &e : history) {
        expected.x << e.patches;
        expected.y << e.meanDeltaE00;
    }
    m.mostReadings = 1.1 * expected.x.back();
    m.mostExpected = 1.1 * *std::max_element(expected.y.begin(), expected.y.end());
    m.expected.push_back(expected);
    if (const double goal = state.results.setup.expectedError; goal > 0)
        m.expected.push_back({{0, m.mostReadings},
                              {goal, goal},
                              {.colour = theme::kMuted, .width = 1.2, .style = Qt::DashLine},
                              {}});
    return m;
}

/// The newest reading of these code values; nothing: they were not read yet.
const Reading *readingOf(const std::vector<Reading> &readings, const DeviceRgb &rgb)
{
    const auto it = std::find_if(readings.rbegin(), readings.rend(),
                                 [&](const Reading &r) { return r.rgb == rgb; });
    return it == readings.rend() ? nullptr : &*it;
}

/// A colour expected, and what was read of it so far.
MatchField liveField(const QString &name, const Lab &expected, const Reading *read,
                     const XYZ &white, const std::optional<double> &limit)
{
    if (!read || white.Y <= 0)
        return {name, swatch(expected).darker(260), {}, false, 0, false};
    const Lab lab = pcsLab(read->xyz, white);
    const double delta = deltaE2000(expected, lab);
    return {name, swatch(expected), swatch(lab), true, delta, delta > limit.value_or(1e9)};
}

/// Known colours of a validation under way, each with what was read of it.
std::vector<MatchField> knownColours(const SessionState &state)
{
    std::vector<MatchField> fields;
    const Reading *white = readingOf(state.liveReadings, {255, 255, 255});
    for (const AimedPatch &aimed : state.results.aimed)
        fields.push_back(liveField(
            QString::fromStdString(aimed.reference.name), aimed.reference.lab,
            white ? readingOf(state.liveReadings, aimed.rgb) : nullptr, white ? white->xyz : XYZ{},
            run::toleranceOf(state.results.setup).colourWorst));
    return fields;
}

/// Patches of the chart, each as it is expected from primaries, white and tone curve, with what was
/// read of it; where nothing can be expected, light once they are read.
std::vector<MatchField> chartPatches(const SessionState &state)
{
    const auto &readings = !state.results.chart.empty() ? state.results.chart : state.liveReadings;
    const run::RunSetup &setup = state.results.setup;
    std::vector<DeviceRgb> patches;
    if (setup.expectedError > 0 || setup.maxMinutes > 0) // chosen as the readings come in
        for (const Reading &r : readings)
            patches.push_back(r.rgb);
    else
        patches = measuringOrder(setup.chartList.empty() ? makeChart(setup.chartPatches)
                                                         : setup.chartList);
    const Reading *white = readingOf(readings, {255, 255, 255});
    const auto expectation =
        white ? Expectation::of(state.results.found, white->xyz, run::aimWithinReach(setup).tone)
              : std::nullopt;
    std::vector<MatchField> fields;
    for (size_t i = 0; i < patches.size(); ++i) {
        const QString name = Accuracy::tr("patch %1").arg(i + 1);
        const Reading *read = i < readings.size() && readings[i].rgb == patches[i]
                                  ? &readings[i]
                                  : readingOf(readings, patches[i]);
        if (expectation) {
            fields.push_back(liveField(name, pcsLab(expectation->expected(patches[i]), white->xyz),
                                       read, white->xyz, std::nullopt));
            continue;
        }
        const QColor colour(int(patches[i].r), int(patches[i].g), int(patches[i].b));
        fields.push_back({name, read ? colour : colour.darker(400), {}, false, 0, false});
    }
    return fields;
}

} // namespace

AccuracyModel accuracyModel(const SessionState &state, bool worstFirst)
{
    const LiveShow live = state.isMeasuring() ? liveShowOf(state.status.stage) : LiveShow::Nothing;
    const run::RunResults &proved = state.proved();
    if (proved.validation && live == LiveShow::Nothing) {
        AccuracyModel m = ofValidation(*proved.validation, worstFirst);
        if (&proved != &state.shown())
            m.date = Accuracy::tr("proved %1")
                         .arg(QLocale().toString(
                             QDateTime::fromString(QString::fromStdString(proved.setup.startedAt),
                                                   Qt::ISODate)
                                 .toLocalTime(),
                             QLocale::ShortFormat));
        return m;
    }
    AccuracyModel m;
    if (live == LiveShow::KnownColours) {
        m.explanation = Accuracy::tr("Known colours are shown and read: each field the colour "
                                     "expected, its spot the one read.");
        m.fields = knownColours(state);
    } else if (live == LiveShow::Chart) {
        m.explanation = Accuracy::tr("The patches of the chart, each field as primaries and tone "
                                     "curve make it expected, its spot as it was read.");
        m.fields = chartPatches(state);
        m.live = liveModel(state);
    } else if (!state.results.chart.empty()) {
        m.explanation = Accuracy::tr("The chart has been read. The validation follows when the "
                                     "profile is installed.");
        m.fields = chartPatches(state);
    } else {
        m.explanation = Accuracy::tr(
            "Known colours will stand here, each with a spot of what the display really showed. "
            "They are read after the profile is installed.");
        m.empty = true;
    }
    return m;
}

} // namespace lantern::app
