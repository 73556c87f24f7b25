#include "cli/commands.h"
#include "cli/said.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "core/profile/profile_file.h"
#include "desk/desk.h"

#include <nlohmann/json.hpp>

#include <iostream>

namespace lantern::cli {

namespace {

/// Name of a profile, as it says itself; empty where it cannot be read.
std::string profileTitle(const QByteArray &icc)
{
    try {
        return ProfileFile({icc.begin(), icc.end()}, "profile in use").name();
    } catch (const Error &) {
        return {};
    }
}

std::string whole(double v)
{
    return fixedNumber(v, 0);
}

} // namespace

int displays(const DisplaysOptions &o)
{
    const desk::Desk desk;
    Json all = Json::array();
    const std::vector<desk::DisplayFacts> displays = desk.displays();
    for (size_t i = 0; i < displays.size(); ++i) {
        const desk::DisplayFacts &f = displays[i];
        const QByteArray declared = desk.declared(static_cast<int>(i));
        const auto lutLoaded = desk.hasLutLoaded(static_cast<int>(i));
        const std::string title = declared.isEmpty() ? std::string() : profileTitle(declared);
        if (o.json) {
            all.push_back({{"output", f.output.toStdString()},
                           {"id", f.id.toStdString()},
                           {"name", f.name.toStdString()},
                           {"model", f.model.toStdString()},
                           {"serial", f.serial.toStdString()},
                           {"technology", f.technology.toStdString()},
                           {"built_in", f.builtIn},
                           {"pixels", {f.pixels.width(), f.pixels.height()}},
                           {"size_mm", {f.sizeMm.width(), f.sizeMm.height()}},
                           {"origin", {f.origin.x(), f.origin.y()}},
                           {"loads_lut", f.can.lut},
                           {"declares_profile", f.can.profile},
                           {"shows_pixels", f.can.pixels},
                           {"lut_loaded", lutLoaded ? Json(*lutLoaded) : Json(nullptr)},
                           {"profile", declared.isEmpty() ? Json(nullptr) : Json(title)}});
            continue;
        }
        std::cout << shown(f.output) << ": " << shown(f.model);
        if (!f.serial.isEmpty())
            std::cout << ", " << said({"serial %1", {shown(f.serial)}});
        std::cout << "\n  "
                  << said({"%1 x %2 pixels, %3 x %4 mm, %5",
                           {std::to_string(f.pixels.width()), std::to_string(f.pixels.height()),
                            whole(f.sizeMm.width()), whole(f.sizeMm.height()),
                            f.technology.toStdString()}})
                  << "\n  "
                  << said({"profile: %1",
                           {declared.isEmpty() ? said("none")
                            : title.empty()    ? said("one that cannot be read")
                                               : title}})
                  << "\n  "
                  << said({"video LUT: %1",
                           {!f.can.lut   ? shown(f.noLut)
                            : !lutLoaded ? said("cannot be read")
                            : *lutLoaded ? said("one is loaded")
                                         : said("none is loaded")}})
                  << '\n';
    }
    if (o.json)
        std::cout << Json{{"displays", all}}.dump() << '\n';
    return 0;
}

} // namespace lantern::cli
