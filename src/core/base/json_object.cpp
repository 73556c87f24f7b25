#include "core/base/json_object.h"

#include "core/base/error.h"
#include "core/base/text.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

std::string lineAndColumn(const std::string &text, size_t byte)
{
    const size_t end = std::min(byte, text.size());
    const auto line = 1 + std::count(text.begin(), text.begin() + static_cast<long>(end), '\n');
    const size_t start = text.rfind('\n', end == 0 ? 0 : end - 1);
    const size_t column = start == std::string::npos || end == 0 ? end : end - start - 1;
    return "line " + std::to_string(line) + ", column " + std::to_string(column);
}

void checkDepth(const std::string &text, const std::string &source)
{
    constexpr int kMaxDepth = 64;
    int depth = 0;
    bool quoted = false;
    for (size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            if (c == '\\')
                ++i;
            else if (c == '"')
                quoted = false;
        } else if (c == '"')
            quoted = true;
        else if ((c == '{' || c == '[') && ++depth > kMaxDepth)
            throw Error(ErrorKind::BadInput, source + ", " + lineAndColumn(text, i),
                        {"nested deeper than %1 levels", {std::to_string(kMaxDepth)}});
        else if (c == '}' || c == ']')
            --depth;
    }
}

} // namespace

Json parseJson(const std::string &text, const std::string &source)
{
    constexpr size_t kLargest = 32 << 20; // a run of 12,000 patches makes 2 MB
    if (text.size() > kLargest)
        throw Error(ErrorKind::BadInput, source, "larger than 32 MB", "No file of ours is.");
    checkDepth(text, source);
    try {
        // A key that is there twice could be read as either: which one was meant?
        std::vector<std::set<std::string>> keys;
        return Json::parse(text, [&](int, Json::parse_event_t event, Json &value) {
            if (event == Json::parse_event_t::object_start)
                keys.emplace_back();
            else if (event == Json::parse_event_t::object_end)
                keys.pop_back();
            else if (event == Json::parse_event_t::key &&
                     !keys.back().insert(value.get<std::string>()).second)
                throw Error(ErrorKind::BadInput, source,
                            {"the key \"%1\" is there twice", {value.get<std::string>()}});
            return true;
        });
    } catch (const Json::parse_error &e) {
        throw Error(ErrorKind::BadInput, source + ", " + lineAndColumn(text, e.byte),
                    e.byte > text.size() ? Message("the JSON text ends too early")
                                         : Message("not valid JSON"),
                    "NaN, comments and trailing commas are not allowed in JSON.");
    } catch (const Json::exception &e) { // numbers out of range
        throw Error(ErrorKind::BadInput, source, {"not usable JSON: %1", {e.what()}});
    }
}

JsonObject::JsonObject(const Json &json, std::string source, std::string path)
    : m_json(&json), m_source(std::move(source)), m_path(std::move(path))
{
    if (!json.is_object())
        throw Error(ErrorKind::BadInput, m_source + (m_path.empty() ? "" : ", " + m_path),
                    "an object { … } is expected here");
}

std::string JsonObject::where(const std::string &key) const
{
    return m_source + ", key \"" + (m_path.empty() ? "" : m_path + ".") + key + "\"";
}

void JsonObject::fail(const std::string &key, const Message &problem, const Message &advice) const
{
    throw Error(ErrorKind::BadInput, where(key), problem, advice);
}

const Json &JsonObject::raw(const std::string &key)
{
    const auto it = m_json->find(key);
    if (it == m_json->end())
        fail(key, "is missing");
    m_read.insert(key);
    return *it;
}

double JsonObject::checkedNumber(const Json &value, const std::string &key, double min,
                                 double max) const
{
    if (!value.is_number())
        fail(key, {"is %1; a number is expected", {value.dump().substr(0, 60)}});
    const double v = value.get<double>();
    if (!std::isfinite(v) || v < min || v > max) {
        const std::string range = std::isinf(max)
                                      ? "at least " + shortNumber(min)
                                      : "within " + shortNumber(min) + " to " + shortNumber(max);
        fail(key, {"is %1; it must be %2", {shortNumber(v), range}});
    }
    return v;
}

bool JsonObject::has(const std::string &key) const
{
    return m_json->contains(key);
}

double JsonObject::number(const std::string &key, double min, double max)
{
    return checkedNumber(raw(key), key, min, max);
}

int JsonObject::integer(const std::string &key, int min, int max)
{
    const double v = number(key, min, max);
    if (v != std::floor(v))
        fail(key, {"is %1; a whole number is expected", {shortNumber(v)}});
    return static_cast<int>(v);
}

bool JsonObject::boolean(const std::string &key)
{
    const Json &v = raw(key);
    if (!v.is_boolean())
        fail(key, "must be true or false");
    return v.get<bool>();
}

std::string JsonObject::string(const std::string &key)
{
    const Json &v = raw(key);
    if (!v.is_string())
        fail(key, "must be a text in quotes");
    return v.get<std::string>();
}

std::string JsonObject::oneOf(const std::string &key, const std::vector<std::string> &allowed)
{
    const std::string v = string(key);
    if (std::find(allowed.begin(), allowed.end(), v) == allowed.end()) {
        std::string list;
        for (const auto &a : allowed)
            list += (list.empty() ? "" : ", ") + a;
        fail(key, {"is \"%1\"; it must be one of: %2", {v.substr(0, 60), list}});
    }
    return v;
}

std::vector<double> JsonObject::numbers(const std::string &key, size_t count, double min,
                                        double max)
{
    const Json &v = raw(key);
    if (!v.is_array() || v.size() != count)
        fail(key, {"must be a list of %1 numbers", {std::to_string(count)}});
    std::vector<double> out;
    for (size_t i = 0; i < count; ++i)
        out.push_back(checkedNumber(v[i], key + "[" + std::to_string(i) + "]", min, max));
    return out;
}

JsonObject JsonObject::object(const std::string &key)
{
    return {raw(key), m_source, m_path.empty() ? key : m_path + "." + key};
}

void JsonObject::expectFormat(const std::string &format, int version)
{
    if (string("format") != format)
        fail("format", {"is \"%1\", not \"%2\"", {string("format").substr(0, 60), format}},
             "Is this the right kind of file?");
    if (integer("version", 0, 1000000) != version)
        fail("version", {"is not %1", {std::to_string(version)}},
             "The file was written for another version of Bold Lantern.");
}

void JsonObject::finish() const
{
    for (const auto &[key, value] : m_json->items())
        if (!m_read.contains(key))
            fail(key, "is not a key known here", "Check its spelling or take it out.");
}

} // namespace lantern
