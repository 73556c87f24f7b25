#pragma once

#include "app/session/background.h"
#include "app/views/compare/picture_stage.h"
#include "app/views/view.h"

#include <QComboBox>
#include <QPushButton>
#include <QSpinBox>

#include <memory>
#include <optional>

namespace lantern::app {

/// Before and after on pictures: our own, or the person's.
class CompareView : public View {
    Q_OBJECT
public:
    explicit CompareView(Intents *intents);
    void setState(const SessionState &state) override;
    /// A picture, or all of a folder.
    void open(const QString &path) override;
    /// Before is the print of this condition, which is a profile.
    void takePrint(const QString &path);

protected:
    void showEvent(QShowEvent *event) override;

private:
    struct Opened {
        std::shared_ptr<const Pyramid> picture;
        QString problem;
    };
    QWidget *makeTop();
    QWidget *makeBottom();
    void choosePicture(int index);
    void step(int by);
    void chooseBefore(int index);
    void openPrint();
    void setMode(int mode);
    void showFormer(bool on);
    void load(const std::function<Opened()> &work);
    void render();
    void showFigures();

    QComboBox *m_pictures, *m_before, *m_luminance;
    std::array<QPushButton *, 3> m_modes;
    QPushButton *m_swap, *m_fit, *m_pixels, *m_marks;
    QSpinBox *m_reach;
    QLabel *m_figures, *m_reachLabel;
    PictureStage *m_stage;
    Background<Opened> m_loading;
    Background<std::shared_ptr<const Renditions>> m_work;
    std::shared_ptr<const Pyramid> m_picture;
    QStringList m_files; ///< the person's own, after our own in the list
    qint64 m_chosenBefore = BeforeChoice::AsFound;
    qint64 m_compared = 0; ///< the run of the logbook that was asked for last
    CompareModel m_model;
    std::optional<SessionState> m_state;
    struct Rendered {
        CompareModel::Sources sources;
        QByteArray picture;
        bool operator==(const Rendered &) const = default;
    };
    std::optional<Rendered> m_rendered;
    bool m_former = false;
};

} // namespace lantern::app
