#include "app/views/ready/ready_model.h"

#include "app/workplace/workplace.h"

#include <QCoreApplication>
#include <QLocale>
#include <QStringList>

#include <algorithm>

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
    if (!card.noLut.isEmpty())
        text += QLatin1Char(' ') + card.noLut + QLatin1Char(' ') +
                Ready::tr("The tone curve stays the panel's own, and the profile carries it.");
    return text;
}

QString meterText(const SessionState &state)
{
    if (!state.readyFacts.meterSays.isEmpty())
        return state.readyFacts.meterSays;
    return state.meter.name + QStringLiteral(", ") + state.meter.kind + QLatin1Char('.');
}

QString desktopText(const SessionState &state)
{
    const auto withLut = std::count_if(state.displays.begin(), state.displays.end(),
                                       [](const DisplayCard &card) { return card.can.lut; });
    const auto all = static_cast<long>(state.displays.size());
    QStringList sentences = {state.desktop->isWayland ? Ready::tr("A Wayland session.")
                                                      : Ready::tr("An X11 session.")};
    sentences << (withLut == all ? Ready::tr("Video LUTs can be loaded.")
                  : withLut == 0 ? Ready::tr("No video LUT can be loaded: tone curves stay the "
                                             "panels' own, and the profiles carry them.")
                                 : Ready::tr("Video LUTs can be loaded on %1 of %2 displays.")
                                       .arg(withLut)
                                       .arg(all));
    if (state.desktop->lendsLuts)
        sentences << (state.keeper.value_or(false)
                          ? Ready::tr("The Keeper holds them.")
                          : Ready::tr("They last as long as a program holds them: switch the "
                                      "Keeper on, on the page Profile."));
    if (state.desktop->hasColourService)
        sentences << Ready::tr("Its colour service tells other programs of profiles.");
    else if (state.desktop->isWayland)
        sentences << Ready::tr("No colour service runs, so other programs do not hear of profiles: "
                               "open the profile's file in those that ask for one.");
    else
        sentences << Ready::tr("Other programs hear of profiles from the X server.");
    return sentences.join(QLatin1Char(' '));
}

std::vector<ReadyModel::Found> found(const SessionState &state)
{
    const bool isMeasured =
        std::any_of(state.displays.begin(), state.displays.end(), [](const DisplayCard &card) {
            return card.lastValidated || card.lastChecked || card.mark != Mark::NotMeasured;
        });
    if (!state.desktop || isMeasured || state.hasRun() || state.unfinishedRun ||
        state.readingHistory)
        return {};
    const bool hasMeter = state.readyFacts.meterSays.isEmpty();
    return {{Ready::tr("Meter"), meterText(state)},
            {Ready::tr("Desktop"), desktopText(state)},
            {Ready::tr("First step"),
             hasMeter ? Ready::tr("Go through the points below, then press the button on the left. "
                                  "A display takes about a quarter of an hour.")
                      : Ready::tr("Choose a meter in the Meter menu. Without one, View, By eye "
                                  "helps to set brightness and contrast.")}};
}

} // namespace

ReadyModel readyModel(const SessionState &state)
{
    ReadyModel m;
    for (const ReadyPoint &point : state.ready)
        m.lines.push_back(lineOf(point));
    m.found = found(state);
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
