#include "app/window/correction_dialog.h"
#include "core/reading/certificate.h"
#include "run/file/files.h"
#include "window_rig.h"

#include <nlohmann/json.hpp>

#include <QMenuBar>

using namespace lantern;
using namespace lantern::app;
using lantern::test::settle;
using lantern::test::WindowRig;
using run::Activity;
using run::Stage;

namespace {

const ReadyPoint *point(const SessionState &state, const char *key)
{
    for (const ReadyPoint &p : state.ready)
        if (p.key == QLatin1String(key))
            return &p;
    return nullptr;
}

QAction *menuAction(WindowRig &rig, const QString &menu, const QString &text)
{
    for (QAction *top : rig.window->menuBar()->actions())
        if (top->text().remove(QLatin1Char('&')) == menu)
            for (QAction *a : top->menu()->actions())
                if (a->text().remove(QLatin1Char('&')).contains(text))
                    return a;
    return nullptr;
}

} // namespace

/// What the window knows of the meter: certificate, corrections, uncertainty.
class MeterWorthTest : public QObject {
    Q_OBJECT
private slots:
    void anOverdueCertificateIsToldAtReady()
    {
        WindowRig rig;
        QVERIFY(!point(rig.state(), "certificate"));
        rig.session->keepCertificate(certificate("2020-01-01", "2021-01-01"));
        QVERIFY(rig.waitFor([&] { return point(rig.state(), "certificate") != nullptr; }));
        QVERIFY(!point(rig.state(), "certificate")->done);
        QVERIFY(point(rig.state(), "certificate")->finding.contains(QLatin1String("ran out")));
        rig.session->keepCertificate(certificate("2026-01-01", "2126-01-01"));
        QVERIFY(rig.waitFor([&] { return point(rig.state(), "certificate")->done; }));
        rig.session->forgetMeterFacts();
        QVERIFY(rig.waitFor([&] { return !point(rig.state(), "certificate"); }));
    }

    void aFileThatIsNoCertificateIsNamed()
    {
        WindowRig rig;
        const QString path = m_folder.filePath(QStringLiteral("no.json"));
        run::writeFile(path, R"({"format": "bold-lantern-aim", "version": 1})");
        rig.session->keepCertificate(path);
        QVERIFY2(rig.state().notice.contains(QLatin1String("no.json")),
                 qPrintable(rig.state().notice));
        rig.session->keepCorrection(m_folder.filePath(QStringLiteral("missing.json")));
        QVERIFY(rig.state().notice.contains(QLatin1String("missing.json")));
    }

    /// Both meters read four colours; from then on the poorer one is right on this display, and the
    /// run says why.
    void oneMeterIsCorrectedByABetterOne()
    {
        WindowRig rig;
        menuAction(rig, QStringLiteral("Meter"), QStringLiteral("better meter"))->trigger();
        auto *dialog = rig.window->findChild<CorrectionDialog *>();
        QVERIFY(dialog && dialog->isVisible());
        auto *read = dialog->findChild<QPushButton *>(QStringLiteral("readFourColours"));
        auto *keep = dialog->findChild<QPushButton *>(QStringLiteral("keepCorrection"));
        QVERIFY(!keep->isEnabled());
        const auto readWith = [&](const QString &menuText, size_t sets) {
            menuAction(rig, QStringLiteral("Meter"), menuText)->trigger();
            settle();
            QTest::mouseClick(read, Qt::LeftButton);
            return rig.waitFor([&] {
                return rig.state().fourColours.size() == sets && !rig.state().isMeasuring();
            });
        };
        QVERIFY(readWith(QStringLiteral("Heron"), 1));
        QVERIFY(readWith(QStringLiteral("Reed"), 2));
        QVERIFY(rig.waitFor([&] { return keep->isEnabled(); }));
        auto *better = dialog->findChild<QComboBox *>(QStringLiteral("betterMeter"));
        auto *poorer = dialog->findChild<QComboBox *>(QStringLiteral("meterToCorrect"));
        QVERIFY(better->currentText().contains(QLatin1String("Heron")));
        QVERIFY(poorer->currentText().contains(QLatin1String("Reed")));
        QTest::mouseClick(keep, Qt::LeftButton);
        QVERIFY(rig.waitFor(
            [&] { return rig.state().meter.correctionKind == CorrectionKind::Display; }));
        QVERIFY(point(rig.state(), "correction")->done);
        QVERIFY(point(rig.state(), "correction")->finding.contains(QLatin1String("Heron")));
        dialog->close();

        QVERIFY(rig.pressUntil(Stage::Done));
        const auto &setup = rig.state().results.setup;
        QVERIFY(setup.meterCorrection.has_value());
        QCOMPARE(setup.correctionKind, CorrectionKind::Display);
        // White as the display really has it, by the bench's own law.
        const XYZ white = rig.demo->rig(0)->with([](bench::Bench &b) {
            return b.display().emitted({255, 255, 255}, b.condition());
        });
        const Chromaticity aim = aimChromaticity(setup.aim, chromaticity(white));
        VERIFY_BELOW(deltaUvPrime(uvPrime(white), uvPrime(aim)), 0.0008);
        const JudgedFigure *f = rig.state().results.validation->verdict.find(Figure::White);
        QVERIFY(f->uncertainty.scatter > 0);
        QCOMPARE(f->uncertainty.mismatch, 0.0); // made on this display: nothing is left
    }

    /// A meter that sees spectra reads the panel's; a colorimeter whose sensitivities are known is
    /// right on this display from then on.
    void aPanelsOwnSpectraCorrectAColorimeter()
    {
        WindowRig rig;
        rig.session->chooseMeter(QStringLiteral("reference"));
        QVERIFY(!rig.state().knowsPanelSpectra);
        rig.session->readFourColours();
        QVERIFY(rig.waitFor([&] { return rig.state().knowsPanelSpectra; }));
        rig.session->chooseMeter(QStringLiteral("colorimeter"));
        QVERIFY(
            rig.waitFor([&] { return rig.state().meter.name.contains(QLatin1String("Reed")); }));
        // What its numbers are of the light, by the bench's own law.
        QByteArray file = "nm,X,Y,Z\n";
        rig.demo->rig(0)->with([&](bench::Bench &b) {
            for (int i = 0; i < bench::kBands; ++i) {
                const Vec3 raw{b.meter().filter(0)[size_t(i)], b.meter().filter(1)[size_t(i)],
                               b.meter().filter(2)[size_t(i)]};
                const Vec3 seen = b.meter().correction() * b.meter().factoryMatrix() * raw;
                file += QByteArray::number(bench::kFirstNm + 5 * i);
                for (int k = 0; k < 3; ++k)
                    file += "," + QByteArray::number(seen[k], 'g', 12);
                file += "\n";
            }
        });
        const QString path = m_folder.filePath(QStringLiteral("reed.csv"));
        run::writeFile(path, file);
        rig.session->computeCorrection(path, {});
        QVERIFY2(rig.state().notice.contains(QLatin1String("own spectra")),
                 qPrintable(rig.state().notice));
        QVERIFY(rig.state().meter.correction.contains(QLatin1String("own spectra")));
        QVERIFY(rig.pressUntil(Stage::Done));
        const XYZ white = rig.demo->rig(0)->with([](bench::Bench &b) {
            return b.display().emitted({255, 255, 255}, b.condition());
        });
        const Chromaticity aim =
            aimChromaticity(rig.state().results.setup.aim, chromaticity(white));
        VERIFY_BELOW(deltaUvPrime(uvPrime(white), uvPrime(aim)), 0.0010);
        // Of a display that no such meter has read, there are none.
        rig.session->newRun();
        rig.session->selectDisplay(1);
        QVERIFY(rig.waitFor([&] { return !rig.state().knowsPanelSpectra; }));
    }

    /// A colorimeter with the average correction of a technology says that it may be off, and the
    /// verdict is shown with it.
    void theWindowShowsBothHalvesAndTheirUncertainty()
    {
        WindowRig rig;
        rig.session->keepCertificate(certificate("2026-01-01", "2126-01-01"));
        QVERIFY(rig.pressUntil(Stage::Done));
        const Verdict &v = rig.state().results.validation->verdict;
        QVERIFY(v.find(Figure::White)->uncertainty.certificate > 0);
        QVERIFY(v.find(Figure::White)->uncertainty.mismatch > 0);
        rig.session->showView(ViewId::Accuracy);
        settle();
        auto *verdict = rig.window->findChild<QLabel *>(QStringLiteral("validationVerdict"));
        auto *figures = rig.window->findChild<QLabel *>(QStringLiteral("verdictFigures"));
        QVERIFY(verdict && verdict->isVisible());
        QVERIFY(verdict->text().contains(QLatin1String("The aim")));
        QVERIFY(verdict->text().contains(QLatin1String("The profile")));
        QVERIFY(figures->text().contains(QStringLiteral("±")));
        QVERIFY(figures->toolTip().contains(QLatin1String("certificate")));
    }

private:
    QString certificate(const char *issued, const char *due)
    {
        Certificate c;
        c.meter = "Reed";
        c.laboratory = "Saltmarsh Photometry";
        c.number = "26-0411";
        c.issued = issued;
        c.due = due;
        c.lights[Certificate::kAnyLight] = {0.03, 0.003, 0.003};
        const QString path = m_folder.filePath(QStringLiteral("certificate.json"));
        run::writeFile(path, QByteArray::fromStdString(certificateToJson(c).dump()));
        return path;
    }
    QTemporaryDir m_folder;
};

namespace {
const lantern::test::Register<MeterWorthTest> registered("MeterWorthTest");
}

#include "meter_worth_test.moc"
