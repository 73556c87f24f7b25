#include "keeper/keeper.h"

#include "core/base/error.h"
#include "core/base/json_object.h"
#include "core/profile/profile_summary.h"
#include "platform/backlight.h"
#include "platform/display_id.h"
#include "platform/wayland/gamma_controls.h"
#include "run/book/lights.h"
#include "run/book/meter_shelf.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QCoreApplication>
#include <QCryptographicHash>
#include <QDBusConnection>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QProcess>
#include <QSettings>
#include <QStandardPaths>

#include <cmath>
#include <iostream>
#include <malloc.h>
#include <set>

namespace lantern::keeper {

namespace {

/// No event tells of a video LUT that another program has loaded, nor of a day that has passed.
constexpr int kTickMs = 10 * 60 * 1000;
constexpr double kHour = 3600;
constexpr int kSnoozeDays = 7;
constexpr int kCertificateDays = 42; ///< before it is due
constexpr int kUnmeasuredDays = 7;   ///< a display may be new for so long before it is spoken of
const QString kMemoryFile = QStringLiteral("/keeper.json");

std::vector<uint8_t> bytesOf(const QByteArray &icc)
{
    return {icc.begin(), icc.end()};
}

/// Once for each trouble, not every time that it is met.
void complain(const Error &e)
{
    static std::set<std::string> said;
    if (said.insert(e.what()).second)
        std::cerr << "bold-lantern-keeper: " << e.what() << '\n';
}

QDateTime timeIn(const Json &json, const char *key)
{
    return QDateTime::fromString(QString::fromStdString(json.value(key, std::string())),
                                 Qt::ISODate);
}

} // namespace

std::optional<QDateTime> dueAt(const std::optional<platform::Standing> &standing,
                               const QDateTime &firstSeen, double hoursUsed, const QDateTime &now)
{
    if (!standing)
        return firstSeen.addDays(kUnmeasuredDays);
    std::optional<QDateTime> due;
    if (standing->remindAfterDays > 0)
        due =
            platform::nextCheckAt(*standing).value_or(firstSeen.addDays(standing->remindAfterDays));
    if (standing->remindAfterHours > 0 && hoursUsed >= standing->remindAfterHours)
        due = due ? std::min(*due, now) : now;
    return due;
}

QString certificateWords(const Certificate &certificate, const QDate &today)
{
    const QDate due = QDate::fromString(QString::fromStdString(certificate.due), Qt::ISODate);
    if (!due.isValid() || today.daysTo(due) > kCertificateDays)
        return {};
    const QString date = QLocale().toString(due, QLocale::ShortFormat);
    const QString words =
        today > due
            ? QCoreApplication::translate("Keeper", "It was to be renewed by %1. What is measured "
                                                    "goes on, but its uncertainty is no longer "
                                                    "vouched for.")
            : QCoreApplication::translate("Keeper", "It is to be renewed by %1. Laboratories take "
                                                    "some weeks.");
    return words.arg(date);
}

Keeper::Keeper(QObject *parent)
    : QObject(parent),
      m_asFound(platform::AsFound::usualFolder()),
      m_watch(platform::watchOutputs()),
      m_room(&m_notifier, run::usualLightsFile(),
             [] { openWindow(QString(), QStringLiteral("light")); }),
      m_icon({{tr("Open Bold Lantern"), [] { openWindow({}, QStringLiteral("ready")); }},
              {tr("Put profiles and video LUTs in force again"),
               [this] {
                   putInForce();
                   look();
               }},
              {tr("End the Keeper"), [this] { emit ended(); }}},
             [] { openWindow({}, QStringLiteral("ready")); })
{
    readMemory();
    platform::GammaControls::instance().askOthers(false); // whoever works with one goes first
    connect(m_watch.get(), &platform::OutputWatch::outputsChanged, this, [this] {
        putInForce(); // a new mode comes with a LUT of its own
        look();
    });
    connect(m_watch.get(), &platform::OutputWatch::profilesChanged, this, &Keeper::look);
    connect(m_watch.get(), &platform::OutputWatch::lutsGivenUp, this, &Keeper::putInForce);
    connect(m_watch.get(), &platform::OutputWatch::gone, this, &Keeper::ended);
    QDBusConnection::systemBus().connect(
        QStringLiteral("org.freedesktop.login1"), QStringLiteral("/org/freedesktop/login1"),
        QStringLiteral("org.freedesktop.login1.Manager"), QStringLiteral("PrepareForSleep"), this,
        SLOT(onSleep(bool)));
    connect(&m_tick, &QTimer::timeout, this, [this] {
        countHours();
        look();
        lookAtRoom();
        remindOfCertificates();
    });
    m_tick.setTimerType(Qt::VeryCoarseTimer);
    m_tick.start(kTickMs);
    m_sinceTick.start();
    putInForce();
    look();
    lookAtRoom();
    remindOfCertificates();
}

void Keeper::remindOfCertificates()
{
    const QString folder = QFileInfo(run::usualLightsFile()).absolutePath(); // of all that is kept
    const QDateTime now = QDateTime::currentDateTimeUtc();
    for (const Certificate &c :
         run::MeterShelf(folder + QStringLiteral("/meters")).certificates()) {
        const QString meter = QString::fromStdString(c.meter);
        const QString about = QStringLiteral("certificate ") + meter;
        const QString words = certificateWords(c, now.date());
        Memory &memory = m_memory[about];
        if (words.isEmpty()) {
            m_notifier.withdraw(about);
            continue;
        }
        if (memory.snoozedUntil.isValid() && now < memory.snoozedUntil)
            continue;
        if (m_notifier.show(about, tr("The certificate of %1").arg(meter), words, {},
                            [](const QString &) {})) {
            memory.snoozedUntil = now.addDays(kSnoozeDays);
            writeMemory();
        }
    }
}

/// With the meter that the window uses, unless a display is being measured.
void Keeper::lookAtRoom()
{
    for (const platform::Output &output : platform::outputs())
        if (m_asFound.isOthers(output.name))
            return;
    const QSettings window(QStringLiteral("bold-lantern"), QStringLiteral("bold-lantern"));
    m_room.look(window.value(QStringLiteral("meter/choice")).toString(),
                QDateTime::currentDateTimeUtc());
}

void Keeper::onSleep(bool begins)
{
    if (begins)
        return;
    m_sinceTick.restart(); // asleep is not in use
    putInForce();
    look();
}

void Keeper::putInForce()
{
    for (const platform::Output &output : platform::outputs())
        try {
            if (m_asFound.isOthers(output.name))
                continue; // being measured: whoever does so sees to it
            const auto lut = platform::videoLutOf(output);
            const auto store = platform::profileHomeOf(output);
            const auto light = platform::Backlight::of(output);
            m_asFound.putBack(output.name, lut.get(), *store, light.get()); // of a killed one
            const auto standing = m_shelf.read(platform::displayId(output));
            if (!standing || standing->profile.isEmpty())
                continue;
            const VideoLut wanted = lutOf(*standing);
            if (lut && !lut->holds(wanted))
                lut->load(wanted);
            if (store->inUse() != standing->profile)
                store->declare(standing->profile);
            m_notifier.withdraw(QStringLiteral("foreign ") + standing->displayId);
            m_open.erase(QStringLiteral("foreign ") + standing->displayId);
            m_memory[standing->displayId].foreignTold.clear();
        } catch (const Error &e) {
            complain(e);
        }
    tellIcon();
}

void Keeper::tellIcon()
{
    QStringList open;
    for (const auto &[about, sentence] : m_open)
        open << sentence;
    m_icon.say(!open.isEmpty(), open.isEmpty() ? tr("Profiles and video LUTs are kept in force.")
                                               : open.join(QLatin1Char('\n')));
}

void Keeper::look()
{
    for (const platform::Output &output : platform::outputs())
        try {
            const QString id = platform::displayId(output);
            if (!m_memory[id].firstSeen.isValid()) {
                m_memory[id].firstSeen = QDateTime::currentDateTimeUtc();
                writeMemory();
            }
            const auto standing = m_shelf.read(id);
            if (standing && !standing->profile.isEmpty() && !m_asFound.isOthers(output.name))
                tellOfForeign(output, *standing);
            remind(id, standing ? standing->displayName : platform::displayName(output), standing);
        } catch (const Error &e) {
            complain(e);
        }
    tellIcon();
    ::malloc_trim(0); // what profiles took is given back: the Keeper stays for months
}

void Keeper::tellOfForeign(const platform::Output &output, const platform::Standing &standing)
{
    const auto lut = platform::videoLutOf(output);
    const auto store = platform::profileHomeOf(output);
    const QByteArray declared = store->isHeard() ? store->inUse() : standing.profile;
    const bool lutIsOurs = !lut || lut->holds(lutOf(standing));
    Memory &memory = m_memory[standing.displayId];
    const QString about = QStringLiteral("foreign ") + standing.displayId;
    if (declared == standing.profile && lutIsOurs) {
        m_notifier.withdraw(about);
        m_open.erase(about);
        memory.foreignTold.clear();
        return;
    }
    const QByteArray digest = QCryptographicHash::hash(
        declared + (lut ? lut->save() : QByteArray()), QCryptographicHash::Sha1);
    if (memory.foreignTold == digest)
        return; // told, and wanted so
    memory.foreignTold = digest;
    QString found = tr("its video LUT was changed");
    if (declared.isEmpty())
        found = tr("its profile was withdrawn");
    else if (declared != standing.profile) {
        found = tr("another profile was declared");
        try {
            const ProfileSummary s = summarise(bytesOf(declared), "declared profile");
            found =
                s.maker.empty()
                    ? tr("the profile %1 was declared").arg(QString::fromStdString(s.title))
                    : tr("the profile %1 was declared, made by %2")
                          .arg(QString::fromStdString(s.title), QString::fromStdString(s.maker));
        } catch (const Error &) { // whatever it is, it is no profile
        }
    }
    const QString title = tr("%1 is no longer as calibrated").arg(standing.displayName);
    m_open[about] = title;
    m_notifier.show(about, title, tr("Another program did it: %1.").arg(found),
                    {{QStringLiteral("put-back"), tr("Put it back")},
                     {QStringLiteral("leave"), tr("Leave it")}},
                    [this, about](const QString &key) {
                        if (key == QLatin1String("put-back"))
                            putInForce();
                        m_open.erase(about); // put back, or wanted so
                        tellIcon();
                    });
}

void Keeper::remind(const QString &displayId, const QString &name,
                    const std::optional<platform::Standing> &standing)
{
    const QDateTime now = QDateTime::currentDateTimeUtc();
    Memory &memory = m_memory[displayId];
    const QString about = QStringLiteral("due ") + displayId;
    const auto due = dueAt(standing, memory.firstSeen, memory.hoursUsed, now);
    if (!due || now < *due) {
        m_notifier.withdraw(about);
        m_open.erase(about);
        return;
    }
    const QString title = tr("%1 is due for a check").arg(name);
    m_open[about] = title;
    if (memory.snoozedUntil.isValid() && now < memory.snoozedUntil)
        return;
    const bool drifts = standing && standing->foretoldAt.isValid() && standing->foretoldAt <= now;
    const QString text = drifts      ? tr("By its drift its light may be leaving its limits.")
                         : !standing ? tr("It has never been measured.")
                         : standing->provedAt.isValid()
                             ? tr("It was last measured %n days ago.", nullptr,
                                  static_cast<int>(standing->provedAt.daysTo(now)))
                             : tr("Its profile has never been checked.");
    const bool shown = m_notifier.show(
        about, title, text,
        {{QStringLiteral("check"), standing ? tr("Check it now") : tr("Measure it")},
         {QStringLiteral("later"), tr("In a week")}},
        [this, displayId, measured = standing.has_value()](const QString &key) {
            m_memory[displayId].snoozedUntil = QDateTime::currentDateTimeUtc().addDays(
                key == QLatin1String("later") ? kSnoozeDays : 1);
            writeMemory();
            if (key == QLatin1String("check"))
                openWindow(displayId, measured ? QStringLiteral("check") : QStringLiteral("ready"));
        });
    if (!shown)
        return;                           // nobody to show it: tried again later
    memory.snoozedUntil = now.addDays(1); // once a day is often enough
    writeMemory();
}

void Keeper::countHours()
{
    const double hours = static_cast<double>(m_sinceTick.restart()) / 1000 / kHour;
    if (!m_watch->areScreensOn())
        return;
    for (const platform::Output &output : platform::outputs()) {
        const QString id = platform::displayId(output);
        Memory &memory = m_memory[id];
        try {
            const auto standing = m_shelf.read(id);
            const QDateTime proved = standing ? standing->provedAt : QDateTime();
            if (proved != memory.hoursSince) {
                memory.hoursSince = proved;
                memory.hoursUsed = 0;
            }
        } catch (const Error &e) {
            complain(e);
        }
        memory.hoursUsed += hours;
    }
    writeMemory();
}

void Keeper::readMemory()
{
    const QString path = m_shelf.folder() + kMemoryFile;
    if (!QFile::exists(path))
        return;
    try {
        const Json all = parseJson(run::readFile(path).toStdString(), path.toStdString());
        for (const auto &[id, m] : all.items()) {
            Memory &memory = m_memory[QString::fromStdString(id)];
            memory.snoozedUntil = timeIn(m, "snoozed_until");
            memory.firstSeen = timeIn(m, "first_seen");
            memory.hoursSince = timeIn(m, "hours_since");
            memory.hoursUsed = m.value("hours_used", 0.0);
        }
    } catch (const std::exception &e) { // damaged: what was snoozed comes again
        std::cerr << "bold-lantern-keeper: " << e.what() << '\n';
        m_memory.clear();
    }
}

void Keeper::writeMemory() const
{
    const auto text = [](const QDateTime &at) {
        return at.toUTC().toString(Qt::ISODate).toStdString();
    };
    Json all = Json::object();
    for (const auto &[id, m] : m_memory)
        all[id.toStdString()] = {{"snoozed_until", text(m.snoozedUntil)},
                                 {"first_seen", text(m.firstSeen)},
                                 {"hours_since", text(m.hoursSince)},
                                 {"hours_used", std::round(m.hoursUsed * 1000) / 1000}};
    try {
        run::makeFolder(m_shelf.folder());
        run::writeFile(m_shelf.folder() + kMemoryFile, QByteArray::fromStdString(all.dump(1)));
    } catch (const Error &e) {
        complain(e);
    }
}

void Keeper::openWindow(const QString &displayId, const QString &page)
{
    // Beside this one when installed, in a neighbouring folder when built.
    const QString here = QCoreApplication::applicationDirPath();
    QString program = QStandardPaths::findExecutable(QStringLiteral("bold-lantern"),
                                                     {here, here + QStringLiteral("/../app")});
    if (program.isEmpty())
        program = QStandardPaths::findExecutable(QStringLiteral("bold-lantern"));
    if (program.isEmpty() || !QProcess::startDetached(program, {QStringLiteral("--show"), displayId,
                                                                QStringLiteral("--page"), page}))
        std::cerr << "bold-lantern-keeper: bold-lantern was not found\n";
}

} // namespace lantern::keeper
