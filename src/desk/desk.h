#pragma once

#include "core/signal/edid.h"
#include "desk/display_facts.h"
#include "desk/profile_in_use.h"
#include "desk/profile_list.h"
#include "platform/as_found.h"
#include "platform/output.h"
#include "platform/standing.h"

#include <QObject>
#include <QRect>

#include <memory>
#include <optional>
#include <vector>

class QCoreApplication;

namespace lantern::platform {
class LutHandOver;
}

namespace lantern::desk {

/// Chooses what the toolkit draws with, before there is an application: the compositor itself where
/// the session has one, unless the person's environment says otherwise.
void chooseToolkit();
/// After there is one: it may have had to fall back to X.
void noteToolkit();

/// Ends an application, except on Wayland: the toolkit's own end there (Qt 6.4) destroys its event
/// queues after their connection and so writes into freed memory. See leave().
struct ApplicationEnd {
    void operator()(QCoreApplication *application) const;
};

/// The last thing that main() does: ends the process at once where an application is still there,
/// whose threads would stumble over what a process usually tears down. \returns code
int leave(int code);

/// \throws Error Device where no display server with an active output answers, so that a program
/// which needs one can say so.
void requireDisplayServer();

/// The displays on the outputs of the display server, what each is able to do, and the one place
/// that puts something in force on them. Used by window and command line alike. A QGuiApplication
/// is only needed for screenOf() and to hear of displays that come and go.
class Desk : public QObject {
    Q_OBJECT
public:
    /// \throws Error Device when there is no display server with an active output
    explicit Desk(QObject *parent = nullptr);
    ~Desk() override;

    /// From left to right, as on the desk.
    [[nodiscard]] std::vector<DisplayFacts> displays() const;
    [[nodiscard]] DisplayFacts facts(int display) const;
    [[nodiscard]] DesktopFacts desktop() const;
    /// The display on the output of that name, or with that id. \throws Error BadInput naming
    /// those there are
    [[nodiscard]] int find(const QString &name) const;

    /// All devices but meter and presenter; for the engine's thread. Looks for the control channel
    /// at the first call, which may take a second.
    run::Devices devices(int display);
    /// Facts of a new run: ids, technology, controls. \param patch size on the screen, pixels
    [[nodiscard]] run::RunSetup setup(int display, const QSize &patch) const;
    /// Where it is on the desktop, in the toolkit's coordinates.
    [[nodiscard]] QRect screenOf(int display) const;
    /// Another panel technology than the one detected; kept. Empty: as detected.
    void setTechnology(int display, const std::string &technology);

    // In force
    /// Brings back what runs found that were cut short, by whatever program.
    void putBackCutShort();
    /// Puts the profile and LUT of that run in force; without one, what was found. Does nothing
    /// while another program measures the display.
    void activate(int display, const std::optional<run::RunResults> &lastRun);
    /// Puts a profile with its own LUT in force.
    void declare(int display, const QByteArray &icc, const VideoLut &lut);
    /// What a run changes on a display from now on is only for its time: should the program end
    /// before runEnds(), the display gets back what it has now, at the latest when a program is
    /// started again. \throws Error Device when another program measures it
    void runBegins(int display);
    void runEnds(int display);
    /// Takes any video LUT away.
    void showLut(int display, const VideoLut &lut);
    /// What this display is to have in force, and when it is to be looked at again.
    [[nodiscard]] platform::Standing standing(int display) const;
    /// The profiles that were made for a display or used on it.
    [[nodiscard]] std::vector<KnownProfile> profiles(int display) const;
    /// Another profile than the last run's, until the next run installs one; empty: none.
    /// \throws Error BadInput when the file is none of an RGB display
    void use(int display, const QString &path);
    /// Copies a profile to where all users of this machine find it. \returns why not; empty: done
    QString installForAll(int display, const QString &path);
    /// File of the display's default in the colour service, empty: it has none; nothing where no
    /// such service runs.
    [[nodiscard]] std::optional<QString> defaultInService(int display) const;
    /// The run that installed what is in force was discarded: the one before may take over.
    void giveUpInstalled(int display);
    /// A run or a check has just told how good it is. \param meanDeltaE00 of a validation
    void proved(int display, std::optional<double> meanDeltaE00);
    void foretold(int display, const QDateTime &at);
    /// \param days, hours since it was proved, hours of use; 0: never
    void setReminder(int display, int days, int hours);
    ProfileInUse readBack(int display, const run::RunResults &results);
    /// Bytes of the profile that is declared; empty: none.
    [[nodiscard]] QByteArray declared(int display) const;
    /// Whether any LUT but the identity is loaded; nothing where that cannot be told.
    [[nodiscard]] std::optional<bool> hasLutLoaded(int display) const;

signals:
    void displaysChanged();

private:
    void changeStanding(int display, const std::function<void(platform::Standing &)> &change);
    struct Place;
    void findPlaces();
    /// The place of an output that is or was there, taken out of where it stood; else a new one.
    Place placeOf(const platform::Output &output);
    static Place makePlace(const platform::Output &output);
    static QString idOf(const Place &place);
    [[nodiscard]] DisplayFacts factsOf(const Place &place) const;

    std::vector<Place> m_places;
    bool m_canLook = false;                            ///< at what a compositor has put together
    std::unique_ptr<platform::LutHandOver> m_handOver; ///< where LUTs are lent to one program
    platform::AsFound m_asFound;
    platform::StandingShelf m_shelf;
};

} // namespace lantern::desk
