#include "core/aim/aim.h"
#include "core/base/cgats.h"
#include "core/base/text.h"
#include "core/colour/spectra.h"
#include "core/colour/tone_curve.h"
#include "core/colour/white.h"
#include "core/profile/reference_set.h"
#include "runner.h"

#include <QFile>

#include <lcms2.h>

#include <algorithm>
#include <cmath>
#include <sstream>

using namespace lantern;

namespace {

std::string readWhole(const char *path)
{
    QFile file(QString::fromLatin1(path));
    return file.open(QIODevice::ReadOnly) ? file.readAll().toStdString() : std::string();
}

} // namespace

class StandardsTest : public QObject {
    Q_OBJECT
private slots:
    /// Independent copy: Debian package colord-data, /usr/share/colord/cmf (CIE tables, 5 nm).
    void observersAgreeWithTheSystemsCopy_data()
    {
        QTest::addColumn<QString>("file");
        QTest::addColumn<bool>("tenDegrees");
        QTest::newRow("1931, 2 degrees") << "CIE1931-2deg-XYZ.cmf" << false;
        QTest::newRow("1964, 10 degrees") << "CIE1964-10deg-XYZ.cmf" << true;
    }
    void observersAgreeWithTheSystemsCopy()
    {
        QFETCH(QString, file);
        QFETCH(bool, tenDegrees);
        const std::string text =
            readWhole(qPrintable(QStringLiteral("/usr/share/colord/cmf/") + file));
        QVERIFY2(!text.empty(), "package colord-data is missing");
        const CgatsTable table = parseCgats(text, file.toStdString());
        QCOMPARE(table.rows.size(), size_t(3));
        const auto &cmf = tenDegrees ? cie1964() : cie1931();
        for (int i = 0; i < kCmfCount; ++i) {
            const std::string field = "SPEC_" + std::to_string(kCmfFirstNm + kCmfStepNm * i);
            const size_t column = table.column(field).value();
            QCOMPARE(cmf.x[i], cgatsNumber(table, 0, column, "cmf"));
            QCOMPARE(cmf.y[i], cgatsNumber(table, 1, column, "cmf"));
            QCOMPARE(cmf.z[i], cgatsNumber(table, 2, column, "cmf"));
        }
    }

    /// The equal-energy spectrum has x = y = 1/3. Source: CIE 15:2018, 7.1 (normalisation of the
    /// functions).
    void equalEnergyIsAThird()
    {
        for (const auto *cmf : {&cie1931(), &cie1964()}) {
            double x = 0, y = 0, z = 0;
            for (int i = 0; i < kCmfCount; ++i) {
                x += cmf->x[i];
                y += cmf->y[i];
                z += cmf->z[i];
            }
            VERIFY_NEAR(x / (x + y + z), 1.0 / 3, 2e-4);
            VERIFY_NEAR(y / (x + y + z), 1.0 / 3, 2e-4);
        }
    }

    /// A mistyped digit shows as a kink: every value lies near the cubic through its four
    /// neighbours, within 2 % of the highest peak (1.78 at 445 nm). The published z of 1931 itself
    /// departs by 0.029 at 435 nm; everything else lies below 0.014.
    void observersAreSmooth()
    {
        for (const auto *cmf : {&cie1931(), &cie1964()})
            for (const auto *t : {&cmf->x, &cmf->y, &cmf->z})
                for (size_t i = 2; i + 2 < kCmfCount; ++i) {
                    const double cubic =
                        (4 * ((*t)[i - 1] + (*t)[i + 1]) - (*t)[i - 2] - (*t)[i + 2]) / 6;
                    VERIFY_BELOW(std::abs((*t)[i] - cubic), 0.02 * 1.78);
                }
        QCOMPARE(*std::max_element(cie1931().y.begin(), cie1931().y.end()), 1.0);
    }

    /// Source: CIE 15:2018, 4.1.2 and Table T.3 (chromaticities of the D illuminants, 4 decimals).
    /// The formula for y and the table, which comes from the spectra, differ by up to 0.0002.
    void daylightIlluminants_data()
    {
        QTest::addColumn<double>("nominal");
        QTest::addColumn<Chromaticity>("table");
        QTest::newRow("D50") << 5000.0 << Chromaticity{0.3457, 0.3585};
        QTest::newRow("D55") << 5500.0 << Chromaticity{0.3324, 0.3474};
        QTest::newRow("D65") << 6500.0 << Chromaticity{0.3127, 0.3290};
        QTest::newRow("D75") << 7500.0 << Chromaticity{0.2990, 0.3149};
    }
    void daylightIlluminants()
    {
        QFETCH(double, nominal);
        QFETCH(Chromaticity, table);
        const Chromaticity c = daylightNominal(nominal);
        VERIFY_NEAR(c.x, table.x, 1e-4);
        VERIFY_NEAR(c.y, table.y, 2e-4);
    }

    /// Reference library: Little CMS, cmsWhitePointFromTemp (the same CIE formula), 4000 to 25000
    /// K.
    void daylightAgreesWithLittleCms()
    {
        for (double kelvin = 4000; kelvin <= 25000; kelvin += 250) {
            cmsCIExyY theirs;
            QVERIFY(cmsWhitePointFromTemp(&theirs, kelvin));
            VERIFY_NEAR(lantern::daylight(kelvin).x, theirs.x, 1e-9);
            VERIFY_NEAR(lantern::daylight(kelvin).y, theirs.y, 1e-9);
        }
    }

    /// CCT of standard illuminants. Source: CIE 15:2018, Table T.3 chromaticities; temperatures as
    /// commonly tabulated (from memory): A 2856 K, D50 5003 K, D65 6504 K.
    void cctOfIlluminants_data()
    {
        QTest::addColumn<Chromaticity>("c");
        QTest::addColumn<double>("kelvin");
        QTest::newRow("A") << Chromaticity{0.44758, 0.40745} << 2856.0;
        QTest::newRow("D50") << Chromaticity{0.34567, 0.35851} << 5002.0;
        QTest::newRow("D65") << Chromaticity{0.31272, 0.32903} << 6504.0;
    }
    void cctOfIlluminants()
    {
        QFETCH(Chromaticity, c);
        QFETCH(double, kelvin);
        VERIFY_NEAR(correlatedColourTemperature(c).kelvin, kelvin, 2);
    }

    /// Planckian chromaticities. Source: Wyszecki, Stiles, Color Science (1982), Table 2(3.3.4),
    /// entered from memory to 3 decimals.
    void planckianLocus_data()
    {
        QTest::addColumn<double>("kelvin");
        QTest::addColumn<Chromaticity>("c");
        QTest::newRow("2000 K") << 2000.0 << Chromaticity{0.527, 0.413};
        QTest::newRow("5000 K") << 5000.0 << Chromaticity{0.345, 0.352};
        QTest::newRow("10000 K") << 10000.0 << Chromaticity{0.281, 0.288};
    }
    void planckianLocus()
    {
        QFETCH(double, kelvin);
        QFETCH(Chromaticity, c);
        VERIFY_NEAR(planckian(kelvin).x, c.x, 1e-3);
        VERIFY_NEAR(planckian(kelvin).y, c.y, 1e-3);
    }

    /// sRGB of D65 white luminance. Source: IEC 61966-2-1:1999, 5.2: 0.04045, 12.92, 1.055, 2.4.
    void srgbCurve()
    {
        VERIFY_NEAR(toneLuminance(NamedTone::Srgb, 0.04045, {0, 100}), 0.04045 / 12.92, 1e-15);
        VERIFY_NEAR(toneLuminance(NamedTone::Srgb, 0.5, {0, 100}),
                    std::pow((0.5 + 0.055) / 1.055, 2.4), 1e-15);
        VERIFY_NEAR(toneLuminance(NamedTone::Srgb, 188 / 255.0, {0, 100}), 0.5029,
                    1e-4); // worked by hand
    }

    /// ITU-R BT.1886 Annex 1: L = a (max(V + b, 0))^2.4 with a, b from white and black.
    void bt1886Curve()
    {
        const double lw = 100, lb = 0.1;
        const double root = std::pow(lw, 1 / 2.4) - std::pow(lb, 1 / 2.4);
        const double a = std::pow(root, 2.4);
        const double b = std::pow(lb, 1 / 2.4) / root;
        for (const double v : {0.0, 0.1, 0.5, 0.9, 1.0})
            VERIFY_NEAR(lw * toneLuminance(NamedTone::Bt1886, v, {lb / lw, 100}),
                        a * std::pow(v + b, 2.4), 1e-10);
    }

    /// Reference library: Little CMS cmsXYZ2Lab under D50.
    void labAgreesWithLittleCms()
    {
        const cmsCIEXYZ *d50 = cmsD50_XYZ();
        VERIFY_NEAR(d50->X, kD50.X, 1e-12);
        VERIFY_NEAR(d50->Z, kD50.Z, 1e-12);
        double worst = 0;
        for (double X = 0; X <= 1; X += 0.09)
            for (double Y = 0; Y <= 1; Y += 0.09)
                for (double Z = 0; Z <= 1; Z += 0.09) {
                    const cmsCIEXYZ xyz{X, Y, Z};
                    cmsCIELab theirs;
                    cmsXYZ2Lab(d50, &theirs, &xyz);
                    const Lab ours = labFromXyz({X, Y, Z}, kD50);
                    worst = std::max({worst, std::abs(ours.L - theirs.L),
                                      std::abs(ours.a - theirs.a), std::abs(ours.b - theirs.b)});
                }
        VERIFY_BELOW(worst,
                     2e-3); // the library's linear part uses rounded constants (841/108, 16/116)
    }

    /// Reference library: Little CMS cmsAdaptToIlluminant, Bradford from D65 to D50.
    void bradfordAgreesWithLittleCms()
    {
        const cmsCIEXYZ d65{0.95047, 1, 1.08883};
        const RelXYZ ours65{0.95047, 1, 1.08883};
        for (const Vec3 &c : {Vec3(0.4, 0.2, 0.02), Vec3(0.2, 0.7, 0.1), Vec3(0.18, 0.07, 0.95)}) {
            const cmsCIEXYZ in{c[0], c[1], c[2]};
            cmsCIEXYZ out;
            QVERIFY(cmsAdaptToIlluminant(&out, &d65, cmsD50_XYZ(), &in));
            const Vec3 ours = bradford(ours65, kD50) * c;
            VERIFY_BELOW((ours - Vec3(out.X, out.Y, out.Z)).norm(), 1e-6);
        }
    }

    /// Worked values of the ICC: sRGB primaries adapted to D50, IEC 61966-2-1 / ICC "How to
    /// interpret the sRGB color space" (5 decimals): red 0.43607, 0.22249, 0.01392.
    void srgbRedInThePcs()
    {
        const RelXYZ d65{0.9505, 1, 1.0890};
        const Vec3 red = bradford(d65, kD50) * Vec3(0.4124, 0.2126, 0.0193);
        VERIFY_NEAR(red[0], 0.43607, 5e-4);
        VERIFY_NEAR(red[1], 0.22249, 5e-4);
        VERIFY_NEAR(red[2], 0.01392, 5e-4);
    }

    /// Open data: the coated-offset characterisation of Debian's icc-profiles-free, read whole.
    void readsACharacterisationFileWhole()
    {
        const std::string text = readWhole("/usr/share/color/icc/FOGRA39L.ti3");
        QVERIFY2(!text.empty(), "package icc-profiles-free is missing");
        const CgatsTable table = parseCgats(text, "coated offset");
        QCOMPARE(std::to_string(table.rows.size()),
                 std::string("1617")); // IT8.7/4 has 1617 patches
        QVERIFY(table.column("CMYK_C") && (table.column("LAB_L") || table.column("XYZ_X")));
        const size_t x = table.column("XYZ_X") ? *table.column("XYZ_X") : *table.column("LAB_L");
        for (size_t row = 0; row < table.rows.size(); ++row)
            (void)cgatsNumber(table, row, x,
                              "coated offset"); // throws on anything that is no number
    }

    /// McCamy et al. 1976: the neutral row of the chart is neutral, white's reflectance is 90 %.
    void renditionChart()
    {
        const ReferenceSet set = chart24();
        QCOMPARE(set.colours.size(), size_t(24));
        // L* of Y = 90; the chart's white has x, y rounded to three decimals
        VERIFY_NEAR(set.colours[18].lab.L, 116 * std::cbrt(0.9) - 16, 0.01);
        for (int i = 18; i < 24; ++i)
            VERIFY_BELOW(chroma(set.colours[i].lab), 0.6);
        for (int i = 18; i + 1 < 24; ++i)
            QVERIFY(set.colours[i].lab.L > set.colours[i + 1].lab.L);
    }

    /// Ends and a middle value of the table of DICOM PS3.14, Annex B: index 1 is 0.05 cd/m², 1023
    /// is 3993.404 (both printed in 7.1); 100 is 1.4795 and 500 is 102.4 (from memory of the table,
    /// rounded). The inverse polynomial is given as good to a few parts in a thousand of an index.
    void greyscaleStandardDisplayFunction()
    {
        VERIFY_NEAR(gsdfLuminance(1), 0.05, 5e-5); // printed as 0.0500
        VERIFY_NEAR(gsdfLuminance(1023), 3993.404, 0.1);
        for (double j = 1; j <= 1023; j += 7)
            VERIFY_NEAR(gsdfIndex(gsdfLuminance(j)), j, 0.6);
        double last = 0;
        for (int j = 1; j <= 1023; ++j) { // smooth: contrast per step falls slowly
            const double l = gsdfLuminance(j);
            QVERIFY(l > last);
            last = l;
        }
    }
};

namespace {
const lantern::test::Register<StandardsTest> registered("StandardsTest");
}

#include "standards_test.moc"
