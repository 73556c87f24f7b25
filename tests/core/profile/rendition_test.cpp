#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/colour/spaces.h"
#include "core/plan/chart.h"
#include "core/profile/profile_file.h"
#include "core/profile/profile_writer.h"
#include "core/profile/rendition.h"
#include "runner.h"
#include "toy_display.h"

#include <QFile>

#include <lcms2.h>

#include <memory>
#include <thread>

using namespace lantern;
using lantern::test::ToyDisplay;

/// Pictures from one device to another, held against Little CMS by itself.
class RenditionTest : public QObject {
    Q_OBJECT
    std::vector<uint8_t> m_table, m_matrix;

    /// Every 5th code of each channel, as pixels.
    static std::vector<uint8_t> manyPixels()
    {
        std::vector<uint8_t> out;
        for (int r = 0; r <= 255; r += 5)
            for (int g = 0; g <= 255; g += 5)
                for (int b = 0; b <= 255; b += 5)
                    out.insert(out.end(), {uint8_t(b), uint8_t(g), uint8_t(r), 255});
        return out;
    }
    /// One at a time, in double precision, without any shortcut of the library.
    static std::vector<uint8_t> independent(const std::vector<uint8_t> &icc,
                                            const std::vector<uint8_t> &pixels)
    {
        const auto close = [](cmsHPROFILE p) { cmsCloseProfile(p); };
        const std::unique_ptr<void, decltype(close)> from(cmsCreate_sRGBProfile(), close);
        const std::unique_ptr<void, decltype(close)> to(
            cmsOpenProfileFromMem(icc.data(), cmsUInt32Number(icc.size())), close);
        const auto end = [](cmsHTRANSFORM t) { cmsDeleteTransform(t); };
        const std::unique_ptr<void, decltype(end)> transform(
            cmsCreateTransform(from.get(), TYPE_RGB_DBL, to.get(), TYPE_RGB_DBL,
                               INTENT_RELATIVE_COLORIMETRIC,
                               cmsFLAGS_NOOPTIMIZE | cmsFLAGS_BLACKPOINTCOMPENSATION),
            end);
        std::vector<uint8_t> out(pixels.size());
        for (size_t i = 0; i < pixels.size(); i += 4) {
            const double in[3] = {pixels[i + 2] / 255.0, pixels[i + 1] / 255.0, pixels[i] / 255.0};
            double codes[3];
            cmsDoTransform(transform.get(), in, codes, 1);
            for (size_t c = 0; c < 3; ++c)
                out[i + 2 - c] = uint8_t(std::lround(255 * std::clamp(codes[c], 0.0, 1.0)));
            out[i + 3] = pixels[i + 3];
        }
        return out;
    }
    static int largestDifference(const std::vector<uint8_t> &a, const std::vector<uint8_t> &b)
    {
        int worst = 0;
        for (size_t i = 0; i < a.size(); ++i)
            worst = std::max(worst, std::abs(int(a[i]) - int(b[i])));
        return worst;
    }

private slots:
    void initTestCase()
    {
        const ToyDisplay display;
        m_table = buildProfile(display.read(makeChart(150)), {}, "toy").icc;
        ProfileRequest matrix;
        matrix.kind = ProfileKind::Matrix;
        m_matrix = buildProfile(display.read(makeChart(60)), matrix, "toy").icc;
    }

    void picturesAreExactToOneCode()
    {
        const auto pixels = manyPixels();
        for (const auto *icc : {&m_table, &m_matrix}) {
            std::vector<uint8_t> out(pixels.size());
            Rendition::between({}, *icc, Rendition::Black::Adjusted)
                .apply(pixels.data(), out.data(), pixels.size() / 4);
            const int worst = largestDifference(out, independent(*icc, pixels));
            QVERIFY2(worst <= 1, qPrintable(QString::number(worst)));
        }
    }

    void aTableFollowsItsRule()
    {
        const auto pixels = manyPixels();
        std::vector<uint8_t> out(pixels.size());
        // Linear: exact between the nodes too.
        Rendition::of([](const DeviceRgb &c) {
            return DeviceRgb{c.g, 255 - c.r, 0.5 * c.b};
        }).apply(pixels.data(), out.data(), pixels.size() / 4);
        for (size_t i = 0; i < pixels.size(); i += 4) {
            QCOMPARE(out[i + 2], pixels[i + 1]);
            QCOMPARE(out[i + 1], uint8_t(255 - pixels[i + 2]));
            QVERIFY(std::abs(2 * out[i] - pixels[i]) <= 1);
        }
        Rendition::none().apply(pixels.data(), out.data(), pixels.size() / 4);
        QVERIFY(out == pixels);
    }

    void threadsDoNotDisturbEachOther()
    {
        const auto pixels = manyPixels();
        const Rendition r = Rendition::between({}, m_table, Rendition::Black::Adjusted);
        std::vector<uint8_t> alone(pixels.size());
        r.apply(pixels.data(), alone.data(), pixels.size() / 4);
        std::array<std::vector<uint8_t>, 4> outs;
        std::vector<std::thread> threads;
        for (auto &out : outs) {
            out.resize(pixels.size());
            threads.emplace_back([&] {
                for (int i = 0; i < 3; ++i)
                    r.apply(pixels.data(), out.data(), pixels.size() / 4);
            });
        }
        for (std::thread &t : threads)
            t.join();
        for (const auto &out : outs)
            QVERIFY(out == alone);
    }

    void coloursAreThoseOfTheProfile()
    {
        const auto pixels = manyPixels();
        std::vector<float> lab(pixels.size() / 4 * 3);
        PixelColours(m_table).apply(pixels.data(), lab.data(), pixels.size() / 4);
        const ProfileFile profile(m_table, "toy");
        double worst = 0;
        for (size_t i = 0; i < pixels.size() / 4; i += 97) {
            const Lab one = profile.toLab(
                {double(pixels[4 * i + 2]), double(pixels[4 * i + 1]), double(pixels[4 * i])});
            worst = std::max(worst,
                             (vec(one) - Vec3(lab[3 * i], lab[3 * i + 1], lab[3 * i + 2])).norm());
        }
        VERIFY_BELOW(worst, 0.5); // 8 bit tables of the library's own making
    }

    void aFormerTintIsShown()
    {
        ToyDisplay bluish;
        bluish.primaries.col(2) *= 1.3;
        std::vector<DeviceRgb> patches = {{255, 0, 0}, {0, 255, 0}, {0, 0, 255}};
        for (const DeviceRgb &g : greyRamp(10))
            patches.push_back(g);
        const auto former = profileOfFewReadings(bluish.read(patches), "toy as found");
        const ProfileFile profile(former, "former");
        // It tells what the display shows, also of what was not read.
        const XYZ white = bluish.show({255, 255, 255});
        for (const DeviceRgb &rgb : {DeviceRgb{128, 128, 128}, {200, 80, 40}, {30, 90, 160}})
            VERIFY_BELOW(deltaE2000(profile.toLab(rgb), pcsLab(bluish.show(rgb), white)), 1.5);
        VERIFY_ERROR(profileOfFewReadings({}, "nothing"), "nothing");
    }

    void aPrintIsShownAsLittleCmsProofsIt()
    {
        QFile file(QStringLiteral("/usr/share/color/icc/ghostscript/default_cmyk.icc"));
        if (!file.open(QIODevice::ReadOnly))
            QSKIP("no profile of a print on this machine");
        const QByteArray bytes = file.readAll();
        const std::vector<uint8_t> print(bytes.begin(), bytes.end());
        const std::vector<uint8_t> pixels = {255, 255, 255, 255, 0, 0, 255, 255,
                                             40,  160, 90,  255, 0, 0, 0,   255};
        std::vector<uint8_t> paper(pixels.size());
        std::vector<uint8_t> plain(pixels.size());
        Rendition::ofPrint({}, print, m_table, true).apply(pixels.data(), paper.data(), 4);
        Rendition::ofPrint({}, print, m_table, false).apply(pixels.data(), plain.data(), 4);
        // White: the display's own stands for the paper's, or the paper's is shown, darker.
        for (size_t c = 0; c < 3; ++c) {
            QVERIFY(plain[c] >= 254);
            QVERIFY(paper[c] < 252);
        }
        // By hand, in double precision: into the print and out again, then onto the display.
        const auto close = [](cmsHPROFILE p) { cmsCloseProfile(p); };
        using Profile = std::unique_ptr<void, decltype(close)>;
        const Profile srgb(cmsCreate_sRGBProfile(), close);
        const Profile press(cmsOpenProfileFromMem(print.data(), cmsUInt32Number(print.size())),
                            close);
        const Profile display(
            cmsOpenProfileFromMem(m_table.data(), cmsUInt32Number(m_table.size())), close);
        const auto end = [](cmsHTRANSFORM t) { cmsDeleteTransform(t); };
        using Transform = std::unique_ptr<void, decltype(end)>;
        const Transform there(
            cmsCreateTransform(srgb.get(), TYPE_RGB_DBL, press.get(), TYPE_CMYK_DBL,
                               INTENT_RELATIVE_COLORIMETRIC,
                               cmsFLAGS_NOOPTIMIZE | cmsFLAGS_BLACKPOINTCOMPENSATION),
            end);
        const Transform back(cmsCreateTransform(press.get(), TYPE_CMYK_DBL, display.get(),
                                                TYPE_RGB_DBL, INTENT_RELATIVE_COLORIMETRIC,
                                                cmsFLAGS_NOOPTIMIZE),
                             end);
        for (size_t i = 0; i < 4; ++i) {
            const double in[3] = {pixels[4 * i + 2] / 255.0, pixels[4 * i + 1] / 255.0,
                                  pixels[4 * i] / 255.0};
            double ink[4];
            double out[3];
            cmsDoTransform(there.get(), in, ink, 1);
            cmsDoTransform(back.get(), ink, out, 1);
            for (size_t c = 0; c < 3; ++c)
                VERIFY_NEAR(double(plain[4 * i + 2 - c]), 255 * std::clamp(out[c], 0.0, 1.0), 2);
        }
        QVERIFY_THROWS_EXCEPTION(Error, (void)Rendition::ofPrint({}, m_table, m_table, true));
        QVERIFY_THROWS_EXCEPTION(Error, (void)Rendition::ofPrint({}, {1, 2}, m_table, true));
    }

    void whatIsNoProfileIsRefused()
    {
        QVERIFY_THROWS_EXCEPTION(
            Error, (void)Rendition::between({1, 2, 3}, m_table, Rendition::Black::Kept));
        QVERIFY_THROWS_EXCEPTION(Error, PixelColours({1, 2, 3}));
    }
};

static const lantern::test::Register<RenditionTest> registered("RenditionTest");
#include "rendition_test.moc"
