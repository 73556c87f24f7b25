#include "app/widgets/profile_words.h"

#include <QHBoxLayout>

namespace lantern::app {

ProfileWords::ProfileWords(const char *templateName, const char *copyrightName, QWidget *parent)
    : QWidget(parent), m_template(new QLineEdit), m_copyright(new QLineEdit)
{
    m_template->setObjectName(QLatin1String(templateName));
    m_template->setAccessibleName(tr("Names are made of"));
    m_template->setToolTip(tr("Places that are filled in: {display}, {serial}, {date}, {aim}, "
                              "{white}, {luminance}, {tone}, {technology}, {meter}."));
    m_copyright->setObjectName(QLatin1String(copyrightName));
    m_copyright->setAccessibleName(tr("Copyright"));
    m_copyright->setToolTip(tr("Copyright that stands in the profile."));
    auto *row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(m_template, 3);
    row->addWidget(m_copyright, 2);
    for (QLineEdit *line : {m_template, m_copyright}) {
        line->setMaxLength(200);
        line->setMinimumWidth(120);
        connect(line, &QLineEdit::editingFinished, this, [this, line] {
            if (line->isModified())
                emit edited();
            line->setModified(false);
        });
    }
}

void ProfileWords::setForm(const run::ProfileForm &form, bool readOnly)
{
    for (const auto &[line, text] :
         {std::pair{m_template, &form.nameTemplate}, {m_copyright, &form.copyright}}) {
        const QString wanted = QString::fromStdString(*text);
        if ((!line->hasFocus() || !line->isModified()) && line->text() != wanted) {
            line->setText(wanted);
            line->setCursorPosition(0); // its beginning is what tells it
        }
        line->setReadOnly(readOnly);
    }
}

run::ProfileForm ProfileWords::applied(run::ProfileForm form) const
{
    form.nameTemplate = m_template->text().trimmed().toStdString();
    form.copyright = m_copyright->text().trimmed().toStdString();
    return form;
}

} // namespace lantern::app
