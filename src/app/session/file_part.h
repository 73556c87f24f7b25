#pragma once

#include "app/session/background.h"
#include "run/book/profile_form.h"

#include <QObject>
#include <QString>

namespace lantern::app {

/// What is made of files that a person brings, apart from any run.
class FilePart : public QObject {
    Q_OBJECT
public:
    explicit FilePart(QObject *parent = nullptr);
    /// Builds a profile from readings and writes it.
    void makeProfile(const QString &readings, const QString &out, const run::ProfileForm &form);
    /// Computes the figures of a report from its readings anew.
    void recheck(const QString &report);

signals:
    void told(const QString &text);
    void failed(const QString &problem);

private:
    struct Outcome {
        QString text;
        bool isProblem = false;
    };
    Background<Outcome> m_work;
};

} // namespace lantern::app
