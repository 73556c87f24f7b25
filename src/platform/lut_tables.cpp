#include "platform/lut_tables.h"

#include <cstring>

namespace lantern::platform {

LutTables tablesOf(const VideoLut &lut, int size)
{
    LutTables tables;
    for (int c = 0; c < 3; ++c)
        for (int i = 0; i < size; ++i)
            tables[c].push_back(static_cast<uint16_t>(
                65535 * lut.evaluate(c, static_cast<double>(i) / (size - 1)) + 0.5));
    return tables;
}

QByteArray bytesOf(const LutTables &tables)
{
    QByteArray bytes;
    for (const auto &table : tables)
        bytes.append(reinterpret_cast<const char *>(table.data()),
                     static_cast<qsizetype>(table.size() * sizeof(uint16_t)));
    return bytes;
}

LutTables tablesFrom(const QByteArray &bytes, int size)
{
    LutTables tables;
    const qsizetype length = size * static_cast<qsizetype>(sizeof(uint16_t));
    if (bytes.size() != 3 * length)
        return tables;
    for (int c = 0; c < 3; ++c) {
        tables[c].resize(size);
        std::memcpy(tables[c].data(), bytes.constData() + c * length, length);
    }
    return tables;
}

void TableLut::restore(const QByteArray &saved)
{
    const LutTables tables = tablesFrom(saved, size());
    if (!tables[0].empty()) // else of another output
        setTables(tables);
}

} // namespace lantern::platform
