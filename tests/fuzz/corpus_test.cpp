#include "damage.h"
#include "runner.h"
#include "targets.h"

#include <QDir>
#include <QFile>

#include <algorithm>
#include <random>

using namespace lantern;

/// A short run of the fuzz targets: every file of the corpus as it is, cut off at many places, with
/// bytes changed, always the same ones, and JSON with each value changed. The long run is
/// tools/fuzz.
class CorpusTest : public QObject {
    Q_OBJECT
private slots:
    void corpus_data()
    {
        QTest::addColumn<QString>("folder");
        for (const fuzz::Target &target : fuzz::targets())
            QTest::newRow(target.name) << QString::fromLatin1(target.name);
    }
    void corpus()
    {
        QFETCH(QString, folder);
        const auto target = std::ranges::find(fuzz::targets(), folder, &fuzz::Target::name)->feed;
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
            const auto json = nlohmann::json::parse(whole.toStdString(), nullptr, false);
            if (!json.is_discarded())
                lantern::test::eachDamage(json, [&](const auto &damaged, const std::string &) {
                    feed(QByteArray::fromStdString(damaged.dump()));
                });
        }
    }
};

namespace {
const lantern::test::Register<CorpusTest> registered("CorpusTest");
}

#include "corpus_test.moc"
