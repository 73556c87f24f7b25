#include "cli/commands.h"
#include "cli/said.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "desk/desk.h"
#include "platform/keeper_install.h"

#include <nlohmann/json.hpp>

#include <iostream>

namespace lantern::cli {

namespace {

std::string printed(const QString &text)
{
    return printable(text.toStdString());
}

Json toJson(const desk::KnownProfile &p)
{
    return {{"path", p.path.toStdString()},
            {"title", p.title.toStdString()},
            {"made_on", p.madeOn.isValid() ? Json(p.madeOn.toString(Qt::ISODate).toStdString())
                                           : Json(nullptr)},
            {"maker", p.maker.toStdString()},
            {"aim", p.aim.toStdString()},
            {"mean_delta_e_2000", p.meanDeltaE00 ? Json(*p.meanDeltaE00) : Json(nullptr)},
            {"in_use", p.inUse}};
}

} // namespace

int profiles(const ProfilesOptions &o)
{
    desk::Desk desk;
    const int display = desk.find(QString::fromStdString(o.output));
    if (!o.use.empty())
        desk.use(display, QString::fromStdString(o.use));
    if (o.none)
        desk.use(display, {});
    std::vector<desk::KnownProfile> known = desk.profiles(display);
    if (o.previous) {
        const auto before =
            std::find_if(known.begin(), known.end(), [](const auto &p) { return !p.inUse; });
        if (before == known.end())
            throw Error(ErrorKind::BadInput, o.output, "no other profile of this display is known",
                        "Give one with --use FILE.");
        desk.use(display, before->path);
        known = desk.profiles(display);
    }
    if (o.json) {
        Json all = Json::array();
        for (const auto &p : known)
            all.push_back(toJson(p));
        std::cout << Json{{"output", o.output}, {"profiles", all}}.dump() << '\n';
        return 0;
    }
    if (known.empty())
        std::cout << said("No profile of this display is known.") << '\n';
    for (const auto &p : known) {
        std::cout << (p.inUse ? "* " : "  ") << printed(p.title) << "\n    " << printed(p.path)
                  << '\n';
        std::cout << "    "
                  << (p.madeOn.isValid()
                          ? said({"made %1", {printed(p.madeOn.toString(Qt::ISODate))}})
                          : said("made at an unknown time"));
        if (!p.maker.isEmpty())
            std::cout << ' ' << said({"by %1", {printed(p.maker)}});
        if (!p.aim.isEmpty())
            std::cout << ' ' << said({"for %1", {saidFigures(printed(p.aim))}});
        if (p.meanDeltaE00)
            std::cout << "; "
                      << said({"mean %1 dE00 when last proved", {fixedNumber(*p.meanDeltaE00, 2)}});
        std::cout << '\n';
    }
    return 0;
}

int keeper(const KeeperOptions &o)
{
    using platform::KeeperInstall;
    if (o.install)
        KeeperInstall::install(KeeperInstall::program());
    if (o.remove)
        KeeperInstall::remove();
    if (o.days >= 0) {
        desk::Desk desk;
        const int display = desk.find(QString::fromStdString(o.output));
        desk.setReminder(display, o.days, desk.standing(display).remindAfterHours);
    }
    const platform::StandingShelf shelf;
    Json displays = Json::array();
    for (const QString &id : shelf.displays()) {
        const platform::Standing s = shelf.of(id, id);
        displays.push_back({{"id", id.toStdString()},
                            {"profile", s.title.toStdString()},
                            {"proved_at", s.provedAt.toString(Qt::ISODate).toStdString()},
                            {"remind_after_days", s.remindAfterDays}});
    }
    if (o.json) {
        Json files = Json::array();
        for (const QString &file : KeeperInstall::files())
            files.push_back(file.toStdString());
        std::cout << Json{{"installed", KeeperInstall::isInstalled()},
                          {"running", KeeperInstall::isRunning()},
                          {"files", files},
                          {"displays", displays}}
                         .dump()
                  << '\n';
        return 0;
    }
    std::cout << (KeeperInstall::isInstalled()
                      ? said("The Keeper is started at every login, by")
                      : said("The Keeper is not started at login. --install writes"))
              << '\n';
    for (const QString &file : KeeperInstall::files())
        std::cout << "  " << printed(file) << '\n';
    for (const Json &d : displays)
        std::cout << said({"%1: %2, reminder after %3 days",
                           {d["id"].get<std::string>(), d["profile"].get<std::string>(),
                            std::to_string(d["remind_after_days"].get<int>())}})
                  << '\n';
    return 0;
}

} // namespace lantern::cli
