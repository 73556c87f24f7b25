#include "targets.h"

#include "bench/display.h"
#include "bench/meter.h"
#include "core/aim/aim.h"
#include "core/base/error.h"
#include "core/judge/tolerance.h"
#include "core/profile/printing.h"
#include "core/profile/profile_facts.h"
#include "core/profile/profile_file.h"
#include "core/reading/colour_list.h"
#include "core/reading/meter_correction.h"
#include "core/reading/readings_file.h"
#include "core/report/report.h"
#include "core/signal/controls.h"
#include "core/signal/edid.h"
#include "core/signal/slot_file.h"
#include "run/device/meters/driver_message.h"

#include <nlohmann/json.hpp>

#include <algorithm>

namespace lantern::fuzz {

namespace {

std::string text(const uint8_t *data, size_t size)
{
    return {reinterpret_cast<const char *>(data), size};
}

template <class F> void tolerant(F &&work)
{
    try {
        work();
    } catch (const Error &) { // refused with a message: what a reader is for
    }
}

} // namespace

void cgats(const uint8_t *data, size_t size)
{
    tolerant([&] {
        const ReadingSet set = readingsFromCgats(text(data, size), "fuzz");
        // What was read can be written and read again.
        (void)readingsFromCgats(readingsToCgats(set), "again");
    });
}

void colourList(const uint8_t *data, size_t size)
{
    tolerant([&] { (void)parseColourList(text(data, size), "fuzz"); });
    tolerant([&] { (void)printingFromText(text(data, size), "fuzz"); });
}

void icc(const uint8_t *data, size_t size)
{
    const std::vector<uint8_t> bytes(data, data + size);
    tolerant([&] { (void)inspectProfile(bytes, "fuzz"); });
    tolerant([&] { (void)printingFromProfile(bytes, "fuzz"); });
    tolerant([&] {
        const ProfileFile p(bytes, "fuzz");
        (void)p.toDevice({50, 10, -10});
    });
}

void json(const uint8_t *data, size_t size)
{
    Json j;
    try {
        j = parseJson(text(data, size), "fuzz");
    } catch (const Error &) {
        return;
    }
    tolerant([&] { (void)aimFromJson(j, "fuzz"); });
    tolerant([&] { (void)bench::displayFromJson(j, "fuzz"); });
    tolerant([&] { bench::Display(bench::displayFromJson(j, "fuzz"), "fuzz"); });
    tolerant([&] { (void)bench::meterFromJson(j, "fuzz"); });
    tolerant([&] { (void)controlsFromJson(JsonObject(j, "fuzz")); });
    tolerant([&] { (void)correctionFromJson(j, "fuzz"); });
    tolerant([&] { (void)toleranceFromJson(j, "fuzz"); });
    tolerant([&] { (void)slotFromJson(j, "fuzz"); });
    tolerant([&] { (void)recheckReport(j, "fuzz"); });
}

void edid(const uint8_t *data, size_t size)
{
    std::vector<uint8_t> bytes(data, data + size);
    tolerant([&] { (void)edidFromBytes(bytes, "fuzz").identity(); });
    // The same with header and checksum put right, so that what lies between is read.
    constexpr size_t kBlock = 128;
    constexpr uint8_t kHeader[] = {0, 0xff, 0xff, 0xff, 0xff, 0xff, 0xff, 0};
    bytes.resize(std::max(bytes.size(), kBlock));
    std::copy(std::begin(kHeader), std::end(kHeader), bytes.begin());
    uint8_t sum = 0;
    for (size_t i = 0; i + 1 < kBlock; ++i)
        sum = static_cast<uint8_t>(sum + bytes[i]);
    bytes[kBlock - 1] = static_cast<uint8_t>(-sum);
    tolerant([&] { (void)edidFromBytes(bytes, "fuzz").identity(); });
}

void driver(const uint8_t *data, size_t size)
{
    run::DriverReply reply;
    if (run::driverLine(text(data, size), reply) != run::DriverLine::Reply)
        return;
    tolerant([&] { (void)run::driverGreeting(reply.result); });
    tolerant([&] { (void)run::driverReading(reply.result); });
    tolerant([&] { (void)run::driverRoom(reply.result); });
}

} // namespace lantern::fuzz
