#include "app/views/aim/primaries_edit.h"

#include "app/widgets/number_box.h"

#include <QHBoxLayout>
#include <QLabel>

namespace lantern::app {

namespace {

/// ITU-R BT.2020, table 3.
constexpr PrimarySet kBt2020Primaries = {{{0.708, 0.292}, {0.170, 0.797}, {0.131, 0.046}}};

struct NamedPrimaries {
    const char *title;
    PrimarySet primaries;
};
constexpr std::array<NamedPrimaries, 3> kNamed = {
    {{"sRGB", kSrgbPrimaries}, {"P3", kP3Primaries}, {"BT.2020", kBt2020Primaries}}};

enum Kind { Native = 0, FirstNamed = 1, ByXy = FirstNamed + int(kNamed.size()), ByUv };

} // namespace

PrimariesEdit::PrimariesEdit(QWidget *parent)
    : QWidget(parent), m_kind(new QComboBox), m_numbers(new QWidget)
{
    m_kind->setObjectName(QStringLiteral("primariesKind"));
    m_kind->setMinimumWidth(150);
    m_kind->addItem(tr("Native"));
    for (const NamedPrimaries &named : kNamed)
        m_kind->addItem(QString::fromUtf8(named.title));
    m_kind->addItems({tr("x, y"), tr("u', v'")});
    auto *numbers = new QHBoxLayout(m_numbers);
    numbers->setContentsMargins(0, 0, 0, 0);
    numbers->setSpacing(4);
    const std::array letters = {tr("R"), tr("G"), tr("B")};
    for (size_t c = 0; c < 3; ++c) {
        numbers->addWidget(new QLabel(letters[c]));
        for (size_t i = 0; i < 2; ++i) {
            auto *field = new NumberBox;
            field->setRange(0.001, 0.9);
            field->setDecimals(4);
            field->setSingleStep(0.001);
            field->setAlignment(Qt::AlignRight);
            field->setButtonSymbols(QAbstractSpinBox::NoButtons);
            field->setFixedWidth(78);
            connect(field, &QDoubleSpinBox::valueChanged, this, &PrimariesEdit::numbersEdited);
            numbers->addWidget(field);
            m_fields[c][i] = field;
        }
    }
    auto *row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(m_kind);
    row->addWidget(m_numbers);
    row->addStretch(1);
    connect(m_kind, &QComboBox::activated, this, &PrimariesEdit::kindChosen);
    show();
}

bool PrimariesEdit::inUv() const
{
    return m_byHand && m_uv;
}

void PrimariesEdit::setPrimaries(const std::optional<PrimarySet> &primaries)
{
    if (!primaries)
        m_byHand = false;
    m_primaries = primaries;
    show();
}

void PrimariesEdit::kindChosen(int index)
{
    m_byHand = index >= ByXy;
    m_uv = index == ByUv;
    if (index == Native)
        m_primaries.reset();
    else if (index < ByXy)
        m_primaries = kNamed[static_cast<size_t>(index - FirstNamed)].primaries;
    else if (!m_primaries)
        m_primaries = kSrgbPrimaries;
    show();
    emit changed();
}

void PrimariesEdit::numbersEdited()
{
    if (m_updating)
        return;
    PrimarySet set;
    for (size_t c = 0; c < 3; ++c) {
        const double a = m_fields[c][0]->value();
        const double b = m_fields[c][1]->value();
        set[c] = inUv() ? chromaticity(UvPrime{a, b}) : Chromaticity{a, b};
    }
    m_primaries = set;
    emit changed();
}

void PrimariesEdit::nameFields()
{
    const std::array names = {tr("red"), tr("green"), tr("blue")};
    for (size_t c = 0; c < 3; ++c)
        for (size_t i = 0; i < 2; ++i) {
            const QString letter =
                inUv() ? (i == 0 ? tr("u'") : tr("v'")) : (i == 0 ? tr("x") : tr("y"));
            m_fields[c][i]->setPrefix(letter + QLatin1Char(' '));
            m_fields[c][i]->setAccessibleName(tr("Primary %1, %2").arg(names[c], letter));
        }
}

void PrimariesEdit::show()
{
    m_updating = true;
    int index = Native;
    if (m_primaries && m_byHand)
        index = m_uv ? ByUv : ByXy;
    else if (m_primaries) {
        index = ByXy;
        for (size_t i = 0; i < kNamed.size(); ++i)
            if (kNamed[i].primaries == *m_primaries)
                index = FirstNamed + static_cast<int>(i);
    }
    m_kind->setCurrentIndex(index);
    m_numbers->setVisible(index >= ByXy);
    nameFields();
    if (m_primaries)
        for (size_t c = 0; c < 3; ++c) {
            const Chromaticity xy = (*m_primaries)[c];
            const UvPrime uv = uvPrime(xy);
            m_fields[c][0]->setValue(inUv() ? uv.u : xy.x);
            m_fields[c][1]->setValue(inUv() ? uv.v : xy.y);
        }
    m_updating = false;
}

} // namespace lantern::app
