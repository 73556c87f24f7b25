#include "app/views/accuracy/verdict_words.h"

#include "app/state/wording.h"
#include "run/book/in_words.h"

#include <QCoreApplication>

namespace lantern::app {

namespace {

struct VerdictWords {
    Q_DECLARE_TR_FUNCTIONS(VerdictWords)
};

QString callText(Call call)
{
    switch (call) {
    case Call::Within:
        return VerdictWords::tr("within");
    case Call::CannotTell:
        return VerdictWords::tr("cannot tell");
    case Call::Over:
        return VerdictWords::tr("over");
    case Call::NotJudged:
        break;
    }
    return VerdictWords::tr("not judged");
}

/// As the marks of the Ledger, in text.
QString callSign(Call call)
{
    return call == Call::Within       ? QStringLiteral("●")
           : call == Call::CannotTell ? QStringLiteral("◐")
                                      : QStringLiteral("⊘");
}

QString figureName(Figure figure)
{
    switch (figure) {
    case Figure::White:
        return VerdictWords::tr("white Δu'v'");
    case Figure::Luminance:
        return VerdictWords::tr("luminance");
    case Figure::Brightness:
        return VerdictWords::tr("bright enough");
    case Figure::Contrast:
        return VerdictWords::tr("contrast");
    case Figure::BareContrast:
        return VerdictWords::tr("contrast");
    case Figure::ToneMean:
        return VerdictWords::tr("tone");
    case Figure::GreySteps:
        return VerdictWords::tr("contrast per step");
    case Figure::GreyMean:
        return VerdictWords::tr("greys, mean");
    case Figure::GreyWorst:
        return VerdictWords::tr("greys, worst");
    case Figure::EvenLight:
        return VerdictWords::tr("evenness of light");
    case Figure::EvenTint:
        return VerdictWords::tr("evenness, Δu'v'");
    case Figure::EvenColour:
        return VerdictWords::tr("evenness, ΔE00");
    case Figure::ColourMean:
        return VerdictWords::tr("colours, mean");
    case Figure::Colour95:
        return VerdictWords::tr("95 % are below");
    case Figure::ColourWorst:
        break;
    }
    return VerdictWords::tr("worst colour");
}

QString figureValue(Figure f, double value)
{
    return run::inLocale(figureText(f, value));
}

} // namespace

QString halvesTable(const Verdict &verdict)
{
    const auto half = [&](Half which, const QString &name) {
        return QStringLiteral("<tr><td>%1</td><td align=right><b>%2</b></td></tr>")
            .arg(name, callText(verdict.half(which)));
    };
    return QStringLiteral("<table width=100% cellspacing=2>") +
           half(Half::Aim, VerdictWords::tr("The aim")) +
           half(Half::Profile, VerdictWords::tr("The profile")) + QStringLiteral("</table>");
}

QString figuresTable(const Verdict &verdict)
{
    QString rows = QStringLiteral("<table width=100% cellspacing=3>");
    for (const JudgedFigure &f : verdict.figures) {
        const double expanded = kCoverageFactor * f.uncertainty.total();
        rows += QStringLiteral("<tr><td>%1&nbsp; %2</td><td align=right><b>%3</b>%4</td></tr>")
                    .arg(callSign(f.call), figureName(f.figure), figureValue(f.figure, f.value),
                         f.uncertainty.isKnown()
                             ? QStringLiteral(" ± ") + figureValue(f.figure, expanded)
                             : QString());
    }
    return rows + QStringLiteral("</table>");
}

QString budgetTable(const Verdict &verdict)
{
    QString rows;
    for (const JudgedFigure &f : verdict.figures) {
        const auto part = [&](double u) {
            return u > 0 ? figureValue(f.figure, kCoverageFactor * u) : QStringLiteral("–");
        };
        rows +=
            QStringLiteral("<tr><td>%1&nbsp;</td><td>%2&nbsp;</td><td>%3%4&nbsp;</td>"
                           "<td>%5&nbsp;</td><td>%6&nbsp;</td><td>%7&nbsp;</td><td>%8</td></tr>")
                .arg(figureName(f.figure), figureValue(f.figure, f.asRead),
                     f.atLeast ? QStringLiteral("≥ ") : QStringLiteral("≤ "),
                     figureValue(f.figure, f.limit), part(f.uncertainty.scatter),
                     part(f.uncertainty.certificate), part(f.uncertainty.mismatch),
                     part(f.uncertainty.drift));
    }
    return VerdictWords::tr(
               "What each ± (k = 2) is made of. What the scatter of the readings adds to "
               "a difference is taken off the figures.") +
           QStringLiteral("<table><tr><td></td><td>%1&nbsp;</td><td>%2&nbsp;</td><td>%3&nbsp;</td>"
                          "<td>%4&nbsp;</td><td>%5&nbsp;</td><td>%6</td></tr>")
               .arg(VerdictWords::tr("as read"), VerdictWords::tr("limit"),
                    VerdictWords::tr("scatter"), VerdictWords::tr("certificate"),
                    VerdictWords::tr("correction"), VerdictWords::tr("drift")) +
           rows + QStringLiteral("</table>");
}

QString limitsText(const Verdict &verdict)
{
    return VerdictWords::tr("Limits: %1 (%2).")
        .arg(fromCore(verdict.tolerance.title), fromCore(verdict.tolerance.source));
}

} // namespace lantern::app
