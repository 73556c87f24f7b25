#include "app/views/modes/modes_model.h"
#include "window_rig.h"

#include <QComboBox>
#include <QLabel>
#include <QTableWidget>

namespace lantern::test {

using namespace lantern::app;

/// A monitor's picture modes, read and compared in the window.
class ModesWindowTest : public QObject {
    Q_OBJECT

    template <class T> static T *part(const WindowRig &rig, const char *name)
    {
        return rig.window->findChild<T *>(QLatin1String(name));
    }
    static bool read(WindowRig &rig, const QString &name, size_t rows)
    {
        part<QComboBox>(rig, "modeName")->setEditText(name);
        QTest::mouseClick(part<QPushButton>(rig, "readMode"), Qt::LeftButton);
        return rig.waitFor([&] {
            return rig.state().modeRuns.size() == rows && !rig.state().onErrand() &&
                   !rig.state().readingHistory &&
                   part<QTableWidget>(rig, "modesTable")->rowCount() == static_cast<int>(rows);
        });
    }
    static void setMode(WindowRig &rig, std::optional<size_t> mode)
    {
        rig.demo->rig(0)->with([&](bench::Bench &b) { b.condition().mode = mode; });
    }

private slots:
    void modesAreReadAndOneIsNamed()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Modes);
        auto *sentence = part<QLabel>(rig, "modesSentence");
        QVERIFY(rig.waitFor([&] { return sentence->text().contains(QLatin1String("None was")); }));
        QVERIFY(read(rig, QStringLiteral("User colour"), 1));
        setMode(rig, 1);
        QVERIFY(read(rig, QStringLiteral("  Vivid  "), 2));
        QVERIFY(rig.demo->rig(0)->with([](bench::Bench &b) { return b.condition().mode == 1U; }));
        QVERIFY2(sentence->text().contains(QLatin1String("start from \"User colour\"")),
                 qPrintable(sentence->text()));
        auto *table = part<QTableWidget>(rig, "modesTable");
        QCOMPARE(table->item(0, 0)->text(), QStringLiteral("▸ User colour"));
        QCOMPARE(table->item(1, 0)->text(), QStringLiteral("Vivid"));
        table->setCurrentCell(1, 0);
        QVERIFY(part<QLabel>(rig, "modeAgainst")->text().contains(QLatin1String("add up")));
        // Read again, a mode takes its own place.
        QVERIFY(read(rig, QStringLiteral("Vivid"), 2));
        // And one that is no more can be taken off, and brought back.
        table->setCurrentCell(1, 0);
        QTest::mouseClick(part<QPushButton>(rig, "forgetMode"), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().modeRuns.size() == 1; }));
        QCOMPARE(rig.state().modeRuns.front()->mode.name, std::string("User colour"));
        rig.session->undoStack()->undo();
        QVERIFY(rig.waitFor([&] { return rig.state().modeRuns.size() == 2; }));
        QVERIFY(rig.waitFor([&] { return table->rowCount() == 2; }));
    }

    /// A few fields in that mode; the display's own evenness is another thing.
    void aModesEvennessIsItsOwn()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Modes);
        QVERIFY(rig.waitFor([&] { return part<QTableWidget>(rig, "modesTable")->isVisible(); }));
        setMode(rig, 1);
        QVERIFY(read(rig, QStringLiteral("Vivid"), 1));
        auto *table = part<QTableWidget>(rig, "modesTable");
        const auto cell = [&] { return table->item(0, table->columnCount() - 1)->text(); };
        QCOMPARE(cell(), QStringLiteral("—"));
        auto *even = part<QPushButton>(rig, "evenMode");
        QVERIFY(rig.waitFor([&] { return even->isEnabled(); }));
        QTest::mouseClick(even, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] {
            return rig.state().view == ViewId::Modes && table->isVisible() &&
                   cell() != QStringLiteral("—");
        }));
        const double least = rig.state().modeRuns.front()->evenness->levels.front().least;
        QCOMPARE(rig.state().modeRuns.front()->evenness->grid.cells(), 4);
        QVERIFY(least > 0.6 && least < 1);
        QCOMPARE(cell(), QString::number(std::lround(100 * least)));
        QVERIFY(rig.state().evenRuns.empty());
    }

    void aModeWithoutANameIsAskedFor()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Modes);
        rig.session->readPictureMode(QStringLiteral("   "));
        QVERIFY(rig.waitFor([&] { return rig.state().noticeIsProblem; }));
        QVERIFY(rig.state().notice.contains(QLatin1String("calls this picture mode")));
        QVERIFY(!rig.state().onErrand());
    }

    void theAimDecides()
    {
        SessionState s;
        s.displays.emplace_back();
        QVERIFY(modesModel(s).rows.empty());
        QVERIFY(modesModel(s).mayRead);
        QCOMPARE(modeColumns(s).value(6), QStringLiteral("% of\nwidest"));
        s.aim.primaries = kSrgbPrimaries;
        QCOMPARE(modeColumns(s).value(6), QStringLiteral("% of\naim"));
    }
};

static const Register<ModesWindowTest> registered("ModesWindowTest");

} // namespace lantern::test

#include "modes_window_test.moc"
