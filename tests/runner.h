#pragma once

#include <QObject>
#include <QTest>

#include <functional>
#include <memory>
#include <vector>

namespace lantern::test {

/// A test class of this executable. `name` is what ctest calls.
struct Entry {
    const char *name;
    std::function<std::unique_ptr<QObject>()> make;
};

inline std::vector<Entry> &entries()
{
    static std::vector<Entry> list;
    return list;
}

template <class T> struct Register {
    explicit Register(const char *name)
    {
        entries().push_back({name, [] { return std::make_unique<T>(); }});
    }
};

/// Runs the class named by the first argument with the others passed on to Qt Test; without a name
/// all of them. Returns the number of failures.
int runAll(int argc, char **argv);

/// Runs the event loop at full speed until `done` holds, looking every 5 ms; false after a minute,
/// or after as many as LANTERN_TEST_PATIENCE says (tools/sanitize).
bool waitUntil(const std::function<bool()> &done);

/// QVERIFY with the number in the message; a NaN fails.
#define VERIFY_BELOW(value, limit)                                                                 \
    do {                                                                                           \
        const double got_ = (value);                                                               \
        QVERIFY2(got_ <= (limit), qPrintable(QStringLiteral("%1 = %2, limit %3")                   \
                                                 .arg(QLatin1String(#value))                       \
                                                 .arg(got_, 0, 'g', 8)                             \
                                                 .arg(double(limit), 0, 'g', 8)));                 \
    } while (false)

/// |got - expected| <= tolerance; a NaN fails.
#define VERIFY_NEAR(got, expected, tolerance)                                                      \
    do {                                                                                           \
        const double got_ = (got);                                                                 \
        const double expected_ = (expected);                                                       \
        QVERIFY2(std::abs(got_ - expected_) <= (tolerance),                                        \
                 qPrintable(QStringLiteral("%1 = %2, expected %3 within %4")                       \
                                .arg(QLatin1String(#got))                                          \
                                .arg(got_, 0, 'g', 12)                                             \
                                .arg(expected_, 0, 'g', 12)                                        \
                                .arg(double(tolerance), 0, 'g', 4)));                              \
    } while (false)

/// Runs a statement that must throw a lantern::Error whose text holds `part`.
#define VERIFY_ERROR(statement, part)                                                              \
    do {                                                                                           \
        bool thrown_ = false;                                                                      \
        try {                                                                                      \
            (void)(statement);                                                                     \
        } catch (const lantern::Error &e) {                                                        \
            thrown_ = true;                                                                        \
            QVERIFY2(QString::fromUtf8(e.what()).contains(QString::fromUtf8(part)), e.what());     \
        }                                                                                          \
        QVERIFY2(thrown_, "no error was thrown");                                                  \
    } while (false)

} // namespace lantern::test
