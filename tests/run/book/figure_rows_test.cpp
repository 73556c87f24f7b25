#include "run/book/figures.h"
#include "run/book/run_results.h"
#include "runner.h"

#include <nlohmann/json.hpp>

namespace lantern::test {

using namespace run;

/// Figures as the logbook keeps them, and what their uncertainties are made of.
class FigureRowsTest : public QObject {
    Q_OBJECT
private slots:
    void aFigureKeepsItsUncertainty()
    {
        Validation v;
        Estimate estimate{0.42, 0.45, {}};
        estimate.uncertainty.scatter = 0.03;
        estimate.uncertainty.certificate = 0.04;
        v.verdict.figures = {judgeFigure(Figure::ColourMean, estimate, 1.0),
                             judgeFigure(Figure::ColourWorst, 1.2, 3.0)};
        bool known = false, unknown = false;
        for (const FigureRow &row : figuresOf(v, {})) {
            if (row.name == figureKey(Figure::ColourMean)) {
                QCOMPARE(row.value, 0.42);
                QCOMPARE(row.limit, std::optional(1.0));
                VERIFY_NEAR(row.uncertainty.value(), 0.05, 1e-12); // 3, 4, 5
                known = true;
            }
            if (row.name == figureKey(Figure::ColourWorst))
                unknown = !row.uncertainty;
        }
        QVERIFY(known && unknown);
    }

    /// The certificate of the run's meter, for the panel's kind of light.
    void aCertificateCountsInTheVerdicts()
    {
        RunResults r;
        r.setup.technology = "oled";
        QVERIFY(!errorSources(r).certificate);
        Certificate c;
        c.lights[Certificate::kAnyLight] = {0.04, 0.004, 0.004};
        c.lights["oled"] = {0.02, 0.002, 0.003};
        r.setup.certificate = c;
        const auto found = errorSources(r).certificate;
        QVERIFY(found.has_value());
        QCOMPARE(found->luminance, c.standard("oled")->luminance);
        QVERIFY(found->luminance > 0);
        r.setup.technology = "ccfl"; // any light's
        QVERIFY(errorSources(r).certificate->luminance > found->luminance);
    }
};

static const Register<FigureRowsTest> registered("FigureRowsTest");

} // namespace lantern::test

#include "figure_rows_test.moc"
