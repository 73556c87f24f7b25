#include "app/views/aim/chart_dialog.h"

#include "app/state/wording.h"
#include "app/views/aim/chart_model.h"
#include "app/widgets/file_choice.h"
#include "app/widgets/number_box.h"
#include "core/base/error.h"
#include "core/plan/chart_sources.h"
#include "core/reading/key_colours.h"
#include "paper/picture_colours.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <QDialogButtonBox>
#include <QFileInfo>
#include <QFormLayout>
#include <QPushButton>
#include <QVBoxLayout>

namespace lantern::app {

ChartDialog::ChartDialog(Intents *intents, const SessionState &state, QWidget *parent)
    : QDialog(parent),
      m_intents(intents),
      m_state(state),
      m_own(state.measure.list),
      m_fields(new MatchFields),
      m_source(new QLabel(m_sourceText)),
      m_figures(new QLabel),
      m_problem(new QLabel),
      m_keys(new WholeNumberBox),
      m_spread(new WholeNumberBox),
      m_kept(new QComboBox),
      m_name(new QLineEdit),
      m_keep(new QPushButton(tr("&Keep"))),
      m_remove(new QPushButton(tr("&Remove"))),
      m_use(nullptr),
      m_work([this](const Taken &taken) { took(taken); })
{
    setWindowTitle(tr("A chart of your own"));
    setObjectName(QStringLiteral("chartDialog"));
    setAttribute(Qt::WA_DeleteOnClose);
    for (QLabel *label : {m_source, m_figures, m_problem}) {
        label->setWordWrap(true);
        label->setTextFormat(Qt::PlainText);
    }
    m_figures->setObjectName(QStringLiteral("chartFigures"));
    m_keys->setRange(1, 2000);
    m_keys->setValue(60);
    m_keys->setSuffix(tr(" key colours"));
    m_keys->setObjectName(QStringLiteral("keyColours"));
    m_spread->setRange(kMinChart, 11'000);
    m_spread->setValue(state.measure.list.empty() ? 48 : kMinChart);
    m_spread->setSuffix(tr(" patches"));
    m_spread->setObjectName(QStringLiteral("spreadPatches"));
    m_fields->setMinimumSize(420, 240);
    m_name->setPlaceholderText(tr("a name to keep it by"));
    m_name->setMaxLength(80);
    m_name->setObjectName(QStringLiteral("chartName"));
    m_keep->setObjectName(QStringLiteral("keepChart"));

    auto *picture = new QPushButton(tr("From a &picture…"));
    auto *list = new QPushButton(tr("From a &list or strip…"));
    auto *sources = new QHBoxLayout;
    sources->addWidget(picture);
    sources->addWidget(list);
    sources->addStretch(1);
    auto *kept = new QHBoxLayout;
    kept->addWidget(m_kept, 1);
    kept->addWidget(m_remove);
    auto *name = new QHBoxLayout;
    name->addWidget(m_name, 1);
    name->addWidget(m_keep);
    auto *form = new QFormLayout;
    form->addRow(tr("Colours"), sources);
    form->addRow(QString(), m_source);
    form->addRow(tr("Of a picture"), m_keys);
    form->addRow(tr("&Mixed with"), m_spread);
    form->addRow(tr("Kept ones"), kept);
    form->addRow(tr("Name"), name);
    auto *buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    m_use = buttons->addButton(tr("&Use this chart"), QDialogButtonBox::AcceptRole);
    m_use->setObjectName(QStringLiteral("useChart"));
    auto *column = new QVBoxLayout(this);
    column->addLayout(form);
    column->addWidget(m_fields, 1);
    column->addWidget(m_figures);
    column->addWidget(m_problem);
    column->addWidget(buttons);
    resize(620, 640);

    connect(picture, &QPushButton::clicked, this, [this] {
        const QString path = fileToOpen(this, QStringLiteral("pictures"), tr("Open a picture"),
                                        tr("Pictures (*.png *.jpg *.jpeg *.tif *.tiff)"));
        if (!path.isEmpty())
            take(path, true);
    });
    connect(list, &QPushButton::clicked, this, [this] {
        const QString path =
            fileToOpen(this, QStringLiteral("colours"), tr("Open a list of colours"),
                       tr("Lists of colours (*.txt *.cgats *.ti3 *.cxf *.xml *.csv);;"
                          "All files (*)"));
        if (!path.isEmpty())
            take(path, false);
    });
    connect(m_keys, &QSpinBox::editingFinished, this, [this] {
        if (!m_picture.isEmpty())
            take(m_picture, true);
    });
    connect(m_spread, &QSpinBox::valueChanged, this, &ChartDialog::showChart);
    connect(m_kept, &QComboBox::activated, this, [this] {
        emit m_intents->ownChartChosen(m_kept->currentText());
        close();
    });
    connect(m_keep, &QPushButton::clicked, this, [this] {
        const QString name = m_name->text().trimmed();
        if (name.isEmpty())
            m_problem->setText(tr("Give the chart a name first."));
        else
            emit m_intents->chartKept(name, mixed());
    });
    connect(m_remove, &QPushButton::clicked, this,
            [this] { emit m_intents->ownChartRemoved(m_kept->currentText()); });
    connect(buttons, &QDialogButtonBox::accepted, this, &ChartDialog::use);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    setState(state);
}

void ChartDialog::setState(const SessionState &state)
{
    m_state = state;
    const QString chosen = m_kept->currentText();
    m_kept->clear();
    m_kept->addItems(state.ownCharts);
    m_kept->setCurrentIndex(static_cast<int>(state.ownCharts.indexOf(chosen)));
    m_kept->setEnabled(!state.ownCharts.isEmpty());
    m_remove->setEnabled(!state.ownCharts.isEmpty());
    showChart();
}

/// Key colours of a large picture take a while.
void ChartDialog::take(const QString &path, bool isPicture)
{
    m_source->setText(tr("%1 is being read…").arg(QFileInfo(path).fileName()));
    m_use->setEnabled(false);
    m_keep->setEnabled(false);
    m_work.start([path, isPicture, icc = m_state.shown().profile, keys = m_keys->value()]() {
        Taken taken{{}, path, {}, isPicture};
        try {
            const auto here = icc.isEmpty()
                                  ? std::nullopt
                                  : std::optional<ProfileFile>(
                                        std::in_place, std::vector<uint8_t>{icc.begin(), icc.end()},
                                        "profile of the display");
            const ProfileFile *placed = here ? &*here : nullptr;
            if (isPicture) {
                std::vector<Lab> colours;
                for (const KeyColour &key : keyColours(paper::coloursOfPicture(path), keys))
                    colours.push_back(key.lab);
                taken.patches = patchesFor(colours, placed);
            } else
                taken.patches =
                    chartFromList(run::readFile(path).toStdString(), path.toStdString(), placed);
        } catch (const Error &e) {
            taken.problem = run::inWords(e);
        }
        return taken;
    });
}

void ChartDialog::took(const Taken &taken)
{
    m_problem->setText(taken.problem);
    if (taken.problem.isEmpty()) {
        m_own = taken.patches;
        m_picture = taken.isPicture ? taken.path : QString();
        m_sourceText = tr("%1: %2 colours").arg(QFileInfo(taken.path).fileName()).arg(m_own.size());
        if (m_name->text().isEmpty())
            m_name->setText(QFileInfo(taken.path).completeBaseName());
    }
    m_source->setText(m_sourceText);
    showChart();
}

std::vector<DeviceRgb> ChartDialog::mixed() const
{
    try {
        return mixedChart(m_own, m_spread->value());
    } catch (const Error &) { // too many: what showChart() says
        return {};
    }
}

void ChartDialog::showChart()
{
    const auto patches = mixed();
    const ChartFigures f = chartFigures(patches, m_state);
    m_fields->setFields(f.fields, {});
    m_figures->setText(f.words);
    const bool complete = !patches.empty() && !m_work.isBusy();
    m_use->setEnabled(complete);
    m_keep->setEnabled(complete);
}

void ChartDialog::use()
{
    MeasureChoice choice = m_state.measure;
    choice.until = MeasureChoice::Until::Chart;
    choice.list = mixed();
    emit m_intents->measureChosen(choice);
    accept();
}

} // namespace lantern::app
