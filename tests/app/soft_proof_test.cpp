#include "app/views/compare/compare_view.h"
#include "app/views/soft_proof/soft_proof_view.h"
#include "core/colour/difference.h"
#include "window_rig.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QLabel>
#include <QTableWidget>

namespace lantern::test {

using namespace lantern::app;

/// Whether the display can stand for a print: foretold, read, and seen on pictures.
class SoftProofTest : public QObject {
    Q_OBJECT

    template <class T> static T *part(const WindowRig &rig, const char *name)
    {
        return rig.window->findChild<T *>(QLatin1String(name));
    }
    static SoftProofView *view(const WindowRig &rig)
    {
        return rig.window->findChild<SoftProofView *>();
    }

private slots:
    void aPrintIsForetoldReadAndKept()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(run::Stage::Done));
        rig.session->showView(ViewId::SoftProof);
        auto *sentence = part<QLabel>(rig, "printSentence");
        QVERIFY(rig.waitFor([&] { return view(rig)->isVisible(); }));
        QVERIFY(!sentence->isVisible()); // nothing was opened
        view(rig)->open(QStringLiteral("/usr/share/color/icc/FOGRA39L.ti3"));
        QVERIFY(rig.waitFor([&] { return sentence->isVisible(); }));
        const SoftProof proof = *rig.state().softProof;
        QCOMPARE(proof.colours.size(), size_t(1617));
        QVERIFY2(sentence->text().contains(QLatin1String("1617")), qPrintable(sentence->text()));
        auto *table = part<QTableWidget>(rig, "beyondTable");
        const auto beyond = std::ranges::count(proof.colours, false, &ProofedColour::inside);
        QCOMPARE(table->rowCount(), int(beyond));
        auto *read = part<QLabel>(rig, "printRead");
        QVERIFY(read->text().contains(QLatin1String("Not read yet")));
        QVERIFY(!part<QPushButton>(rig, "picturesOnPaper")->isVisible()); // no ICC profile
        // Paper's white is left out: paper becomes white.
        QTest::mouseClick(part<QCheckBox>(rig, "paperWhite"), Qt::LeftButton, {}, {8, 8});
        QVERIFY(rig.waitFor([&] {
            const auto &p = rig.state().softProof;
            return p && std::abs(p->colours[*p->paper].aimed.L - 100) < 1e-6;
        }));
        // Limits that no display keeps, then those for proofs.
        auto *limits = part<QComboBox>(rig, "printLimits");
        QVERIFY(limits->currentText() == QLatin1String("Soft proof"));
        auto *prove = part<QPushButton>(rig, "readPrint");
        QVERIFY(rig.waitFor([&] { return prove->isEnabled(); }));
        QTest::mouseClick(prove, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().lastProof.has_value(); }));
        const Validation &v = *rig.state().lastProof->validation;
        QCOMPARE(v.patches.size(), size_t(46));
        QCOMPARE(v.verdict.tolerance.name, std::string("soft-proof"));
        // What was foretold is what was read, as far as this meter can tell.
        for (const ValidatedPatch &p : v.patches) {
            const auto foretold = std::ranges::find(rig.state().softProof->colours,
                                                    p.aimed.reference.name, &ProofedColour::name);
            QVERIFY(foretold != rig.state().softProof->colours.end());
            QVERIFY(foretold->aimed == p.aimed.reference.lab);
            VERIFY_BELOW(deltaE2000(foretold->shown, p.lab), 1.2);
        }
        rig.session->showView(ViewId::SoftProof);
        QVERIFY(
            rig.waitFor([&] { return read->text().contains(QLatin1String("proof this paper")); }));
        // The choice of what later runs are proved with is as it was.
        QCOMPARE(rig.state().proof.reference, std::string("lantern72"));
    }

    void picturesAreSeenOnThePaperWithASeam()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(run::Stage::Done));
        rig.session->showView(ViewId::SoftProof);
        QVERIFY(rig.waitFor([&] { return view(rig)->isVisible(); }));
        view(rig)->open(QStringLiteral("/usr/share/color/icc/ghostscript/default_cmyk.icc"));
        auto *pictures = part<QPushButton>(rig, "picturesOnPaper");
        QVERIFY(rig.waitFor([&] { return pictures->isVisible(); }));
        QTest::mouseClick(pictures, Qt::LeftButton);
        auto *before = part<QComboBox>(rig, "beforeChoice");
        QVERIFY(rig.waitFor([&] { return before->isVisible() && before->count() > 2; }));
        QVERIFY(before->itemText(2).contains(QLatin1String("default_cmyk")));
        before->setCurrentIndex(2);
        emit before->activated(2);
        auto *stage = rig.window->findChild<PictureStage *>();
        QVERIFY(rig.waitFor([&] { return !stage->frame().beyond.isNull(); }));
        const Frame &f = stage->frame();
        QVERIFY(f.beyondShare >= 0 && f.beyondShare < 0.5);
        auto *marks = part<QPushButton>(rig, "markBeyond");
        QVERIFY(marks->isVisible());
        QTest::mouseClick(marks, Qt::LeftButton);
        QVERIFY(marks->isChecked());
        // Another before has no seam.
        before->setCurrentIndex(1);
        emit before->activated(1);
        QVERIFY(rig.waitFor([&] { return !marks->isVisible(); }));
    }

    void aFileThatIsNoPrintIsTold()
    {
        WindowRig rig;
        rig.session->showView(ViewId::SoftProof);
        QVERIFY(rig.waitFor([&] { return view(rig)->isVisible(); }));
        QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("<b>no print.txt"));
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("nothing of the kind\n");
        file.close();
        view(rig)->open(path);
        QVERIFY(rig.waitFor([&] { return rig.state().noticeIsProblem; }));
        QVERIFY2(rig.state().notice.contains(path), qPrintable(rig.state().notice));
        QVERIFY(rig.state().softProof == nullptr);
        // Its name is told as it is, and not taken for markup.
        QVERIFY(rig.waitFor([&] {
            return std::ranges::any_of(rig.window->findChildren<QLabel *>(), [&](const QLabel *l) {
                return l->isVisible() && l->text().contains(path) &&
                       l->textFormat() == Qt::PlainText;
            });
        }));
    }

    /// Any run of the logbook can be shown by every view, and reported.
    void anEarlierRunIsOpened()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(run::Stage::Done));
        rig.session->newRun();
        QVERIFY(rig.waitFor([&] { return !rig.state().pastRuns.empty(); }));
        const qint64 first = rig.state().pastRuns.back().id;
        QVERIFY(rig.waitFor([&] { return !rig.state().hasRun(); }));
        rig.session->openPastRun(first);
        QVERIFY(rig.waitFor([&] { return rig.state().opened() != nullptr; }));
        QVERIFY(&rig.state().shown() == rig.state().opened());
        QVERIFY(rig.state().showsEarlierRun());
        const QTemporaryDir place;
        const QString folder = place.filePath(QStringLiteral("earlier"));
        rig.session->saveReport(folder);
        QVERIFY2(QFile::exists(folder + QStringLiteral("/report.html")),
                 qPrintable(rig.state().notice));
        rig.session->openPastRun(0);
        QVERIFY(rig.waitFor([&] { return rig.state().opened() == nullptr; }));
    }
};

static const Register<SoftProofTest> registered("SoftProofTest");

} // namespace lantern::test

#include "soft_proof_test.moc"
