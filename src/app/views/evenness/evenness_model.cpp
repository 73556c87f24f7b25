#include "app/views/evenness/evenness_model.h"

#include "app/state/wording.h"

#include <QCoreApplication>
#include <QLocale>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

struct Even {
    Q_DECLARE_TR_FUNCTIONS(Evenness)
};

QString perCent(double share, int decimals = 1)
{
    return Even::tr("%1 %").arg(figure(100 * share, decimals));
}

/// Without a sign before nothing.
QString shiftText(double shift)
{
    constexpr double kNothing = 0.00005;
    return figure(std::abs(shift) < kNothing ? 0 : shift, 4);
}

QString greyTitle(int grey)
{
    return grey == static_cast<int>(kDeviceTop) ? Even::tr("White") : Even::tr("Grey %1").arg(grey);
}

/// A field is judged by the limits that are of one field.
Mark markOfField(const EvenField &f, const Tolerance &t)
{
    const bool over = (t.evenLight && std::abs(f.ratio - 1) > *t.evenLight) ||
                      (t.evenTint && f.deltaUv > *t.evenTint) ||
                      (t.evenColour && f.deltaE00 > *t.evenColour);
    const bool judged = t.evenLight || t.evenTint || t.evenColour;
    return over ? Mark::Over : judged ? Mark::Within : Mark::NotJudged;
}

QString whereTo(const run::EvennessProgress &now)
{
    switch (now.notice) {
    case EvennessNotice::OnEdge:
        return Even::tr("The meter lies across the edge of the light field, or moved. Hang it in "
                        "the middle.");
    case EvennessNotice::Reading:
        return Even::tr("It hangs where it should. Reading; let it hang.");
    case EvennessNotice::StillThere:
    case EvennessNotice::Hang:
        break;
    }
    if (!now.target)
        return Even::tr("All is read.");
    if (now.target->isCentre())
        return Even::tr("Hang the meter in the middle of the screen, on the light field.");
    return Even::tr("Hang the meter on the light field: row %1, column %2. Any other field will "
                    "do, too.")
        .arg(now.target->row)
        .arg(now.target->column);
}

QString verdictSentence(const Evenness &e)
{
    const EvenLevel &white = e.levels.front();
    QString text = Even::tr("White is %1 to %2 of the middle's light; the worst colour is "
                            "Δu'v' %3 from it, ΔE00 %4.")
                       .arg(perCent(white.least), perCent(white.most),
                            figure(white.worstDeltaUv, 4), figure(white.worstDeltaE00, 1));
    QStringList over, open;
    for (const JudgedFigure &f : e.verdict.figures) {
        const QString name = f.figure == Figure::EvenLight  ? Even::tr("light")
                             : f.figure == Figure::EvenTint ? Even::tr("Δu'v'")
                                                            : Even::tr("ΔE00");
        const QString limit = f.figure == Figure::EvenLight  ? perCent(f.limit, 0)
                              : f.figure == Figure::EvenTint ? figure(f.limit, 3)
                                                             : figure(f.limit, 1);
        const QString worst = f.figure == Figure::EvenLight  ? perCent(f.value)
                              : f.figure == Figure::EvenTint ? figure(f.value, 4)
                                                             : figure(f.value, 1);
        const QString words = Even::tr("%1 (%2, limit %3)").arg(name, worst, limit);
        if (f.call == Call::Over)
            over << words;
        else if (f.call == Call::CannotTell)
            open << words;
    }
    const QString set = fromCore(e.verdict.tolerance.title);
    text += QLatin1Char(' ');
    if (!over.isEmpty())
        text += Even::tr("Over the limits \"%1\" in %2.").arg(set, over.join(QStringLiteral(", ")));
    else if (!open.isEmpty())
        text += Even::tr("This meter cannot tell whether it is within \"%1\" in %2.")
                    .arg(set, open.join(QStringLiteral(", ")));
    else if (e.verdict.overall() == Call::Within)
        text += Even::tr("Within the limits \"%1\".").arg(set);
    else
        text += Even::tr("The limits \"%1\" ask for no evenness.").arg(set);
    return text;
}

/// What it was the time before, and without or with the monitor's own compensation.
void addOthers(const SessionState &state, const EvenRun *shown, QStringList &facts)
{
    if (!shown)
        return;
    using run::Compensation;
    const auto comparable = [&](const EvenRun &other) {
        return other.evenness.grid == shown->evenness.grid &&
               other.evenness.greys == shown->evenness.greys;
    };
    const EvenRun *before = nullptr;
    const EvenRun *otherwise = nullptr;
    for (const auto &other : state.evenRuns) {
        if (other->at >= shown->at || !comparable(*other))
            continue;
        if (!before && other->choice.compensation == shown->choice.compensation)
            before = other.get();
        const bool isOpposite = shown->choice.compensation != Compensation::NotKnown &&
                                other->choice.compensation != Compensation::NotKnown &&
                                other->choice.compensation != shown->choice.compensation;
        if (!otherwise && isOpposite)
            otherwise = other.get();
    }
    if (otherwise) {
        const bool isOn = shown->choice.compensation == Compensation::On;
        const EvenRun &with = isOn ? *shown : *otherwise;
        const EvenRun &without = isOn ? *otherwise : *shown;
        const CompensationCost cost = compensationCost(without.evenness, with.evenness);
        facts << Even::tr("The monitor's own compensation costs %1 of white (%2 instead of %3 "
                          "cd/m²); the worst field is off by %4 with it, by %5 without.")
                     .arg(perCent(cost.light), figure(with.evenness.levels.front().centre.Y, 0),
                          figure(without.evenness.levels.front().centre.Y, 0),
                          perCent(cost.worstWith), perCent(cost.worstWithout));
    }
    if (before)
        facts << Even::tr("%1: %2 to %3 of the middle's light, worst ΔE00 %4.")
                     .arg(QLocale().toString(before->at.toLocalTime().date(), QLocale::ShortFormat),
                          perCent(before->evenness.levels.front().least),
                          perCent(before->evenness.levels.front().most),
                          figure(before->evenness.levels.front().worstDeltaE00, 1));
}

void addFacts(const Evenness &e, QStringList &facts)
{
    const QString left = figure((1 - e.cost.ofLight) * e.levels.front().centre.Y, 0);
    if (e.cost.ofColour)
        facts << Even::tr("Evening it out would cost %1 of white's light (%2 cd/m² would be left), "
                          "with its colour %3.")
                     .arg(perCent(e.cost.ofLight), left, perCent(*e.cost.ofColour));
    else
        facts << Even::tr("Evening its light out would cost %1 of white (%2 cd/m² would be left).")
                     .arg(perCent(e.cost.ofLight), left);
    facts << Even::tr("White in the middle changed by up to %1 while it was measured; that is "
                      "taken out. Uncertainties are the meter's scatter; how it was hung is not "
                      "in them.")
                 .arg(perCent(e.drift[1], 2));
    if (!e.isWhole())
        facts << Even::tr("Some fields were not read: the figures are of those that were.");
}

void fillFields(const Evenness *e, const std::optional<run::EvennessProgress> &now,
                EvennessModel &m)
{
    const bool hasMiddle = m.grid.columns % 2 == 1 && m.grid.rows % 2 == 1;
    const EvennessSpot middle{(m.grid.columns + 1) / 2, (m.grid.rows + 1) / 2};
    for (int row = 1; row <= m.grid.rows; ++row)
        for (int column = 1; column <= m.grid.columns; ++column) {
            EvennessModel::Field f;
            f.column = column;
            f.row = row;
            f.isMiddle = hasMiddle && EvennessSpot{column, row} == middle;
            if (now && now->target)
                f.isTarget = *now->target == EvennessSpot{column, row} ||
                             (f.isMiddle && now->target->isCentre());
            if (const EvenField *read = e ? e->find(column, row, m.grey) : nullptr) {
                f.isRead = true;
                f.ratio = read->ratio;
                f.shift = read->shift;
                f.light = perCent(read->ratio);
                f.colour = Even::tr("ΔE00 %1").arg(figure(read->deltaE00, 1));
                f.mark = markOfField(*read, e->verdict.tolerance);
            }
            m.fields.push_back(f);
        }
    m.targetIsMiddle = now && now->target && now->target->isCentre() && !hasMiddle;
}

/// The stops, the middle as the field that it is.
void fillPath(const Evenness &e, EvennessModel &m)
{
    int visit = -1;
    for (const EvennessReading &r : e.readings)
        if (r.visit != visit) {
            visit = r.visit;
            m.path.push_back(r.spot);
        }
}

} // namespace

QString EvennessModel::words(const Field &f) const
{
    const QString where = Even::tr("Row %1, column %2").arg(f.row).arg(f.column);
    if (!f.isRead)
        return Even::tr("%1: not read").arg(where);
    return Even::tr("%1: %2 of the middle's light, %3, Δu' %4, Δv' %5, %6")
        .arg(where, f.light, f.colour, shiftText(f.shift.u), shiftText(f.shift.v),
             markWord(f.mark));
}

EvennessModel evennessModel(const SessionState &state, int grey)
{
    EvennessModel m;
    m.choice = state.evennessChoice;
    const bool ofThis = state.results.setup.kind == run::RunKind::Evenness && state.onErrand();
    m.isMeasuring = ofThis && state.isMeasuring();
    const bool isFree = !state.isMeasuring() && !state.onErrand() && !state.preparing &&
                        (!state.hasRun() || state.status.activity == run::Activity::Finished);
    m.mayMeasure = isFree && !state.displays.empty();
    m.mayResume = m.mayMeasure && state.unfinishedEvenness.has_value();
    const EvenRun *shown = nullptr;
    const Evenness *e = nullptr;
    std::optional<run::EvennessProgress> now;
    m.grid = m.choice.grid;
    if (ofThis) {
        m.grid = state.results.setup.evenness.grid;
        now = state.results.evennessNow;
        m.mayEnd = now && now->mayEnd;
        if (state.results.evenness)
            e = &*state.results.evenness;
    } else if (!state.evenRuns.empty()) {
        shown = state.evenRuns.front().get();
        e = &shown->evenness;
    }
    if (e) {
        m.grid = e->grid;
        for (const int g : e->greys)
            m.greys << greyTitle(g);
        m.grey = std::clamp(grey, 0, static_cast<int>(e->greys.size()) - 1);
        const Tolerance &t = e->verdict.tolerance;
        m.lightRange = 2 * t.evenLight.value_or(0.15);
        m.shiftRange = t.evenTint.value_or(m.shiftRange);
        m.mark = markOf(e->verdict.overall());
        fillPath(*e, m);
    }
    if (ofThis)
        m.sentence = now ? whereTo(*now) : Even::tr("Beginning…");
    else if (e) {
        m.sentence = verdictSentence(*e);
        addFacts(*e, m.facts);
        addOthers(state, shown, m.facts);
        m.of =
            shown ? QLocale().toString(shown->at.toLocalTime(), QLocale::ShortFormat) : QString();
    } else
        m.sentence = Even::tr("Not measured yet. The meter is hung on one field of the screen "
                              "after the other; each is lit until the meter is seen there.");
    if (m.mayResume)
        m.facts.prepend(Even::tr("A measurement was stopped before its end; all that it read is "
                                 "kept, and it can go on."));
    fillFields(e, now, m);
    return m;
}

} // namespace lantern::app
