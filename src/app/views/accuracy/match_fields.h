#pragma once

#include "app/views/accuracy/accuracy_model.h"

#include <QWidget>

namespace lantern::app {

/// Fields like those of a photometer: where aimed and measured match, the spot vanishes.
class MatchFields : public QWidget {
    Q_OBJECT
public:
    explicit MatchFields(QWidget *parent = nullptr);
    /// \param difference symbol of the formula that differences are by
    void setFields(const std::vector<MatchField> &fields, const QString &difference);
    [[nodiscard]] QSize minimumSizeHint() const override { return {260, 220}; }

protected:
    void paintEvent(QPaintEvent *event) override;
    bool event(QEvent *event) override; ///< tool tips

private:
    [[nodiscard]] int columns() const;
    [[nodiscard]] QString inWords(const MatchField &field) const;
    [[nodiscard]] QRectF fieldRect(int index) const;

    std::vector<MatchField> m_fields;
    QString m_difference;
};

} // namespace lantern::app
