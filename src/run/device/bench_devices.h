#pragma once

#include "bench/bench.h"
#include "run/device/meters/driver_meter.h"

#include <QTimer>

#include <map>
#include <memory>
#include <mutex>

namespace lantern::run {

/// A bench that several threads may use: the engine reads, the interface turns the monitor's
/// buttons.
class BenchRig {
public:
    explicit BenchRig(bench::Bench bench) : m_bench(std::move(bench)) {}

    /// Calls `work(bench)` while nobody else does.
    template <class F> auto with(F &&work)
    {
        const std::lock_guard lock(m_mutex);
        return work(m_bench);
    }

private:
    std::mutex m_mutex;
    bench::Bench m_bench;
};

/// Says what is in front of the meter. Signals arrive from whatever thread can see it.
class BenchEye : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// Looks; looked() follows.
    virtual void look(Request request) = 0;
signals:
    /// Code values with their share of the seen area; empty when the patch cannot be seen at all.
    void looked(lantern::run::Request request, const lantern::bench::Bench::SeenColours &seen);
};

/// The bench seen by a meter that lives in a driver program of its own.
class BenchSceneSource : public SceneSource {
    Q_OBJECT
public:
    /// \param eye not owned
    BenchSceneSource(std::shared_ptr<BenchRig> rig, BenchEye *eye, QObject *parent = nullptr);
    void look(Request request) override { m_eye->look(request); }

private:
    BenchEye *m_eye;
};

/// The bench's meter behind the meter interface.
class BenchMeter : public Meter {
    Q_OBJECT
public:
    /// \param eye not owned
    BenchMeter(std::shared_ptr<BenchRig> rig, BenchEye *eye, QObject *parent = nullptr);

    /// How many times faster than life; 0 = does not wait at all.
    void setSpeed(double speed) { m_speed = speed; }

    [[nodiscard]] QString name() const override;
    void wantSpectra(bool wanted) override { m_wantsSpectra = wanted; }
    /// The reference meter sees them.
    [[nodiscard]] std::optional<MeterSpectrum> lastSpectrum() const override;
    void cancel() override;
    [[nodiscard]] QByteArray state() const override;
    void restore(const QByteArray &state) override;

protected:
    void read(const DeviceRgb &shown) override;
    void zero() override;
    void room() override;
    void wait(double seconds) override;

private:
    void onLooked(Request asked, const bench::Bench::SeenColours &seen);

    std::shared_ptr<BenchRig> m_rig;
    BenchEye *m_eye;
    QTimer *m_wait;
    double m_speed = 0;
    bool m_looking = false, m_waiting = false, m_wantsSpectra = false;
    bench::MeterOutcome m_outcome;
};

/// Presenter and eye of a bench without a screen: the patch goes straight to the display model.
class DirectPresenter : public PatchPresenter {
    Q_OBJECT
public:
    using PatchPresenter::PatchPresenter;
    void show(Request request, const DeviceRgb &rgb,
              const std::optional<ScreenRegion> &region) override;
    [[nodiscard]] const DeviceRgb &shownRgb() const { return m_rgb; }
    [[nodiscard]] const std::optional<ScreenRegion> &region() const { return m_region; }

private:
    DeviceRgb m_rgb;
    std::optional<ScreenRegion> m_region;
};

class DirectEye : public BenchEye {
    Q_OBJECT
public:
    explicit DirectEye(const DirectPresenter *presenter, QObject *parent = nullptr)
        : BenchEye(parent), m_presenter(presenter)
    {}
    void look(Request request) override;
    /// Takes into account where the meter hangs; without this it always hangs on the patch.
    void watchPlace(std::shared_ptr<BenchRig> rig) { m_rig = std::move(rig); }

private:
    const DirectPresenter *m_presenter;
    std::shared_ptr<BenchRig> m_rig;
};

/// The simulated monitor's controls.
class BenchControls : public ControlsDevice {
public:
    explicit BenchControls(std::shared_ptr<BenchRig> rig) : m_rig(std::move(rig)) {}
    [[nodiscard]] ControlCapabilities capabilities() const override;
    std::optional<MonitorControls> read() override;
    void write(const MonitorControls &controls) override;
    [[nodiscard]] bool tellsAtOnce() const override; ///< a built-in panel's

private:
    std::shared_ptr<BenchRig> m_rig;
};

/// Video LUT kept in the bench itself.
class BenchLut : public VideoLutDevice {
public:
    explicit BenchLut(std::shared_ptr<BenchRig> rig) : m_rig(std::move(rig)) {}
    VideoLut read() override;
    void load(const VideoLut &lut) override;

private:
    std::shared_ptr<BenchRig> m_rig;
};

/// The simulated monitor's memory. Each slot, and the monitor without any, keeps its own controls.
/// May be used by several threads.
class BenchSlot : public MemorySlotDevice {
public:
    explicit BenchSlot(std::shared_ptr<BenchRig> rig) : m_rig(std::move(rig)) {}
    [[nodiscard]] int count() const override;
    [[nodiscard]] bool mixes() const override;
    void load(int slot, const SlotTable &table) override;
    std::optional<int> active() override;
    void activate(const std::optional<int> &slot) override;

protected:
    static constexpr int kNone = -1; ///< the monitor without any slot
    /// What was in it before this object was made. \param controls by slot or kNone
    void restore(const std::map<int, SlotTable> &filled,
                 const std::map<int, MonitorControls> &controls);
    [[nodiscard]] std::map<int, MonitorControls> keptControls();

private:
    std::shared_ptr<BenchRig> m_rig;
    std::mutex m_mutex;
    std::map<int, SlotTable> m_slots;
    std::map<int, MonitorControls> m_controls; ///< of those that are not active
    std::optional<int> m_active;
};

/// The bench hangs its meter wherever it is told to.
class BenchMover : public MeterMover {
public:
    explicit BenchMover(std::shared_ptr<BenchRig> rig) : m_rig(std::move(rig)) {}
    void moveTo(double x, double y) override
    {
        m_rig->with([&](bench::Bench &b) { b.meterPlace() = {2 * x - 1, 2 * y - 1}; });
    }

private:
    std::shared_ptr<BenchRig> m_rig;
};

/// Installs by writing one file: the command line's way.
class FileProfileStore : public ProfileStore {
public:
    explicit FileProfileStore(QString path) : m_path(std::move(path)) {}
    QString install(const QByteArray &icc, const QString &name) override;
    QByteArray inUse() override;

private:
    QString m_path;
};

} // namespace lantern::run
