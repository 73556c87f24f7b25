#include "app/views/trends/trends_model.h"

#include "app/state/trend_words.h"
#include "core/judge/uncertainty.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>
#include <limits>

namespace lantern::app {

namespace {

struct Trends {
    Q_DECLARE_TR_FUNCTIONS(Trends)
};

constexpr double kDay = 86'400;
constexpr double kGap = std::numeric_limits<double>::quiet_NaN();

/// What is drawn, and how far it reaches.
class Sheet {
public:
    Sheet(const run::FigureTrend &trend, double since) : m_trend(trend), m_since(since) {}

    TrendsModel fill(const std::vector<run::TrendEvent> &events)
    {
        for (const run::TrendReading &r : m_trend.readings)
            if (r.day >= m_since)
                m_shown.push_back(&r);
        m.isEmpty = m_shown.empty();
        if (m.isEmpty)
            return m;
        setReach();
        addBand();
        addForecast();
        addReadings();
        addEvents(events);
        m.xLeast = kDay * m_first;
        m.xMost = kDay * m_last;
        return m;
    }

private:
    void setReach()
    {
        double least = std::numeric_limits<double>::max(), most = -least;
        for (const run::TrendReading *r : m_shown) {
            least = std::min(least, r->value);
            most = std::max(most, r->value);
        }
        // A limit far away is not worth squeezing the readings for.
        constexpr double kFar = 6;
        const double span = std::max(most - least, 0.02 * std::abs(most));
        for (const auto &limit : {m_trend.low, m_trend.high})
            if (limit && *limit > least - kFar * span && *limit < most + kFar * span) {
                least = std::min(least, *limit);
                most = std::max(most, *limit);
            }
        const double margin = 0.08 * std::max(most - least, 1e-9 + 0.02 * std::abs(most));
        m.yLeast = least - margin;
        m.yMost = most + margin;
        // As far ahead as there is past, to where it leaves its limits if that is nearer.
        constexpr double kLeastAhead = 30;
        const double past = m_trend.today - m_shown.front()->day;
        double ahead = std::max(kLeastAhead, 0.6 * past);
        if (m_trend.forecast && m_trend.forecast->state == Forecast::State::Leaves)
            ahead = std::clamp(
                1.1 * (m_trend.forecast->latest.value_or(m_trend.forecast->day) - m_trend.today),
                kLeastAhead, std::max(kLeastAhead, 0.8 * past));
        m_first = m_shown.front()->day - 0.02 * (past + ahead);
        m_last = m_trend.today + ahead;
    }

    void addBand()
    {
        constexpr double kBroad = 2.6; // as aims are drawn
        const CurveLook look{theme::kMuted, kBroad, Qt::DashLine};
        bool named = false;
        for (const auto &limit : {m_trend.low, m_trend.high})
            if (limit) {
                m.curves.push_back({{kDay * m_first, kDay * m_last},
                                    {*limit, *limit},
                                    look,
                                    named ? QString() : Trends::tr("limit")});
                named = true;
            }
    }

    void addForecast()
    {
        if (!m_trend.trend)
            return;
        Curve line{{}, {}, {theme::kText, 1.2, Qt::DashLine}, Trends::tr("drift")};
        Curve low{{}, {}, {theme::kMuted, 1, Qt::DotLine}, Trends::tr("its range, 8 of 10")};
        Curve high{{}, {}, low.look, {}};
        constexpr int kSteps = 80;
        const double from = std::max(m_first, m_trend.trend->middleDay -
                                                  (m_trend.today - m_trend.trend->middleDay));
        for (int i = 0; i <= kSteps; ++i) {
            const double day = from + (m_last - from) * i / kSteps;
            const auto range = m_trend.at(day);
            line.x.push_back(kDay * day);
            line.y.push_back(range->value);
            low.x.push_back(kDay * day);
            low.y.push_back(range->low);
            high.x.push_back(kDay * day);
            high.y.push_back(range->high);
        }
        m.curves.insert(m.curves.end(), {line, low, high});
    }

    void addReadings()
    {
        Curve bars{{}, {}, {theme::kMuted, 1}, {}};
        Curve odd{{}, {}, {theme::kMuted, 1, Qt::SolidLine, false, true}, Trends::tr("left out")};
        std::vector<std::pair<QString, Curve>> meters;
        for (const run::TrendReading *r : m_shown) {
            if (r->uncertainty) {
                const double half = kCoverageFactor * *r->uncertainty;
                bars.x.append({kDay * r->day, kDay * r->day, kGap});
                bars.y.append({r->value - half, r->value + half, kGap});
            }
            auto meter = std::ranges::find(meters, r->meter, &std::pair<QString, Curve>::first);
            if (meter == meters.end()) {
                meters.push_back({r->meter, Curve{{}, {}, lookOf(meters.size()), r->meter}});
                meter = meters.end() - 1;
            }
            Curve &curve = r->isOdd ? odd : meter->second;
            if (r->kind == run::RunKind::Calibration && !curve.x.isEmpty()) {
                curve.x.push_back(kGap); // a calibration begins anew
                curve.y.push_back(kGap);
            }
            curve.x.push_back(kDay * r->day);
            curve.y.push_back(r->value);
        }
        if (!bars.x.isEmpty())
            m.curves.push_back(bars);
        for (const auto &[name, curve] : meters)
            if (!curve.x.isEmpty())
                m.curves.push_back(curve);
        if (!odd.x.isEmpty())
            m.curves.push_back(odd);
    }

    /// One meter's readings are told from another's by line and dots.
    static CurveLook lookOf(size_t meter)
    {
        constexpr Qt::PenStyle kStyles[] = {Qt::SolidLine, Qt::DashDotLine, Qt::DashDotDotLine};
        return {meter == 0 ? theme::kBright : theme::kText, 1.2, kStyles[meter % 3], true, true};
    }

    void addEvents(const std::vector<run::TrendEvent> &events)
    {
        using Kind = run::TrendEvent::Kind;
        const auto strokes = [&](const QString &name, Qt::PenStyle style, auto wanted) {
            Curve c{{}, {}, {theme::kLine, 1.4, style}, name};
            for (const run::TrendEvent &e : events)
                if (wanted(e.kind) && e.day >= m_first && e.day <= m_last) {
                    c.x.append({kDay * e.day, kDay * e.day, kGap});
                    c.y.append({m.yLeast, m.yMost, kGap});
                }
            if (!c.x.isEmpty())
                m.curves.insert(m.curves.begin(), c);
        };
        strokes(Trends::tr("calibrated"), Qt::SolidLine,
                [](Kind k) { return k == Kind::Calibration || k == Kind::NewAim; });
        strokes(Trends::tr("meter, certificate, note"), Qt::DotLine, [](Kind k) {
            return k == Kind::NewMeter || k == Kind::CertificateDue || k == Kind::Note;
        });
    }

    const run::FigureTrend &m_trend;
    double m_since, m_first = 0, m_last = 1;
    std::vector<const run::TrendReading *> m_shown;
    TrendsModel m;
};

} // namespace

TrendsModel trendsModel(const SessionState &state, int days)
{
    if (!state.trendSheet)
        return {};
    const TrendSheet &s = *state.trendSheet;
    const double since = days > 0 ? s.trend.today - days : -std::numeric_limits<double>::max();
    TrendsModel m = Sheet(s.trend, since).fill(s.events);
    for (const TrendSheet::Display &d : s.displays) {
        if (d.id == s.trend.displayId)
            m.display = static_cast<int>(m.displays.size());
        m.displays << d.name;
        m.displayIds << d.id;
    }
    for (const run::TrendFigure &f : run::trendFigures()) {
        if (std::string_view(f.key) == s.trend.figure.key)
            m.figure = static_cast<int>(m.figures.size());
        m.figures << trendFigureWord(f);
        m.figureKeys << QLatin1String(f.key);
    }
    m.yLabel = *s.trend.figure.unit ? QString::fromUtf8(s.trend.figure.unit) : m.figures[m.figure];
    m.sentence = s.trend.readings.empty() ? Trends::tr("It was never read on this display.")
                                          : trendInWords(s.trend, s.trend.displayName);
    if (const auto next = run::nextCheck(s.trend);
        next && std::string_view(s.trend.figure.key) == "luminance")
        m.sentence += QLatin1Char(' ') + Trends::tr("It should be looked at again by %1.")
                                             .arg(QLocale().toString(next->toLocalTime().date(),
                                                                     QLocale::ShortFormat));
    for (auto e = s.events.rbegin(); e != s.events.rend(); ++e)
        if (e->day >= since)
            m.events << eventInWords(*e);
    return m;
}

} // namespace lantern::app
