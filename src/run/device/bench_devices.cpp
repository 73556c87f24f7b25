#include "run/device/bench_devices.h"

#include "bench/scene.h"
#include "core/base/error.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QFileInfo>

namespace lantern::run {

BenchSceneSource::BenchSceneSource(std::shared_ptr<BenchRig> rig, BenchEye *eye, QObject *parent)
    : SceneSource(parent), m_eye(eye)
{
    connect(eye, &BenchEye::looked, this,
            [this, rig](Request request, const bench::Bench::SeenColours &colours) {
                QByteArray scene;
                if (!colours.empty())
                    scene = QByteArray::fromStdString(rig->with(
                        [&](bench::Bench &b) { return bench::sceneToJson(colours, b).dump(); }));
                emit seen(request, scene);
            });
}

BenchMeter::BenchMeter(std::shared_ptr<BenchRig> rig, BenchEye *eye, QObject *parent)
    : Meter(parent), m_rig(std::move(rig)), m_eye(eye), m_wait(new QTimer(this))
{
    m_wait->setSingleShot(true);
    m_wait->setTimerType(Qt::PreciseTimer);
    connect(m_eye, &BenchEye::looked, this, &BenchMeter::onLooked);
    connect(m_wait, &QTimer::timeout, this, [this] {
        if (std::exchange(m_waiting, false))
            emit waited(request());
        else if (const auto *reading = std::get_if<bench::MeterReading>(&m_outcome))
            emit readingFinished(request(), reading->xyz, reading->integrationSeconds);
        else
            emit failed(request(), std::get<MeterFault>(m_outcome), {});
    });
}

QString BenchMeter::name() const
{
    return QString::fromStdString(
        m_rig->with([](bench::Bench &b) { return b.meter().description().name; }));
}

void BenchMeter::read(const DeviceRgb &)
{
    m_looking = true;
    m_eye->look(request());
}

void BenchMeter::onLooked(Request asked, const bench::Bench::SeenColours &seen)
{
    if (!m_looking || asked != request()) // given up meanwhile
        return;
    m_looking = false;
    if (seen.empty()) {
        m_outcome = MeterFault::OffPatch;
        m_wait->start(0);
        return;
    }
    double seconds = 0;
    m_outcome = m_rig->with([&](bench::Bench &b) {
        const double before = b.clockSeconds();
        auto outcome = b.read(seen);
        seconds = b.clockSeconds() - before;
        return outcome;
    });
    m_wait->start(m_speed > 0 ? static_cast<int>(1000 * seconds / m_speed) : 0);
}

std::optional<MeterSpectrum> BenchMeter::lastSpectrum() const
{
    if (!m_wantsSpectra)
        return std::nullopt;
    return m_rig->with([](bench::Bench &b) -> std::optional<MeterSpectrum> {
        if (!b.meter().description().isReference())
            return std::nullopt;
        const bench::Spectrum light = b.lastSpectrum();
        return MeterSpectrum{static_cast<double>(bench::kFirstNm),
                             bench::kFirstNm + kCmfStepNm * (bench::kBands - 1.0),
                             {light.begin(), light.end()}};
    });
}

void BenchMeter::wait(double seconds)
{
    m_rig->with([&](bench::Bench &b) { b.setClockSeconds(b.clockSeconds() + seconds); });
    m_waiting = true;
    m_wait->start(m_speed > 0 ? static_cast<int>(1000 * seconds / m_speed) : 0);
}

void BenchMeter::cancel()
{
    m_waiting = false;
    m_looking = false;
    m_wait->stop();
}

void BenchMeter::zero()
{
    m_rig->with([](bench::Bench &b) { b.meter().zero(); });
    emit zeroed(request());
}

void BenchMeter::room()
{
    const auto room = m_rig->with([](bench::Bench &b) -> std::optional<RoomLight> {
        if (!b.meter().description().diffuser)
            return std::nullopt;
        return RoomLight{b.room().illuminanceLux, b.room().chromaticity};
    });
    if (room)
        emit roomRead(request(), *room);
    else
        emit failed(request(), MeterFault::CannotDo, tr("it has no diffuser"));
}

QByteArray BenchMeter::state() const
{
    return QByteArray::fromStdString(m_rig->with([](bench::Bench &b) { return b.state().dump(); }));
}

void BenchMeter::restore(const QByteArray &state)
{
    if (state.isEmpty())
        return;
    m_rig->with([&](bench::Bench &b) {
        b.restore(state.toStdString(), "state of the bench in the logbook");
    });
}

void DirectEye::look(Request request)
{
    const auto &region = m_presenter->region();
    if (!m_rig) {
        emit looked(request, {{m_presenter->shownRgb(), 1.0}});
        return;
    }
    emit looked(request, m_rig->with([&](bench::Bench &b) {
        return bench::seenBy(b, {m_presenter->shownRgb(), region});
    }));
}

void DirectPresenter::show(Request request, const DeviceRgb &rgb,
                           const std::optional<ScreenRegion> &region)
{
    m_rgb = rgb;
    m_region = region;
    QMetaObject::invokeMethod(
        this, [this, request] { emit shown(request); }, Qt::QueuedConnection);
}

ControlCapabilities BenchControls::capabilities() const
{
    return m_rig->with([](bench::Bench &b) {
        const auto &d = b.display().description();
        return ControlCapabilities{d.remoteControls, d.remoteControls && d.hasRgbGains,
                                   100.0 / d.brightnessLevels};
    });
}

std::optional<MonitorControls> BenchControls::read()
{
    return m_rig->with([](bench::Bench &b) -> std::optional<MonitorControls> {
        if (!b.display().description().remoteControls)
            return std::nullopt;
        return b.condition().controls;
    });
}

void BenchControls::write(const MonitorControls &controls)
{
    m_rig->with([&](bench::Bench &b) {
        const auto &d = b.display().description();
        if (!d.remoteControls)
            throw Error(ErrorKind::Device, d.name, "does not answer on its control channel",
                        "Turn its controls by hand, or go on without.");
        b.condition().controls = controls;
        const double step = 100.0 / d.brightnessLevels;
        b.condition().controls.brightness = step * std::round(controls.brightness / step);
    });
}

bool BenchControls::tellsAtOnce() const
{
    return m_rig->with([](bench::Bench &b) { return b.display().description().builtIn; });
}

VideoLut BenchLut::read()
{
    return m_rig->with(
        [](bench::Bench &b) { return b.condition().lut.value_or(VideoLut::identity()); });
}

void BenchLut::load(const VideoLut &lut)
{
    m_rig->with([&](bench::Bench &b) { b.condition().lut = lut; });
}

QString FileProfileStore::install(const QByteArray &icc, const QString &)
{
    writeFile(m_path, icc);
    return m_path;
}

QByteArray FileProfileStore::inUse()
{
    return QFileInfo::exists(m_path) ? readFile(m_path) : QByteArray();
}

int BenchSlot::count() const
{
    return m_rig->with([](bench::Bench &b) { return b.display().description().memorySlots; });
}

bool BenchSlot::mixes() const
{
    return m_rig->with([](bench::Bench &b) { return b.display().description().mixesPrimaries; });
}

void BenchSlot::load(int slot, const SlotTable &table)
{
    {
        const std::lock_guard lock(m_mutex);
        m_slots[slot] = table;
    }
    activate(slot);
}

std::optional<int> BenchSlot::active()
{
    const std::lock_guard lock(m_mutex);
    return m_active;
}

void BenchSlot::activate(const std::optional<int> &slot)
{
    const std::lock_guard lock(m_mutex);
    std::optional<SlotTable> table;
    if (slot) {
        const auto held = m_slots.find(*slot);
        table = held == m_slots.end() ? SlotTable::identity() : held->second;
    }
    const int from = m_active.value_or(kNone), to = slot.value_or(kNone);
    m_active = slot;
    m_rig->with([&](bench::Bench &b) {
        b.condition().memorySlot = table;
        if (from == to)
            return;
        m_controls[from] = b.condition().controls;
        if (const auto own = m_controls.find(to); own != m_controls.end())
            b.condition().controls = own->second;
    });
}

void BenchSlot::restore(const std::map<int, SlotTable> &filled,
                        const std::map<int, MonitorControls> &controls)
{
    const std::lock_guard lock(m_mutex);
    m_slots = filled;
    m_controls = controls;
}

std::map<int, MonitorControls> BenchSlot::keptControls()
{
    const std::lock_guard lock(m_mutex);
    std::map<int, MonitorControls> kept = m_controls;
    kept[m_active.value_or(kNone)] =
        m_rig->with([](bench::Bench &b) { return b.condition().controls; });
    return kept;
}

} // namespace lantern::run
