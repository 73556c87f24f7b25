#pragma once

#include "app/session/background.h"
#include "app/state/session_state.h"
#include "run/shared/book_sync.h"

#include <QObject>
#include <QPointer>
#include <QTimer>

#include <memory>

namespace lantern::app {

/// Keeps the logbook in step with the house's shared book: brings what is new here and fetches
/// what is new there, in another thread. Whatever the network does, nobody waits for it.
class BookPart : public QObject {
    Q_OBJECT
public:
    explicit BookPart(QString logbookPath, QObject *parent = nullptr);
    [[nodiscard]] const BookState &state() const { return m_state; }
    /// What is damaged in its file, told once.
    [[nodiscard]] QString takeProblem() { return std::exchange(m_problem, {}); }
    /// Now and then by itself; what is under way is not begun again.
    void sync();
    /// Something of the logbook has changed: it is brought soon.
    void outdate();
    /// What was fetched is in the logbook now. \param problem why it could not be written: it is
    /// fetched again; empty: all is well
    void taken(const QString &problem);

signals:
    void changed();
    /// To be taken into the logbook by whoever writes there; taken() follows.
    void fetched(const std::shared_ptr<const lantern::run::Fetched> &runs);

private:
    struct Result {
        run::Brought brought;
        std::shared_ptr<const run::Fetched> fetched;
        QString book; ///< its identity
        bool isEncrypted = false;
        QString problem;
    };
    static Result carryOut(const QString &logbook, const run::BookSetup &setup,
                           const QString &password);
    void arrived(const Result &result);

    QString m_path, m_problem, m_book;
    run::BookSetup m_setup;
    std::shared_ptr<const run::Fetched> m_fetched; ///< not taken yet
    BookState m_state;
    QTimer m_tick;
    Background<Result> m_work;
};

} // namespace lantern::app
