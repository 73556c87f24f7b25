#include "runner.h"
#include "targets.h"

#include <QDir>
#include <QFile>

#include <functional>
#include <random>

using namespace lantern;

/// A short run of the fuzz targets: every file of the corpus as it is, cut off at many places, and
/// with bytes changed, always the same ones. The long run is tools/fuzz.
class CorpusTest : public QObject {
    Q_OBJECT
private slots:
    void corpus_data()
    {
        QTest::addColumn<QString>("folder");
        for (const char *name : {"cgats", "colour_list", "icc", "json", "edid", "driver"})
            QTest::newRow(name) << name;
    }
    void corpus()
    {
        QFETCH(QString, folder);
        const std::function<void(const uint8_t *, size_t)> target =
            folder == QLatin1String("cgats")         ? fuzz::cgats
            : folder == QLatin1String("colour_list") ? fuzz::colourList
            : folder == QLatin1String("icc")         ? fuzz::icc
            : folder == QLatin1String("edid")        ? fuzz::edid
            : folder == QLatin1String("driver")      ? fuzz::driver
                                                     : fuzz::json;
        const QDir dir(QStringLiteral(LANTERN_CORPUS "/") + folder);
        const QStringList files = dir.entryList(QDir::Files, QDir::Name);
        QVERIFY(!files.isEmpty());
        std::mt19937 random(1);
        for (const QString &name : files) {
            QFile file(dir.filePath(name));
            QVERIFY(file.open(QIODevice::ReadOnly));
            const QByteArray whole = file.readAll();
            auto feed = [&](const QByteArray &bytes) {
                target(reinterpret_cast<const uint8_t *>(bytes.constData()), size_t(bytes.size()));
            };
            feed(whole);
            constexpr int kTries = 40;
            for (int i = 1; i < kTries; ++i)
                feed(whole.left(whole.size() * i / kTries));
            for (int i = 0; i < kTries; ++i) {
                QByteArray spoilt = whole;
                for (unsigned k = 0; k <= random() % 8 && !spoilt.isEmpty(); ++k)
                    spoilt[qsizetype(random() % size_t(spoilt.size()))] = char(random());
                feed(spoilt);
            }
        }
    }
};

namespace {
const lantern::test::Register<CorpusTest> registered("CorpusTest");
}

#include "corpus_test.moc"
