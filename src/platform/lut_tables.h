#pragma once

#include "run/device/devices.h"

#include <array>
#include <cstdint>
#include <vector>

namespace lantern::platform {

/// For red, green and blue as many numbers as the output's hardware has entries, 0..65535.
using LutTables = std::array<std::vector<uint16_t>, 3>;

/// A LUT as tables of that size. \param size at least 2
LutTables tablesOf(const VideoLut &lut, int size);

/// One table after the other, each number as the machine has it; and back, empty where the bytes
/// are not those of three tables of that size.
QByteArray bytesOf(const LutTables &tables);
LutTables tablesFrom(const QByteArray &bytes, int size);

/// A video LUT of tables that can be loaded and read back.
class TableLut : public run::VideoLutDevice {
public:
    VideoLut read() override { return VideoLut::fromTables(tables()); }
    void load(const VideoLut &lut) override { setTables(tablesOf(lut, size())); }
    QByteArray save() override { return bytesOf(tables()); }
    void restore(const QByteArray &saved) override;
    bool holds(const VideoLut &lut) override { return tables() == tablesOf(lut, size()); }

protected:
    /// Entries of each table, at least 2.
    virtual int size() = 0;
    virtual LutTables tables() = 0;
    virtual void setTables(const LutTables &tables) = 0;
};

} // namespace lantern::platform
