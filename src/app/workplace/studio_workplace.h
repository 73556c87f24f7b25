#pragma once

#include "app/patch_window.h"
#include "app/workplace/workplace.h"
#include "core/signal/edid.h"
#include "platform/as_found.h"
#include "platform/control_channel.h"
#include "platform/desktop.h"
#include "platform/x11_output.h"
#include "run/device/meters/meter_registry.h"

#include <QElapsedTimer>

#include <memory>
#include <vector>

namespace lantern::app {

/// The real thing: the outputs of the X server, the monitors' control channels, and a meter of the
/// person's choice.
class StudioWorkplace : public Workplace {
    Q_OBJECT
public:
    /// \throws Error Device when there is no X server with an active output
    explicit StudioWorkplace(QObject *parent = nullptr);
    ~StudioWorkplace() override;

    [[nodiscard]] QString title() const override { return {}; }
    [[nodiscard]] std::vector<DisplayCard> displays() const override;
    [[nodiscard]] MeterCard meterCard(int display) const override;
    run::Devices devices(int display, QThread *engineThread) override;
    [[nodiscard]] run::RunSetup setup(int display) const override;
    void activate(int display, const std::optional<run::RunResults> &lastRun) override;
    void runBegins(int display) override;
    void runEnds(int display) override;
    void clearLut(int display) override;
    ProfileInUse readBack(int display, const run::RunResults &results) override;
    [[nodiscard]] ReadyFacts readyFacts(int display) const override;
    [[nodiscard]] PatchWindow *patchWindow() override { return m_patch.get(); }
    [[nodiscard]] bool hasMeter() const override { return !m_meterChoice.isEmpty(); }
    [[nodiscard]] QRect screenOf(int display) const override;
    void setTechnology(int display, const std::string &technology) override;
    void keepAwake(bool awake) override;
    void enterReading(const XYZ &xyz) override;

    /// A choice as makeMeter() takes it; empty: none yet. Takes effect when a display is chosen.
    [[nodiscard]] QString meterChoice() const { return m_meterChoice; }
    /// \throws Error BadInput
    void setMeterChoice(const QString &choice);

private:
    struct Place {
        platform::X11Output output;
        std::optional<Edid> edid;
        std::string technology, technologyReason;
        std::shared_ptr<platform::ControlChannel> controls;
        QString noControls; ///< why there are none, after they were looked for
        bool controlsSought = false;
        std::shared_ptr<platform::X11VideoLut> engineLut, lut; ///< null: the output has none
        std::shared_ptr<platform::X11ProfileStore> engineStore, store;
    };
    void findPlaces();
    /// The place of an output that is or was there, taken out of where it stood; else a new one.
    Place placeOf(const platform::X11Output &output);
    static Place makePlace(const platform::X11Output &output);
    static QString idOf(const Place &place);

    std::vector<Place> m_places;
    std::unique_ptr<PatchWindow> m_patch;
    std::shared_ptr<WindowPresenter> m_presenter;
    platform::Desktop m_desktop;
    platform::AsFound m_asFound;
    QString m_meterChoice;
    std::shared_ptr<run::Meter> m_meter; ///< lives in the engine's thread
    QElapsedTimer m_seenSince;           ///< how long the displays are known to be on
};

} // namespace lantern::app
