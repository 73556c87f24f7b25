#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/plan/chart_reader.h"
#include "core/report/report.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>
#include <optional>

namespace lantern {

namespace {

/// The calibration's mean and largest are over greys from 5 % up.
constexpr double kDarkestJudgedGrey = 0.05;

[[noreturn]] void refuse(const std::string &source, const std::string &key)
{
    throw Error(ErrorKind::BadInput, source + ", key \"" + key + "\"",
                "is missing or not what a report holds there",
                "Give a report.json that Bold Lantern wrote.");
}

const Json &member(const Json &j, const std::string &key, const std::string &source)
{
    if (!j.is_object() || !j.contains(key))
        refuse(source, key);
    return j[key];
}

std::vector<double> numbers(const Json &j, size_t count, const std::string &source,
                            const std::string &key)
{
    if (!j.is_array() || j.size() != count)
        refuse(source, key);
    std::vector<double> out;
    for (const Json &v : j) {
        if (!v.is_number())
            refuse(source, key);
        out.push_back(v.get<double>());
    }
    return out;
}

XYZ xyz(const Json &parent, const std::string &key, const std::string &source)
{
    const auto v = numbers(member(parent, key, source), 3, source, key);
    return {v[0], v[1], v[2]};
}

std::vector<Reading> readings(const Json &rows, const std::string &source)
{
    if (!rows.is_array())
        refuse(source, "readings");
    std::vector<Reading> out;
    for (const Json &row : rows) {
        const auto v = numbers(row, 7, source, "readings");
        out.push_back({{v[0], v[1], v[2]}, {v[3], v[4], v[5]}, v[6]});
    }
    return out;
}

class Recheck {
public:
    Recheck(const Json &report, std::string source)
        : m_report(report), m_source(std::move(source)), m_aim(aim())
    {}

    std::vector<RecheckedFigure> run()
    {
        const Json &kept = member(m_report, "readings", m_source);
        state("before", displayState(readings(member(kept, "before", m_source), m_source), m_aim));
        const auto chart = readings(member(kept, "chart", m_source), m_source);
        state("after", displayState(steadyReadings(chart).readings, m_aim));
        if (m_report.contains("calibration"))
            calibration(m_report["calibration"]);
        if (m_report.contains("validation"))
            validation(m_report["validation"]);
        return std::move(m_figures);
    }

private:
    Aim aim() const
    {
        const Json &format = member(m_report, "format", m_source);
        if (format != "bold-lantern-report")
            refuse(m_source, "format");
        return aimFromJson(member(m_report, "aim", m_source), m_source + ", key \"aim\"");
    }

    void compare(const std::string &name, const Json &reported, std::optional<double> computed)
    {
        if (reported.is_null() && !computed)
            return;
        m_figures.push_back(
            {name, reported.is_number() ? reported.get<double>() : NAN, computed.value_or(NAN)});
    }

    void state(const std::string &name, const DisplayState &s)
    {
        if (!m_report.contains(name))
            return;
        const Json &j = m_report[name];
        auto figure = [&](const char *key, std::optional<double> computed) {
            compare(name + "." + key, member(j, key, m_source), computed);
        };
        for (const auto &[key, light] : {std::pair("white_xyz", s.white), {"black_xyz", s.black}})
            if (light) {
                const XYZ said = xyz(j, key, m_source);
                for (int k = 0; k < 3; ++k)
                    compare(name + "." + key, vec(said)[k], vec(*light)[k]);
            }
        figure("cct", s.cct ? std::optional(s.cct->kelvin) : std::nullopt);
        figure("duv", s.cct ? std::optional(s.cct->duv) : std::nullopt);
        figure("delta_uv", s.deltaUv);
        figure("contrast", s.contrast);
        figure("gamma", s.gamma);
        figure("tone_error", s.toneError);
        figure("grey_balance", s.greyBalance);
        for (const auto &[key, computed] : {std::pair("aimed_gamma", s.aimedGamma),
                                            {"tone_worst", s.toneWorst},
                                            {"grey_worst", s.greyWorst}})
            if (j.contains(key)) // reports of older versions lack them
                figure(key, computed);
        figure("srgb_coverage", s.srgbCoverage);
        figure("p3_coverage", s.p3Coverage);
    }

    void calibration(const Json &j)
    {
        const XYZ aimedWhite = xyz(j, "aimed_white_xyz", m_source);
        const RelXYZ white = relativeTo(aimedWhite, aimedWhite);
        int number = 0;
        int judged = 0;
        double sum = 0;
        double largest = 0;
        for (const Json &g : member(j, "greys", m_source)) {
            const double d = deltaE2000(
                labFromXyz(relativeTo(xyz(g, "aimed_xyz", m_source), aimedWhite), white),
                labFromXyz(relativeTo(xyz(g, "measured_xyz", m_source), aimedWhite), white));
            compare("calibration.greys[" + std::to_string(number++) + "]",
                    member(g, "delta_e_2000", m_source), d);
            const Json &code = member(g, "code", m_source);
            if (!code.is_number() || code.get<double>() < 255 * kDarkestJudgedGrey)
                continue;
            sum += d;
            largest = std::max(largest, d);
            ++judged;
        }
        if (judged == 0)
            refuse(m_source, "greys");
        compare("calibration.mean", member(j, "mean_delta_e_2000", m_source), sum / judged);
        compare("calibration.max", member(j, "max_delta_e_2000", m_source), largest);
    }

    void validation(const Json &j)
    {
        const XYZ white = xyz(j, "white_xyz", m_source);
        std::vector<double> all00;
        std::vector<double> all76;
        for (const Json &p : member(j, "patches", m_source)) {
            const XYZ aimed = xyz(p, "aimed_lab", m_source);
            const Lab reference{aimed.X, aimed.Y, aimed.Z};
            const Lab lab = pcsLab(xyz(p, "measured_xyz", m_source), white);
            all00.push_back(deltaE2000(reference, lab));
            all76.push_back(deltaE76(reference, lab));
            const std::string name = "validation." + std::to_string(all00.size());
            compare(name + ".delta_e_2000", member(p, "delta_e_2000", m_source), all00.back());
            compare(name + ".delta_e_76", member(p, "delta_e_76", m_source), all76.back());
        }
        if (all00.empty())
            refuse(m_source, "patches");
        for (const auto &[key, values] :
             {std::pair("delta_e_2000", all00), std::pair("delta_e_76", all76)}) {
            const Statistics s = statistics(values);
            const Json &reported = member(j, key, m_source);
            const std::string name = std::string("validation.") + key + ".";
            compare(name + "mean", member(reported, "mean", m_source), s.mean);
            compare(name + "median", member(reported, "median", m_source), s.median);
            compare(name + "p90", member(reported, "p90", m_source), s.p90);
            compare(name + "p95", member(reported, "p95", m_source), s.p95);
            compare(name + "max", member(reported, "max", m_source), s.max);
            compare(name + "deviation", member(reported, "deviation", m_source), s.deviation);
        }
        if (j.contains("verdict"))
            verdict(j["verdict"]);
    }

    /// What the figures, their limits and uncertainties decide. Their Monte Carlo is not repeated.
    void verdict(const Json &j)
    {
        Verdict v;
        for (const Json &f : member(j, "figures", m_source)) {
            const Figure which = figureByKey(member(f, "figure", m_source));
            const auto number = [&](const Json &parent, const char *key) {
                const Json &value = member(parent, key, m_source);
                if (!value.is_number())
                    refuse(m_source, key);
                return value.get<double>();
            };
            const Json &u = member(f, "standard_uncertainty", m_source);
            const Estimate e{number(f, "value"),
                             number(f, "value"),
                             {number(u, "scatter"), number(u, "certificate"),
                              number(u, "correction"), number(u, "drift")}};
            v.figures.push_back(judgeFigure(which, e, number(f, "limit")));
            const std::string name = "validation.verdict." + figureKey(which);
            compare(name + ".uncertainty", u["total"], e.uncertainty.total());
            call(name, member(f, "call", m_source), v.figures.back().call);
        }
        call("validation.verdict.aim", member(j, "aim", m_source), v.half(Half::Aim));
        call("validation.verdict.profile", member(j, "profile", m_source), v.half(Half::Profile));
        call("validation.verdict.overall", member(j, "overall", m_source), v.overall());
    }

    [[nodiscard]] Figure figureByKey(const Json &key) const
    {
        std::vector<Figure> all = aimFigures();
        all.insert(all.end(), {Figure::ColourMean, Figure::Colour95, Figure::ColourWorst});
        for (const Figure f : all)
            if (key == figureKey(f))
                return f;
        refuse(m_source, "figure");
    }

    /// By their place in the enumeration.
    void call(const std::string &name, const Json &said, Call computed)
    {
        double found = NAN;
        for (const Call c : {Call::NotJudged, Call::Within, Call::CannotTell, Call::Over})
            if (said == callKey(c))
                found = static_cast<double>(c);
        compare(name, found, static_cast<double>(computed));
    }

    const Json &m_report;
    std::string m_source;
    Aim m_aim;
    std::vector<RecheckedFigure> m_figures;
};

} // namespace

std::vector<RecheckedFigure> recheckReport(const Json &report, const std::string &source)
{
    return Recheck(report, source).run();
}

} // namespace lantern
