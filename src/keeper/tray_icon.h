#pragma once

#include <QDBusConnection>
#include <QDBusServiceWatcher>
#include <QDBusVirtualObject>
#include <QString>

#include <functional>
#include <memory>
#include <utility>
#include <vector>

namespace lantern::keeper {

/// An icon among the desktop's status icons, where it has any: it says whether all is well, opens
/// the window and has a menu. Sources: StatusNotifierItem of the freedesktop.org specifications,
/// and the interface com.canonical.dbusmenu for its menu, as desktops with status icons serve them.
class TrayIcon : public QDBusVirtualObject {
    Q_OBJECT
public:
    /// What its menu offers, in order.
    using Menu = std::vector<std::pair<QString, std::function<void()>>>;
    /// \param activated the icon itself was pressed
    TrayIcon(Menu menu, std::function<void()> activated,
             const QDBusConnection &bus = QDBusConnection::sessionBus(), QObject *parent = nullptr);
    ~TrayIcon() override;

    /// What is to be known now. \param needsAttention something waits for the person
    void say(bool needsAttention, const QString &text);

    [[nodiscard]] QString introspect(const QString &path) const override;
    bool handleMessage(const QDBusMessage &message, const QDBusConnection &connection) override;

private slots:
    void introduce();

private:
    [[nodiscard]] QVariantMap itemProperties() const;
    bool answerMenu(const QDBusMessage &message, const QDBusConnection &connection);
    void signal(const char *name, const QVariantList &arguments = {});

    Menu m_menu;
    std::function<void()> m_activated;
    QDBusConnection m_bus;
    QString m_service; ///< own name on the bus; empty: no bus
    QDBusServiceWatcher m_host;
    bool m_needsAttention = false;
    QString m_text;
};

} // namespace lantern::keeper
