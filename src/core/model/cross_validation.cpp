#include "core/model/cross_validation.h"

#include "core/colour/difference.h"

#include <map>
#include <set>
#include <tuple>

namespace lantern {

namespace {

constexpr size_t kFolds = 8;

/// Readings that stay in every fold, because a model without them is none.
std::vector<bool> anchors(const std::vector<Reading> &readings)
{
    auto end = [](double v) { return v == 0 || v == 255; };
    std::vector<bool> out;
    bool haveNeutral = false;
    for (const Reading &r : readings) {
        const bool corner = end(r.rgb.r) && end(r.rgb.g) && end(r.rgb.b);
        const bool firstNeutral = !corner && !haveNeutral && isNeutral(r.rgb);
        haveNeutral = haveNeutral || firstNeutral;
        out.push_back(corner || firstNeutral);
    }
    return out;
}

} // namespace

Committee makeCommittee(const DriftCorrection &steady, const SignalPath &path)
{
    const std::vector<Reading> &readings = steady.readings;
    const DriveStage stage(path);
    Committee c{
        DisplayModel::fit(readings, {.stage = stage, .scatter = steady.scatter}, "chart"), {}, {}};
    c.heldOut.assign(readings.size(), -1);
    const XYZ white = whiteOf(readings, "chart");
    // Patches read twice belong together: left out means that no reading of the patch was seen.
    std::vector<size_t> fold(readings.size(), kFolds);
    std::map<std::tuple<double, double, double>, size_t> known;
    const std::vector<bool> stays = anchors(readings);
    size_t next = 0;
    for (size_t i = 0; i < readings.size(); ++i) {
        if (stays[i])
            continue;
        const DeviceRgb &p = readings[i].rgb;
        const auto [place, added] = known.try_emplace({p.r, p.g, p.b}, next);
        if (added)
            ++next;
        fold[i] = place->second * 2654435761u / 128 % kFolds; // no plane of a grid as a whole
    }
    for (size_t k = 0; k < kFolds; ++k) {
        std::vector<Reading> rest;
        for (size_t i = 0; i < readings.size(); ++i)
            if (fold[i] != k)
                rest.push_back(readings[i]);
        c.models.push_back(DisplayModel::fit(
            rest, {.stage = stage, .scatter = steady.scatter, .like = &c.whole}, "chart"));
        for (size_t i = 0; i < readings.size(); ++i)
            if (fold[i] == k)
                c.heldOut[i] = deltaE2000(pcsLab(readings[i].xyz, white),
                                          c.models.back().lab(readings[i].rgb));
    }
    return c;
}

std::optional<double> errorAcrossLevels(const DriftCorrection &steady, const SignalPath &path,
                                        const DisplayModel &whole)
{
    const std::vector<Reading> &readings = steady.readings;
    constexpr size_t kFew = 16; // levels of a channel; charts that spread have dozens
    std::set<double> levels;
    for (const Reading &r : readings)
        for (const double v : {r.rgb.r, r.rgb.g, r.rgb.b})
            levels.insert(v);
    constexpr size_t kFewest = 4;
    if (levels.size() > kFew || levels.size() < kFewest)
        return std::nullopt;
    const DriveStage stage(path);
    const XYZ white = whiteOf(readings, "chart");
    double sum = 0;
    double count = 0;
    for (auto level = std::next(levels.begin()); level != std::prev(levels.end()); ++level) {
        auto onIt = [&](const Reading &r) {
            return r.rgb.r == *level || r.rgb.g == *level || r.rgb.b == *level;
        };
        std::vector<Reading> rest;
        for (const Reading &r : readings)
            if (!onIt(r))
                rest.push_back(r);
        const DisplayModel model = DisplayModel::fit(
            rest, {.stage = stage, .scatter = steady.scatter, .like = &whole}, "chart");
        for (const Reading &r : readings)
            if (onIt(r)) {
                sum += deltaE2000(pcsLab(r.xyz, white), model.lab(r.rgb));
                ++count;
            }
    }
    return count > 0 ? std::optional(sum / count) : std::nullopt;
}

} // namespace lantern
