#include "platform/ending.h"

#include <QCoreApplication>
#include <QSocketNotifier>

#include <csignal>
#include <fcntl.h>
#include <unistd.h>

namespace lantern::platform {

namespace {

int endingPipe[2] = {-1, -1};
volatile std::sig_atomic_t signalCame = 0;

} // namespace

void endOnSignals()
{
    if (::pipe2(endingPipe, O_CLOEXEC | O_NONBLOCK) != 0)
        return;
    auto *told = new QSocketNotifier(endingPipe[0], QSocketNotifier::Read, qApp);
    QObject::connect(told, &QSocketNotifier::activated, qApp, &QCoreApplication::quit);
    struct sigaction action = {};
    action.sa_handler = [](int) {
        signalCame = 1;
        const char byte = 0;
        (void)!::write(endingPipe[1], &byte, 1);
    };
    action.sa_flags = SA_RESTART;
    for (const int signal : {SIGTERM, SIGINT, SIGHUP})
        ::sigaction(signal, &action, nullptr);
}

bool endedBySignal()
{
    return signalCame != 0;
}

} // namespace lantern::platform
