#include "app/views/match/match_model.h"

#include "app/state/wording.h"
#include "core/colour/spaces.h"
#include "run/book/in_words.h"

#include <QCoreApplication>
#include <QLocale>

#include <algorithm>
#include <cmath>
#include <functional>

namespace lantern::app {

namespace {

struct Words {
    Q_DECLARE_TR_FUNCTIONS(MatchModel)
};

QString percent(double share)
{
    return Words::tr("%1 %").arg(figure(100 * share, 0));
}

QString nameOf(const SessionState &state, const MatchSheet::Display &d)
{
    const auto card = std::ranges::find(state.displays, d.id, &DisplayCard::id);
    return card == state.displays.end() ? d.name : card->name;
}

int cardOfId(const SessionState &state, const QString &id)
{
    const auto card = std::ranges::find(state.displays, id, &DisplayCard::id);
    return card == state.displays.end() ? -1 : static_cast<int>(card - state.displays.begin());
}

/// How far a display of the match is.
QString stateWords(const SessionState &state, const QString &id, const MatchSheet::Display *d)
{
    if (!state.match.isBegun())
        return d && d->readAt.isValid() ? Words::tr("read %1").arg(QLocale().toString(
                                              d->readAt.toLocalTime().date(), QLocale::ShortFormat))
               : d                      ? Words::tr("never read")
                                        : dash();
    if (!state.match.displays.contains(id))
        return dash();
    if (d && d->hasOtherAim)
        return Words::tr("done, with another aim");
    if (isMatched(state, id))
        return Words::tr("done");
    const int next = nextMatched(state);
    if (next >= 0 && state.displays[static_cast<size_t>(next)].id == id)
        return state.hasRun() ? Words::tr("under way") : Words::tr("next");
    return cardOfId(state, id) < 0 ? Words::tr("not connected") : Words::tr("waits");
}

/// What the shared aim costs a display, the most of it first.
QString givenUp(const SharePlan &p)
{
    std::vector<std::pair<double, QString>> parts = {{p.lightGivenUp, Words::tr("light")},
                                                     {p.contrastGivenUp, Words::tr("contrast")},
                                                     {p.gamutGivenUp, Words::tr("gamut")}};
    std::ranges::stable_sort(parts, std::greater{}, &std::pair<double, QString>::first);
    QStringList words;
    constexpr double kNothing = 0.005;
    for (const auto &[share, of] : parts)
        if (share >= kNothing)
            words << QStringLiteral("%1 %2").arg(of, percent(share));
    return words.isEmpty() ? Words::tr("nothing") : words.join(QStringLiteral(", "));
}

void addRows(const SessionState &state, const MatchSheet *sheet, MatchModel &m)
{
    const auto detailOf = [&](const QString &id) -> const MatchSheet::Display * {
        if (!sheet)
            return nullptr;
        const auto d = std::ranges::find(sheet->displays, id, &MatchSheet::Display::id);
        return d == sheet->displays.end() ? nullptr : &*d;
    };
    QStringList ids;
    for (const DisplayCard &card : state.displays)
        ids << card.id;
    for (const QString &id : state.match.displays)
        if (!ids.contains(id))
            ids << id;
    const bool isFree = !state.isMeasuring() && !state.onErrand() && !state.preparing;
    for (const QString &id : ids) {
        const MatchSheet::Display *d = detailOf(id);
        const int card = cardOfId(state, id);
        MatchModel::Row row;
        row.id = id;
        row.isChosen = state.match.displays.contains(id);
        row.mayChoose =
            !m.isBegun && (row.isChosen || state.match.displays.size() < run::kMostMatched);
        row.mayRead = isFree && card >= 0 && !m.isBegun;
        const QString name =
            card >= 0 ? state.displays[static_cast<size_t>(card)].name : (d ? d->name : id);
        row.cells << name << stateWords(state, id, d);
        const auto at = d ? static_cast<size_t>(d - sheet->displays.data()) : 0;
        if (d && sheet->common) {
            const SharePlan &p = sheet->common->plans[at];
            row.cells << figure(p.peak, 0) << figure(p.contrast, 0) << givenUp(p);
        } else
            row.cells << dash() << dash() << dash();
        if (m.isBegun && row.isChosen)
            row.mark = isMatched(state, id) ? (d && d->hasOtherAim ? Mark::Open : Mark::Within)
                                            : Mark::NotMeasured;
        row.words = row.cells.join(QStringLiteral(", "));
        m.rows.push_back(row);
    }
}

/// The greys tell the eye most; then what differs most.
std::vector<size_t> eyeOrder(const Agreement &g)
{
    constexpr double kNeutral = 3; // C*
    std::vector<size_t> order;
    for (size_t i = 0; i < g.colours.size(); ++i)
        order.push_back(i);
    const auto isGrey = [&](size_t i) { return chroma(g.colours[i].asked.lab) < kNeutral; };
    std::ranges::stable_sort(order, [&](size_t a, size_t b) {
        if (isGrey(a) != isGrey(b))
            return isGrey(a);
        return isGrey(a) ? g.colours[a].asked.lab.L > g.colours[b].asked.lab.L
                         : g.colours[a].deltaE00 > g.colours[b].deltaE00;
    });
    return order;
}

void addPairs(const SessionState &state, const MatchSheet &sheet, MatchModel &m)
{
    std::vector<const MatchSheet::Pair *> pairs;
    for (const MatchSheet::Pair &p : sheet.pairs)
        pairs.push_back(&p);
    std::ranges::stable_sort(pairs, [](const auto *a, const auto *b) {
        return a->agreement.deltaE00.mean > b->agreement.deltaE00.mean;
    });
    for (const MatchSheet::Pair *p : pairs) {
        const Agreement &g = p->agreement;
        const MatchSheet::Display &a = sheet.displays[p->first], &b = sheet.displays[p->second];
        MatchModel::Pair eye;
        eye.firstName = nameOf(state, a);
        eye.secondName = nameOf(state, b);
        eye.title = Words::tr("%1 and %2").arg(eye.firstName, eye.secondName);
        eye.firstDisplay = cardOfId(state, a.id);
        eye.secondDisplay = cardOfId(state, b.id);
        const AgreedColour &worst = g.colours[g.worst.value_or(0)];
        m.pairs.push_back({{eye.title, figure(g.deltaE00.mean, 2),
                            Words::tr("%1 (%2)").arg(figure(g.deltaE00.max, 1),
                                                     QString::fromStdString(worst.asked.name)),
                            figure(g.whiteDeltaUv, 4), percent(g.luminanceRatio)},
                           {0, g.deltaE00.mean, g.deltaE00.max, g.whiteDeltaUv, g.luminanceRatio}});
        for (const size_t i : eyeOrder(g)) {
            const AgreedColour &c = g.colours[i];
            eye.colours.push_back(
                {Words::tr("%1, ΔE00 %2")
                     .arg(QString::fromStdString(c.asked.name), figure(c.deltaE00, 1)),
                 c.first, c.second, p->firstCodes[i], p->secondCodes[i]});
        }
        m.forTheEye.push_back(std::move(eye));
    }
}

QString shareSentence(const MatchSheet &sheet)
{
    const CommonAim &c = *sheet.common;
    return Words::tr("All can share %1.%2")
        .arg(run::inLocale(aimSummary(c.aim)),
             c.isEstimated
                 ? QLatin1Char(' ') + Words::tr("Estimated: one was read with its brightness "
                                                "below the top.")
                 : QString());
}

QString whySentence(const SessionState &state, const MatchSheet &sheet)
{
    const CommonAim &c = *sheet.common;
    const QString darkest = nameOf(state, sheet.displays[c.darkest]);
    const QString flattest = nameOf(state, sheet.displays[c.flattest]);
    QString why = Words::tr("%1 gives the least light.").arg(darkest);
    if (c.aim.contrastRatio)
        why += QLatin1Char(' ') + Words::tr("%1 has the least contrast.").arg(flattest);
    return why + QLatin1Char(' ') +
           Words::tr("In common they have %1 of sRGB and %2 of P3.")
               .arg(percent(c.srgbCoverage), percent(c.p3Coverage));
}

/// How alike those are that are done.
QString alikeSentence(const SessionState &state, const MatchSheet &sheet)
{
    const auto worst = std::ranges::max_element(
        sheet.pairs, {}, [](const MatchSheet::Pair &p) { return p.agreement.deltaE00.mean; });
    const Agreement &g = worst->agreement;
    const QString a = nameOf(state, sheet.displays[worst->first]);
    const QString b = nameOf(state, sheet.displays[worst->second]);
    return Words::tr("Read on both: %1 and %2 differ most, by ΔE00 %3 ± %4 in the mean; their "
                     "whites by Δu'v' %5.")
        .arg(a, b, figure(g.deltaE00.mean, 2), figure(kCoverageFactor * g.meanError, 2),
             figure(g.whiteDeltaUv, 4));
}

} // namespace

QStringList matchColumns()
{
    return {Words::tr("Display"), Words::tr("State"), Words::tr("Most, cd/m²"),
            Words::tr("Contrast"), Words::tr("Gives up")};
}

QStringList pairColumns()
{
    return {Words::tr("Displays"), Words::tr("Mean ΔE00"), Words::tr("Largest"),
            Words::tr("White Δu'v'"), Words::tr("Luminance")};
}

MatchModel matchModel(const SessionState &state)
{
    MatchModel m;
    m.isBegun = state.match.isBegun();
    m.isReal = state.desktop.has_value();
    const MatchSheet *sheet = state.matchSheet && state.matchSheet->match == state.match
                                  ? state.matchSheet.get()
                                  : nullptr;
    addRows(state, sheet, m);
    if (state.match.displays.size() < 2)
        m.sentence = Words::tr("Choose the displays that are to be alike, two at least. What all "
                               "of them can share is known before anyone spends an hour.");
    else if (!sheet)
        m.sentence = Words::tr("The logbook is being read…");
    else {
        addPairs(state, *sheet, m);
        if (!sheet->pairs.empty()) {
            m.sentence = alikeSentence(state, *sheet);
            m.why = Words::tr("By one meter: what it is off by on either display is not in it.");
        } else if (sheet->common) {
            m.sentence = shareSentence(*sheet);
            m.why = whySentence(state, *sheet);
        } else
            m.sentence = sheet->whyNoCommon;
    }
    const bool isFree = !state.isMeasuring() && !state.onErrand() && !state.preparing;
    m.mayBegin = isFree && !m.isBegun && sheet && sheet->common.has_value();
    return m;
}

} // namespace lantern::app
