#include "cli/chart_command.h"

#include "cli/commands.h"
#include "cli/inputs.h"
#include "core/base/cgats.h"
#include "core/base/text.h"
#include "core/colour/spaces.h"
#include "core/plan/chart.h"
#include "core/reading/colour_list.h"
#include "core/reading/key_colours.h"

#include <nlohmann/json.hpp>

#include <QColorSpace>
#include <QImageReader>

#include <cmath>
#include <iostream>
#include <set>
#include <tuple>

namespace lantern::cli {

namespace {

/// Colours as whole code values: of the display whose profile is given, else as those of sRGB.
class Placer {
public:
    explicit Placer(const std::string &profile)
    {
        if (!profile.empty())
            m_profile.emplace(readBytes(profile), profile);
    }
    [[nodiscard]] DeviceRgb place(const Lab &lab) const
    {
        const DeviceRgb rgb = m_profile ? m_profile->toDevice(lab) : srgbCodesFromPcs(lab);
        return toDeviceRgb(vec(rgb).array().round().cwiseMax(0).cwiseMin(255));
    }

private:
    std::optional<ProfileFile> m_profile;
};

std::vector<Lab> pixelsOf(const std::string &path)
{
    QImageReader reader(QString::fromStdString(path));
    reader.setAutoTransform(true);
    const QSize size = reader.size();
    constexpr int kEnough = 400; // pixels along the longer side
    if (size.isValid() && std::max(size.width(), size.height()) > kEnough)
        reader.setScaledSize(size.scaled(kEnough, kEnough, Qt::KeepAspectRatio));
    const QImage image = reader.read().convertToFormat(QImage::Format_RGB888);
    if (image.isNull())
        throw Error(ErrorKind::BadInput, path,
                    {"cannot be read as a picture: %1", {reader.errorString().toStdString()}},
                    "PNG, TIFF and JPEG are understood.");
    const QByteArray icc = image.colorSpace().iccProfile();
    std::optional<ProfileFile> embedded;
    if (!icc.isEmpty())
        embedded.emplace(ProfileFile::ofPicture({icc.begin(), icc.end()}, path));
    std::vector<Lab> out;
    for (int y = 0; y < image.height(); ++y) {
        const uchar *p = image.constScanLine(y);
        for (int x = 0; x < image.width(); ++x, p += 3) {
            const DeviceRgb rgb{double(p[0]), double(p[1]), double(p[2])};
            out.push_back(embedded ? embedded->toLab(rgb) : pcsFromSrgb(rgb));
        }
    }
    return out;
}

/// White, black and some greys are in every chart: a profile hangs on them.
std::vector<DeviceRgb> withFoundations(const std::vector<DeviceRgb> &patches)
{
    std::vector<DeviceRgb> all = makeChart(kMinChart);
    all.insert(all.end(), patches.begin(), patches.end());
    std::vector<DeviceRgb> out;
    std::set<std::tuple<double, double, double>> seen;
    for (const DeviceRgb &p : all)
        if (seen.emplace(p.r, p.g, p.b).second)
            out.push_back(p);
    return out;
}

} // namespace

std::vector<DeviceRgb> chartFromFile(const std::string &path, const std::string &profile)
{
    const Placer placer(profile);
    std::vector<DeviceRgb> out;
    for (const ListedColour &c : parseColourList(readText(path), path))
        out.push_back(c.rgb ? toDeviceRgb(vec(*c.rgb).array().round()) : placer.place(*c.lab));
    if (out.size() > static_cast<size_t>(kMaxChart))
        throw Error(ErrorKind::BadInput, path,
                    {"%1 patches; a chart has at most %2",
                     {std::to_string(out.size()), std::to_string(kMaxChart)}});
    return withFoundations(out);
}

int chart(const ChartOptions &o)
{
    std::vector<DeviceRgb> patches;
    if (!o.picture.empty()) {
        const Placer placer(o.profile);
        for (const KeyColour &key : keyColours(pixelsOf(o.picture), o.count))
            patches.push_back(placer.place(key.lab));
        patches = withFoundations(patches);
    } else if (!o.list.empty())
        patches = chartFromFile(o.list, o.profile);
    else if (o.kind == "grid")
        patches = regularGrid(static_cast<int>(std::cbrt(o.count + 0.5)));
    else if (o.kind == "rendition24")
        patches = withFoundations(renditionChart());
    else
        patches = makeChart(o.count);
    const std::vector<DeviceRgb> order = measuringOrder(patches);

    LuminanceOutlook outlook;
    outlook.whiteCdM2 = o.luminance;
    outlook.blackCdM2 = o.luminance / 1000;
    const double seconds = estimatedSeconds(order, outlook, MeterTiming{});

    CgatsTable table;
    table.keywords["DESCRIPTOR"] = "Chart of " + std::to_string(patches.size()) + " patches";
    table.fields = {"SAMPLE_ID", "RGB_R", "RGB_G", "RGB_B"};
    int id = 0;
    for (const DeviceRgb &p : patches)
        table.rows.push_back(
            {{std::to_string(++id)}, {shortNumber(p.r)}, {shortNumber(p.g)}, {shortNumber(p.b)}});
    run::writeFile(QString::fromStdString(o.out), QByteArray::fromStdString(writeCgats(table)));
    if (o.json)
        std::cout << Json{{"chart", o.out},
                          {"patches", patches.size()},
                          {"readings", order.size()},
                          {"estimated_seconds", seconds}}
                         .dump()
                  << '\n';
    else
        std::cout << o.out << ": " << patches.size() << " patches, " << order.size()
                  << " readings with the repeated ones, about " << fixedNumber(seconds / 60, 1)
                  << " minutes\n";
    return 0;
}

} // namespace lantern::cli
