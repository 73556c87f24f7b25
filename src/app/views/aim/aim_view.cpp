#include "app/views/aim/aim_view.h"

#include "app/views/aim/chart_dialog.h"

#include "app/state/wording.h"
#include "app/theme.h"
#include "app/widgets/file_choice.h"
#include "app/widgets/number_box.h"
#include "core/plan/chart.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QGridLayout>
#include <QPushButton>

namespace lantern::app {

namespace {

// Entries of the boxes of luminance and black.
constexpr int kGiven = 0, kAsNative = 1;
constexpr int kUnlimited = 0, kLimited = 1;

NumberBox *spin(double min, double max, int decimals, double step, const QString &suffix)
{
    auto *s = new NumberBox;
    s->setRange(min, max);
    s->setDecimals(decimals);
    s->setSingleStep(step);
    s->setSuffix(suffix);
    s->setAlignment(Qt::AlignRight);
    s->setMinimumWidth(120);
    return s;
}

} // namespace

AimView::AimView(Intents *intents)
    : View(tr("What the display should become. Start from a job; every number can be changed."),
           intents),
      m_preset(new QComboBox),
      m_whiteKind(new QComboBox),
      m_toneKind(new QComboBox),
      m_kelvin(spin(kMinCct, kMaxCct, 0, 100, tr(" K"))),
      m_first(spin(0.01, 0.9, 4, 0.001, {})),
      m_second(spin(0.01, 0.9, 4, 0.001, {})),
      m_luminance(spin(kMinAimLuminance, kMaxAimLuminance, 1, 5, tr(" cd/m²"))),
      m_gamma(spin(1, 4, 2, 0.05, {})),
      m_luminanceKind(new QComboBox),
      m_blackKind(new QComboBox),
      m_contrast(new WholeNumberBox),
      m_patches(new WholeNumberBox),
      m_measureKind(new QComboBox),
      m_chart(new QPushButton),
      m_expected(spin(0.02, 2, 2, 0.05, tr(" ΔE00"))),
      m_minutes(spin(1, 600, 0, 1, tr(" min"))),
      m_name(new QLineEdit),
      m_remove(new QPushButton(tr("Rem&ove"))),
      m_problem(makeLabel({}, theme::kNormal, theme::kText)),
      m_primaries(new PrimariesEdit),
      m_light(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_eye(new EyeMatchRow)
{
    m_contrast->setRange(50, 100000);
    m_contrast->setSuffix(tr(" : 1"));
    m_contrast->setAlignment(Qt::AlignRight);
    m_patches->setRange(kMinChart, kMaxChart);
    m_patches->setAlignment(Qt::AlignRight);
    m_patches->setSuffix(tr(" patches"));
    m_patches->setMinimumWidth(120);
    m_patches->setAccessibleName(tr("Number of patches"));
    m_expected->setAccessibleName(tr("Expected mean error, ΔE00"));
    m_minutes->setAccessibleName(tr("Minutes of measuring"));
    m_kelvin->setAccessibleName(tr("White point, kelvin"));
    m_gamma->setAccessibleName(tr("Gamma"));
    m_preset->setPlaceholderText(tr("your own numbers"));
    m_measureKind->addItems({tr("A number of patches"), tr("Until it is good enough"),
                             tr("For a time"), tr("A chart of your own")});
    m_preset->setObjectName(QStringLiteral("aimPreset"));
    m_measureKind->setObjectName(QStringLiteral("measureKind"));
    m_chart->setObjectName(QStringLiteral("ownChart"));
    m_name->setObjectName(QStringLiteral("aimName"));
    m_name->setPlaceholderText(tr("Name"));
    m_name->setMaxLength(80);
    m_name->setAccessibleName(tr("Name of the aim"));
    m_problem->setObjectName(QStringLiteral("aimProblem"));
    m_problem->setWordWrap(true);
    m_whiteKind->addItems(
        {tr("Daylight"), tr("Black body"), tr("x, y"), tr("u', v'"), tr("Native")});
    m_toneKind->addItems(toneEntries());
    m_luminanceKind->addItems({tr("Value"), tr("Native")});
    m_blackKind->addItems({tr("Native"), tr("Contrast limited")});

    auto *grid = new QGridLayout;
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(4);
    int row = 0;
    auto add = [&](const QString &name, QWidget *kind, QWidget *number, QWidget *second,
                   const QString &why) {
        auto *label = makeLabel(name, 11, theme::kText);
        label->setBuddy(kind);
        const QString bare = QString(name).remove(QLatin1Char('&'));
        kind->setAccessibleName(bare);
        kind->setMinimumWidth(150);
        grid->addWidget(label, row, 0);
        grid->addWidget(kind, row, 1);
        if (number) {
            number->setAccessibleName(bare);
            grid->addWidget(number, row, 2);
        }
        if (second)
            grid->addWidget(second, row, 3);
        auto *reason = makeLabel(why, theme::kSmall, theme::kMuted);
        wrap(reason);
        reason->setContentsMargins(0, 0, 0, 12);
        grid->addWidget(reason, row + 1, 1, 1, 4);
        row += 2;
    };
    auto *whiteNumber = new QWidget;
    auto *stack = new QHBoxLayout(whiteNumber);
    stack->setContentsMargins(0, 0, 0, 0);
    stack->addWidget(m_kelvin);
    stack->addWidget(m_first);
    add(tr("&Job"), m_preset, nullptr, nullptr,
        tr("Presets; the numbers below are common practice for the job."));
    add(tr("&White point"), m_whiteKind, whiteNumber, m_second,
        tr("6500 K daylight (D65) for screen work, 5000 K (D50) beside prints in a viewing "
           "booth."));
    add(tr("&Luminance"), m_luminanceKind, m_luminance, nullptr,
        tr("80 to 120 cd/m² for photo work, less in a dim room; beside prints as light as the "
           "paper: 135 in a booth of 500 lx."));
    add(tr("&Tone curve"), m_toneKind, m_gamma, nullptr,
        tr("Gamma %1 or sRGB for screens, L* for pre-press, BT.1886 for film. GSDF: even steps, "
           "which alone make no display fit for diagnosis.")
            .arg(figure(2.2, 1)));
    add(tr("Blac&k"), m_blackKind, m_contrast, nullptr,
        tr("Limit it, to between 200:1 and 1000:1, only to match other displays or a print."));
    auto *primaries = makeLabel(tr("Pr&imaries"), 11, theme::kText);
    primaries->setBuddy(m_primaries->kind());
    m_primaries->kind()->setAccessibleName(tr("Primaries"));
    grid->addWidget(primaries, row, 0);
    grid->addWidget(m_primaries, row, 1, 1, 4);
    auto *primariesWhy =
        makeLabel(tr("For monitors that mix them in their own memory. Elsewhere the profile tells "
                     "programs what the panel's own are."),
                  theme::kSmall, theme::kMuted);
    wrap(primariesWhy);
    primariesWhy->setContentsMargins(0, 0, 0, 12);
    grid->addWidget(primariesWhy, row + 1, 1, 1, 4);
    row += 2;
    grid->addWidget(makeLabel(tr("Light"), 11, theme::kText), row, 0, Qt::AlignTop);
    auto *toLight = new QPushButton(tr("Light around the desk…"));
    toLight->setObjectName(QStringLiteral("toLight"));
    connect(toLight, &QPushButton::clicked, this,
            [this] { emit this->intents()->viewWanted(ViewId::Light); });
    auto *lightRow = new QHBoxLayout;
    lightRow->addWidget(toLight);
    lightRow->addStretch(1);
    grid->addLayout(lightRow, row, 1, 1, 4);
    wrap(m_light);
    m_light->setContentsMargins(0, 0, 0, 12);
    grid->addWidget(m_light, ++row, 1, 1, 4);
    ++row;
    grid->addWidget(makeLabel(tr("By eye"), 11, theme::kText), row, 0, Qt::AlignTop);
    grid->addWidget(m_eye, row, 1, 1, 4);
    ++row;
    auto *measureNumber = new QWidget;
    auto *measureStack = new QHBoxLayout(measureNumber);
    measureStack->setContentsMargins(0, 0, 0, 0);
    for (QWidget *w : std::initializer_list<QWidget *>{m_patches, m_expected, m_minutes, m_chart})
        measureStack->addWidget(w);
    add(tr("Meas&ure"), m_measureKind, measureNumber, nullptr,
        tr("96 patches suffice for most displays. Otherwise the program picks patches where it is "
           "least "
           "certain, and stops at the mean error it expects, or at the time."));
    grid->setColumnStretch(4, 1);
    body()->addSpacing(8);
    body()->addLayout(grid);
    body()->addWidget(m_problem);

    auto *keep = new QPushButton(tr("Keep as m&y own"));
    keep->setObjectName(QStringLiteral("keepAim"));
    connect(keep, &QPushButton::clicked, this,
            [this] { emit this->intents()->aimKept(m_name->text()); });
    connect(m_name, &QLineEdit::returnPressed, keep, &QPushButton::click);
    connect(m_remove, &QPushButton::clicked, this, [this] {
        emit this->intents()->ownAimRemoved(QString::fromStdString(m_model.aim.name));
    });
    auto *copy = new QPushButton(tr("Dupli&cate"));
    copy->setObjectName(QStringLiteral("duplicateAim"));
    connect(copy, &QPushButton::clicked, intents, &Intents::aimDuplicated);
    auto *open = new QPushButton(tr("Open an aim…"));
    auto *save = new QPushButton(tr("Save this aim…"));
    connect(open, &QPushButton::clicked, this, [this] {
        const QString path =
            fileToOpen(this, QStringLiteral("aims"), tr("Open an aim"), tr("Aims (*.json)"));
        if (!path.isEmpty())
            this->open(path);
    });
    connect(save, &QPushButton::clicked, this, [this] {
        const QString path =
            fileToSave(this, QStringLiteral("aims"), tr("Save this aim"),
                       QString::fromStdString(m_model.aim.name) + QStringLiteral(".aim.json"),
                       tr("Aims (*.json)"));
        if (path.isEmpty())
            return;
        try {
            run::writeFile(path, QByteArray::fromStdString(aimToJson(m_model.aim).dump(2) + "\n"));
        } catch (const Error &e) {
            emit this->intents()->failed(run::inWords(e));
        }
    });
    auto *buttons = new QHBoxLayout;
    m_name->setMinimumWidth(120);
    m_name->setMaximumWidth(220);
    buttons->addWidget(m_name);
    buttons->addWidget(keep);
    buttons->addWidget(copy);
    buttons->addWidget(m_remove);
    buttons->addStretch(1);
    body()->addLayout(buttons);
    auto *files = new QHBoxLayout;
    files->addWidget(open);
    files->addWidget(save);
    files->addStretch(1);
    body()->addLayout(files);
    body()->addStretch(1);

    connect(m_preset, &QComboBox::activated, this, [this](int index) {
        emit this->intents()->aimChosen(
            aimOfEntry(index, m_model.own, m_model.light, m_model.paperLightness));
    });
    for (QComboBox *box : {m_whiteKind, m_toneKind, m_luminanceKind, m_blackKind})
        connect(box, &QComboBox::activated, this, &AimView::edited);
    for (QDoubleSpinBox *box : {m_kelvin, m_first, m_second, m_luminance, m_gamma})
        connect(box, &QDoubleSpinBox::valueChanged, this, &AimView::edited);
    connect(m_contrast, &QSpinBox::valueChanged, this, &AimView::edited);
    connect(m_primaries, &PrimariesEdit::changed, this, &AimView::edited);
    connect(m_eye, &EyeMatchRow::changed, this, &AimView::use);
    connect(m_measureKind, &QComboBox::activated, this, [this] {
        measureEdited();
        const auto until = static_cast<MeasureChoice::Until>(m_measureKind->currentIndex());
        if (until == MeasureChoice::Until::Chart && m_model.measure.list.empty())
            openChart();
    });
    connect(m_chart, &QPushButton::clicked, this, &AimView::openChart);
    connect(m_patches, &QSpinBox::valueChanged, this, &AimView::measureEdited);
    for (QDoubleSpinBox *box : {m_expected, m_minutes})
        connect(box, &QDoubleSpinBox::valueChanged, this, &AimView::measureEdited);
}

void AimView::openChart()
{
    if (!m_chartDialog)
        m_chartDialog = new ChartDialog(intents(), m_state, this);
    m_chartDialog->show();
    m_chartDialog->raise();
}

void AimView::measureEdited()
{
    if (m_updating)
        return;
    MeasureChoice choice;
    choice.until = static_cast<MeasureChoice::Until>(m_measureKind->currentIndex());
    choice.patches = m_patches->value();
    choice.expectedError = m_expected->value();
    choice.minutes = m_minutes->value();
    choice.list = m_model.measure.list;
    emit intents()->measureChosen(choice);
}

void AimView::edited()
{
    if (m_updating)
        return;
    AimFields f;
    f.white = static_cast<WhiteEntry>(m_whiteKind->currentIndex());
    f.kelvin = m_kelvin->value();
    f.first = m_first->value();
    f.second = m_second->value();
    if (m_luminanceKind->currentIndex() == kGiven)
        f.luminanceCdM2 = m_luminance->value();
    f.tone = m_toneKind->currentIndex();
    f.gamma = m_gamma->value();
    if (m_blackKind->currentIndex() == kLimited)
        f.contrastRatio = m_contrast->value();
    f.primaries = m_primaries->primaries();
    use(aimFrom(f, m_model.aim));
}

/// Makes a changed aim the present one, under a name that tells it from the one it came from.
void AimView::use(const Aim &aim)
{
    if (!(aim == m_model.aim))
        emit intents()->aimChosen(renamed(aim, m_model.aim, m_model.own));
}

void AimView::setState(const SessionState &state)
{
    m_updating = true;
    m_model = aimModel(state);
    const AimModel &m = m_model;
    setExplanation(m.explanation);
    if (m_jobs != m.jobs) {
        m_jobs = m.jobs;
        m_preset->clear();
        m_preset->addItems(m_jobs);
    }
    m_preset->setCurrentIndex(m.job);
    if (!m_name->hasFocus())
        m_name->setText(fromCore(m.aim.name));
    m_remove->setVisible(m.isOwn);
    m_problem->setText(m.problem);
    m_problem->setVisible(!m.problem.isEmpty());
    showFields(m.fields);
    m_light->setText(m.lightText);
    m_eye->setModel(m.eye);
    m_measureKind->setCurrentIndex(static_cast<int>(m.measure.until));
    m_patches->setValue(m.measure.patches);
    m_expected->setValue(m.measure.expectedError);
    m_minutes->setValue(m.measure.minutes);
    m_patches->setVisible(m.measure.until == MeasureChoice::Until::Patches);
    m_expected->setVisible(m.measure.until == MeasureChoice::Until::GoodEnough);
    m_minutes->setVisible(m.measure.until == MeasureChoice::Until::Time);
    m_chart->setVisible(m.measure.until == MeasureChoice::Until::Chart);
    m_chart->setText(m.measure.list.empty() ? tr("Make it…")
                                            : tr("%1 patches…").arg(m.measure.list.size()));
    if (isVisible()) // for the dialog
        m_state = state;
    if (m_chartDialog)
        m_chartDialog->setState(state);
    for (QWidget *w : std::initializer_list<QWidget *>{
             m_preset, m_whiteKind, m_toneKind, m_kelvin, m_first, m_second, m_luminance, m_gamma,
             m_luminanceKind, m_blackKind, m_contrast, m_primaries, m_patches, m_measureKind,
             m_expected, m_minutes, m_chart})
        w->setEnabled(!m.fixed);
    m_updating = false;
}

void AimView::showFields(const AimFields &f)
{
    const bool hasKelvin = f.white == WhiteEntry::Daylight || f.white == WhiteEntry::Blackbody;
    const bool hasPair = f.white == WhiteEntry::Xy || f.white == WhiteEntry::Uv;
    m_whiteKind->setCurrentIndex(static_cast<int>(f.white));
    m_kelvin->setVisible(hasKelvin);
    m_first->setVisible(hasPair);
    m_second->setVisible(hasPair);
    const bool uv = f.white == WhiteEntry::Uv;
    m_first->setPrefix(uv ? tr("u' ") : tr("x "));
    m_second->setPrefix(uv ? tr("v' ") : tr("y "));
    m_first->setAccessibleName(uv ? tr("White point, u'") : tr("White point, x"));
    m_second->setAccessibleName(uv ? tr("White point, v'") : tr("White point, y"));
    if (hasKelvin) {
        m_kelvin->setRange(f.leastKelvin, f.mostKelvin);
        m_kelvin->setValue(f.kelvin);
    }
    if (hasPair) {
        m_first->setValue(f.first);
        m_second->setValue(f.second);
    }
    m_luminanceKind->setCurrentIndex(f.luminanceCdM2 ? kGiven : kAsNative);
    m_luminance->setVisible(f.luminanceCdM2.has_value());
    if (f.luminanceCdM2)
        m_luminance->setValue(*f.luminanceCdM2);
    m_toneKind->setCurrentIndex(f.tone);
    m_gamma->setVisible(f.gamma.has_value());
    if (f.gamma)
        m_gamma->setValue(*f.gamma);
    m_blackKind->setCurrentIndex(f.contrastRatio ? kLimited : kUnlimited);
    m_contrast->setVisible(f.contrastRatio.has_value());
    if (f.contrastRatio)
        m_contrast->setValue(static_cast<int>(*f.contrastRatio));
    m_primaries->setPrimaries(f.primaries);
}

void AimView::open(const QString &path)
{
    try {
        const std::string source = path.toStdString();
        const Json json = parseJson(run::readFile(path).toStdString(), source);
        emit intents()->aimChosen(aimFromJson(json, source));
        emit intents()->told(run::inWords(remarkOnOldAim(json)));
    } catch (const Error &e) {
        emit intents()->failed(run::inWords(e));
    }
}

} // namespace lantern::app
