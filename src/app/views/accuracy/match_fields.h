#pragma once

#include "app/views/accuracy/accuracy_model.h"

#include <QWidget>

namespace lantern::app {

/// Fields like those of a photometer: where aimed and measured match, the spot vanishes.
class MatchFields : public QWidget {
    Q_OBJECT
public:
    explicit MatchFields(QWidget *parent = nullptr);
    void setFields(const std::vector<MatchField> &fields);
    [[nodiscard]] QSize minimumSizeHint() const override { return {260, 220}; }

protected:
    void paintEvent(QPaintEvent *event) override;
    bool event(QEvent *event) override; ///< tool tips

private:
    [[nodiscard]] int columns() const;
    [[nodiscard]] static QString inWords(const MatchField &field);
    [[nodiscard]] QRectF fieldRect(int index) const;

    std::vector<MatchField> m_fields;
};

} // namespace lantern::app
