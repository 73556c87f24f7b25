#include "app/views/fine_tune/fine_tune_view.h"

#include "app/theme.h"
#include "app/views/compare/compare_model.h"
#include "app/views/compare/own_pictures.h"
#include "app/widgets/file_choice.h"
#include "app/widgets/side_by_side.h"
#include "app/widgets/small_box.h"
#include "core/base/error.h"
#include "paper/picture_colours.h"
#include "run/book/in_words.h"

#include <QFileInfo>
#include <QGridLayout>
#include <QHBoxLayout>

namespace lantern::app {

namespace {

QPushButton *smallButton(const char *name, const QString &text)
{
    auto *button = new QPushButton(text);
    button->setObjectName(QLatin1String(name));
    return button;
}

/// A button for one step down or up.
QPushButton *stepButton(const QString &name, const QString &sign)
{
    auto *button = new QPushButton(sign);
    button->setObjectName(name);
    constexpr int kWidth = 34;
    button->setFixedWidth(kWidth);
    button->setAutoRepeat(true);
    return button;
}

} // namespace

FineTuneView::FineTuneView(Intents *intents)
    : View(tr("Equal figures need not look equal. Small steps of known size on top of the "
              "calibration, until the eye agrees with the print or the other display; none of them "
              "is lost, and each can be taken back."),
           intents),
      m_sheet(new TuneSheet),
      m_sheets(makeSmallBox("tuneSheets", tr("Sheet"), 8)),
      m_fill(smallButton("tuneFill", tr("Over the &whole display"))),
      m_before(smallButton("tuneBefore", tr("Hold: as before"))),
      m_reset(smallButton("tuneReset", tr("Back t&o the calibration"))),
      m_read(smallButton("tuneRead", tr("Read wh&ite"))),
      m_keep(smallButton("tuneKeep", tr("&Keep as a profile"))),
      m_prove(smallButton("tuneProve", tr("Prove what is in &use"))),
      m_controls(makeControls()),
      m_why(makeLabel({}, theme::kNormal, theme::kText)),
      m_white(new WholeLabel),
      m_readings(makeLabel({}, theme::kNormal, theme::kText)),
      m_name(new QLineEdit),
      m_rendering([this](std::shared_ptr<const Rendition> rendition) {
          m_rendition = std::move(rendition);
          m_sheet->setRendition(m_rendition);
          if (m_whole)
              m_whole->setRendition(m_rendition);
      })
{
    for (QLabel *label : {m_why, static_cast<QLabel *>(m_white), m_readings})
        wrap(label);
    m_why->setObjectName(QStringLiteral("tuneWhy"));
    m_white->setObjectName(QStringLiteral("tuneWhite"));
    m_readings->setObjectName(QStringLiteral("tuneReadings"));
    m_sheets->addItem(tr("Greys and white"));
    for (const OwnPicture &own : ownPictures())
        m_sheets->addItem(own.title);
    m_sheets->addItem(tr("Open a picture…"));
    connect(m_sheets, &QComboBox::activated, this, &FineTuneView::chooseSheet);
    connect(m_fill, &QPushButton::clicked, this, [this] { fillScreen(true); });
    auto *main = new QWidget;
    auto *column = new QVBoxLayout(main);
    column->setContentsMargins(3, 0, 3, 0);
    auto *row = new QHBoxLayout;
    row->addWidget(m_sheets, 1);
    row->addWidget(m_fill);
    column->addLayout(row);
    column->addWidget(m_sheet, 1);
    constexpr int kLeastMain = 240;
    body()->addWidget(m_why);
    body()->addWidget(new SideBySide(main, makeSide(), kLeastMain), 1);
    connectSheet(m_sheet);
}

FineTuneView::~FineTuneView() = default;

QWidget *FineTuneView::makeSide()
{
    auto *side = new QWidget;
    constexpr int kWidth = 306;
    side->setMinimumWidth(kWidth);
    auto *column = new QVBoxLayout(side);
    column->setContentsMargins(3, 0, 3, 0);
    column->addWidget(makeKnobs());
    column->addWidget(m_white);
    column->addWidget(m_before); // below each other: in other languages they are longer
    column->addWidget(m_reset);
    column->addWidget(m_controls);
    column->addWidget(m_readings);
    column->addWidget(makeEnd());
    column->addStretch(1);
    connect(m_before, &QPushButton::pressed, this, [this] { emit intents()->tuneHeld(true); });
    connect(m_before, &QPushButton::released, this, [this] { emit intents()->tuneHeld(false); });
    connect(m_reset, &QPushButton::clicked, this, [this] { emit intents()->tuned({}); });
    return side;
}

QWidget *FineTuneView::makeKnobs()
{
    auto *knobs = new QWidget;
    auto *grid = new QGridLayout(knobs);
    grid->setContentsMargins(0, 0, 0, 4);
    grid->setHorizontalSpacing(6);
    grid->setColumnStretch(1, 1);
    for (int i = 0; i < kKnobs; ++i) {
        const auto at = static_cast<size_t>(i);
        m_titles[at] = makeLabel({}, theme::kSmall, theme::kMuted);
        m_titles[at]->setWordWrap(true);
        m_values[at] = makeLabel({}, theme::kNormal, theme::kBright);
        m_values[at]->setObjectName(QStringLiteral("tuneValue%1").arg(i));
        m_values[at]->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
        m_less[at] = stepButton(QStringLiteral("tuneLess%1").arg(i), QStringLiteral("−"));
        m_more[at] = stepButton(QStringLiteral("tuneMore%1").arg(i), QStringLiteral("+"));
        connect(m_less[at], &QPushButton::clicked, this,
                [this, i] { step(static_cast<Knob>(i), -1); });
        connect(m_more[at], &QPushButton::clicked, this,
                [this, i] { step(static_cast<Knob>(i), 1); });
        grid->addWidget(m_titles[at], i, 0);
        grid->addWidget(m_values[at], i, 1);
        grid->addWidget(m_less[at], i, 2);
        grid->addWidget(m_more[at], i, 3);
    }
    return knobs;
}

QWidget *FineTuneView::makeControls()
{
    auto *controls = new QWidget;
    auto *column = new QVBoxLayout(controls);
    column->setContentsMargins(0, 6, 0, 0);
    column->addWidget(makeLabel(tr("The monitor's own controls"), theme::kSmall, theme::kMuted));
    auto *grid = new QGridLayout;
    grid->setHorizontalSpacing(4);
    for (size_t i = 0; i < kControls; ++i) {
        m_controlTitles[i] = makeLabel({}, theme::kSmall, theme::kMuted);
        m_controlTitles[i]->setWordWrap(true);
        m_controlValues[i] = makeLabel({}, theme::kNormal, theme::kText);
        m_controlValues[i]->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
        m_down[i] = stepButton(QStringLiteral("controlDown%1").arg(i), QStringLiteral("−"));
        m_up[i] = stepButton(QStringLiteral("controlUp%1").arg(i), QStringLiteral("+"));
        for (QPushButton *b : {m_down[i], m_up[i]})
            b->setAutoRepeat(false);
        connect(m_down[i], &QPushButton::clicked, this, [this, i] { turn(i, -1); });
        connect(m_up[i], &QPushButton::clicked, this, [this, i] { turn(i, 1); });
        const int row = static_cast<int>(i / 2), left = static_cast<int>(i % 2) * 4;
        grid->addWidget(m_controlTitles[i], row, left);
        grid->addWidget(m_controlValues[i], row, left + 1);
        grid->addWidget(m_down[i], row, left + 2);
        grid->addWidget(m_up[i], row, left + 3);
    }
    column->addLayout(grid);
    m_reads = new QCheckBox(tr("Read each &turn"));
    m_reads->setToolTip(tr("The meter hangs there meanwhile."));
    m_reads->setObjectName(QStringLiteral("readsTurns"));
    connect(m_reads, &QCheckBox::toggled, this, [this](bool on) {
        if (on != m_model.readsTurns)
            emit intents()->turnsRead(on);
    });
    column->addWidget(m_reads);
    m_turn = makeLabel({}, theme::kNormal, theme::kText);
    m_turn->setObjectName(QStringLiteral("controlTurn"));
    wrap(m_turn);
    column->addWidget(m_turn);
    return controls;
}

QWidget *FineTuneView::makeEnd()
{
    auto *end = new QWidget;
    auto *column = new QVBoxLayout(end);
    column->setContentsMargins(0, 6, 0, 0);
    m_name->setObjectName(QStringLiteral("tuneName"));
    m_name->setAccessibleName(tr("Name of the profile"));
    m_name->setPlaceholderText(tr("name, such as “beside the booth”"));
    column->addWidget(m_name);
    auto *row = new QHBoxLayout;
    row->addWidget(m_read);
    row->addWidget(m_keep, 1);
    column->addLayout(row);
    column->addWidget(m_prove, 0, Qt::AlignLeft);
    m_read->setToolTip(tr("With the meter on the display: how far this white is from the aim."));
    m_keep->setToolTip(tr("A profile of its own name that says it was fine-tuned by eye, and its "
                          "video LUT; the page Profile has it beside the others."));
    m_prove->setToolTip(tr("With the meter: colours through the profile in use, with a verdict."));
    connect(m_read, &QPushButton::clicked, intents(), &Intents::tunedWhiteWanted);
    connect(m_keep, &QPushButton::clicked, this, [this] {
        emit intents()->tuneKept(m_name->text());
        m_name->clear();
    });
    connect(m_prove, &QPushButton::clicked, intents(), &Intents::proofWanted);
    return end;
}

void FineTuneView::connectSheet(TuneSheet *sheet)
{
    connect(sheet, &TuneSheet::stepped, this,
            [this](int knob, int steps) { step(static_cast<Knob>(knob), steps); });
    connect(sheet, &TuneSheet::held, intents(), &Intents::tuneHeld);
    connect(sheet, &TuneSheet::resetWanted, this, [this] { emit intents()->tuned({}); });
    connect(
        sheet, &TuneSheet::leaveWanted, this, [this] { fillScreen(false); },
        Qt::QueuedConnection); // it may be the one that goes
}

void FineTuneView::step(Knob knob, int steps)
{
    if (m_state && m_model.why.isEmpty())
        emit intents()->tuneStepped(knob, steps);
}

void FineTuneView::turn(size_t control, int by)
{
    if (!m_state || !m_state->tuneControls || control >= m_model.controls.size())
        return;
    MonitorControls to = *m_state->tuneControls;
    double &value = to.*m_model.controls[control].field;
    value = std::clamp(value + by, 0.0, 100.0);
    emit intents()->tuneTurned(to);
}

void FineTuneView::chooseSheet(int index)
{
    const auto own = static_cast<int>(ownPictures().size());
    if (index == m_sheets->count() - 1) {
        openSheet();
        return;
    }
    if (index == 0)
        m_image = {};
    else if (index <= own)
        m_image = ownPictures()[static_cast<size_t>(index) - 1].paint();
    else
        try {
            m_image = paper::pictureFromFile(m_files[static_cast<size_t>(index - own - 1)]);
        } catch (const Error &e) {
            emit intents()->failed(run::inWords(e));
        }
    m_sheet->setSheet(m_image);
    if (m_whole)
        m_whole->setSheet(m_image);
}

void FineTuneView::openSheet()
{
    const QString path = fileToOpen(this, QStringLiteral("pictures"), tr("Open a picture"),
                                    tr("Pictures (*.png *.jpg *.jpeg *.tif *.tiff)"));
    if (path.isEmpty()) {
        m_sheets->setCurrentIndex(0);
        chooseSheet(0);
        return;
    }
    m_files.push_back(path);
    const int index = m_sheets->count() - 1;
    m_sheets->insertItem(index, QFileInfo(path).fileName());
    m_sheets->setCurrentIndex(index);
    chooseSheet(index);
}

void FineTuneView::fillScreen(bool on)
{
    if (!on || !m_state || !m_model.why.isEmpty()) {
        m_whole.reset();
        m_sheet->setFocus();
        return;
    }
    m_whole = std::make_unique<TuneSheet>();
    m_whole->setWindowTitle(tr("Sheet"));
    m_whole->setAttribute(Qt::WA_DeleteOnClose, false);
    connectSheet(m_whole.get());
    m_whole->setSheet(m_image);
    m_whole->setRendition(m_rendition);
    m_whole->setWords(tr("Arrows: white   Page Up, Page Down: light   + −: middle greys   Space "
                         "held: as before   Esc: back"));
    m_whole->setGeometry(m_state->displays[static_cast<size_t>(m_state->selected)].place);
    m_whole->showFullScreen();
    m_whole->activateWindow();
    m_whole->setFocus();
}

void FineTuneView::showEvent(QShowEvent *event)
{
    View::showEvent(event);
    QMetaObject::invokeMethod(
        intents(), [i = intents()] { emit i->tuningShown(true); }, Qt::QueuedConnection);
}

void FineTuneView::hideEvent(QHideEvent *event)
{
    View::hideEvent(event);
    m_whole.reset();
    QMetaObject::invokeMethod(
        intents(), [i = intents()] { emit i->tuningShown(false); }, Qt::QueuedConnection);
}

void FineTuneView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    m_state = state;
    m_model = fineTuneModel(state);
    const bool may = m_model.why.isEmpty();
    m_why->setText(m_model.why);
    m_why->setVisible(!may);
    for (size_t i = 0; i < kKnobs; ++i) {
        const FineTuneModel::KnobRow &k = m_model.knobs[i];
        m_titles[i]->setText(k.title);
        m_values[i]->setText(k.value);
        m_less[i]->setAccessibleName(k.title + QStringLiteral(": ") + k.less);
        m_more[i]->setAccessibleName(k.title + QStringLiteral(": ") + k.more);
        m_less[i]->setToolTip(k.less);
        m_more[i]->setToolTip(k.more);
        m_less[i]->setEnabled(may);
        m_more[i]->setEnabled(may);
    }
    m_controls->setVisible(!m_model.controls.empty());
    for (size_t i = 0; i < kControls; ++i) {
        const bool there = i < m_model.controls.size();
        for (QWidget *w : std::initializer_list<QWidget *>{m_controlTitles[i], m_controlValues[i],
                                                           m_down[i], m_up[i]})
            w->setVisible(there);
        if (!there)
            continue;
        const FineTuneModel::Control &c = m_model.controls[i];
        m_controlTitles[i]->setText(c.title);
        m_controlValues[i]->setText(QLocale().toString(c.value, 'f', 0));
        m_down[i]->setAccessibleName(tr("%1: one less").arg(c.title));
        m_up[i]->setAccessibleName(tr("%1: one more").arg(c.title));
        m_down[i]->setEnabled(may && m_model.mayRead && c.value > 0);
        m_up[i]->setEnabled(may && m_model.mayRead && c.value < 100);
    }
    m_reads->setChecked(m_model.readsTurns);
    m_reads->setEnabled(may);
    m_turn->setText(m_model.turn);
    m_turn->setVisible(!m_model.turn.isEmpty());
    m_white->setWhole(m_model.white);
    m_readings->setText(m_model.readings);
    m_readings->setVisible(!m_model.readings.isEmpty());
    m_fill->setEnabled(may);
    m_before->setEnabled(may);
    m_reset->setEnabled(m_model.mayReset);
    m_read->setEnabled(m_model.mayRead);
    m_keep->setEnabled(m_model.mayKeep);
    m_keep->setText(m_model.keep);
    m_prove->setEnabled(m_model.mayRead && state.own().has_value());
    const Shown shown{state.tunable, state.tune, state.holdsBefore};
    if (m_shown == shown)
        return;
    m_shown = shown;
    m_rendering.start(sheetRendition(state));
}

} // namespace lantern::app
