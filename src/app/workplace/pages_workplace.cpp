#include "app/workplace/pages_workplace.h"

#include "core/base/error.h"
#include "core/report/report.h"
#include "remote/page_setup.h"
#include "run/book/in_words.h"
#include "run/device/bench_devices.h"

#include <QFileInfo>

#include <algorithm>

namespace lantern::app {

namespace {

/// CSS pixels to the millimetre (CSS Values and Units Level 4, 6.2: 96 to the inch); what a device
/// really measures it does not tell.
constexpr double kPixelsPerMm = 96 / 25.4;

DisplayCard cardOfPage(const remote::PageDevice &page, const run::RunSetup &setup)
{
    desk::DisplayFacts f;
    f.id = QString::fromStdString(setup.displayId);
    f.name = f.model = page.name;
    f.technology = QString::fromStdString(setup.technology);
    f.detectedTechnology = f.technology;
    f.technologyReason = PagesWorkplace::tr("A browser does not tell.");
    f.noLut = PagesWorkplace::tr("A page has no video LUT.");
    f.noControls = PagesWorkplace::tr("A page reaches no controls.");
    f.builtIn = true; // nothing to be turned by the person's hand while it is measured
    f.pixels = page.facts.pixels;
    f.sizeMm = QSizeF(f.pixels) / (page.facts.ratio * kPixelsPerMm);
    DisplayCard card = cardOf(f);
    card.detail = PagesWorkplace::tr("page in a browser");
    return card;
}

} // namespace

PagesWorkplace::PagesWorkplace(Workplace *inner, const QString &folder, QObject *parent)
    : Workplace(parent),
      m_inner(inner),
      m_folder(folder + QStringLiteral("/pages")),
      m_server(m_folder + QStringLiteral("/devices.json")),
      m_shelf(m_folder + QStringLiteral("/standing"))
{
    connect(&m_server, &remote::PatchServer::changed, this, &PagesWorkplace::onPages);
    connect(inner, &Workplace::meterCame, this, &Workplace::meterCame);
    connect(inner, &Workplace::meterButtonPressed, this, &Workplace::meterButtonPressed);
    connect(inner, &Workplace::pauseWanted, this, &Workplace::pauseWanted);
    m_own = inner->displays().size();
    connect(inner, &Workplace::displaysChanged, this, [this] {
        m_own = m_inner->displays().size();
        emit displaysChanged();
    });
    connect(inner, &Workplace::entryWanted, this, &Workplace::entryWanted);
}

/// A device that was seen since the page was opened stays a display until that is closed: it may
/// come back at any moment, and its run waits.
void PagesWorkplace::onPages()
{
    std::vector<remote::PageDevice> now;
    if (m_server.isOpen())
        for (const remote::PageDevice &d : m_server.devices()) {
            const bool wasSeen =
                std::ranges::find(m_pages, d.id, &remote::PageDevice::id) != m_pages.end();
            if (d.isConnected || wasSeen)
                now.push_back(d);
        }
    const auto shown = [](const remote::PageDevice &d) {
        return std::tuple(d.id, d.name, d.facts.pixels.width(), d.facts.pixels.height());
    };
    const bool isSame = std::ranges::equal(
        m_pages, now, [&](const auto &a, const auto &b) { return shown(a) == shown(b); });
    const bool sameOnes =
        std::ranges::equal(m_pages, now, [](const auto &a, const auto &b) { return a.id == b.id; });
    m_pages = std::move(now);
    if (!sameOnes)
        emit displaysChanged();
    else if (!isSame)
        emit displaysRenamed();
}

const remote::PageDevice *PagesWorkplace::page(int display) const
{
    const auto index = static_cast<size_t>(display);
    if (index < m_own)
        return nullptr;
    if (index - m_own >= m_pages.size())
        throw Error(ErrorKind::Device, "the device", "is no longer there");
    return &m_pages[index - m_own];
}

std::vector<DisplayCard> PagesWorkplace::displays() const
{
    std::vector<DisplayCard> cards = m_inner->displays();
    for (const remote::PageDevice &device : m_pages) {
        DisplayCard card = cardOfPage(device, remote::pageSetup(device));
        if (const auto chosen = m_technologies.find(device.id); chosen != m_technologies.end()) {
            card.technology = QString::fromStdString(chosen->second);
            card.technologyChosen = true;
            card.technologyReason = tr("Chosen by you.");
        }
        cards.push_back(card);
    }
    return cards;
}

MeterCard PagesWorkplace::meterCard(int display) const
{
    return m_inner->meterCard(page(display) ? 0 : display);
}

QString PagesWorkplace::storePath(const remote::PageDevice &device) const
{
    return m_folder + QLatin1Char('/') + device.id + QStringLiteral(".icc");
}

run::Devices PagesWorkplace::devices(int display, QThread *engineThread)
{
    const remote::PageDevice *device = page(display);
    if (!device)
        return m_inner->devices(display, engineThread);
    run::Devices devices =
        m_inner->pageDevices(QString::fromStdString(remote::pageSetup(*device).displayId),
                             m_server.presenter(device->id), engineThread);
    devices.store = std::make_shared<run::FileProfileStore>(storePath(*device));
    return devices;
}

void PagesWorkplace::runFinished(int display, const run::RunResults &results)
{
    const remote::PageDevice *device = page(display);
    if (!device)
        return m_inner->runFinished(display, results);
    m_server.offer(device->id, remote::resultsOf(results, QByteArray::fromStdString(reportToHtml(
                                                              run::reportData(results),
                                                              ReportForm::Long, run::speaker()))));
}

void PagesWorkplace::attachUnit(int display, const QString &serial)
{
    if (!page(display))
        m_inner->attachUnit(display, serial);
}

run::RunSetup PagesWorkplace::setup(int display) const
{
    const remote::PageDevice *device = page(display);
    if (!device)
        return m_inner->setup(display);
    run::RunSetup setup = remote::pageSetup(*device);
    const run::RunSetup own = m_inner->setup(0); // the meter and its seed are the workplace's
    setup.meterName = own.meterName;
    setup.correctionKind = own.correctionKind;
    setup.correction = own.correction;
    setup.seed = own.seed;
    if (const auto chosen = m_technologies.find(device->id); chosen != m_technologies.end())
        setup.technology = chosen->second;
    return setup;
}

void PagesWorkplace::activate(int display, const std::optional<run::RunResults> &lastRun)
{
    if (!page(display))
        m_inner->activate(display, lastRun);
}

void PagesWorkplace::runBegins(int display)
{
    if (!page(display))
        m_inner->runBegins(display);
}

void PagesWorkplace::runEnds(int display)
{
    if (!page(display))
        m_inner->runEnds(display);
}

void PagesWorkplace::proved(int display, std::optional<double> meanDeltaE00)
{
    if (!page(display))
        return m_inner->proved(display, meanDeltaE00);
    const platform::Standing now = standing(display);
    m_shelf.change(now.displayId, now.displayName, [&](platform::Standing &s) {
        s.prove(QDateTime::currentDateTimeUtc(), meanDeltaE00);
    });
}

void PagesWorkplace::foretold(int display, const QDateTime &at)
{
    if (!page(display))
        m_inner->foretold(display, at);
}

platform::Standing PagesWorkplace::standing(int display) const
{
    const remote::PageDevice *device = page(display);
    if (!device)
        return m_inner->standing(display);
    return m_shelf.of(QString::fromStdString(remote::pageSetup(*device).displayId), device->name);
}

std::vector<desk::KnownProfile> PagesWorkplace::profiles(int display) const
{
    return page(display) ? std::vector<desk::KnownProfile>() : m_inner->profiles(display);
}

void PagesWorkplace::useProfile(int display, const QString &path)
{
    if (page(display))
        throw Error(ErrorKind::BadInput, path.toStdString(),
                    "cannot be put in use on another device",
                    "Fetch it on the device's page and install it there.");
    m_inner->useProfile(display, path);
}

void PagesWorkplace::giveUpInstalled(int display)
{
    if (!page(display))
        m_inner->giveUpInstalled(display);
}

QString PagesWorkplace::installForAll(int display, const QString &path)
{
    return page(display) ? tr("A profile of another device is installed on that device.")
                         : m_inner->installForAll(display, path);
}

std::optional<QString> PagesWorkplace::defaultInService(int display) const
{
    return page(display) ? std::nullopt : m_inner->defaultInService(display);
}

void PagesWorkplace::setReminder(int display, int days, int hours)
{
    if (!page(display))
        return m_inner->setReminder(display, days, hours);
    const platform::Standing now = standing(display);
    m_shelf.change(now.displayId, now.displayName, [&](platform::Standing &s) {
        s.remindAfterDays = days;
        s.remindAfterHours = hours;
    });
}

void PagesWorkplace::showLut(int display, const VideoLut &lut, const QByteArray &profile)
{
    if (!page(display))
        m_inner->showLut(display, lut, profile);
}

/// What the device itself makes of a profile nobody here can see.
desk::ProfileInUse PagesWorkplace::readBack(int display, const run::RunResults &results)
{
    const remote::PageDevice *device = page(display);
    if (!device)
        return m_inner->readBack(display, results);
    const QByteArray kept = run::FileProfileStore(storePath(*device)).inUse();
    return desk::judgeProfileInUse(kept, nullptr, results, tr("this computer, for the device"));
}

ReadyFacts PagesWorkplace::readyFacts(int display) const
{
    const remote::PageDevice *device = page(display);
    ReadyFacts facts = m_inner->readyFacts(device ? 0 : display);
    if (device) {
        facts.builtIn = true;
        facts.foreignLut.reset();
        facts.nightLight.reset();
    }
    return facts;
}

QRect PagesWorkplace::screenOf(int display) const
{
    return page(display) ? QRect() : m_inner->screenOf(display); // it is on no desktop of ours
}

void PagesWorkplace::setTechnology(int display, const std::string &technology)
{
    const remote::PageDevice *device = page(display);
    if (!device)
        m_inner->setTechnology(display, technology);
    else if (technology.empty())
        m_technologies.erase(device->id);
    else
        m_technologies[device->id] = technology;
}

std::optional<MonitorMemory> PagesWorkplace::memory(int display) const
{
    return page(display) ? std::nullopt : m_inner->memory(display);
}

} // namespace lantern::app
