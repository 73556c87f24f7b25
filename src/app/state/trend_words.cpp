#include "app/state/trend_words.h"

#include "app/state/wording.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QLocale>

#include <cmath>

namespace lantern::app {

namespace {

struct Words {
    Q_DECLARE_TR_FUNCTIONS(Trends)
};

bool isLight(const run::TrendFigure &f)
{
    return std::string_view(f.key) == "luminance";
}

QString changeInWords(const run::FigureTrend &t, const QString &name)
{
    const double month = t.perMonth().value();
    if (isLight(t.figure))
        return (month < 0 ? Words::tr("%1 loses %2 % of its light in 30 days")
                          : Words::tr("%1 gains %2 % of light in 30 days"))
            .arg(name, figure(100 * std::abs(month), 2));
    const QString amount =
        QLocale().toString(std::abs(month), 'g', 2) +
        (*t.figure.unit ? QLatin1Char(' ') + QString::fromUtf8(t.figure.unit) : QString());
    return (month < 0 ? Words::tr("%1: falls by %2 in 30 days")
                      : Words::tr("%1: rises by %2 in 30 days"))
        .arg(name, amount);
}

} // namespace

QString trendFigureWord(const run::TrendFigure &f)
{
    if (f.judged)
        return fromCore(figureTitle(*f.judged));
    const std::string_view key = f.key;
    return isLight(f)       ? Words::tr("White, luminance")
           : key == "black" ? Words::tr("Black, luminance")
                            : Words::tr("Coverage of P3");
}

QString trendInWords(const run::FigureTrend &t, const QString &name)
{
    if (!t.trend)
        return Words::tr("%1: read too seldom to tell how it drifts. It takes three proofs, two of "
                         "them after one calibration.")
            .arg(name);
    QStringList parts = {changeInWords(t, name)};
    const auto days = [&](double day) { return figure(std::max(0.0, day - t.today), 0); };
    if (!t.forecast)
        parts << Words::tr("no limit is set for it");
    else if (t.forecast->state == Forecast::State::Left)
        parts << Words::tr("it is outside its limits now");
    else if (t.forecast->state == Forecast::State::Steady)
        parts << Words::tr("it stays within its limits as far as can be told");
    else if (t.forecast->latest)
        parts << Words::tr("outside its limits in about %1 days (%2 to %3, eight times of ten)")
                     .arg(days(t.forecast->day), days(t.forecast->earliest),
                          days(*t.forecast->latest));
    else
        parts << Words::tr("outside its limits in about %1 days, in %2 at the earliest")
                     .arg(days(t.forecast->day), days(t.forecast->earliest));
    if (!t.trend->odd.empty())
        parts << Words::tr("odd readings left out: %1").arg(t.trend->odd.size());
    if (t.trend->jump)
        parts << Words::tr("it jumped once: a control, a mode or the meter's place");
    return parts.join(QStringLiteral("; ")) + QLatin1Char('.');
}

QString eventInWords(const run::TrendEvent &e)
{
    using Kind = run::TrendEvent::Kind;
    const QString date = QLocale().toString(
        QDateTime::fromSecsSinceEpoch(static_cast<qint64>(86'400 * e.day)).date(),
        QLocale::ShortFormat);
    switch (e.kind) {
    case Kind::Calibration:
        return Words::tr("%1: calibrated").arg(date);
    case Kind::NewAim:
        return Words::tr("%1: calibrated to another aim, %2").arg(date, e.text);
    case Kind::NewMeter:
        return Words::tr("%1: another meter, %2").arg(date, e.text);
    case Kind::CertificateDue:
        return Words::tr("%1: the certificate of %2 runs out").arg(date, e.text);
    case Kind::Note:
        break;
    }
    return Words::tr("%1: %2").arg(date, e.text);
}

} // namespace lantern::app
