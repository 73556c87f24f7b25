#pragma once

#include "app/workplace/workplace.h"
#include "desk/desk.h"
#include "platform/desktop.h"
#include "platform/keeper_install.h"
#include "platform/sensors.h"
#include "run/device/meters/meter_registry.h"

#include <QElapsedTimer>

#include <memory>
#include <vector>

namespace lantern::app {

/// The real thing: the displays on the desk, and a meter of the person's choice.
class StudioWorkplace : public Workplace {
    Q_OBJECT
public:
    /// \throws Error Device when there is no X server with an active output
    explicit StudioWorkplace(QObject *parent = nullptr);
    ~StudioWorkplace() override;

    [[nodiscard]] QString title() const override { return {}; }
    [[nodiscard]] std::vector<DisplayCard> displays() const override;
    [[nodiscard]] MeterCard meterCard(int display) const override;
    [[nodiscard]] std::optional<desk::DesktopFacts> desktop() const override
    {
        return m_desk.desktop();
    }
    run::Devices devices(int display, QThread *engineThread) override;
    run::Devices pageDevices(const QString &id,
                             const std::shared_ptr<remote::PagePresenter> &presenter,
                             QThread *engineThread) override;
    void letGoOfMeters() override { m_meter.reset(); }
    [[nodiscard]] run::RunSetup setup(int display) const override;
    void activate(int display, const std::optional<run::RunResults> &lastRun) override
    {
        m_desk.activate(display, lastRun);
    }
    void runBegins(int display) override { m_desk.runBegins(display); }
    void runEnds(int display) override { m_desk.runEnds(display); }
    void proved(int display, std::optional<double> meanDeltaE00) override
    {
        m_desk.proved(display, meanDeltaE00);
    }
    void foretold(int display, const QDateTime &at) override { m_desk.foretold(display, at); }
    [[nodiscard]] platform::Standing standing(int display) const override
    {
        return m_desk.standing(display);
    }
    [[nodiscard]] std::vector<desk::KnownProfile> profiles(int display) const override
    {
        return m_desk.profiles(display);
    }
    void useProfile(int display, const QString &path) override { m_desk.use(display, path); }
    void giveUpInstalled(int display) override { m_desk.giveUpInstalled(display); }
    QString installForAll(int display, const QString &path) override
    {
        return m_desk.installForAll(display, path);
    }
    [[nodiscard]] std::optional<QString> defaultInService(int display) const override
    {
        return m_desk.defaultInService(display);
    }
    [[nodiscard]] std::optional<bool> keeper() const override
    {
        return platform::KeeperInstall::isInstalled();
    }
    void setKeeper(bool wanted) override
    {
        if (wanted)
            platform::KeeperInstall::install(platform::KeeperInstall::program());
        else
            platform::KeeperInstall::remove();
    }
    void setReminder(int display, int days, int hours) override
    {
        m_desk.setReminder(display, days, hours);
    }
    void showLut(int display, const VideoLut &lut, const QByteArray &profile) override
    {
        if (profile.isEmpty())
            m_desk.showLut(display, lut);
        else
            m_desk.declare(display, profile, lut);
    }
    desk::ProfileInUse readBack(int display, const run::RunResults &results) override
    {
        return m_desk.readBack(display, results);
    }
    [[nodiscard]] ReadyFacts readyFacts(int display) const override;
    [[nodiscard]] desk::PatchWindow *patchWindow() override { return m_patch.get(); }
    [[nodiscard]] bool hasMeter() const override { return !m_meterChoice.isEmpty(); }
    [[nodiscard]] QRect screenOf(int display) const override { return m_desk.screenOf(display); }
    void setTechnology(int display, const std::string &technology) override
    {
        m_desk.setTechnology(display, technology);
    }
    void keepAwake(bool awake) override;
    void enterReading(const XYZ &xyz) override;

    /// A choice as makeMeter() takes it; empty: none yet. Takes effect when a display is chosen.
    [[nodiscard]] QString meterChoice() const override { return m_meterChoice; }
    void chooseMeter(const QString &choice) override;
    [[nodiscard]] std::vector<platform::Sensor> sensors() const override
    {
        return m_sensors.list();
    }

private:
    void makeMeter(QThread *engineThread);
    void onSensors();

    desk::Desk m_desk;
    std::unique_ptr<desk::PatchWindow> m_patch;
    std::shared_ptr<desk::WindowPresenter> m_presenter;
    platform::Desktop m_desktop;
    platform::Sensors m_sensors;
    QString m_meterChoice;
    std::shared_ptr<run::Meter> m_meter; ///< lives in the engine's thread
    QElapsedTimer m_seenSince;           ///< how long the displays are known to be on
};

} // namespace lantern::app
