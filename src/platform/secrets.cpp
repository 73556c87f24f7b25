#include "platform/secrets.h"

#include "core/base/error.h"

#include <qt6keychain/keychain.h>

#include <QEventLoop>
#include <QTimer>

#include <memory>

namespace lantern::platform {

namespace {

constexpr const char *kService = "bold-lantern";

/// Long enough for a person to unlock the service.
constexpr int kMostWaitMs = 120'000;

void prepare(QKeychain::Job &job, const QString &name)
{
    job.setInsecureFallback(false); // never in a file that anybody reads
    job.setKey(name);
}

/// What came of a job.
struct Outcome {
    bool isDone = false;
    QString secret, problem;
};

/// Does it and waits until it is done, or for so long; the job deletes itself when it ends.
Outcome carryOut(QKeychain::Job *job, const QString &name)
{
    prepare(*job, name);
    auto outcome = std::make_shared<Outcome>();
    bool ended = false;
    QEventLoop loop;
    QObject::connect(job, &QKeychain::Job::finished, &loop, [&, outcome, job] {
        outcome->isDone = job->error() == QKeychain::NoError;
        outcome->problem = job->errorString();
        if (const auto *read = qobject_cast<QKeychain::ReadPasswordJob *>(job))
            outcome->secret = read->textData();
        ended = true;
        loop.quit();
    });
    job->start();
    if (!ended) {
        QTimer::singleShot(kMostWaitMs, &loop, &QEventLoop::quit);
        loop.exec();
    }
    if (!ended)
        outcome->problem = QStringLiteral("the service did not answer");
    return *outcome;
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
    const Outcome o = carryOut(new QKeychain::ReadPasswordJob(QString::fromLatin1(kService)), name);
    return o.isDone ? std::optional(o.secret) : std::nullopt;
}

void keepSecret(const QString &name, const QString &secret)
{
    auto *job = new QKeychain::WritePasswordJob(QString::fromLatin1(kService));
    job->setTextData(secret);
    const Outcome o = carryOut(job, name);
    if (!o.isDone)
        throw Error(ErrorKind::Device, "secret service",
                    {"the password cannot be kept: %1", {o.problem.toStdString()}},
                    "Without one, keep it in a .pgpass file that only you can read (mode 600), a "
                    "line host:port:database:user:password.");
}

void forgetSecret(const QString &name)
{
    (void)carryOut(new QKeychain::DeletePasswordJob(QString::fromLatin1(kService)), name);
}

} // namespace lantern::platform
