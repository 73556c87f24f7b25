#include "cli/place.h"
#include "cli/said.h"

#include "core/base/error.h"
#include "core/base/text.h"
#include "desk/desk.h"
#include "desk/patch_window.h"
#include "platform/desktop.h"
#include "run/device/meters/meter_registry.h"

#include <csignal>
#include <iostream>

namespace lantern::cli {

namespace {

class DeskPlace : public Place {
public:
    DeskPlace(const std::string &output, const std::string &meter)
        : m_display(m_desk.find(QString::fromStdString(output))),
          m_presenter(&m_patch),
          m_meter(run::makeMeter(QString::fromStdString(meter)))
    {
        answerByHand(m_meter.get());
        // As if the terminal, which the patch covers, had been asked to stop.
        QObject::connect(&m_presenter, &desk::WindowPresenter::leaveWanted, &m_presenter,
                         [] { std::raise(SIGINT); });
        m_desk.putBackCutShort();
        const QRect screen = m_desk.screenOf(m_display);
        m_presenter.setScreen(screen);
        m_patch.placeAt(screen.center());
    }
    ~DeskPlace() override
    {
        m_presenter.hide();
        m_desktop.release();
    }

    [[nodiscard]] run::RunSetup setup() override
    {
        (void)m_desk.devices(m_display); // the control channel is looked for
        run::RunSetup s = m_desk.setup(m_display, m_patch.size());
        if (s.adjust == run::AdjustMode::ByHand) { // nobody is there to turn and to say when
            s.adjust = run::AdjustMode::Skip;
            std::cerr << said({"%1: its controls cannot be reached and stay as they are.",
                               {shown(m_desk.facts(m_display).name)}})
                      << '\n';
        }
        if (!s.loadsLut)
            std::cerr << said("This output has no video LUT: the tone curve stays the panel's own, "
                              "and the profile carries it.")
                      << '\n';
        return s;
    }
    run::Devices devices(const QString &) override
    {
        run::Devices devices = m_desk.devices(m_display);
        devices.meter = run::keptElsewhere(*m_meter);
        devices.presenter = run::keptElsewhere(m_presenter);
        return devices;
    }
    void begins() override
    {
        m_desk.runBegins(m_display);
        m_desktop.inhibit(QStringLiteral("A display is being measured"));
    }
    void declare(const QByteArray &icc, const VideoLut &lut) override
    {
        m_desk.declare(m_display, icc, lut);
    }
    void proved(std::optional<double> meanDeltaE00) override
    {
        m_desk.proved(m_display, meanDeltaE00);
    }
    [[nodiscard]] std::vector<uint8_t> declared() override
    {
        const QByteArray icc = m_desk.declared(m_display);
        return {icc.begin(), icc.end()};
    }
    void ends(bool installed) override
    {
        if (installed)
            m_desk.runEnds(m_display);
        else
            m_desk.activate(m_display, std::nullopt);
    }

private:
    desk::Desk m_desk;
    int m_display;
    desk::PatchWindow m_patch;
    desk::WindowPresenter m_presenter;
    std::unique_ptr<run::Meter> m_meter;
    platform::Desktop m_desktop;
};

} // namespace

std::unique_ptr<Place> deskPlace(const std::string &output, const std::string &meter)
{
    if (meter.empty())
        throw Error(ErrorKind::BadInput, "--meter", "is missing",
                    "On a real display give driver:PROGRAM, command:PROGRAM or hand.");
    if (isBenchMeter(meter))
        throw Error(ErrorKind::BadInput, "--meter " + meter, "is the simulated displays' own",
                    "On a real display give driver:PROGRAM, command:PROGRAM or hand.");
    return std::make_unique<DeskPlace>(output, meter);
}

} // namespace lantern::cli
