#include "app/window/studio_dialog.h"

#include "app/widgets/file_choice.h"
#include "core/base/error.h"
#include "run/book/in_words.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QPushButton>
#include <QVBoxLayout>

namespace lantern::app {

StudioDialog::StudioDialog(Intents *intents, const run::ReportStyle &style, QWidget *parent)
    : QDialog(parent),
      m_intents(intents),
      m_style(style),
      m_name(new QLineEdit(QString::fromStdString(style.studio.name))),
      m_text(new QPlainTextEdit(QString::fromStdString(style.studio.text))),
      m_logo(new QLabel),
      m_problem(new QLabel),
      m_page(new QComboBox)
{
    setWindowTitle(tr("Studio on reports"));
    setObjectName(QStringLiteral("studioDialog"));
    setAttribute(Qt::WA_DeleteOnClose);
    m_name->setObjectName(QStringLiteral("studioName"));
    m_name->setMaxLength(200);
    m_text->setObjectName(QStringLiteral("studioText"));
    m_text->setTabChangesFocus(true);
    m_text->setMaximumHeight(110);
    m_page->addItems({QStringLiteral("A4"), tr("US Letter")});
    m_page->setCurrentIndex(style.letter ? 1 : 0);
    m_logo->setFixedHeight(60);
    m_problem->setWordWrap(true);
    m_problem->setTextFormat(Qt::PlainText);
    auto *open = new QPushButton(tr("&Open a logo…"));
    auto *none = new QPushButton(tr("N&o logo"));
    auto *logo = new QHBoxLayout;
    logo->addWidget(m_logo, 1);
    logo->addWidget(open);
    logo->addWidget(none);
    auto *form = new QFormLayout;
    form->addRow(tr("&Name"), m_name);
    form->addRow(tr("&Text"), m_text);
    form->addRow(tr("Logo"), logo);
    form->addRow(tr("&Pages"), m_page);
    auto *buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    auto *column = new QVBoxLayout(this);
    column->addLayout(form);
    column->addWidget(m_problem);
    column->addWidget(buttons);
    resize(520, 340);
    connect(open, &QPushButton::clicked, this, &StudioDialog::openLogo);
    connect(none, &QPushButton::clicked, this, [this] {
        m_style.studio.logo.clear();
        m_style.studio.logoType.clear();
        showLogo();
    });
    connect(buttons, &QDialogButtonBox::accepted, this, [this] {
        m_style.studio.name = m_name->text().trimmed().toStdString();
        m_style.studio.text = m_text->toPlainText().trimmed().toStdString();
        m_style.letter = m_page->currentIndex() == 1;
        emit m_intents->reportStyleChosen(m_style);
        accept();
    });
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    showLogo();
}

void StudioDialog::showLogo()
{
    const QByteArray bytes = QByteArray::fromStdString(m_style.studio.logo);
    const QImage image = QImage::fromData(bytes);
    if (bytes.isEmpty())
        m_logo->setText(tr("none"));
    else if (image.isNull())
        m_logo->setText(tr("a drawing"));
    else
        m_logo->setPixmap(QPixmap::fromImage(
            image.scaled(m_logo->size(), Qt::KeepAspectRatio, Qt::SmoothTransformation)));
}

void StudioDialog::openLogo()
{
    const QString path = fileToOpen(this, QStringLiteral("logo"), tr("Open a logo"),
                                    tr("Pictures (*.png *.jpg *.jpeg *.svg)"));
    if (path.isEmpty())
        return;
    try {
        run::takeLogo(path, m_style.studio);
        m_problem->clear();
        showLogo();
    } catch (const Error &e) {
        m_problem->setText(run::inWords(e));
    }
}

} // namespace lantern::app
