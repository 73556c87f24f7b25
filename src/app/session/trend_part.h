#pragma once

#include "app/session/background.h"
#include "app/state/session_state.h"

#include <QObject>

#include <map>

namespace lantern::app {

/// A figure of a display over time, read from the logbook in another thread when somebody looks.
class TrendPart : public QObject {
    Q_OBJECT
public:
    explicit TrendPart(QString logbookPath, QObject *parent = nullptr);
    [[nodiscard]] const TrendState &state() const { return m_state; }
    /// Something of the logbook has changed.
    void outdate() { m_asked.reset(); }
    /// \param display its id \param figure key of run::trendFigures()
    void choose(const QString &display, const QString &figure);
    /// Names that displays have on this desk, by their ids.
    using Names = std::map<QString, QString>;
    /// Reads it if something has changed since the last time. \param usual display as long as none
    /// was chosen
    void look(const Names &names, const QString &usual);

signals:
    void changed();
    void failed(const QString &problem);

private:
    struct Asked {
        QString display, figure;
        Names names;
        bool operator==(const Asked &) const = default;
    };
    struct Read {
        std::shared_ptr<const TrendSheet> sheet;
        QString problem;
    };
    static Read read(const QString &path, const Asked &asked);

    QString m_path;
    TrendState m_state;
    QString m_display, m_figure;
    std::optional<Asked> m_asked;
    Background<Read> m_work;
};

} // namespace lantern::app
