#pragma once

#include <QTextBrowser>

namespace lantern::app {

/// Pages of the handbook in the program's own colours, without what only a browser needs.
class Handbook : public QTextBrowser {
    Q_OBJECT
public:
    explicit Handbook(QWidget *parent = nullptr);
    /// \param name such as "view-aim.html", with or without an anchor
    void showPage(const QString &name);
    /// The handbook in the person's browser. \returns whether there is one
    static bool openInBrowser(const QString &name);

protected:
    QVariant loadResource(int type, const QUrl &name) override;

private:
    [[nodiscard]] QImage drawing(const QString &path) const;
};

} // namespace lantern::app
