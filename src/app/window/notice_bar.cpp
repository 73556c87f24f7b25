#include "app/window/notice_bar.h"

#include "app/theme.h"
#include "run/book/help_topics.h"

#include <QAccessible>
#include <QAccessibleWidget>
#include <QHBoxLayout>
#include <QPainter>

namespace lantern::app {

namespace {

constexpr int kMarkSize = 22;

/// Something is wrong: told by shape, in the colour of text.
class ProblemMark : public QWidget {
public:
    ProblemMark() { setFixedSize(kMarkSize, kMarkSize); }

protected:
    void paintEvent(QPaintEvent *) override
    {
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        p.setPen(Qt::NoPen);
        p.setBrush(theme::kBright);
        const double c = kMarkSize / 2.0;
        p.drawPolygon(QPolygonF({{c, 1}, {kMarkSize - 1.0, c}, {c, kMarkSize - 1.0}, {1, c}}));
        p.setBrush(theme::kPanel);
        p.drawRect(QRectF(c - 1.3, c - 5.5, 2.6, 6.5));
        p.drawRect(QRectF(c - 1.3, c + 2.6, 2.6, 2.6));
    }
};

QAccessibleInterface *noticeInterface(const QString &className, QObject *object)
{
    if (className == QLatin1String(NoticeBar::staticMetaObject.className()))
        return new QAccessibleWidget(static_cast<QWidget *>(object), QAccessible::AlertMessage);
    return nullptr;
}

} // namespace

NoticeBar::NoticeBar(QWidget *parent)
    : QWidget(parent),
      m_mark(new ProblemMark),
      m_text(new QLabel),
      m_more(new QToolButton),
      m_hide(new QToolButton)
{
    QAccessible::installFactory(noticeInterface);
    setObjectName(QStringLiteral("noticeBar"));
    setAutoFillBackground(true);
    QPalette p = palette();
    p.setColor(QPalette::Window, theme::kRaised);
    setPalette(p);
    m_text->setObjectName(QStringLiteral("notice"));
    m_text->setTextFormat(Qt::PlainText); // files may be called anything
    m_text->setWordWrap(true);
    m_text->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_hide->setObjectName(QStringLiteral("hideNotice"));
    m_hide->setText(QStringLiteral("✕"));
    m_hide->setAutoRaise(true);
    m_hide->setAccessibleName(tr("Hide this message"));
    m_hide->setToolTip(m_hide->accessibleName());
    connect(m_hide, &QToolButton::clicked, this, &NoticeBar::dismissed);
    m_more->setObjectName(QStringLiteral("moreOnNotice"));
    m_more->setText(tr("More on this"));
    m_more->setToolTip(tr("The handbook's page on this message, beside the view"));
    connect(m_more, &QToolButton::clicked, this, [this] { emit helpWanted(m_page); });
    auto *row = new QHBoxLayout(this);
    row->setContentsMargins(16, 7, 12, 7);
    row->setSpacing(10);
    row->addWidget(m_mark, 0, Qt::AlignTop);
    row->addWidget(m_text, 1);
    row->addWidget(m_more, 0, Qt::AlignTop);
    row->addWidget(m_hide, 0, Qt::AlignTop);
    hide();
}

void NoticeBar::setState(const SessionState &state)
{
    const bool isNew = m_text->text() != state.notice || m_isProblem != state.noticeIsProblem;
    setVisible(!state.notice.isEmpty());
    if (!isNew)
        return;
    m_isProblem = state.noticeIsProblem;
    m_mark->setVisible(m_isProblem);
    m_text->setFont(theme::font(m_isProblem ? 11 : theme::kNormal,
                                m_isProblem ? QFont::DemiBold : QFont::Normal));
    m_text->setText(state.notice);
    m_page = m_isProblem ? run::helpTopic(state.notice) : QString();
    m_more->setVisible(!m_page.isEmpty());
    setAccessibleName(m_isProblem ? tr("Problem: %1").arg(state.notice) : state.notice);
    if (state.notice.isEmpty())
        return;
    QAccessibleEvent news(this, QAccessible::Alert);
    QAccessible::updateAccessibility(&news);
    emit announced(accessibleName());
}

} // namespace lantern::app
