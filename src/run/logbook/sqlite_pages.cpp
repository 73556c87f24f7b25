#include "run/logbook/sqlite_pages.h"

#include <QStringDecoder>
#include <QtEndian>

#include <bit>
#include <vector>

namespace lantern::run {

namespace {

constexpr char kTableLeaf = 0x0D, kIndexLeaf = 0x0A, kIndexInner = 0x02, kTableInner = 0x05;
constexpr qsizetype kHeader = 100; ///< bytes before the first page's own

quint32 big32(const char *at)
{
    return qFromBigEndian<quint32>(at);
}

quint16 big16(const char *at)
{
    return qFromBigEndian<quint16>(at);
}

/// One to nine bytes, seven bits each, the ninth with eight. Moves `at` past it.
std::optional<quint64> variable(const char *data, qsizetype size, qsizetype &at)
{
    quint64 v = 0;
    for (int i = 0; i < 9; ++i) {
        if (at >= size)
            return std::nullopt;
        const auto byte = static_cast<quint8>(data[at++]);
        if (i == 8)
            return (v << 8) | byte;
        v = (v << 7) | (byte & 0x7F);
        if ((byte & 0x80) == 0)
            return v;
    }
    return v;
}

/// Two's complement of 1, 2, 3, 4, 6 or 8 bytes.
qint64 integer(const char *at, int bytes)
{
    qint64 v = static_cast<qint8>(at[0]);
    for (int i = 1; i < bytes; ++i)
        v = static_cast<qint64>(static_cast<quint64>(v) << 8) | static_cast<quint8>(at[i]);
    return v;
}

struct Sum {
    quint32 a = 0, b = 0;
    bool operator==(const Sum &) const = default;
};

/// The log's checksum, in the byte order that its header names.
Sum sumOf(const char *data, qsizetype size, Sum s, bool isBig)
{
    for (qsizetype i = 0; i + 8 <= size; i += 8) {
        const auto word = [&](qsizetype at) {
            return isBig ? big32(data + at) : qFromLittleEndian<quint32>(data + at);
        };
        s.a += word(i) + s.b;
        s.b += word(i + 4) + s.a;
    }
    return s;
}

} // namespace

SqlitePages::SqlitePages(QByteArray file, const QByteArray &wal) : m_file(std::move(file))
{
    if (m_file.size() >= kHeader && m_file.startsWith(QByteArray("SQLite format 3\0", 16))) {
        const quint32 size = big16(m_file.constData() + 16);
        const quint32 bytes = size == 1 ? 65536 : size;
        m_headerWhole = bytes >= 512 && std::has_single_bit(bytes);
        if (m_headerWhole) {
            m_pageSize = bytes;
            m_usable = m_pageSize - static_cast<quint8>(m_file[20]);
        }
    }
    m_pages = static_cast<quint32>(m_file.size() / m_pageSize);
    readWal(wal);
    // The header's count holds where the file was last changed by a program that keeps it.
    if (m_headerWhole && page(1) && memcmp(page(1) + 24, page(1) + 92, 4) == 0 &&
        big32(page(1) + 28) > m_pages)
        m_missing = static_cast<int>(std::min(big32(page(1) + 28) - m_pages, 1'000'000'000U));
    readFreeList();
}

std::optional<int> SqlitePages::userVersion() const
{
    return m_headerWhole ? std::optional(static_cast<int>(big32(page(1) + 60))) : std::nullopt;
}

const char *SqlitePages::page(quint32 number) const
{
    if (number == 0 || number > m_pages)
        return nullptr;
    if (const auto it = m_newer.find(number); it != m_newer.end())
        return m_wal.constData() + it->second;
    const qsizetype at = static_cast<qsizetype>(number - 1) * m_pageSize;
    return at + m_pageSize <= m_file.size() ? m_file.constData() + at : nullptr;
}

void SqlitePages::readWal(const QByteArray &wal)
{
    constexpr qsizetype kLogHeader = 32, kFrameHeader = 24;
    constexpr quint32 kMagic = 0x377F0682; // the last bit tells the byte order of checksums
    if (wal.size() < kLogHeader || (big32(wal.constData()) & ~1U) != kMagic)
        return;
    if (!m_headerWhole)
        m_pageSize = m_usable = big32(wal.constData() + 8);
    if (big32(wal.constData() + 8) != static_cast<quint32>(m_pageSize))
        return;
    m_wal = wal;
    const char *log = m_wal.constData();
    const bool isBig = (big32(log) & 1U) != 0;
    Sum sum = sumOf(log, 24, {}, isBig);
    if (!(sum == Sum{big32(log + 24), big32(log + 28)}))
        return;
    std::unordered_map<quint32, qsizetype> open;
    for (qsizetype at = kLogHeader; at + kFrameHeader + m_pageSize <= m_wal.size();
         at += kFrameHeader + m_pageSize) {
        const char *frame = log + at;
        if (memcmp(frame + 8, log + 16, 8) != 0) // salts: of an earlier round
            return;
        sum = sumOf(frame, 8, sum, isBig);
        sum = sumOf(frame + kFrameHeader, m_pageSize, sum, isBig);
        if (!(sum == Sum{big32(frame + 16), big32(frame + 20)}))
            return;
        open[big32(frame)] = at + kFrameHeader;
        if (const quint32 size = big32(frame + 4)) { // the end of a transaction
            for (const auto &[number, where] : open)
                m_newer[number] = where;
            open.clear();
            m_pages = size;
        }
    }
}

void SqlitePages::readFreeList()
{
    const char *first = page(1);
    if (!m_headerWhole || !first) {
        m_freeListWhole = false;
        return;
    }
    const quint32 expected = big32(first + 36);
    for (quint32 trunk = big32(first + 32); trunk != 0;) {
        const char *p = page(trunk);
        if (!p || !m_free.insert(trunk).second)
            break;
        const quint32 leaves = big32(p + 4);
        if (leaves > static_cast<quint32>(m_usable / 4 - 2))
            break;
        for (quint32 i = 0; i < leaves; ++i)
            m_free.insert(big32(p + 8 + 4 * static_cast<qsizetype>(i)));
        trunk = big32(p);
    }
    m_freeListWhole = m_free.size() == expected;
}

/// The bytes of a cell, those on overflow pages with them. Nothing: they cannot be read.
std::optional<QByteArray> SqlitePages::payload(const char *p, qsizetype at, quint64 size,
                                               bool isTable)
{
    constexpr quint64 kMost = 1'000'000'000;
    if (size > kMost)
        return std::nullopt;
    const qsizetype u = m_usable;
    const qsizetype most = isTable ? u - 35 : (u - 12) * 64 / 255 - 23;
    const qsizetype least = (u - 12) * 32 / 255 - 23;
    const auto total = static_cast<qsizetype>(size);
    qsizetype here = total;
    if (total > most) {
        const qsizetype k = least + (total - least) % (u - 4);
        here = k <= most ? k : least;
    }
    if (at + here + (here < total ? 4 : 0) > u)
        return std::nullopt;
    QByteArray out(p + at, here);
    std::vector<quint32> chain;
    quint32 next = here < total ? big32(p + at + here) : 0;
    while (out.size() < total) {
        const char *more = page(next);
        if (!more || m_free.contains(next) || chain.size() > m_pages)
            return std::nullopt;
        chain.push_back(next);
        out.append(more + 4, std::min(u - 4, total - out.size()));
        next = big32(more);
    }
    m_overflow.insert(chain.begin(), chain.end());
    return out;
}

std::optional<QVariantList> SqlitePages::values(const QByteArray &record)
{
    qsizetype at = 0;
    const auto header = variable(record.constData(), record.size(), at);
    if (!header || *header > static_cast<quint64>(record.size()))
        return std::nullopt;
    const auto end = static_cast<qsizetype>(*header);
    qsizetype body = end;
    QVariantList out;
    while (at < end) {
        const auto type = variable(record.constData(), end, at);
        if (!type)
            return std::nullopt;
        constexpr int kBytes[] = {0, 1, 2, 3, 4, 6, 8, 8, 0, 0};
        const quint64 bytes = *type < 10   ? static_cast<quint64>(kBytes[*type])
                              : *type < 12 ? record.size() + 1 // reserved: never in a file
                                           : (*type - 12) / 2;
        if (bytes > static_cast<quint64>(record.size() - body))
            return std::nullopt;
        const char *value = record.constData() + body;
        const auto size = static_cast<qsizetype>(bytes);
        if (*type == 0)
            out.push_back({});
        else if (*type <= 6)
            out.push_back(integer(value, static_cast<int>(size)));
        else if (*type == 7)
            out.push_back(std::bit_cast<double>(qFromBigEndian<quint64>(value)));
        else if (*type <= 9)
            out.push_back(qint64(*type - 8));
        else if (*type % 2 == 0)
            out.push_back(QByteArray(value, size));
        else {
            QStringDecoder decoder(QStringDecoder::Utf8);
            const QString text = decoder(QByteArrayView(value, size));
            if (decoder.hasError())
                return std::nullopt;
            out.push_back(text);
        }
        body += size;
    }
    return body == record.size() ? std::optional(out) : std::nullopt;
}

/// False: not all of its cells could be read.
bool SqlitePages::readPage(quint32 number, const std::function<void(const Row &)> &take)
{
    const char *p = page(number);
    if (!p)
        return false;
    const qsizetype start = number == 1 ? kHeader : 0;
    const char kind = p[start];
    if (kind == kTableInner)
        return true; // holds no rows
    if (kind != kTableLeaf && kind != kIndexLeaf && kind != kIndexInner)
        return false;
    const qsizetype pointers = start + (kind == kIndexInner ? 12 : 8);
    const int cells = big16(p + start + 3);
    if (pointers + 2 * cells > m_usable)
        return false;
    bool whole = true;
    for (int i = 0; i < cells; ++i) {
        qsizetype at = big16(p + pointers + 2 * i);
        if (kind == kIndexInner)
            at += 4; // the page left of it
        const auto size = variable(p, m_usable, at);
        Row row;
        if (kind == kTableLeaf)
            if (const auto id = variable(p, m_usable, at))
                row.number = static_cast<qint64>(*id);
        const auto bytes = size ? payload(p, at, *size, kind == kTableLeaf) : std::nullopt;
        const auto read = bytes ? values(*bytes) : std::nullopt;
        if (!read || (kind == kTableLeaf && !row.number)) {
            whole = false;
            continue;
        }
        row.values = *read;
        take(row);
    }
    return whole;
}

void SqlitePages::eachRow(const std::function<void(const Row &)> &take)
{
    std::vector<quint32> odd;
    for (quint32 number = 1; number <= m_pages; ++number)
        if (!m_free.contains(number) && !readPage(number, take))
            odd.push_back(number);
    // A page that holds the rest of a long value is no tree's page, and whole.
    m_damaged = m_missing;
    for (const quint32 number : odd)
        if (!m_overflow.contains(number))
            ++m_damaged;
}

} // namespace lantern::run
