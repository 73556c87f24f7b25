#include "bench/bench.h"

#include "bench/embedded_files.h"
#include "core/base/error.h"

#include <nlohmann/json.hpp>

#include <cmath>
#include <map>
#include <numbers>

namespace lantern::bench {

std::string builtInText(const std::string &fileName)
{
    for (const EmbeddedFile &file : embeddedFiles())
        if (fileName == file.name)
            return file.text;
    throw Error(ErrorKind::BadInput, fileName, "does not ship with the bench");
}

const Display &genericDisplay(const std::string &technology)
{
    static const std::map<std::string, Display> displays = [] {
        std::map<std::string, Display> all;
        for (const std::string &name : technologies()) {
            const std::string file = name + ".json";
            all.emplace(name,
                        Display(displayFromJson(parseJson(builtInText(file), file), file), file));
        }
        return all;
    }();
    const auto it = displays.find(technology);
    if (it == displays.end()) {
        std::string known;
        for (const std::string &name : technologies())
            known += (known.empty() ? "" : ", ") + name;
        throw Error(ErrorKind::BadInput, "technology", {"\"%1\" is not known", {technology}},
                    {"Choose one of: %1.", {known}});
    }
    return it->second;
}

MeterDescription builtInMeter(const std::string &kind)
{
    if (kind != "reference" && kind != "colorimeter")
        throw Error(ErrorKind::BadInput, "meter", {"\"%1\" is not known", {kind}},
                    "Choose reference or colorimeter.");
    const std::string file = kind == "reference" ? "heron.json" : "reed.json";
    return meterFromJson(parseJson(builtInText(file), file), file);
}

double shareSeen(const std::array<double, 2> &screenMm, const ScreenPoint &meter,
                 const ScreenRegion &region)
{
    constexpr int kSteps = 41; // over the circle's width
    int all = 0;
    int inside = 0;
    for (int i = 0; i < kSteps; ++i)
        for (int k = 0; k < kSteps; ++k) {
            const double dx = (2.0 * i / (kSteps - 1) - 1) * Meter::kCircleMm / 2;
            const double dy = (2.0 * k / (kSteps - 1) - 1) * Meter::kCircleMm / 2;
            if (std::hypot(dx, dy) > Meter::kCircleMm / 2)
                continue;
            ++all;
            const double x = (meter.x + 1) / 2 + dx / screenMm[0];
            const double y = (meter.y + 1) / 2 + dy / screenMm[1];
            inside += x >= region.left && x < region.left + region.width && y >= region.top &&
                      y < region.top + region.height;
        }
    return static_cast<double>(inside) / all;
}

Bench::SeenColours seenBy(Bench &bench, const ReadPatch &patch)
{
    bench.condition().litArea.reset();
    if (patch.region)
        bench.condition().litArea = patch.region->width * patch.region->height;
    else
        return {{patch.rgb, 1.0}};
    const double share =
        shareSeen(bench.display().description().sizeMm, bench.meterPlace(), *patch.region);
    return {{patch.rgb, share}, {DeviceRgb{0, 0, 0}, 1 - share}};
}

Bench::Bench(DisplayDescription display, const std::string &source, const MeterDescription &meter,
             const std::string &technology, uint64_t seed)
    : m_display(std::move(display), source),
      m_technology(technology.empty() ? m_display.description().technology : technology),
      m_meter(meter, genericDisplay(meter.training), seed),
      m_condition(m_display.initialCondition())
{
    m_meter.setCorrection(genericDisplay(m_technology));
}

void Bench::setTechnology(const std::string &technology)
{
    m_meter.setCorrection(genericDisplay(technology));
    m_technology = technology;
}

Json Bench::state() const
{
    Json j = {{"clock_seconds", m_clockSeconds}, {"reading_number", m_meter.readingNumber()}};
    if (m_left && m_display.description().traits.response) {
        j["left"] = {(*m_left)[0], (*m_left)[1], (*m_left)[2]};
        j["left_at_seconds"] = m_leftAtSeconds;
    }
    return j;
}

void Bench::restore(const std::string &state, const std::string &source)
{
    constexpr double kLongest = 1e12;
    const Json json = parseJson(state, source);
    JsonObject root(json, source);
    const double clock = root.number("clock_seconds", 0, kLongest);
    const auto number = static_cast<uint64_t>(root.number("reading_number", 0, 1e15));
    m_left.reset();
    if (root.has("left")) {
        const auto drive = root.numbers("left", 3, -100, 100);
        m_left = Vec3{drive[0], drive[1], drive[2]};
        m_leftAtSeconds = root.number("left_at_seconds", 0, kLongest);
    }
    root.finish();
    m_clockSeconds = clock;
    m_meter.setReadingNumber(number);
}

MeterOutcome Bench::read(const SeenColours &seen)
{
    m_clockSeconds += m_meter.description().settleSeconds;
    m_condition.minutesOn = m_clockSeconds / 60;
    const Vec3 scale =
        m_display.scale(m_condition)
            .cwiseProduct(m_display.meanPlace(m_place, Meter::kCircleMm, m_condition));
    Vec3 drive = Vec3::Zero();
    for (const auto &[code, share] : seen)
        drive += share * m_display.drive(code, m_condition);
    Stimulus stimulus{drive.cwiseProduct(scale)};
    const auto &response = m_display.description().traits.response;
    if (response && m_left) {
        const double t =
            m_meter.integrationSeconds((m_display.channelXyz() * stimulus.channelLight)[1]);
        const double waited = m_clockSeconds - m_leftAtSeconds;
        stimulus.channelLight = response->mean(*m_left, drive, waited, t).cwiseProduct(scale);
        drive = response->at(*m_left, drive, waited + t);
    }
    m_lastLight = stimulus.channelLight;
    const double leak = m_meter.description().lightLeak;
    if (leak > 0)
        stimulus.room =
            fromChromaticity(m_room.chromaticity, leak * m_room.illuminanceLux / std::numbers::pi);
    const XYZ reflected = m_display.reflected(m_room.illuminanceLux, m_room.chromaticity);
    if (m_heldAway)
        stimulus.room = reflected;
    const MeterOutcome outcome = m_meter.read(m_display, stimulus, reflected);
    if (const auto *reading = std::get_if<MeterReading>(&outcome))
        m_clockSeconds += reading->integrationSeconds;
    m_left = drive;
    m_leftAtSeconds = m_clockSeconds;
    return outcome;
}

Spectrum Bench::lastSpectrum() const
{
    Spectrum light{};
    for (int c = 0; c < 3; ++c)
        for (size_t i = 0; i < light.size(); ++i)
            light[i] += m_lastLight[c] * m_display.channelSpectrum(c)[i];
    return light;
}

} // namespace lantern::bench
