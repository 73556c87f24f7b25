#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/judge/validation.h"
#include "core/plan/chart.h"
#include "core/profile/profile_file.h"
#include "core/profile/profile_summary.h"
#include "core/profile/profile_writer.h"
#include "runner.h"
#include "toy_display.h"

#include <QFile>
#include <QTemporaryDir>

#include <lcms2.h>

#include <array>
#include <cmath>
#include <cstring>
#include <random>

using namespace lantern;
using lantern::test::ToyDisplay;

namespace {

VideoLut someLut()
{
    VideoLut lut = VideoLut::identity();
    for (int c = 0; c < 3; ++c)
        for (int i = 0; i < 256; ++i)
            lut.channels[c][i] = uint16_t(i * (257 - 7 * c));
    return lut;
}

uint32_t word32(const std::vector<uint8_t> &b, size_t at)
{
    return uint32_t(b[at]) << 24 | uint32_t(b[at + 1]) << 16 | uint32_t(b[at + 2]) << 8 | b[at + 3];
}

/// Little CMS's own view of a profile.
struct Opened {
    explicit Opened(const std::vector<uint8_t> &icc)
        : handle(cmsOpenProfileFromMem(icc.data(), cmsUInt32Number(icc.size())))
    {}
    ~Opened()
    {
        if (handle)
            cmsCloseProfile(handle);
    }
    cmsHPROFILE handle;
};

} // namespace

class ProfileTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase()
    {
        m_display.lut = someLut();
        m_readings = m_display.read(makeChart(150));
        m_request.name = "Saltmarsh 27 · Größe";
        m_request.date = {2026, 11, 24, 12, 30, 15};
        m_request.path.lut = someLut();
        m_request.measurements = "CGATS.17\n\nNUMBER_OF_SETS 0\n";
        m_request.metadata = {{"AIM", "D65 · 120 cd/m²"}, {"METER", "Heron"}};
        m_request.maker = "Saltmarsh";
        m_table = buildProfile(m_readings, m_request, "toy").icc;
        ProfileRequest old = m_request;
        old.version = 2;
        m_old = buildProfile(m_readings, old, "toy").icc;
        ProfileRequest matrix = m_request;
        matrix.kind = ProfileKind::Matrix;
        m_matrix = buildProfile(m_readings, matrix, "toy").icc;
    }

    /// Header fields. Source: ICC.1:2022, Table 17.
    void headerIsAsTheStandardSays()
    {
        for (const auto &icc : {m_table, m_matrix}) {
            QCOMPARE(size_t(word32(icc, 0)), icc.size());
            QCOMPARE(word32(icc, 8), uint32_t(0x04400000)); // 4.4
            QCOMPARE(QByteArray(reinterpret_cast<const char *>(&icc[12]), 4), QByteArray("mntr"));
            QCOMPARE(QByteArray(reinterpret_cast<const char *>(&icc[16]), 4), QByteArray("RGB "));
            QCOMPARE(QByteArray(reinterpret_cast<const char *>(&icc[36]), 4), QByteArray("acsp"));
            QCOMPARE(int(icc[24]) << 8 | icc[25], 2026);
            QCOMPARE(int(icc[34]) << 8 | icc[35], 15);
            QCOMPARE(word32(icc, 68), uint32_t(0xF6D6)); // illuminant D50
            QCOMPARE(word32(icc, 72), uint32_t(0x10000));
            QCOMPARE(word32(icc, 76), uint32_t(0xD32D));
        }
        QCOMPARE(QByteArray(reinterpret_cast<const char *>(&m_table[20]), 4), QByteArray("XYZ "));
        QCOMPARE(QByteArray(reinterpret_cast<const char *>(&m_old[20]), 4), QByteArray("XYZ "));
        QCOMPARE(word32(m_old, 8), uint32_t(0x02400000)); // 2.4
        QCOMPARE(QByteArray(reinterpret_cast<const char *>(&m_matrix[20]), 4), QByteArray("XYZ "));
    }

    /// Tag data lie on 4-byte boundaries, inside the file. Source: ICC.1:2022, 7.3.
    void tagTableIsSound()
    {
        for (const auto &icc : {m_table, m_matrix}) {
            const uint32_t count = word32(icc, 128);
            QVERIFY(count >= 8);
            for (uint32_t i = 0; i < count; ++i) {
                const uint32_t offset = word32(icc, 132 + 12 * i + 4);
                const uint32_t size = word32(icc, 132 + 12 * i + 8);
                QCOMPARE(offset % 4, 0u);
                QVERIFY(offset >= 132 + 12 * count);
                QVERIFY(size_t(offset) + size <= icc.size());
            }
        }
    }

    void profileIdIsTheMd5OfTheProfile()
    {
        Opened p(m_table);
        std::array<uint8_t, 16> before{};
        std::memcpy(before.data(), &m_table[84], 16);
        QVERIFY(cmsMD5computeID(p.handle));
        std::array<uint8_t, 16> now{};
        cmsGetHeaderProfileID(p.handle, now.data());
        QVERIFY(before == now);
        QVERIFY(before != (std::array<uint8_t, 16>{}));
    }

    void tagsAreThere()
    {
        Opened p(m_table);
        const XYZ white = m_display.show({255, 255, 255});
        for (const cmsTagSignature tag :
             {cmsSigProfileDescriptionTag, cmsSigCopyrightTag, cmsSigMediaWhitePointTag,
              cmsSigChromaticAdaptationTag, cmsSigLuminanceTag, cmsSigVcgtTag, cmsSigAToB0Tag,
              cmsSigBToA0Tag, cmsSigAToB1Tag, cmsSigBToA1Tag, cmsSigAToB2Tag, cmsSigBToA2Tag,
              cmsSigCharTargetTag, cmsSigMetaTag, cmsSigDeviceMfgDescTag})
            QVERIFY(cmsIsTag(p.handle, tag));
        Opened old(m_old);
        QVERIFY(cmsIsTag(old.handle, cmsSigMediaBlackPointTag));
        QVERIFY(cmsIsTag(old.handle, cmsSigMetaTag));
        VERIFY_BELOW(double(m_table.size()), 2e6);
        const auto *lumi = static_cast<cmsCIEXYZ *>(cmsReadTag(p.handle, cmsSigLuminanceTag));
        VERIFY_NEAR(lumi->Y, white.Y, 1e-4);
        const auto *chad =
            static_cast<double *>(cmsReadTag(p.handle, cmsSigChromaticAdaptationTag));
        const Vec3 adapted = Eigen::Map<const Eigen::Matrix<double, 3, 3, Eigen::RowMajor>>(chad) *
                             vec(relativeTo(white, white));
        VERIFY_BELOW((adapted - vec(kD50)).norm(), 1e-4); // s15Fixed16 rounding
        QCOMPARE(ProfileFile(m_table, "t").luminanceCdM2().has_value(), true);
    }

    void videoLutComesBackExactly()
    {
        QCOMPARE(ProfileFile(m_table, "t").videoLut().value(), m_request.path.lut);
        QCOMPARE(ProfileFile(m_matrix, "m").videoLut().value(), m_request.path.lut);
    }

    void sameReadingsGiveTheSameBytes()
    {
        QVERIFY(buildProfile(m_readings, m_request, "toy").icc == m_table);
    }

    void whiteIsWhite()
    {
        for (const auto &icc : {m_table, m_matrix}) {
            const ProfileFile p(icc, "p");
            const Lab white = p.toLab({255, 255, 255});
            VERIFY_NEAR(white.L, 100, 0.01);
            VERIFY_NEAR(white.a, 0, 0.02);
            VERIFY_NEAR(white.b, 0, 0.02);
            const DeviceRgb rgb = p.toDevice({100, 0, 0});
            QCOMPARE(rgb, (DeviceRgb{255, 255, 255}));
        }
    }

    void predictsTheDisplay_data()
    {
        QTest::addColumn<std::vector<uint8_t>>("icc");
        QTest::addColumn<double>("mean");
        QTest::newRow("v4 table") << m_table << 0.1;
        QTest::newRow("v2 table") << m_old << 0.1;
        QTest::newRow("matrix") << m_matrix << 0.8;
        ProfileRequest gamma = m_request;
        gamma.kind = ProfileKind::Gamma;
        QTest::newRow("exponents")
            << buildProfile(m_display.read(makeChart(150)), gamma, "toy").icc << 2.0;
    }
    void predictsTheDisplay()
    {
        QFETCH(std::vector<uint8_t>, icc);
        QFETCH(double, mean);
        const ProfileFile p(icc, "p");
        const XYZ white = m_display.show({255, 255, 255});
        std::mt19937 random(4);
        std::uniform_int_distribution<int> code(0, 255);
        std::vector<double> forward, inverse;
        for (int i = 0; i < 1000; ++i) {
            const DeviceRgb rgb{double(code(random)), double(code(random)), double(code(random))};
            const Lab truth = pcsLab(m_display.show(rgb), white);
            forward.push_back(deltaE2000(truth, p.toLab(rgb)));
            inverse.push_back(deltaE2000(truth, pcsLab(m_display.show(p.toDevice(truth)), white)));
        }
        VERIFY_BELOW(statistics(forward).mean, mean);
        VERIFY_BELOW(statistics(inverse).mean, mean + 0.2);
    }

    /// There and back through the tables inside the gamut.
    void roundTripIsTight()
    {
        for (const auto &[icc, mean] : {std::pair(m_table, 0.05), std::pair(m_old, 0.05)}) {
            const ProfileFile p(icc, "p");
            std::mt19937 random(9);
            std::uniform_int_distribution<int> code(0, 255);
            std::vector<double> errors;
            for (int i = 0; i < 500; ++i) {
                const Lab lab =
                    p.toLab({double(code(random)), double(code(random)), double(code(random))});
                errors.push_back(deltaE2000(lab, p.toLab(p.toDevice(lab))));
            }
            VERIFY_BELOW(statistics(errors).mean, mean);
        }
    }

    /// Colours are compressed but hues hold and nothing that fits is moved.
    void perceptualIntentKeepsHueAndWhatFits()
    {
        for (const auto &icc : {m_table, m_old}) {
            Opened p(icc);
            const cmsHPROFILE lab = cmsCreateLab4Profile(nullptr);
            const cmsHTRANSFORM t = cmsCreateTransform(lab, TYPE_Lab_DBL, p.handle, TYPE_RGB_DBL,
                                                       INTENT_PERCEPTUAL, cmsFLAGS_NOOPTIMIZE);
            const ProfileFile profile(icc, "p");
            auto shown = [&](const Lab &aim) {
                double rgb[3];
                const double in[3] = {aim.L, aim.a, aim.b};
                cmsDoTransform(t, in, rgb, 1);
                return profile.toLab({255 * rgb[0], 255 * rgb[1], 255 * rgb[2]});
            };
            VERIFY_BELOW(deltaE2000(shown({0, 0, 0}), profile.toLab({0, 0, 0})), 0.01);
            VERIFY_BELOW(deltaE2000(shown({100, 0, 0}), {100, 0, 0}), 0.01);
            VERIFY_BELOW(deltaE2000(shown({60, 15, 15}), {60, 15, 15}),
                         0.5); // only black's scaling
            const Lab wild = shown({55, 75, -60});
            VERIFY_NEAR(hueDegrees(wild), hueDegrees({55, 75, -60}), 3);
            cmsDeleteTransform(t);
            cmsCloseProfile(lab);
        }
    }

    void refusesVersionsAndGridsItCannotWrite()
    {
        ProfileRequest r = m_request;
        r.version = 3;
        VERIFY_ERROR(buildProfile(m_readings, r, "toy"), "ICC version 3");
        r = m_request;
        r.grid = 18;
        VERIFY_ERROR(buildProfile(m_readings, r, "toy"), "grid of 18");
        r.grid = 17;
        QVERIFY(buildProfile(m_readings, r, "toy").icc.size() < m_table.size() / 3);
    }

    void refuses_data()
    {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<QString>("message");
        const QByteArray good(reinterpret_cast<const char *>(m_table.data()),
                              qsizetype(m_table.size()));
        QTest::newRow("empty") << QByteArray() << "no ICC profile";
        QTest::newRow("text") << QByteArray("hello").repeated(100) << "no ICC profile";
        QTest::newRow("cut off") << good.left(good.size() / 2) << "cut off";
        QTest::newRow("header only") << good.left(128) << "cut off";
        QByteArray printer = good;
        printer.replace(12, 4, "prtr");
        QTest::newRow("of a printer") << printer << "not one of an RGB display";
        QByteArray cmyk = good;
        cmyk.replace(16, 4, "CMYK");
        QTest::newRow("CMYK") << cmyk << "not one of an RGB display";
        QByteArray noTags = good;
        noTags.replace(128, 4, QByteArray(4, '\0'));
        QTest::newRow("no tags") << noTags << "lacks the tables";
    }
    void refuses()
    {
        QFETCH(QByteArray, bytes);
        QFETCH(QString, message);
        VERIFY_ERROR(ProfileFile({bytes.begin(), bytes.end()}, "p.icc"),
                     message.toUtf8().constData());
        VERIFY_ERROR(ProfileFile({bytes.begin(), bytes.end()}, "p.icc"), "p.icc");
    }

    void aFileTellsWhatItsBytesTell()
    {
        QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("Größe.icc"));
        const auto write = [&](const QByteArray &bytes) {
            QFile file(path);
            QVERIFY(file.open(QIODevice::WriteOnly) && file.write(bytes) == bytes.size());
        };
        const std::string name = QFile::encodeName(path).toStdString();
        for (const auto *icc : {&m_table, &m_matrix, &m_old}) {
            write({reinterpret_cast<const char *>(icc->data()), qsizetype(icc->size())});
            const ProfileSummary s = summariseFile(name);
            QVERIFY(s == summarise(*icc, name));
            QVERIFY(s.lut == m_request.path.lut);
        }
        write(QByteArray(reinterpret_cast<const char *>(m_table.data()), 5000));
        VERIFY_ERROR(summariseFile(name), "cut off");
        write("hello");
        VERIFY_ERROR(summariseFile(name), "no ICC profile");
        VERIFY_ERROR(summariseFile(name + ".not"), "no ICC profile");
    }

    /// A camera's profile says what its code values are and nothing else.
    void ofPicturesMayWorkOneWay()
    {
        QByteArray bytes(reinterpret_cast<const char *>(m_table.data()), qsizetype(m_table.size()));
        const double there = ProfileFile(m_table, "display").toLab({200, 90, 40}).L;
        for (const char *tag : {"B2A0", "B2A1", "B2A2", "rXYZ", "gXYZ", "bXYZ"})
            bytes.replace(tag, QByteArray(tag).toLower());
        bytes.replace(12, 4, "scnr");
        const ProfileFile camera = ProfileFile::ofPicture({bytes.begin(), bytes.end()}, "p.icc");
        VERIFY_NEAR(camera.toLab({200, 90, 40}).L, there, 1e-9);
        VERIFY_ERROR(camera.toDevice({50, 10, 10}), "not the other way");
        VERIFY_ERROR(camera.toDevicePerceptual({50, 10, 10}), "not the other way");
    }

    /// Whatever single byte of the first kilobyte is spoilt: an Error or a usable profile, never a
    /// crash.
    void spoiltBytesAreSurvived()
    {
        for (size_t at = 0; at < 1024; at += 7) {
            auto bytes = m_table;
            bytes[at] ^= 0xFF;
            try {
                const ProfileFile p(bytes, "spoilt");
                (void)p.toDevice({50, 10, 10});
            } catch (const Error &e) {
                QCOMPARE(e.kind, ErrorKind::BadInput);
            }
        }
    }

private:
    ToyDisplay m_display;
    std::vector<Reading> m_readings;
    ProfileRequest m_request;
    std::vector<uint8_t> m_table, m_matrix, m_old;
};

namespace {
const lantern::test::Register<ProfileTest> registered("ProfileTest");
}

#include "profile_test.moc"
