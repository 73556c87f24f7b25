#include "cli/commands.h"
#include "core/base/error.h"
#include "core/base/json_object.h"
#include "core/base/text.h"
#include "desk/desk.h"
#include "platform/desktop.h"
#include "platform/keeper_install.h"
#include "platform/sensors.h"
#include "run/file/shipped.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QStandardPaths>
#include <QStorageInfo>

#include <iostream>

namespace lantern::cli {

namespace {

/// Good: as it should be. Note: something to know. Missing: something cannot be done.
enum class Finding { Good, Note, Missing };

struct Line {
    std::string what, found;
    Finding finding = Finding::Good;
    std::string advice = {}; ///< empty: nothing is to be done
};

constexpr qint64 kSmallDiskBytes = qint64(200) << 20; ///< a year of runs is some 50 MB

/// In the person's language, where it is a text of ours.
std::string inWords(const std::string &text)
{
    return QCoreApplication::translate("Core", text.c_str()).toStdString();
}

const char *keyOf(Finding finding)
{
    switch (finding) {
    case Finding::Good:
        return "good";
    case Finding::Note:
        return "note";
    case Finding::Missing:
        break;
    }
    return "missing";
}

void lookAtProgram(std::vector<Line> &lines)
{
    lines.push_back({"version", LANTERN_VERSION});
    const QString handbook = run::shipped(QStringLiteral("handbook/index.html"));
    lines.push_back({"handbook", handbook.isEmpty() ? "not found" : handbook.toStdString(),
                     handbook.isEmpty() ? Finding::Note : Finding::Good,
                     handbook.isEmpty() ? "It comes with the program's package." : ""});
    const QString keeper = platform::KeeperInstall::program();
    lines.push_back({"keeper", keeper.isEmpty() ? "not found" : keeper.toStdString(),
                     keeper.isEmpty() ? Finding::Missing : Finding::Good,
                     keeper.isEmpty() ? "Without it profiles are not kept in force after a login. "
                                        "Install bold-lantern-keeper."
                                      : ""});
    if (!keeper.isEmpty() && !platform::KeeperInstall::isInstalled())
        lines.push_back({"keeper at login", "no", Finding::Note,
                         "bold-lantern-cli keeper --install starts it at every login."});
}

void lookAtDisk(std::vector<Line> &lines)
{
    QString folder = QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation);
    while (!QFileInfo::exists(folder)) // as far as it is there
        folder = QFileInfo(folder).path();
    const QStorageInfo disk(folder);
    const bool isWritable = QFileInfo(folder).isWritable();
    const bool isSmall = disk.bytesAvailable() < kSmallDiskBytes;
    lines.push_back({"logbook's disk",
                     !isWritable ? folder.toStdString() + " cannot be written to"
                                 : std::to_string(disk.bytesAvailable() >> 20) + " MB free",
                     !isWritable ? Finding::Missing
                     : isSmall   ? Finding::Note
                                 : Finding::Good,
                     !isWritable ? "Nothing that is read could be kept: look whose folder it is."
                     : isSmall   ? "Some 50 MB a year are usual; make room."
                                 : ""});
}

void lookAtDesktop(std::vector<Line> &lines, const desk::DesktopFacts &facts)
{
    lines.push_back({"display server", facts.isWayland ? "Wayland" : "X11"});
    if (facts.isWayland)
        lines.push_back({"video LUTs", facts.lendsLuts ? "lent by the compositor" : "none",
                         facts.lendsLuts ? Finding::Good : Finding::Note,
                         facts.lendsLuts ? ""
                                         : "This compositor lends no video LUT: tone curves "
                                           "stay the panel's own, and profiles carry them."});
    lines.push_back({"colour service", facts.hasColourService ? "runs" : "none",
                     facts.hasColourService ? Finding::Good : Finding::Note,
                     facts.hasColourService ? ""
                                            : "Programs that ask it for the display's profile get "
                                              "none. Install the package colord."});
    const platform::Desktop desktop;
    const auto night = desktop.nightLight();
    if (night)
        lines.push_back({"night light", *night ? "on now" : "off",
                         *night ? Finding::Missing : Finding::Good,
                         *night ? "It tints the screens: switch it off while measuring." : ""});
    if (desktop.onBattery().value_or(false))
        lines.push_back({"power", "battery", Finding::Note,
                         "Panels are often dimmed on battery: plug it in while measuring."});
    if (desktop.hasLightSensor().value_or(false))
        lines.push_back(
            {"light sensor", "there is one", Finding::Note, "Switch automatic brightness off."});
}

void lookAtDisplays(std::vector<Line> &lines, const desk::Desk &desk)
{
    const auto displays = desk.displays();
    for (size_t i = 0; i < displays.size(); ++i) {
        const desk::DisplayFacts &f = displays[i];
        const std::string name = "display " + f.output.toStdString();
        lines.push_back({name, printable(f.name.toStdString())});
        lines.push_back({name + ", video LUT",
                         f.can.lut ? "can be loaded" : printable(f.noLut.toStdString()),
                         f.can.lut ? Finding::Good : Finding::Note});
        lines.push_back(
            {name + ", controls", f.can.remoteControls ? "the program can turn them" : "by hand",
             f.can.remoteControls ? Finding::Good : Finding::Note,
             f.can.remoteControls ? std::string() : printable(f.noControls.toStdString())});
        lines.push_back({name + ", profile", desk.declared(static_cast<int>(i)).isEmpty()
                                                 ? "none is declared"
                                                 : "one is declared"});
    }
}

void lookAtMeters(std::vector<Line> &lines)
{
    const auto sensors = platform::Sensors().list();
    for (const platform::Sensor &s : sensors)
        lines.push_back({"meter", printable(s.title.toStdString())});
    if (sensors.empty())
        lines.push_back({"meter", "the desktop knows of none", Finding::Note,
                         "Plug it in; or give a driver program, a command that prints X Y Z, or "
                         "numbers by hand with --meter."});
}

} // namespace

int doctor(const DoctorOptions &o)
{
    std::vector<Line> lines;
    lookAtProgram(lines);
    lookAtDisk(lines);
    try {
        const desk::Desk desk;
        lookAtDesktop(lines, desk.desktop());
        lookAtDisplays(lines, desk);
    } catch (const Error &e) {
        lines.push_back({"displays", printable(e.what()), Finding::Missing,
                         "Only simulated displays can be measured here (--display)."});
    }
    lookAtMeters(lines);
    bool isMissing = false;
    Json all = Json::array();
    for (const Line &l : lines) {
        isMissing |= l.finding == Finding::Missing;
        if (o.json) {
            all.push_back({{"what", l.what},
                           {"found", l.found},
                           {"finding", keyOf(l.finding)},
                           {"advice", l.advice}});
            continue;
        }
        std::cout << (l.finding == Finding::Good   ? "  "
                      : l.finding == Finding::Note ? "? "
                                                   : "! ")
                  << inWords(l.what) << ": " << inWords(l.found) << '\n';
        if (!l.advice.empty())
            std::cout << "    " << inWords(l.advice) << '\n';
    }
    if (o.json)
        std::cout << Json{{"findings", all}, {"missing", isMissing}}.dump() << '\n';
    return isMissing ? 4 : 0;
}

} // namespace lantern::cli
