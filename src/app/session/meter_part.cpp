#include "app/session/meter_part.h"

#include "app/workplace/workplace.h"
#include "core/base/error.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QDateTime>
#include <QFileInfo>

namespace lantern::app {

namespace {

std::string textOf(const QString &path)
{
    return run::readFile(path).toStdString();
}

std::string now()
{
    return QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
}

/// For people; empty where there is none.
QString correctionText(const run::RunSetup &setup)
{
    const QString technology = technologyTitle(QString::fromStdString(setup.technology));
    switch (setup.correctionKind) {
    case CorrectionKind::Display:
        return MeterPart::tr("Corrected on this display against %1.")
            .arg(QString::fromStdString(setup.meterCorrection->reference));
    case CorrectionKind::Spectra:
        if (setup.meterCorrection->display == setup.displayName)
            return MeterPart::tr("Corrected by this display's own spectra.");
        return MeterPart::tr("Corrected by spectra, for panels of kind %1.").arg(technology);
    case CorrectionKind::Technology:
        return MeterPart::tr("Corrected for panels of kind %1.").arg(technology);
    case CorrectionKind::None:
        break;
    }
    return {};
}

void requireMeter(const run::RunSetup &setup)
{
    if (setup.meterName.empty())
        throw Error(ErrorKind::BadInput, "meter", "none is chosen",
                    "Choose one in the Meter menu first.");
}

} // namespace

MeterPart::MeterPart(const QString &folder, QObject *parent) : QObject(parent), m_shelf(folder) {}

void MeterPart::setCard(const MeterCard &card)
{
    m_state.meter = card;
    emit changed();
}

void MeterPart::greeted(const QString &name)
{
    m_state.meter.name = name;
    m_state.meter.state = tr("ready");
    emit changed();
}

void MeterPart::doesNotAnswer()
{
    m_state.meter.state = tr("does not answer");
    emit changed();
}

void MeterPart::took(const Reading &reading)
{
    m_state.meter.lastReading = reading.xyz;
    emit changed();
}

void MeterPart::wantEntry(const std::optional<DeviceRgb> &patch)
{
    m_state.entryWanted = patch;
    emit changed();
}

void MeterPart::setReadingRoom(bool reading)
{
    m_state.readingRoom = reading;
    emit changed();
}

void MeterPart::roomRead(const run::RoomLight &room)
{
    m_state.readingRoom = false;
    m_state.roomReadings.push_back(room);
    m_state.meter.room = room;
    m_state.meter.roomTitle = tr("Room");
    emit changed();
}

void MeterPart::forgetRoom()
{
    m_state.roomReadings.clear();
    emit changed();
}

/// \throws Error Device
void MeterPart::tookFourColours(const QString &meter, const run::RunResults &results)
{
    m_state.fourColours[meter] = results.fourColours;
    if (!results.panelSpectra.nm.empty()) {
        m_shelf.keepPanel(results.setup.displayId, results.panelSpectra);
        m_state.knowsPanelSpectra = true;
    }
    emit changed();
}

void MeterPart::forgetFourColours()
{
    m_state.fourColours.clear();
    emit changed();
}

void MeterPart::addFacts(run::RunSetup &setup) const
{
    setup.certificate = m_shelf.certificate(setup.meterName);
    if (const auto c = m_shelf.correction(setup.meterName, setup.displayName, setup.technology)) {
        setup.meterCorrection = c;
        setup.correctionKind = c->kindFor(setup.displayName);
        setup.correction = setup.correctionKind == CorrectionKind::Display
                               ? "corrected on this display against " + c->reference
                           : setup.correctionKind == CorrectionKind::Spectra
                               ? "corrected by spectra of " + c->display
                               : "corrected for " + c->technology + " on " + c->display +
                                     " against " + c->reference;
    }
}

QString MeterPart::refresh(run::RunSetup setup)
{
    addFacts(setup);
    m_state.meter.certificate = setup.certificate;
    m_state.knowsPanelSpectra = m_shelf.panel(setup.displayId).has_value();
    m_state.meter.correction = correctionText(setup);
    m_state.meter.correctionKind = setup.correctionKind;
    emit changed();
    const QStringList problems = m_shelf.problems(setup.meterName);
    return problems.isEmpty() ? QString() : problems.front();
}

QString MeterPart::keepCertificate(const QString &path, const run::RunSetup &setup)
{
    requireMeter(setup);
    const std::string source = path.toStdString();
    const Certificate c = certificateFromJson(parseJson(textOf(path), source), source);
    m_shelf.keep(setup.meterName, c);
    return c.meter == setup.meterName
               ? tr("Kept: certificate %1, to be renewed by %2.")
                     .arg(QString::fromStdString(c.number), QString::fromStdString(c.due))
               : tr("Kept for %1, although the certificate is of %2.")
                     .arg(QString::fromStdString(setup.meterName), QString::fromStdString(c.meter));
}

QString MeterPart::keepCorrection(const QString &path, const run::RunSetup &setup)
{
    requireMeter(setup);
    const std::string source = path.toStdString();
    const MeterCorrection c = correctionFromJson(parseJson(textOf(path), source), source);
    m_shelf.keep(setup.meterName, c);
    return tr("Kept: a correction for panels of kind %1.")
        .arg(QString::fromStdString(c.technology));
}

QString MeterPart::computeCorrection(const QString &sensitivities, const QString &panel,
                                     const run::RunSetup &setup)
{
    requireMeter(setup);
    const bool isOwn = panel.isEmpty();
    const auto own = isOwn ? m_shelf.panel(setup.displayId) : std::nullopt;
    if (isOwn && !own)
        throw Error(ErrorKind::BadInput, setup.displayName, "its spectra have not been read",
                    "Read its four colours with a spectral meter, or give a file of a panel like "
                    "it.");
    const std::string panelName = isOwn ? setup.displayName : panel.toStdString();
    MeterCorrection c;
    c.matrix =
        correctionFromSpectra(spectraFromText(textOf(sensitivities), sensitivities.toStdString()),
                              sensitivities.toStdString(),
                              own ? *own : spectraFromText(textOf(panel), panelName), panelName);
    c.method = MeterCorrection::Method::Spectra;
    c.meter = setup.meterName;
    c.reference = "CIE 1931 observer";
    c.technology = setup.technology;
    c.display = isOwn ? setup.displayName : QFileInfo(panel).completeBaseName().toStdString();
    c.created = now();
    m_shelf.keep(setup.meterName, c);
    return isOwn ? tr("Computed from this display's own spectra, and kept.")
                 : tr("Computed and kept for panels of kind %1.")
                       .arg(QString::fromStdString(c.technology));
}

QString MeterPart::keepFourColours(const QString &meter, const QString &reference,
                                   const run::RunSetup &setup)
{
    requireMeter(setup);
    MeterCorrection c;
    c.matrix = correctionMatrix(m_state.fourColours.at(meter), meter.toStdString(),
                                m_state.fourColours.at(reference), reference.toStdString());
    c.meter = meter.toStdString();
    c.reference = reference.toStdString();
    c.technology = setup.technology;
    c.display = setup.displayName;
    c.created = now();
    m_shelf.keep(c.meter, c);
    return tr("Kept: %1 is corrected on this display by %2.").arg(meter, reference);
}

QString MeterPart::forget(const run::RunSetup &setup)
{
    requireMeter(setup);
    m_shelf.forget(setup.meterName);
    return tr("Certificate and corrections of %1 are forgotten.")
        .arg(QString::fromStdString(setup.meterName));
}

} // namespace lantern::app
