#include "bench/bench.h"

#include "bench/embedded_files.h"
#include "core/error.h"

#include <map>

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
        throw Error(ErrorKind::BadInput, "technology", "\"" + technology + "\" is not known",
                    "Choose one of: " + known + ".");
    }
    return it->second;
}

MeterDescription builtInMeter(const std::string &kind)
{
    if (kind != "reference" && kind != "colorimeter")
        throw Error(ErrorKind::BadInput, "meter", "\"" + kind + "\" is not known",
                    "Choose reference or colorimeter.");
    const std::string file = kind == "reference" ? "heron.json" : "reed.json";
    return meterFromJson(parseJson(builtInText(file), file), file);
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

MeterOutcome Bench::read(const SeenColours &seen)
{
    m_clockSeconds += m_meter.description().settleSeconds;
    m_condition.minutesOn = m_clockSeconds / 60;
    const Vec3 scale =
        m_display.scale(m_condition).cwiseProduct(m_display.meanPlace(m_place, Meter::kCircleMm));
    Stimulus stimulus;
    for (const auto &[code, share] : seen)
        stimulus.channelLight += share * m_display.drive(code, m_condition).cwiseProduct(scale);
    const MeterOutcome outcome = m_meter.read(
        m_display, stimulus, m_display.reflected(m_room.illuminanceLux, m_room.chromaticity));
    if (const auto *reading = std::get_if<MeterReading>(&outcome))
        m_clockSeconds += reading->integrationSeconds;
    return outcome;
}

} // namespace lantern::bench
