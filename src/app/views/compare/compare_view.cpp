#include "app/views/compare/compare_view.h"

#include "app/theme.h"
#include "app/views/compare/own_pictures.h"
#include "core/base/error.h"
#include "core/profile/colour_cube.h"

#include <QColorSpace>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QImageReader>
#include <QKeyEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>

#include <algorithm>

namespace lantern::app {

namespace {

constexpr int kLongestSide = 1600; ///< larger pictures are shown reduced

} // namespace

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

CompareView::CompareView(Session *session)
    : View(tr("Before and after"), {}, session), m_choice(new QComboBox), m_split(new SplitPicture)
{
    setAcceptDrops(true);
    m_split->setObjectName(QStringLiteral("splitPicture"));
    m_choice->addItems({tr("Plate: leaves, skin, cloth"), tr("Wedge: greys, shadows, hues")});
    m_choice->setAccessibleName(tr("Picture"));
    connect(m_choice, &QComboBox::activated, this, &CompareView::choose);
    auto *open = new QPushButton(tr("&Open a picture…"));
    connect(open, &QPushButton::clicked, this, [this] {
        const QString path = QFileDialog::getOpenFileName(
            this, tr("Open a picture"), {}, tr("Pictures (*.png *.jpg *.jpeg *.tif *.tiff)"));
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
    QImageReader reader(path);
    reader.setAutoTransform(true);
    QImage image = reader.read();
    if (image.isNull()) {
        session()->setNotice(
            tr("%1 cannot be opened as a picture: %2.").arg(path, reader.errorString()));
        return;
    }
    if (image.colorSpace().isValid())
        image.convertToColorSpace(QColorSpace::SRgb);
    if (std::max(image.width(), image.height()) > kLongestSide)
        image =
            image.scaled(kLongestSide, kLongestSide, Qt::KeepAspectRatio, Qt::SmoothTransformation);
    m_picture = image.convertToFormat(QImage::Format_RGB32);
    m_choice->setCurrentIndex(-1);
    session()->setNotice({});
    render();
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
    if (m_results.profile.isEmpty() || m_results.found.empty() || !m_results.after) {
        setExplanation(tr("Shown as it is. When a profile has been built, the left part shows how "
                          "it looked on the "
                          "display as it was found."));
        m_split->setPictures({}, m_picture);
        return;
    }
    try {
        const QByteArray &icc = m_results.profile;
        const ProfileFile profile({icc.begin(), icc.end()}, "profile of this run");
        const ColourCube cube =
            ColourCube::before(m_results.found, profile, *m_results.after->white);
        QImage before = m_picture;
        QImage now = m_picture;
        for (int y = 0; y < before.height(); ++y) {
            auto *line = reinterpret_cast<QRgb *>(before.scanLine(y));
            for (int x = 0; x < before.width(); ++x) {
                const auto c = cube.apply(uint8_t(qRed(line[x])), uint8_t(qGreen(line[x])),
                                          uint8_t(qBlue(line[x])));
                line[x] = qRgb(c[0], c[1], c[2]);
            }
        }
        m_split->setPictures(before, now);
        setExplanation(tr("Left, how the display showed it as it was found, from its readings and "
                          "at equal luminance; "
                          "right, now. Seen best on the calibrated display."));
    } catch (const Error &e) {
        session()->setNotice(QString::fromUtf8(e.what()));
    }
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
