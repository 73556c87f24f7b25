#pragma once

#include <QProcess>

#include <optional>

namespace lantern::run {

/// What a meter's program needs of the environment: where programs, the display server and the
/// session are, and the language. No more: other variables may hold secrets.
QProcessEnvironment bareEnvironment();

/// A program run for a reading, that cannot harm this one: it has a process group of its own, which
/// ends with it, and of what it prints no more is kept than its user can want.
class ChildProgram : public QProcess {
    Q_OBJECT
public:
    explicit ChildProgram(QObject *parent);
    ~ChildProgram() override;

    /// Ends it and whatever it started, at once; nothing is emitted.
    void stop();
    /// What it printed and nobody has taken yet.
    QByteArray takeOutput();
    /// The first whole line of it, without its end; nothing when there is none.
    std::optional<QByteArray> takeLine();
    /// The end of what it said on standard error, on one line.
    [[nodiscard]] QString lastWords() const;

signals:
    /// There is something to take.
    void printed();
    /// It printed more than kMostOutput without it being taken, and was stopped.
    void printedTooMuch();

private:
    static constexpr qsizetype kMostOutput = 1 << 20; ///< bytes
    static constexpr qsizetype kMostWords = 4096;

    QByteArray m_output, m_words;
};

} // namespace lantern::run
