#pragma once

#include "app/workplace/workplace.h"

#include <map>

namespace lantern::app {

/// The display of another device, which shows patches in its browser.
inline bool isPage(const DisplayCard &card)
{
    return card.id.startsWith(QLatin1String("page-"));
}

/// A workplace and, after its own displays, those of devices whose browsers show patches.
class PagesWorkplace : public Workplace {
    Q_OBJECT
public:
    /// \param inner not owned; outlives this \param folder for paired devices and their profiles
    PagesWorkplace(Workplace *inner, const QString &folder, QObject *parent = nullptr);

    [[nodiscard]] Workplace *beneath() override { return m_inner->beneath(); }
    [[nodiscard]] remote::PatchServer *patchServer() override { return &m_server; }
    [[nodiscard]] QString title() const override { return m_inner->title(); }
    [[nodiscard]] std::vector<DisplayCard> displays() const override;
    [[nodiscard]] MeterCard meterCard(int display) const override;
    [[nodiscard]] std::optional<desk::DesktopFacts> desktop() const override
    {
        return m_inner->desktop();
    }
    [[nodiscard]] bool hasMeter() const override { return m_inner->hasMeter(); }
    void chooseMeter(const QString &choice) override { m_inner->chooseMeter(choice); }
    [[nodiscard]] std::vector<platform::Sensor> sensors() const override
    {
        return m_inner->sensors();
    }
    [[nodiscard]] QString meterChoice() const override { return m_inner->meterChoice(); }
    run::Devices devices(int display, QThread *engineThread) override;
    run::Devices pageDevices(const QString &id,
                             const std::shared_ptr<remote::PagePresenter> &presenter,
                             QThread *engineThread) override
    {
        return m_inner->pageDevices(id, presenter, engineThread);
    }
    void runFinished(int display, const run::RunResults &results) override;
    void attachUnit(int display, const QString &serial) override;
    void letGoOfMeters() override { m_inner->letGoOfMeters(); }
    [[nodiscard]] run::RunSetup setup(int display) const override;
    void activate(int display, const std::optional<run::RunResults> &lastRun) override;
    void runBegins(int display) override;
    void runEnds(int display) override;
    void proved(int display, std::optional<double> meanDeltaE00) override;
    void foretold(int display, const QDateTime &at) override;
    [[nodiscard]] platform::Standing standing(int display) const override;
    [[nodiscard]] std::vector<desk::KnownProfile> profiles(int display) const override;
    void useProfile(int display, const QString &path) override;
    void giveUpInstalled(int display) override;
    QString installForAll(int display, const QString &path) override;
    [[nodiscard]] std::optional<QString> defaultInService(int display) const override;
    [[nodiscard]] std::optional<bool> keeper() const override { return m_inner->keeper(); }
    void setKeeper(bool wanted) override { m_inner->setKeeper(wanted); }
    void setReminder(int display, int days, int hours) override;
    void showLut(int display, const VideoLut &lut, const QByteArray &profile) override;
    desk::ProfileInUse readBack(int display, const run::RunResults &results) override;
    [[nodiscard]] ReadyFacts readyFacts(int display) const override;
    [[nodiscard]] desk::PatchWindow *patchWindow() override { return m_inner->patchWindow(); }
    [[nodiscard]] QRect screenOf(int display) const override;
    void setTechnology(int display, const std::string &technology) override;
    [[nodiscard]] std::optional<MonitorMemory> memory(int display) const override;
    void keepAwake(bool awake) override { m_inner->keepAwake(awake); }
    void enterReading(const XYZ &xyz) override { m_inner->enterReading(xyz); }

private:
    /// The device of a display; null: it is the inner workplace's.
    [[nodiscard]] const remote::PageDevice *page(int display) const;
    [[nodiscard]] QString storePath(const remote::PageDevice &device) const;
    void onPages();

    Workplace *m_inner;
    size_t m_own = 0; ///< displays of the inner workplace; those of devices follow
    QString m_folder;
    remote::PatchServer m_server;
    platform::StandingShelf m_shelf;
    std::vector<remote::PageDevice> m_pages;       ///< those that are displays now
    std::map<QString, std::string> m_technologies; ///< chosen, by device
};

} // namespace lantern::app
