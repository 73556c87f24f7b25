#include "cli/commands.h"

#include "cli/inputs.h"
#include "core/difference.h"
#include "core/readings_file.h"
#include "core/report.h"
#include "core/text.h"

#include <QDateTime>

#include <array>
#include <functional>
#include <iostream>
#include <sstream>

namespace lantern::cli {

namespace {

/// Calls `use` with the numbers of each line of standard input; empty lines and # comments are
/// passed over. \throws Error BadInput naming the line.
void forEachLine(size_t count, const std::function<void(const std::vector<double> &)> &use)
{
    std::string line;
    for (int number = 1; std::getline(std::cin, line); ++number) {
        const size_t start = line.find_first_not_of(" \t\r");
        if (start == std::string::npos || line[start] == '#')
            continue;
        const std::string where = "standard input, line " + std::to_string(number);
        std::istringstream words(line);
        std::vector<double> values;
        for (std::string word; words >> word;) {
            const auto value = parseNumber(word);
            if (!value)
                throw Error(ErrorKind::BadInput, where,
                            "\"" + word.substr(0, 40) + "\" is not a finite number");
            values.push_back(*value);
        }
        if (values.size() != count)
            throw Error(ErrorKind::BadInput, where,
                        std::to_string(values.size()) + " numbers; " + std::to_string(count) +
                            " are expected");
        try {
            use(values);
        } catch (const Error &e) {
            throw Error(e.kind, where + ", " + e.place, e.problem, e.advice);
        }
    }
}

/// A display as the profile and controls set it up, fully warm.
bench::DisplayCondition condition(const bench::Display &display, const std::string &controls,
                                  const std::optional<VideoLut> &lut)
{
    bench::DisplayCondition c = display.initialCondition();
    if (!controls.empty())
        c.controls = readControls(controls);
    c.lut = lut;
    return c;
}

} // namespace

int simulate(const SimulateOptions &o)
{
    const bench::Display display(readDisplay(o.display), o.display);
    std::optional<VideoLut> lut;
    if (!o.profile.empty())
        lut = ProfileFile(readBytes(o.profile), o.profile).videoLut();
    bench::DisplayCondition state = condition(display, o.controls, lut);
    if (o.minutes >= 0)
        state.minutesOn = o.minutes;
    Json all = Json::array();
    forEachLine(3, [&](const std::vector<double> &v) {
        const XYZ c = display.emitted({v[0], v[1], v[2]}, state);
        if (o.json)
            all.push_back({c.X, c.Y, c.Z});
        else
            std::cout << exactNumber(c.X) << ' ' << exactNumber(c.Y) << ' ' << exactNumber(c.Z)
                      << '\n';
    });
    if (o.json)
        std::cout << Json{{"display", display.description().id}, {"xyz", all}}.dump() << '\n';
    return 0;
}

int difference(const DifferenceOptions &o)
{
    Json all = Json::array();
    forEachLine(6, [&](const std::vector<double> &v) {
        const Lab a{v[0], v[1], v[2]};
        const Lab b{v[3], v[4], v[5]};
        const double d = o.formula == "76"    ? deltaE76(a, b)
                         : o.formula == "94"  ? deltaE94(a, b)
                         : o.formula == "cmc" ? deltaECmc(a, b)
                         : o.formula == "itp" ? deltaEItp({v[0], v[1], v[2]}, {v[3], v[4], v[5]})
                                              : deltaE2000(a, b);
        if (o.json)
            all.push_back(d);
        else
            std::cout << exactNumber(d) << '\n';
    });
    if (o.json)
        std::cout << Json{{"formula", o.formula}, {"differences", all}}.dump() << '\n';
    return 0;
}

int build(const BuildOptions &o)
{
    requireIcc4(o.icc);
    const ReadingSet set = readingsFromCgats(readText(o.readings), o.readings);
    ProfileRequest request;
    request.kind = profileKind(o.kind);
    request.name = o.name;
    if (request.name.empty()) {
        const auto display = set.keywords.find("DISPLAY");
        request.name = display == set.keywords.end() ? "Display" : display->second;
    }
    const QDateTime now = QDateTime::currentDateTimeUtc();
    request.date = {now.date().year(), now.date().month(),  now.date().day(),
                    now.time().hour(), now.time().minute(), now.time().second()};
    const BuiltProfile built = buildProfile(set.readings, request, o.readings);
    run::writeFile(QString::fromStdString(o.out),
                   QByteArray(reinterpret_cast<const char *>(built.icc.data()),
                              static_cast<qsizetype>(built.icc.size())));
    if (o.json)
        std::cout << Json{{"profile", o.out},
                          {"readings", set.readings.size()},
                          {"residual_delta_e_2000", built.meanResidual},
                          {"bytes", built.icc.size()}}
                         .dump()
                  << '\n';
    else
        std::cout << o.out << ": " << o.kind << " profile from " << set.readings.size()
                  << " readings, mean difference from them " << fixedNumber(built.meanResidual, 3)
                  << " ΔE00\n";
    return 0;
}

int validate(const ValidateOptions &o)
{
    const bench::Display display(readDisplay(o.display), o.display);
    const ProfileFile profile(readBytes(o.profile), o.profile);
    const ReferenceSet set = o.reference == "lantern40" ? lantern40()
                             : o.reference == "chart24"
                                 ? chart24()
                                 : referenceFromCgats(readText(o.reference), o.reference);
    const Tolerance &tolerance = toleranceByName(o.tolerance.empty() ? "studio" : o.tolerance);
    const bench::DisplayCondition state = condition(display, o.controls, profile.videoLut());
    const auto aimed = aimedPatches(set, profile);
    std::vector<Reading> readings;
    for (const DeviceRgb &rgb : validationPatches(aimed))
        readings.push_back({rgb, display.emitted(rgb, state)});
    const Validation v = lantern::validate(set.name, aimed, readings, tolerance);
    if (o.json)
        std::cout << validationToJson(v).dump() << '\n';
    else {
        for (const ValidatedPatch &p : v.patches)
            std::cout << p.aimed.reference.name << '\t' << fixedNumber(p.deltaE00, 3) << '\n';
        std::cout << "mean " << fixedNumber(v.deltaE00.mean, 3) << ", median "
                  << fixedNumber(v.deltaE00.median, 3) << ", 95 % "
                  << fixedNumber(v.deltaE00.p95, 3) << ", worst " << fixedNumber(v.deltaE00.max, 3)
                  << " ΔE00\n";
    }
    if (o.tolerance.empty() || v.within())
        return 0;
    std::cerr << "Not within " << tolerance.title << ": mean " << fixedNumber(v.deltaE00.mean, 2)
              << " (limit " << shortNumber(tolerance.meanDeltaE00) << "), worst "
              << fixedNumber(v.deltaE00.max, 2) << " (limit " << shortNumber(tolerance.maxDeltaE00)
              << ") ΔE00.\n";
    return static_cast<int>(ErrorKind::NotGoodEnough);
}

} // namespace lantern::cli
