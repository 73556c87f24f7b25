#include "app/views/compare/compare_model.h"
#include "core/base/error.h"
#include "core/plan/chart.h"
#include "core/profile/profile_writer.h"
#include "paper/picture_colours.h"
#include "runner.h"
#include "toy_display.h"

#include <QColorSpace>
#include <QFile>
#include <QTemporaryDir>

#include <random>
#include <set>

namespace lantern::test {

using namespace lantern::app;

/// Pictures as a print shows them, and what a display cannot show of them.
class CompareModelTest : public QObject {
    Q_OBJECT

    static QByteArray profileOf(const ToyDisplay &display)
    {
        const auto icc = buildProfile(display.read(makeChart(96)), {}, "toy").icc;
        return {reinterpret_cast<const char *>(icc.data()), qsizetype(icc.size())};
    }

private slots:
    /// Pictures cut off, bent and full of noise: read as far as they go, or refused with a reason.
    void damagedPicturesAreReadOrRefused()
    {
        const QTemporaryDir folder;
        QImage picture(120, 90, QImage::Format_RGB32);
        for (int y = 0; y < 90; ++y)
            for (int x = 0; x < 120; ++x)
                picture.setPixel(x, y, qRgb(2 * x, y, (x * y) % 255));
        picture.setColorSpace(QColorSpace::AdobeRgb);
        std::mt19937 draw(7);
        int refused = 0;
        for (const char *format : {"png", "jpg", "tiff"}) {
            const QString whole = folder.filePath(QStringLiteral("whole.") + QLatin1String(format));
            QVERIFY(picture.save(whole));
            QFile file(whole);
            QVERIFY(file.open(QIODevice::ReadOnly));
            const QByteArray bytes = file.readAll();
            for (int i = 0; i < 100; ++i) {
                QByteArray bent = bytes;
                if (i % 2 == 0)
                    bent.truncate(static_cast<qsizetype>(draw() % size_t(bent.size())));
                else
                    for (int k = 0; k < 8; ++k)
                        bent[qsizetype(draw() % (k < 4 ? 200U : unsigned(bent.size())))] =
                            char(draw());
                const QString path =
                    folder.filePath(QStringLiteral("bent.") + QLatin1String(format));
                QFile out(path);
                QVERIFY(out.open(QIODevice::WriteOnly));
                out.write(bent);
                out.close();
                try {
                    const Pyramid p = pyramidOf(lantern::paper::pictureFromFile(path));
                    CompareModel::Sources none;
                    QVERIFY(
                        !frameOf(p, {QRectF({}, p.size()), {40, 30}}, renditionsOf(none, {}), 10)
                             .now.isNull());
                } catch (const Error &e) {
                    ++refused;
                    QVERIFY2(QString::fromUtf8(e.what()).contains(path), e.what());
                }
            }
        }
        QVERIFY2(refused > 60, qPrintable(QString::number(refused)));
    }

    /// A display that cannot show the red half of a print: a seam runs along that.
    void aSeamIsDrawnAroundWhatIsBeyond()
    {
        QFile file(QStringLiteral("/usr/share/color/icc/ghostscript/default_cmyk.icc"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        ToyDisplay pale;
        const Vec3 white = pale.primaries.rowwise().sum() / 3;
        for (int c = 0; c < 3; ++c)
            pale.primaries.col(c) = 0.5 * pale.primaries.col(c) + 0.5 * white;
        CompareModel::Sources s;
        s.now = profileOf(pale);
        s.before = BeforeChoice::Print;
        s.print = file.readAll();
        QImage picture(40, 20, QImage::Format_RGB32);
        picture.fill(qRgb(128, 128, 128));
        for (int y = 0; y < 20; ++y)
            for (int x = 0; x < 20; ++x)
                picture.setPixel(x, y, qRgb(220, 20, 40));
        const Frame f =
            frameOf(pyramidOf(picture), {{0, 0, 40, 20}, {40, 20}}, renditionsOf(s, {}), 10);
        QCOMPARE(f.beyondShare, 0.5);
        for (int x = 0; x < 40; ++x)
            QCOMPARE(qAlpha(f.beyond.pixel(x, 10)), x == 19 ? 255 : 0);
        std::set<QRgb> stitches;
        for (int y = 0; y < 20; ++y)
            stitches.insert(f.beyond.pixel(19, y));
        QCOMPARE(stitches.size(), size_t(2)); // light and dark in turn
        // The same print on a display that has the colours: none.
        s.now = profileOf(ToyDisplay());
        const Frame none =
            frameOf(pyramidOf(picture), {{0, 0, 40, 20}, {40, 20}}, renditionsOf(s, {}), 10);
        QCOMPARE(none.beyondShare, 0.0);
    }
};

static const Register<CompareModelTest> registered("CompareModelTest");

} // namespace lantern::test

#include "compare_model_test.moc"
