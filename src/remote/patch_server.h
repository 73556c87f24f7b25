#pragma once

#include "remote/page_presenter.h"

#include <QHostAddress>
#include <QUrl>

#include <memory>
#include <vector>

class QTcpServer;
class QTcpSocket;
class QWebSocketServer;

namespace lantern::remote {

struct HttpRequest;
struct HttpAnswer;

/// A device that was paired: its browser may show patches.
struct PageDevice {
    QString id;   ///< kept
    QString name; ///< as the person calls it
    bool isConnected = false;
    PageFacts facts = {}; ///< as it told last
    std::optional<int> roundTripMs = {};
};

/// An address of this computer that others may reach it by.
struct OwnAddress {
    QHostAddress address;
    QString network; ///< interface, e.g. "wlan0"
};

/// Without those that only this computer reaches.
std::vector<OwnAddress> ownAddresses();

/// A file that a device may fetch.
struct OfferedFile {
    QString title;   ///< of the link
    QString name;    ///< that it is saved under
    QByteArray type; ///< MIME
    QByteArray content;
};

/// Serves one page, on one address, to devices that know the code; nothing else, and nothing at all
/// while it is closed. Devices that were paired come back by themselves, also after the program was
/// started anew. Lives in the interface thread. Messages: docs/patch-page.md.
class PatchServer : public QObject {
    Q_OBJECT
public:
    /// \param file where paired devices are kept
    explicit PatchServer(QString file, QObject *parent = nullptr);
    ~PatchServer() override;

    /// \param port 0: any that is free \throws Error Device when it cannot listen there
    void open(const QHostAddress &address, quint16 port);
    void close();
    [[nodiscard]] bool isOpen() const { return m_listener != nullptr; }
    [[nodiscard]] QUrl url() const; ///< what to type on the device; empty: closed
    /// Pairs one device; another one follows.
    [[nodiscard]] const QString &code() const { return m_code; }

    [[nodiscard]] std::vector<PageDevice> devices() const;
    void rename(const QString &id, const QString &name);
    /// It has to be paired anew.
    void forget(const QString &id);
    /// Of a device that is paired. \throws Error BadInput when none is of that id
    [[nodiscard]] std::shared_ptr<PagePresenter> presenter(const QString &id) const;
    /// What it may fetch, instead of what it could until now.
    void offer(const QString &id, const std::vector<OfferedFile> &files);

signals:
    /// Devices were paired, came or went; or the code is another.
    void changed();

private:
    struct Device {
        QString id, name;
        QByteArray tokenDigest; ///< SHA-256 of what the page keeps
        std::shared_ptr<PagePresenter> presenter;
        std::vector<std::pair<QString, OfferedFile>> files; ///< by path
    };
    void read();
    void keep() const;
    void newCode();
    Device &add(const QString &id, const QString &name, const QByteArray &tokenDigest);
    Device *find(const QString &id);
    void onConnection();
    void onRequest(QTcpSocket *socket);
    void onPage();
    void onHello(QWebSocket *socket, const QString &text);
    void refuse(QWebSocket *socket, const QString &why);
    void welcome(QWebSocket *socket, Device &device, const QString &token, const PageFacts &facts);
    void sendFiles(const Device &device) const;
    [[nodiscard]] QString freeName(const QString &wanted) const;
    [[nodiscard]] HttpAnswer answerTo(const HttpRequest &request) const;

    QString m_file;
    QHostAddress m_address;
    quint16 m_port = 0;
    std::unique_ptr<QTcpServer> m_listener;
    std::unique_ptr<QWebSocketServer> m_pages; ///< takes over what becomes a WebSocket
    QString m_code;
    int m_wrongCodes = 0;
    QElapsedTimer m_sinceWrong;
    std::vector<Device> m_devices;
    std::vector<QPointer<QWebSocket>> m_strangers; ///< connected, and not yet known
};

} // namespace lantern::remote
