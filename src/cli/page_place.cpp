#include "cli/inputs.h"
#include "cli/place.h"
#include "cli/said.h"
#include "platform/ending.h"
#include "remote/page_eye.h"
#include "remote/page_setup.h"
#include "remote/patch_server.h"
#include "run/book/output_files.h"
#include "run/device/meters/meter_registry.h"

#include <QCoreApplication>
#include <QEventLoop>
#include <QTimer>
#include <QUrl>

#include <iostream>

namespace lantern::cli {

namespace {

using namespace run;

/// ADDRESS:PORT, the address of IPv6 in brackets.
QUrl addressOption(const std::string &text)
{
    QUrl url;
    url.setAuthority(QString::fromStdString(text), QUrl::StrictMode);
    if (QHostAddress(url.host()).isNull() || url.port() < 1 || !url.userInfo().isEmpty())
        throw Error(ErrorKind::BadInput, "--page " + text, "ADDRESS:PORT is expected",
                    "For example 192.168.1.20:8417, an address of this computer.");
    return url;
}

/// A signal from outside ends the application's own loop only.
void runUnlessStopped(QEventLoop &loop)
{
    QTimer watch;
    constexpr int kLookMs = 200;
    QObject::connect(&watch, &QTimer::timeout, &loop, [&loop] {
        if (platform::endedBySignal())
            loop.quit();
    });
    watch.start(kLookMs);
    loop.exec();
}

/// The bench's meter before a simulated panel that shows what the page does.
struct Panel {
    std::shared_ptr<BenchRig> rig;
    std::unique_ptr<remote::PageEye> eye;
};

class PagePlace : public Place {
public:
    explicit PagePlace(const RunOptions &o)
        : m_folder(QString::fromStdString(o.out)),
          m_linger(o.linger),
          m_technology(o.technology),
          m_server(m_folder + QStringLiteral("/page-devices.json"))
    {
        const QUrl address = addressOption(o.page);
        m_server.open(QHostAddress(address.host()), static_cast<quint16>(address.port()));
        m_device = awaitDevice(QString::fromStdString(o.device));
        m_presenter = m_server.presenter(m_device.id);
        if (!o.panel.empty()) {
            bench::Bench bench(readDisplay(o.panel), o.panel,
                               bench::builtInMeter(isBenchMeter(o.meter) ? o.meter : "reference"),
                               o.technology, o.seed);
            m_panel.rig = std::make_shared<BenchRig>(std::move(bench));
            m_panel.eye = std::make_unique<remote::PageEye>(m_presenter, m_panel.rig);
            m_meter = std::make_unique<BenchMeter>(m_panel.rig, m_panel.eye.get());
        } else
            m_meter.reset(makeMeter(QString::fromStdString(o.meter)));
        answerByHand(m_meter.get());
        QObject::connect(m_presenter.get(), &remote::PagePresenter::changed, &m_context,
                         [this] { tell(); });
    }
    ~PagePlace() override { m_presenter->hide(); }

    [[nodiscard]] RunSetup setup() override
    {
        RunSetup s = remote::pageSetup(m_device);
        if (m_panel.rig) {
            s.meterName =
                m_panel.rig->with([](bench::Bench &b) { return b.meter().description().name; });
            s.technology =
                m_panel.rig->with([](bench::Bench &b) { return std::string(b.technology()); });
        } else if (!m_technology.empty())
            s.technology = m_technology;
        return s;
    }
    Devices devices(const QString &folder) override
    {
        m_store = std::make_unique<FileProfileStore>(folder + QStringLiteral("/profile.icc"));
        Devices devices;
        devices.meter = keptElsewhere(*m_meter);
        devices.presenter = m_presenter;
        devices.store = keptElsewhere(*m_store);
        return devices;
    }
    void declare(const QByteArray &, const VideoLut &) override {}
    void written(const RunResults &results, const QString &folder) override
    {
        m_server.offer(m_device.id,
                       remote::resultsOf(results, run::readFile(folder + QLatin1Char('/') +
                                                                QLatin1String(run::kReportPage))));
        if (m_linger <= 0)
            return;
        std::cerr << said({"Profile and report can be fetched at %1 for %2 s; Ctrl+C ends that.",
                           {m_server.url().toString().toStdString(), std::to_string(m_linger)}})
                  << '\n';
        QEventLoop loop;
        QTimer::singleShot(std::chrono::seconds(m_linger), &loop, &QEventLoop::quit);
        runUnlessStopped(loop);
    }

private:
    /// The one of that name, or the only one; waits until it is there.
    remote::PageDevice awaitDevice(const QString &name)
    {
        std::string told;
        for (;;) {
            for (const remote::PageDevice &device : m_server.devices())
                if (device.isConnected && (name.isEmpty() || device.name == name))
                    return device;
            const std::string says =
                said({"Open on the device: %1  code %2",
                      {m_server.url().toString().toStdString(), m_server.code().toStdString()}});
            if (says != std::exchange(told, says))
                std::cerr << says << std::endl;
            QEventLoop loop;
            QObject::connect(&m_server, &remote::PatchServer::changed, &loop, &QEventLoop::quit);
            runUnlessStopped(loop);
            if (platform::endedBySignal())
                throw Error(ErrorKind::Device, "this run", "was stopped before a device was there");
        }
    }
    void tell()
    {
        const bool isThere = m_presenter->isConnected() && m_presenter->facts().isVisible;
        if (isThere == std::exchange(m_wasThere, isThere))
            return;
        const std::string name = shown(m_device.name);
        std::cerr << (isThere ? said({"%1 is back.", {name}})
                              : said({"%1 does not show its page. The run goes on when it is back.",
                                      {name}}))
                  << '\n';
    }

    QString m_folder;
    int m_linger;
    std::string m_technology;
    QObject m_context;
    remote::PatchServer m_server;
    remote::PageDevice m_device;
    std::shared_ptr<remote::PagePresenter> m_presenter;
    bool m_wasThere = true;
    Panel m_panel;
    std::unique_ptr<Meter> m_meter;
    std::unique_ptr<FileProfileStore> m_store;
};

} // namespace

std::unique_ptr<Place> pagePlace(const RunOptions &options)
{
    if (isBenchMeter(options.meter) && options.panel.empty())
        throw Error(ErrorKind::BadInput, "--meter " + options.meter,
                    "is the simulated displays' own",
                    "On a real device give driver:PROGRAM, command:PROGRAM or hand; or a simulated "
                    "panel with --panel.");
    return std::make_unique<PagePlace>(options);
}

} // namespace lantern::cli
