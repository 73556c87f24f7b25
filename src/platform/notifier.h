#pragma once

#include <QList>
#include <QObject>
#include <QString>
#include <QVariantMap>

#include <functional>
#include <map>

namespace lantern::platform {

/// Something a notification offers to do.
struct Offer {
    QString key, label;
};

/// Notifications of the desktop. Source: Desktop Notifications Specification 1.2,
/// org.freedesktop.Notifications.
class Notifier : public QObject {
    Q_OBJECT
public:
    explicit Notifier(QObject *parent = nullptr);

    /// Shows one in place of the former about the same thing. False where nobody shows any.
    /// \param about what it is about, for the program \param chosen called with the key of an offer
    bool show(const QString &about, const QString &title, const QString &text,
              const QList<Offer> &offers, std::function<void(const QString &)> chosen);
    void withdraw(const QString &about);

private slots:
    void onAction(uint id, const QString &key);
    void onClosed(uint id, uint reason);

private:
    struct Shown {
        uint id;
        std::function<void(const QString &)> chosen;
    };
    std::map<QString, Shown> m_shown; ///< by what they are about
};

} // namespace lantern::platform
