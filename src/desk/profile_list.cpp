#include "desk/profile_list.h"

#include "core/aim/aim.h"
#include "core/base/error.h"
#include "core/profile/profile_summary.h"
#include "platform/output.h"
#include "run/file/files.h"

#include <QDirIterator>
#include <QFile>
#include <QFileInfo>
#include <QStandardPaths>

#include <algorithm>
#include <nlohmann/json.hpp>

namespace lantern::desk {

namespace {

bool namesDisplay(const ProfileSummary &profile,
                  const std::vector<std::pair<std::string, std::string>> &mapping)
{
    return std::any_of(mapping.begin(), mapping.end(), [&](const auto &entry) {
        if (entry.first != "MAPPING_device_id" && entry.first != "EDID_md5")
            return false;
        const auto own = profile.metadata.find(entry.first);
        return own != profile.metadata.end() && own->second == entry.second;
    });
}

/// Whether a file is this profile. The header, with date and ID, tells most of them apart, so that
/// the rest of those is not read.
bool holds(const QString &path, const QByteArray &icc)
{
    constexpr int kHeaderBytes = 128;
    QFile file(path);
    return !icc.isEmpty() && file.open(QIODevice::ReadOnly) && file.size() == icc.size() &&
           file.read(kHeaderBytes) == icc.left(kHeaderBytes) &&
           file.readAll() == icc.mid(kHeaderBytes);
}

QString aimOf(const ProfileSummary &profile)
{
    const auto aim = profile.metadata.find("AIM");
    if (aim == profile.metadata.end())
        return {};
    try {
        return QString::fromStdString(
            aimSummary(aimFromJson(parseJson(aim->second, "AIM"), "AIM")));
    } catch (const Error &) { // of another version
        return {};
    }
}

} // namespace

QStringList profileFolders()
{
    QStringList folders = {platform::userProfileFolder()};
    for (const QString &data :
         QStandardPaths::standardLocations(QStandardPaths::GenericDataLocation).mid(1))
        folders << data + QStringLiteral("/color/icc");
    return folders << QStringLiteral("/var/lib/color/icc") << QStringLiteral("/var/lib/colord/icc");
}

std::vector<KnownProfile>
knownProfiles(const platform::Standing &standing,
              const std::vector<std::pair<std::string, std::string>> &mapping,
              const QStringList &folders, const QByteArray &declared)
{
    std::vector<KnownProfile> found;
    const auto take = [&](const QString &path, bool wasUsed) {
        const QString whole = QFileInfo(path).canonicalFilePath();
        if (whole.isEmpty() ||
            std::any_of(found.begin(), found.end(), [&](const auto &p) { return p.path == whole; }))
            return;
        try {
            const ProfileSummary s = summariseFile(QFile::encodeName(whole).toStdString());
            if (!s.isRgb || !s.isDisplay || (!wasUsed && !namesDisplay(s, mapping)))
                return;
            KnownProfile p;
            p.path = whole;
            p.title = s.title.empty() ? QFileInfo(whole).completeBaseName()
                                      : QString::fromStdString(s.title);
            p.madeOn = QDate::fromString(QString::fromStdString(s.date).left(10), Qt::ISODate);
            p.maker = QString::fromStdString(s.maker);
            p.aim = aimOf(s);
            p.inUse = holds(whole, declared);
            p.ours =
                !folders.isEmpty() &&
                whole.startsWith(QFileInfo(folders.front()).canonicalFilePath() + QLatin1Char('/'));
            for (const platform::ProfileUse &u : standing.used)
                if (QFileInfo(u.path).canonicalFilePath() == whole)
                    p.meanDeltaE00 = u.meanDeltaE00;
            found.push_back(p);
        } catch (const Error &) { // no profile, or not to be read
        }
    };
    for (const platform::ProfileUse &u : standing.used)
        take(u.path, true);
    for (const QString &folder : folders)
        for (QDirIterator it(folder, {QStringLiteral("*.icc"), QStringLiteral("*.icm")},
                             QDir::Files, QDirIterator::Subdirectories);
             it.hasNext();)
            take(it.next(), false);
    // In the order of use first, which is told by the standing; then by date.
    const auto used = static_cast<std::ptrdiff_t>(
        std::count_if(found.begin(), found.end(), [&](const KnownProfile &p) {
            return std::any_of(standing.used.begin(), standing.used.end(), [&](const auto &u) {
                return QFileInfo(u.path).canonicalFilePath() == p.path;
            });
        }));
    std::stable_sort(found.begin() + used, found.end(),
                     [](const auto &a, const auto &b) { return a.madeOn > b.madeOn; });
    return found;
}

VideoLut useFile(platform::Standing &standing, const QString &path,
                 const platform::StandingShelf &shelf)
{
    if (path.isEmpty()) {
        standing.profile.clear();
        standing.title.clear();
        standing.chosenAt = QDateTime::currentDateTimeUtc();
        shelf.keep(standing);
        return VideoLut::identity();
    }
    const QByteArray icc = run::readFile(path);
    const ProfileSummary summary = summarise({icc.begin(), icc.end()}, path.toStdString());
    if (!summary.isRgb || !summary.isDisplay)
        throw Error(ErrorKind::BadInput, path.toStdString(),
                    "the profile is not one of an RGB display",
                    "Choose a profile that was made for this display.");
    standing.use(icc, QString::fromStdString(summary.title), path);
    standing.chosenAt = QDateTime::currentDateTimeUtc();
    shelf.keep(standing);
    return summary.lut.value_or(VideoLut::identity());
}

} // namespace lantern::desk
