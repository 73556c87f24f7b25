// Speed with Google Benchmark; see tools/benchmark.

#include "job.h"

#include "core/colour/difference.h"
#include "core/plan/chart.h"
#include "core/profile/profile_file.h"
#include "core/profile/profile_writer.h"

#include <nlohmann/json.hpp>

#include <benchmark/benchmark.h>
#include <lcms2.h>
#include <sys/resource.h>

#include <map>
#include <random>

using namespace lantern;

namespace {

std::vector<std::vector<float>> randomLab(size_t n)
{
    std::mt19937_64 random(1);
    std::uniform_real_distribution<float> l(0, 100), ab(-100, 100);
    std::vector<std::vector<float>> v(6, std::vector<float>(n));
    for (size_t i = 0; i < n; ++i)
        for (int k = 0; k < 6; ++k)
            v[k][i] = k % 3 == 0 ? l(random) : ab(random);
    return v;
}

void differenceOne(benchmark::State &state)
{
    const auto v = randomLab(4096);
    size_t i = 0;
    for (auto _ : state) {
        benchmark::DoNotOptimize(
            deltaE2000(Lab{v[0][i], v[1][i], v[2][i]}, Lab{v[3][i], v[4][i], v[5][i]}));
        i = (i + 1) % 4096;
    }
    state.SetItemsProcessed(state.iterations());
}
BENCHMARK(differenceOne);

void differenceBatch(benchmark::State &state)
{
    constexpr size_t n = 1 << 16;
    const auto v = randomLab(n);
    std::vector<float> out(n);
    for (auto _ : state) {
        deltaE2000({v[0].data(), v[1].data(), v[2].data()}, {v[3].data(), v[4].data(), v[5].data()},
                   out.data(), n);
        benchmark::DoNotOptimize(out.data());
    }
    state.SetItemsProcessed(state.iterations() * int64_t(n));
}
BENCHMARK(differenceBatch);

/// Little CMS's own formula, for the ratio.
void differenceLittleCms(benchmark::State &state)
{
    const auto v = randomLab(4096);
    size_t i = 0;
    for (auto _ : state) {
        const cmsCIELab a{v[0][i], v[1][i], v[2][i]};
        const cmsCIELab b{v[3][i], v[4][i], v[5][i]};
        benchmark::DoNotOptimize(cmsCIE2000DeltaE(&a, &b, 1, 1, 1));
        i = (i + 1) % 4096;
    }
    state.SetItemsProcessed(state.iterations());
}
BENCHMARK(differenceLittleCms);

const std::vector<Reading> &readings(int count)
{
    static std::map<int, std::vector<Reading>> kept;
    auto &set = kept[count];
    if (set.empty()) {
        const std::string text = bench::builtInText("north-desk.json");
        bench::Bench b(bench::displayFromJson(parseJson(text, "d"), "d"), "d",
                       bench::builtInMeter("reference"), "", 1);
        for (const DeviceRgb &p : makeChart(count))
            set.push_back({p, std::get<bench::MeterReading>(b.read(p)).xyz, 0.2});
    }
    return set;
}

void buildTable(benchmark::State &state)
{
    const auto &set = readings(int(state.range(0)));
    for (auto _ : state)
        benchmark::DoNotOptimize(buildProfile(set, {}, "readings").icc.size());
    rusage usage{};
    getrusage(RUSAGE_SELF, &usage);
    state.counters["peak_MB"] = double(usage.ru_maxrss) / 1024;
}
BENCHMARK(buildTable)
    ->Arg(200)
    ->Arg(1000)
    ->Arg(5000)
    ->Arg(11000)
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();

void transformLittleCms(benchmark::State &state)
{
    const auto icc = buildProfile(readings(200), {}, "readings").icc;
    const cmsHPROFILE profile = cmsOpenProfileFromMem(icc.data(), cmsUInt32Number(icc.size()));
    const cmsHPROFILE lab = cmsCreateLab4Profile(nullptr);
    const cmsHTRANSFORM t = cmsCreateTransform(profile, TYPE_RGB_FLT, lab, TYPE_Lab_FLT,
                                               INTENT_RELATIVE_COLORIMETRIC, 0);
    constexpr size_t n = 1 << 14;
    std::vector<float> in(3 * n, 0.3f), out(3 * n);
    for (auto _ : state)
        cmsDoTransform(t, in.data(), out.data(), n);
    state.SetItemsProcessed(state.iterations() * int64_t(n));
    cmsDeleteTransform(t);
    cmsCloseProfile(profile);
    cmsCloseProfile(lab);
}
BENCHMARK(transformLittleCms);

/// The display model itself, exact, against Little CMS interpolating its table.
void transformModel(benchmark::State &state)
{
    const auto model = DisplayModel::fit(readings(200), {}, "readings");
    double code = 0;
    for (auto _ : state) {
        code = code < 255 ? code + 1 : 0;
        benchmark::DoNotOptimize(model.lab({code, 255 - code, 100}));
    }
    state.SetItemsProcessed(state.iterations());
}
BENCHMARK(transformModel);

} // namespace

BENCHMARK_MAIN();
