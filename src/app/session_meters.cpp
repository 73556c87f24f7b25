// What is known about the meter: its certificate and its corrections.

#include "app/session.h"
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
        return Session::tr("Corrected on this display against %1.")
            .arg(QString::fromStdString(setup.meterCorrection->reference));
    case CorrectionKind::Spectra:
        return Session::tr("Corrected by spectra, for panels of kind %1.").arg(technology);
    case CorrectionKind::Technology:
        return Session::tr("Corrected for panels of kind %1.").arg(technology);
    case CorrectionKind::None:
        break;
    }
    return {};
}

} // namespace

/// Certificate and correction of the meter that the setup names.
void Session::addMeterFacts(run::RunSetup &setup) const
{
    setup.certificate = m_meters.certificate(setup.meterName);
    if (const auto c = m_meters.correction(setup.meterName, setup.displayName, setup.technology)) {
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

/// What Ready and Desk say about the meter.
void Session::refreshMeterFacts()
{
    try {
        run::RunSetup setup = m_workplace->setup(m_state.selected);
        addMeterFacts(setup);
        m_state.meter.certificate = setup.certificate;
        m_state.meter.correction = correctionText(setup);
        m_state.meter.correctionKind = setup.correctionKind;
        if (const QStringList problems = m_meters.problems(setup.meterName); !problems.isEmpty())
            m_state.notice = problems.front();
    } catch (const Error &e) { // its control channel has gone silent
        m_state.notice = QString::fromUtf8(e.what());
    }
}

template <class F> void Session::changeMeterShelf(F &&change)
{
    if (m_state.isMeasuring()) {
        setNotice(tr("Finish or stop the run before changing what is known of the meter."));
        return;
    }
    try {
        const run::RunSetup setup = m_workplace->setup(m_state.selected);
        if (setup.meterName.empty())
            throw Error(ErrorKind::BadInput, "meter", "none is chosen",
                        "Choose one in the Meter menu first.");
        m_state.notice = change(setup);
    } catch (const Error &e) {
        m_state.notice = QString::fromUtf8(e.what());
    }
    refreshMeterFacts();
    refreshReady();
}

void Session::keepCertificate(const QString &path)
{
    changeMeterShelf([&](const run::RunSetup &setup) {
        const std::string source = path.toStdString();
        const Certificate c = certificateFromJson(parseJson(textOf(path), source), source);
        m_meters.keep(setup.meterName, c);
        return c.meter == setup.meterName
                   ? tr("Kept: certificate %1, to be renewed by %2.")
                         .arg(QString::fromStdString(c.number), QString::fromStdString(c.due))
                   : tr("Kept for %1, although the certificate is of %2.")
                         .arg(QString::fromStdString(setup.meterName),
                              QString::fromStdString(c.meter));
    });
}

void Session::keepCorrection(const QString &path)
{
    changeMeterShelf([&](const run::RunSetup &setup) {
        const std::string source = path.toStdString();
        const MeterCorrection c = correctionFromJson(parseJson(textOf(path), source), source);
        m_meters.keep(setup.meterName, c);
        return tr("Kept: a correction for panels of kind %1.")
            .arg(QString::fromStdString(c.technology));
    });
}

void Session::computeCorrection(const QString &sensitivities, const QString &panel)
{
    changeMeterShelf([&](const run::RunSetup &setup) {
        MeterCorrection c;
        c.matrix = correctionFromSpectra(
            spectraFromText(textOf(sensitivities), sensitivities.toStdString()),
            sensitivities.toStdString(), spectraFromText(textOf(panel), panel.toStdString()),
            panel.toStdString());
        c.method = MeterCorrection::Method::Spectra;
        c.meter = setup.meterName;
        c.reference = "CIE 1931 observer";
        c.technology = setup.technology;
        c.display = QFileInfo(panel).completeBaseName().toStdString();
        c.created = now();
        m_meters.keep(setup.meterName, c);
        return tr("Computed and kept for panels of kind %1.")
            .arg(QString::fromStdString(c.technology));
    });
}

void Session::keepFourColours(const QString &meter, const QString &reference)
{
    changeMeterShelf([&](const run::RunSetup &setup) {
        MeterCorrection c;
        c.matrix = correctionMatrix(m_state.fourColours.at(meter), meter.toStdString(),
                                    m_state.fourColours.at(reference), reference.toStdString());
        c.meter = meter.toStdString();
        c.reference = reference.toStdString();
        c.technology = setup.technology;
        c.display = setup.displayName;
        c.created = now();
        m_meters.keep(c.meter, c);
        return tr("Kept: %1 is corrected on this display by %2.").arg(meter, reference);
    });
}

void Session::forgetMeterFacts()
{
    changeMeterShelf([&](const run::RunSetup &setup) {
        m_meters.forget(setup.meterName);
        return tr("Certificate and corrections of %1 are forgotten.")
            .arg(QString::fromStdString(setup.meterName));
    });
}

void Session::readFourColours()
{
    beginErrand(run::RunKind::FourColours);
}

} // namespace lantern::app
