#include "app/views/pages/pages_model.h"

#include "app/state/wording.h"

#include <QCoreApplication>
#include <QUrl>

#include <algorithm>

namespace lantern::app {

namespace {

struct Pages {
    Q_DECLARE_TR_FUNCTIONS(Pages)
};

QString stateOf(const PagesState::Device &d, const SessionState &state)
{
    if (state.pageUrl.isEmpty())
        return Pages::tr("the page is closed");
    if (!d.isConnected)
        return Pages::tr("not there");
    if (!d.isVisible)
        return Pages::tr("page not in front");
    return d.fillsScreen ? Pages::tr("ready") : Pages::tr("ready, not the whole screen");
}

QString gamutText(const QString &gamut)
{
    return gamut == QLatin1String("rec2020") ? Pages::tr("very wide")
           : gamut == QLatin1String("p3")    ? Pages::tr("wide")
           : gamut == QLatin1String("srgb")  ? Pages::tr("about sRGB")
                                             : dash();
}

} // namespace

QStringList pageColumns()
{
    return {Pages::tr("Device"), Pages::tr("State"), Pages::tr("Screen"), Pages::tr("It says"),
            Pages::tr("Answers in")};
}

PagesModel pagesModel(const SessionState &state)
{
    PagesModel m;
    m.isServing = !state.pageUrl.isEmpty();
    m.url = state.pageUrl;
    const QUrl url(state.pageUrl);
    m.host = url.host();
    m.port = url.port();
    if (m.isServing)
        m.scan = state.pageUrl + QLatin1Char('#') + state.pairingCode;
    m.code = state.pairingCode.left(3) + QLatin1Char(' ') + state.pairingCode.mid(3);
    m.mayChange = !state.isMeasuring();
    for (const PagesState::Address &a : state.ownAddresses) {
        m.addresses << Pages::tr("%1 (%2)").arg(a.address, a.network);
        m.hosts.push_back(a.address);
    }
    m.addresses << Pages::tr("127.0.0.1 (this computer only)");
    m.hosts.push_back(QStringLiteral("127.0.0.1"));
    int there = 0;
    for (const PagesState::Device &d : state.pageDevices) {
        there += d.isConnected ? 1 : 0;
        PagesModel::Row row;
        row.id = d.id;
        const bool isKnown = !d.pixels.isEmpty();
        row.cells = {
            d.name, stateOf(d, state),
            isKnown ? Pages::tr("%1 × %2").arg(d.pixels.width()).arg(d.pixels.height()) : dash(),
            isKnown ? gamutText(d.gamut) : dash(),
            d.isConnected && d.roundTripMs ? Pages::tr("%1 ms").arg(*d.roundTripMs) : dash()};
        row.words = row.cells.join(QStringLiteral("; "));
        const auto card =
            std::ranges::find(state.displays, QStringLiteral("page-") + d.id, &DisplayCard::id);
        if (card != state.displays.end())
            row.display = static_cast<int>(card - state.displays.begin());
        m.rows.push_back(row);
    }
    if (!m.isServing)
        m.sentence = Pages::tr("Nothing listens on the network now. Choose the address that the "
                               "device can reach this computer by, and open the page.");
    else if (there == 0)
        m.sentence = Pages::tr("On the device, open this address in a browser and type the code. "
                               "It then stands on the Desk beside the other displays.");
    else
        m.sentence = (there == 1 ? Pages::tr("One device is connected.")
                                 : Pages::tr("%1 devices are connected.").arg(there)) +
                     Pages::tr(" Each is measured like any other display of the Desk; its page "
                               "offers the profile afterwards.");
    return m;
}

} // namespace lantern::app
