#include "core/base/error.h"
#include "run/book/match.h"
#include "run/book/run_setup.h"
#include "run/file/files.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <QTemporaryDir>

namespace lantern::test {

using namespace lantern::run;

/// What is decided before a run is kept and comes back.
class SetupTest : public QObject {
    Q_OBJECT
private slots:
    void whatTheEyeAskedForIsKept()
    {
        RunSetup s;
        s.kind = RunKind::ByEye;
        QVERIFY(!setupToJson(s).contains("fine_tune")); // runs of before stay what they were
        s.referenceRun = 12;
        s.fineTune = KeptTune{{{0.0012, -0.0005}, -3, 1.5}, XYZ{95, 100, 108}};
        const RunSetup back = setupFromJson(setupToJson(s), "kept");
        QCOMPARE(back.fineTune, s.fineTune);
        QCOMPARE(back.referenceRun, 12);
        s.fineTune->white.reset();
        QCOMPARE(setupFromJson(setupToJson(s), "kept").fineTune, s.fineTune);
        Json broken = setupToJson(s);
        broken["fine_tune"]["lightness"] = 40;
        VERIFY_ERROR(setupFromJson(broken, "kept"), "lightness");
        broken = setupToJson(s);
        broken["fine_tune"]["colour"] = 1;
        VERIFY_ERROR(setupFromJson(broken, "kept"), "colour");
    }

    void theSlotIsKept()
    {
        RunSetup s;
        s.intoSlot = true;
        QVERIFY(!setupToJson(s).contains("memory"));
        s.slot = 2;
        s.slotName = "proofs";
        s.slotMixes = true;
        const RunSetup back = setupFromJson(setupToJson(s), "kept");
        QVERIFY(back.intoSlot && back.slotMixes);
        QCOMPARE(back.slot, 2);
        QCOMPARE(back.slotName, std::string("proofs"));
        Json broken = setupToJson(s);
        broken["memory"]["slot"] = -1;
        VERIFY_ERROR(setupFromJson(broken, "kept"), "slot");
    }

    void aMatchIsKept()
    {
        QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("deep/match.json"));
        QVERIFY(readMatch(path) == Match{});
        Match m;
        m.displays = QStringList{QStringLiteral("a"), QStringLiteral("ü")};
        writeMatch(path, m);
        QVERIFY(readMatch(path) == m);
        m.begunAt = QDateTime::fromString(QStringLiteral("2026-03-04T05:06:07Z"), Qt::ISODate);
        m.aim.luminanceCdM2 = 93;
        writeMatch(path, m);
        QVERIFY(readMatch(path) == m);
        Json many = Json::parse(readFile(path).toStdString());
        for (int i = 0; i < kMostMatched; ++i)
            many["displays"].push_back("more");
        writeFile(path, QByteArray::fromStdString(many.dump()));
        VERIFY_ERROR(readMatch(path), "too many");
        many["displays"] = Json::array();
        many["begun_at"] = "yesterday";
        writeFile(path, QByteArray::fromStdString(many.dump()));
        VERIFY_ERROR(readMatch(path), "no time");
    }
};

static const Register<SetupTest> registered("SetupTest");

} // namespace lantern::test

#include "setup_test.moc"
