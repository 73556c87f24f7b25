#pragma once

#include <QDoubleSpinBox>
#include <QSpinBox>

#include <optional>

namespace lantern::app {

/// The number a person typed, with a point or a comma before its decimals whatever the language;
/// nothing where it is none. Digits are never grouped, so no mark can be taken for another.
std::optional<double> numberFromText(const QString &text);

/// A field for a number with decimals. Takes a point and a comma alike, and shows that of the
/// language; decimals beyond its own are rounded when it is left.
class NumberBox : public QDoubleSpinBox {
    Q_OBJECT
public:
    explicit NumberBox(QWidget *parent = nullptr);
    [[nodiscard]] double valueFromText(const QString &text) const override;
    [[nodiscard]] QString textFromValue(double value) const override;
    [[nodiscard]] QValidator::State validate(QString &input, int &position) const override;
    void fixup(QString &) const override {} ///< Qt's takes marks away
};

/// A field for a whole number; decimals that are typed are rounded, never dropped in silence.
class WholeNumberBox : public QSpinBox {
    Q_OBJECT
public:
    explicit WholeNumberBox(QWidget *parent = nullptr);
    [[nodiscard]] int valueFromText(const QString &text) const override;
    [[nodiscard]] QString textFromValue(int value) const override;
    [[nodiscard]] QValidator::State validate(QString &input, int &position) const override;
    void fixup(QString &) const override {} ///< Qt's takes marks away
};

} // namespace lantern::app
