#include "app/workplace/workplace.h"

namespace lantern::app {

QString technologyTitle(const QString &technology)
{
    if (technology == QLatin1String("led-wide"))
        return Workplace::tr("wide gamut");
    if (technology == QLatin1String("led-phosphor"))
        return Workplace::tr("white LED");
    if (technology == QLatin1String("ccfl"))
        return Workplace::tr("fluorescent");
    if (technology == QLatin1String("oled"))
        return Workplace::tr("OLED");
    return Workplace::tr("another kind");
}

std::optional<VideoLut> installedLut(const run::RunResults &results)
{
    return results.calibration ? std::optional(results.calibration->lut) : results.lutByEye;
}

ProfileInUse judgeProfileInUse(const QByteArray &declared, run::VideoLutDevice &lut,
                               const run::RunResults &results, const QString &place)
{
    ProfileInUse found;
    found.place = place;
    found.checked = true;
    found.profileMatches = !declared.isEmpty() && declared == results.profile;
    const auto installed = installedLut(results);
    found.lutMatches = installed && lut.holds(*installed);
    if (declared.isEmpty())
        found.found = Workplace::tr("none");
    else if (!found.profileMatches)
        found.found = Workplace::tr("another");
    else if (!found.lutMatches)
        found.found = Workplace::tr("LUT lost");
    else
        found.found = Workplace::tr("yes");
    return found;
}

} // namespace lantern::app
