#pragma once

#include "core/plan/chart.h"
#include "core/profile/profile_writer.h"
#include "toy_display.h"

#include <QByteArray>

namespace lantern::test {

/// A whole profile of a toy display, with that video LUT in it.
inline QByteArray toyProfile(const VideoLut &lut, const std::string &name)
{
    ProfileRequest request;
    request.kind = ProfileKind::Matrix;
    request.path.lut = lut;
    request.name = name;
    const auto icc = buildProfile(ToyDisplay().read(makeChart(48)), request, name).icc;
    return {reinterpret_cast<const char *>(icc.data()), qsizetype(icc.size())};
}

/// Blue at so much of its drive.
inline VideoLut dimmedBlue(double share)
{
    VideoLut lut = VideoLut::identity();
    for (auto &entry : lut.channels[2])
        entry = static_cast<uint16_t>(entry * share);
    return lut;
}

} // namespace lantern::test
