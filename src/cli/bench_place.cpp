#include "cli/inputs.h"
#include "cli/place.h"
#include "run/device/bench_devices.h"
#include "run/device/meters/meter_registry.h"

namespace lantern::cli {

namespace {

using namespace run;

void injectFault(bench::Bench &bench, const std::string &fault)
{
    if (fault.empty())
        return;
    const size_t at = fault.find('@');
    const auto number = at == std::string::npos ? std::nullopt : parseNumber(fault.substr(at + 1));
    if (!number || *number < 0)
        throw Error(ErrorKind::BadInput, "--fault " + fault, "KIND@READING is expected",
                    "For example unplugged@40.");
    bench.meter().injectFault(static_cast<uint64_t>(*number),
                              meterFaultByName(fault.substr(0, at)));
}

bench::Bench benchOf(const RunOptions &o)
{
    bench::Bench bench(readDisplay(o.display), o.display,
                       bench::builtInMeter(isBenchMeter(o.meter) ? o.meter : "reference"),
                       o.technology, o.seed);
    bench.condition().evened = o.evened;
    if (!o.correction.empty())
        bench.meter().clearCorrection(); // the file's takes its place
    injectFault(bench, o.fault);
    return bench;
}

class BenchPlace : public Place {
public:
    explicit BenchPlace(const RunOptions &o)
        : m_benchMeter(isBenchMeter(o.meter)),
          m_corrects(o.correction.empty()),
          m_seed(o.seed),
          m_rig(std::make_shared<BenchRig>(benchOf(o))),
          m_eye(&m_presenter),
          m_scene(m_rig, &m_eye),
          m_controls(m_rig),
          m_lut(m_rig),
          m_slot(m_rig),
          m_mover(m_rig)
    {
        m_eye.watchPlace(m_rig);
        if (m_benchMeter)
            m_meter = std::make_unique<BenchMeter>(m_rig, &m_eye);
        else
            m_meter.reset(makeMeter(QString::fromStdString(o.meter), &m_scene));
        answerByHand(m_meter.get());
    }

    [[nodiscard]] RunSetup setup() override
    {
        return m_rig->with([this](bench::Bench &bench) {
            const auto &display = bench.display().description();
            const auto &meter = bench.meter().description();
            RunSetup s;
            s.displayId = display.id;
            s.displayName = display.name;
            s.serial = display.serial;
            s.technology = bench.technology();
            if (m_benchMeter)
                s.meterName = meter.name;
            if (m_benchMeter && m_corrects && !meter.isReference()) {
                s.correctionKind = CorrectionKind::Technology;
                s.correction = "corrected for " + bench.technology();
            }
            s.adjust = display.remoteControls ? AdjustMode::Automatic : AdjustMode::Skip;
            s.controls = {display.remoteControls, display.remoteControls && display.hasRgbGains,
                          100.0 / display.brightnessLevels};
            s.startControls = display.controls;
            s.linkBits = display.linkBits;
            s.seed = m_seed;
            return s;
        });
    }
    Devices devices(const QString &folder) override
    {
        m_store = std::make_unique<FileProfileStore>(folder + QStringLiteral("/profile.icc"));
        return {keptElsewhere(*m_meter), keptElsewhere(m_presenter), keptElsewhere(m_controls),
                keptElsewhere(m_lut),    keptElsewhere(*m_store),    keptElsewhere(m_slot),
                keptElsewhere(m_mover)};
    }
    void declare(const QByteArray &, const VideoLut &lut) override { m_lut.load(lut); }
    [[nodiscard]] int memorySlots() const override { return m_slot.count(); }
    [[nodiscard]] bool mixesPrimaries() const override { return m_slot.mixes(); }

private:
    bool m_benchMeter, m_corrects;
    uint64_t m_seed;
    std::shared_ptr<BenchRig> m_rig;
    DirectPresenter m_presenter;
    DirectEye m_eye;
    BenchSceneSource m_scene;
    std::unique_ptr<Meter> m_meter;
    BenchControls m_controls;
    BenchLut m_lut;
    BenchSlot m_slot;
    BenchMover m_mover;
    std::unique_ptr<FileProfileStore> m_store;
};

} // namespace

bool isBenchMeter(const std::string &choice)
{
    return choice == "reference" || choice == "colorimeter";
}

std::unique_ptr<Place> benchPlace(const RunOptions &options)
{
    return std::make_unique<BenchPlace>(options);
}

} // namespace lantern::cli
