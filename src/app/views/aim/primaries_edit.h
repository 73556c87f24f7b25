#pragma once

#include "core/aim/display_state.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QWidget>

#include <array>
#include <optional>

namespace lantern::app {

/// Chooses primaries: native, of a named space, or by hand in x, y or u', v'.
class PrimariesEdit : public QWidget {
    Q_OBJECT
public:
    explicit PrimariesEdit(QWidget *parent = nullptr);
    [[nodiscard]] std::optional<PrimarySet> primaries() const { return m_primaries; }
    void setPrimaries(const std::optional<PrimarySet> &primaries);
    /// What a label is the buddy of.
    [[nodiscard]] QComboBox *kind() const { return m_kind; }

signals:
    void changed();

private:
    void kindChosen(int index);
    void numbersEdited();
    void show();
    void nameFields();
    [[nodiscard]] bool inUv() const;

    std::optional<PrimarySet> m_primaries;
    QComboBox *m_kind;
    QWidget *m_numbers;
    std::array<std::array<QDoubleSpinBox *, 2>, 3> m_fields;
    bool m_byHand = false, m_uv = false, m_updating = false;
};

} // namespace lantern::app
