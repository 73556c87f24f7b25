#pragma once

#include "core/colour/colour.h"

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QWidget>

#include <array>
#include <optional>

namespace lantern::app {

/// The strip above the Run bar in which a person types in what a stand-alone instrument shows.
class HandEntry : public QWidget {
    Q_OBJECT
public:
    explicit HandEntry(QWidget *parent = nullptr);
    /// The patch whose numbers are wanted; nothing hides the strip.
    void setWanted(const std::optional<DeviceRgb> &patch);

signals:
    void entered(const lantern::XYZ &xyz);

private:
    void enter();
    /// The three numbers; nothing while one is missing or no number.
    [[nodiscard]] std::optional<XYZ> numbers() const;

    QLabel *m_patch, *m_problem;
    std::array<QLineEdit *, 3> m_fields;
    QPushButton *m_enter;
    std::optional<DeviceRgb> m_wanted;
};

} // namespace lantern::app
