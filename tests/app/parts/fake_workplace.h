#pragma once

#include "app/workplace/workplace.h"
#include "core/base/error.h"

#include <QStringList>

namespace lantern::test {

/// A workplace, usually of one display, that notes what is asked of it. No window, no devices.
class FakeWorkplace : public app::Workplace {
public:
    QStringList asked;
    std::vector<app::DisplayCard> cards = {{}};
    bool busy = false; ///< another program is at the display
    desk::ProfileInUse inForce;
    std::vector<desk::KnownProfile> known;

    [[nodiscard]] QString title() const override { return {}; }
    [[nodiscard]] std::vector<app::DisplayCard> displays() const override { return cards; }
    [[nodiscard]] app::MeterCard meterCard(int) const override { return {}; }
    void chooseMeter(const QString &choice) override { asked << choice; }
    [[nodiscard]] QString meterChoice() const override { return {}; }
    run::Devices pageDevices(const QString &, const std::shared_ptr<remote::PagePresenter> &,
                             QThread *) override
    {
        return {};
    }
    run::Devices devices(int, QThread *) override { return {}; }
    void letGoOfMeters() override {}
    [[nodiscard]] run::RunSetup setup(int) const override { return {}; }
    void activate(int display, const std::optional<run::RunResults> &own) override
    {
        asked << (own ? QStringLiteral("own ") + own->installedPath : QStringLiteral("nothing")) +
                     named(display);
    }
    void runBegins(int) override
    {
        if (busy)
            throw Error(ErrorKind::Device, "North", "another program is measuring it", "Wait.");
        asked << QStringLiteral("begins");
    }
    void runEnds(int display) override { asked << QStringLiteral("ends") + named(display); }
    void proved(int, std::optional<double>) override { asked << QStringLiteral("proved"); }
    void foretold(int, const QDateTime &) override { asked << QStringLiteral("foretold"); }
    [[nodiscard]] platform::Standing standing(int) const override { return {}; }
    [[nodiscard]] std::vector<desk::KnownProfile> profiles(int) const override { return known; }
    void useProfile(int, const QString &path) override
    {
        if (path.contains(QLatin1String("broken")))
            throw Error(ErrorKind::BadInput, path.toStdString(), "this is no ICC profile");
        asked << QStringLiteral("use ") + path;
        for (auto &p : known)
            p.inUse = p.path == path;
    }
    void giveUpInstalled(int) override { asked << QStringLiteral("give up"); }
    QString installForAll(int, const QString &) override { return QStringLiteral("refused"); }
    void setReminder(int, int days, int) override
    {
        asked << QStringLiteral("remind %1").arg(days);
    }
    void showLut(int, const VideoLut &, const QByteArray &) override
    {
        asked << QStringLiteral("lut");
    }
    desk::ProfileInUse readBack(int, const run::RunResults &) override { return inForce; }
    [[nodiscard]] app::ReadyFacts readyFacts(int) const override { return {}; }
    [[nodiscard]] desk::PatchWindow *patchWindow() override { return nullptr; }
    [[nodiscard]] QRect screenOf(int) const override { return {}; }
    void setTechnology(int, const std::string &) override {}
    void keepAwake(bool) override {}

private:
    [[nodiscard]] QString named(int display) const
    {
        const QString id = cards.at(static_cast<size_t>(display)).id;
        return id.isEmpty() ? QString() : QStringLiteral(" of ") + id;
    }
};

} // namespace lantern::test
