#include "platform/standing.h"

#include "core/base/error.h"
#include "core/base/json_object.h"
#include "core/profile/profile_summary.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QDir>
#include <QFile>
#include <QStandardPaths>
#include <QUrl>

namespace lantern::platform {

namespace {

constexpr char kFormat[] = "bold-lantern-standing";
const QString kSuffix = QStringLiteral(".standing");
constexpr int kMostDays = 3650, kMostHours = 100'000;

std::string textOf(const QDateTime &at)
{
    return at.toUTC().toString(Qt::ISODate).toStdString(); // empty when invalid
}

QDateTime timeOf(JsonObject &root, const char *key)
{
    const std::string text = root.string(key);
    const QDateTime at = QDateTime::fromString(QString::fromStdString(text), Qt::ISODate);
    if (!text.empty() && !at.isValid())
        root.fail(key, "is no time");
    return at;
}

} // namespace

void Standing::use(const QByteArray &icc, const QString &name, const QString &path)
{
    constexpr size_t kMostUses = 20;
    profile = icc;
    title = name;
    ProfileUse now{path, {}};
    for (const ProfileUse &u : used)
        if (u.path == path)
            now = u;
    std::erase_if(used, [&](const ProfileUse &u) { return u.path == path; });
    used.insert(used.begin(), now);
    used.resize(std::min(used.size(), kMostUses));
}

void Standing::install(const QByteArray &icc, const QString &name, const QString &path,
                       const QDateTime &at)
{
    use(icc, name, path);
    chosenAt = {};
    installedAt = at;
    prove(at, {});
}

bool Standing::takesOver(const QByteArray &icc, const QString &name, const QString &path,
                         const QDateTime &begun, std::optional<double> meanDeltaE00)
{
    if (chosenAt.isValid() && chosenAt > begun)
        return false;
    if (profile == icc)
        return true;
    if (installedAt.isValid() && installedAt > begun)
        return false;
    use(icc, name, path);
    chosenAt = {};
    prove(begun, meanDeltaE00);
    return true;
}

std::optional<QDateTime> nextCheckAt(const Standing &s)
{
    constexpr qint64 kSoonest = 7, kTimes = 3;
    if (s.remindAfterDays <= 0 || !s.provedAt.isValid())
        return std::nullopt;
    qint64 days = s.remindAfterDays;
    if (s.foretoldAt.isValid())
        days = std::clamp(s.provedAt.daysTo(s.foretoldAt), std::min(kSoonest, days), kTimes * days);
    return s.provedAt.addDays(days);
}

void Standing::prove(const QDateTime &at, std::optional<double> mean)
{
    provedAt = at;
    if (mean && !used.empty())
        used.front().meanDeltaE00 = mean;
}

VideoLut lutOf(const Standing &s)
{
    if (s.profile.isEmpty())
        return VideoLut::identity();
    return summarise({s.profile.begin(), s.profile.end()}, s.title.toStdString())
        .lut.value_or(VideoLut::identity());
}

StandingShelf::StandingShelf(QString folder) : m_folder(std::move(folder)) {}

QString StandingShelf::usualFolder()
{
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
           QStringLiteral("/bold-lantern/standing");
}

QString StandingShelf::fileOf(const QString &displayId) const
{
    return m_folder + QLatin1Char('/') +
           QString::fromLatin1(QUrl::toPercentEncoding(displayId, {}, ".")) + kSuffix;
}

QStringList StandingShelf::displays() const
{
    QStringList ids;
    for (const QString &name :
         QDir(m_folder).entryList({QLatin1Char('*') + kSuffix}, QDir::Files, QDir::Name))
        ids << QUrl::fromPercentEncoding(name.chopped(kSuffix.size()).toLatin1());
    return ids;
}

std::optional<Standing> StandingShelf::read(const QString &displayId) const
{
    const QString path = fileOf(displayId);
    if (!QFile::exists(path))
        return std::nullopt;
    const QByteArray all = run::readFile(path);
    const qsizetype line = all.indexOf('\n');
    const std::string source = path.toStdString();
    const Json json = parseJson(all.left(line).toStdString(), source);
    JsonObject root(json, source);
    root.expectFormat(kFormat, 1);
    Standing s;
    s.displayId = QString::fromStdString(root.string("display"));
    s.displayName = QString::fromStdString(root.string("name"));
    s.title = QString::fromStdString(root.string("title"));
    for (const Json &u : root.raw("used")) {
        JsonObject use(u, source, "used");
        ProfileUse known{QString::fromStdString(use.string("path")), {}};
        if (use.has("mean_delta_e_2000"))
            known.meanDeltaE00 = use.number("mean_delta_e_2000", 0, 1000);
        use.finish();
        s.used.push_back(known);
    }
    s.installedAt = timeOf(root, "installed_at");
    s.chosenAt = timeOf(root, "chosen_at");
    s.provedAt = timeOf(root, "proved_at");
    if (root.has("foretold_at")) // added later
        s.foretoldAt = timeOf(root, "foretold_at");
    s.remindAfterDays = root.integer("remind_after_days", 0, kMostDays);
    s.remindAfterHours = root.integer("remind_after_hours", 0, kMostHours);
    root.finish();
    s.profile = line < 0 ? QByteArray() : all.mid(line + 1);
    return s;
}

void StandingShelf::keep(const Standing &s) const
{
    Json json = {{"format", kFormat},
                 {"version", 1},
                 {"display", s.displayId.toStdString()},
                 {"name", s.displayName.toStdString()},
                 {"title", s.title.toStdString()},
                 {"used", Json::array()},
                 {"installed_at", textOf(s.installedAt)},
                 {"chosen_at", textOf(s.chosenAt)},
                 {"proved_at", textOf(s.provedAt)},
                 {"foretold_at", textOf(s.foretoldAt)},
                 {"remind_after_days", s.remindAfterDays},
                 {"remind_after_hours", s.remindAfterHours}};
    for (const ProfileUse &u : s.used) {
        json["used"].push_back({{"path", u.path.toStdString()}});
        if (u.meanDeltaE00)
            json["used"].back()["mean_delta_e_2000"] = *u.meanDeltaE00;
    }
    const QByteArray bytes = QByteArray::fromStdString(json.dump()) + '\n' + s.profile;
    const QString path = fileOf(s.displayId);
    if (QFile file(path); file.open(QIODevice::ReadOnly) && file.readAll() == bytes)
        return;
    run::makeFolder(m_folder);
    run::writeFile(path, bytes);
}

Standing StandingShelf::of(const QString &displayId, const QString &displayName) const
{
    Standing standing;
    try {
        if (const auto kept = read(displayId))
            standing = *kept;
    } catch (const Error &) { // begun anew
    }
    standing.displayId = displayId;
    standing.displayName = displayName;
    return standing;
}

void StandingShelf::change(const QString &displayId, const QString &displayName,
                           const std::function<void(Standing &)> &change) const
{
    Standing standing = of(displayId, displayName);
    change(standing);
    keep(standing);
}

void StandingShelf::remove(const QString &displayId) const
{
    QFile::remove(fileOf(displayId));
}

} // namespace lantern::platform
