#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/judge/soft_proof.h"
#include "core/plan/chart.h"
#include "core/profile/printing.h"
#include "core/profile/profile_writer.h"
#include "core/profile/rendition.h"
#include "runner.h"
#include "toy_display.h"

#include <lcms2.h>

#include <QFile>

#include <memory>
#include <random>
#include <set>

using namespace lantern;
using lantern::test::ToyDisplay;

namespace {

std::vector<uint8_t> bytesOf(const char *path)
{
    QFile file(QString::fromLatin1(path));
    if (!file.open(QIODevice::ReadOnly))
        return {};
    const QByteArray all = file.readAll();
    return {all.begin(), all.end()};
}

/// Open data of Debian's packages: a characterisation of coated offset, and an output profile.
constexpr const char *kCharacterisation = "/usr/share/color/icc/FOGRA39L.ti3";
constexpr const char *kProfile = "/usr/share/color/icc/ghostscript/default_cmyk.icc";

/// Of a handful of colours.
Printing smallPrint()
{
    return printingFromText("CGATS.17\nBEGIN_DATA_FORMAT\nSAMPLE_ID CMYK_C CMYK_M CMYK_Y CMYK_K "
                            "LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n"
                            "p 0 0 0 0 95 0 -2\n"
                            "q 0 0 0 10 88 0 -2\n"
                            "c 100 0 0 0 55 -37 -50\n"
                            "m 0 100 0 0 48 74 -3\n"
                            "y 0 0 100 0 89 -5 93\n"
                            "k 0 0 0 100 16 0 0\n"
                            "d 100 100 100 100 8 0 0\n"
                            "END_DATA\n",
                            "small");
}

std::vector<uint8_t> toyProfile()
{
    return buildProfile(ToyDisplay().read(makeChart(96)), {}, "toy").icc;
}

} // namespace

/// What a press does on a paper, from characterisations and profiles, and what displays make of it.
class PrintingTest : public QObject {
    Q_OBJECT

private slots:
    void aCharacterisationIsRead()
    {
        const auto bytes = bytesOf(kCharacterisation);
        const Printing p = printingFromBytes(bytes, "coated");
        QCOMPARE(p.colours.size(), size_t(1617)); // rows of the file
        const PrintedColour &paper = p.colours[p.paper().value()];
        VERIFY_NEAR(paper.paper.L, 95, 1e-9); // as the file says
        VERIFY_NEAR(paper.paper.b, -2, 1e-9);
        VERIFY_BELOW(p.colours[p.black()].paper.L, 12.0);
        const Printing small = smallPrint();
        QCOMPARE(small.paper(), std::optional<size_t>(0));
        QCOMPARE(small.black(), size_t(6));
        QCOMPARE(small.colours[2].name, std::string("c: C100"));
    }

    void aPrinterThatIsDrivenByRgbIsReadToo()
    {
        const Printing p = printingFromText(
            "CGATS.17\nBEGIN_DATA_FORMAT\nRGB_R RGB_G RGB_B XYZ_X XYZ_Y XYZ_Z\nEND_DATA_FORMAT\n"
            "BEGIN_DATA\n0 0 0 0.9 0.95 0.8\n255 255 255 80 84 68\n255 0 0 30 16 3\nEND_DATA\n",
            "rgb");
        QCOMPARE(p.paper(), std::optional<size_t>(1));
        QCOMPARE(p.black(), size_t(0));
        // Y 84 of 100: CIE 15:2018, L* = 116 (0.84)^(1/3) - 16.
        VERIFY_NEAR(p.colours[1].paper.L, 116 * std::cbrt(0.84) - 16, 1e-9);
    }

    /// Against Little CMS itself, absolute colorimetric.
    void aProfileTellsWhatItPrints()
    {
        const auto icc = bytesOf(kProfile);
        QVERIFY(!icc.empty());
        const Printing p = printingFromBytes(icc, "profile");
        QCOMPARE(p.colours.size(), size_t(5 * 5 * 5 * 6));
        const auto close = [](cmsHPROFILE h) { cmsCloseProfile(h); };
        using Profile = std::unique_ptr<void, decltype(close)>;
        const Profile press(cmsOpenProfileFromMem(icc.data(), cmsUInt32Number(icc.size())), close);
        const Profile lab(cmsCreateLab4Profile(nullptr), close);
        const std::unique_ptr<void, decltype(&cmsDeleteTransform)> toLab(
            cmsCreateTransform(press.get(), TYPE_CMYK_DBL, lab.get(), TYPE_Lab_DBL,
                               INTENT_ABSOLUTE_COLORIMETRIC, cmsFLAGS_NOOPTIMIZE),
            &cmsDeleteTransform);
        const auto check = [&](const char *name, std::array<double, 4> ink) {
            const auto it = std::ranges::find_if(
                p.colours, [&](const PrintedColour &c) { return c.name.ends_with(name); });
            QVERIFY(it != p.colours.end());
            cmsCIELab expected{};
            cmsDoTransform(toLab.get(), ink.data(), &expected, 1);
            VERIFY_BELOW(deltaE76(it->paper, {expected.L, expected.a, expected.b}), 1e-6);
        };
        check(" paper", {0, 0, 0, 0});
        check(" C100", {100, 0, 0, 0});
        check("C20 M70 Y40 K60", {20, 70, 40, 60});
        QCOMPARE(p.colours[p.paper().value()].name, std::string("1: paper"));
        // Cyan is a greenish blue, yellow is yellow.
        const auto cyan = std::ranges::find_if(
            p.colours, [](const PrintedColour &c) { return c.name.ends_with(": C100"); });
        QVERIFY(cyan->paper.a < -20 && cyan->paper.b < -20);
    }

    void theColoursOfAPrintedPictureAreThose()
    {
        const auto icc = bytesOf(kProfile);
        const auto toy = toyProfile();
        std::vector<uint8_t> pixels;
        std::mt19937 draw(5);
        for (int i = 0; i < 4 * 64; ++i)
            pixels.push_back(static_cast<uint8_t>(draw()));
        const auto close = [](cmsHPROFILE h) { cmsCloseProfile(h); };
        using Profile = std::unique_ptr<void, decltype(close)>;
        using Transform = std::unique_ptr<void, decltype(&cmsDeleteTransform)>;
        const Profile srgb(cmsCreate_sRGBProfile(), close);
        const Profile press(cmsOpenProfileFromMem(icc.data(), cmsUInt32Number(icc.size())), close);
        const Profile lab(cmsCreateLab4Profile(nullptr), close);
        const Transform ink(
            cmsCreateTransform(srgb.get(), TYPE_RGB_DBL, press.get(), TYPE_CMYK_DBL,
                               INTENT_RELATIVE_COLORIMETRIC,
                               cmsFLAGS_NOOPTIMIZE | cmsFLAGS_BLACKPOINTCOMPENSATION),
            &cmsDeleteTransform);
        for (const bool paperWhite : {false, true}) {
            const Transform toLab(cmsCreateTransform(press.get(), TYPE_CMYK_DBL, lab.get(),
                                                     TYPE_Lab_DBL,
                                                     paperWhite ? INTENT_ABSOLUTE_COLORIMETRIC
                                                                : INTENT_RELATIVE_COLORIMETRIC,
                                                     cmsFLAGS_NOOPTIMIZE),
                                  &cmsDeleteTransform);
            std::vector<float> got(3 * 64);
            PixelColours::ofPrint({}, icc, paperWhite).apply(pixels.data(), got.data(), 64);
            for (size_t i = 0; i < 64; ++i) {
                const double rgb[3] = {pixels[4 * i + 2] / 255.0, pixels[4 * i + 1] / 255.0,
                                       pixels[4 * i] / 255.0};
                double amounts[4];
                cmsCIELab expected{};
                cmsDoTransform(ink.get(), rgb, amounts, 1);
                cmsDoTransform(toLab.get(), amounts, &expected, 1);
                VERIFY_BELOW(deltaE76({got[3 * i], got[3 * i + 1], got[3 * i + 2]},
                                      {expected.L, expected.a, expected.b}),
                             0.1);
            }
        }
    }

    void theStripTakesTheEndsFirst()
    {
        const auto icc = toyProfile();
        const SoftProof proof = softProof(smallPrint(), "small", ProfileFile(icc, "p"), true);
        QCOMPARE(proof.colours[*proof.paper].name, std::string("p: paper"));
        const ReferenceSet strip = controlStrip(proof, "strip", 5);
        QCOMPARE(strip.colours.size(), size_t(5));
        QCOMPARE(strip.colours[0].name, std::string("p: paper"));
        QCOMPARE(strip.colours[1].name, std::string("d: C100 M100 Y100 K100"));
        std::set<std::string> rest;
        for (size_t i = 2; i < 5; ++i)
            rest.insert(strip.colours[i].name.substr(0, 1));
        QCOMPARE(rest, (std::set<std::string>{"c", "m", "y"}));
        for (const ReferenceColour &c : strip.colours) // with the paper's own white
            QVERIFY(
                c.lab ==
                proof
                    .colours[size_t(std::ranges::find(proof.colours, c.name, &ProofedColour::name) -
                                    proof.colours.begin())]
                    .paper);
        // No colour twice, however many are asked for.
        QCOMPARE(controlStrip(proof, "all", 100).colours.size(), size_t(7));
    }

    void whatTheLimitsSayOfAPrediction()
    {
        const auto icc = toyProfile();
        const SoftProof proof = softProof(smallPrint(), "small", ProfileFile(icc, "p"), false);
        VERIFY_BELOW(proof.colours[*proof.paper].deltaE00, 0.5); // the display's own white
        Tolerance t{.name = "t", .title = "t", .source = "test"};
        QVERIFY(foreseen(proof, t).empty());
        t.colourMean = proof.all.mean + 0.01;
        t.colourWorst = proof.all.max - 0.01;
        const auto figures = foreseen(proof, t);
        QCOMPARE(figures.size(), size_t(2));
        QVERIFY(figures[0].isWithin() && !figures[1].isWithin());
        QVERIFY(figures[1].kind == ForeseenFigure::Kind::Worst);
        t.formula = DifferenceFormula::De76;
        QVERIFY(foreseen(proof, t).empty());
    }

    void whatIsNoPrintIsRefused()
    {
        VERIFY_ERROR(printingFromText("CGATS\nBEGIN_DATA_FORMAT\nCMYK_C CMYK_M CMYK_Y "
                                      "CMYK_K\nEND_DATA_FORMAT\nBEGIN_DATA\n0 0 0 "
                                      "0\nEND_DATA\n",
                                      "x.cgats"),
                     "XYZ_X");
        VERIFY_ERROR(printingFromText("CGATS\nBEGIN_DATA_FORMAT\nCMYK_C CMYK_M CMYK_Y CMYK_K "
                                      "LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n0 0 0 0 "
                                      "400 0 0\nEND_DATA\n",
                                      "x.cgats"),
                     "line 6");
        VERIFY_ERROR(printingFromProfile(toyProfile(), "display.icc"), "no profile of a print");
        VERIFY_ERROR(printingFromProfile({1, 2, 3}, "x.icc"), "broken");
        VERIFY_ERROR(softProof(printingFromText("CGATS\nBEGIN_DATA_FORMAT\nCMYK_C CMYK_M CMYK_Y "
                                                "LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\n"
                                                "BEGIN_DATA\n9 0 0 40 0 0\nEND_DATA\n",
                                                "x"),
                               "x.cgats", ProfileFile(toyProfile(), "p"), false),
                     "bare paper");
    }

    /// Hundreds of damaged files: each is read or refused with an Error, and nothing else happens.
    void damagedFilesAreReadOrRefused()
    {
        const auto text = bytesOf(kCharacterisation);
        const auto icc = bytesOf(kProfile);
        std::mt19937 draw(11);
        int refused = 0;
        const auto attempt = [&](const std::vector<uint8_t> &bytes) {
            try {
                (void)printingFromBytes(bytes, "damaged");
            } catch (const Error &) {
                ++refused;
            }
        };
        for (int i = 0; i < 120; ++i) {
            auto cut = i % 2 ? text : icc;
            cut.resize(draw() % cut.size());
            attempt(cut);
            auto bent = i % 2 ? text : icc;
            for (int k = 0; k < 8; ++k) // mostly where structure is told
                bent[draw() % (k < 4 ? 600 : bent.size())] = static_cast<uint8_t>(draw());
            attempt(bent);
        }
        QVERIFY2(refused > 60, qPrintable(QString::number(refused)));
    }
};

static const lantern::test::Register<PrintingTest> registered("PrintingTest");
#include "printing_test.moc"
