#include "paper/picture_colours.h"

#include "core/base/error.h"
#include "core/colour/spaces.h"
#include "core/profile/profile_file.h"

#include <QColorSpace>
#include <QImageReader>

#include <algorithm>
#include <optional>

namespace lantern::paper {

QImage pictureFromFile(const QString &path, int most)
{
    QImageReader reader(path);
    reader.setAutoTransform(true);
    const QSize size = reader.size();
    if (most > 0 && size.isValid() && std::max(size.width(), size.height()) > most)
        reader.setScaledSize(size.scaled(most, most, Qt::KeepAspectRatio));
    QImage image = reader.read();
    if (image.isNull())
        throw Error(ErrorKind::BadInput, path.toStdString(),
                    {"cannot be read as a picture: %1", {reader.errorString().toStdString()}},
                    "PNG, TIFF and JPEG are understood.");
    return image;
}

std::vector<Lab> coloursOfPicture(const QString &path)
{
    constexpr int kEnough = 400; // pixels along the longer side
    const QImage image = pictureFromFile(path, kEnough).convertToFormat(QImage::Format_RGB888);
    const std::string place = path.toStdString();
    const QByteArray icc = image.colorSpace().iccProfile();
    std::optional<ProfileFile> embedded;
    if (!icc.isEmpty())
        embedded.emplace(ProfileFile::ofPicture({icc.begin(), icc.end()}, place));
    std::vector<Lab> out;
    for (int y = 0; y < image.height(); ++y) {
        const uchar *p = image.constScanLine(y);
        for (int x = 0; x < image.width(); ++x, p += 3) {
            const DeviceRgb rgb{double(p[0]), double(p[1]), double(p[2])};
            out.push_back(embedded ? embedded->toLab(rgb) : pcsFromSrgb(rgb));
        }
    }
    return out;
}

} // namespace lantern::paper
