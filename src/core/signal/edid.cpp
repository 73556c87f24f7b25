#include "core/signal/edid.h"

#include "core/base/error.h"

#include <algorithm>
#include <array>
#include <numeric>

namespace lantern {

namespace {

constexpr size_t kBlock = 128;
constexpr std::array<uint8_t, 8> kHeader = {0, 255, 255, 255, 255, 255, 255, 0};
constexpr size_t kFirstDescriptor = 54;
constexpr size_t kDescriptorLength = 18;
constexpr uint8_t kNameTag = 0xfc;
constexpr uint8_t kSerialTag = 0xff;

/// Text of a display descriptor: up to 13 characters, ended by a line feed.
std::string descriptorText(std::span<const uint8_t> descriptor)
{
    std::string text;
    for (size_t i = 5; i < kDescriptorLength && descriptor[i] != '\n'; ++i)
        text +=
            descriptor[i] >= 0x20 && descriptor[i] < 0x7f ? static_cast<char>(descriptor[i]) : ' ';
    while (!text.empty() && text.back() == ' ')
        text.pop_back();
    return text;
}

/// Ten bits: eight high ones of their own, two low ones packed with those of others.
double fraction(uint8_t high, int low)
{
    return ((high << 2) | (low & 3)) / 1024.0;
}

} // namespace

std::string Edid::identity() const
{
    std::string id = maker + "-" + std::to_string(product);
    if (!serial.empty())
        id += "-" + serial;
    return id;
}

Edid edidFromBytes(std::span<const uint8_t> b, const std::string &source)
{
    const auto bad = [&](const Message &problem) {
        return Error(ErrorKind::BadInput, source, problem,
                     "The display's name and size have to be entered by hand.");
    };
    if (b.size() < kBlock)
        throw bad({"an EDID has 128 bytes, here are %1", {std::to_string(b.size())}});
    if (!std::equal(kHeader.begin(), kHeader.end(), b.begin()))
        throw bad("does not begin as an EDID does");
    if (std::accumulate(b.begin(), b.begin() + kBlock, 0U) % 256 != 0)
        throw bad("its checksum is wrong");

    Edid e;
    const int letters = b[8] << 8 | b[9];
    for (const int shift : {10, 5, 0})
        e.maker += static_cast<char>('A' - 1 + (letters >> shift & 31));
    e.product = b[10] | b[11] << 8;
    const uint32_t number = b[12] | b[13] << 8 | b[14] << 16 | static_cast<uint32_t>(b[15]) << 24;
    if (number != 0)
        e.serial = std::to_string(number);
    e.year = b[17] == 0 ? 0 : 1990 + b[17];
    const bool digital = (b[20] & 0x80) != 0;
    const int depth = b[20] >> 4 & 7; // revision 4: 1 is 6 bits, 2 is 8 … 6 is 16
    if (digital && b[19] >= 4 && depth >= 1 && depth <= 6)
        e.bitsPerChannel = 4 + 2 * depth;
    e.widthMm = 10.0 * b[21];
    e.heightMm = 10.0 * b[22];
    if (b[21] == 0 || b[22] == 0) // an aspect ratio or nothing
        e.widthMm = e.heightMm = 0;
    if (b[23] != 0xff)
        e.gamma = 1 + b[23] / 100.0;
    e.red = {fraction(b[27], b[25] >> 6), fraction(b[28], b[25] >> 4)};
    e.green = {fraction(b[29], b[25] >> 2), fraction(b[30], b[25])};
    e.blue = {fraction(b[31], b[26] >> 6), fraction(b[32], b[26] >> 4)};
    e.white = {fraction(b[33], b[26] >> 2), fraction(b[34], b[26])};
    for (size_t at = kFirstDescriptor; at + kDescriptorLength < kBlock; at += kDescriptorLength) {
        const auto d = b.subspan(at, kDescriptorLength);
        if (d[0] != 0 || d[1] != 0) { // a timing: the first one has the size to the millimetre
            const double w = d[12] | (d[14] & 0xf0) << 4;
            const double h = d[13] | (d[14] & 0x0f) << 8;
            if (at == kFirstDescriptor && w > 0 && h > 0) {
                e.widthMm = w;
                e.heightMm = h;
            }
        } else if (d[3] == kNameTag)
            e.name = descriptorText(d);
        else if (d[3] == kSerialTag && !descriptorText(d).empty())
            e.serial = descriptorText(d);
    }
    return e;
}

} // namespace lantern
