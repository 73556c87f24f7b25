#pragma once

#include "core/base/error.h"
#include "run/logbook/logbook.h"
#include "run/shared/book_address.h"

#include <QSqlDatabase>
#include <QStringList>

#include <optional>
#include <vector>

namespace lantern::run {

/// The shared book refuses the name or the password.
struct RefusedError : Error {
    using Error::Error;
};

/// A run in the shared book, without what it holds.
struct HeldRun {
    qint64 changed = 0; ///< grows with each change of the book
    QString identity, owner, startedAt;
    QString note, removedAt;
    bool isOwn = false; ///< of whoever asks
};

/// A book that a house shares: runs of many workstations in a PostgreSQL database. Runs do not
/// change once they are in it; their notes and whether they are removed may be changed by whoever
/// brought them. Who may what is the server's doing (row level security), not this program's.
/// Every call throws Error Device when the server cannot be reached any more; each is done whole or
/// not at all. One object per thread.
class SharedBook {
public:
    static constexpr int kVersion = 1;

    /// \param password empty: as the machine has it: a .pgpass file, or none is asked for
    /// \throws RefusedError; Error Device: no answer, or there is no book yet; BadInput: the book
    /// was made by a newer program
    SharedBook(const BookAddress &address, const QString &password);
    ~SharedBook();
    SharedBook(const SharedBook &) = delete;
    SharedBook &operator=(const SharedBook &) = delete;

    /// Makes the tables of a book on a server that exists; nothing where they are there. The user
    /// must be allowed to. \throws Error Device
    static void init(const BookAddress &address, const QString &password);
    /// Lets a workstation in, under a name of its own; by whoever made the book. \returns the
    /// password that it was given; empty: it was let in before and keeps its own
    QString admit(const QString &name);

    /// The same in every copy of a book's data.
    [[nodiscard]] const QString &identity() const { return m_identity; }
    /// The connection is encrypted; false also for sockets on one machine.
    [[nodiscard]] bool isEncrypted();

    /// What this workstation has brought.
    [[nodiscard]] std::vector<HeldRun> own();
    /// Which of these are in it, whoever brought them.
    [[nodiscard]] QStringList known(const QStringList &identities);
    /// Brings runs; what is there already stays as it is. One transaction.
    void add(const std::vector<RunRecord> &runs);
    /// Of a run of one's own. Nothing happens where it is not.
    void remark(const QString &identity, const QString &note, const QString &removedAt);

    /// What changed after that, oldest first, at most so many.
    [[nodiscard]] std::vector<HeldRun> changedSince(qint64 changed, int atMost);
    /// Those of them that can be read; what cannot is named. \param unreadable may be nullptr
    [[nodiscard]] std::vector<RunRecord> records(const QStringList &identities,
                                                 QStringList *unreadable = nullptr);

    /// The runs of a display with nothing but their setups and these figures, oldest first: for
    /// trends over the whole house. \param atMost the newest so many
    [[nodiscard]] std::vector<RunRecord> outlines(const QString &displayId,
                                                  const QStringList &figures, int atMost);
    /// Id of the display that has this id or, read last under it, this name; nothing: there is none.
    [[nodiscard]] std::optional<QString> displayMeant(const QString &idOrName);
    /// Displays in the book: ids with their newest names, by name.
    [[nodiscard]] std::vector<std::pair<QString, QString>> displays();

private:
    class Query;
    class Transaction;
    static QSqlDatabase connected(const BookAddress &address, const QString &password,
                                  const QString &connection);
    void lookAtVersion();

    QString m_place; ///< address, for messages
    QString m_connection, m_identity;
    QSqlDatabase m_database;
};

} // namespace lantern::run
