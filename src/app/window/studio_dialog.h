#pragma once

#include "app/session/intents.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>

namespace lantern::app {

/// Who makes the reports: name, logo and free text, and the size of their pages.
class StudioDialog : public QDialog {
    Q_OBJECT
public:
    StudioDialog(Intents *intents, const run::ReportStyle &style, QWidget *parent = nullptr);

private:
    void showLogo();
    void openLogo();

    Intents *m_intents;
    run::ReportStyle m_style;
    QLineEdit *m_name;
    QPlainTextEdit *m_text;
    QLabel *m_logo, *m_problem;
    QComboBox *m_page;
};

} // namespace lantern::app
