#pragma once

#include <QString>

#include <functional>
#include <optional>

namespace lantern::platform {

/// A password kept by the desktop's secret service. Nothing: there is none of that name, no such
/// service, or the person did not unlock it. \param told in this thread, later
void readSecret(const QString &name, std::function<void(std::optional<QString>)> told);
/// The same, waiting for the service.
std::optional<QString> secretNow(const QString &name);
/// Waits for the service. \throws Error Device: there is none, or it refuses
void keepSecret(const QString &name, const QString &secret);
void forgetSecret(const QString &name);

} // namespace lantern::platform
