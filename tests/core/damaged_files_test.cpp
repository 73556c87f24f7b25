#include "core/base/error.h"
#include "core/judge/tolerance.h"
#include "core/plan/chart.h"
#include "core/plan/chart_sources.h"
#include "core/profile/profile_writer.h"
#include "core/profile/reference_set.h"
#include "core/profile/rendition.h"
#include "runner.h"
#include "toy_display.h"

#include <nlohmann/json.hpp>

#include <functional>
#include <random>

using namespace lantern;

/// Files of the person's own, damaged in plenty: each is read or refused with an Error that says
/// why, and nothing else happens.
class DamagedFilesTest : public QObject {
    Q_OBJECT

    /// Cut off, with bytes changed, with a piece taken out or doubled. Returns how many of `count`
    /// were refused.
    static int attempt(const std::string &whole, int count,
                       const std::function<void(const std::string &)> &read)
    {
        std::mt19937 draw(23);
        int refused = 0;
        for (int i = 0; i < count; ++i) {
            std::string bent = whole;
            const size_t at = draw() % bent.size();
            const size_t length = draw() % 40;
            switch (i % 4) {
            case 0:
                bent.resize(at);
                break;
            case 1:
                for (int k = 0; k < 6; ++k)
                    bent[draw() % bent.size()] = static_cast<char>(draw());
                break;
            case 2:
                bent.erase(at, length);
                break;
            default:
                bent.insert(at, bent.substr(draw() % bent.size(), length));
            }
            try {
                read(bent);
            } catch (const Error &e) {
                ++refused;
                if (std::string(e.what()).empty())
                    qFatal("an error without words");
            }
        }
        return refused;
    }

private slots:
    void setsOfLimits()
    {
        const std::string whole = toleranceToJson(toleranceByName("studio")).dump(2);
        const int refused = attempt(whole, 400, [](const std::string &text) {
            const Tolerance t = toleranceFromJson(parseJson(text, "limits"), "limits");
            (void)toleranceFromJson(toleranceToJson(t), "again");
        });
        QVERIFY2(refused > 200, qPrintable(QString::number(refused)));
    }

    void chartsAndLists()
    {
        const std::string chart = chartToCgats(makeChart(60), "chart");
        QVERIFY(attempt(chart, 400, [](const std::string &text) {
                    (void)chartFromList(text, "chart", nullptr);
                }) > 100);
        std::string list = "CGATS.17\nBEGIN_DATA_FORMAT\nSAMPLE_NAME LAB_L LAB_A LAB_B\n"
                           "END_DATA_FORMAT\nBEGIN_DATA\n";
        for (int i = 0; i < 30; ++i)
            list += "\"colour " + std::to_string(i) + "\" 50 " + std::to_string(i) + " -7.5\n";
        list += "END_DATA\n";
        QVERIFY(attempt(list, 400, [](const std::string &text) {
                    (void)referenceFromList(text, "list");
                }) > 60);
        std::string table = "name,L,a,b\n";
        for (int i = 0; i < 30; ++i)
            table += "colour " + std::to_string(i) + ",50," + std::to_string(i) + ",-7.5\n";
        QVERIFY(attempt(table, 400, [](const std::string &text) {
                    (void)referenceFromList(text, "table");
                }) > 60);
    }

    void profilesOfPictures()
    {
        const auto icc =
            buildProfile(lantern::test::ToyDisplay().read(makeChart(48)), {}, "toy").icc;
        const std::string whole(icc.begin(), icc.end());
        const int refused = attempt(whole, 240, [](const std::string &text) {
            const std::vector<uint8_t> bytes(text.begin(), text.end());
            const std::vector<uint8_t> pixels = {10, 200, 90, 255, 0, 0, 0, 255};
            std::vector<uint8_t> out(pixels.size());
            std::vector<float> lab(6);
            Rendition::between(bytes, {}, Rendition::Black::Adjusted)
                .apply(pixels.data(), out.data(), 2);
            PixelColours(bytes).apply(pixels.data(), lab.data(), 2);
        });
        QVERIFY2(refused > 20, qPrintable(QString::number(refused))); // others lose what none needs
    }
};

static const lantern::test::Register<DamagedFilesTest> registered("DamagedFilesTest");
#include "damaged_files_test.moc"
