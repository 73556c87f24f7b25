#pragma once

#include <QByteArray>
#include <QString>
#include <QVariant>

#include <functional>
#include <optional>
#include <set>
#include <unordered_map>

namespace lantern::run {

/// The rows of an SQLite file page by page, trusting nothing that links the pages: what a damaged
/// one still holds. Source: "Database File Format", the SQLite project, sqlite.org/fileformat2.html
class SqlitePages {
public:
    /// \param wal the file's write-ahead log; empty: none. Its frames count up to the last whole
    /// transaction.
    SqlitePages(QByteArray file, const QByteArray &wal);

    /// A row as it lies in its page. The column that is the row's number is null.
    struct Row {
        std::optional<qint64> number; ///< nothing: of a table or index without row numbers
        QVariantList values;
    };
    /// Calls for each row of each page that can be read; of every table and every index.
    void eachRow(const std::function<void(const Row &)> &take);
    /// Pages whose rows could not all be read, that are no page at all, or that were cut off.
    [[nodiscard]] int damagedPages() const { return m_damaged; }
    /// The list of free pages could be followed to its end: no row is one that had been deleted.
    [[nodiscard]] bool isFreeListWhole() const { return m_freeListWhole; }
    /// PRAGMA user_version; nothing: the header is damaged.
    [[nodiscard]] std::optional<int> userVersion() const;

private:
    [[nodiscard]] const char *page(quint32 number) const; ///< from 1; nullptr: there is none
    [[nodiscard]] quint32 pages() const { return m_pages; }
    void readWal(const QByteArray &wal);
    void readFreeList();
    bool readPage(quint32 number, const std::function<void(const Row &)> &take);
    std::optional<QByteArray> payload(const char *page, qsizetype at, quint64 size, bool isTable);
    static std::optional<QVariantList> values(const QByteArray &record);

    QByteArray m_file, m_wal;
    qsizetype m_pageSize = 4096, m_usable = 4096;
    quint32 m_pages = 0;
    bool m_headerWhole = false, m_freeListWhole = true;
    int m_damaged = 0, m_missing = 0;
    std::unordered_map<quint32, qsizetype> m_newer; ///< pages in the log: where in it
    std::set<quint32> m_free;
    std::set<quint32> m_overflow;
};

} // namespace lantern::run
