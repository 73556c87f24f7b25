#include "app/views/compare/compare_model.h"

#include "core/profile/colour_cube.h"
#include "run/book/in_words.h"

#include <QColorSpace>
#include <QCoreApplication>
#include <QImageReader>

#include <algorithm>

namespace lantern::app {

namespace {

struct Compare {
    Q_DECLARE_TR_FUNCTIONS(Compare)
};

constexpr int kLongestSide = 1600; ///< larger pictures are shown reduced

QImage through(const ColourCube &cube, QImage picture)
{
    for (int y = 0; y < picture.height(); ++y) {
        auto *line = reinterpret_cast<QRgb *>(picture.scanLine(y));
        for (int x = 0; x < picture.width(); ++x) {
            const auto c = cube.apply(uint8_t(qRed(line[x])), uint8_t(qGreen(line[x])),
                                      uint8_t(qBlue(line[x])));
            line[x] = qRgb(c[0], c[1], c[2]);
        }
    }
    return picture;
}

} // namespace

CompareModel compareModel(const run::RunResults &run, const QImage &picture)
{
    CompareModel m;
    m.now = picture;
    m.explanation = Compare::tr("Shown as it is. When a profile has been built, the left part "
                                "shows how it looked on the display as it was found.");
    if (run.profile.isEmpty() || run.found.empty() || !run.after)
        return m;
    try {
        const ProfileFile profile({run.profile.begin(), run.profile.end()}, "profile of this run");
        m.before = through(ColourCube::before(run.found, profile, *run.after->white), picture);
        m.explanation = Compare::tr("Left, how the display showed it as it was found, from its "
                                    "readings and at equal luminance; right, now. Seen best on the "
                                    "calibrated display.");
    } catch (const Error &e) {
        m.problem = run::inWords(e);
    }
    return m;
}

QImage pictureFromFile(const QString &path)
{
    QImageReader reader(path);
    reader.setAutoTransform(true);
    QImage image = reader.read();
    if (image.isNull())
        throw Error(ErrorKind::BadInput, path.toStdString(),
                    {"cannot be opened as a picture: %1", {reader.errorString().toStdString()}});
    if (image.colorSpace().isValid())
        image.convertToColorSpace(QColorSpace::SRgb);
    if (std::max(image.width(), image.height()) > kLongestSide)
        image =
            image.scaled(kLongestSide, kLongestSide, Qt::KeepAspectRatio, Qt::SmoothTransformation);
    return image.convertToFormat(QImage::Format_RGB32);
}

} // namespace lantern::app
