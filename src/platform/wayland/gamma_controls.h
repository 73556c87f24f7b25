#pragma once

#include "platform/lut_tables.h"

#include <QElapsedTimer>
#include <QFileSystemWatcher>
#include <QObject>
#include <QString>

#include <functional>
#include <map>
#include <memory>
#include <mutex>

struct zwlr_gamma_control_v1;
class QLockFile;

namespace lantern::platform {

class WaylandLink;

/// The gamma tables of a compositor that lends each output's to one program at a time, for as long
/// as that program holds on to them: when it lets go or ends, the tables are the compositor's own
/// again. So the programs of ours hand them on. A lock file for each output, in the session's
/// runtime folder, says which of them holds it, a second one who would like to, and a third which
/// tables are in force. One for each program, usable from any thread.
class GammaControls {
public:
    static GammaControls &instance();
    ~GammaControls();

    /// Entries of an output's tables. 0: it has none, or no such protocol is offered.
    /// The compositor does not tell these from tables that a program not of ours holds.
    int size(const QString &output);
    /// Whether set() asks another program of ours to hand an output over. It does, unless told not.
    void askOthers(bool ask) { m_asks = ask; }
    /// Loads tables, asking the program of ours that holds the output to hand it over.
    /// \throws Error Device where another does not
    void set(const QString &output, const LutTables &tables);
    /// Gives the output back.
    void release(const QString &output);
    void releaseAll();
    /// Tables that this program has loaded there; empty: it holds none.
    LutTables held(const QString &output);
    /// Whether these tables were loaded by a program of ours that still holds them.
    bool areInForce(const QString &output, const LutTables &tables);
    /// Outputs held here that another program of ours asks for.
    std::vector<QString> wantedByOthers();
    /// No program of ours holds it or asks for it.
    bool isFree(const QString &output);
    /// Of the lock files; it changes when an output is taken, let go or wanted.
    static QString folder();

private:
    struct Hold;
    GammaControls();
    /// Brings what is known of the outputs up to date.
    void refresh();
    /// Null: the compositor does not lend it.
    std::unique_ptr<Hold> borrow(const QString &output);
    static QString fileOf(const QString &output);
    void drop(const QString &output);

    std::mutex m_mutex;
    std::unique_ptr<WaylandLink> m_link;
    std::map<QString, std::unique_ptr<Hold>> m_holds;
    struct Size {
        uint32_t global = 0; ///< of the output: one that was plugged in anew is asked anew
        int size = 0;        ///< 0: it was not lent
        QElapsedTimer at;
    };
    std::map<QString, Size> m_sizes; ///< as last told
    bool m_asks = true;
};

/// Lets go of outputs that another program of ours asks for, unless they are busy here. Needs an
/// event loop.
class LutHandOver : public QObject {
    Q_OBJECT
public:
    explicit LutHandOver(std::function<bool(const QString &output)> isBusy,
                         QObject *parent = nullptr);

signals:
    /// Some program of ours has taken an output or let it go.
    void changed();

private:
    std::function<bool(const QString &)> m_isBusy;
    QFileSystemWatcher m_folder;
};

/// One output's, as a LUT.
class GammaControlLut : public run::VideoLutDevice {
public:
    GammaControlLut(QString output, int size) : m_output(std::move(output)), m_size(size) {}
    /// The one that was loaded by this program; the compositor's own cannot be read.
    VideoLut read() override;
    void load(const VideoLut &lut) override;
    QByteArray save() override;
    /// Nothing was held here before: lets go.
    void restore(const QByteArray &saved) override;
    bool holds(const VideoLut &lut) override;

private:
    QString m_output;
    int m_size;
};

} // namespace lantern::platform
