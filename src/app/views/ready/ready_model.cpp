#include "app/views/ready/ready_model.h"

#include "app/workplace/workplace.h"

#include <QCoreApplication>
#include <QLocale>
#include <QStringList>

namespace lantern::app {

namespace {

struct Ready {
    Q_DECLARE_TR_FUNCTIONS(Ready)
};

ReadyModel::Line lineOf(const ReadyPoint &p)
{
    ReadyModel::Line line;
    line.title = p.title;
    line.finding = p.finding.isEmpty() ? p.reason : p.finding + QLatin1Char(' ') + p.reason;
    line.done = p.done;
    line.automatic = p.automatic;
    line.errand = p.errand;
    switch (p.errand) {
    case ReadyErrand::None:
        break;
    case ReadyErrand::WatchWarmUp:
        line.errandText = Ready::tr("&Watch it");
        line.errandTip = Ready::tr("Reads white every 15 seconds, five minutes at least, until it "
                                   "changes by less than 0.5 % in ten.");
        break;
    case ReadyErrand::FindMeter:
        line.errandText = Ready::tr("F&ind the meter");
        line.errandTip = Ready::tr("Lights parts of the screen until the meter is found, and puts "
                                   "the patch under it.");
        break;
    }
    return line;
}

QString displayText(const DisplayCard &card)
{
    const QLocale locale;
    QStringList facts = {card.model};
    if (!card.serial.isEmpty())
        facts << Ready::tr("serial %1").arg(card.serial);
    facts << Ready::tr("%1 × %2 pixels").arg(card.pixels.width()).arg(card.pixels.height());
    facts << Ready::tr("%1 × %2 mm")
                 .arg(locale.toString(card.sizeMm.width(), 'f', 0),
                      locale.toString(card.sizeMm.height(), 'f', 0));
    facts << (card.builtIn              ? card.can.remoteControls
                                              ? Ready::tr("built in, its brightness can be turned")
                                              : Ready::tr("built in, nothing to turn")
                           : card.can.remoteControls ? Ready::tr("answers on its control channel")
                                        : Ready::tr("turned by hand"));
    QString text = facts.join(QStringLiteral(" · "));
    if (!card.noControls.isEmpty())
        text += QStringLiteral(". ") + card.noControls;
    return text;
}

} // namespace

ReadyModel readyModel(const SessionState &state)
{
    ReadyModel m;
    for (const ReadyPoint &point : state.ready)
        m.lines.push_back(lineOf(point));
    m.free = !state.isMeasuring() && !state.preparing;
    const DisplayCard &card = state.displays[static_cast<size_t>(state.selected)];
    m.display = displayText(card);
    m.detected = Ready::tr("As detected: %1").arg(technologyTitle(card.detectedTechnology));
    if (card.technologyChosen)
        m.technology = card.technology;
    m.technologyReason =
        card.technologyReason + QLatin1Char(' ') +
        Ready::tr("It decides how the meter is corrected: the wrong one makes white wrong.");
    m.technologyFree = !state.isMeasuring() && !state.hasRun();
    m.checkPossible = m.free && state.lastTime.has_value();
    return m;
}

} // namespace lantern::app
