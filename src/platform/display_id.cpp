#include "platform/display_id.h"

#include "core/base/error.h"

#include <QCoreApplication>

namespace lantern::platform {

std::optional<Edid> edidOf(const Output &output)
{
    if (output.edid.isEmpty())
        return std::nullopt;
    try {
        return edidFromBytes({reinterpret_cast<const uint8_t *>(output.edid.data()),
                              static_cast<size_t>(output.edid.size())},
                             output.name.toStdString());
    } catch (const Error &) { // still a display; it goes by its output's name
        return std::nullopt;
    }
}

QString displayId(const Output &output)
{
    const auto edid = edidOf(output);
    return edid ? QString::fromStdString(edid->identity()) : output.name;
}

QString displayName(const Output &output)
{
    const auto edid = edidOf(output);
    return edid && !edid->name.empty() ? QString::fromStdString(edid->name)
           : output.isBuiltIn()        ? QCoreApplication::translate("Desk", "Built-in panel")
                                       : output.name;
}

} // namespace lantern::platform
