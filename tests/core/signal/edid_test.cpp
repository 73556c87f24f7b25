#include "core/base/error.h"
#include "core/signal/edid.h"
#include "core/signal/technology.h"
#include "made_up_edid.h"
#include "runner.h"

#include <QProcess>
#include <QRegularExpression>
#include <QStandardPaths>
#include <QTemporaryFile>

namespace lantern::test {

class EdidTest : public QObject {
    Q_OBJECT

private slots:
    void whatADisplaySaysOfItselfIsRead()
    {
        const Edid e = edidFromBytes(madeUpEdid(kMadeUpColours, "Saltmarsh 27"), "made up");
        QCOMPARE(e.maker, std::string("SMH"));
        QCOMPARE(e.name, std::string("Saltmarsh 27"));
        QCOMPARE(e.serial, std::string("SM27-0042"));
        QCOMPARE(e.identity(), std::string("SMH-298-SM27-0042"));
        QCOMPARE(e.year, 2024);
        QCOMPARE(e.widthMm, 597.0); // from the timing, not the 60 cm of the summary
        QCOMPARE(e.heightMm, 336.0);
        QCOMPARE(e.bitsPerChannel.value_or(0), 10);
        VERIFY_NEAR(e.gamma.value_or(0), 2.2, 1e-12);
        VERIFY_NEAR(e.red.x, 0.680, 0.5 / 1024);
        VERIFY_NEAR(e.blue.y, 0.055, 0.5 / 1024);
    }

    /// Source: edid-decode of the Linux media project, Debian package edid-decode.
    void anIndependentReaderAgrees()
    {
        const QString program = QStandardPaths::findExecutable(QStringLiteral("edid-decode"));
        QVERIFY2(!program.isEmpty(), "edid-decode is not installed; tools/packages installs it");
        const auto bytes = madeUpEdid(kMadeUpColours, "Saltmarsh 27");
        QTemporaryFile file;
        QVERIFY(file.open());
        file.write(reinterpret_cast<const char *>(bytes.data()), static_cast<qint64>(bytes.size()));
        file.flush();
        QProcess p;
        p.start(program, {file.fileName()});
        QVERIFY(p.waitForFinished());
        const QString said = QString::fromUtf8(p.readAllStandardOutput());
        const Edid e = edidFromBytes(bytes, "made up");
        QStringList wanted = {
            QStringLiteral("Manufacturer: %1").arg(e.maker.c_str()),
            QStringLiteral("Model: %1").arg(e.product),
            QStringLiteral("Display Product Name: '%1'").arg(e.name.c_str()),
            QStringLiteral("Display Product Serial Number: '%1'").arg(e.serial.c_str()),
            QStringLiteral("of 2024"),
            QStringLiteral("Bits per primary color channel: 10"),
            QStringLiteral("597 mm x 336 mm"),
            QStringLiteral("Gamma: 2.20")};
        for (const QString &line : wanted)
            QVERIFY2(said.contains(line), qPrintable(line + QStringLiteral("\nnot in:\n") + said));
        for (const auto &[name, c] : {std::pair{"Red", e.red}, std::pair{"Green", e.green},
                                      std::pair{"Blue", e.blue}, std::pair{"White", e.white}}) {
            const QRegularExpression line(
                QStringLiteral("%1 *: ([0-9.]+), ([0-9.]+)").arg(QLatin1String(name)));
            const auto match = line.match(said);
            QVERIFY2(match.hasMatch(), name);
            VERIFY_NEAR(match.captured(1).toDouble(), c.x, 1e-4); // it cuts off, not rounds
            VERIFY_NEAR(match.captured(2).toDouble(), c.y, 1e-4);
        }
    }

    void brokenOnesAreRefused()
    {
        auto bytes = madeUpEdid(kMadeUpColours, "Saltmarsh 27");
        VERIFY_ERROR(edidFromBytes({bytes.data(), 100}, "cut"), "128 bytes");
        bytes[60] ^= 1;
        VERIFY_ERROR(edidFromBytes(bytes, "flipped"), "checksum");
        bytes[0] = 1;
        VERIFY_ERROR(edidFromBytes(bytes, "other"), "does not begin");
    }

    void technologyIsGuessedWithAReason()
    {
        Edid e;
        e.red = kMadeUpColours[0];
        e.green = kMadeUpColours[1];
        e.blue = kMadeUpColours[2];
        const TechnologyGuess wide = guessTechnology(e);
        QCOMPARE(wide.technology, std::string("led-wide"));
        QVERIFY(wide.reason.inEnglish().find("% of sRGB") != std::string::npos);
        e.name = "Fine OLED 14";
        QCOMPARE(guessTechnology(e).technology, std::string("oled"));
        e = {};
        e.red = {0.64, 0.33};
        e.green = {0.30, 0.60};
        e.blue = {0.15, 0.06};
        e.year = 2020;
        QCOMPARE(guessTechnology(e).technology, std::string("led-phosphor"));
        e.year = 2006;
        QCOMPARE(guessTechnology(e).technology, std::string("ccfl"));
        QCOMPARE(guessTechnology(Edid{}).technology, std::string("led-phosphor"));
    }
};

static const Register<EdidTest> registered("EdidTest");

} // namespace lantern::test

#include "edid_test.moc"
