#pragma once

#include "app/views/view.h"
#include "app/views/workshop/workshop_model.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QTableWidget>

namespace lantern::app {

/// Units that go through one recipe one after another: who waits, how they came out, how they
/// differ, and whether the meter is still the same.
class WorkshopView : public View {
    Q_OBJECT
public:
    explicit WorkshopView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    QWidget *makeBeginning();
    QWidget *makeBatch();
    void begin();
    void enter();
    void showUnits();
    void showSpread();
    [[nodiscard]] const WorkshopModel::Row *chosen() const;
    void onChosen();

    QLabel *m_sentence, *m_recipe, *m_odd, *m_meter;
    QWidget *m_beginning, *m_batch;
    QLineEdit *m_name, *m_folder, *m_referenceUnit, *m_serial;
    QPushButton *m_chooseFolder, *m_begin, *m_reopen, *m_add, *m_takeOut, *m_openRun, *m_reference,
        *m_close;
    QSpinBox *m_retries, *m_every;
    QComboBox *m_form, *m_earlier;
    QCheckBox *m_atOnce;
    QTableWidget *m_units, *m_spread;
    WorkshopModel m_model;
    std::map<QString, qint64> m_runs; ///< of finished units
};

} // namespace lantern::app
