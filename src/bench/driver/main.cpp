// The bench's meter as a driver program: speaks docs/meter-driver.md on standard input and output.
// With --misbehave it does what bad drivers do, for tests.

#include "bench/scene.h"
#include "core/base/error.h"
#include "core/base/text.h"

#include <nlohmann/json.hpp>

#include <fstream>
#include <iostream>
#include <sstream>
#include <thread>

namespace {

using namespace lantern;

constexpr int kFaultCode = -32000; ///< of the protocol: data.fault says which
constexpr int kNoSuchMethod = -32601;

/// What a request comes to when it cannot be done.
struct Refusal {
    int code;
    std::string message;
    std::string fault = {};
};

struct Options {
    std::string display = "north-desk.json", meter = "colorimeter", technology, fault, misbehave;
    uint64_t seed = 1;
};

std::string readText(const std::string &path)
{
    std::ifstream file(path, std::ios::binary);
    if (!file)
        throw Error(ErrorKind::BadInput, path, "cannot be read");
    std::ostringstream text;
    text << file.rdbuf();
    return text.str();
}

/// "kind@number"
std::pair<std::string, uint64_t> eventAt(const std::string &option, const std::string &text)
{
    const size_t at = text.find('@');
    const auto number = at == std::string::npos ? std::nullopt : parseNumber(text.substr(at + 1));
    if (!number || *number < 0)
        throw Error(ErrorKind::BadInput, option + " " + text, "KIND@READING is expected");
    return {text.substr(0, at), static_cast<uint64_t>(*number)};
}

constexpr char kHelp[] =
    "Usage: bold-lantern-bench-meter [options]\n"
    "A simulated meter as a driver program: it reads a simulated display and speaks the driver\n"
    "protocol on standard input and output.\n"
    "\n"
    "Options:\n"
    "  --display FILE      display file that it reads\n"
    "  --meter KIND        colorimeter (default) or reference\n"
    "  --technology NAME   of the panel, for its correction\n"
    "  --seed NUMBER       of its noise\n"
    "  --fault KIND@N      fails once, at reading N\n"
    "  --misbehave KIND    breaks the protocol, to try what is made of it\n"
    "  --help              this text\n";

Options parseOptions(int argc, char **argv)
{
    Options o;
    for (int i = 1; i < argc; i += 2) {
        const std::string key = argv[i];
        if (i + 1 >= argc)
            throw Error(ErrorKind::BadInput, key, "a value is expected after it");
        const std::string value = argv[i + 1];
        if (key == "--display")
            o.display = value;
        else if (key == "--meter")
            o.meter = value;
        else if (key == "--technology")
            o.technology = value;
        else if (key == "--fault")
            o.fault = value;
        else if (key == "--misbehave")
            o.misbehave = value;
        else if (key == "--seed" && parseNumber(value))
            o.seed = static_cast<uint64_t>(*parseNumber(value));
        else
            throw Error(ErrorKind::BadInput, key, "is no option of this program",
                        "Options: --display --meter --technology --seed --fault --misbehave.");
    }
    return o;
}

class Driver {
public:
    explicit Driver(const Options &o)
        : m_bench(displayFrom(o.display), o.display, bench::builtInMeter(o.meter), o.technology,
                  o.seed)
    {
        m_canCorrect = o.technology.empty() && !m_bench.meter().description().isReference();
        if (!o.fault.empty()) {
            const auto [kind, number] = eventAt("--fault", o.fault);
            m_bench.meter().injectFault(number, meterFaultByName(kind));
        }
        if (!o.misbehave.empty())
            m_misbehave = eventAt("--misbehave", o.misbehave);
    }

    Json answer(const std::string &method, const Json &params)
    {
        const auto &meter = m_bench.meter().description();
        if (method == "hello") {
            Json abilities = {"zero", "room", "scene", "state", "wait"};
            if (m_canCorrect)
                abilities.push_back("technology");
            return {{"protocol", 1},
                    {"name", meter.name},
                    {"serial", meter.serial},
                    {"abilities", abilities},
                    {"zeroes_by_itself", true}};
        }
        if (method == "zero") {
            m_bench.meter().zero();
            return Json::object();
        }
        if (method == "room")
            return {{"lux", m_bench.room().illuminanceLux},
                    {"x", m_bench.room().chromaticity.x},
                    {"y", m_bench.room().chromaticity.y}};
        if (method == "scene") {
            m_seen = bench::applyScene(params, "scene", m_bench);
            return Json::object();
        }
        if (method == "wait") {
            constexpr double kLongestSeconds = 3600;
            const double seconds =
                JsonObject(params, "params").number("seconds", 0, kLongestSeconds);
            m_bench.setClockSeconds(m_bench.clockSeconds() + seconds);
            return Json::object();
        }
        if (method == "technology") {
            m_bench.setTechnology(JsonObject(params, "params").string("technology"));
            return Json::object();
        }
        if (method == "restore") {
            m_bench.restore(JsonObject(params, "params").string("state"), "state");
            return Json::object();
        }
        if (method == "read")
            return read();
        throw Refusal{kNoSuchMethod, "this driver does not know " + method};
    }

private:
    static bench::DisplayDescription displayFrom(const std::string &path)
    {
        const std::string text = std::ifstream(path) ? readText(path) : bench::builtInText(path);
        return bench::displayFromJson(parseJson(text, path), path);
    }

    Json read()
    {
        if (m_readings++ > 0 && !m_misbehave.first.empty() &&
            m_bench.meter().readingNumber() == m_misbehave.second) {
            const std::string how = std::exchange(m_misbehave.first, {});
            if (how == "die")
                std::abort();
            if (how == "garbage")
                std::cout << "\x01\x02 %%% no json\n" << std::flush;
            if (how == "hang")
                std::this_thread::sleep_for(std::chrono::hours(1));
        }
        if (m_seen.empty())
            throw Refusal{kFaultCode, "nothing is in front of it",
                          meterFaultName(MeterFault::OffPatch)};
        const auto outcome = m_bench.read(m_seen);
        if (const auto *fault = std::get_if<MeterFault>(&outcome))
            throw Refusal{kFaultCode, "as asked for by --fault", meterFaultName(*fault)};
        const auto &reading = std::get<bench::MeterReading>(outcome);
        return {{"X", reading.xyz.X},
                {"Y", reading.xyz.Y},
                {"Z", reading.xyz.Z},
                {"seconds", reading.integrationSeconds},
                {"state", m_bench.state().dump()}};
    }

    bench::Bench m_bench;
    bool m_canCorrect = false; ///< for a technology that it is told
    bench::Bench::SeenColours m_seen;
    std::pair<std::string, uint64_t>
        m_misbehave; ///< at a reading, but not at the first of this process
    int m_readings = 0;
};

Json reply(Driver &driver, const std::string &line)
{
    Json out = {{"jsonrpc", "2.0"}, {"id", nullptr}};
    try {
        const Json request = parseJson(line, "request");
        if (request.is_object() && request.contains("id"))
            out["id"] = request["id"];
        const std::string method = request.is_object() ? request.value("method", "") : "";
        out["result"] =
            driver.answer(method, request.contains("params") ? request["params"] : Json::object());
    } catch (const Refusal &refusal) {
        out["error"] = {{"code", refusal.code}, {"message", refusal.message}};
        if (!refusal.fault.empty())
            out["error"]["data"] = {{"fault", refusal.fault}};
    } catch (const std::exception &e) {
        out["error"] = {{"code", kFaultCode}, {"message", e.what()}};
    }
    return out;
}

} // namespace

int main(int argc, char **argv)
{
    if (argc == 2 && std::string(argv[1]) == "--help") {
        std::cout << kHelp;
        return 0;
    }
    try {
        Driver driver(parseOptions(argc, argv));
        for (std::string line; std::getline(std::cin, line);)
            std::cout << reply(driver, line).dump() << '\n' << std::flush;
        return 0;
    } catch (const Error &e) {
        std::cerr << "bold-lantern-bench-meter: " << e.what() << '\n';
        return static_cast<int>(e.kind);
    }
}
