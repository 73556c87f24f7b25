#include "core/colour/difference.h"
#include "core/plan/chart.h"
#include "core/profile/profile_file.h"
#include "core/profile/profile_writer.h"
#include "runner.h"
#include "toy_display.h"

#include <lcms2.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <memory>
#include <set>
#include <tuple>

using namespace lantern;
using lantern::test::ToyDisplay;

namespace {

using Bytes = std::vector<uint8_t>;

struct CloseProfile {
    void operator()(cmsHPROFILE p) const { cmsCloseProfile(p); }
};
using Profile = std::unique_ptr<void, CloseProfile>;
struct DeleteTransform {
    void operator()(cmsHTRANSFORM t) const { cmsDeleteTransform(t); }
};
using Transform = std::unique_ptr<void, DeleteTransform>;

Profile open(const Bytes &icc)
{
    return Profile(cmsOpenProfileFromMem(icc.data(), cmsUInt32Number(icc.size())));
}

/// Primaries of ITU-R BT.2020-2, table 3, with the exponent of BT.1886.
Profile rec2020()
{
    const cmsCIExyY white{0.3127, 0.3290, 1};
    const cmsCIExyYTRIPLE primaries{{0.708, 0.292, 1}, {0.170, 0.797, 1}, {0.131, 0.046, 1}};
    cmsToneCurve *curve = cmsBuildGamma(nullptr, 2.4);
    const std::array<cmsToneCurve *, 3> curves = {curve, curve, curve};
    Profile p(cmsCreateRGBProfile(&white, &primaries, curves.data()));
    cmsFreeToneCurve(curve);
    return p;
}

uint32_t word32(const Bytes &b, size_t at)
{
    return uint32_t(b[at]) << 24 | uint32_t(b[at + 1]) << 16 | uint32_t(b[at + 2]) << 8 | b[at + 3];
}

std::string four(const Bytes &b, size_t at)
{
    return {b.begin() + long(at), b.begin() + long(at) + 4};
}

/// One way of asking a program for colours.
struct Way {
    cmsUInt32Number intent;
    cmsUInt32Number flags;
};

std::vector<Way> allWays()
{
    std::vector<Way> out;
    for (const cmsUInt32Number intent :
         {INTENT_PERCEPTUAL, INTENT_RELATIVE_COLORIMETRIC, INTENT_SATURATION})
        for (const cmsUInt32Number black : {0, cmsFLAGS_BLACKPOINTCOMPENSATION})
            for (const cmsUInt32Number optimise : {0, cmsFLAGS_NOOPTIMIZE})
                out.push_back({intent, black | optimise});
    return out;
}

/// Text of a textDescriptionType, its ASCII and its UTF-16 part. Source: ICC.1:2001-04, 6.5.17.
struct OldText {
    std::string ascii;
    std::u16string unicode;
};

OldText oldText(const Bytes &icc, size_t at, size_t size)
{
    OldText t;
    const uint32_t count = word32(icc, at + 8);
    const size_t unicodeAt = at + 12 + count;
    const uint32_t units = word32(icc, unicodeAt + 4);
    if (12 + count + 8 + 2 * units + 70 != size || count == 0 || units == 0)
        return {"wrong counts", {}};
    for (size_t i = 0; i + 1 < count; ++i)
        t.ascii += char(icc[at + 12 + i]);
    for (size_t i = 0; i + 1 < units; ++i)
        t.unicode += char16_t(icc[unicodeAt + 8 + 2 * i] << 8 | icc[unicodeAt + 9 + 2 * i]);
    return t;
}

} // namespace

/// What a profile promises to every program, of each kind and version, on displays that are easy
/// and on some that are not.
class ProfilePromisesTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase()
    {
        const ToyDisplay plain;
        add("plain", [=](const DeviceRgb &c) { return plain.show(c); });
        ToyDisplay bluish;
        bluish.black = {0.12, 0.12, 0.42};
        add("bluish black", [=](const DeviceRgb &c) { return bluish.show(c); });
        add("white subpixel", [=](const DeviceRgb &c) {
            const double least = std::min({c.r, c.g, c.b}) / 255;
            return toXyz(vec(plain.show(c)) + std::pow(least, 2.4) * Vec3(70, 75, 88));
        });
        add("clipped ends", [=](const DeviceRgb &c) {
            auto clip = [](double v) { return std::clamp((v - 9) / (243 - 9) * 255, 0.0, 255.0); };
            return plain.show({clip(c.r), clip(c.g), clip(c.b)});
        });
        VideoLut lut = VideoLut::identity();
        for (size_t c = 0; c < 3; ++c)
            for (int i = 0; i < VideoLut::kSize; ++i)
                lut.channels[c][size_t(i)] =
                    uint16_t(65535 * (0.94 - 0.05 * double(c)) * std::pow(i / 255.0, 1.1));
        ToyDisplay through;
        through.lut = lut;
        through.linkBits = 8;
        m_path = {lut, 8};
        add("LUT that ends below full drive", [=](const DeviceRgb &c) { return through.show(c); });
    }

    void whiteIsWhiteAndBlackIsBlack_data() { eachProfile(); }
    void whiteIsWhiteAndBlackIsBlack()
    {
        QFETCH(Bytes, icc);
        QFETCH(bool, table);
        QFETCH(bool, exponents);
        const Profile p = open(icc);
        const Profile srgb(cmsCreate_sRGBProfile());
        const Profile lab(cmsCreateLab4Profile(nullptr));
        const Lab own = ProfileFile(icc, "p").toLab({0, 0, 0});
        for (const Way &way : allWays()) {
            const Transform wide(cmsCreateTransform(srgb.get(), TYPE_RGB_16, p.get(), TYPE_RGB_16,
                                                    way.intent, way.flags));
            const Transform small(cmsCreateTransform(srgb.get(), TYPE_RGB_8, p.get(), TYPE_RGB_8,
                                                     way.intent, way.flags));
            const std::array<uint16_t, 6> ends16 = {65535, 65535, 65535, 0, 0, 0};
            const std::array<uint8_t, 6> ends8 = {255, 255, 255, 0, 0, 0};
            std::array<uint16_t, 6> out16{};
            std::array<uint8_t, 6> out8{};
            cmsDoTransform(wide.get(), ends16.data(), out16.data(), 2);
            cmsDoTransform(small.get(), ends8.data(), out8.data(), 2);
            for (size_t c = 0; c < 3; ++c) {
                QCOMPARE(int(out16[c]), 65535);
                QCOMPARE(int(out8[c]), 255);
                // A matrix has one black for all intents; compensated, it may be a code or two
                // off where black has a strong tint.
                // An exponent has a steep end there.
                const int allowed = table ? 0 : exponents ? 4 : 2;
                VERIFY_BELOW(int(out16[3 + c]), 257 * allowed);
                VERIFY_BELOW(int(out8[3 + c]), allowed);
            }
            if (way.intent != INTENT_RELATIVE_COLORIMETRIC ||
                (way.flags & cmsFLAGS_BLACKPOINTCOMPENSATION) != 0)
                continue;
            const Transform from(cmsCreateTransform(lab.get(), TYPE_Lab_DBL, p.get(), TYPE_RGB_DBL,
                                                    way.intent, way.flags));
            const std::array<double, 9> blacks = {own.L, own.a,     own.b, own.L, 0,
                                                  0,     own.L / 2, 0,     0};
            std::array<double, 9> sent{};
            cmsDoTransform(from.get(), blacks.data(), sent.data(), 3);
            for (const double v : sent)
                VERIFY_BELOW(v, table ? 0 : (exponents ? 4 : 2) / 255.0);
        }
    }

    /// A grey ramp of 4096 steps through every intent never turns back.
    void greyRampsRise_data() { eachProfile(); }
    void greyRampsRise()
    {
        QFETCH(Bytes, icc);
        const Profile p = open(icc);
        const Profile lab(cmsCreateLab4Profile(nullptr));
        constexpr int kSteps = 4096;
        std::vector<double> in(3 * kSteps, 0), out(3 * kSteps);
        for (int i = 0; i < kSteps; ++i)
            in[size_t(3 * i)] = 100.0 * i / (kSteps - 1);
        for (const Way &way : allWays()) {
            const Transform t(cmsCreateTransform(lab.get(), TYPE_Lab_DBL, p.get(), TYPE_RGB_DBL,
                                                 way.intent, way.flags));
            cmsDoTransform(t.get(), in.data(), out.data(), kSteps);
            for (size_t i = 3; i < out.size(); ++i)
                QVERIFY2(out[i] >= out[i - 3] - 1e-9,
                         qPrintable(QStringLiteral("intent %1, step %2: %3 after %4")
                                        .arg(way.intent)
                                        .arg(i / 3)
                                        .arg(255 * out[i])
                                        .arg(255 * out[i - 3])));
        }
    }

    /// From each of 24 saturated hues to black and to white, as the profile itself says it is
    /// shown.
    void fadesDoNotTurnBack_data() { eachProfile(); }
    void fadesDoNotTurnBack()
    {
        QFETCH(Bytes, icc);
        QFETCH(bool, exponents);
        const Profile p = open(icc);
        const Profile srgb(cmsCreate_sRGBProfile());
        const Profile wide = rec2020();
        const Profile lab(cmsCreateLab4Profile(nullptr));
        const Transform shown(cmsCreateTransform(p.get(), TYPE_RGB_DBL, lab.get(), TYPE_Lab_DBL,
                                                 INTENT_RELATIVE_COLORIMETRIC,
                                                 cmsFLAGS_NOOPTIMIZE));
        for (const cmsUInt32Number intent : {INTENT_PERCEPTUAL, INTENT_RELATIVE_COLORIMETRIC})
            for (const Profile *source : {&srgb, &wide}) {
                const Transform t(cmsCreateTransform(source->get(), TYPE_RGB_DBL, p.get(),
                                                     TYPE_RGB_DBL, intent, cmsFLAGS_NOOPTIMIZE));
                double worst = 0;
                for (int hue = 0; hue < 24; ++hue)
                    for (const double end : {0.0, 1.0}) {
                        double extreme = end > 0 ? 0 : 100;
                        for (int i = 0; i <= 200; ++i) {
                            std::array<double, 3> in{}, code{}, seen{};
                            for (int c = 0; c < 3; ++c) {
                                const double turn = std::fmod(hue / 4.0 - 2 * c + 9, 6) - 3;
                                const double pure = std::clamp(2 - std::abs(turn), 0.0, 1.0);
                                in[size_t(c)] = pure + (end - pure) * i / 200;
                            }
                            cmsDoTransform(t.get(), in.data(), code.data(), 1);
                            cmsDoTransform(shown.get(), code.data(), seen.data(), 1);
                            worst =
                                std::max(worst, end > 0 ? extreme - seen[0] : seen[0] - extreme);
                            extreme =
                                end > 0 ? std::max(extreme, seen[0]) : std::min(extreme, seen[0]);
                        }
                    }
                VERIFY_BELOW(worst, exponents ? 3 : source == &srgb ? 0.5 : 1.5); // L*
            }
    }

    /// A program that knows colorants and curves alone shows greys right.
    void colorantsAndCurvesAreAlwaysThere_data() { eachProfile(); }
    void colorantsAndCurvesAreAlwaysThere()
    {
        QFETCH(Bytes, icc);
        QFETCH(int, display);
        const Profile p = open(icc);
        Mat3 colorants;
        std::array<const cmsToneCurve *, 3> curves{};
        const std::array tags = {cmsSigRedColorantTag, cmsSigGreenColorantTag,
                                 cmsSigBlueColorantTag};
        const std::array curveTags = {cmsSigRedTRCTag, cmsSigGreenTRCTag, cmsSigBlueTRCTag};
        for (size_t c = 0; c < 3; ++c) {
            const auto *xyz = static_cast<cmsCIEXYZ *>(cmsReadTag(p.get(), tags[c]));
            QVERIFY(xyz);
            colorants.col(long(c)) = Vec3(xyz->X, xyz->Y, xyz->Z);
            curves[c] = static_cast<cmsToneCurve *>(cmsReadTag(p.get(), curveTags[c]));
            QVERIFY(curves[c]);
        }
        const Vec3 white = colorants.rowwise().sum();
        VERIFY_BELOW((white - vec(kD50)).cwiseAbs().maxCoeff(), 3.0 / 65536);
        const auto &show = m_displays.at(size_t(display)).show;
        const XYZ shownWhite = show({255, 255, 255});
        double sum = 0, worst = 0;
        for (int v = 0; v < 256; ++v) {
            Vec3 light;
            for (size_t c = 0; c < 3; ++c)
                light[long(c)] = cmsEvalToneCurveFloat(curves[c], float(v) / 255);
            const Lab said = labFromXyz(toRelXyz(colorants * light), kD50);
            const double d =
                deltaE2000(said, pcsLab(show({double(v), double(v), double(v)}), shownWhite));
            sum += d / 256;
            worst = std::max(worst, d);
        }
        QFETCH(bool, exponents);
        if (exponents)
            return; // a formula is what it is
        VERIFY_BELOW(sum, 0.15);
        VERIFY_BELOW(worst, 2.5); // at black: see Shaper
    }

    /// Curves of tables stand still for no more than a tenth of their length.
    void curvesHaveNoLongFlats_data() { eachProfile(); }
    void curvesHaveNoLongFlats()
    {
        QFETCH(Bytes, icc);
        const Profile p = open(icc);
        for (const cmsTagSignature tag :
             {cmsSigAToB0Tag, cmsSigAToB1Tag, cmsSigBToA0Tag, cmsSigBToA1Tag}) {
            if (!cmsIsTag(p.get(), tag))
                continue;
            const auto *pipeline = static_cast<cmsPipeline *>(cmsReadTag(p.get(), tag));
            for (auto *stage = cmsPipelineGetPtrToFirstStage(pipeline); stage;
                 stage = cmsStageNext(stage)) {
                if (cmsStageType(stage) != cmsSigCurveSetElemType)
                    continue;
                struct Curves {
                    cmsUInt32Number count;
                    cmsToneCurve **curve;
                };
                const auto *set = static_cast<const Curves *>(cmsStageData(stage));
                for (cmsUInt32Number c = 0; c < set->count; ++c) {
                    int run = 0, longest = 0;
                    constexpr int kLooks = 4096;
                    float last = -1;
                    for (int i = 0; i < kLooks; ++i) {
                        const float v =
                            cmsEvalToneCurveFloat(set->curve[c], float(i) / (kLooks - 1));
                        run = v == last ? run + 1 : 0;
                        longest = std::max(longest, run);
                        last = v;
                    }
                    VERIFY_BELOW(longest, kLooks / 10);
                }
            }
        }
    }

    /// Every tag of every kind, byte by byte as far as its type tells. Sources: ICC.1:2022, 7 to
    /// 10, and for version 2 ICC.1:2001-04.
    void structureIsSound_data() { eachProfile(); }
    void structureIsSound()
    {
        QFETCH(Bytes, icc);
        QFETCH(int, version);
        QCOMPARE(size_t(word32(icc, 0)), icc.size());
        QCOMPARE(icc.size() % 4, size_t(0));
        bool anyId = false;
        for (size_t i = 84; i < 100; ++i)
            anyId = anyId || icc[i] != 0;
        QCOMPARE(anyId, version == 4); // version 2 has no ID: the bytes are reserved
        for (size_t i = 100; i < 128; ++i)
            QCOMPARE(int(icc[i]), 0);
        const uint32_t count = word32(icc, 128);
        std::set<std::string> seen;
        std::vector<std::pair<uint32_t, uint32_t>> places;
        for (uint32_t i = 0; i < count; ++i) {
            const size_t entry = 132 + 12 * size_t(i);
            const std::string tag = four(icc, entry);
            const uint32_t at = word32(icc, entry + 4);
            const uint32_t size = word32(icc, entry + 8);
            QVERIFY2(seen.insert(tag).second, tag.c_str());
            QCOMPARE(at % 4, 0u);
            QVERIFY(at >= 132 + 12 * count && size_t(at) + size <= icc.size());
            QCOMPARE(word32(icc, at + 4), 0u); // reserved
            const std::string type = four(icc, at);
            const std::set<std::string> allowed =
                version == 4 ? std::set<std::string>{"mluc", "XYZ ", "sf32", "curv", "para",
                                                     "mAB ", "mBA ", "text", "vcgt", "dict"}
                             : std::set<std::string>{"desc", "XYZ ", "sf32", "curv",
                                                     "mft2", "text", "vcgt", "dict"};
            QVERIFY2(allowed.contains(type), (tag + " is a " + type).c_str());
            if (type == "desc") {
                const OldText text = oldText(icc, at, size);
                QVERIFY(std::all_of(text.ascii.begin(), text.ascii.end(),
                                    [](char c) { return c >= 0x20 && c < 0x7F; }));
                if (tag == "desc") {
                    QCOMPARE(text.ascii, std::string("Grose ?")); // one letter for one
                    QVERIFY(text.unicode == u"Größe \U0001F5A5");
                }
            }
            if (type == "mluc") {
                QCOMPARE(word32(icc, at + 8), 1u);
                QCOMPARE(word32(icc, at + 12), 12u);
                if (tag == "desc") {
                    std::u16string text;
                    for (uint32_t k = 0; k < word32(icc, at + 20); k += 2)
                        text += char16_t(icc[at + word32(icc, at + 24) + k] << 8 |
                                         icc[at + word32(icc, at + 24) + k + 1]);
                    QVERIFY(text == u"Größe \U0001F5A5");
                }
            }
            if (type == "text")
                for (size_t k = at + 8; k + 1 < at + size; ++k)
                    QVERIFY(icc[k] < 0x7F && (icc[k] >= 0x20 || icc[k] == '\n' || icc[k] == '\t'));
            if (type == "mft2")
                QCOMPARE(size_t(size),
                         size_t(52) + 2 * (3 * size_t(icc[at + 48] << 8 | icc[at + 49]) +
                                           3 * size_t(icc[at + 10]) * icc[at + 10] * icc[at + 10] +
                                           3 * size_t(icc[at + 50] << 8 | icc[at + 51])));
            places.emplace_back(at, size);
        }
        for (const auto &[at, size] : places)
            for (const auto &[otherAt, otherSize] : places)
                QVERIFY(at == otherAt || at + size <= otherAt || otherAt + otherSize <= at);
        for (const char *tag : {"desc", "cprt", "wtpt", "chad", "lumi", "vcgt", "targ", "meta",
                                "rXYZ", "gXYZ", "bXYZ", "rTRC", "gTRC", "bTRC"})
            QVERIFY2(seen.contains(tag), tag);
    }

    /// Tables of version 2 lose nothing against version 4.
    void versionsAgree()
    {
        for (size_t d = 0; d < m_displays.size(); ++d) {
            const ProfileFile four(build(d, ProfileKind::Table, 4), "4");
            const ProfileFile two(build(d, ProfileKind::Table, 2), "2");
            double worst4 = 0, worst2 = 0;
            for (int r = 0; r < 256; r += 23)
                for (int g = 0; g < 256; g += 29)
                    for (int b = 0; b < 256; b += 31) {
                        const DeviceRgb code{double(r), double(g), double(b)};
                        const Lab lab4 = four.toLab(code);
                        const Lab lab2 = two.toLab(code);
                        worst4 =
                            std::max(worst4, deltaE2000(lab4, four.toLab(four.toDevice(lab4))));
                        worst2 = std::max(worst2, deltaE2000(lab2, two.toLab(two.toDevice(lab2))));
                    }
            VERIFY_BELOW(worst2, 1.05 * worst4 + 0.01);
        }
    }

private:
    struct Display {
        const char *name;
        std::function<XYZ(const DeviceRgb &)> show;
        std::vector<Reading> readings;
        SignalPath path;
    };

    void add(const char *name, std::function<XYZ(const DeviceRgb &)> show)
    {
        std::vector<Reading> readings;
        for (const DeviceRgb &p : makeChart(200))
            readings.push_back({p, show(p), 0.2});
        m_displays.push_back({name, std::move(show), readings, m_path});
    }

    const Bytes &build(size_t display, ProfileKind kind, int version)
    {
        Bytes &icc = m_built[{display, kind, version}];
        if (!icc.empty())
            return icc;
        ProfileRequest request;
        request.kind = kind;
        request.version = version;
        request.name = "Größe \U0001F5A5";
        request.maker = "Saltmarsh";
        request.path = m_displays[display].path;
        request.measurements = "CGATS.17\n\nDISPLAY \"Größe\"\n";
        request.metadata = {{"AIM", "D65 · 120 cd/m²"}};
        icc = buildProfile(m_displays[display].readings, request, "toy").icc;
        return icc;
    }

    void eachProfile()
    {
        QTest::addColumn<Bytes>("icc");
        QTest::addColumn<bool>("table");
        QTest::addColumn<bool>("exponents");
        QTest::addColumn<int>("version");
        QTest::addColumn<int>("display");
        const std::array kinds = {std::pair(ProfileKind::Table, "table"),
                                  std::pair(ProfileKind::Matrix, "matrix"),
                                  std::pair(ProfileKind::Gamma, "exponents")};
        for (size_t d = 0; d < m_displays.size(); ++d)
            for (const auto &[kind, kindName] : kinds)
                for (const int version : {2, 4})
                    QTest::addRow("%s, %s, version %d", m_displays[d].name, kindName, version)
                        << build(d, kind, version) << (kind == ProfileKind::Table)
                        << (kind == ProfileKind::Gamma) << version << int(d);
    }

    std::vector<Display> m_displays;
    std::map<std::tuple<size_t, ProfileKind, int>, Bytes> m_built;
    SignalPath m_path;
};

namespace {
const lantern::test::Register<ProfilePromisesTest> registered("ProfilePromisesTest");
}

#include "profile_promises_test.moc"
