#include "core/chart.h"
#include "core/difference.h"
#include "core/error.h"
#include "core/profile_file.h"
#include "core/profile_writer.h"
#include "core/validation.h"
#include "runner.h"
#include "toy_display.h"

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
        m_readings = m_display.read(makeChart(150));
        m_request.name = "Saltmarsh 27 · Größe";
        m_request.date = {2026, 11, 24, 12, 30, 15};
        m_request.lut = someLut();
        m_table = buildProfile(m_readings, m_request, "toy").icc;
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
        QCOMPARE(QByteArray(reinterpret_cast<const char *>(&m_table[20]), 4), QByteArray("Lab "));
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
              cmsSigBToA0Tag, cmsSigAToB1Tag, cmsSigBToA1Tag})
            QVERIFY(cmsIsTag(p.handle, tag));
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
        QCOMPARE(ProfileFile(m_table, "t").videoLut().value(), m_request.lut);
        QCOMPARE(ProfileFile(m_matrix, "m").videoLut().value(), m_request.lut);
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
            VERIFY_NEAR(rgb.r, 255, 0.2);
            VERIFY_NEAR(rgb.g, 255, 0.2);
            VERIFY_NEAR(rgb.b, 255, 0.2);
        }
    }

    void predictsTheDisplay_data()
    {
        QTest::addColumn<bool>("table");
        QTest::addColumn<double>("mean");
        QTest::newRow("table") << true << 0.3;
        QTest::newRow("matrix") << false << 0.8;
    }
    void predictsTheDisplay()
    {
        QFETCH(bool, table);
        QFETCH(double, mean);
        const ProfileFile p(table ? m_table : m_matrix, "p");
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
    std::vector<uint8_t> m_table, m_matrix;
};

namespace {
const lantern::test::Register<ProfileTest> registered("ProfileTest");
}

#include "profile_test.moc"
