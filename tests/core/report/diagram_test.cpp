#include "core/base/error.h"
#include "core/base/text.h"
#include "core/report/diagrams.h"
#include "core/report/report_document.h"
#include "runner.h"
#include "toy_display.h"

#include <QXmlStreamReader>

#include <cmath>
#include <limits>

using namespace lantern;
using lantern::test::ToyDisplay;

/// Diagrams as values, as drawings and as points; reports' ways to hold them.
class DiagramTest : public QObject {
    Q_OBJECT

    /// Attributes of every element of a name, by reading the drawing as XML.
    static std::vector<QXmlStreamAttributes> elements(const std::string &svg, const char *name)
    {
        QXmlStreamReader xml(QByteArray::fromStdString(svg));
        std::vector<QXmlStreamAttributes> out;
        while (!xml.atEnd())
            if (xml.readNext() == QXmlStreamReader::StartElement &&
                xml.name() == QLatin1String(name))
                out.push_back(xml.attributes());
        if (xml.hasError())
            qWarning() << xml.errorString();
        return xml.hasError() ? std::vector<QXmlStreamAttributes>{} : out;
    }
    static Diagram diagram()
    {
        Diagram d{"key", "A <title> & \"more\"", "x", "y", 0, 10, 0, 10};
        return d;
    }

private slots:
    void axesAreMarkedAtRoundNumbers()
    {
        QCOMPARE(axisMarks(0, 100, 6), (std::vector<double>{0, 20, 40, 60, 80, 100}));
        QCOMPARE(axisMarks(-1.2, 1.2, 6), (std::vector<double>{-1, -0.5, 0, 0.5, 1}));
        for (const auto &[least, most] :
             {std::pair(0.0, 0.65), {1.4, 3.0}, {-172.0, 172.0}, {1e-4, 7e-4}}) {
            const auto marks = axisMarks(least, most, 6);
            QVERIFY(marks.size() >= 3 && marks.size() <= 7);
            for (const double m : marks)
                QVERIFY(m >= least - 1e-9 && m <= most + 1e-9);
        }
        QVERIFY(axisMarks(3, 3, 6).empty());
        QVERIFY(axisMarks(0, std::numeric_limits<double>::infinity(), 6).empty());
    }

    void curvesStayInTheirFrame()
    {
        Diagram d = diagram();
        // Crosses the frame from far outside: enters at (0, 5), leaves at (10, 5).
        d.curves = {{"", {-1000, 1000}, {5, 5}}};
        const auto paths = elements(diagramToSvg(d, 300, 200), "path");
        QCOMPARE(paths.size(), size_t(2)); // after the grid
        const QString path = paths[1].value(QLatin1String("d")).toString();
        QStringList numbers =
            path.split(QRegularExpression(QStringLiteral("[ML ]+")), Qt::SkipEmptyParts);
        QCOMPARE(numbers.size(), 4);
        const auto frame = elements(diagramToSvg(d, 300, 200), "rect").back(); // after the ground
        const double left = frame.value(QLatin1String("x")).toDouble();
        const double right = left + frame.value(QLatin1String("width")).toDouble();
        VERIFY_NEAR(numbers[0].toDouble(), left, 0.02);
        VERIFY_NEAR(numbers[2].toDouble(), right, 0.02);
        // Outside altogether, and no numbers: nothing is drawn.
        d.curves = {{"", {0, 10}, {20, 30}, Ink::Main, Stroke::Solid, true},
                    {"", {NAN, NAN}, {1, 2}, Ink::Main, Stroke::Solid, true}};
        QCOMPARE(elements(diagramToSvg(d, 300, 200), "path").size(), size_t(1));
        QVERIFY(elements(diagramToSvg(d, 300, 200), "circle").empty());
        // A gap parts a curve in two.
        d.curves = {{"", {1, 2, NAN, 3, 4}, {1, 2, NAN, 3, 4}, Ink::Main, Stroke::Solid, true}};
        const auto gapped = elements(diagramToSvg(d, 300, 200), "path");
        QCOMPARE(gapped[1].value(QLatin1String("d")).toString().count(QLatin1Char('M')), 2);
        QCOMPARE(elements(diagramToSvg(d, 300, 200), "circle").size(), size_t(4));
    }

    void aSquareHasEqualUnits()
    {
        Diagram d = diagram();
        d.isSquare = true;
        d.yMost = 20;
        const auto frame = elements(diagramToSvg(d, 400, 300), "rect").back();
        VERIFY_NEAR(frame.value(QLatin1String("height")).toDouble(),
                    2 * frame.value(QLatin1String("width")).toDouble(), 0.02);
    }

    void namesAreTextWhateverTheyHold()
    {
        Diagram d = diagram();
        d.curves = {{"<script>alert(1)</script>", {1, 2}, {1, 2}}};
        const std::string svg = diagramToSvg(d, 300, 200);
        QVERIFY(!elements(svg, "svg").empty());
        QVERIFY(elements(svg, "script").empty());
        const std::string csv = diagramToCsv(
            {"k", "t", "a\"b", "y", 0, 1, 0, 1, {{"one, \"two\"", {1.5, NAN}, {-2, 3}}}});
        QCOMPARE(csv, std::string("curve,\"a\"\"b\",\"y\"\n\"one, \"\"two\"\"\",1.5,-2\n"));
    }

    void theExponentOfAPowerIsThatPower()
    {
        std::vector<Reading> greys;
        for (int v = 0; v <= 255; v += 17) {
            const double y = 0.2 + 100 * std::pow(v / 255.0, 2.2);
            greys.push_back({{double(v), double(v), double(v)}, {y, y, y}});
        }
        const DiagramCurve c = exponentCurve(greys);
        QVERIFY(c.x.size() > 10);
        for (const double exponent : c.y)
            VERIFY_NEAR(exponent, 2.2, 1e-9);
        QVERIFY(exponentCurve({}).x.empty());
    }

    void lutAndShareAreWhatTheySay()
    {
        VideoLut lut = VideoLut::identity();
        lut.channels[2][255] = 60000;
        const auto out = lutCurves(lut, false);
        const auto change = lutCurves(lut, true);
        VERIFY_NEAR(out[2].y.back(), 100 * 60000 / 65535.0, 1e-9);
        VERIFY_NEAR(change[2].y.back(), 100 * (60000 / 65535.0 - 1), 1e-9);
        VERIFY_NEAR(change[0].y[100], 0, 1e-9);
        const auto share = shareCurves({3, 1, 2, 4});
        QCOMPARE(share[1].x, (std::vector<double>{0, 1, 1, 2, 2, 3, 3, 4, 4}));
        QCOMPARE(share[1].y, (std::vector<double>{0, 0, 25, 25, 50, 50, 75, 75, 100}));
        QCOMPARE(share[0].x[0], 2.5); // the median
    }

    void aRunShowsWhatItHas()
    {
        ReportData r;
        QVERIFY(diagramsOf(r).empty());
        ToyDisplay display;
        r.before = displayState(display.read(statePatches()), r.aim);
        const auto keys = [&] {
            std::string all;
            for (const Diagram &d : diagramsOf(r)) {
                all += d.key + " ";
                if (elements(diagramToSvg(d, 300, 200), "svg").empty())
                    all += "(broken) ";
            }
            return all;
        };
        QCOMPARE(keys(), std::string("tone gamma grey-tint grey-uv gamut-uv gamut-xy "));
        r.calibration = CalibrationResult{};
        QCOMPARE(keys(), std::string("tone gamma correction lut grey-tint grey-uv gamut-uv "
                                     "gamut-xy "));
        QVERIFY_THROWS_EXCEPTION(lantern::Error, (void)diagramOf(r, "roses"));
        QCOMPARE(diagramOf(r, "lut").title, std::string("Video LUT"));
    }

    void documentsHoldThemInEveryForm()
    {
        ReportData r;
        r.display = "North & <Sons>";
        r.date = "2026-11-28T10:00:00Z";
        r.studio = {"Studio <b>", "one\ntwo", std::string("\x89PNG\x00\x01\x02", 7), "image/png"};
        ToyDisplay display;
        r.before = displayState(display.read(statePatches()), r.aim);
        r.readings.before = display.read({{255, 255, 255}, {1, 2, 3}});
        const std::string html = reportToHtml(r);
        QVERIFY(html.find("data:image/png;base64,iVBORwABAg==") != std::string::npos);
        QVERIFY(html.find("Studio &lt;b&gt;") != std::string::npos);
        QVERIFY(html.find("one<br>two") != std::string::npos);
        QVERIFY(html.find("<svg") != std::string::npos);
        QVERIFY(html.find("<Sons>") == std::string::npos);
        const Json json = document::toJson(reportDocument(r));
        QCOMPARE(json["studio"]["name"].get<std::string>(), std::string("Studio <b>"));
        const std::string shorter = reportToHtml(r, ReportForm::Short);
        QVERIFY(shorter.size() < html.size() / 2);
        QVERIFY(html.find("1      2      3") != std::string::npos); // the readings as taken
    }
};

static const lantern::test::Register<DiagramTest> registered("DiagramTest");
#include "diagram_test.moc"
