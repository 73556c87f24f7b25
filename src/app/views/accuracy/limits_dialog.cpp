#include "app/views/accuracy/limits_dialog.h"

#include "app/widgets/file_choice.h"
#include "app/widgets/number_box.h"
#include "core/base/error.h"
#include "core/judge/verdict.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHeaderView>
#include <QLocale>
#include <QVBoxLayout>

namespace lantern::app {

namespace {

enum Column { Named, Limit, Source, Columns };

/// Shares are shown in per cent.
double shownPer(Figure figure)
{
    switch (figure) {
    case Figure::Luminance:
    case Figure::Contrast:
    case Figure::ToneMean:
    case Figure::GreySteps:
    case Figure::EvenLight:
        return 100;
    default:
        return 1;
    }
}

QString unitOf(Figure figure)
{
    return shownPer(figure) > 1           ? QStringLiteral("%")
           : figure == Figure::Brightness ? QStringLiteral("cd/m²")
                                          : QString();
}

} // namespace

LimitsDialog::LimitsDialog(Intents *intents, QWidget *parent)
    : QDialog(parent),
      m_intents(intents),
      m_title(new QLineEdit),
      m_source(new QLineEdit),
      m_formula(new QComboBox),
      m_table(new QTableWidget(static_cast<int>(allFigures().size()), Columns)),
      m_problem(new QLabel),
      m_remove(new QPushButton(tr("Remove")))
{
    setWindowTitle(tr("Limits"));
    setObjectName(QStringLiteral("limitsDialog"));
    m_title->setObjectName(QStringLiteral("limitsTitle"));
    m_title->setMaxLength(80);
    m_source->setObjectName(QStringLiteral("limitsSource"));
    m_source->setPlaceholderText(tr("a standard with its number, or \"common practice\""));
    for (const DifferenceFormula f : differenceFormulas())
        m_formula->addItem(QString::fromStdString(formulaSymbol(f)), static_cast<int>(f));
    m_table->setObjectName(QStringLiteral("limits"));
    m_table->setAccessibleName(tr("Limits"));
    m_table->setHorizontalHeaderLabels({tr("Figure"), tr("Limit"), tr("Where it comes from")});
    m_table->verticalHeader()->hide();
    m_table->horizontalHeader()->setSectionResizeMode(Named, QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(Source, QHeaderView::Stretch);
    m_table->setTabKeyNavigation(false);
    m_problem->setTextFormat(Qt::PlainText);
    m_problem->setWordWrap(true);
    m_problem->setObjectName(QStringLiteral("limitsProblem"));

    auto *form = new QFormLayout;
    form->addRow(tr("&Name"), m_title);
    form->addRow(tr("&Source"), m_source);
    form->addRow(tr("&Difference of colours"), m_formula);
    auto *words = new QLabel(tr("An empty limit is not asked for."));
    auto *buttons = new QDialogButtonBox(QDialogButtonBox::Save | QDialogButtonBox::Close);
    auto *toFile = buttons->addButton(tr("To a file…"), QDialogButtonBox::ActionRole);
    auto *fromFile = buttons->addButton(tr("From a file…"), QDialogButtonBox::ActionRole);
    buttons->addButton(m_remove, QDialogButtonBox::ActionRole);
    buttons->button(QDialogButtonBox::Save)->setObjectName(QStringLiteral("keepLimits"));
    auto *column = new QVBoxLayout(this);
    column->addLayout(form);
    column->addWidget(m_table, 1);
    column->addWidget(words);
    column->addWidget(m_problem);
    column->addWidget(buttons);
    resize(720, 560);

    connect(buttons->button(QDialogButtonBox::Save), &QPushButton::clicked, this,
            &LimitsDialog::keep);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::close);
    connect(m_remove, &QPushButton::clicked, this, [this] {
        emit m_intents->toleranceRemoved(QString::fromStdString(m_before.name));
        close();
    });
    connect(fromFile, &QPushButton::clicked, this, [this] {
        const QString path =
            fileToOpen(this, QStringLiteral("limits"), tr("Open limits"), tr("Limits (*.json)"));
        if (path.isEmpty())
            return;
        emit m_intents->toleranceOffered(path);
        close();
    });
    connect(toFile, &QPushButton::clicked, this, [this] {
        const auto limits = edited();
        if (!limits)
            return;
        const QString path =
            fileToSave(this, QStringLiteral("limits"), tr("Save limits"),
                       m_title->text() + QStringLiteral(".tolerance.json"), tr("Limits (*.json)"));
        if (path.isEmpty())
            return;
        try {
            run::writeFile(path, QByteArray::fromStdString(toleranceToJson(*limits).dump(2)));
        } catch (const Error &e) {
            m_problem->setText(run::inWords(e));
        }
    });
}

void LimitsDialog::edit(const Tolerance &t, bool isOwn)
{
    m_before = t;
    m_problem->clear();
    const QString title = QString::fromStdString(t.title);
    m_title->setText(isOwn ? title : tr("%1, own").arg(title));
    m_source->setText(QString::fromStdString(t.source));
    m_formula->setCurrentIndex(m_formula->findData(static_cast<int>(t.formula)));
    m_remove->setVisible(isOwn);
    QLocale locale;
    locale.setNumberOptions(QLocale::OmitGroupSeparator); // it is read back
    int row = 0;
    for (const Figure f : allFigures()) {
        const auto &limit = limitIn(t, f);
        const QString unit = unitOf(f);
        auto *name =
            new QTableWidgetItem(QCoreApplication::translate("Core", figureTitle(f).c_str()) +
                                 (isAtLeast(f) ? QStringLiteral(" ≥") : QStringLiteral(" ≤")) +
                                 (unit.isEmpty() ? QString() : QStringLiteral(" (%1)").arg(unit)));
        name->setFlags(Qt::ItemIsEnabled);
        m_table->setItem(row, Named, name);
        auto *number =
            new QTableWidgetItem(limit ? locale.toString(*limit * shownPer(f), 'g', 6) : QString());
        number->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
        m_table->setItem(row, Limit, number);
        const auto source = t.limitSources.find(figureKey(f));
        m_table->setItem(row, Source,
                         new QTableWidgetItem(source == t.limitSources.end()
                                                  ? QString()
                                                  : QString::fromStdString(source->second)));
        ++row;
    }
    m_table->setCurrentCell(0, Limit);
}

std::optional<Tolerance> LimitsDialog::edited()
{
    Tolerance t;
    t.title = m_title->text().trimmed().toStdString();
    t.name = t.title;
    t.source = m_source->text().trimmed().toStdString();
    t.formula = static_cast<DifferenceFormula>(m_formula->currentData().toInt());
    int row = 0;
    for (const Figure f : allFigures()) {
        const QString text = m_table->item(row, Limit)->text().trimmed();
        const QString source = m_table->item(row, Source)->text().trimmed();
        const auto number = numberFromText(text);
        if (!text.isEmpty() && !number) {
            m_problem->setText(tr("\"%1\" in the row %2 is no number.").arg(text).arg(row + 1));
            m_table->setCurrentCell(row, Limit);
            return std::nullopt;
        }
        if (number) {
            limitIn(t, f) = *number / shownPer(f);
            if (!source.isEmpty())
                t.limitSources[figureKey(f)] = source.toStdString();
        }
        ++row;
    }
    try {
        return toleranceFromJson(toleranceToJson(t), tr("limits").toStdString());
    } catch (const Error &e) {
        m_problem->setText(run::inWords(e));
        return std::nullopt;
    }
}

void LimitsDialog::keep()
{
    const auto limits = edited();
    if (!limits)
        return;
    emit m_intents->toleranceKept(*limits);
    close();
}

} // namespace lantern::app
