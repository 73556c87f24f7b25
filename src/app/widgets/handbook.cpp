#include "app/widgets/handbook.h"

#include "app/theme.h"
#include "run/book/help_topics.h"

#include <QDesktopServices>
#include <QImageReader>
#include <QRegularExpression>

namespace lantern::app {

Handbook::Handbook(QWidget *parent) : QTextBrowser(parent)
{
    setFrameShape(QFrame::NoFrame);
    setOpenLinks(false);
    setTabChangesFocus(true);
    setAccessibleName(tr("Help on this page"));
    document()->setDocumentMargin(12);
    connect(this, &QTextBrowser::anchorClicked, this, [this](const QUrl &url) {
        const QUrl whole = source().resolved(url);
        if (whole.isLocalFile())
            setSource(whole);
        else
            QDesktopServices::openUrl(whole);
    });
}

void Handbook::showPage(const QString &name)
{
    const QString page = name.section(QLatin1Char('#'), 0, 0);
    const QString path = page.isEmpty() ? QString() : run::handbookPage(page);
    if (path.isEmpty()) {
        setPlainText(tr("The handbook is not there. It comes with the program's package, in the "
                        "folder share/bold-lantern/handbook."));
        return;
    }
    QUrl url = QUrl::fromLocalFile(path);
    url.setFragment(name.section(QLatin1Char('#'), 1));
    setSource(url);
}

bool Handbook::openInBrowser(const QString &name)
{
    const QString path = run::handbookPage(name.section(QLatin1Char('#'), 0, 0));
    QUrl url = QUrl::fromLocalFile(path);
    url.setFragment(name.section(QLatin1Char('#'), 1));
    return !path.isEmpty() && QDesktopServices::openUrl(url);
}

/// A drawing, no wider than the page, in the screen's own pixels.
QImage Handbook::drawing(const QString &path) const
{
    constexpr int kWidest = 228;
    QImageReader reader(path);
    QSize size = reader.size();
    if (size.width() > kWidest)
        size.scale(kWidest, size.height(), Qt::KeepAspectRatio);
    reader.setScaledSize(size * devicePixelRatioF());
    QImage image = reader.read();
    image.setDevicePixelRatio(devicePixelRatioF());
    return image;
}

QVariant Handbook::loadResource(int type, const QUrl &name)
{
    if (type == QTextDocument::ImageResource)
        return drawing(source().resolved(name).toLocalFile());
    if (type == QTextDocument::StyleSheetResource)
        return QStringLiteral("a { color: %1; } h1 { font-size: 14pt; } h2 { font-size: 11pt; } "
                              "code { color: %1; } th { text-align: left; }")
            .arg(theme::kBright.name());
    QVariant content = QTextBrowser::loadResource(type, name);
    if (type == QTextDocument::HtmlResource) {
        static const QRegularExpression around(QStringLiteral("<!--around-->.*?<!--/around-->"),
                                               QRegularExpression::DotMatchesEverythingOption);
        QString text = QString::fromUtf8(content.toByteArray());
        return text.remove(around);
    }
    return content;
}

} // namespace lantern::app
