#include "app/views/agreement/agreement_model.h"

#include "app/state/wording.h"
#include "core/judge/uncertainty.h"
#include "run/book/in_words.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QLocale>

#include <algorithm>
#include <cmath>
#include <map>

namespace lantern::app {

namespace {

struct Agree {
    Q_DECLARE_TR_FUNCTIONS(Agreement)
};

QString withRange(double value, double standard, int decimals)
{
    return standard > 0 ? QStringLiteral("%1 ± %2").arg(
                              figure(value, decimals), figure(kCoverageFactor * standard, decimals))
                        : figure(value, decimals);
}

QString dateOf(const QString &iso)
{
    return QLocale().toString(QDateTime::fromString(iso, Qt::ISODate).toLocalTime().date(),
                              QLocale::ShortFormat);
}

void addSentences(const AgreementSheet &s, AgreementModel &m)
{
    const Agreement &g = *s.agreement;
    const QString worst = g.worst ? QString::fromStdString(g.colours[*g.worst].asked.name) : dash();
    m.sentence =
        Agree::tr(
            "Between them a colour is foretold to differ by ΔE00 %1 in the mean, %2 at most "
            "(%3). Their whites are Δu'v' %4 apart; the second has %5 % of the first's light.")
            .arg(withRange(g.deltaE00.mean, g.meanError, 2), figure(g.deltaE00.max, 2), worst,
                 withRange(g.whiteDeltaUv, g.whiteDeltaUvError, 4),
                 withRange(100 * g.luminanceRatio, 100 * g.luminanceRatioError, 1));
    m.remarks = Agree::tr("%1 as read on %2 by %3; %4 as read on %5 by %6.")
                    .arg(s.first->displayName, dateOf(s.first->readAt), s.first->meter,
                         s.second->displayName, dateOf(s.second->readAt), s.second->meter);
    if (!g.isMeterKnown)
        m.remarks += QLatin1Char(' ') + Agree::tr("What the meters may be off by is not known and "
                                                  "not in these ranges.");
}

void addColours(const AgreementSheet &s, AgreementModel &m)
{
    std::vector<const AgreedColour *> sorted;
    for (const AgreedColour &c : s.agreement->colours)
        sorted.push_back(&c);
    std::ranges::stable_sort(sorted, std::greater<>(), &AgreedColour::deltaE00);
    for (const AgreedColour *c : sorted) {
        const QString name = QString::fromStdString(c->asked.name);
        const QString range = withRange(c->deltaE00, c->uncertainty, 2);
        m.colours.push_back(
            {{name, range, figure(c->first.L, 1), figure(c->second.L, 1),
              c->isReachable ? QString() : Agree::tr("beyond a gamut")},
             {c->deltaE00, c->deltaE00, c->first.L, c->second.L, c->isReachable ? 0.0 : 1.0}});
        m.fields.push_back({c->first, c->second, QStringLiteral("%1: ΔE00 %2").arg(name, range)});
    }
}

/// What a row of the logbook is called; what has no name of its own is called as it is kept.
QString figureWord(const std::string &row)
{
    QString rest = QString::fromStdString(row);
    QString when;
    const std::pair<const char *, QString> times[] = {
        {"proved_", Agree::tr("in the proof")},
        {"found_", Agree::tr("as found")},
        {"check_", Agree::tr("in the check")},
        {"against_", Agree::tr("against the aim")},
        {"calibration_", Agree::tr("after the calibration")},
        {"control_", Agree::tr("control")}};
    for (const auto &[prefix, word] : times)
        if (rest.startsWith(QLatin1String(prefix))) {
            rest = rest.mid(static_cast<qsizetype>(qstrlen(prefix)));
            when = word;
            break;
        }
    const std::map<QString, QString> words = {
        {QStringLiteral("white_luminance"), Agree::tr("White, luminance")},
        {QStringLiteral("white_x"), Agree::tr("White, x")},
        {QStringLiteral("white_y"), Agree::tr("White, y")},
        {QStringLiteral("black_luminance"), Agree::tr("Black, luminance")},
        {QStringLiteral("cct"), Agree::tr("Correlated colour temperature")},
        {QStringLiteral("delta_uv"), Agree::tr("White from the aim, Δu'v'")},
        {QStringLiteral("contrast_ratio"), Agree::tr("Contrast")},
        {QStringLiteral("gamma"), Agree::tr("Exponent")},
        {QStringLiteral("grey_balance"), Agree::tr("Tint of the greys, mean")},
        {QStringLiteral("gamut_srgb"), Agree::tr("Coverage of sRGB")},
        {QStringLiteral("gamut_p3"), Agree::tr("Coverage of P3")},
        {QStringLiteral("levels"), Agree::tr("Levels")},
        {QStringLiteral("luminance_ratio"), Agree::tr("Luminance over before")},
        {QStringLiteral("black_ratio"), Agree::tr("Black over before")},
        {QStringLiteral("room_illuminance"), Agree::tr("Room, illuminance")},
        {QStringLiteral("settling_wait"), Agree::tr("Settling")},
        {QStringLiteral("warm_up_drift"), Agree::tr("Drift while warming up")},
        {QStringLiteral("profile_residual"), Agree::tr("Profile, residual")},
        {QStringLiteral("profile_expected_error"), Agree::tr("Profile, expected error")}};
    QString word = rest;
    word.replace(QLatin1Char('_'), QLatin1Char(' '));
    if (const auto known = words.find(rest); known != words.end())
        word = known->second;
    else
        for (const Figure figure : allFigures())
            if (figureKey(figure) == rest.toStdString())
                word = fromCore(figureTitle(figure));
    return when.isEmpty() ? word : QStringLiteral("%1 (%2)").arg(word, when);
}

void addFigures(const AgreementSheet &s, AgreementModel &m)
{
    const auto number = [](const std::optional<double> &v) {
        return v ? QLocale().toString(*v, 'g', 4) : dash();
    };
    for (size_t i = 0; i < s.figures.size(); ++i) {
        const run::ComparedFigure &f = s.figures[i];
        const std::optional<double> difference =
            f.first && f.second ? std::optional(*f.second - *f.first) : std::nullopt;
        const auto stands = f.standsOut();
        const QString name = figureWord(f.name);
        const QString unit = QString::fromStdString(f.unit);
        m.figures.push_back(
            {{unit.isEmpty() || name.contains(unit) ? name
                                                    : QStringLiteral("%1, %2").arg(name, unit),
              number(f.first), number(f.second), number(difference),
              !stands   ? QString()
              : *stands ? Agree::tr("differs")
                        : Agree::tr("within uncertainty")},
             {static_cast<double>(i), f.first.value_or(0), f.second.value_or(0),
              std::abs(difference.value_or(0)), stands ? double(*stands) : -1}});
    }
}

CurveLook lookOf(Ink ink, bool isSecond)
{
    const QColor colour = ink == Ink::Red      ? theme::kRedCurve
                          : ink == Ink::Green  ? theme::kGreenCurve
                          : ink == Ink::Blue   ? theme::kBlueCurve
                          : ink == Ink::Second ? theme::kMuted
                          : isSecond           ? theme::kText
                                               : theme::kBright;
    return {colour, isSecond ? 1.2 : 1.8, isSecond ? Qt::DashLine : Qt::SolidLine};
}

/// Both runs' curves of one kind, solid for the first and dashed for the second.
void addSheet(const AgreementSheet &s, const char *key, const QString &title, AgreementModel &m)
{
    const auto find = [&](const std::vector<Diagram> &all) {
        return std::ranges::find(all, std::string(key), &Diagram::key);
    };
    const auto a = find(s.firstCurves);
    const auto b = find(s.secondCurves);
    if (a == s.firstCurves.end() || b == s.secondCurves.end())
        return;
    AgreementModel::Sheet sheet{title,
                                QString::fromStdString(a->xLabel),
                                QString::fromStdString(a->yLabel),
                                std::min(a->xLeast, b->xLeast),
                                std::max(a->xMost, b->xMost),
                                std::min(a->yLeast, b->yLeast),
                                std::max(a->yMost, b->yMost),
                                a->isSquare,
                                {}};
    const auto add = [&](const Diagram &d, bool isSecond, const QString &name) {
        bool named = false;
        for (const DiagramCurve &c : d.curves) {
            const bool isGround = c.ink == Ink::Faint && c.name.empty(); // such as the locus
            const bool isOther = c.ink == Ink::Aim || (c.ink == Ink::Faint && !isGround) ||
                                 (d.isSquare && c.ink == Ink::Second); // aims, before, other spaces
            if (isOther || (isGround && isSecond))
                continue;
            CurveLook look = isGround ? CurveLook{theme::kLine, 1} : lookOf(c.ink, isSecond);
            look.dots = c.dots;
            sheet.curves.push_back(drawn(c, look, isGround || named ? QString() : name));
            named = named || !isGround;
        }
    };
    add(*a, false, s.first->displayName);
    add(*b, true, s.second->displayName);
    if (s.first->displayName == s.second->displayName) { // told apart by their days
        int n = 0;
        for (Curve &c : sheet.curves)
            if (!c.name.isEmpty())
                c.name = dateOf(n++ == 0 ? s.first->readAt : s.second->readAt);
    }
    m.sheets.push_back(sheet);
}

void addGreys(const AgreementSheet &s, AgreementModel &m)
{
    Curve value{{}, {}, {theme::kBright, 1.6, Qt::SolidLine, true, true}, {}};
    Curve low{{}, {}, {theme::kMuted, 1, Qt::DotLine}, Agree::tr("twice its uncertainty")};
    Curve high{{}, {}, low.look, {}};
    double most = 1;
    for (const AgreedColour &c : s.greys) {
        const double half = kCoverageFactor * c.uncertainty;
        for (Curve *curve : {&value, &low, &high})
            curve->x.push_back(c.asked.lab.L);
        value.y.push_back(c.deltaE00);
        low.y.push_back(std::max(0.0, c.deltaE00 - half));
        high.y.push_back(c.deltaE00 + half);
        most = std::max(most, c.deltaE00 + half);
    }
    m.sheets.push_back({Agree::tr("Greys, ΔE00 between them"),
                        QStringLiteral("L*"),
                        QStringLiteral("ΔE00"),
                        0,
                        100,
                        0,
                        1.08 * most,
                        false,
                        {value, low, high}});
}

void addCommon(const AgreementSheet &s, AgreementModel &m)
{
    if (!s.common) {
        if (!s.whyNoCommon.isEmpty())
            m.common = Agree::tr("No aim for all of them. %1").arg(s.whyNoCommon);
        return;
    }
    const CommonAim &c = *s.common;
    const auto name = [&](size_t i) { return QString::fromStdString(c.plans[i].name); };
    const auto percent = [](double share) {
        return QStringLiteral("%1 %").arg(figure(100 * share, 0));
    };
    m.commonAim = c.aim;
    m.common = Agree::tr("All of them can share %1; light is limited by %2, contrast by %3. Their "
                         "common gamut holds %4 of sRGB and %5 of P3.")
                   .arg(run::inLocale(aimSummary(c.aim)), name(c.darkest), name(c.flattest),
                        percent(c.srgbCoverage), percent(c.p3Coverage));
    if (c.isEstimated)
        m.common += QLatin1Char(' ') +
                    Agree::tr("Light at the top of the brightness is foretold, not read.");
    for (size_t i = 0; i < c.plans.size(); ++i) {
        const SharePlan &p = c.plans[i];
        m.plans.push_back(
            {{name(i), figure(p.peak, 0), figure(p.contrast, 0), percent(p.lightGivenUp),
              percent(p.contrastGivenUp), percent(p.gamutGivenUp)},
             {double(i), p.peak, p.contrast, p.lightGivenUp, p.contrastGivenUp, p.gamutGivenUp}});
    }
}

QString reason(const char *title, const Message &message)
{
    return QString(Agree::tr(title)) + QLatin1Char(' ') + run::inWords(message) + QLatin1Char('.');
}

} // namespace

std::vector<AgreementColours> agreementColours()
{
    return {{"lantern40", Agree::tr("40 colours")},
            {"chart24", Agree::tr("24-patch chart")},
            {"skin", Agree::tr("Skin")},
            {"greys", Agree::tr("Greys")},
            {"primaries", Agree::tr("Primaries")}};
}

AgreementModel agreementModel(const SessionState &state)
{
    AgreementModel m;
    if (!state.agreementSheet)
        return m;
    const AgreementSheet &s = *state.agreementSheet;
    for (const AgreementSheet::Choice &c : s.choices) {
        if (c.key == s.question.first)
            m.first = static_cast<int>(m.keys.size());
        if (c.key == s.question.second)
            m.second = static_cast<int>(m.keys.size());
        m.titles << c.title;
        m.keys << c.key;
    }
    if (s.agreement) {
        addSentences(s, m);
        addColours(s, m);
        addFigures(s, m);
        addGreys(s, m);
        addSheet(s, "tone", Agree::tr("Tone curve"), m);
        addSheet(s, "gamma", Agree::tr("Exponent over level"), m);
        addSheet(s, "grey-tint", Agree::tr("Tint of the greys"), m);
        addSheet(s, "gamut-uv", Agree::tr("Gamut, u'v'"), m);
        m.firstRun = s.first->run;
        m.secondRun = s.second->run;
    }
    for (const AgreementSheet::Pair &p : s.pairs) {
        const auto name = [&](size_t i) { return s.displays[static_cast<qsizetype>(i)]; };
        m.pairs.push_back({{QStringLiteral("%1 · %2").arg(name(p.first), name(p.second)),
                            withRange(p.mean, p.error, 2), figure(p.worst, 2)},
                           {p.mean, p.mean, p.worst}});
    }
    addCommon(s, m);
    if (!s.displays.isEmpty()) {
        m.best = reason(QT_TRANSLATE_NOOP("Agreement", "For critical work:"), s.ranking.bestReason);
        m.replace =
            reason(QT_TRANSLATE_NOOP("Agreement", "To be replaced:"), s.ranking.replaceReason);
    }
    return m;
}

} // namespace lantern::app
