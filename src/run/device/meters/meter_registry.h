#pragma once

#include "run/device/meters/driver_meter.h"

#include <QString>

#include <functional>
#include <vector>

namespace lantern::run {

/// A kind of meter that can be chosen: one line in meter_registry.cpp each.
struct MeterKind {
    QString key; ///< "driver", "command", "hand": what a choice begins with
    const char *titleText;
    const char *hintText;
    std::function<Meter *(const QStringList &command, SceneSource *scene)> make;

    /// For people, in their language.
    [[nodiscard]] QString title() const { return tr(titleText); }
    /// What follows the key and a colon, likewise; empty: nothing does.
    [[nodiscard]] QString argumentHint() const { return tr(hintText); }
    [[nodiscard]] bool takesArguments() const { return *hintText != '\0'; }

private:
    static QString tr(const char *text);
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
