#pragma once

#include "app/views/view.h"
#include "app/widgets/profile_words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QPushButton>
#include <QSpinBox>

namespace lantern::app {

/// All that is chosen once and then kept, in one place.
class SettingsView : public View {
    Q_OBJECT
public:
    explicit SettingsView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    QFormLayout *addSection(const QString &title);
    void makeWindow();
    void makeMeter();
    void makeProfiles();
    void makeKeeping();
    void makeFolders();
    void openLogbookFolder();
    void askForFile(const char *what, const QString &title, const QString &kinds,
                    void (Intents::*wanted)(const QString &));

    QComboBox *m_language, *m_looks, *m_limits, *m_form;
    QSpinBox *m_patch, *m_days;
    QLabel *m_meter, *m_correction, *m_certificate, *m_display, *m_logbook, *m_studio;
    QCheckBox *m_keeper;
    ProfileWords *m_words;
    std::vector<QPushButton *> m_meterButtons;
    std::vector<Tolerance> m_tolerances; ///< as the box lists them
    run::ProofChoice m_proof;
    run::ProfileForm m_profileForm;
    QString m_folder;
    bool m_updating = false;
};

} // namespace lantern::app
