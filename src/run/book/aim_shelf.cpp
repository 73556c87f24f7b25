#include "run/book/aim_shelf.h"

#include <nlohmann/json.hpp>

#include <algorithm>

namespace lantern::run {

std::vector<Aim> AimShelf::aims(QStringList *broken) const
{
    std::vector<Aim> out;
    m_files.read([&](const Json &json,
                     const std::string &source) { out.push_back(aimFromJson(json, source)); },
                 broken);
    std::sort(out.begin(), out.end(), [](const Aim &a, const Aim &b) { return a.name < b.name; });
    return out;
}

void AimShelf::keep(const Aim &aim) const
{
    m_files.keep(aim.name, aimToJson(aim));
}

} // namespace lantern::run
