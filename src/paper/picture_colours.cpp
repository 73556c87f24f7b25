#include "paper/picture_colours.h"

#include "core/base/error.h"
#include "core/colour/spaces.h"
#include "core/profile/profile_file.h"

#include <QColorSpace>
#include <QImageReader>

#include <algorithm>
#include <optional>

namespace lantern::paper {

std::vector<Lab> coloursOfPicture(const QString &path)
{
    QImageReader reader(path);
    reader.setAutoTransform(true);
    const QSize size = reader.size();
    constexpr int kEnough = 400; // pixels along the longer side
    if (size.isValid() && std::max(size.width(), size.height()) > kEnough)
        reader.setScaledSize(size.scaled(kEnough, kEnough, Qt::KeepAspectRatio));
    const QImage image = reader.read().convertToFormat(QImage::Format_RGB888);
    const std::string place = path.toStdString();
    if (image.isNull())
        throw Error(ErrorKind::BadInput, place,
                    {"cannot be read as a picture: %1", {reader.errorString().toStdString()}},
                    "PNG, TIFF and JPEG are understood.");
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
