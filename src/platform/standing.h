#pragma once

#include "core/signal/video_lut.h"

#include <QByteArray>
#include <QDateTime>
#include <QString>
#include <QStringList>

#include <functional>
#include <optional>
#include <vector>

namespace lantern::platform {

/// A profile that was in force on a display.
struct ProfileUse {
    QString path;                       ///< of its file
    std::optional<double> meanDeltaE00; ///< when it was last proved
    bool operator==(const ProfileUse &) const = default;
};

/// What a display is to have in force whenever nobody measures it, and when it is to be looked at
/// again.
struct Standing {
    QString displayId;
    QString displayName;          ///< for people
    QByteArray profile;           ///< a whole ICC profile; its video LUT goes with it
    QString title;                ///< of the profile
    std::vector<ProfileUse> used; ///< the present one first; files may be gone since
    QDateTime installedAt; ///< by a run, of whatever logbook; invalid: not known, or given up
    QDateTime chosenAt;    ///< by a person, instead of the last run's; invalid: the last run's
    QDateTime provedAt;    ///< when a run or a check last told how good it is; invalid: never
    /// When its light may leave its limits at the earliest, by its drift; invalid: not known.
    QDateTime foretoldAt;
    int remindAfterDays = kUsualDays; ///< since then; 0: never
    int remindAfterHours = 0;         ///< of use since then; 0: never

    /// Common practice in studios.
    static constexpr int kUsualDays = 28;

    /// Another profile is in force from now on.
    void use(const QByteArray &icc, const QString &title, const QString &path);
    /// A run has made it.
    void install(const QByteArray &icc, const QString &name, const QString &path,
                 const QDateTime &at);
    /// The profile of the last run that a logbook knows is the display's own, unless a person chose
    /// another, or a run of another logbook installed one, since that run began. \returns whether
    /// it is
    bool takesOver(const QByteArray &icc, const QString &title, const QString &path,
                   const QDateTime &begun, std::optional<double> meanDeltaE00 = {});
    /// A run or a check has told how good it is. \param mean of a validation
    void prove(const QDateTime &at, std::optional<double> mean);
    [[nodiscard]] QString path() const { return used.empty() ? QString() : used.front().path; }
    bool operator==(const Standing &) const = default;
};

/// When it is to be looked at again: after the days that the person chose, or where its drift tells
/// more, when its light may leave its limits at the earliest; then no sooner than a week after it
/// was proved and no later than three times those days. Nothing: no reminder by days is wanted, or
/// it was never proved.
std::optional<QDateTime> nextCheckAt(const Standing &standing);

/// The video LUT in its profile; the identity where there is none. \throws Error BadInput when the
/// profile is none
VideoLut lutOf(const Standing &standing);

/// The standings of all displays, a file each, shared by window, command line and Keeper: a line of
/// JSON, then the profile. A file is written whole or not at all.
class StandingShelf {
public:
    explicit StandingShelf(QString folder = usualFolder());
    static QString usualFolder();
    [[nodiscard]] const QString &folder() const { return m_folder; }

    /// Ids of the displays that have one.
    [[nodiscard]] QStringList displays() const;
    /// Nothing where there is none. \throws Error BadInput naming the file when it is damaged
    [[nodiscard]] std::optional<Standing> read(const QString &displayId) const;
    /// Does nothing where it is there already. \throws Error Device
    void keep(const Standing &standing) const;
    void remove(const QString &displayId) const;
    /// What is kept of a display; a new one where there is none, or it is damaged.
    [[nodiscard]] Standing of(const QString &displayId, const QString &displayName) const;
    /// The same, changed and kept. \throws Error Device
    void change(const QString &displayId, const QString &displayName,
                const std::function<void(Standing &)> &change) const;

private:
    [[nodiscard]] QString fileOf(const QString &displayId) const;

    QString m_folder;
};

} // namespace lantern::platform
