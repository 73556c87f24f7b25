#pragma once

#include "run/book/profile_form.h"

#include <QLineEdit>
#include <QWidget>

namespace lantern::app {

/// How profiles' names are suggested, and whose they are: two lines beside each other.
class ProfileWords : public QWidget {
    Q_OBJECT
public:
    /// \param templateName, copyrightName object names of the lines
    ProfileWords(const char *templateName, const char *copyrightName, QWidget *parent = nullptr);
    /// A line that is being edited stays as it is.
    void setForm(const run::ProfileForm &form, bool readOnly = false);
    /// The form with the words that stand here.
    [[nodiscard]] run::ProfileForm applied(run::ProfileForm form) const;

signals:
    void edited();

private:
    QLineEdit *m_template, *m_copyright;
};

} // namespace lantern::app
