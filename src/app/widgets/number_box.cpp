#include "app/widgets/number_box.h"

#include <QLineEdit>
#include <QLocale>

#include <cmath>

namespace lantern::app {

namespace {

bool isMark(QChar c)
{
    return c == QLatin1Char('.') || c == QLatin1Char(',') || QLocale().decimalPoint().contains(c);
}

/// Without prefix and suffix.
template <class Box> QString bare(const Box &box, const QString &text)
{
    QString t = text;
    if (!box.prefix().isEmpty() && t.startsWith(box.prefix()))
        t.remove(0, box.prefix().size());
    if (!box.suffix().isEmpty() && t.endsWith(box.suffix()))
        t.chop(box.suffix().size());
    return t.trimmed();
}

/// Of what is being typed; what can become a number is never refused.
template <class Box> QValidator::State stateOf(const Box &box, const QString &input)
{
    const QString t = bare(box, input);
    int marks = 0;
    for (const QChar c : t) {
        if (isMark(c))
            ++marks;
        else if (!c.isDigit() && (c != QLatin1Char('-') || box.minimum() >= 0))
            return QValidator::Invalid;
    }
    if (marks > 1)
        return QValidator::Invalid;
    const auto number = numberFromText(t);
    if (!number || *number < box.minimum())
        return QValidator::Intermediate;
    return *number > box.maximum() ? QValidator::Invalid : QValidator::Acceptable;
}

} // namespace

std::optional<double> numberFromText(const QString &text)
{
    QString plain;
    for (const QChar c : text.trimmed())
        plain += isMark(c) ? QLatin1Char('.') : c;
    bool ok = false;
    QLocale c = QLocale::c();
    c.setNumberOptions(QLocale::RejectGroupSeparator);
    const double value = c.toDouble(plain, &ok);
    return ok ? std::optional(value) : std::nullopt;
}

NumberBox::NumberBox(QWidget *parent) : QDoubleSpinBox(parent)
{
    setGroupSeparatorShown(false);
    connect(this, &QDoubleSpinBox::editingFinished, this,
            [this] { lineEdit()->setText(prefix() + textFromValue(value()) + suffix()); });
}

double NumberBox::valueFromText(const QString &text) const
{
    const double scale = std::pow(10.0, decimals());
    return std::round(numberFromText(bare(*this, text)).value_or(value()) * scale) / scale;
}

QString NumberBox::textFromValue(double value) const
{
    QLocale locale;
    locale.setNumberOptions(QLocale::OmitGroupSeparator);
    return locale.toString(value, 'f', decimals());
}

QValidator::State NumberBox::validate(QString &input, int &position) const
{
    Q_UNUSED(position)
    return stateOf(*this, input);
}

WholeNumberBox::WholeNumberBox(QWidget *parent) : QSpinBox(parent)
{
    setGroupSeparatorShown(false);
    connect(this, &QSpinBox::editingFinished, this,
            [this] { lineEdit()->setText(prefix() + textFromValue(value()) + suffix()); });
}

int WholeNumberBox::valueFromText(const QString &text) const
{
    const auto number = numberFromText(bare(*this, text));
    return number ? static_cast<int>(std::lround(*number)) : value();
}

QString WholeNumberBox::textFromValue(int value) const
{
    return QString::number(value);
}

QValidator::State WholeNumberBox::validate(QString &input, int &position) const
{
    Q_UNUSED(position)
    return stateOf(*this, input);
}

} // namespace lantern::app
