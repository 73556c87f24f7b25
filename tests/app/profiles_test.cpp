#include "toy_profile.h"
#include "window_rig.h"

#include <QComboBox>
#include <QDir>
#include <QFile>
#include <QLineEdit>
#include <QSpinBox>
#include <QTreeWidget>

namespace lantern::test {

using namespace app;
using run::Stage;

/// The profiles of a display in the window: which there are, which is in use, back and forth.
class ProfilesTest : public QObject {
    Q_OBJECT
    std::unique_ptr<WindowRig> m_rig;
    QString m_own, m_other;
    VideoLut m_otherLut = VideoLut::identity();

    [[nodiscard]] QString inUse() const
    {
        for (const desk::KnownProfile &p : m_rig->state().profiles)
            if (p.inUse)
                return p.path;
        return {};
    }
    bool becomes(const QString &path)
    {
        return m_rig->waitFor([&] { return inUse() == path; });
    }
    [[nodiscard]] VideoLut loaded() const
    {
        return m_rig->demo->rig(0)->with(
            [](bench::Bench &b) { return b.condition().lut.value_or(VideoLut::identity()); });
    }
    void click(const char *button)
    {
        auto *b = m_rig->window->findChild<QPushButton *>(QLatin1String(button));
        QVERIFY(m_rig->waitFor([&] { return b->isVisible() && b->isEnabled(); }));
        QTest::mouseClick(b, Qt::LeftButton);
    }
    bool choose(const QString &title)
    {
        auto *list = m_rig->window->findChild<QTreeWidget *>(QStringLiteral("profiles"));
        return m_rig->waitFor([&] {
            for (int i = 0; i < list->topLevelItemCount(); ++i)
                if (list->topLevelItem(i)->text(1).endsWith(title)) {
                    list->setCurrentItem(list->topLevelItem(i));
                    return true;
                }
            return false;
        });
    }

private slots:
    void initTestCase()
    {
        m_rig = std::make_unique<WindowRig>();
        QVERIFY(m_rig->pressUntil(Stage::Done));
        QVERIFY(m_rig->waitFor([&] { return !inUse().isEmpty(); }));
        m_own = inUse();
        for (auto &entry : m_otherLut.channels[0])
            entry = static_cast<uint16_t>(entry * 0.75);
        m_other = QDir(QDir(m_rig->demo->profileFolder()).canonicalPath())
                      .filePath(QStringLiteral("another.icc"));
        QFile file(m_other);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(toyProfile(m_otherLut, "Another"));
        file.close();
        emit m_rig->window->intents()->viewWanted(ViewId::Profile);
    }
    void cleanupTestCase() { m_rig.reset(); }

    void theRunsProfileIsInTheListWithWhatProvedIt()
    {
        const auto &profiles = m_rig->state().profiles;
        QCOMPARE(profiles.size(), size_t(1)); // not what lies beside it and names no display
        QCOMPARE(profiles[0].maker, QStringLiteral("Bold Lantern"));
        QCOMPARE(profiles[0].madeOn, QDate::currentDate());
        QVERIFY(profiles[0].aim.contains(QStringLiteral("120 cd/m²")));
        VERIFY_NEAR(profiles[0].meanDeltaE00.value(),
                    m_rig->state().results.validation->meanDeltaE00.value(), 1e-9);
    }

    void anotherOneIsUsedAndTheWayBack()
    {
        const VideoLut ownLut = loaded();
        m_rig->session->useProfile(m_other);
        QVERIFY(becomes(m_other));
        QVERIFY(loaded() == m_otherLut);
        QVERIFY(m_rig->state().profileChosen);
        // It stays while other displays are looked at.
        m_rig->session->selectDisplay(1);
        QVERIFY(m_rig->waitFor([&] { return !m_rig->state().readingHistory; }));
        m_rig->session->selectDisplay(0);
        QVERIFY(m_rig->waitFor([&] { return !m_rig->state().readingHistory; }));
        QVERIFY(becomes(m_other));
        emit m_rig->window->intents()->viewWanted(ViewId::Profile);
        click("usePreviousProfile");
        QVERIFY(becomes(m_own));
        QVERIFY(loaded() == ownLut);
        m_rig->session->undoStack()->undo();
        QVERIFY(becomes(m_other));
        m_rig->session->undoStack()->undo();
        QVERIFY(becomes(m_own));
        m_rig->session->undoStack()->redo();
        QVERIFY(becomes(m_other));
        m_rig->session->useProfile(m_own);
        QVERIFY(becomes(m_own));
    }

    /// A trial on the display has its own LUT in force, and undo leaves it there.
    void nothingIsUndoneInATrial()
    {
        m_rig->session->useProfile(m_other);
        m_rig->session->useProfile(m_own);
        m_rig->session->selectDisplay(1); // the run that has ended is left
        m_rig->session->selectDisplay(0);
        QVERIFY(m_rig->waitFor([&] { return !m_rig->state().readingHistory; }));
        m_rig->session->bareDisplay(true);
        QVERIFY(loaded() == VideoLut::identity());
        m_rig->session->undoStack()->undo();
        QVERIFY(m_rig->state().notice.contains(QLatin1String("its own LUT in force")));
        QVERIFY(loaded() == VideoLut::identity());
        m_rig->session->bareDisplay(false);
        QVERIFY(becomes(m_own));
        QVERIFY(!(loaded() == VideoLut::identity()));
        m_rig->session->dismissNotice();
        emit m_rig->window->intents()->viewWanted(ViewId::Profile);
    }

    void aProfileIsRemovedAndBroughtBack()
    {
        m_rig->session->removeProfile(m_own); // in use
        QVERIFY(m_rig->waitFor([&] { return m_rig->state().noticeIsProblem; }));
        QVERIFY(QFile::exists(m_own));
        QVERIFY(choose(QStringLiteral("Another")));
        click("removeProfile");
        QVERIFY(m_rig->waitFor([&] { return m_rig->state().profiles.size() == 1; }));
        QVERIFY(!QFile::exists(m_other));
        m_rig->session->undoStack()->undo();
        QVERIFY(m_rig->waitFor([&] { return m_rig->state().profiles.size() == 2; }));
        QVERIFY(QFile::exists(m_other));
    }

    void aBrokenFileIsToldAndChangesNothing()
    {
        const QString broken = m_rig->demo->profileFolder() + QStringLiteral("/broken.icc");
        QFile file(broken);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("acsp, or nearly");
        file.close();
        const int before = m_rig->session->undoStack()->index();
        m_rig->session->dismissNotice();
        m_rig->session->useProfile(broken);
        QVERIFY(m_rig->waitFor([&] { return m_rig->state().noticeIsProblem; }));
        QVERIFY(m_rig->state().notice.contains(QLatin1String("broken.icc")));
        QVERIFY(becomes(m_own));
        QCOMPARE(m_rig->session->undoStack()->index(), before);
    }

    /// What another program takes away is told, and one press puts it back.
    void whatIsLostIsPutBack()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Done));
        emit rig.window->intents()->viewWanted(ViewId::Profile);
        auto *putBack = rig.window->findChild<QPushButton *>(QStringLiteral("putBack"));
        QVERIFY(rig.waitFor([&] { return rig.state().inUse.isRight(); }));
        QVERIFY(!putBack->isVisible());
        rig.demo->rig(0)->with([](bench::Bench &b) { b.condition().lut = VideoLut::identity(); });
        QVERIFY(rig.waitFor([&] { return rig.state().noticeIsProblem && putBack->isVisible(); }));
        QVERIFY(rig.state().notice.contains(QLatin1String("Another program")));
        QTest::mouseClick(putBack, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().inUse.isRight() && !putBack->isVisible(); }));
        QVERIFY(rig.state().notice.isEmpty());
        QVERIFY(*rig.demo->rig(0)->with([](bench::Bench &b) { return b.condition().lut; }) ==
                rig.state().results.calibration->lut);
    }

    /// What kind of profile it becomes can be chosen until it is built.
    void itsKindIsChosenBeforeItIsBuilt()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Build));
        emit rig.window->intents()->viewWanted(ViewId::Profile);
        const auto choose = [&](const char *name, int data) {
            auto *box = rig.window->findChild<QComboBox *>(QLatin1String(name));
            QVERIFY(rig.waitFor([&] { return box->isVisible() && box->isEnabled(); }));
            box->setCurrentIndex(box->findData(data));
            emit box->activated(box->currentIndex());
        };
        choose("profileKind", static_cast<int>(ProfileKind::Matrix));
        QVERIFY(rig.waitFor(
            [&] { return rig.state().results.setup.profileKind == ProfileKind::Matrix; }));
        const auto shows = [&](const char *name, int data) {
            const auto *box = rig.window->findChild<QComboBox *>(QLatin1String(name));
            return rig.waitFor([&] { return box->currentData().toInt() == data; });
        };
        settle(); // what the engine took is shown
        QVERIFY(shows("profileKind", static_cast<int>(ProfileKind::Matrix)));
        choose("iccVersion", 2);
        QVERIFY(rig.waitFor([&] { return rig.state().results.setup.iccVersion == 2; }));
        settle();
        QVERIFY(shows("iccVersion", 2));
        const auto write = [&](const char *name, const QString &text) {
            auto *line = rig.window->findChild<QLineEdit *>(QLatin1String(name));
            line->selectAll();
            QTest::keyClicks(line, text);
            QTest::keyClick(line, Qt::Key_Return);
        };
        write("nameTemplate", QStringLiteral("{display}, {aim} {luminance}"));
        QVERIFY(rig.waitFor([&] { return rig.state().results.setup.nameTemplate.back() == '}'; }));
        write("copyright", QStringLiteral("Studio Heron 2026"));
        QVERIFY(rig.waitFor(
            [&] { return rig.state().results.setup.copyright == "Studio Heron 2026"; }));
        QVERIFY(rig.pressUntil(Stage::Validate));
        QVERIFY(rig.waitFor([&] { return rig.state().results.profile.contains("Studio Heron"); }));
        const QByteArray icc = rig.state().results.profile;
        QVERIFY(icc.contains("Studio Heron 2026"));
        const run::RunSetup &setup = rig.state().results.setup;
        QCOMPARE(run::profileName(setup), setup.displayName + ", " + setup.aim.name + " 120");
        QVERIFY(rig.state().results.installedPath.contains(QStringLiteral("120.icc")));
        QCOMPARE(int(icc[8]), 2); // ICC.1:2001-04, 6.1.3
        QVERIFY(icc.contains("rTRC") && !icc.contains("A2B0"));
        auto *kind = rig.window->findChild<QComboBox *>(QStringLiteral("profileKind"));
        QVERIFY(rig.waitFor([&] { return !kind->isEnabled(); }));
        // The next run begins so.
        QVERIFY(rig.state().profileForm ==
                (run::ProfileForm{ProfileKind::Matrix, 2, 33, "{display}, {aim} {luminance}",
                                  "Studio Heron 2026"}));
    }

    void theReminderIsKept()
    {
        QCOMPARE(m_rig->demo->standing(0).remindAfterDays, 28);
        auto *days = m_rig->window->findChild<QSpinBox *>(QStringLiteral("remindAfterDays"));
        QVERIFY(m_rig->waitFor([&] { return days->isVisible(); }));
        days->setValue(14);
        QVERIFY(m_rig->waitFor([&] { return m_rig->demo->standing(0).remindAfterDays == 14; }));
        // The demo keeps nothing in force after it ends.
        QVERIFY(!m_rig->state().keeper);
    }
};

static const Register<ProfilesTest> registered("ProfilesTest");

} // namespace lantern::test

#include "profiles_test.moc"
