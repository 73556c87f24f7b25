#include "app/views/aim/aim_view.h"

#include "app/theme.h"
#include "core/base/error.h"
#include "core/plan/chart.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QDragEnterEvent>
#include <QFileDialog>
#include <QGridLayout>
#include <QMimeData>
#include <QPushButton>

namespace lantern::app {

namespace {

enum WhiteKind { Daylight, Blackbody, ByXy, ByUv, NativeW };
/// Entries of the tone box: gamma, the named curves in the order of toneNames(), native.
constexpr int kGammaEntry = 0;
constexpr int kFirstNamedEntry = 1;

int nativeEntry()
{
    return kFirstNamedEntry + static_cast<int>(toneNames().size());
}

QDoubleSpinBox *spin(double min, double max, int decimals, double step, const QString &suffix)
{
    auto *s = new QDoubleSpinBox;
    s->setRange(min, max);
    s->setDecimals(decimals);
    s->setSingleStep(step);
    s->setSuffix(suffix);
    s->setAlignment(Qt::AlignRight);
    s->setMinimumWidth(120);
    s->setGroupSeparatorShown(false);
    return s;
}

} // namespace

AimView::AimView(Session *session)
    : View(tr("Aim"),
           tr("What the display shall become. Start from a job; every number can be changed."),
           session),
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
      m_contrast(new QSpinBox),
      m_patches(new QSpinBox),
      m_measureKind(new QComboBox),
      m_expected(spin(0.02, 2, 2, 0.05, tr(" ΔE00"))),
      m_minutes(spin(1, 600, 0, 1, tr(" min"))),
      m_name(new QLineEdit),
      m_remove(new QPushButton(tr("&Remove"))),
      m_problem(makeLabel({}, theme::kNormal, theme::kText)),
      m_primaries(new PrimariesEdit),
      m_room(new RoomLightBar),
      m_eye(new EyeMatchRow)
{
    setAcceptDrops(true);
    m_contrast->setRange(50, 100000);
    m_contrast->setSuffix(tr(" : 1"));
    m_contrast->setAlignment(Qt::AlignRight);
    m_patches->setRange(kMinChart, kMaxChart);
    m_patches->setAlignment(Qt::AlignRight);
    m_preset->setPlaceholderText(tr("your own numbers"));
    fillPresets({});
    m_measureKind->addItems(
        {tr("A number of patches"), tr("Until it is good enough"), tr("For a time")});
    m_preset->setObjectName(QStringLiteral("aimPreset"));
    m_measureKind->setObjectName(QStringLiteral("measureKind"));
    m_name->setObjectName(QStringLiteral("aimName"));
    m_name->setPlaceholderText(tr("Name"));
    m_name->setMaxLength(80);
    m_name->setAccessibleName(tr("Name of the aim"));
    m_problem->setObjectName(QStringLiteral("aimProblem"));
    m_problem->setWordWrap(true);
    m_whiteKind->addItems(
        {tr("Daylight"), tr("Blackbody"), tr("x, y"), tr("u', v'"), tr("As native")});
    m_toneKind->addItem(tr("Gamma"));
    for (const ToneName &name : toneNames())
        m_toneKind->addItem(QString::fromUtf8(name.title));
    m_toneKind->addItem(tr("As native"));
    m_luminanceKind->addItems({tr("A number"), tr("As native")});
    m_blackKind->addItems({tr("As native"), tr("Contrast limited")});

    auto *grid = new QGridLayout;
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(4);
    int row = 0;
    auto add = [&](const QString &name, QWidget *kind, QWidget *number, QWidget *second,
                   const QString &why) {
        auto *label = makeLabel(name, 11, theme::kText);
        label->setBuddy(kind);
        kind->setAccessibleName(name);
        kind->setMinimumWidth(150);
        grid->addWidget(label, row, 0);
        grid->addWidget(kind, row, 1);
        if (number) {
            number->setAccessibleName(name);
            grid->addWidget(number, row, 2);
        }
        if (second) {
            second->setAccessibleName(name);
            grid->addWidget(second, row, 3);
        }
        auto *reason = makeLabel(why, theme::kSmall, theme::kMuted);
        reason->setWordWrap(true);
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
        tr("Gamma 2.2 or sRGB for screens, L* for pre-press, BT.1886 for film. GSDF: even steps, "
           "which alone fit no display for diagnosis."));
    add(tr("&Black"), m_blackKind, m_contrast, nullptr,
        tr("200:1 to 1000:1; limit it only so that several displays or a print match."));
    auto *primaries = makeLabel(tr("&Primaries"), 11, theme::kText);
    primaries->setBuddy(m_primaries->kind());
    m_primaries->kind()->setAccessibleName(tr("Primaries"));
    grid->addWidget(primaries, row, 0);
    grid->addWidget(m_primaries, row, 1, 1, 4);
    auto *primariesWhy =
        makeLabel(tr("For monitors that mix them in their own memory. Elsewhere the profile tells "
                     "programs what the panel's own are."),
                  theme::kSmall, theme::kMuted);
    primariesWhy->setContentsMargins(0, 0, 0, 12);
    grid->addWidget(primariesWhy, row + 1, 1, 1, 4);
    row += 2;
    auto *light = makeLabel(tr("From the light"), 11, theme::kText);
    grid->addWidget(light, row, 0, Qt::AlignTop);
    grid->addWidget(m_room, row, 1, 1, 4);
    m_room->setContentsMargins(0, 0, 0, 12);
    ++row;
    grid->addWidget(makeLabel(tr("By eye"), 11, theme::kText), row, 0, Qt::AlignTop);
    grid->addWidget(m_eye, row, 1, 1, 4);
    ++row;
    auto *measureNumber = new QWidget;
    auto *measureStack = new QHBoxLayout(measureNumber);
    measureStack->setContentsMargins(0, 0, 0, 0);
    for (QWidget *w : std::initializer_list<QWidget *>{m_patches, m_expected, m_minutes})
        measureStack->addWidget(w);
    add(tr("&Measure"), m_measureKind, measureNumber, nullptr,
        tr("96 patches suffice for most displays. Else the program picks patches where it is least "
           "certain, and stops at the mean error it expects, or at the time."));
    grid->setColumnStretch(4, 1);
    body()->addSpacing(8);
    body()->addLayout(grid);
    body()->addWidget(m_problem);

    auto *keep = new QPushButton(tr("&Keep as my own"));
    keep->setObjectName(QStringLiteral("keepAim"));
    connect(keep, &QPushButton::clicked, this,
            [this] { this->session()->keepAim(m_name->text()); });
    connect(m_name, &QLineEdit::returnPressed, keep, &QPushButton::click);
    connect(m_remove, &QPushButton::clicked, this,
            [this] { this->session()->removeOwnAim(QString::fromStdString(m_aim.name)); });
    auto *copy = new QPushButton(tr("&Duplicate"));
    copy->setObjectName(QStringLiteral("duplicateAim"));
    connect(copy, &QPushButton::clicked, this->session(), &Session::duplicateAim);
    auto *open = new QPushButton(tr("&Open an aim…"));
    auto *save = new QPushButton(tr("&Save this aim…"));
    connect(open, &QPushButton::clicked, this, [this] {
        const QString path =
            QFileDialog::getOpenFileName(this, tr("Open an aim"), {}, tr("Aims (*.json)"));
        if (!path.isEmpty())
            openFile(path);
    });
    connect(save, &QPushButton::clicked, this, [this] {
        const QString path = QFileDialog::getSaveFileName(
            this, tr("Save this aim"), QString::fromStdString(m_aim.name) + QStringLiteral(".json"),
            tr("Aims (*.json)"));
        if (path.isEmpty())
            return;
        try {
            run::writeFile(path, QByteArray::fromStdString(aimToJson(m_aim).dump(2) + "\n"));
        } catch (const Error &e) {
            this->session()->setNotice(QString::fromUtf8(e.what()));
        }
    });
    auto *buttons = new QHBoxLayout;
    m_name->setFixedWidth(220);
    buttons->addWidget(m_name);
    buttons->addWidget(keep);
    buttons->addWidget(copy);
    buttons->addWidget(m_remove);
    buttons->addSpacing(24);
    buttons->addWidget(open);
    buttons->addWidget(save);
    buttons->addStretch(1);
    body()->addLayout(buttons);
    body()->addStretch(1);

    connect(m_preset, &QComboBox::activated, this, [this](int index) {
        const auto presets = aimPresets();
        const auto i = static_cast<size_t>(index);
        Aim aim = i < presets.size() ? presets[i] : m_own.at(i - presets.size());
        if (aim.name == kBesideThePrint && i < presets.size() && !m_room->readings().empty()) {
            aim.white = run::meanLight(m_room->readings()).chromaticity; // as the booth is
            aim.luminanceCdM2 =
                std::clamp(*m_room->paperLuminance(), kMinAimLuminance, kMaxAimLuminance);
        }
        this->session()->setAim(aim);
    });
    for (QComboBox *box : {m_whiteKind, m_toneKind, m_luminanceKind, m_blackKind})
        connect(box, &QComboBox::activated, this, &AimView::edited);
    for (QDoubleSpinBox *box : {m_kelvin, m_first, m_second, m_luminance, m_gamma})
        connect(box, &QDoubleSpinBox::valueChanged, this, &AimView::edited);
    connect(m_contrast, &QSpinBox::valueChanged, this, &AimView::edited);
    connect(m_primaries, &PrimariesEdit::changed, this, &AimView::edited);
    connect(m_room, &RoomLightBar::readWanted, session, &Session::readRoom);
    connect(m_room, &RoomLightBar::startOverWanted, session, &Session::forgetRoomReadings);
    connect(m_room, &RoomLightBar::whiteChosen, this, [this](const Chromaticity &white) {
        Aim aim = m_aim;
        aim.white = white;
        use(aim);
    });
    connect(m_room, &RoomLightBar::luminanceChosen, this, [this](double cdM2) {
        Aim aim = m_aim;
        aim.luminanceCdM2 = std::clamp(cdM2, kMinAimLuminance, kMaxAimLuminance);
        use(aim);
    });
    connect(m_eye, &EyeMatchRow::changed, this, &AimView::use);
    connect(m_measureKind, &QComboBox::activated, this, &AimView::measureEdited);
    connect(m_patches, &QSpinBox::valueChanged, this, &AimView::measureEdited);
    for (QDoubleSpinBox *box : {m_expected, m_minutes})
        connect(box, &QDoubleSpinBox::valueChanged, this, &AimView::measureEdited);
}

/// Presets by job first, then the person's own.
void AimView::fillPresets(const std::vector<Aim> &own)
{
    if (m_preset->count() > 0 && own == m_own)
        return;
    m_own = own;
    m_preset->clear();
    for (const Aim &preset : aimPresets())
        m_preset->addItem(QString::fromStdString(preset.name));
    for (const Aim &aim : own)
        m_preset->addItem(tr("%1 (own)").arg(QString::fromStdString(aim.name)));
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
    session()->setMeasureChoice(choice);
}

void AimView::edited()
{
    if (m_updating)
        return;
    Aim aim = m_aim;
    const bool sameKind = static_cast<int>(aim.white.index()) == m_whiteKind->currentIndex();
    switch (m_whiteKind->currentIndex()) {
    case Daylight:
        aim.white = DaylightWhite{sameKind ? m_kelvin->value() : 6500};
        break;
    case Blackbody:
        aim.white = BlackbodyWhite{sameKind ? m_kelvin->value() : 6500};
        break;
    case ByXy:
        aim.white = sameKind ? Chromaticity{m_first->value(), m_second->value()}
                             : nominalChromaticity(m_aim, {0.3127, 0.3290});
        break;
    case ByUv:
        aim.white = sameKind ? UvPrime{m_first->value(), m_second->value()}
                             : uvPrime(nominalChromaticity(m_aim, {0.3127, 0.3290}));
        break;
    default:
        aim.white = NativeWhite{};
    }
    if (m_luminanceKind->currentIndex() == 0)
        aim.luminanceCdM2 = m_aim.luminanceCdM2 ? m_luminance->value() : 120;
    else
        aim.luminanceCdM2.reset();
    const int tone = m_toneKind->currentIndex();
    if (tone == kGammaEntry)
        aim.tone =
            GammaTone{std::holds_alternative<GammaTone>(m_aim.tone) ? m_gamma->value() : 2.2};
    else if (tone < nativeEntry())
        aim.tone = toneNames()[static_cast<size_t>(tone - kFirstNamedEntry)].tone;
    else
        aim.tone = NativeTone{};
    if (m_blackKind->currentIndex() == 1)
        aim.contrastRatio = m_aim.contrastRatio ? m_contrast->value() : 300;
    else
        aim.contrastRatio.reset();
    aim.primaries = m_primaries->primaries();
    use(aim);
}

/// Makes a changed aim the present one, under a name that tells it from the one it came from.
void AimView::use(Aim aim)
{
    if (aim == m_aim)
        return;
    const std::string changedName =
        tr("%1, changed").arg(QString::fromStdString(aim.name)).toStdString();
    for (const std::vector<Aim> &list : {aimPresets(), m_own})
        for (const Aim &known : list)
            if (known.name == m_aim.name)
                aim.name = changedName;
    session()->setAim(aim);
}

void AimView::setState(const SessionState &state)
{
    m_updating = true;
    m_aim = state.aim;
    fillPresets(state.ownAims);
    m_preset->setCurrentIndex(-1);
    std::vector<Aim> all = aimPresets();
    all.insert(all.end(), m_own.begin(), m_own.end());
    for (size_t i = 0; i < all.size(); ++i)
        if (all[i] == m_aim)
            m_preset->setCurrentIndex(static_cast<int>(i));
    if (!m_name->hasFocus())
        m_name->setText(QString::fromStdString(m_aim.name));
    m_remove->setVisible(std::any_of(m_own.begin(), m_own.end(),
                                     [this](const Aim &own) { return own.name == m_aim.name; }));
    m_problem->setText(state.aimProblem);
    m_problem->setVisible(!state.aimProblem.isEmpty());
    showKind(state);
    m_primaries->setPrimaries(m_aim.primaries);
    m_room->setState(state);
    m_eye->setState(state);
    m_measure = state.measure;
    m_measureKind->setCurrentIndex(static_cast<int>(m_measure.until));
    m_patches->setValue(m_measure.patches);
    m_expected->setValue(m_measure.expectedError);
    m_minutes->setValue(m_measure.minutes);
    m_patches->setVisible(m_measure.until == MeasureChoice::Until::Patches);
    m_expected->setVisible(m_measure.until == MeasureChoice::Until::GoodEnough);
    m_minutes->setVisible(m_measure.until == MeasureChoice::Until::Time);
    m_updating = false;
}

void AimView::showKind(const SessionState &state)
{
    m_whiteKind->setCurrentIndex(static_cast<int>(m_aim.white.index()));
    const int kind = m_whiteKind->currentIndex();
    m_kelvin->setVisible(kind == Daylight || kind == Blackbody);
    m_first->setVisible(kind == ByXy || kind == ByUv);
    m_second->setVisible(kind == ByXy || kind == ByUv);
    if (const auto *w = std::get_if<DaylightWhite>(&m_aim.white)) {
        m_kelvin->setRange(4000, 24900);
        m_kelvin->setValue(w->kelvin);
    } else if (const auto *b = std::get_if<BlackbodyWhite>(&m_aim.white)) {
        m_kelvin->setRange(kMinCct, kMaxCct);
        m_kelvin->setValue(b->kelvin);
    } else if (const auto *c = std::get_if<Chromaticity>(&m_aim.white)) {
        m_first->setValue(c->x);
        m_second->setValue(c->y);
    } else if (const auto *u = std::get_if<UvPrime>(&m_aim.white)) {
        m_first->setValue(u->u);
        m_second->setValue(u->v);
    }
    m_luminanceKind->setCurrentIndex(m_aim.luminanceCdM2 ? 0 : 1);
    m_luminance->setVisible(m_aim.luminanceCdM2.has_value());
    if (m_aim.luminanceCdM2)
        m_luminance->setValue(*m_aim.luminanceCdM2);
    int tone = nativeEntry();
    if (const auto *g = std::get_if<GammaTone>(&m_aim.tone)) {
        tone = kGammaEntry;
        m_gamma->setValue(g->gamma);
    } else if (const auto *n = std::get_if<NamedTone>(&m_aim.tone))
        for (size_t i = 0; i < toneNames().size(); ++i)
            if (toneNames()[i].tone == *n)
                tone = kFirstNamedEntry + static_cast<int>(i);
    m_toneKind->setCurrentIndex(tone);
    m_gamma->setVisible(tone == kGammaEntry);
    m_blackKind->setCurrentIndex(m_aim.contrastRatio ? 1 : 0);
    m_contrast->setVisible(m_aim.contrastRatio.has_value());
    if (m_aim.contrastRatio)
        m_contrast->setValue(static_cast<int>(*m_aim.contrastRatio));
    const bool fixed = state.hasRun() && state.status.activity != run::Activity::Finished;
    for (QWidget *w : std::initializer_list<QWidget *>{
             m_preset, m_whiteKind, m_toneKind, m_kelvin, m_first, m_second, m_luminance, m_gamma,
             m_luminanceKind, m_blackKind, m_contrast, m_primaries, m_patches, m_measureKind,
             m_expected, m_minutes})
        w->setEnabled(!fixed);
    setExplanation(fixed
                       ? tr("The aim of the run under way. Stop the run to change it.")
                       : tr("What the display shall become. Start from a job; every number can be "
                            "changed. An aim file can be dropped here."));
}

void AimView::openFile(const QString &path)
{
    try {
        const std::string source = path.toStdString();
        const Json json = parseJson(run::readFile(path).toStdString(), source);
        session()->setAim(aimFromJson(json, source));
        session()->setNotice(QString::fromStdString(remarkOnOldAim(json)));
    } catch (const Error &e) {
        session()->setNotice(QString::fromUtf8(e.what()));
    }
}

void AimView::dragEnterEvent(QDragEnterEvent *event)
{
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void AimView::dropEvent(QDropEvent *event)
{
    const auto urls = event->mimeData()->urls();
    if (!urls.isEmpty() && urls.front().isLocalFile())
        openFile(urls.front().toLocalFile());
}

} // namespace lantern::app
