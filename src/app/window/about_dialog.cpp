#include "app/window/about_dialog.h"

#include "app/theme.h"
#include "app/views/view.h"
#include "app/widgets/list_table.h"

#include <QApplication>
#include <QDialogButtonBox>
#include <QVBoxLayout>

#include <array>

namespace lantern::app {

namespace {

struct Part {
    const char *name, *licence;
    bool isShipped; ///< in the program's own files, not a package of its own
};

/// Licences as their packages in Debian 12 state them (/usr/share/doc/PACKAGE/copyright).
constexpr std::array<Part, 17> kParts = {{
    {"Open Sans", "Apache 2.0", true},
    {"Eigen", "MPL 2.0", true},
    {"nanoflann", "BSD, 2 clauses", true},
    {"JSON for Modern C++", "MIT", true},
    {"CLI11", "BSD, 3 clauses", true},
    {"Qt 6", "LGPL 3", false},
    {"QCustomPlot", "GPL 3 or later", false},
    {"Little CMS", "MIT", false},
    {"pugixml", "MIT", false},
    {"libqrencode", "LGPL 2.1 or later", false},
    {"QtKeychain", "BSD, 2 clauses", false},
    {"libddcutil", "GPL 2 or later", false},
    {"Ghostscript", "AGPL 3 or later", false},
    {"SQLite", "public domain", false},
    {"libxcb", "MIT", false},
    {"Wayland", "MIT", false},
    {"PostgreSQL, its client", "PostgreSQL licence", false},
}};

} // namespace

AboutDialog::AboutDialog(QWidget *parent) : QDialog(parent)
{
    setObjectName(QStringLiteral("aboutDialog"));
    setWindowTitle(tr("About Bold Lantern"));
    setAttribute(Qt::WA_DeleteOnClose);
    auto *column = new QVBoxLayout(this);
    column->addWidget(makeLabel(tr("Bold Lantern %1").arg(QApplication::applicationVersion()),
                                theme::kHeading, theme::kBright, QFont::DemiBold));
    QLabel *what = makeLabel(
        tr("Measures displays, brings them to an aim and proves it. Free software under the GNU "
           "General Public License, version 3 or later; it comes without any warranty. Nothing "
           "is sent anywhere."),
        theme::kNormal, theme::kText);
    wrap(what);
    column->addWidget(what);
    column->addSpacing(8);
    column->addWidget(
        makeLabel(tr("What it is made with"), theme::kNormal, theme::kBright, QFont::DemiBold));
    QTableWidget *table = makeListTable("licences", tr("Licences of what it is made with"),
                                        {tr("Part"), tr("Licence"), tr("Where")});
    table->setRowCount(static_cast<int>(kParts.size()));
    for (int row = 0; row < table->rowCount(); ++row) {
        const Part &part = kParts[static_cast<size_t>(row)];
        table->setItem(row, 0, new QTableWidgetItem(QLatin1String(part.name)));
        table->setItem(row, 1, new QTableWidgetItem(QLatin1String(part.licence)));
        table->setItem(
            row, 2, new QTableWidgetItem(part.isShipped ? tr("in the program") : tr("beside it")));
    }
    table->setMinimumHeight(heightOf(table, 9));
    column->addWidget(table, 1);
    QLabel *texts = makeLabel(tr("The texts of the licences are in /usr/share/common-licenses and "
                                 "/usr/share/doc, in the folder of each package."),
                              theme::kSmall, theme::kMuted);
    wrap(texts);
    column->addWidget(texts);
    auto *buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::close);
    column->addWidget(buttons);
    resize(560, 480);
}

} // namespace lantern::app
