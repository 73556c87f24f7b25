#include "core/judge/tolerance.h"

#include "core/base/error.h"

#include <algorithm>

namespace lantern {

const std::vector<Tolerance> &tolerances()
{
    static const std::vector<Tolerance> all = {
        {.name = "studio",
         .title = "Studio",
         .source =
             "our own; common practice of careful studios; steps of GSDF aims after AAPM OR-03 "
             "(from memory)",
         .whiteDeltaUv = 0.003,
         .luminance = 0.03,
         .leastLuminance = {},
         .leastContrast = 200,
         .contrast = 0.10,
         .toneMean = 0.03,
         .greySteps = 0.10,
         .greyMean = 1.0,
         .greyWorst = 2.0,
         .colourMean = 1.0,
         .colour95 = 2.0,
         .colourWorst = 3.0,
         .evenLight = 0.10,
         .evenTint = 0.004,
         .evenColour = 3.0},
        {.name = "general",
         .title = "General",
         .source = "our own; common practice",
         .whiteDeltaUv = 0.006,
         .luminance = 0.08,
         .leastLuminance = {},
         .leastContrast = 100,
         .contrast = 0.20,
         .toneMean = 0.06,
         .greySteps = 0.20,
         .greyMean = 2.0,
         .greyWorst = 4.0,
         .colourMean = 2.0,
         .colour95 = 4.0,
         .colourWorst = 5.0,
         .evenLight = 0.20,
         .evenTint = 0.008,
         .evenColour = 5.0},
        {.name = "basic",
         .title = "Basic",
         .source = "our own; common practice",
         .whiteDeltaUv = 0.012,
         .luminance = 0.15,
         .leastLuminance = {},
         .leastContrast = 50,
         .contrast = 0.30,
         .toneMean = 0.12,
         .greySteps = 0.20,
         .greyMean = 3.0,
         .greyWorst = 6.0,
         .colourMean = 3.0,
         .colour95 = 6.0,
         .colourWorst = 8.0,
         .evenLight = 0.30,
         .evenTint = 0.015,
         .evenColour = 8.0},
        {.name = "soft-proof",
         .title = "Soft proof",
         .source = "colours: what ISO 12647-7:2016 allows a proof print; white, luminance and "
                   "contrast after ISO 12646:2015; evenness after ISO 14861:2015; entered from "
                   "memory",
         .whiteDeltaUv = 0.005,
         .luminance = 0.10,
         .leastLuminance = 80,
         .leastContrast = 100,
         .contrast = {},
         .toneMean = 0.10,
         .greySteps = {},
         .greyMean = 2.0,
         .greyWorst = {},
         .colourMean = 2.5,
         .colour95 = 5.0,
         .colourWorst = {},
         .evenLight = 0.10,
         .evenTint = {},
         .evenColour = 4.0},
        {.name = "viewing",
         .title = "Viewing pictures",
         .source = "white and luminance: ISO 3664:2009, pictures on monitors; entered from memory",
         .whiteDeltaUv = 0.025,
         .luminance = {},
         .leastLuminance = 80,
         .leastContrast = {},
         .contrast = {},
         .toneMean = {},
         .greySteps = {},
         .greyMean = {},
         .greyWorst = {},
         .colourMean = {},
         .colour95 = {},
         .colourWorst = {}},
    };
    return all;
}

const Tolerance &toleranceByName(const std::string &name)
{
    const auto &all = tolerances();
    const auto it =
        std::find_if(all.begin(), all.end(), [&](const Tolerance &t) { return t.name == name; });
    if (it != all.end())
        return *it;
    std::string known;
    for (const Tolerance &t : all)
        known += (known.empty() ? "" : ", ") + t.name;
    throw Error(ErrorKind::BadInput, "tolerance", {"\"%1\" is not known", {name}},
                {"Choose one of: %1.", {known}});
}

} // namespace lantern
