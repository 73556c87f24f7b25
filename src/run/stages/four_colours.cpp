#include "core/reading/meter_correction.h"
#include "run/stages/stage_kit.h"

#include <array>

namespace lantern::run {

namespace {

/// By their names in files of spectra.
constexpr std::array<std::pair<const char *, DeviceRgb>, 4> kColours = {
    {{"red", {kDeviceTop, 0, 0}},
     {"green", {0, kDeviceTop, 0}},
     {"blue", {0, 0, kDeviceTop}},
     {"white", kDeviceWhite}}};

class FourColoursWork : public StageWork {
public:
    FourColoursWork() : m_plan(correctionPatches()) {}
    [[nodiscard]] StagePlan &plan() override { return m_plan; }
    void accept(const LoggedReading &reading) override
    {
        if (reading.spectrum)
            m_spectra.emplace_back(reading.reading.rgb, *reading.spectrum);
        m_plan.accept(reading.reading);
    }
    [[nodiscard]] StageResult result() const override
    {
        return FourColoursResult{m_plan.readings(), means()};
    }

private:
    /// Mean spectrum of each colour; none where one is missing or not on the others' wavelengths.
    [[nodiscard]] SpectralTable means() const
    {
        SpectralTable table;
        for (const auto &[name, rgb] : kColours) {
            std::vector<double> sum;
            int count = 0;
            for (const auto &[shown, spectrum] : m_spectra) {
                const MeterSpectrum &first = m_spectra.front().second;
                if (!(shown == rgb) || spectrum.values.size() != first.values.size() ||
                    spectrum.firstNm != first.firstNm || spectrum.lastNm != first.lastNm)
                    continue;
                sum.resize(spectrum.values.size());
                for (size_t i = 0; i < sum.size(); ++i)
                    sum[i] += spectrum.values[i];
                ++count;
            }
            if (count == 0 || sum.size() < 2)
                return {};
            for (double &v : sum)
                v /= count;
            table.curves.push_back({name, sum});
        }
        const MeterSpectrum &range = m_spectra.front().second;
        const size_t last = range.values.size() - 1;
        for (size_t i = 0; i <= last; ++i)
            table.nm.push_back(range.firstNm + (range.lastNm - range.firstNm) *
                                                   static_cast<double>(i) /
                                                   static_cast<double>(last));
        return table;
    }

    PatchListPlan m_plan;
    std::vector<std::pair<DeviceRgb, MeterSpectrum>> m_spectra;
};

} // namespace

/// Red, green, blue, white, to correct one meter by another, or by the spectra that it sees.
StageEntry fourColoursStage()
{
    StageEntry entry = entryOf<FourColoursResult>(Stage::FourColours);
    entry.readingsStand = true;
    entry.wantsSpectra = true;
    entry.begin = [](RunResults &) -> std::unique_ptr<StageWork> {
        return std::make_unique<FourColoursWork>();
    };
    return entry;
}

} // namespace lantern::run
