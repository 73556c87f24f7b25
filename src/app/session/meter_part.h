#pragma once

#include "app/state/session_state.h"
#include "run/book/meter_shelf.h"

#include <QObject>

namespace lantern::app {

/// The meter: what it read last, and what is known of it (certificate, corrections).
class MeterPart : public QObject {
    Q_OBJECT
public:
    /// \param folder of certificates and corrections
    explicit MeterPart(const QString &folder, QObject *parent = nullptr);
    [[nodiscard]] const MeterState &state() const { return m_state; }

    /// Another meter or display is chosen. Call refresh() then.
    void setCard(const MeterCard &card);
    /// It told its name.
    void greeted(const QString &name);
    void doesNotAnswer();
    void took(const Reading &reading);
    /// The person is to type in this patch's numbers; nothing: no more.
    void wantEntry(const std::optional<DeviceRgb> &patch);
    // the room's light
    void setReadingRoom(bool reading);
    void roomRead(const run::RoomLight &room);
    void forgetRoom();
    // for a correction by a better meter
    void tookFourColours(const QString &meter, const run::RunResults &results);
    void forgetFourColours();

    /// Certificate and correction of the meter that the setup names.
    void addFacts(run::RunSetup &setup) const;
    /// Looks up what is known of the meter that the setup names, on its display. Files that cannot
    /// be read are told, for people; empty: all is well.
    QString refresh(run::RunSetup setup);

    // Each keeps something of the meter that the setup names and returns what, for people.
    // \throws Error BadInput when no meter is chosen or a file cannot be used
    QString keepCertificate(const QString &path, const run::RunSetup &setup);
    QString keepCorrection(const QString &path, const run::RunSetup &setup);
    /// For the panel technology of the setup.
    /// \param panel file; empty: the display's own spectra, as a spectral meter read them
    QString computeCorrection(const QString &sensitivities, const QString &panel,
                              const run::RunSetup &setup);
    /// Both by name; both have read this display's four colours.
    QString keepFourColours(const QString &meter, const QString &reference,
                            const run::RunSetup &setup);
    QString forget(const run::RunSetup &setup);

signals:
    void changed();

private:
    run::MeterShelf m_shelf;
    MeterState m_state;
};

} // namespace lantern::app
