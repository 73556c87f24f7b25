#include "desk/profile_in_use.h"

#include <QCoreApplication>

namespace lantern::desk {

std::optional<VideoLut> installedLut(const run::RunResults &results)
{
    return results.calibration ? std::optional(results.calibration->lut) : results.lutByEye;
}

bool takesOver(platform::Standing &standing, const run::RunResults &lastRun)
{
    return standing.takesOver(
        lastRun.profile, QString::fromStdString(run::profileName(lastRun.setup)),
        lastRun.installedPath,
        QDateTime::fromString(QString::fromStdString(lastRun.setup.startedAt), Qt::ISODate),
        lastRun.validation ? lastRun.validation->meanDeltaE00 : std::nullopt);
}

ProfileInUse judgeProfileInUse(const QByteArray &declared, run::VideoLutDevice *lut,
                               const run::RunResults &results, const QString &place)
{
    const auto tr = [](const char *text) { return QCoreApplication::translate("Desk", text); };
    ProfileInUse found;
    found.place = place;
    found.checked = true;
    found.profileMatches = !declared.isEmpty() && declared == results.profile;
    const auto installed = installedLut(results);
    found.lutMatches =
        installed && (lut ? lut->holds(*installed) : *installed == VideoLut::identity());
    if (declared.isEmpty())
        found.found = tr("none");
    else if (!found.profileMatches)
        found.found = tr("another");
    else if (!found.lutMatches)
        found.found = tr("LUT lost");
    else
        found.found = tr("yes");
    return found;
}

} // namespace lantern::desk
