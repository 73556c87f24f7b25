#pragma once

#include <QDBusConnection>
#include <QDBusVirtualObject>
#include <QProcess>
#include <QString>
#include <QThread>

namespace lantern::test {

/// A D-Bus of its own, with a stand-in that answers in a thread of its own: whoever asks may block.
class PrivateBus {
public:
    /// \param standIn taken over; answers to whatever is asked below the root
    explicit PrivateBus(QDBusVirtualObject *standIn) : m_standIn(standIn)
    {
        m_bus.start(QStringLiteral("dbus-daemon"),
                    {QStringLiteral("--session"), QStringLiteral("--print-address"),
                     QStringLiteral("--nofork")});
        if (!m_bus.waitForStarted() || !m_bus.waitForReadyRead())
            qFatal("dbus-daemon is not installed");
        m_address = QString::fromUtf8(m_bus.readLine()).trimmed();
        m_standIn->moveToThread(&m_thread);
        m_thread.start();
        there([this] {
            QDBusConnection::connectToBus(m_address, kStandIn)
                .registerVirtualObject(QStringLiteral("/"), m_standIn, QDBusConnection::SubPath);
        });
    }
    ~PrivateBus()
    {
        // A connection is closed in the toolkit's own thread, perhaps after this: it must not touch
        // a stand-in that has gone.
        standIn().unregisterObject(QStringLiteral("/"), QDBusConnection::UnregisterTree);
        QDBusConnection::disconnectFromBus(kStandIn);
        m_thread.quit();
        m_thread.wait();
        delete m_standIn;
        m_bus.kill();
        m_bus.waitForFinished();
    }
    PrivateBus(const PrivateBus &) = delete;
    PrivateBus &operator=(const PrivateBus &) = delete;

    /// For this program and those it starts.
    void makeItThe(const char *variable) const { qputenv(variable, m_address.toUtf8()); }
    [[nodiscard]] const QString &address() const { return m_address; }
    [[nodiscard]] qint64 processId() const { return m_bus.processId(); }
    /// The stand-in's own connection.
    [[nodiscard]] static QDBusConnection standIn() { return QDBusConnection(kStandIn); }
    void offer(const QString &service)
    {
        there([&] { standIn().registerService(service); });
    }
    void withdraw(const QString &service)
    {
        there([&] { standIn().unregisterService(service); });
    }
    /// In the stand-in's thread.
    template <class F> void there(F &&work)
    {
        QMetaObject::invokeMethod(m_standIn, std::forward<F>(work), Qt::BlockingQueuedConnection);
    }

private:
    static inline const QString kStandIn = QStringLiteral("stand-in");

    QProcess m_bus;
    QString m_address;
    QThread m_thread;
    QDBusVirtualObject *m_standIn;
};

} // namespace lantern::test
