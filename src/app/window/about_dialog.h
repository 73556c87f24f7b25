#pragma once

#include <QDialog>

namespace lantern::app {

/// What this is, which version, and the licences of all that is in it.
class AboutDialog : public QDialog {
    Q_OBJECT
public:
    explicit AboutDialog(QWidget *parent = nullptr);
};

} // namespace lantern::app
