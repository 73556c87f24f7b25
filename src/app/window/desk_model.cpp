#include "app/window/desk_model.h"

#include "app/state/wording.h"

#include <QCoreApplication>

namespace lantern::app {

namespace {

struct Desk {
    Q_DECLARE_TR_FUNCTIONS(Desk)
};

/// How old the newest verdict is, and the figure of the last validation.
QString ageText(const DisplayCard &card)
{
    const auto &at = card.check ? card.lastChecked : card.lastValidated;
    if (!at)
        return Desk::tr("never measured");
    const qint64 days = at->daysTo(QDateTime::currentDateTimeUtc());
    QString text = days == 1    ? Desk::tr("yesterday")
                   : days > 1   ? Desk::tr("%1 days ago").arg(days)
                   : card.check ? Desk::tr("checked today")
                                : Desk::tr("validated today");
    if (card.lastMean && !card.check)
        text += Desk::tr(" · ΔE00 %1").arg(figure(card.lastMean, 2));
    return text;
}

/// The newest verdict of any kind, in words.
QString verdictText(const DisplayCard &card)
{
    if (card.check && card.mark != Mark::Stale)
        switch (*card.check) {
        case CheckFirst::Verdict::Holds:
            return Desk::tr("Checked: it holds");
        case CheckFirst::Verdict::Drifting:
            return Desk::tr("Checked: drifting");
        case CheckFirst::Verdict::Redo:
            return Desk::tr("Checked: run it again");
        }
    return markWord(card.mark);
}

} // namespace

DeskModel deskModel(const SessionState &state)
{
    DeskModel m;
    m.selected = state.selected;
    for (const DisplayCard &card : state.displays) {
        DeskModel::Display d;
        d.name = card.name;
        d.detail = card.detail;
        d.age = ageText(card);
        d.sizeMm = card.sizeMm;
        d.mark = card.mark;
        d.verdict = verdictText(card);
        m.displays.push_back(d);
    }
    if (state.batch) {
        m.queueTitle = state.batch->name;
        const bool isUnderWay = !state.unit.isEmpty() && state.hasRun() &&
                                state.status.activity != run::Activity::Finished;
        if (isUnderWay)
            m.queue << Desk::tr("%1 · on the bench").arg(state.unit);
        else if (!state.batch->onBench.isEmpty())
            m.queue << Desk::tr("%1 · unfinished").arg(state.batch->onBench);
        for (const QString &serial : state.batch->queue)
            m.queue << Desk::tr("%1 · waits").arg(serial);
        if (m.queue.isEmpty())
            m.queue << Desk::tr("nobody waits");
    }
    const MeterCard &meter = state.meter;
    const QString does = state.status.activity == run::Activity::Working   ? Desk::tr("reading")
                         : state.status.activity == run::Activity::Faulted ? Desk::tr("needs you")
                                                                           : meter.state;
    m.meterName = meter.name;
    m.meterState = does.isEmpty() ? meter.kind : meter.kind + QStringLiteral(" · ") + does;
    m.hasReading = meter.lastReading.has_value();
    m.reading = meter.lastReading ? readingText(*meter.lastReading) : Desk::tr("no reading yet");
    if (meter.room)
        m.room = Desk::tr("%1: %2 lx · %3 K")
                     .arg(meter.roomTitle, figure(meter.room->illuminanceLux, 0),
                          figure(correlatedColourTemperature(meter.room->chromaticity).kelvin, 0));
    return m;
}

} // namespace lantern::app
