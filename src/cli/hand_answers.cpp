#include "cli/place.h"
#include "cli/said.h"

#include "core/base/text.h"
#include "run/device/meters/command_meter.h"
#include "run/device/meters/hand_meter.h"

#include <QSocketNotifier>

#include <iostream>
#include <unistd.h>

namespace lantern::cli {

namespace {

/// Lines of standard input as they come; the event loop goes on meanwhile.
class HandAnswers : public QObject {
public:
    explicit HandAnswers(run::HandMeter *meter)
        : QObject(meter), m_meter(meter), m_input(STDIN_FILENO, QSocketNotifier::Read)
    {
        m_input.setEnabled(false);
        connect(&m_input, &QSocketNotifier::activated, this, [this] { take(); });
        connect(meter, &run::HandMeter::entryWanted, this, [this](const DeviceRgb &shown) {
            m_question = "X Y Z of " + shortNumber(shown.r) + ' ' + shortNumber(shown.g) + ' ' +
                         shortNumber(shown.b) + "? ";
            m_wanted = true;
            ask();
            // A line may be here already.
            QMetaObject::invokeMethod(
                this, [this] { answer(); }, Qt::QueuedConnection);
        });
        connect(meter, &run::HandMeter::entryGivenUp, this, [this] {
            m_wanted = false;
            m_input.setEnabled(false);
        });
    }

private:
    void ask()
    {
        std::cerr << m_question << std::flush;
        m_input.setEnabled(true);
    }
    void take()
    {
        char buffer[4096];
        const ssize_t count = ::read(STDIN_FILENO, buffer, sizeof buffer);
        if (count > 0)
            m_pending.append(buffer, static_cast<qsizetype>(count));
        else
            m_ended = true;
        answer();
    }
    void answer()
    {
        while (m_wanted) {
            const qsizetype end = m_pending.indexOf('\n');
            if (end < 0 && !m_ended)
                return;
            m_input.setEnabled(false);
            if (end < 0 && m_pending.isEmpty()) {
                m_wanted = false;
                m_meter->giveUp(QObject::tr("standard input has ended"));
                return;
            }
            const QByteArray line = end < 0 ? std::exchange(m_pending, {}) : m_pending.left(end);
            m_pending.remove(0, end + 1);
            if (const auto xyz = run::xyzFromOutput(line)) {
                m_wanted = false;
                m_meter->enter(*xyz);
            } else {
                std::cerr << said("Three numbers in cd/m² are expected.") << '\n';
                ask();
            }
        }
    }

    run::HandMeter *m_meter;
    QSocketNotifier m_input;
    QByteArray m_pending;
    std::string m_question;
    bool m_wanted = false, m_ended = false;
};

} // namespace

void answerByHand(run::Meter *meter)
{
    if (auto *hand = dynamic_cast<run::HandMeter *>(meter))
        new HandAnswers(hand); // goes with it
}

} // namespace lantern::cli
