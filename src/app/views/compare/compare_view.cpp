#include "app/views/compare/compare_view.h"

#include "app/state/wording.h"
#include "app/theme.h"
#include "app/views/compare/own_pictures.h"
#include "app/widgets/file_choice.h"
#include "app/widgets/small_box.h"
#include "core/base/error.h"
#include "paper/picture_colours.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <QAbstractItemView>
#include <QFileInfo>
#include <QHBoxLayout>

#include <algorithm>

namespace lantern::app {

CompareView::CompareView(Intents *intents)
    : View({}, intents),
      m_pictures(makeSmallBox("pictures", tr("Picture"), 12)),
      m_before(makeSmallBox("beforeChoice", tr("What before is"), 12)),
      m_luminance(makeSmallBox("luminanceChoice", tr("Luminance"), 8)),
      m_swap(new QPushButton(tr("Swap"))),
      m_fit(new QPushButton(tr("Fit"))),
      m_pixels(new QPushButton(QStringLiteral("1:1"))),
      m_marks(new QPushButton(tr("Seam"))),
      m_reach(new QSpinBox),
      m_figures(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_reachLabel(makeLabel(tr("white is ΔE00"), theme::kSmall, theme::kMuted)),
      m_stage(new PictureStage),
      m_loading([this](Opened opened) {
          if (!opened.problem.isEmpty()) {
              emit this->intents()->failed(opened.problem);
              return;
          }
          m_picture = opened.picture;
          m_stage->setPicture(m_picture);
          render();
      }),
      m_work([this](std::shared_ptr<const Renditions> renditions) {
          if (!renditions->problem.isEmpty())
              emit this->intents()->failed(renditions->problem);
          m_stage->setRenditions(renditions, renditions->colours && renditions->problem.isEmpty());
      })
{
    body()->addWidget(makeTop());
    body()->addWidget(m_stage, 1);
    body()->addWidget(makeBottom());
    connect(m_stage, &PictureStage::rendered, this, &CompareView::showFigures);
    connect(m_stage, &PictureStage::zoomed, this, &CompareView::showFigures);
    connect(m_stage, &PictureStage::stepped, this, &CompareView::step);
    connect(m_stage, &PictureStage::formerWanted, this, &CompareView::showFormer);
    m_stage->setRenditions(
        std::make_shared<const Renditions>(Renditions{
            Rendition::none(), Rendition::none(), nullptr, Rendition::none(), nullptr, {}}),
        false);
    setMode(0);
}

QWidget *CompareView::makeTop()
{
    for (const OwnPicture &own : ownPictures())
        m_pictures->addItem(own.title);
    m_pictures->setToolTip(tr("Page Up and Page Down go through them."));
    connect(m_pictures, &QComboBox::activated, this, &CompareView::choosePicture);
    auto *open = new QPushButton(tr("&Open…"));
    open->setToolTip(
        tr("A picture of your own; PNG, TIFF or JPEG. It can be dropped here, too, and "
           "so can a folder."));
    connect(open, &QPushButton::clicked, this, [this] {
        const QString path = fileToOpen(this, QStringLiteral("pictures"), tr("Open a picture"),
                                        tr("Pictures (*.png *.jpg *.jpeg *.tif *.tiff)"));
        if (!path.isEmpty())
            this->open(path);
    });
    auto *folder = new QPushButton(tr("Folder…"));
    connect(folder, &QPushButton::clicked, this, [this] {
        const QString path =
            folderToUse(this, QStringLiteral("pictures"), tr("Open a folder of pictures"));
        if (!path.isEmpty())
            this->open(path);
    });
    connect(m_before, &QComboBox::activated, this, &CompareView::chooseBefore);
    m_luminance->addItems({tr("equal luminance"), tr("true luminance")});
    connect(m_luminance, &QComboBox::activated, this, &CompareView::render);
    auto *top = new QWidget;
    auto *grid = new QGridLayout(top);
    grid->setContentsMargins(3, 0, 3, 0);
    grid->setHorizontalSpacing(8);
    grid->addWidget(makeLabel(tr("Picture"), theme::kSmall, theme::kMuted), 0, 0);
    grid->addWidget(m_pictures, 0, 1);
    grid->addWidget(open, 0, 2);
    grid->addWidget(folder, 0, 3);
    grid->addWidget(makeLabel(tr("Before is"), theme::kSmall, theme::kMuted), 1, 0);
    grid->addWidget(m_before, 1, 1);
    grid->addWidget(m_luminance, 1, 2, 1, 2);
    grid->setColumnStretch(1, 1);
    return top;
}

QWidget *CompareView::makeBottom()
{
    auto *bottom = new QWidget;
    auto *row = new QHBoxLayout(bottom);
    row->setContentsMargins(3, 4, 3, 0);
    const std::array<QString, 3> titles = {tr("Divided"), tr("Side by side"), tr("Difference")};
    for (size_t i = 0; i < titles.size(); ++i) {
        m_modes[i] = new QPushButton(titles[i]);
        m_modes[i]->setObjectName(QStringLiteral("compareMode%1").arg(i));
        m_modes[i]->setCheckable(true);
        m_modes[i]->setAutoExclusive(true);
        m_modes[i]->setProperty("tab", true);
        connect(m_modes[i], &QPushButton::toggled, this, [this, i](bool on) {
            if (on)
                setMode(static_cast<int>(i));
        });
        row->addWidget(m_modes[i]);
    }
    m_modes[0]->setChecked(true);
    m_reach->setObjectName(QStringLiteral("deltaReach"));
    m_reach->setAccessibleName(tr("ΔE00 that is drawn white"));
    m_reach->setRange(1, 50);
    m_reach->setValue(10);
    connect(m_reach, &QSpinBox::valueChanged, this,
            [this](int reach) { m_stage->setDeltaReach(reach); });
    row->addWidget(m_reachLabel);
    row->addWidget(m_reach);
    row->addWidget(m_figures, 1);
    m_figures->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    m_figures->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    connect(m_swap, &QPushButton::clicked, m_stage, &PictureStage::swap);
    connect(m_fit, &QPushButton::clicked, m_stage, &PictureStage::fit);
    connect(m_pixels, &QPushButton::clicked, this, [this] { m_stage->zoomTo(1); });
    m_pixels->setAccessibleName(tr("A dot for each pixel"));
    m_stage->setToolTip({});
    m_marks->setObjectName(QStringLiteral("markBeyond"));
    m_marks->setCheckable(true);
    m_marks->setToolTip(tr("A seam around what this display cannot show of the print: more than "
                           "%1 ΔE00 off.")
                            .arg(figure(kBeyond, 0)));
    connect(m_marks, &QPushButton::toggled, this, [this](bool on) {
        m_stage->markBeyond(on);
        showFigures();
    });
    for (QPushButton *b : {m_marks, m_swap, m_fit, m_pixels})
        row->addWidget(b);
    m_stage->setWhatsThis(
        tr("Left and Right move the divider, Space held shows all as before, X swaps; wheel, + and "
           "- enlarge, 1 shows every pixel, 0 the whole; D held puts the display's former video "
           "LUT and profile on the screen itself."));
    return bottom;
}

void CompareView::setMode(int mode)
{
    m_stage->setMode(static_cast<PictureStage::Mode>(mode));
    const bool difference = mode == static_cast<int>(PictureStage::Mode::Difference);
    m_reach->setVisible(difference);
    m_reachLabel->setVisible(difference);
    m_swap->setVisible(!difference);
    showFigures();
}

void CompareView::showFigures()
{
    const Frame &f = m_stage->frame();
    const QString zoom = tr("%1 %").arg(figure(100 * m_stage->zoom(), 0));
    if (f.difference.isNull())
        m_figures->setText(zoom);
    else if (m_marks->isChecked() && !f.beyond.isNull())
        m_figures->setText(
            tr("beyond the display: %1 % · %2").arg(figure(100 * f.beyondShare, 1), zoom));
    else
        m_figures->setText(tr("seen: mean ΔE00 %1, largest %2 · %3")
                               .arg(figure(f.meanDelta, 2), figure(f.worstDelta, 1), zoom));
}

void CompareView::load(const std::function<Opened()> &work)
{
    m_loading.start([work]() -> Opened {
        try {
            return work();
        } catch (const Error &e) {
            return {nullptr, run::inWords(e)};
        } catch (const std::bad_alloc &) {
            return {nullptr, tr("The picture is too large for this computer's memory.")};
        }
    });
}

void CompareView::choosePicture(int index)
{
    const auto own = static_cast<int>(ownPictures().size());
    if (index < own) {
        const auto paint = ownPictures()[static_cast<size_t>(index)].paint;
        // Painted here: text needs the window's thread.
        const auto picture = std::make_shared<const Pyramid>(pyramidOf(paint()));
        load([picture] { return Opened{picture, {}}; });
    } else if (index - own < m_files.size())
        load([path = m_files[index - own]] {
            return Opened{std::make_shared<const Pyramid>(pyramidOf(paper::pictureFromFile(path))), {}};
        });
}

void CompareView::step(int by)
{
    const int count = m_pictures->count();
    const int next = (m_pictures->currentIndex() + by + count) % count;
    m_pictures->setCurrentIndex(next);
    choosePicture(next);
}

void CompareView::open(const QString &path)
{
    const QStringList files = QFileInfo(path).isDir() ? picturesIn(path) : QStringList{path};
    if (files.isEmpty()) {
        emit intents()->failed(tr("%1 holds no PNG, TIFF or JPEG.").arg(path));
        return;
    }
    emit intents()->told({});
    for (const QString &file : files)
        if (!m_files.contains(file)) {
            m_files << file;
            m_pictures->addItem(QFileInfo(file).fileName());
        }
    const int index = static_cast<int>(ownPictures().size() +
                                       static_cast<size_t>(m_files.indexOf(files.front())));
    m_pictures->setCurrentIndex(index);
    choosePicture(index);
}

void CompareView::chooseBefore(int index)
{
    if (index < 0 || index >= static_cast<int>(m_model.choices.size()))
        return;
    const qint64 chosen = m_model.choices[static_cast<size_t>(index)].run;
    if (chosen == BeforeChoice::Print &&
        (m_chosenBefore == BeforeChoice::Print || !m_state || m_state->printProfile.isEmpty())) {
        openPrint();
        return;
    }
    m_chosenBefore = chosen;
    if (m_chosenBefore > 0)
        emit intents()->pastRunWanted(m_chosenBefore);
    render();
}

void CompareView::openPrint()
{
    const QString path = fileToOpen(this, QStringLiteral("print"), tr("Open a printing condition"),
                                    tr("ICC output profiles (*.icc *.icm)"));
    if (path.isEmpty())
        render(); // the box shows what was chosen before
    else
        takePrint(path);
}

void CompareView::takePrint(const QString &path)
{
    run::PrintChoice choice = m_state ? m_state->print : run::PrintChoice();
    choice.path = path;
    m_chosenBefore = BeforeChoice::Print;
    emit intents()->printChosen(choice);
    render();
}

void CompareView::showEvent(QShowEvent *event)
{
    View::showEvent(event);
    if (!m_picture)
        choosePicture(std::max(0, m_pictures->currentIndex()));
}

void CompareView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    showDate(state);
    m_state = state;
    if (state.comparedRun != m_compared) {
        m_compared = state.comparedRun;
        m_chosenBefore = state.comparedRun;
    }
    render();
}

void CompareView::render()
{
    if (!m_state)
        return;
    m_model = compareModel(*m_state, m_chosenBefore, m_luminance->currentIndex() == 1);
    setExplanation(m_model.explanation);
    QStringList titles;
    int chosen = 0;
    for (const BeforeChoice &choice : m_model.choices) {
        if (choice.run == m_chosenBefore)
            chosen = static_cast<int>(titles.size());
        titles << choice.title;
    }
    setChoices(m_before, titles);
    if (!m_before->view()->isVisible())
        m_before->setCurrentIndex(chosen);
    const bool comparable = !m_model.sources.now.isEmpty();
    for (QWidget *w : std::initializer_list<QWidget *>{m_before, m_luminance, m_modes[0],
                                                       m_modes[1], m_modes[2], m_swap})
        w->setEnabled(comparable);
    m_luminance->setEnabled(comparable && m_chosenBefore != BeforeChoice::NoProfile);
    const bool onPaper = m_chosenBefore == BeforeChoice::Print;
    m_marks->setVisible(onPaper);
    m_stage->markBeyond(onPaper && m_marks->isChecked());
    m_luminance->setItemText(0, onPaper ? tr("display's white") : tr("equal luminance"));
    m_luminance->setItemText(1, onPaper ? tr("paper's white") : tr("true luminance"));
    if (!m_picture || m_model.isWaiting)
        return;
    const Rendered wanted{m_model.sources, m_picture->profile};
    if (m_rendered == wanted)
        return;
    m_rendered = wanted;
    m_work.start([wanted] {
        return std::make_shared<const Renditions>(renditionsOf(wanted.sources, wanted.picture));
    });
}

/// The display itself in its former state, for as long as the key is held.
void CompareView::showFormer(bool on)
{
    if (on == m_former || (on && (m_model.sources.now.isEmpty() ||
                                  m_chosenBefore < BeforeChoice::AsFound || m_model.isWaiting)))
        return;
    m_former = on;
    m_stage->showFormer(on);
    emit intents()->formerStateWanted(m_chosenBefore, on);
}

} // namespace lantern::app
