#include "app/views/compare/compare_view.h"

#include "app/theme.h"
#include "app/views/compare/compare_model.h"
#include "app/views/compare/own_pictures.h"
#include "app/widgets/file_choice.h"
#include "run/book/in_words.h"

#include <QDragEnterEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>

#include <algorithm>

namespace lantern::app {

SplitPicture::SplitPicture(QWidget *parent) : QWidget(parent)
{
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Before and after"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setCursor(Qt::SplitHCursor);
    setToolTip(tr("Drag the divider, or use Left and Right. Hold Space to see all as before."));
}

void SplitPicture::setPictures(const QImage &before, const QImage &now)
{
    m_before = before;
    m_now = now;
    update();
}

QRectF SplitPicture::target() const
{
    const QSizeF size = QSizeF(m_now.size()).scaled(QSizeF(rect().size()), Qt::KeepAspectRatio);
    return {(width() - size.width()) / 2, 0, size.width(), size.height()};
}

void SplitPicture::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    if (m_now.isNull())
        return;
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    const QRectF r = target();
    p.drawImage(r, m_now);
    if (m_before.isNull())
        return;
    const double split = m_allBefore ? 1 : m_divider;
    p.save();
    p.setClipRect(QRectF(r.left(), r.top(), split * r.width(), r.height()));
    p.drawImage(r, m_before);
    p.restore();
    const double x = r.left() + split * r.width();
    p.fillRect(QRectF(x - 1, r.top(), 2, r.height()),
               hasFocus() ? Qt::white : QColor(0xd0, 0xd0, 0xd0));
    p.setFont(theme::font(theme::kNormal, QFont::DemiBold));
    auto tag = [&](const QString &text, double left) {
        const QRectF box(left, r.top() + 10, QFontMetricsF(p.font()).horizontalAdvance(text) + 16,
                         24);
        p.fillRect(box, QColor(0, 0, 0, 150));
        p.setPen(Qt::white);
        p.drawText(box, Qt::AlignCenter, text);
    };
    if (split > 0.12)
        tag(tr("Before"), x - QFontMetricsF(p.font()).horizontalAdvance(tr("Before")) - 26);
    if (split < 0.88)
        tag(tr("Now"), x + 10);
}

void SplitPicture::moveDivider(double position)
{
    m_divider = std::clamp(position, 0.0, 1.0);
    setAccessibleDescription(tr("Before on the left %1 %, now on the rest")
                                 .arg(locale().toString(100 * m_divider, 'f', 0)));
    update();
}

void SplitPicture::mousePressEvent(QMouseEvent *event)
{
    mouseMoveEvent(event);
}

void SplitPicture::mouseMoveEvent(QMouseEvent *event)
{
    const QRectF r = target();
    if (r.width() > 0)
        moveDivider((event->position().x() - r.left()) / r.width());
}

void SplitPicture::keyPressEvent(QKeyEvent *event)
{
    if (event->key() == Qt::Key_Left)
        moveDivider(m_divider - 0.02);
    else if (event->key() == Qt::Key_Right)
        moveDivider(m_divider + 0.02);
    else if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        m_allBefore = true;
        update();
    } else
        QWidget::keyPressEvent(event);
}

void SplitPicture::keyReleaseEvent(QKeyEvent *event)
{
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        m_allBefore = false;
        update();
    } else
        QWidget::keyReleaseEvent(event);
}

CompareView::CompareView(Intents *intents)
    : View(tr("Before and after"), {}, intents), m_choice(new QComboBox), m_split(new SplitPicture)
{
    setAcceptDrops(true);
    m_split->setObjectName(QStringLiteral("splitPicture"));
    m_choice->addItems({tr("Plate: leaves, skin, cloth"), tr("Wedge: greys, shadows, hues")});
    m_choice->setAccessibleName(tr("Picture"));
    connect(m_choice, &QComboBox::activated, this, &CompareView::choose);
    auto *open = new QPushButton(tr("&Open a picture…"));
    connect(open, &QPushButton::clicked, this, [this] {
        const QString path = fileToOpen(this, QStringLiteral("pictures"), tr("Open a picture"),
                                        tr("Pictures (*.png *.jpg *.jpeg *.tif *.tiff)"));
        if (!path.isEmpty())
            openFile(path);
    });
    auto *row = new QHBoxLayout;
    row->addWidget(m_choice);
    row->addWidget(open);
    row->addStretch(1);
    body()->addLayout(row);
    body()->addWidget(m_split, 1);
    m_picture = platePicture();
}

void CompareView::choose(int index)
{
    m_picture = index == 0 ? platePicture() : wedgePicture();
    render();
}

void CompareView::openFile(const QString &path)
{
    try {
        m_picture = pictureFromFile(path);
        m_choice->setCurrentIndex(-1);
        emit intents()->told({});
        render();
    } catch (const Error &e) {
        emit intents()->failed(run::inWords(e));
    }
}

void CompareView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    showDate(state);
    const run::RunResults *r = state.shown().profile.isEmpty() ? nullptr : &state.shown();
    const QByteArray profile = r ? r->profile : QByteArray();
    if (!m_renderedProfile || profile != *m_renderedProfile) {
        m_results = r ? *r : run::RunResults{};
        m_renderedProfile = profile;
        render();
    }
}

void CompareView::render()
{
    const CompareModel m = compareModel(m_results, m_picture);
    setExplanation(m.explanation);
    m_split->setPictures(m.before, m.now);
    if (!m.problem.isEmpty())
        emit intents()->failed(m.problem);
}

void CompareView::dragEnterEvent(QDragEnterEvent *event)
{
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void CompareView::dropEvent(QDropEvent *event)
{
    const auto urls = event->mimeData()->urls();
    if (!urls.isEmpty() && urls.front().isLocalFile())
        openFile(urls.front().toLocalFile());
}

} // namespace lantern::app
