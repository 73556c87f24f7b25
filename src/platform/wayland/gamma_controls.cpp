#include "platform/wayland/gamma_controls.h"

#include "core/base/error.h"
#include "platform/wayland/wayland_link.h"
#include "run/file/files.h"

#include <QCryptographicHash>
#include <QElapsedTimer>
#include <QFile>
#include <QLockFile>
#include <QStandardPaths>
#include <QThread>
#include <QUrl>

#include <cstdio>
#include <sys/mman.h>
#include <unistd.h>
#include <wlr-gamma-control-client.h>

namespace lantern::platform {

namespace {

constexpr int kHandOverMs = 3000; ///< a program of ours lets go at once, unless it hangs
constexpr int kLookAgainMs = 10;
constexpr int kAskAgainMs = 5 * 60 * 1000; ///< an output that was not lent: it may be by then
const QString kWanted = QStringLiteral(".wanted");

std::unique_ptr<QLockFile> lockAt(const QString &path)
{
    auto lock = std::make_unique<QLockFile>(path);
    lock->setStaleLockTime(0); // as long as its program lives
    return lock;
}

/// By a program that lives. Looks first, so that whoever watches the folder sees no change.
bool isLocked(const QString &path)
{
    return QFile::exists(path) && !lockAt(path)->tryLock(0);
}

QByteArray digestOf(const LutTables &tables)
{
    return QCryptographicHash::hash(bytesOf(tables), QCryptographicHash::Sha1).toHex();
}

/// A file in memory with the tables, as the protocol wants them.
class TableFile {
public:
    explicit TableFile(const LutTables &tables) : m_fd(memfd_create("gamma", MFD_CLOEXEC))
    {
        const QByteArray bytes = bytesOf(tables);
        m_isWhole = m_fd >= 0 && write(m_fd, bytes.constData(), bytes.size()) == bytes.size() &&
                    lseek(m_fd, 0, SEEK_SET) == 0;
    }
    ~TableFile()
    {
        if (m_fd >= 0)
            close(m_fd);
    }
    TableFile(const TableFile &) = delete;
    TableFile &operator=(const TableFile &) = delete;
    [[nodiscard]] int descriptor() const { return m_isWhole ? m_fd : -1; }

private:
    int m_fd;
    bool m_isWhole = false;
};

[[noreturn]] void failToLoad(const QString &output, const Message &problem, const Message &advice)
{
    throw Error(ErrorKind::Device, output.toStdString(), problem, advice);
}

} // namespace

struct GammaControls::Hold {
    std::unique_ptr<QLockFile> lock;
    zwlr_gamma_control_v1 *control = nullptr;
    int size = 0;
    bool failed = false;
    LutTables tables; ///< loaded

    ~Hold()
    {
        if (control)
            zwlr_gamma_control_v1_destroy(control);
    }
};

GammaControls &GammaControls::instance()
{
    static GammaControls all;
    return all;
}

GammaControls::GammaControls() = default;

GammaControls::~GammaControls()
{
    releaseAll();
}

void GammaControls::releaseAll()
{
    const std::lock_guard guard(m_mutex);
    while (!m_holds.empty())
        drop(m_holds.begin()->first);
}

QString GammaControls::folder()
{
    static const QString path = QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation) +
                                QStringLiteral("/bold-lantern");
    run::makeFolder(path);
    return path;
}

QString GammaControls::fileOf(const QString &output)
{
    return folder() + QStringLiteral("/lut-") +
           QString::fromLatin1(QUrl::toPercentEncoding(output));
}

void GammaControls::refresh()
{
    // An output may have come since; the second time it says what it is.
    if (!m_link || !m_link->roundtrip() || !m_link->roundtrip())
        m_link = std::make_unique<WaylandLink>();
}

std::unique_ptr<GammaControls::Hold> GammaControls::borrow(const QString &output)
{
    refresh();
    const WaylandLink::Head *head = m_link->head(output);
    if (!head || !m_link->gammaControls())
        return nullptr;
    auto hold = std::make_unique<Hold>();
    hold->control =
        zwlr_gamma_control_manager_v1_get_gamma_control(m_link->gammaControls(), head->output);
    static const zwlr_gamma_control_v1_listener listener = {
        [](void *data, zwlr_gamma_control_v1 *, uint32_t size) {
            static_cast<Hold *>(data)->size = static_cast<int>(size);
        },
        [](void *data, zwlr_gamma_control_v1 *) { static_cast<Hold *>(data)->failed = true; }};
    zwlr_gamma_control_v1_add_listener(hold->control, &listener, hold.get());
    if (!m_link->roundtrip())
        hold->failed = true;
    return hold;
}

int GammaControls::size(const QString &output)
{
    const std::lock_guard guard(m_mutex);
    if (const auto it = m_holds.find(output); it != m_holds.end())
        return it->second->size;
    refresh();
    const WaylandLink::Head *head = m_link->head(output);
    if (!head || !m_link->gammaControls())
        return 0;
    // Who asks again and again is not to be seen in the folder, which others watch.
    Size &known = m_sizes[output];
    const bool isFresh =
        known.size > 0 || (known.at.isValid() && !known.at.hasExpired(kAskAgainMs));
    if (known.global == head->global && isFresh)
        return known.size;
    known = {head->global, 0, {}};
    known.at.start();
    // Asking is borrowing: whoever of ours holds it has written down how large it is.
    const QString path = fileOf(output) + QStringLiteral(".size");
    QFile file(path);
    const int told = file.open(QIODevice::ReadOnly) ? file.readAll().toInt() : 0;
    const auto lock = lockAt(fileOf(output));
    if (!lock->tryLock(0))
        return known.size = told;
    int size = 0;
    if (const auto hold = borrow(output); hold && !hold->failed)
        size = hold->size;
    m_link->roundtrip(); // given back
    if (size < 2)
        return 0;
    if (size != told)
        run::writeFile(path, QByteArray::number(size));
    return known.size = size;
}

void GammaControls::set(const QString &output, const LutTables &tables)
{
    const std::lock_guard guard(m_mutex);
    auto it = m_holds.find(output);
    if (it != m_holds.end() && (!m_link->roundtrip() || it->second->failed)) {
        drop(output); // the output went, or the compositor thought better of it
        it = m_holds.end();
    }
    if (it == m_holds.end()) {
        auto lock = lockAt(fileOf(output));
        const auto wanted = lockAt(fileOf(output) + kWanted);
        QElapsedTimer since;
        since.start();
        while (!lock->tryLock(0)) {
            if (m_asks)
                wanted->tryLock(0);
            if (!m_asks || since.elapsed() > kHandOverMs)
                failToLoad(output, "another program of ours holds its video LUT",
                           "Another display is being measured there, or that program hangs: end "
                           "it.");
            QThread::msleep(kLookAgainMs); // for a lock file, which no event tells of
        }
        auto hold = borrow(output);
        if (!hold || hold->failed || hold->size < 2)
            failToLoad(output, "the compositor does not lend its video LUT",
                       "Another program holds it: end night light and whatever else tints the "
                       "screen.");
        hold->lock = std::move(lock);
        it = m_holds.emplace(output, std::move(hold)).first;
    }
    Hold &hold = *it->second;
    const TableFile file(tables);
    if (file.descriptor() < 0 || static_cast<int>(tables[0].size()) != hold.size)
        failToLoad(output, "its video LUT cannot be loaded", "Is the display still connected?");
    zwlr_gamma_control_v1_set_gamma(hold.control, file.descriptor());
    if (!m_link->roundtrip() || hold.failed) {
        drop(output);
        failToLoad(output, "its video LUT cannot be loaded", "Is the display still connected?");
    }
    hold.tables = tables;
    run::writeFile(fileOf(output) + QStringLiteral(".tables"), digestOf(tables));
}

void GammaControls::drop(const QString &output)
{
    const auto it = m_holds.find(output);
    if (it == m_holds.end())
        return;
    QFile::remove(fileOf(output) + QStringLiteral(".tables"));
    auto lock = std::move(it->second->lock);
    m_holds.erase(it);
    if (m_link)
        m_link->roundtrip(); // it is free when the lock goes
}

void GammaControls::release(const QString &output)
{
    const std::lock_guard guard(m_mutex);
    drop(output);
}

LutTables GammaControls::held(const QString &output)
{
    const std::lock_guard guard(m_mutex);
    const auto it = m_holds.find(output);
    if (it == m_holds.end() || !m_link->roundtrip() || it->second->failed)
        return {};
    return it->second->tables;
}

bool GammaControls::areInForce(const QString &output, const LutTables &tables)
{
    const std::lock_guard guard(m_mutex);
    if (const auto it = m_holds.find(output); it != m_holds.end())
        return m_link->roundtrip() && !it->second->failed && it->second->tables == tables;
    if (!isLocked(fileOf(output)))
        return false;
    QFile file(fileOf(output) + QStringLiteral(".tables"));
    return file.open(QIODevice::ReadOnly) && file.readAll() == digestOf(tables);
}

std::vector<QString> GammaControls::wantedByOthers()
{
    const std::lock_guard guard(m_mutex);
    std::vector<QString> wanted;
    for (const auto &[output, hold] : m_holds)
        if (isLocked(fileOf(output) + kWanted))
            wanted.push_back(output);
    return wanted;
}

bool GammaControls::isFree(const QString &output)
{
    const std::lock_guard guard(m_mutex);
    return m_holds.count(output) == 0 && !isLocked(fileOf(output)) &&
           !isLocked(fileOf(output) + kWanted);
}

VideoLut GammaControlLut::read()
{
    const LutTables tables = GammaControls::instance().held(m_output);
    return tables[0].empty() ? VideoLut::identity() : VideoLut::fromTables(tables);
}

void GammaControlLut::load(const VideoLut &lut)
{
    const LutTables tables = tablesOf(lut, m_size);
    if (!GammaControls::instance().areInForce(m_output, tables))
        GammaControls::instance().set(m_output, tables);
}

QByteArray GammaControlLut::save()
{
    return bytesOf(GammaControls::instance().held(m_output));
}

void GammaControlLut::restore(const QByteArray &saved)
{
    const LutTables tables = tablesFrom(saved, m_size);
    if (tables[0].empty())
        GammaControls::instance().release(m_output);
    else
        GammaControls::instance().set(m_output, tables);
}

bool GammaControlLut::holds(const VideoLut &lut)
{
    GammaControls &all = GammaControls::instance();
    // What nobody has borrowed is the compositor's own.
    return all.areInForce(m_output, tablesOf(lut, m_size)) ||
           (lut == VideoLut::identity() && all.isFree(m_output));
}

LutHandOver::LutHandOver(std::function<bool(const QString &)> isBusy, QObject *parent)
    : QObject(parent), m_isBusy(std::move(isBusy))
{
    m_folder.addPath(GammaControls::folder());
    connect(&m_folder, &QFileSystemWatcher::directoryChanged, this, [this] {
        for (const QString &output : GammaControls::instance().wantedByOthers())
            if (!m_isBusy(output))
                GammaControls::instance().release(output);
        emit changed();
    });
}

} // namespace lantern::platform
