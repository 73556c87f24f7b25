#include "cli/carry_out.h"

#include "cli/progress.h"

#include "core/base/error.h"
#include "platform/ending.h"

#include <nlohmann/json.hpp>

#include <QCoreApplication>

#include <optional>

namespace lantern::cli {

namespace {

using namespace run;

constexpr char kGoOn[] = "Give the same command again to go on from the last reading.";

} // namespace

RunResults carryOut(RunEngine &engine, Place &place, const std::function<void(RunEngine &)> &start)
{
    engine.setAutomatic(true);
    RunResults results;
    std::optional<Error> error;
    bool finished = false;
    Progress progress;
    QObject context;
    QObject::connect(&engine, &RunEngine::resultsChanged, &context,
                     [&](const RunResults &r) { results = r; });
    QObject::connect(&engine, &RunEngine::failed, &context, [&](const QString &message, int code) {
        error.emplace(static_cast<ErrorKind>(code), "", Message::verbatim(message.toStdString()));
        QCoreApplication::quit();
    });
    QObject::connect(&engine, &RunEngine::statusChanged, &context, [&](const RunStatus &status) {
        progress.show(status);
        const bool faulted = status.activity == Activity::Faulted;
        if (faulted || status.activity == Activity::Blocked)
            error.emplace(ErrorKind::Device, stageKey(status.stage).toStdString(),
                          Message::verbatim(status.message.toStdString()),
                          faulted ? Message(kGoOn) : Message());
        finished |= status.activity == Activity::Finished;
        if (error || finished)
            QCoreApplication::quit();
    });
    place.begins();
    QMetaObject::invokeMethod(
        &engine,
        [&] {
            try {
                start(engine);
            } catch (const Error &e) {
                error = e;
                QCoreApplication::quit();
            }
        },
        Qt::QueuedConnection);
    QCoreApplication::exec();
    progress.clear();
    if (!error && !finished && platform::endedBySignal())
        error.emplace(ErrorKind::Device, "this run", Message("was stopped from outside"),
                      Message(kGoOn));
    engine.stop();
    try {
        place.ends(!results.installedPath.isEmpty());
    } catch (const Error &e) { // the display has gone; what stopped the run says more
        if (!error)
            error = e;
    }
    if (error)
        throw *error;
    // A validation alone may be of any profile, and says nothing of the one that stays in force.
    if (results.setup.kind != RunKind::Validation && (results.validation || results.check))
        place.proved(results.validation ? results.validation->meanDeltaE00 : std::nullopt);
    return results;
}

std::optional<std::string> firstDifference(const RunSetup &begun, const RunSetup &wanted)
{
    const Json before = setupToJson(begun);
    Json now = setupToJson(wanted);
    for (const char *found : {"started_at", "settling", "learns_settling"}) // by the run itself
        now[found] = before[found];
    if (wanted.correctionKind == CorrectionKind::None) // until the meter says that it has one
        for (const char *found : {"correction", "correction_kind"})
            now[found] = before[found];
    if (!wanted.startControls) // read when the run began
        now["start_controls"] = before["start_controls"];
    for (const auto &[key, value] : now.items())
        if (before[key] != value)
            return key;
    return std::nullopt;
}

} // namespace lantern::cli
