#include "paper/report_pages.h"

#include "core/report/report_document.h"
#include "paper/diagram_painter.h"
#include "paper/typeface.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <QAbstractTextDocumentLayout>
#include <QBuffer>
#include <QGuiApplication>
#include <QImage>
#include <QPainter>
#include <QPdfWriter>
#include <QRegularExpression>
#include <QScreen>
#include <QSvgRenderer>
#include <QTextBlock>
#include <QTextDocument>
#include <QTextObjectInterface>

#include <functional>
#include <vector>

namespace lantern::paper {

namespace {

constexpr double kPointsPerInch = 72;
constexpr double kMarginMm = 16;
constexpr double kFooterPoints = 24;
constexpr int kDrawn = QTextFormat::UserObject + 1;
constexpr int kIndex = QTextFormat::UserProperty + 1;

/// Something that is drawn among the text.
struct Inset {
    QSizeF points;
    std::function<void(QPainter &, const QRectF &)> draw;
};

Inset insetOf(const document::Drawing &d, double unitsPerPoint)
{
    return {{d.width, d.height}, [d, unitsPerPoint](QPainter &p, const QRectF &r) {
                drawDiagram(p, r, d.diagram, unitsPerPoint, run::speaker());
            }};
}

Inset insetOf(const document::Picture &picture)
{
    const QByteArray bytes = QByteArray::fromStdString(picture.bytes);
    if (picture.mediaType == "image/svg+xml") {
        auto renderer = std::make_shared<QSvgRenderer>(bytes);
        const QSizeF natural = renderer->defaultSize();
        const double aspect = natural.height() > 0 ? natural.width() / natural.height() : 1;
        return {{aspect * picture.height, picture.height},
                [renderer](QPainter &p, const QRectF &r) { renderer->render(&p, r); }};
    }
    const QImage image = QImage::fromData(bytes);
    const double aspect = image.height() > 0 ? double(image.width()) / image.height() : 1;
    return {{aspect * picture.height, picture.height},
            [image](QPainter &p, const QRectF &r) { p.drawImage(r, image); }};
}

/// Lets the document draw what stands in its text as an object.
class Insets : public QObject, public QTextObjectInterface {
    Q_OBJECT
    Q_INTERFACES(QTextObjectInterface)
public:
    explicit Insets(double unitsPerPoint) : m_units(unitsPerPoint) {}

    [[nodiscard]] double unitsPerPoint() const { return m_units; }
    /// What stands in the page for it.
    std::string add(Inset inset)
    {
        m_all.push_back(std::move(inset));
        return "<img src=\"inset:" + std::to_string(m_all.size() - 1) + "\">";
    }
    QSizeF intrinsicSize(QTextDocument *, int, const QTextFormat &format) override
    {
        return m_all[static_cast<size_t>(format.intProperty(kIndex))].points * m_units;
    }
    void drawObject(QPainter *painter, const QRectF &rect, QTextDocument *, int,
                    const QTextFormat &format) override
    {
        m_all[static_cast<size_t>(format.intProperty(kIndex))].draw(*painter, rect);
    }
    /// Images become these objects.
    void takeOver(QTextDocument &document)
    {
        document.documentLayout()->registerHandler(kDrawn, this);
        struct Place {
            int position, index;
        };
        std::vector<Place> places;
        for (QTextBlock block = document.begin(); block.isValid(); block = block.next())
            for (auto it = block.begin(); !it.atEnd(); ++it) {
                const QTextFragment fragment = it.fragment();
                const QString name = fragment.charFormat().toImageFormat().name();
                if (name.startsWith(QLatin1String("inset:")))
                    places.push_back({fragment.position(), name.mid(6).toInt()});
            }
        for (const Place &place : places) {
            QTextCharFormat format;
            format.setObjectType(kDrawn);
            format.setProperty(kIndex, place.index);
            QTextCursor cursor(&document);
            cursor.setPosition(place.position);
            cursor.setPosition(place.position + 1, QTextCursor::KeepAnchor);
            cursor.setCharFormat(format);
        }
    }

private:
    double m_units;
    std::vector<Inset> m_all;
};

/// Columns of figures below each other, whatever the typeface: each cell ends at a tab stop.
void alignListings(QTextDocument &document)
{
    constexpr double kFirst = 26;
    constexpr double kCode = 34;
    constexpr double kLight = 54;
    // The document takes tab stops as dots of the screen, whatever it is drawn on.
    const double dots = QGuiApplication::primaryScreen()->logicalDotsPerInch() / kPointsPerInch;
    QList<QTextOption::Tab> tabs;
    double at = kFirst;
    tabs << QTextOption::Tab(at * dots, QTextOption::RightTab);
    for (int i = 0; i < 6; ++i) {
        at += i < 3 ? kCode : kLight;
        tabs << QTextOption::Tab(at * dots, QTextOption::RightTab);
    }
    QTextBlockFormat format;
    format.setTabPositions(tabs);
    QTextCharFormat small;
    small.setFontPointSize(7.5);
    small.setFontFamilies({QString::fromLatin1(kTypeface)});
    // As one change: the pages are laid out once, not after each line of thousands.
    QTextCursor cursor(&document);
    cursor.beginEditBlock();
    for (QTextBlock block = document.begin(); block.isValid(); block = block.next())
        if (block.blockFormat().nonBreakableLines()) {
            cursor.setPosition(block.position());
            cursor.setPosition(block.position() + block.length() - 1, QTextCursor::KeepAnchor);
            cursor.mergeBlockFormat(format);
            cursor.mergeCharFormat(small);
        }
    cursor.endEditBlock();
}

QString styleSheet()
{
    return QStringLiteral("h1 { font-size: 17pt; font-weight: 600; }"
                          "h2 { font-size: 11.5pt; font-weight: 600; margin-top: 12px; }"
                          "td, th { padding-right: 10px; padding-top: 1px; padding-bottom: 1px; }"
                          "th { color: #666666; font-weight: 600; text-align: left; }"
                          ".verdict { font-weight: 600; }"
                          ".page { page-break-before: always; }");
}

QString htmlOf(const ReportData &report, ReportForm form, Insets &insets)
{
    const document::HtmlParts parts = {
        [&](const document::Drawing &d) { return insets.add(insetOf(d, insets.unitsPerPoint())); },
        [&](const document::Picture &p) { return "<p>" + insets.add(insetOf(p)) + "</p>"; },
        [](const document::Listing &l) {
            static const QRegularExpression gaps(QStringLiteral("[ ]+"));
            QString text = QString::fromStdString(l.text).toHtmlEscaped();
            return ("<pre>" + text.replace(gaps, QStringLiteral("\t")) + "</pre>").toStdString();
        }};
    const document::Section section =
        form == ReportForm::Short ? shortReport(report) : reportDocument(report);
    return QStringLiteral("<h1>%1</h1>")
               .arg(QString::fromStdString(report.display).toHtmlEscaped()) +
           QString::fromStdString(document::toHtml(section, parts, run::speaker()));
}

} // namespace

void paintReport(QPagedPaintDevice &device, const ReportData &report, ReportForm form)
{
    loadTypeface();
    QPainter painter(&device);
    const double units = painter.device()->logicalDpiY() / kPointsPerInch;
    Insets insets(units);
    QTextDocument document;
    document.documentLayout()->setPaintDevice(painter.device());
    QFont font(QString::fromLatin1(kTypeface));
    font.setPointSizeF(form == ReportForm::Short ? 8.5 : 9);
    document.setDefaultFont(font);
    document.setDefaultStyleSheet(styleSheet());
    document.setDocumentMargin(0);
    document.setHtml(htmlOf(report, form, insets));
    insets.takeOver(document);
    alignListings(document);
    const QSizeF page(painter.viewport().width(),
                      painter.viewport().height() - kFooterPoints * units);
    document.setPageSize(page);
    const int pages = document.pageCount();
    QFont small = font;
    small.setPointSizeF(7.5);
    const QString foot = QString::fromStdString(report.display) + QStringLiteral(" · ") +
                         QString::fromStdString(report.date.substr(0, 10)) +
                         (report.studio.name.empty()
                              ? QString()
                              : QStringLiteral(" · ") + QString::fromStdString(report.studio.name));
    for (int i = 0; i < pages; ++i) {
        if (i > 0)
            device.newPage();
        painter.save();
        painter.translate(0, -i * page.height());
        QAbstractTextDocumentLayout::PaintContext context;
        context.clip = QRectF(0, i * page.height(), page.width(), page.height());
        context.palette.setColor(QPalette::Text, QColor(0x22, 0x22, 0x22));
        painter.setClipRect(context.clip);
        document.documentLayout()->draw(&painter, context);
        painter.restore();
        painter.setFont(small);
        painter.setPen(QColor(0x66, 0x66, 0x66));
        const QRectF footer(0, page.height(), page.width(), kFooterPoints * units);
        painter.drawText(footer, Qt::AlignLeft | Qt::AlignBottom, foot);
        painter.drawText(
            footer, Qt::AlignRight | Qt::AlignBottom,
            QCoreApplication::translate("Report", "page %1 of %2").arg(i + 1).arg(pages));
    }
}

void writeReportPdf(const QString &path, const ReportData &report, ReportForm form,
                    QPageSize::PageSizeId page)
{
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setResolution(300);
        writer.setPageSize(QPageSize(page));
        writer.setPageMargins({kMarginMm, kMarginMm, kMarginMm, kMarginMm},
                              QPageLayout::Millimeter);
        writer.setTitle(QString::fromStdString(report.display + ", " + report.date.substr(0, 10)));
        writer.setCreator(QStringLiteral("Bold Lantern"));
        paintReport(writer, report, form);
    }
    run::writeFile(path, bytes);
}

} // namespace lantern::paper

#include "report_pages.moc"
