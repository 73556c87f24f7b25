#pragma once

#include "app/views/match/match_model.h"
#include "desk/patch_window.h"

#include <QObject>
#include <QRect>

#include <memory>

namespace lantern::app {

/// The patch on the displays themselves: each is black, and the patch goes from the middle of one
/// to the middle of the other in each one's own code values.
class ScreenPatches : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// \param first, second places of the displays on the desktop
    void show(const QRect &first, const QRect &second);
    void hide();
    [[nodiscard]] bool isShown() const { return m_first != nullptr; }
    void setColour(const DeviceRgb &first, const DeviceRgb &second);
    /// \param place 0: in the middle of the first, 1: of the second
    void moveTo(double place);

signals:
    void left(); ///< the person pressed Esc

private:
    std::unique_ptr<desk::FieldWindow> m_first, m_second;
};

} // namespace lantern::app
