#include "run/book/readings_profile.h"

#include "core/reading/readings_file.h"

#include <QDateTime>

namespace lantern::run {

namespace {

IccDate now()
{
    const QDateTime t = QDateTime::currentDateTimeUtc();
    return {t.date().year(), t.date().month(),  t.date().day(),
            t.time().hour(), t.time().minute(), t.time().second()};
}

} // namespace

ReadingsProfile profileFromReadings(const ReadingSet &set, const ProfileForm &form,
                                    const std::string &name, const std::optional<StrayLight> &light,
                                    const std::string &source)
{
    ReadingsProfile p;
    p.steady = steadyReadings(set.readings);
    if (light)
        p.steady.readings = light->seen(p.steady.readings);
    p.path = set.path.value_or(SignalPath{});
    ProfileRequest request;
    request.kind = form.kind;
    request.version = form.version;
    request.grid = form.grid;
    request.copyright = form.copyright;
    request.name = name;
    if (request.name.empty()) {
        const auto display = set.keywords.find("DISPLAY");
        request.name = display == set.keywords.end() ? "Display" : display->second;
    }
    request.date = now();
    request.path = p.path;
    request.measurements = readingsToCgats(set, NumberStyle::Compact);
    for (const char *key : {"DISPLAY", "METER", "CORRECTION", "AIM", "CREATED"})
        if (const auto it = set.keywords.find(key); it != set.keywords.end())
            request.metadata.emplace_back(key, it->second);
    request.scatter = p.steady.scatter;
    p.built = buildProfile(p.steady.readings, request, source);
    return p;
}

} // namespace lantern::run
