#include "app/views/accuracy/accuracy_model.h"

#include "app/state/stage_words.h"
#include "app/state/wording.h"
#include "app/views/accuracy/verdict_words.h"
#include "app/views/gamut/gamut_model.h"
#include "core/colour/spaces.h"
#include "core/plan/chart.h"

#include <QCoreApplication>

#include <algorithm>

namespace lantern::app {

namespace {

struct Accuracy {
    Q_DECLARE_TR_FUNCTIONS(Accuracy)
};

constexpr double kDarkest = 0.02; ///< of white: below, chromaticity is noise

using Patches = std::vector<const ValidatedPatch *>;

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

std::vector<QStringList> tableOf(const Patches &patches)
{
    std::vector<QStringList> rows;
    for (const ValidatedPatch *p : patches) {
        const DeviceRgb &rgb = p->aimed.rgb;
        rows.push_back({QString::fromStdString(p->aimed.reference.name),
                        QStringLiteral("%1 %2 %3").arg(rgb.r).arg(rgb.g).arg(rgb.b),
                        labText(p->aimed.reference.lab), labText(p->lab), figure(p->deltaE00, 2),
                        figure(p->outOfGamut, 2)});
    }
    return rows;
}

/// Share of the reachable colours below each ΔE00.
void addShare(const Validation &v, ValidationModel &m)
{
    std::vector<double> sorted;
    for (const ValidatedPatch &p : v.patches)
        if (p.outOfGamut <= kReachable)
            sorted.push_back(p.deltaE00);
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
    Curve steps{{0}, {0}, {.colour = theme::kBright, .width = 2}, Accuracy::tr("share")};
    for (size_t i = 0; i < sorted.size(); ++i) {
        steps.x << sorted[i] << sorted[i];
        steps.y << steps.y.back()
                << 100.0 * static_cast<double>(i + 1) / static_cast<double>(sorted.size());
    }
    steps.x << m.shareReach;
    steps.y << 100;
    m.share.push_back(steps);
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
    const auto worst = std::max_element(v.patches.begin(), v.patches.end(),
                                        [](auto &a, auto &b) { return a.deltaE00 < b.deltaE00; });
    if (worst != v.patches.end() && worst->outOfGamut <= kReachable && worst->profileError > 0.5)
        notes << Accuracy::tr("Weakest: %1. The display could show it; the profile itself is %2 "
                              "off there. More patches, or a larger grid, would help.")
                     .arg(QString::fromStdString(worst->aimed.reference.name),
                          figure(worst->profileError, 1));
    return notes.join(QLatin1Char(' '));
}

AccuracyModel ofValidation(const Validation &v, bool worstFirst)
{
    AccuracyModel m;
    m.explanation = Accuracy::tr("%1 through the profile · a spot that vanishes is a match")
                        .arg(QString::fromStdString(v.referenceName));
    Patches patches;
    for (const ValidatedPatch &p : v.patches)
        patches.push_back(&p);
    if (worstFirst)
        std::stable_sort(patches.begin(), patches.end(),
                         [](auto *a, auto *b) { return a->deltaE00 > b->deltaE00; });
    const auto limit = v.verdict.tolerance.colourWorst;
    for (const ValidatedPatch *p : patches)
        m.fields.push_back({QString::fromStdString(p->aimed.reference.name),
                            swatch(p->aimed.reference.lab), swatch(p->lab), true, p->deltaE00,
                            p->deltaE00 > limit.value_or(1e9)});
    ValidationModel validation;
    validation.table = tableOf(patches);
    addShare(v, validation);
    validation.mean = figure(v.meanDeltaE00, 2);
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

/// Known colours of a validation under way, light once they are read.
std::vector<MatchField> knownColours(const SessionState &state)
{
    std::vector<MatchField> fields;
    const auto done = static_cast<size_t>(state.status.readingsDone);
    for (const AimedPatch &aimed : state.results.aimed) {
        const ReferenceColour &c = aimed.reference;
        const bool isRead = done > fields.size() + 1; // white is read before them
        fields.push_back({QString::fromStdString(c.name),
                          isRead ? swatch(c.lab) : swatch(c.lab).darker(260),
                          {},
                          false,
                          0,
                          false});
    }
    return fields;
}

/// Patches of the chart, light once they are read.
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
    std::vector<MatchField> fields;
    for (size_t i = 0; i < patches.size(); ++i) {
        const QColor colour(int(patches[i].r), int(patches[i].g), int(patches[i].b));
        fields.push_back({Accuracy::tr("patch %1").arg(i + 1),
                          i < readings.size() ? colour : colour.darker(400),
                          {},
                          false,
                          0,
                          false});
    }
    return fields;
}

} // namespace

AccuracyModel accuracyModel(const SessionState &state, bool worstFirst)
{
    const LiveShow live = state.isMeasuring() ? liveShowOf(state.status.stage) : LiveShow::Nothing;
    if (state.shown().validation && live != LiveShow::Chart)
        return ofValidation(*state.shown().validation, worstFirst);
    AccuracyModel m;
    if (live == LiveShow::KnownColours) {
        m.explanation = Accuracy::tr("Known colours are shown through the profile and read.");
        m.fields = knownColours(state);
    } else if (live == LiveShow::Chart) {
        m.explanation = Accuracy::tr("The patches of the chart, lit up as they are read.");
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
