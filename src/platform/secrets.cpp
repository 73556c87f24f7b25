#include "platform/secrets.h"

#include "core/base/error.h"

#include <qt6keychain/keychain.h>

#include <QEventLoop>

namespace lantern::platform {

namespace {

constexpr const char *kService = "bold-lantern";

void prepare(QKeychain::Job &job, const QString &name)
{
    job.setInsecureFallback(false); // never in a file that anybody reads
    job.setKey(name);
}

/// Does it, and waits until it is done.
void carryOut(QKeychain::Job &job, const QString &name)
{
    prepare(job, name);
    job.setAutoDelete(false);
    bool done = false;
    QEventLoop loop;
    QObject::connect(&job, &QKeychain::Job::finished, &loop, [&] {
        done = true;
        loop.quit();
    });
    job.start();
    if (!done)
        loop.exec();
}

} // namespace

void readSecret(const QString &name, std::function<void(std::optional<QString>)> told)
{
    auto *job = new QKeychain::ReadPasswordJob(QString::fromLatin1(kService)); // deletes itself
    prepare(*job, name);
    QObject::connect(job, &QKeychain::Job::finished, job, [job, told = std::move(told)] {
        told(job->error() == QKeychain::NoError ? std::optional(job->textData()) : std::nullopt);
    });
    job->start();
}

std::optional<QString> secretNow(const QString &name)
{
    QKeychain::ReadPasswordJob job(QString::fromLatin1(kService));
    carryOut(job, name);
    return job.error() == QKeychain::NoError ? std::optional(job.textData()) : std::nullopt;
}

void keepSecret(const QString &name, const QString &secret)
{
    QKeychain::WritePasswordJob job(QString::fromLatin1(kService));
    job.setTextData(secret);
    carryOut(job, name);
    if (job.error() != QKeychain::NoError)
        throw Error(ErrorKind::Device, "secret service",
                    {"the password cannot be kept: %1", {job.errorString().toStdString()}},
                    "Without one, keep it in a .pgpass file that only you can read (mode 600), a "
                    "line host:port:database:user:password.");
}

void forgetSecret(const QString &name)
{
    QKeychain::DeletePasswordJob job(QString::fromLatin1(kService));
    carryOut(job, name);
}

} // namespace lantern::platform
