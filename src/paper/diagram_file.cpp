#include "paper/diagram_file.h"

#include "core/base/error.h"
#include "paper/diagram_painter.h"
#include "paper/typeface.h"
#include "run/file/files.h"

#include <QBuffer>
#include <QFileInfo>
#include <QImage>
#include <QPainter>
#include <QPdfWriter>

namespace lantern::paper {

namespace {

constexpr double kPointsPerInch = 72, kDotsPerInch = 300;

QByteArray asPng(const Diagram &diagram, const QSizeF &points, const Speaker &speaker)
{
    constexpr double kDotsPerPoint = kDotsPerInch / kPointsPerInch;
    QImage image((points * kDotsPerPoint).toSize(), QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    drawDiagram(painter, image.rect(), diagram, kDotsPerPoint, speaker);
    painter.end();
    image.setDotsPerMeterX(int(kDotsPerInch / 0.0254));
    image.setDotsPerMeterY(int(kDotsPerInch / 0.0254));
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    image.save(&buffer, "PNG");
    return bytes;
}

QByteArray asPdf(const Diagram &diagram, const QSizeF &points, const Speaker &speaker)
{
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter writer(&buffer);
    writer.setResolution(int(kDotsPerInch));
    writer.setPageSize(QPageSize(points, QPageSize::Point));
    writer.setPageMargins({0, 0, 0, 0});
    writer.setTitle(QString::fromStdString(speaker.figures(diagram.title)));
    writer.setCreator(QStringLiteral("Bold Lantern"));
    QPainter painter(&writer);
    drawDiagram(painter, painter.viewport(), diagram, kDotsPerInch / kPointsPerInch, speaker);
    painter.end();
    return bytes;
}

} // namespace

void writeDiagram(const Diagram &diagram, const QString &path, const QSizeF &points,
                  const Speaker &speaker)
{
    const QString kind = QFileInfo(path).suffix().toLower();
    if (kind == QLatin1String("csv")) {
        run::writeFile(path, QByteArray::fromStdString(diagramToCsv(diagram)));
        return;
    }
    if (kind == QLatin1String("svg")) {
        run::writeFile(path, QByteArray::fromStdString(
                                 diagramToSvg(diagram, points.width(), points.height(), speaker)));
        return;
    }
    if (kind != QLatin1String("png") && kind != QLatin1String("pdf"))
        throw Error(ErrorKind::BadInput, path.toStdString(),
                    {"is of no kind that diagrams are saved as: .%1", {kind.toStdString()}},
                    "Give it the ending .svg, .pdf, .png or .csv.");
    loadTypeface();
    run::writeFile(path, kind == QLatin1String("png") ? asPng(diagram, points, speaker)
                                                      : asPdf(diagram, points, speaker));
}

} // namespace lantern::paper
