#pragma once

#include <QObject>
#include <QString>
#include <QStringList>

namespace lantern::platform {

/// Brings the window that is open to a display and a view, instead of opening a second one:
/// org.boldlantern.Window on the session bus.
class Summons : public QObject {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.boldlantern.Window")
public:
    using QObject::QObject;
    /// Asks the window that is open. False where there is none, or no bus.
    static bool call(const QString &display, const QString &page, const QStringList &files = {});
    /// Answers from now on.
    void answer();

public slots:
    /// \param display id, may be empty \param page key of a view, may be empty \param files whole
    /// paths, to be opened
    Q_SCRIPTABLE void Show(const QString &display, const QString &page, const QStringList &files);

signals:
    void wanted(const QString &display, const QString &page, const QStringList &files);
};

} // namespace lantern::platform
