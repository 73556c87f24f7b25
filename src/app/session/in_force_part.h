#pragma once

#include "app/state/session_state.h"
#include "app/workplace/workplace.h"

#include <QObject>
#include <QTimer>

#include <optional>

namespace lantern::app {

/// What is in force on the selected display: a run's trials for their time, else its own profile
/// and LUT, which are watched.
class InForcePart : public QObject {
    Q_OBJECT
public:
    /// \param workplace not owned; outlives this
    explicit InForcePart(Workplace *workplace, QObject *parent = nullptr);
    /// Whatever ends the program, no trial stays.
    ~InForcePart() override;
    [[nodiscard]] const desk::ProfileInUse &inUse() const { return m_inUse; }
    [[nodiscard]] bool isTrying() const { return m_trial.has_value(); }
    [[nodiscard]] bool isLeft() const { return m_trial && m_trial->isLeft; }

    /// Another display; nothing is read back until look().
    void select(int display);
    /// The profile that belongs to the display; nothing: none is known.
    void setOwn(const std::optional<run::RunResults> &own) { m_own = own; }
    /// What is changed on the display from now on is only for its time, until endTrying(). False,
    /// and why is told, where another program is at it or what is found cannot be kept.
    bool beginTrying();
    void endTrying();
    /// Other displays came or went while an engine is still at work on this one: endTrying(), once
    /// it has stopped, puts back what the display had, whatever its number is by then.
    void leave();
    /// The display's own LUT and profile in force again.
    void putBack();
    /// A run or a check has told how good it is.
    void proved(std::optional<double> meanDeltaE00);
    /// \param at when its light may leave its limits at the earliest; invalid: not known
    void foretold(int display, const QDateTime &at);
    [[nodiscard]] const ProfilesState &profiles() const { return m_profiles; }
    /// Another profile for a display; an empty path: none. False, and why is told, where it cannot
    /// be.
    bool useProfile(int display, const QString &path);
    /// Looks again which profiles there are.
    void listProfiles();
    void setReminder(int days, int hours);
    void setKeeper(bool wanted);
    /// Another video LUT, for as long as something is tried.
    void showLut(const VideoLut &lut, const QByteArray &profile = {});
    /// Reads back whether what `expected` made is in force; nothing: nothing is expected to be.
    void look(const std::optional<run::RunResults> &expected);

signals:
    void changed();
    void told(const QString &problem);
    /// What was in force as it should be no longer is: another program has changed it.
    void lost();
    /// Other programs may change what is in force at any time: look() is due.
    void lookDue();

private:
    /// What is in force on a display for a time. Displays change their numbers.
    struct Trial {
        QString displayId;                       ///< as the workplace tells it
        bool isLeft = false;                     ///< see leave()
        std::optional<run::RunResults> own = {}; ///< of one that was left
    };
    template <class F> bool attempt(F &&work);
    [[nodiscard]] int placeOf(const Trial &trial) const; ///< -1: it is unplugged

    Workplace *m_workplace;
    int m_display = 0;
    std::optional<Trial> m_trial;
    std::optional<run::RunResults> m_own;
    desk::ProfileInUse m_inUse;
    ProfilesState m_profiles;
    QTimer m_watch;
};

} // namespace lantern::app
