#include "remote/page_setup.h"

#include "core/aim/display_state.h"
#include "core/signal/technology.h"
#include "run/book/profile_request.h"

#include <QCoreApplication>

namespace lantern::remote {

run::RunSetup pageSetup(const PageDevice &device)
{
    run::RunSetup s;
    s.displayId = "page-" + device.id.toStdString();
    s.displayName = s.page = device.name.toStdString();
    s.technology = guessTechnology({}).technology;
    s.adjust = run::AdjustMode::Skip;
    s.loadsLut = false;
    s.linkBits = 8; // what a page's colours have
    s.seed = 0;
    const QSize pixels = device.facts.pixels;
    const double side = 0.5 * std::min(pixels.width(), pixels.height());
    s.patchShare = {side / pixels.width(), side / pixels.height()};
    // A browser that converts colours for a wide display shows sRGB's primaries on it.
    if (device.facts.gamut == QLatin1String("p3") ||
        device.facts.gamut == QLatin1String("rec2020")) {
        s.rawProof = RawProof::ByPrimaries;
        s.claimedPrimaries = kP3Primaries;
    }
    return s;
}

std::vector<OfferedFile> resultsOf(const run::RunResults &results, const QByteArray &report)
{
    const QString name = QString::fromStdString(run::profileName(results.setup));
    std::vector<OfferedFile> files;
    if (!results.profile.isEmpty())
        files.push_back({QCoreApplication::translate("PatchServer", "Profile (ICC)"),
                         name + QStringLiteral(".icc"), "application/vnd.iccprofile",
                         results.profile});
    files.push_back({QCoreApplication::translate("PatchServer", "Report"),
                     name + QStringLiteral(".html"), "text/html; charset=utf-8", report});
    return files;
}

} // namespace lantern::remote
