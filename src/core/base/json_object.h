#pragma once

#include "core/base/message.h"

#include <nlohmann/json_fwd.hpp>

#include <set>
#include <string>
#include <vector>

namespace lantern {

using Json = nlohmann::json;

/// Parses a whole JSON text. \param source file name or the like, for the message.
/// \throws Error BadInput with line and column, also for texts nested deeper than 64.
Json parseJson(const std::string &text, const std::string &source);

/// Strict reader of one JSON object: every key is checked for presence, type and range, and keys
/// that nobody asked for are an error. All throw Error BadInput naming source, key, value and
/// range.
class JsonObject {
public:
    JsonObject(const Json &json, std::string source, std::string path = {});

    [[nodiscard]] bool has(const std::string &key) const;

    double number(const std::string &key, double min, double max);
    int integer(const std::string &key, int min, int max);
    bool boolean(const std::string &key);
    std::string string(const std::string &key);
    std::string oneOf(const std::string &key, const std::vector<std::string> &allowed);
    /// Exactly `count` numbers, each in min..max.
    std::vector<double> numbers(const std::string &key, size_t count, double min, double max);
    JsonObject object(const std::string &key);
    /// The raw value of a key, for types that this class does not know.
    const Json &raw(const std::string &key);

    /// Checks "format" and "version".
    void expectFormat(const std::string &format, int version);

    /// To be called last: \throws Error when a key is left that was never read.
    void finish() const;

    [[noreturn]] void fail(const std::string &key, const Message &problem,
                           const Message &advice = {}) const;
    [[nodiscard]] std::string where(const std::string &key) const;

private:
    double checkedNumber(const Json &value, const std::string &key, double min, double max) const;

    const Json *m_json;
    std::string m_source;
    std::string m_path;
    std::set<std::string> m_read;
};

} // namespace lantern
