#include "core/model/gamut_boundary.h"
#include "core/model/gamut_compression.h"
#include "runner.h"

#include <Eigen/LU>
#include <cmath>
#include <random>

using namespace lantern;

namespace {

/// Linear RGB of a Lab colour in a space, by its matrix: an inside test that knows no surfaces.
Vec3 linearRgb(const NamedSpace &space, const Lab &lab)
{
    Mat3 primaries;
    for (int c = 0; c < 3; ++c)
        primaries.col(c) = vec(fromChromaticity(space.primaries[c], 1));
    const XYZ white = fromChromaticity(space.white, 1);
    const Vec3 scale = primaries.inverse() * vec(white);
    return (primaries * scale.asDiagonal()).inverse() * vec(displayXyz(lab, white));
}

bool inside(const NamedSpace &space, const Lab &lab)
{
    const Vec3 v = linearRgb(space, lab);
    return v.minCoeff() >= 0 && v.maxCoeff() <= 1;
}

} // namespace

class GamutTest : public QObject {
    Q_OBJECT
private slots:
    /// Against counting two million random points: a computation that shares nothing but the
    /// primaries.
    void volumeAgreesWithCounting()
    {
        std::mt19937_64 random(3);
        std::uniform_real_distribution<double> l(0, 100), a(-180, 180), b(-180, 180);
        const auto &spaces = namedSpaces();
        std::vector<double> hits(spaces.size()), common(spaces.size());
        constexpr int kPoints = 2000000;
        for (int i = 0; i < kPoints; ++i) {
            const Lab lab{l(random), a(random), b(random)};
            const bool first = inside(spaces[0], lab);
            for (size_t s = 0; s < spaces.size(); ++s)
                if (inside(spaces[s], lab)) {
                    ++hits[s];
                    common[s] += first;
                }
        }
        const GamutBoundary srgb = gamutOf(spaces[0]);
        for (size_t s = 0; s < spaces.size(); ++s) {
            const GamutBoundary gamut = gamutOf(spaces[s]);
            const double counted = hits[s] / kPoints * 100 * 360 * 360;
            VERIFY_NEAR(gamut.volume() / counted, 1, 0.01);
            const double both = common[s] / kPoints * 100 * 360 * 360;
            VERIFY_NEAR(GamutBoundary::commonVolume(gamut, srgb) / both, 1, 0.01);
        }
    }

    void containsWhatTheMatrixSays()
    {
        const NamedSpace &space = namedSpaces().front();
        const GamutBoundary gamut = gamutOf(space);
        std::mt19937_64 random(4);
        std::uniform_real_distribution<double> l(2, 98), ab(-110, 110);
        int wrong = 0;
        for (int i = 0; i < 20000; ++i) {
            const Lab lab{l(random), ab(random), ab(random)};
            if (gamut.contains(lab) != inside(space, lab))
                ++wrong;
        }
        VERIFY_BELOW(double(wrong), 60.0);
    }

    void wideGamutIsLeftAlone()
    {
        const GamutBoundary srgb = gamutOf(namedSpaces()[0]);
        const GamutBoundary wide = gamutOf(namedSpaces()[4]);
        const GamutCompression compression(wide, srgb);
        for (const Lab &lab : {Lab{50, 60, 40}, Lab{80, -60, 60}, Lab{30, 40, -80}}) {
            const Lab out = compression.compress(lab);
            VERIFY_BELOW((vec(out) - vec(lab)).norm(), 1e-9);
        }
    }

    /// Four fifths of what the display reaches stay what they are, and so does all near grey.
    void compressionLeavesTheInsideAlone()
    {
        const GamutBoundary srgb = gamutOf(namedSpaces()[0]);
        const GamutBoundary wide = gamutOf(namedSpaces()[4]);
        const GamutCompression compression(srgb, wide);
        for (double hue = 0; hue < 360; hue += 30) {
            const double h = hue * 3.14159265358979 / 180;
            const auto at = [&](double share) {
                const double c = share * srgb.chromaLimit(50, hue);
                return Lab{50, c * std::cos(h), c * std::sin(h)};
            };
            const auto moved = [&](const Lab &lab) {
                return (vec(compression.compress(lab)) - vec(lab)).norm();
            };
            VERIFY_BELOW(moved(at(0.77)), 1e-9);
            QVERIFY(moved(at(0.95)) > 0.05);
            // What is beyond the display comes inside, but no further than it must.
            const double out = chroma(compression.compress(at(1.1)));
            VERIFY_BELOW(out, 1.001 * srgb.chromaLimit(50, hue));
            QVERIFY(out > 0.8 * srgb.chromaLimit(50, hue));
            const double nearBlack = 2.9;
            VERIFY_BELOW(moved({1, nearBlack * std::cos(h), nearBlack * std::sin(h)}), 1e-9);
        }
    }

    void compressionBringsAllOfASourceInsideInOrder()
    {
        const GamutBoundary srgb = gamutOf(namedSpaces()[0]);
        const GamutBoundary small = GamutBoundary::ofCube([](const Vec3 &v) {
            return Lab{30 + 40 * v.mean() + 10 * v[1], 60 * (v[0] - v[1]), 50 * (v[1] - v[2])};
        });
        const GamutCompression compression(small, srgb);
        for (double hue = 0; hue < 360; hue += 15) {
            const double reach = srgb.chromaLimit(55, hue);
            double before = 0;
            for (double share = 0.05; share <= 1; share += 0.05) {
                const double h = hue * 3.14159265358979 / 180;
                const double c = share * reach;
                const Lab out = compression.compress({55, c * std::cos(h), c * std::sin(h)});
                QVERIFY(chroma(out) >= before - 1e-9); // what was more colourful stays so
                before = chroma(out);
                if (c > 15) {
                    VERIFY_BELOW(chroma(out), small.chromaLimit(out.L, hueDegrees(out)) + 1.0);
                }
            }
        }
    }
};

namespace {
const lantern::test::Register<GamutTest> registered("GamutTest");
}

#include "gamut_test.moc"
