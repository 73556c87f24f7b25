#pragma once

#include "core/signal/edid.h"

#include <QByteArray>
#include <QString>

#include <string>
#include <utility>
#include <vector>

namespace lantern::platform {

/// Name of a display as the desktop's colour service has it: "xrandr-VENDOR-MODEL-SERIAL". Source:
/// the service's device and profile naming specification, version 0.2.
QString colourDeviceId(const Edid &edid);

/// Metadata that lets the colour service give a profile to its display without being told. Keys:
/// MAPPING_device_id, EDID_md5, EDID_mnft, EDID_model, EDID_serial; the last two only where known.
/// \param bytes the whole EDID
std::vector<std::pair<std::string, std::string>> profileMapping(const Edid &edid,
                                                                const QByteArray &bytes);

} // namespace lantern::platform
