#include "core/reading/light_uncertainty.h"

#include "core/base/error.h"

#include <array>
#include <utility>

namespace lantern {

namespace {

constexpr std::array<std::pair<CorrectionKind, const char *>, 4> kCorrectionKinds = {
    {{CorrectionKind::None, "none"},
     {CorrectionKind::Technology, "technology"},
     {CorrectionKind::Spectra, "spectra"},
     {CorrectionKind::Display, "display"}}};

} // namespace

std::string correctionKindKey(CorrectionKind kind)
{
    for (const auto &[value, key] : kCorrectionKinds)
        if (value == kind)
            return key;
    return {};
}

CorrectionKind correctionKindByKey(const std::string &key)
{
    for (const auto &[value, name] : kCorrectionKinds)
        if (key == name)
            return value;
    throw Error(ErrorKind::BadInput, "correction", {"\"%1\" is no kind of correction", {key}});
}

LightUncertainty correctionMismatch(CorrectionKind kind, const std::string &technology)
{
    const double xy = technology == "oled"                                ? 0.0017
                      : technology == "led-wide" || technology == "other" ? 0.0014
                                                                          : 0.0010;
    switch (kind) {
    case CorrectionKind::Technology:
        return {0.010, xy, xy};
    case CorrectionKind::Spectra:
        return {0.020, 2 * xy, 2 * xy};
    case CorrectionKind::None:
    case CorrectionKind::Display:
        break;
    }
    return {};
}

} // namespace lantern
