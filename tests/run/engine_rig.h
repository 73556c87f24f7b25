#pragma once

#include "run/device/bench_devices.h"
#include "run/engine/run_engine.h"
#include "run/logbook/load_results.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <QFileInfo>

#include <functional>
#include <memory>

namespace lantern::test {

/// An engine on a bench without a screen, in this thread.
struct EngineRig {
    explicit EngineRig(const QString &logbook, const std::string &display = "north-desk.json",
                       const std::string &meterKind = "reference")
        : rig(std::make_shared<run::BenchRig>(bench::Bench(
              bench::displayFromJson(parseJson(bench::builtInText(display), display), display),
              display, bench::builtInMeter(meterKind), "", 3))),
          eye(&presenter),
          meter(rig, &eye),
          controls(rig),
          lut(rig),
          store(QFileInfo(logbook).path() + QStringLiteral("/profile.icc")),
          engine(logbook)
    {
        engine.setDevices(devices(meter));
        QObject::connect(&engine, &run::RunEngine::statusChanged, [this](const run::RunStatus &s) {
            status = s;
            if (onStatus)
                onStatus(s);
        });
        QObject::connect(&engine, &run::RunEngine::resultsChanged,
                         [this](const run::RunResults &r) { results = r; });
        QObject::connect(&engine, &run::RunEngine::failed,
                         [this](const QString &m, int) { failure = m; });
    }

    /// The rig's devices with this meter.
    run::Devices devices(run::Meter &with)
    {
        return {run::keptElsewhere(with),     run::keptElsewhere(presenter),
                run::keptElsewhere(controls), run::keptElsewhere(lut),
                run::keptElsewhere(store),    nullptr};
    }

    [[nodiscard]] static run::RunSetup setup()
    {
        run::RunSetup s;
        s.displayId = "north-desk";
        s.displayName = "Saltmarsh 27 Wide";
        s.serial = "SM27-0042";
        s.technology = "led-wide";
        s.meterName = "Heron";
        s.chartPatches = 48;
        s.startControls = MonitorControls{75, 70, 100, 100, 100};
        s.linkBits = 8;
        s.startedAt = "2026-11-24T10:00:00Z";
        return s;
    }

    bool waitUntil(const std::function<bool()> &done) { return test::waitUntil(done); }
    bool waitFor(run::Activity activity)
    {
        return waitUntil([&] { return status.activity == activity; });
    }
    void fail(uint64_t reading, MeterFault fault)
    {
        rig->with([&](bench::Bench &b) { b.meter().injectFault(reading, fault); });
    }

    std::shared_ptr<run::BenchRig> rig;
    run::DirectPresenter presenter;
    run::DirectEye eye;
    run::BenchMeter meter;
    run::BenchControls controls;
    run::BenchLut lut;
    run::FileProfileStore store;
    run::RunEngine engine;
    run::RunStatus status;
    run::RunResults results;
    QString failure;
    std::function<void(const run::RunStatus &)> onStatus;
};

} // namespace lantern::test
