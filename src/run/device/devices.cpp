#include "run/device/devices.h"

#include <cstring>

namespace lantern::run {

QByteArray VideoLutDevice::save()
{
    const VideoLut lut = read();
    return {reinterpret_cast<const char *>(lut.channels.data()), sizeof lut.channels};
}

void VideoLutDevice::restore(const QByteArray &saved)
{
    VideoLut lut;
    if (saved.size() != sizeof lut.channels)
        return; // of another device
    std::memcpy(lut.channels.data(), saved.constData(), sizeof lut.channels);
    load(lut);
}

} // namespace lantern::run

// Beside its class: else whoever needs one meter is linked with the whole run.
#include "moc_devices.cpp"
