#pragma once

#include "core/base/json_object.h"
#include "core/reading/light_uncertainty.h"

#include <map>
#include <optional>
#include <string>

namespace lantern {

/// What a laboratory stated about a meter. Format "bold-lantern-certificate" version 1,
/// docs/file-formats.md.
struct Certificate {
    static constexpr const char *kAnyLight = "any";

    std::string meter, serial, laboratory, number;
    std::string issued, due;   ///< ISO 8601 dates; `due`: to be calibrated again
    double coverageFactor = 2; ///< k of the stated uncertainties
    /// Stated uncertainties by kind of light: a display technology or kAnyLight. As stated.
    std::map<std::string, LightUncertainty> lights;

    /// Standard uncertainty (k = 1) for a technology; what is stated for any light where there is
    /// nothing of its own; nothing where neither is stated.
    [[nodiscard]] std::optional<LightUncertainty> standard(const std::string &technology) const;
    /// \param today ISO 8601; the time of day does not count
    [[nodiscard]] bool isOverdue(const std::string &today) const;
    bool operator==(const Certificate &) const = default;
};

/// \throws Error BadInput
Certificate certificateFromJson(const Json &json, const std::string &source);
Json certificateToJson(const Certificate &certificate);

} // namespace lantern
