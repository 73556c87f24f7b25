#include "core/base/error.h"
#include "run/book/meter_shelf.h"
#include "run/file/files.h"
#include "runner.h"

#include <QTemporaryDir>

using namespace lantern;
using namespace lantern::run;

namespace {

MeterCorrection correctionOn(const std::string &display, const std::string &technology, double gain,
                             const std::string &created = "2026-11-01T00:00:00Z")
{
    MeterCorrection c;
    c.meter = "Reed";
    c.reference = "Heron";
    c.technology = technology;
    c.display = display;
    c.created = created;
    c.matrix *= gain;
    return c;
}

Certificate certificate()
{
    Certificate c;
    c.meter = "Reed";
    c.issued = "2026-01-02";
    c.due = "2027-01-02";
    c.lights[Certificate::kAnyLight] = {0.02, 0.002, 0.002};
    return c;
}

} // namespace

/// What is kept about meters.
class MeterShelfTest : public QObject {
    Q_OBJECT
private slots:
    void aPanelsSpectraComeBackAsTheyWere()
    {
        const QTemporaryDir folder;
        const MeterShelf shelf(folder.path());
        QVERIFY(!shelf.panel("north"));
        SpectralTable table;
        for (int i = 0; i < 41; ++i)
            table.nm.push_back(380 + 10.0 * i);
        for (const char *name : {"red", "green", "blue", "white"}) {
            std::vector<double> values;
            for (int i = 0; i < 41; ++i)
                values.push_back(1.0 / (3 + i));
            table.curves.push_back({name, values});
        }
        shelf.keepPanel("north", table);
        QVERIFY(shelf.panel("north") == table);
        QVERIFY(!shelf.panel("south"));
        writeFile(folder.filePath(QStringLiteral("panel north.csv")), "rubbish");
        QVERIFY(!shelf.panel("north"));
        QVERIFY(shelf.certificates().empty()); // it is no meter's folder
    }

    void aCorrectionMadeOnTheDisplayIsTheBest()
    {
        const QTemporaryDir folder;
        const MeterShelf shelf(folder.path());
        QVERIFY(!shelf.correction("Reed", "North", "led-wide"));
        shelf.keep("Reed", correctionOn("North", "led-wide", 1.01));
        shelf.keep("Reed", correctionOn("South", "led-wide", 1.02, "2026-11-20T00:00:00Z"));
        shelf.keep("Reed", correctionOn("Field", "oled", 1.03));
        const auto gain = [&](const char *display, const char *technology) {
            const auto c = shelf.correction("Reed", display, technology);
            return c ? c->matrix(0, 0) : 0;
        };
        QCOMPARE(gain("North", "led-wide"), 1.01);
        QCOMPARE(gain("South", "led-wide"), 1.02);
        QCOMPARE(gain("East", "led-wide"), 1.02); // the newest of its kind
        QCOMPARE(gain("North", "oled"), 1.03);
        QCOMPARE(gain("North", "ccfl"), 0.0);
        QCOMPARE(shelf.correction("Reed", "North", "led-wide")->kindFor("North"),
                 CorrectionKind::Display);
        QCOMPARE(shelf.correction("Reed", "East", "led-wide")->kindFor("East"),
                 CorrectionKind::Technology);
        QVERIFY(!shelf.correction("Heron", "North", "led-wide"));
        shelf.keep("Reed", correctionOn("North", "led-wide", 1.04)); // made anew
        QCOMPARE(gain("North", "led-wide"), 1.04);
        QCOMPARE(shelf.corrections("Reed").size(), size_t(3));
    }

    void allCertificatesAreFound()
    {
        const QTemporaryDir folder;
        const MeterShelf shelf(folder.path());
        QVERIFY(shelf.certificates().empty());
        shelf.keep("Reed", certificate());
        shelf.keep("Heron", correctionOn("North", "led-wide", 1.01)); // has none
        makeFolder(folder.filePath(QStringLiteral("Broken")));
        writeFile(folder.filePath(QStringLiteral("Broken/certificate.json")), "{");
        QVERIFY(shelf.certificates() == std::vector{certificate()});
    }

    void namesOfAnyKindAreKeptApart()
    {
        const QTemporaryDir folder;
        const MeterShelf shelf(folder.path());
        const std::string odd = "driver:/opt/a b/../c \"größe\"";
        shelf.keep(odd, certificate());
        QCOMPARE(shelf.certificate(odd).value(), certificate());
        QVERIFY(!shelf.certificate("driver:/opt/a b"));
        shelf.forget(odd);
        QVERIFY(!shelf.certificate(odd));
        shelf.forget(odd); // nothing to do is fine
    }

    void brokenFilesAreNamedAndPassedOver()
    {
        const QTemporaryDir folder;
        const MeterShelf shelf(folder.path());
        shelf.keep("Reed", certificate());
        shelf.keep("Reed", correctionOn("North", "led-wide", 1.01));
        writeFile(folder.filePath(QStringLiteral("Reed/certificate.json")), "{");
        writeFile(folder.filePath(QStringLiteral("Reed/correction x.json")), "{}");
        QVERIFY(!shelf.certificate("Reed"));
        QVERIFY(shelf.correction("Reed", "North", "led-wide"));
        const QStringList problems = shelf.problems("Reed");
        QCOMPARE(problems.size(), 2);
        QVERIFY(problems[0].contains(QLatin1String("certificate.json")));
    }
};

namespace {
const lantern::test::Register<MeterShelfTest> registered("MeterShelfTest");
}

#include "meter_shelf_test.moc"
