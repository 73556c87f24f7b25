#include "core/base/error.h"
#include "run/file/files.h"
#include "runner.h"

#include <QTemporaryDir>

#include <csignal>
#include <sys/resource.h>

namespace lantern::test {

/// Whole files: all of it, or what was there before.
class FilesTest : public QObject {
    Q_OBJECT
private slots:
    void whatIsWrittenIsRead()
    {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("file"));
        run::writeFile(path, "first");
        run::writeFile(path, "second");
        QCOMPARE(run::readFile(path), QByteArray("second"));
        QVERIFY_THROWS_EXCEPTION(Error, run::readFile(folder.path()));
        QVERIFY_THROWS_EXCEPTION(Error, run::readFile(path + QStringLiteral("s")));
    }

    /// Files that do not tell their size are read to their end, and what has none is refused.
    void sizesAreNotTrusted()
    {
        QVERIFY(run::readFile(QStringLiteral("/proc/self/status")).contains("VmRSS"));
        VERIFY_ERROR(run::readFile(QStringLiteral("/dev/zero")), "larger than 64 MB");
        const QTemporaryDir folder;
        QFile file(folder.filePath(QStringLiteral("large")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        QVERIFY(file.resize(64LL * 1024 * 1024));
        QCOMPARE(run::readFile(file.fileName()).size(), 64 * 1024 * 1024);
        QVERIFY(file.resize(64LL * 1024 * 1024 + 1));
        VERIFY_ERROR(run::readFile(file.fileName()), "larger than 64 MB");
    }

    /// As on a disk that is full: a file that does not fit leaves the old one alone, however small
    /// it is.
    void whatDoesNotFitChangesNothing()
    {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("file"));
        run::writeFile(path, "old");
        std::signal(SIGXFSZ, SIG_IGN);
        rlimit before{};
        QCOMPARE(getrlimit(RLIMIT_FSIZE, &before), 0);
        constexpr rlim_t kMost = 64;
        const rlimit tight = {kMost, before.rlim_max};
        QCOMPARE(setrlimit(RLIMIT_FSIZE, &tight), 0);
        bool refused = false;
        try {
            run::writeFile(path, QByteArray(2 * kMost, 'x'));
        } catch (const Error &) {
            refused = true;
        }
        QCOMPARE(setrlimit(RLIMIT_FSIZE, &before), 0);
        QVERIFY(refused);
        QCOMPARE(run::readFile(path), QByteArray("old"));
    }
};

static const Register<FilesTest> registered("FilesTest");

} // namespace lantern::test

#include "files_test.moc"
