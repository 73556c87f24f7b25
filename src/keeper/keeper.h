#pragma once

#include "keeper/room_watch.h"
#include "keeper/tray_icon.h"
#include "platform/as_found.h"
#include "platform/notifier.h"
#include "platform/output.h"
#include "platform/standing.h"

#include <QDateTime>
#include <QElapsedTimer>
#include <QObject>
#include <QSet>
#include <QTimer>

namespace lantern::keeper {

/// Keeps in force what each display is to have when nobody measures it, tells when something else
/// has changed it, and reminds of displays that are due. Sleeps in between.
class Keeper : public QObject {
    Q_OBJECT
public:
    explicit Keeper(QObject *parent = nullptr);

    /// Loads what is to be in force on every output that is there.
    void putInForce();
    /// Looks whether something else has changed that, and what is due.
    void look();

signals:
    void ended(); ///< there is nothing left to keep

private slots:
    void onSleep(bool begins);

private:
    /// What a person wants no more of, and how long displays were used: the Keeper's own to keep.
    struct Memory {
        QDateTime snoozedUntil;
        QDateTime firstSeen;
        double hoursUsed = 0;   ///< since hoursOf
        QDateTime hoursSince;   ///< the proof that they count from
        QByteArray foreignTold; ///< a digest of what another program had put in force
    };
    void tellOfForeign(const platform::Output &output, const platform::Standing &standing);
    void remind(const QString &displayId, const QString &name,
                const std::optional<platform::Standing> &standing);
    void lookAtRoom();
    /// What stands open, on the icon.
    void tellIcon();
    void remindOfCertificates();
    void countHours();
    void readMemory();
    void writeMemory() const;
    /// Opens the window at a display. \param page key of a view
    static void openWindow(const QString &displayId, const QString &page);

    platform::StandingShelf m_shelf;
    platform::AsFound m_asFound;
    platform::Notifier m_notifier;
    std::unique_ptr<platform::OutputWatch> m_watch;
    RoomWatch m_room;
    TrayIcon m_icon;
    std::map<QString, QString> m_open; ///< what waits for the person, by what it is about
    QTimer m_tick;
    QElapsedTimer m_sinceTick;
    std::map<QString, Memory> m_memory; ///< by display
};

/// What to say of a meter's certificate; empty: it is good for a while. \param today without time
QString certificateWords(const Certificate &certificate, const QDate &today);

/// When a display is due next. Nothing: never, as a person wants it. \param firstSeen counts where
/// it was never measured \param hoursUsed since it was proved
std::optional<QDateTime> dueAt(const std::optional<platform::Standing> &standing,
                               const QDateTime &firstSeen, double hoursUsed, const QDateTime &now);

} // namespace lantern::keeper
