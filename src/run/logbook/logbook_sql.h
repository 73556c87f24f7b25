#pragma once

#include "core/base/error.h"
#include "run/logbook/logbook.h"

#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

namespace lantern::run {

[[noreturn]] void logbookFailed(const QString &path, const QSqlError &error);

/// A query that throws instead of returning false.
class Logbook::Statement {
public:
    Statement(Logbook &book, const QString &sql) : m_path(book.m_path), m_query(book.m_database)
    {
        m_query.setForwardOnly(true);
        if (!m_query.prepare(sql))
            logbookFailed(m_path, m_query.lastError());
    }
    Statement(Logbook &book, const char *sql) : Statement(book, QString::fromLatin1(sql)) {}
    Statement &bind(const QVariant &value)
    {
        m_query.bindValue(m_bound++, value);
        return *this;
    }
    /// A null string would become NULL in SQL, which equals nothing.
    Statement &bind(const QString &text)
    {
        return bind(QVariant(text.isNull() ? QStringLiteral("") : text));
    }
    /// Values are given anew, from the first on.
    void rebind() { m_bound = 0; }
    Statement &run()
    {
        if (!m_query.exec())
            logbookFailed(m_path, m_query.lastError());
        return *this;
    }
    bool next()
    {
        if (m_query.next())
            return true;
        if (m_query.lastError().isValid())
            logbookFailed(m_path, m_query.lastError());
        return false;
    }
    [[nodiscard]] QVariant value(int column) const { return m_query.value(column); }
    [[nodiscard]] QString text(int column) const { return value(column).toString(); }
    [[nodiscard]] qint64 lastId() const { return m_query.lastInsertId().toLongLong(); }

private:
    QString m_path;
    QSqlQuery m_query;
    int m_bound = 0;
};

/// All or nothing: what was not committed is rolled back.
class Logbook::Transaction {
public:
    explicit Transaction(Logbook &book) : m_book(book)
    {
        Statement(m_book, "BEGIN IMMEDIATE").run();
    }
    ~Transaction()
    {
        if (m_open)
            QSqlQuery(m_book.m_database).exec(QStringLiteral("ROLLBACK"));
    }
    Transaction(const Transaction &) = delete;
    Transaction &operator=(const Transaction &) = delete;
    void commit()
    {
        Statement(m_book, "COMMIT").run();
        m_open = false;
    }

private:
    Logbook &m_book;
    bool m_open = true;
};

} // namespace lantern::run
