#include "app/views/settings/settings_view.h"

#include "app/state/preferences.h"
#include "app/state/wording.h"
#include "app/theme.h"
#include "app/widgets/file_choice.h"
#include "run/book/language.h"

#include <QDesktopServices>
#include <QDir>
#include <QFileInfo>
#include <QUrl>

#include <array>

namespace lantern::app {

namespace {

const QString kReports = QStringLiteral("report"); // as they are saved from the menu

constexpr int kMostDays = 3650;

QComboBox *makeBox(const char *name, const QString &title)
{
    auto *box = new QComboBox;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(title);
    return box;
}

QLabel *makeValue(const char *name)
{
    QLabel *label = makeLabel({}, theme::kNormal, theme::kText);
    label->setObjectName(QLatin1String(name));
    label->setWordWrap(true);
    label->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    return label;
}

QWidget *inRow(const std::vector<QWidget *> &widgets)
{
    auto *row = new QWidget;
    auto *layout = new QHBoxLayout(row);
    layout->setContentsMargins(0, 0, 0, 0);
    for (QWidget *w : widgets)
        layout->addWidget(w);
    layout->addStretch(1);
    return row;
}

} // namespace

SettingsView::SettingsView(Intents *intents)
    : View(tr("What is chosen once and then kept. Each is in force at once; what belongs to one "
              "display or one run is on its own page."),
           intents)
{
    makeWindow();
    makeMeter();
    makeProfiles();
    makeKeeping();
    makeFolders();
    body()->addStretch(1);
}

QFormLayout *SettingsView::addSection(const QString &title)
{
    if (body()->count() > 0)
        body()->addSpacing(12);
    body()->addWidget(makeLabel(title, theme::kNormal, theme::kBright, QFont::DemiBold));
    auto *form = new QFormLayout;
    form->setContentsMargins(12, 2, 0, 0);
    form->setRowWrapPolicy(QFormLayout::WrapLongRows);
    form->setFieldGrowthPolicy(QFormLayout::ExpandingFieldsGrow);
    body()->addLayout(form);
    return form;
}

void SettingsView::makeWindow()
{
    QFormLayout *form = addSection(tr("Window"));
    m_language = makeBox("language", tr("Language"));
    m_language->addItem(tr("As the desktop"), QString());
    for (const run::Language &l : run::languages())
        m_language->addItem(l.title, l.code);
    m_language->setCurrentIndex(std::max(0, m_language->findData(run::chosenLanguage())));
    connect(m_language, &QComboBox::activated, this,
            [this] { emit intents()->languageChosen(m_language->currentData().toString()); });
    form->addRow(tr("Lang&uage"), m_language);
    m_looks = makeBox("looks", tr("Looks"));
    for (const auto &[looks, title] :
         {std::pair{theme::Looks::Dark, tr("Dark", "looks of the window")},
          std::pair{theme::Looks::Middle, tr("Middle grey")},
          std::pair{theme::Looks::Light, tr("Light", "looks of the window")},
          std::pair{theme::Looks::HighContrast, tr("High contrast")}})
        m_looks->addItem(title, theme::looksKey(looks));
    m_looks->setCurrentIndex(
        m_looks->findData(theme::looksKey(theme::looksFrom(preferences::looks()))));
    m_looks->setToolTip(tr("Grey in all of them. What surrounds a colour changes how it looks: "
                           "judge by eye with the looks that your other programs have."));
    connect(m_looks, &QComboBox::activated, this,
            [this] { emit intents()->looksChosen(m_looks->currentData().toString()); });
    form->addRow(tr("&Looks"), m_looks);
}

void SettingsView::askForFile(const char *what, const QString &title, const QString &kinds,
                              void (Intents::*wanted)(const QString &))
{
    const QString path = fileToOpen(this, QLatin1String(what), title, kinds);
    if (!path.isEmpty())
        emit(intents()->*wanted)(path);
}

void SettingsView::makeMeter()
{
    QFormLayout *form = addSection(tr("Meter and patches"));
    m_meter = makeValue("settingsMeter");
    form->addRow(tr("Meter"), m_meter);
    m_correction = makeValue("settingsCorrection");
    auto *correction = new QPushButton(tr("&Correction from a file…"));
    connect(correction, &QPushButton::clicked, this, [this] {
        askForFile("meter", tr("Correction of the meter"), tr("Corrections (*.json)"),
                   &Intents::correctionOffered);
    });
    form->addRow(tr("Correction"), m_correction);
    m_certificate = makeValue("settingsCertificate");
    auto *certificate = new QPushButton(tr("Cert&ificate…"));
    connect(certificate, &QPushButton::clicked, this, [this] {
        askForFile("meter", tr("Certificate of the meter"), tr("Certificates (*.json)"),
                   &Intents::certificateOffered);
    });
    form->addRow(tr("Certificate"), m_certificate);
    form->addRow(QString(), inRow({correction, certificate}));
    m_meterButtons = {correction, certificate};
    m_patch = new QSpinBox;
    m_patch->setObjectName(QStringLiteral("patchSide"));
    m_patch->setAccessibleName(tr("Side of the patch"));
    m_patch->setRange(preferences::kSmallestPatch, preferences::kLargestPatch);
    m_patch->setSingleStep(12);
    m_patch->setSuffix(tr(" pixels"));
    m_patch->setValue(preferences::patchSide());
    m_patch->setKeyboardTracking(false);
    m_patch->setToolTip(tr("At 100 % scale. It has to be twice as wide as what the meter sees, or "
                           "more; on panels that limit their light a small one is brighter."));
    connect(m_patch, &QSpinBox::valueChanged, this->intents(), &Intents::patchSideChosen);
    form->addRow(tr("Side of the pa&tch"), inRow({m_patch}));
}

void SettingsView::makeProfiles()
{
    QFormLayout *form = addSection(tr("Profiles and proofs"));
    m_words = new ProfileWords("settingsNameTemplate", "settingsCopyright");
    connect(m_words, &ProfileWords::edited, this,
            [this] { emit intents()->profileFormChosen(m_words->applied(m_profileForm)); });
    form->addRow(tr("Names, copyright"), m_words);
    m_form = makeBox("settingsIcc", tr("Version of ICC"));
    m_form->addItem(tr("Version 4"), 4);
    m_form->addItem(tr("Version 2, for old programs"), 2);
    connect(m_form, &QComboBox::activated, this, [this] {
        run::ProfileForm chosen = m_profileForm;
        chosen.version = m_form->currentData().toInt();
        m_profileForm = chosen; // what is edited next builds on it
        emit intents()->profileFormChosen(chosen);
    });
    form->addRow(tr("ICC"), m_form);
    m_limits = makeBox("settingsLimits", tr("Limits"));
    connect(m_limits, &QComboBox::activated, this, [this](int index) {
        run::ProofChoice chosen = m_proof;
        chosen.tolerance = m_tolerances.at(static_cast<size_t>(index));
        m_proof = chosen;
        emit intents()->proofChosen(chosen);
    });
    form->addRow(tr("Limits that displays are held to"), m_limits);
    m_studio = makeValue("settingsStudio");
    auto *studio = new QPushButton(tr("&Who makes the reports…"));
    connect(studio, &QPushButton::clicked, this->intents(), &Intents::studioWanted);
    form->addRow(tr("Reports"), m_studio);
    form->addRow(QString(), inRow({studio}));
}

void SettingsView::makeKeeping()
{
    QFormLayout *form = addSection(tr("Reminders"));
    m_display = makeValue("settingsDisplay");
    form->addRow(tr("Display"), m_display);
    m_days = new QSpinBox;
    m_days->setObjectName(QStringLiteral("settingsDays"));
    m_days->setRange(0, kMostDays);
    m_days->setSpecialValueText(tr("never"));
    m_days->setSuffix(tr(" days"));
    m_days->setAccessibleName(tr("Days until a reminder"));
    m_days->setKeyboardTracking(false);
    connect(m_days, &QSpinBox::valueChanged, this, [this](int days) {
        if (!m_updating)
            emit intents()->reminderChosen(days, 0);
    });
    form->addRow(tr("Remind of a check after"), inRow({m_days}));
    m_keeper = new QCheckBox(tr("Keep profiles in force from every login on"));
    m_keeper->setObjectName(QStringLiteral("settingsKeeper"));
    connect(m_keeper, &QCheckBox::toggled, this, [this](bool on) {
        if (!m_updating)
            emit intents()->keeperWanted(on);
    });
    form->addRow(QString(), m_keeper);
}

void SettingsView::makeFolders()
{
    QFormLayout *form = addSection(tr("Folders"));
    m_logbook = makeValue("settingsLogbook");
    form->addRow(tr("Logbook"), m_logbook);
    auto *open = new QPushButton(tr("&Open its folder"));
    connect(open, &QPushButton::clicked, this, &SettingsView::openLogbookFolder);
    auto *backUp = new QPushButton(tr("Bac&k it up…"));
    connect(backUp, &QPushButton::clicked, this->intents(), &Intents::backUpWanted);
    form->addRow(QString(), inRow({open, backUp}));
    auto *reports = makeValue("settingsReportFolder");
    reports->setText(startFolder(kReports));
    form->addRow(tr("Reports"), reports);
    auto *choose = new QPushButton(tr("Choose the folder…"));
    connect(choose, &QPushButton::clicked, this, [this, reports] {
        folderToUse(this, kReports, tr("Folder that reports are saved in"));
        reports->setText(startFolder(kReports));
    });
    form->addRow(QString(), inRow({choose}));
    QLabel *note = makeLabel(tr("Aims, limits, charts, lights and corrections of your own lie "
                                "beside the logbook, a file each. Where other files are opened "
                                "and saved, the program begins in the folder of the last time."),
                             theme::kSmall, theme::kMuted);
    wrap(note);
    form->addRow(note);
}

void SettingsView::openLogbookFolder()
{
    if (!QDesktopServices::openUrl(QUrl::fromLocalFile(m_folder)))
        emit intents()->failed(tr("No program here opens folders. It is %1.").arg(m_folder));
}

void SettingsView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    m_updating = true;
    const bool isFree = !state.isMeasuring() && !state.onErrand();
    m_meter->setText(state.meter.name.isEmpty()
                         ? tr("None chosen yet: menu Meter")
                         : tr("%1 · another one: menu Meter").arg(state.meter.name));
    m_correction->setText(state.meter.correction.isEmpty() ? tr("none") : state.meter.correction);
    m_certificate->setText(state.meter.certificate
                               ? tr("%1, to be renewed by %2")
                                     .arg(QString::fromStdString(state.meter.certificate->number),
                                          QString::fromStdString(state.meter.certificate->due))
                               : tr("none"));
    for (QPushButton *button : m_meterButtons)
        button->setEnabled(isFree && !state.meter.name.isEmpty());
    m_patch->setEnabled(isFree);
    m_profileForm = state.profileForm;
    m_words->setForm(state.profileForm);
    m_form->setCurrentIndex(m_form->findData(state.profileForm.version));
    m_proof = state.proof;
    m_tolerances = tolerances();
    m_tolerances.insert(m_tolerances.end(), state.ownTolerances.begin(), state.ownTolerances.end());
    m_limits->clear();
    for (const Tolerance &t : m_tolerances) {
        m_limits->addItem(fromCore(t.title));
        if (t.name == m_proof.tolerance.name)
            m_limits->setCurrentIndex(m_limits->count() - 1);
    }
    const QString studio = QString::fromStdString(state.reportStyle.studio.name);
    m_studio->setText(studio.isEmpty() ? tr("without a studio's name") : studio);
    const bool hasDisplay = !state.displays.empty();
    m_display->setText(hasDisplay ? state.displays[static_cast<size_t>(state.selected)].name
                                  : QString());
    m_days->setEnabled(hasDisplay);
    if (!m_days->hasFocus())
        m_days->setValue(state.remindAfterDays);
    m_keeper->setVisible(state.keeper.has_value());
    m_keeper->setChecked(state.keeper.value_or(false));
    m_logbook->setText(state.logbookPath);
    m_folder = QFileInfo(state.logbookPath).absolutePath();
    m_updating = false;
}

} // namespace lantern::app
