#pragma once

#include "app/views/profile/profile_model.h"
#include "app/views/view.h"
#include "app/widgets/profile_words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QTreeWidget>

namespace lantern::app {

/// The profile's sheet: its name, what it is made of, where it lies and whether it is in use. Below
/// it the profiles of this display, and what keeps the one in use in force.
class ProfileView : public View {
    Q_OBJECT
public:
    explicit ProfileView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    QLabel *addRow(const QString &name);
    void makeFormRow();
    void makeWordsRow();
    void formEdited();
    QWidget *makeList();
    QWidget *makeKeeping();
    void showFacts(const ProfileModel &model);
    void showList(const ProfileModel &model);
    void offer();
    [[nodiscard]] const ProfileModel::Row *current() const;

    QGridLayout *m_grid;
    QLineEdit *m_name;
    ProfileWords *m_words;
    QComboBox *m_kind, *m_version, *m_gridPoints;
    QWidget *m_form;
    QLabel *m_formNote, *m_nextCheck;
    QLabel *m_aim, *m_readings, *m_expected, *m_file, *m_declared, *m_lut;
    int m_expectedRow;
    QWidget *m_listBox, *m_keepingBox;
    QTreeWidget *m_list;
    QLabel *m_note;
    QPushButton *m_use, *m_previous, *m_remove, *m_forAll, *m_putBack;
    QCheckBox *m_keeper;
    QSpinBox *m_days;
    std::vector<ProfileModel::Row> m_rows;
    bool m_updating = false;
};

} // namespace lantern::app
