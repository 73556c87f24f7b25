// Accuracy tables: displays x charts x meters x noise, as CSV and Markdown.
//   accuracy OUT.csv OUT.md DISPLAY.json...

#include "job.h"

#include "core/base/text.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <exception>
#include <fstream>
#include <iostream>
#include <sstream>

using namespace lantern;
using namespace lantern::marks;

namespace {

std::string nameOf(const char *path)
{
    const char *slash = std::strrchr(path, '/');
    std::string name = slash ? slash + 1 : path;
    return name.substr(0, name.find('.'));
}

struct Row {
    std::string display, meter, noise, chart;
    JobOutcome r;
};

void writeCsv(const std::vector<Row> &rows, const std::string &path)
{
    std::ofstream csv(path);
    csv << "display,meter,noise,chart,readings,white_delta_uv,luminance_error,grey_mean,grey_max,"
           "tone_error,levels,forward_mean,forward_p95,forward_max,inverse_mean,inverse_max,"
           "round_trip_mean,expected,build_seconds\n";
    for (const Row &row : rows) {
        const JobOutcome &r = row.r;
        csv << row.display << ',' << row.meter << ',' << row.noise << ',' << row.chart << ','
            << r.readings << ',' << r.whiteDeltaUv << ',' << r.luminanceError << ',' << r.grey.mean
            << ',' << r.grey.max << ',' << r.toneError << ',' << r.levels << ',' << r.forward.mean
            << ',' << r.forward.p95 << ',' << r.forward.max << ',' << r.inverse.mean << ','
            << r.inverse.max << ',' << r.roundTrip.mean << ',' << r.expected << ','
            << r.buildSeconds << '\n';
    }
}

void calibrationTable(const std::vector<Row> &rows, std::ostream &md)
{
    md << "## Calibration\n\nReference meter with its noise. White and luminance against the aim; "
          "greys are all code values from 5 % up, ΔE00 against the aim.\n\n"
          "| display | Δu'v' | luminance | grey mean | grey worst | tone | levels |\n"
          "|---|---|---|---|---|---|---|\n";
    for (const Row &row : rows)
        if (row.meter == "reference" && row.noise == "on" && row.chart == "200")
            md << "| " << row.display << " | " << fixedNumber(row.r.whiteDeltaUv, 4) << " | "
               << fixedNumber(100 * row.r.luminanceError, 2) << " % | "
               << fixedNumber(row.r.grey.mean, 2) << " | " << fixedNumber(row.r.grey.max, 2)
               << " | " << fixedNumber(100 * row.r.toneError, 2) << " % | " << row.r.levels
               << " |\n";
}

void genericTable(const std::vector<Row> &rows, std::ostream &md)
{
    md << "\n## Against generic fits of the same readings\n\nReference meter, noise on. Forward "
          "mean "
          "over 1000 random code values / mean of the 256 greys; ΔE00. Generic: three primaries "
          "and "
          "curves; a thin-plate spline in Lab; both in turn (`bench-marks/generic_fits.h`).\n\n"
          "| display | chart | ours | matrix and curves | thin plate | both | ours over the best "
          "|\n"
          "|---|---|---|---|---|---|---|\n";
    for (const Row &row : rows) {
        if (row.r.generic.empty())
            continue;
        double best = INFINITY;
        md << "| " << row.display << " | " << row.chart << " | "
           << fixedNumber(row.r.forward.mean, 3) << " / " << fixedNumber(row.r.greyForward.mean, 3);
        for (const auto &[all, greys] : row.r.generic) {
            best = std::min(best, all);
            md << " | " << fixedNumber(all, 3) << " / " << fixedNumber(greys, 3);
        }
        md << " | " << fixedNumber(row.r.forward.mean / best, 2) << " |\n";
    }
}

void profileTable(const std::vector<Row> &rows, const std::string &meter, const std::string &noise,
                  std::ostream &md)
{
    md << "\n## Profile, " << meter << " meter, noise " << noise
       << "\n\nForward (A2B1 against the display) mean / 95 % / worst, then through the inverse to "
          "whole code values, mean; ΔE00 over 1000 random code values. Expected: what the program "
          "said by itself.\n\n| display | chart | readings | forward | inverse | round trip | "
          "expected |\n"
          "|---|---|---|---|---|---|---|\n";
    for (const Row &row : rows)
        if (row.meter == meter && row.noise == noise)
            md << "| " << row.display << " | " << row.chart << " | " << row.r.readings << " | "
               << fixedNumber(row.r.forward.mean, 3) << " / " << fixedNumber(row.r.forward.p95, 3)
               << " / " << fixedNumber(row.r.forward.max, 2) << " | "
               << fixedNumber(row.r.inverse.mean, 3) << " | "
               << fixedNumber(row.r.roundTrip.mean, 3) << " | " << fixedNumber(row.r.expected, 3)
               << " |\n";
}

} // namespace

int main(int argc, char **argv)
{
    if (argc < 4) {
        std::cerr << "accuracy OUT.csv OUT.md DISPLAY.json...\n";
        return 2;
    }
    std::vector<Row> rows;
    try {
        for (int i = 3; i < argc; ++i)
            for (const char *meter : {"reference", "colorimeter"})
                for (const bool noise : {true, false})
                    for (const int count : {50, 100, 200, 500, 1000})
                        for (const Chart chart : {Chart::Spread, Chart::Chosen, Chart::Grid}) {
                            const bool plain = std::string(meter) == "reference" && noise;
                            if (chart != Chart::Spread && (count > 500 || !plain))
                                continue;
                            JobOptions o;
                            o.displayPath = argv[i];
                            o.meter = meter;
                            o.noise = noise;
                            o.patches = count;
                            o.chart = chart;
                            o.genericFits = plain && count == 200 && chart != Chart::Chosen;
                            const std::string kind = chart == Chart::Grid     ? " grid"
                                                     : chart == Chart::Chosen ? " chosen"
                                                                              : "";
                            rows.push_back({nameOf(argv[i]), meter, noise ? "on" : "off",
                                            std::to_string(count) + kind, runJob(o)});
                            std::cerr << rows.back().display << ' ' << meter << ' '
                                      << rows.back().chart << ": " << rows.back().r.forward.mean
                                      << '\n';
                        }
    } catch (const std::exception &e) {
        std::cerr << "accuracy: " << e.what() << '\n';
        return 3;
    }
    writeCsv(rows, argv[1]);
    std::ofstream md(argv[2]);
    md << "# Accuracy on the bench\n\nMade by `tools/benchmark`; all numbers are measured, none is "
          "set by hand. Displays: `bench-marks/displays` and `demo-data`. \"chosen\": patches "
          "chosen "
          "while measuring; \"grid\": the largest regular grid with at most so many patches. "
          "The full table is in accuracy.csv.\n\n";
    calibrationTable(rows, md);
    genericTable(rows, md);
    for (const char *meter : {"reference", "colorimeter"})
        for (const char *noise : {"on", "off"})
            profileTable(rows, meter, noise, md);
    return 0;
}
