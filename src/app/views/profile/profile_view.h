#pragma once

#include "app/views/view.h"

#include <QGridLayout>
#include <QLineEdit>

namespace lantern::app {

/// The profile's sheet: its name, what it is made of, where it lies and whether it is in use.
class ProfileView : public View {
    Q_OBJECT
public:
    explicit ProfileView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    QLabel *addRow(const QString &name);

    QGridLayout *m_grid;
    QLineEdit *m_name;
    QLabel *m_aim, *m_kind, *m_readings, *m_file, *m_declared, *m_lut;
};

} // namespace lantern::app
