#pragma once

#include "app/session/background.h"
#include "app/state/session_state.h"

#include <QObject>

#include <map>

namespace lantern::app {

/// Two runs or displays held against each other, and all displays among one another; worked out in
/// another thread when somebody looks.
class AgreementPart : public QObject {
    Q_OBJECT
public:
    explicit AgreementPart(QString logbookPath, QObject *parent = nullptr);
    [[nodiscard]] const AgreementState &state() const { return m_state; }
    /// Something of the logbook has changed.
    void outdate() { m_asked.reset(); }
    void choose(const AgreementQuestion &question);
    /// Names that displays have on this desk, by their ids.
    using Names = std::map<QString, QString>;
    /// Works it out if something has changed since the last time. \param aim whose white and tone
    /// all displays might share
    void look(const Names &names, const Aim &aim);

signals:
    void changed();
    void failed(const QString &problem);

private:
    struct Asked {
        AgreementQuestion question;
        Names names;
        Aim aim;
        bool operator==(const Asked &) const = default;
    };
    struct Found {
        std::shared_ptr<const AgreementSheet> sheet;
        QString problem;
    };
    static Found workOut(const QString &path, const Asked &asked);

    QString m_path;
    AgreementState m_state;
    std::optional<Asked> m_asked;
    Background<Found> m_work;
};

} // namespace lantern::app
