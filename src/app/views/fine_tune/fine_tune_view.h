#pragma once

#include "app/session/background.h"
#include "app/views/fine_tune/fine_tune_model.h"
#include "app/views/fine_tune/tune_sheet.h"
#include "app/views/view.h"
#include "app/widgets/whole_label.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>

#include <memory>

namespace lantern::app {

/// The calibration fine-tuned by eye, against a print or another display.
class FineTuneView : public View {
    Q_OBJECT
public:
    explicit FineTuneView(Intents *intents);
    ~FineTuneView() override;
    void setState(const SessionState &state) override;

protected:
    void showEvent(QShowEvent *event) override;
    void hideEvent(QHideEvent *event) override;

private:
    QWidget *makeSide();
    QWidget *makeKnobs();
    QWidget *makeControls();
    QWidget *makeEnd();
    void connectSheet(TuneSheet *sheet);
    void chooseSheet(int index);
    void openSheet();
    void fillScreen(bool on);
    void turn(size_t control, int by);
    void step(Knob knob, int steps);

    TuneSheet *m_sheet;
    std::unique_ptr<TuneSheet> m_whole; ///< over the whole display; null: it is not filled
    QComboBox *m_sheets;
    QPushButton *m_fill, *m_before, *m_reset, *m_read, *m_keep, *m_prove;
    std::array<QLabel *, kKnobs> m_titles, m_values;
    std::array<QPushButton *, kKnobs> m_less, m_more;
    static constexpr size_t kControls = 4;
    std::array<QLabel *, kControls> m_controlTitles, m_controlValues;
    std::array<QPushButton *, kControls> m_down, m_up;
    QWidget *m_controls;
    QCheckBox *m_reads;
    QLabel *m_why;
    WholeLabel *m_white;
    QLabel *m_readings, *m_turn;
    QLineEdit *m_name;
    std::vector<QString> m_files; ///< the person's own sheets
    QImage m_image;               ///< of the sheet; null: greys
    FineTuneModel m_model;
    std::optional<SessionState> m_state;
    struct Shown {
        std::shared_ptr<const TunableDisplay> display;
        FineTune tune;
        bool before = false;
        bool operator==(const Shown &) const = default;
    };
    std::optional<Shown> m_shown;
    std::shared_ptr<const Rendition> m_rendition;             ///< as the sheets have it
    Background<std::shared_ptr<const Rendition>> m_rendering; ///< the next one
};

} // namespace lantern::app
