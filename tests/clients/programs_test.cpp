#include "core/colour/difference.h"
#include "core/plan/chart.h"
#include "core/profile/profile_file.h"
#include "core/profile/profile_writer.h"
#include "runner.h"
#include "toy_display.h"

#include <QColorSpace>
#include <QColorTransform>
#include <QFile>
#include <QImage>
#include <QProcess>
#include <QStandardPaths>
#include <QTemporaryDir>

#include <lcms2.h>

#include <array>

using namespace lantern;
using lantern::test::ToyDisplay;

namespace {

using Bytes = std::vector<uint8_t>;

struct Made {
    QByteArray name;
    Bytes icc;
};

QByteArray run(const QString &program, const QStringList &arguments, const QByteArray &input = {})
{
    QProcess p;
    p.start(program, arguments);
    p.write(input);
    p.closeWriteChannel();
    if (!p.waitForFinished(60000) || p.exitCode() != 0)
        return "failed: " + p.readAllStandardError();
    return p.readAllStandardOutput();
}

/// Little CMS's own sRGB.
QByteArray srgbProfile()
{
    const cmsHPROFILE p = cmsCreate_sRGBProfile();
    cmsUInt32Number size = 0;
    cmsSaveProfileToMem(p, nullptr, &size);
    QByteArray bytes(qsizetype(size), '\0');
    cmsSaveProfileToMem(p, bytes.data(), &size);
    cmsCloseProfile(p);
    return bytes;
}

} // namespace

/// Profiles of each kind and version in general-purpose programs, as a person would use them.
class ProgramsTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase()
    {
        const auto readings = m_display.read(makeChart(200));
        for (const auto &[kind, name] :
             {std::pair(ProfileKind::Table, "table"), std::pair(ProfileKind::Matrix, "matrix"),
              std::pair(ProfileKind::Gamma, "exponents")})
            for (const int version : {2, 4}) {
                ProfileRequest request;
                request.kind = kind;
                request.version = version;
                request.name = "Größe";
                m_made.push_back({QByteArray(name) + " " + QByteArray::number(version),
                                  buildProfile(readings, request, "toy").icc});
                QFile file(m_folder.filePath(QString::fromLatin1(m_made.back().name)) + ".icc");
                QVERIFY(file.open(QIODevice::WriteOnly));
                file.write(reinterpret_cast<const char *>(m_made.back().icc.data()),
                           qint64(m_made.back().icc.size()));
            }
    }

    /// Qt takes colorants and curves only. Greys of sRGB through it, shown by the display.
    void qtColourSpace_data() { each(); }
    void qtColourSpace()
    {
        QFETCH(int, index);
        const Made &made = m_made[size_t(index)];
        const QColorSpace space = QColorSpace::fromIccProfile(QByteArray(
            reinterpret_cast<const char *>(made.icc.data()), qsizetype(made.icc.size())));
        QVERIFY(space.isValid());
        const QColorTransform transform =
            QColorSpace(QColorSpace::SRgb).transformationToColorSpace(space);
        const XYZ white = m_display.show({255, 255, 255});
        double sum = 0;
        int count = 0;
        for (int v = 24; v < 256; v += 3, ++count) {
            const QRgba64 out =
                transform.map(QRgba64::fromRgba(quint8(v), quint8(v), quint8(v), 255));
            const double scale = 255.0 / 65535;
            const Lab shown =
                pcsLab(m_display.show({scale * out.red(), scale * out.green(), scale * out.blue()}),
                       white);
            const double linear = std::pow((v / 255.0 + 0.055) / 1.055, 2.4);
            const Lab wanted = labFromXyz(toRelXyz(linear * vec(kD50)), kD50);
            sum += deltaE2000(wanted, shown);
        }
        // Exponents are no exact curve; the others are as exact as their sampling.
        VERIFY_BELOW(sum / count, made.name.startsWith("exponents") ? 1.2 : 0.35);
    }

    /// Little CMS's own program, in floats and in 8 bits, every intent, compensated and not.
    void transicc_data() { each(); }
    void transicc()
    {
        const QString program = QStandardPaths::findExecutable(QStringLiteral("transicc"));
        if (program.isEmpty())
            QSKIP("transicc is not here");
        QFETCH(int, index);
        const Made &made = m_made[size_t(index)];
        for (const char *intent : {"0", "1", "2"})
            for (const bool compensate : {false, true}) {
                QStringList arguments = {QStringLiteral("-i*sRGB"),
                                         QStringLiteral("-o") + path(made),
                                         QStringLiteral("-t") + QLatin1String(intent),
                                         QStringLiteral("-n"), QStringLiteral("-q")};
                if (compensate)
                    arguments << QStringLiteral("-b");
                const QByteArray out =
                    run(program, arguments, "255 255 255\n0 0 0\n128 128 128\nq\n");
                QList<double> numbers;
                for (const QByteArray &word : out.simplified().split(' '))
                    if (bool ok = false; word.toDouble(&ok) >= 0 && ok)
                        numbers << word.toDouble();
                QVERIFY2(numbers.size() >= 9, out.constData());
                for (int c = 0; c < 3; ++c) {
                    VERIFY_NEAR(numbers[c], 255, 0.01);
                    VERIFY_BELOW(numbers[3 + c], made.name.startsWith("table")    ? 0.001
                                                 : made.name.startsWith("matrix") ? 2.0
                                                                                  : 4.0);
                }
                const XYZ white = m_display.show({255, 255, 255});
                const Lab grey =
                    pcsLab(m_display.show({numbers[6], numbers[7], numbers[8]}), white);
                const Lab wanted = {53.585, 0, 0}; // sRGB 128 (IEC 61966-2-1)
                VERIFY_BELOW(deltaE2000(grey, wanted),
                             made.name.startsWith("exponents") ? 1.5 : 0.4);
            }
    }

    /// An 8-bit picture through Pillow and through ImageMagick: what each makes of it, shown by the
    /// display.
    void pictures_data() { each(); }
    void pictures()
    {
        QFETCH(int, index);
        const Made &made = m_made[size_t(index)];
        QImage picture(64, 64, QImage::Format_RGB888);
        for (int y = 0; y < 64; ++y)
            for (int x = 0; x < 64; ++x)
                picture.setPixelColor(x, y,
                                      y < 32 ? QColor(4 * x + 3, 4 * x + 3, 4 * x + 3)
                                             : QColor(60 + 2 * x, 200 - x - y, 90 + y));
        const QString source = m_folder.filePath(QStringLiteral("source.png"));
        const QString out = m_folder.filePath(QStringLiteral("out.png"));
        QVERIFY(picture.save(source));
        int tried = 0;
        const QString python =
            QStandardPaths::findExecutable(QStringLiteral("python3"), {QStringLiteral("/usr/bin")});
        const QString script =
            QStringLiteral("import sys\nfrom PIL import Image, ImageCms\n"
                           "p=Image.open(sys.argv[1]).convert('RGB')\n"
                           "q=ImageCms.profileToProfile(p,ImageCms.createProfile('sRGB'),sys.argv["
                           "3],renderingIntent=1)\n"
                           "q.save(sys.argv[2],icc_profile=None)\n");
        if (run(python, {QStringLiteral("-c"), QStringLiteral("import PIL.ImageCms")}).isEmpty()) {
            const QByteArray said =
                run(python, {QStringLiteral("-c"), script, source, out, path(made)});
            QVERIFY2(said.isEmpty(), said.constData());
            comparePicture(picture, out, made.name);
            ++tried;
        }
        const QString convert = QStandardPaths::findExecutable(QStringLiteral("convert"));
        if (!convert.isEmpty()) {
            // The source has no profile: sRGB is given to it first.
            const QString srgb = m_folder.filePath(QStringLiteral("srgb.icc"));
            const QByteArray bytes = srgbProfile();
            QFile file(srgb);
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(bytes);
            file.close();
            const QByteArray said =
                run(convert, {source, QStringLiteral("-intent"), QStringLiteral("relative"),
                              QStringLiteral("-profile"), srgb, QStringLiteral("-profile"),
                              path(made), QStringLiteral("-strip"), out});
            QVERIFY2(said.isEmpty(), said.constData());
            comparePicture(picture, out, made.name);
            ++tried;
        }
        if (tried == 0)
            QSKIP("neither Pillow nor ImageMagick is here");
    }

private:
    void comparePicture(const QImage &source, const QString &file, const QByteArray &name)
    {
        const QImage shown = QImage(file).convertToFormat(QImage::Format_RGB888);
        QCOMPARE(shown.size(), source.size());
        QCOMPARE(shown.pixelColor(63, 0).rgb(), qRgb(255, 255, 255));
        const XYZ white = m_display.show({255, 255, 255});
        // sRGB to PCS: IEC 61966-2-1 with Bradford to D50, as in the ICC's own sRGB profile.
        const Mat3 toPcs = (Mat3() << 0.4360747, 0.3850649, 0.1430804, 0.2225045, 0.7168786,
                            0.0606169, 0.0139322, 0.0971045, 0.7141733)
                               .finished();
        double sum = 0;
        int count = 0;
        for (int y = 0; y < 64; y += 3)
            for (int x = 8; x < 64; x += 3, ++count) {
                const QColor in = source.pixelColor(x, y);
                const QColor code = shown.pixelColor(x, y);
                Vec3 light(in.redF(), in.greenF(), in.blueF());
                for (double &v : light)
                    v = v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
                const Lab wanted = labFromXyz(toRelXyz(toPcs * light), kD50);
                const Lab seen = pcsLab(
                    m_display.show({double(code.red()), double(code.green()), double(code.blue())}),
                    white);
                sum += deltaE2000(wanted, seen);
            }
        VERIFY_BELOW(sum / count, name.startsWith("table")    ? 0.6
                                  : name.startsWith("matrix") ? 1.0
                                                              : 1.6);
    }

    void each()
    {
        QTest::addColumn<int>("index");
        for (size_t i = 0; i < m_made.size(); ++i)
            QTest::newRow(m_made[i].name.constData()) << int(i);
    }

    [[nodiscard]] QString path(const Made &made) const
    {
        return m_folder.filePath(QString::fromLatin1(made.name)) + QStringLiteral(".icc");
    }

    ToyDisplay m_display;
    QTemporaryDir m_folder;
    std::vector<Made> m_made;
};

namespace {
const lantern::test::Register<ProgramsTest> registered("ProgramsTest");
}

#include "programs_test.moc"
