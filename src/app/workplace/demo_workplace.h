#pragma once

#include "app/workplace/workplace.h"
#include "platform/desktop.h"
#include "remote/page_eye.h"
#include "run/device/bench_devices.h"

#include <map>
#include <memory>
#include <mutex>
#include <vector>

namespace lantern::app {

/// A folder without a display server: installs the file, remembers it as the one in use. May be
/// used by several threads.
class FolderStore : public run::ProfileStore {
public:
    /// \param installed called with each profile, its name and path; may be empty
    using Installed = std::function<void(const QByteArray &, const QString &, const QString &)>;
    explicit FolderStore(QString folder, Installed installed = {})
        : m_folder(std::move(folder)), m_installed(std::move(installed))
    {}
    QString install(const QByteArray &icc, const QString &name) override;
    void declare(const QByteArray &icc);
    QByteArray inUse() override;

private:
    QString m_folder;
    Installed m_installed;
    std::mutex m_mutex;
    QByteArray m_inUse;
};

/// What the bench's meter sees: the pixels that the patch window really shows.
class ScreenEye : public run::BenchEye {
    Q_OBJECT
public:
    explicit ScreenEye(desk::WindowPresenter *presenter, QObject *parent = nullptr);
    void look(run::Request request) override; ///< from any thread
    /// Where the meter hangs on the desktop; nothing: on the patch.
    void hangAt(const std::optional<QPoint> &spot) { m_spot = spot; }

private:
    void lookHere(run::Request request);

    desk::WindowPresenter *m_presenter;
    std::optional<QPoint> m_spot;
};

/// Hangs the bench's meter, and the eye that sees for it, over another place of the screen.
class DemoMover : public run::MeterMover {
public:
    DemoMover(std::shared_ptr<run::BenchRig> rig, std::shared_ptr<ScreenEye> eye, QRect screen)
        : m_mover(std::move(rig)), m_eye(std::move(eye)), m_screen(screen)
    {}
    void moveTo(double x, double y) override; ///< from any thread

private:
    run::BenchMover m_mover;
    std::shared_ptr<ScreenEye> m_eye;
    QRect m_screen;
};

/// The bench monitor's memory, which lasts: a file for each slot.
class DemoSlot : public run::BenchSlot {
public:
    /// \param files their path, but for number and ending
    DemoSlot(std::shared_ptr<run::BenchRig> rig, QString files);
    void load(int slot, const SlotTable &table) override;
    void activate(const std::optional<int> &slot) override;

private:
    [[nodiscard]] QString fileOf(int slot) const;
    QString m_files;
};

/// The demo: the three displays and two meters of Saltmarsh Herbarium Press on the bench. They show
/// the pixels of the patch window; their LUTs and profiles are their own, and nothing of the real
/// screen or of the person's profiles is touched.
class DemoWorkplace : public Workplace {
    Q_OBJECT
public:
    /// \param folder for the profiles that it installs
    explicit DemoWorkplace(const QString &folder, QObject *parent = nullptr);
    ~DemoWorkplace() override;

    [[nodiscard]] QString title() const override { return tr("demonstration on the bench"); }
    [[nodiscard]] std::vector<DisplayCard> displays() const override;
    [[nodiscard]] MeterCard meterCard(int display) const override;
    run::Devices devices(int display, QThread *engineThread) override;
    run::Devices pageDevices(const QString &id,
                             const std::shared_ptr<remote::PagePresenter> &presenter,
                             QThread *engineThread) override;
    void attachUnit(int display, const QString &serial) override;
    void letGoOfMeters() override
    {
        for (Place &place : m_places)
            place.meter.reset();
        m_panels.clear();
    }
    [[nodiscard]] run::RunSetup setup(int display) const override;
    void activate(int display, const std::optional<run::RunResults> &lastRun) override;
    void proved(int display, std::optional<double> meanDeltaE00) override;
    void foretold(int display, const QDateTime &at) override;
    [[nodiscard]] platform::Standing standing(int display) const override;
    [[nodiscard]] std::vector<desk::KnownProfile> profiles(int display) const override;
    void useProfile(int display, const QString &path) override;
    void setReminder(int display, int days, int hours) override;
    void giveUpInstalled(int display) override;
    QString installForAll(int, const QString &) override
    {
        return tr("The demonstration installs nothing for others.");
    }
    void showLut(int display, const VideoLut &lut, const QByteArray &profile) override;
    [[nodiscard]] std::optional<MonitorMemory> memory(int display) const override;
    /// The person pressed the monitor's own buttons.
    void pressSlot(int display, const std::optional<int> &slot);
    desk::ProfileInUse readBack(int display, const run::RunResults &results) override;
    [[nodiscard]] ReadyFacts readyFacts(int display) const override;

    [[nodiscard]] desk::PatchWindow *patchWindow() override { return m_patch.get(); }
    [[nodiscard]] QRect screenOf(int display) const override;
    void setTechnology(int display, const std::string &technology) override;
    void keepAwake(bool awake) override;
    void runEnds(int display) override; ///< the meter is where it was
    /// Hangs the meter at a point of the desktop; nothing: wherever the patch is.
    void hangMeter(const std::optional<QPoint> &spot);
    /// Null: a page of another device.
    std::shared_ptr<run::BenchRig> rig(int display)
    {
        const auto index = static_cast<size_t>(display);
        return index < m_places.size() ? m_places[index].rig : nullptr;
    }

    /// Where its profiles are installed.
    [[nodiscard]] const QString &profileFolder() const { return m_profileFolder; }

    /// Meter on the bench, "reference" or "colorimeter"; takes effect when a display is chosen.
    void chooseMeter(const QString &kind) override;
    [[nodiscard]] QString meterChoice() const override
    {
        return QString::fromStdString(m_meterKind);
    }
    /// The desktop's night light tints every display of the bench.
    void setNightLight(bool on);
    [[nodiscard]] bool nightLight() const { return m_nightLight; }
    void setSpeed(double speed);
    [[nodiscard]] double speed() const { return m_speed; }
    /// The next reading on a display fails in this way.
    void injectFault(int display, MeterFault fault);

    /// Measures the demo's earlier runs into an empty logbook, with their true dates in the past.
    /// Runs in the calling thread, some seconds of computing.
    static void makeHistory(const QString &finishedPath);

private:
    struct Place {
        std::shared_ptr<run::BenchRig> rig;
        std::shared_ptr<ScreenEye> eye;
        std::shared_ptr<run::BenchMeter> meter; ///< lives in the engine's thread
        std::shared_ptr<run::BenchControls> controls;
        std::shared_ptr<run::BenchLut> lut;
        std::shared_ptr<FolderStore> store;
        std::shared_ptr<DemoSlot> slot; ///< null: it has no memory
        bool isAsLeft = false;          ///< its controls stand where its last run left them
        QString unit;                   ///< of the workshop, that stands there instead
    };
    /// A simulated panel under the page of another device.
    struct Panel {
        std::shared_ptr<run::BenchRig> rig;
        std::shared_ptr<remote::PageEye> eye;
        std::shared_ptr<run::BenchMeter> meter; ///< lives in the engine's thread
    };
    bench::Bench benchOf(int display) const;
    void makeDevices(Place &place);
    static void followProfile(Place &place);
    void changeStanding(int display, const std::function<void(platform::Standing &)> &change);

    bool m_nightLight = false;
    uint64_t m_unitsAttached = 0;
    QString m_profileFolder;
    platform::StandingShelf m_shelf;
    std::unique_ptr<desk::PatchWindow> m_patch;
    std::shared_ptr<desk::WindowPresenter> m_presenter;
    std::vector<Place> m_places;
    std::map<QString, Panel> m_panels; ///< by the card of the device
    platform::Desktop m_desktop;
    std::optional<QPoint> m_meterSpot;
    std::map<int, std::string> m_technologies; ///< chosen instead of the displays' own
    std::string m_meterKind = "colorimeter";
    double m_speed = 20;
};

} // namespace lantern::app
