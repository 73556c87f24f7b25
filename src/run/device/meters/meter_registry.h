#pragma once

#include "run/device/meters/driver_meter.h"

#include <QString>

#include <functional>
#include <vector>

namespace lantern::run {

/// A kind of meter that can be chosen: one line in meter_registry.cpp each.
struct MeterKind {
    QString key;          ///< "driver", "command", "hand": what a choice begins with
    QString title;        ///< for people
    QString argumentHint; ///< what follows the key and a colon; empty: nothing does
    std::function<Meter *(const QStringList &command, SceneSource *scene)> make;
};
const std::vector<MeterKind> &meterKinds();
/// Makes another kind known, that lives in a layer of its own. Before any meter is made.
void addMeterKind(const MeterKind &kind);

/// The meter that a choice such as "driver:/path/to/program --option", "command:…" or "hand" names.
/// Words are split as a shell does. \throws Error BadInput. The caller owns it.
Meter *makeMeter(const QString &choice, SceneSource *scene = nullptr);
/// The same check without making one.
const MeterKind &meterKindOf(const QString &choice);

} // namespace lantern::run
