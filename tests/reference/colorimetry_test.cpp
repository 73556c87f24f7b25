#include "core/base/cgats.h"
#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/colour/illuminant.h"
#include "core/colour/spaces.h"
#include "core/colour/white.h"
#include "core/judge/soft_proof.h"
#include "core/model/gamut_boundary.h"
#include "core/plan/chart.h"
#include "core/profile/profile_writer.h"
#include "runner.h"
#include "toy_display.h"

#include <QFile>

#include <cmath>
#include <lcms2.h>
#include <random>

using namespace lantern;

class ColorimetryTest : public QObject {
    Q_OBJECT
private slots:
    /// CIE 15:2018, Table T.3 (2 degrees), to its printed digits: chromaticities of the
    /// illuminants.
    void illuminantChromaticities_data()
    {
        QTest::addColumn<QString>("name");
        QTest::addColumn<double>("x");
        QTest::addColumn<double>("y");
        QTest::newRow("A") << "A" << 0.44758 << 0.40745;
        QTest::newRow("D50") << "D50" << 0.34567 << 0.35851;
        QTest::newRow("D55") << "D55" << 0.33243 << 0.34744;
        QTest::newRow("D65") << "D65" << 0.31272 << 0.32903;
        QTest::newRow("D75") << "D75" << 0.29903 << 0.31488;
    }
    void illuminantChromaticities()
    {
        QFETCH(QString, name);
        QFETCH(double, x);
        QFETCH(double, y);
        const double scale = 1.4388 / 1.4380;
        const SpectralPower s = name == "A"     ? illuminantA()
                                : name == "D50" ? daylightSpectrum(5000 * scale)
                                : name == "D55" ? daylightSpectrum(5500 * scale)
                                : name == "D65" ? daylightSpectrum(6500 * scale)
                                                : daylightSpectrum(7500 * scale);
        const Chromaticity c = chromaticity(whiteOf(s, cie1931()));
        // The table's values come from 1 nm sums; ours from 5 nm.
        VERIFY_NEAR(c.x, x, 6e-5);
        VERIFY_NEAR(c.y, y, 6e-5);
        const Chromaticity named = chromaticity(*namedWhite(name.toStdString()));
        VERIFY_NEAR(named.x, x, 1e-4);
        VERIFY_NEAR(named.y, y, 1e-4);
    }

    /// Independent copy: Debian package colord-data, /usr/share/colord/illuminant (CIE, 5 nm).
    void daylightSpectrumAgreesWithTheSystemsCopy()
    {
        const CgatsTable t =
            parseCgats(readWhole("/usr/share/colord/illuminant/CIE-D65.sp"), "D65");
        const SpectralPower ours = daylightSpectrum(6500 * 1.4388 / 1.4380);
        const double scale = ours[40] / cgatsNumber(t, 0, field(t, 560), "D65");
        int compared = 0;
        for (int nm = 380; nm <= 780; nm += 5)
            if (t.column("SPEC_" + std::to_string(nm))) {
                VERIFY_NEAR(ours[size_t(cmfIndex(nm))],
                            scale * cgatsNumber(t, 0, field(t, nm), "D65"), 0.06);
                ++compared;
            }
        QVERIFY(compared > 40);
    }

    /// Little CMS as the other implementation, random pairs.
    void differencesAgreeWithLittleCms()
    {
        std::mt19937_64 random(5);
        std::uniform_real_distribution<double> l(0, 100), ab(-90, 90), d(-15, 15);
        for (int i = 0; i < 20000; ++i) {
            const Lab p{l(random), ab(random), ab(random)};
            const Lab q{p.L + d(random), p.a + d(random), p.b + d(random)};
            const cmsCIELab a{p.L, p.a, p.b};
            const cmsCIELab b{q.L, q.a, q.b};
            VERIFY_NEAR(deltaE2000(p, q), cmsCIE2000DeltaE(&a, &b, 1, 1, 1), 1e-6);
            // CIE 116-1995 written out: Little CMS has other weights (0.048, 0.014) and both
            // chromas.
            const double dL = p.L - q.L, dC = chroma(p) - chroma(q), c = chroma(p);
            const double dH2 = std::pow(p.a - q.a, 2) + std::pow(p.b - q.b, 2) - dC * dC;
            VERIFY_NEAR(deltaE94(p, q),
                        std::sqrt(dL * dL + std::pow(dC / (1 + 0.045 * c), 2) +
                                  dH2 / std::pow(1 + 0.015 * c, 2)),
                        1e-9);
            VERIFY_NEAR(deltaE76(p, q), cmsDeltaE(&a, &b), 1e-9);
        }
    }

    /// The batch in single precision against the exact one.
    void batchAgreesWithTheFormula()
    {
        std::mt19937_64 random(6);
        std::uniform_real_distribution<float> l(0, 100), ab(-100, 100), d(-10, 10);
        constexpr size_t n = 20000;
        std::vector<float> v[6], out(n);
        for (auto &x : v)
            x.resize(n);
        for (size_t i = 0; i < n; ++i) {
            v[0][i] = l(random);
            v[1][i] = i % 50 == 0 ? 0 : ab(random);
            v[2][i] = i % 50 == 0 ? 0 : ab(random);
            for (size_t k = 0; k < 3; ++k)
                v[3 + k][i] = v[k][i] + (i % 7 == 0 ? 0 : d(random));
        }
        deltaE2000({v[0].data(), v[1].data(), v[2].data()}, {v[3].data(), v[4].data(), v[5].data()},
                   out.data(), n);
        for (size_t i = 0; i < n; ++i)
            VERIFY_NEAR(double(out[i]),
                        deltaE2000({v[0][i], v[1][i], v[2][i]}, {v[3][i], v[4][i], v[5][i]}), 2e-3);
        v[0][3] = NAN;
        deltaE2000({v[0].data(), v[1].data(), v[2].data()}, {v[3].data(), v[4].data(), v[5].data()},
                   out.data(), n);
        QVERIFY(std::isnan(out[3]));
    }

    void spacesRoundTripAndMeetTheirDefinitions()
    {
        const RelXYZ white = *namedWhite("D65");
        double worst = 0;
        for (double x = 0.01; x <= 1; x += 0.11)
            for (double y = 0.01; y <= 1; y += 0.11)
                for (double z = 0.01; z <= 1; z += 0.11) {
                    const RelXYZ c{x, y, z};
                    worst = std::max(
                        worst, (vec(xyzFromLuv(luvFromXyz(c, white), white)) - vec(c)).norm());
                    worst = std::max(worst, (vec(xyzFromSrgb(srgbFromXyz(c))) - vec(c)).norm());
                }
        VERIFY_BELOW(worst, 1e-9);
        // CIE 15:2018, 8.2.2: of the white itself
        const Luv w = luvFromXyz(white, white);
        VERIFY_NEAR(w.L, 100, 1e-12);
        VERIFY_NEAR(w.u, 0, 1e-12);
        // IEC 61966-2-1: the printed matrix, four digits
        const RelXYZ red = xyzFromSrgb({1, 0, 0});
        VERIFY_NEAR(red.X, 0.4124, 5e-5);
        VERIFY_NEAR(red.Y, 0.2126, 5e-5);
        VERIFY_NEAR(red.Z, 0.0193, 5e-5);
        const Lab back = labFromLch(lchFromLab({50, -20, 30}));
        VERIFY_BELOW((vec(back) - Vec3(50, -20, 30)).norm(), 1e-12);
        // BT.2100: the reference white of the system at peak is I = 1, Ct = Cp = 0
        const XYZ peak = fromChromaticity({0.3127, 0.3290}, 10000);
        VERIFY_NEAR(ictcpFromXyz(peak).I, 1, 1e-5);
        VERIFY_NEAR(ictcpFromXyz(peak).Ct, 0, 1e-5);
        VERIFY_NEAR(ictcpFromXyz(peak).Cp, 0, 1e-5);
        // CAT16 carries white to white
        const RelXYZ a = *namedWhite("A");
        VERIFY_BELOW((cat16(a, white) * vec(a) - vec(white)).norm(), 1e-12);
        QVERIFY((cat16(a, white) - bradford(a, white)).norm() > 0.01);
    }

    /// To 1 K and 1e-5 in Duv over the whole range: from a known temperature and distance and back.
    void cctOverTheWholeRange()
    {
        for (double kelvin = 1000; kelvin <= 25000; kelvin *= 1.037)
            for (const double duv : {-0.02, -0.005, 0.0, 0.005, 0.02}) {
                const Cct got = correlatedColourTemperature(fromCct({kelvin, duv}));
                VERIFY_NEAR(got.kelvin, kelvin, 1);
                VERIFY_NEAR(got.duv, duv, 1e-5);
            }
    }

    /// Little CMS has the daylight locus of its own.
    void daylightAgreesWithLittleCms()
    {
        for (double kelvin = 4000; kelvin <= 25000; kelvin += 500) {
            cmsCIExyY c;
            QVERIFY(cmsWhitePointFromTemp(&c, kelvin));
            VERIFY_NEAR(lantern::daylight(kelvin).x, c.x, 1e-6);
            VERIFY_NEAR(lantern::daylight(kelvin).y, c.y, 1e-6);
        }
    }

    /// Open data: Debian's icc-profiles-free carries a coated-offset characterisation. A display
    /// with the sRGB gamut shows most of it, never its strongest cyan (common practice).
    void softProofOfAPrintingCondition()
    {
        lantern::test::ToyDisplay display;
        const auto icc = buildProfile(display.read(makeChart(96)), {}, "toy").icc;
        const std::string data = readWhole("/usr/share/color/icc/FOGRA39L.ti3");
        const Printing coated = printingFromText(data, "coated");
        const SoftProof p = softProof(coated, "coated", ProfileFile(icc, "p"), false);
        QCOMPARE(p.colours.size(), size_t(1617));
        QVERIFY(p.insideShare > 0.6 && p.insideShare < 0.99);
        QVERIFY(p.outside.mean > p.all.mean);
        VERIFY_BELOW(p.colours[0].deltaE00, 0.5); // paper is white
        for (const ProofedColour &c : p.colours)
            if (c.inside)
                VERIFY_BELOW(c.deltaE00, 1.5);
        const SoftProof absolute = softProof(coated, "coated", ProfileFile(icc, "p"), true);
        VERIFY_NEAR(absolute.colours[0].aimed.L, 95, 0.01); // as the file says
        VERIFY_ERROR(printingFromText(
                         "CGATS\nBEGIN_DATA_FORMAT\nA\nEND_DATA_FORMAT\nBEGIN_DATA\n1\nEND_DATA\n",
                         "x.cgats"),
                     "CMYK_C");
    }

private:
    static std::string readWhole(const char *path)
    {
        QFile file(QString::fromLatin1(path));
        return file.open(QIODevice::ReadOnly) ? file.readAll().toStdString() : std::string();
    }
    static size_t field(const CgatsTable &t, int nm)
    {
        return t.column("SPEC_" + std::to_string(nm)).value();
    }
};

namespace {
const lantern::test::Register<ColorimetryTest> registered("ColorimetryTest");
}

#include "colorimetry_test.moc"
