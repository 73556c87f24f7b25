#include "runner.h"

#include <QElapsedTimer>
#include <QEventLoop>
#include <QFileInfo>
#include <QTimer>

#include <cstring>
#include <iostream>
#include <utility>

namespace lantern::test {

bool waitUntil(const std::function<bool()> &done)
{
    constexpr int kPollMs = 5;
    // Beneath a sanitizer everything takes longer, the wait for a failure too.
    static const qint64 longestMs =
        60'000LL * qMax(1, qEnvironmentVariableIntValue("LANTERN_TEST_PATIENCE"));
    QElapsedTimer since;
    since.start();
    bool holds = done();
    if (holds)
        return true;
    bool isLooking = false; // done() may wait itself
    QEventLoop loop;
    QTimer poll;
    QObject::connect(&poll, &QTimer::timeout, &loop, [&] {
        if (std::exchange(isLooking, true))
            return;
        holds = done();
        if (holds || since.elapsed() > longestMs)
            loop.quit();
        isLooking = false;
    });
    poll.start(kPollMs);
    loop.exec();
    return holds;
}

int runAll(int argc, char **argv)
{
    // Logbooks are synced to disk after each reading; in memory the tests take seconds, not
    // minutes.
    if (!qEnvironmentVariableIsSet("TMPDIR") && QFileInfo(QStringLiteral("/dev/shm")).isWritable())
        qputenv("TMPDIR", "/dev/shm");
    const bool named = argc > 1 && argv[1][0] != '-';
    std::vector<char *> rest = {argv[0]};
    for (int i = named ? 2 : 1; i < argc; ++i)
        rest.push_back(argv[i]);
    int failures = 0;
    bool found = false;
    for (const Entry &entry : entries()) {
        if (named && std::strcmp(entry.name, argv[1]) != 0)
            continue;
        found = true;
        const auto object = entry.make();
        failures += QTest::qExec(object.get(), static_cast<int>(rest.size()), rest.data());
    }
    if (!found) {
        std::cerr << "no test class of that name\n";
        return 1;
    }
    return failures;
}

} // namespace lantern::test
