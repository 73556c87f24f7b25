#include "app/state/preferences.h"
#include "app/theme.h"
#include "app/widgets/profile_words.h"
#include "app/window/window_holder.h"
#include "contrast.h"
#include "run/book/language.h"
#include "window_rig.h"

#include <QApplication>
#include <QComboBox>
#include <QSettings>
#include <QSpinBox>
#include <QTemporaryDir>

namespace lantern::test {

using namespace app;

/// Settings, first steps, and the window made anew in another language and other looks.
class SettingsWindowTest : public QObject {
    Q_OBJECT

    template <class W> static W *part(const QWidget *window, const char *name)
    {
        return window->findChild<W *>(QLatin1String(name));
    }
    static void choose(QComboBox *box, int index)
    {
        box->setCurrentIndex(index);
        emit box->activated(index);
    }

private slots:
    void cleanup()
    {
        run::chooseLanguage({});
        run::speak(QStringLiteral("en"));
        theme::apply(*qApp, theme::Looks::Dark);
    }

    /// Text 4.5:1 and marks 3:1 on every ground, in all looks (WCAG 2.1, 1.4.3 and 1.4.11).
    void allLooksCanBeRead()
    {
        for (const auto looks : {theme::Looks::Dark, theme::Looks::Middle, theme::Looks::Light,
                                 theme::Looks::HighContrast}) {
            theme::apply(*qApp, looks);
            const auto at = [&](const char *what, const QColor &a, const QColor &b, double least) {
                const double contrast = contrastOf(a.rgb(), b.rgb());
                QVERIFY2(contrast >= least,
                         qPrintable(QStringLiteral("%1, %2: %3")
                                        .arg(theme::looksKey(looks), QLatin1String(what))
                                        .arg(contrast)));
            };
            for (const QColor &ground : {theme::kWindow, theme::kPanel, theme::kRaised}) {
                at("text", theme::kText, ground, 4.5);
                at("muted", theme::kMuted, ground, 4.5);
                at("bright", theme::kBright, ground, 4.5);
                for (const QColor &ink : {ground, theme::kText, theme::kMuted, theme::kBright})
                    QCOMPARE(ink.saturation(), 0); // nothing tints what is judged beside it
            }
            at("faint", theme::kFaint, theme::kWindow, 3);
            at("accent", theme::kAccent, theme::kWindow, 3);
            at("on accent", theme::kOnAccent, theme::kAccent, 4.5);
            for (const QColor &curve : {theme::kRedCurve, theme::kGreenCurve, theme::kBlueCurve})
                at("curve", curve, theme::kWindow, 3);
            const QPalette p = QApplication::palette();
            at("disabled", p.color(QPalette::Disabled, QPalette::WindowText), theme::kRaised, 4.5);
            at("selected", p.color(QPalette::HighlightedText), p.color(QPalette::Highlight), 4.5);
        }
    }

    void whatIsChosenIsInForceAndKept()
    {
        const QTemporaryDir reports;
        QSettings().setValue(QStringLiteral("folders/report"), reports.path());
        WindowRig rig;
        QCOMPARE(part<QLabel>(rig.window.get(), "settingsReportFolder")->text(), reports.path());
        QSettings().remove(QStringLiteral("folders/report"));
        rig.session->showView(ViewId::Settings);
        auto *limits = part<QComboBox>(rig.window.get(), "settingsLimits");
        QVERIFY(rig.waitFor([&] { return limits->isVisible() && limits->count() > 2; }));
        const int other = limits->findText(QStringLiteral("General"));
        QVERIFY(other >= 0);
        choose(limits, other);
        QVERIFY(rig.waitFor([&] { return rig.state().proof.tolerance.name == "general"; }));
        auto *icc = part<QComboBox>(rig.window.get(), "settingsIcc");
        choose(icc, icc->findData(2));
        QVERIFY(rig.waitFor([&] { return rig.state().profileForm.version == 2; }));
        auto *copyright = part<QLineEdit>(rig.window.get(), "settingsCopyright");
        QVERIFY(copyright);
        copyright->setFocus();
        copyright->selectAll();
        QTest::keyClicks(copyright, QStringLiteral("Studio North"));
        QTest::keyClick(copyright, Qt::Key_Return);
        QVERIFY(rig.waitFor([&] { return rig.state().profileForm.copyright == "Studio North"; }));
        QCOMPARE(rig.state().profileForm.version, 2);
        auto *days = part<QSpinBox>(rig.window.get(), "settingsDays");
        days->setValue(45);
        QVERIFY(rig.waitFor([&] { return rig.state().remindAfterDays == 45; }));
        auto *patch = part<QSpinBox>(rig.window.get(), "patchSide");
        patch->setValue(300);
        QCOMPARE(rig.demo->patchWindow()->width(), 300);
        QCOMPARE(preferences::patchSide(), 300);
        // Another window has it, too.
        rig.window.reset();
        rig.demo->patchWindow()->setSide(desk::kUsualPatchSide);
        rig.window = openWindow(rig.session.get(), rig.pages.get());
        QCOMPARE(rig.demo->patchWindow()->width(), 300);
        preferences::setPatchSide(desk::kUsualPatchSide);
    }

    void anotherLanguageAndOtherLooksAtOnceEvenInARun()
    {
        WindowRig rig(20);
        rig.window.reset();
        WindowHolder holder(rig.session.get(), rig.pages.get());
        holder.window()->show();
        QVERIFY(QTest::qWaitForWindowExposed(holder.window()));
        QVERIFY(rig.waitFor([&] { return hasAllPages(*holder.window()); }));
        const auto action = [&] { return part<QPushButton>(holder.window(), "mainAction"); };
        const auto isReading = [&] {
            return rig.state().status.activity == run::Activity::Working &&
                   rig.state().status.readingsDone > 0;
        };
        for (int i = 0; i < 8 && rig.state().status.activity != run::Activity::Working; ++i) {
            QVERIFY(rig.waitFor([&] { return action()->isEnabled(); }));
            QTest::mouseClick(action(), Qt::LeftButton);
            settle();
        }
        QVERIFY(rig.waitFor(isReading));
        const qint64 runBefore = rig.state().status.run;
        rig.session->showView(ViewId::Settings);
        auto *language = part<QComboBox>(holder.window(), "language");
        QVERIFY(rig.waitFor([&] { return language->isVisible(); }));
        const QPointer<MainWindow> before = holder.window();
        choose(language, language->findData(QStringLiteral("de")));
        QVERIFY(rig.waitFor([&] { return before.isNull(); }));
        QCOMPARE(run::spoken(), QStringLiteral("de"));
        QCOMPARE(rig.state().view, ViewId::Settings);
        QCOMPARE(QLocale().decimalPoint(), QStringLiteral(","));
        bool isGerman = false;
        for (const QLabel *label : holder.window()->findChildren<QLabel *>())
            isGerman |= label->text() == QLatin1String("Einstellungen");
        QVERIFY(isGerman);
        QVERIFY(QTest::qWaitForWindowExposed(holder.window()));
        const QPointer<MainWindow> german = holder.window();
        auto *looks = part<QComboBox>(holder.window(), "looks");
        choose(looks, looks->findData(QStringLiteral("light")));
        QVERIFY(rig.waitFor([&] { return german.isNull(); }));
        QVERIFY(holder.window()->palette().color(QPalette::Window).lightness() > 128);
        QCOMPARE(run::spoken(), QStringLiteral("de"));
        // The run has gone on meanwhile, and goes on in the new window.
        QCOMPARE(rig.state().status.run, runBefore);
        const auto stage = rig.state().status.stage;
        QVERIFY2(rig.waitFor([&] {
            return rig.state().status.activity == run::Activity::Waiting ||
                   rig.state().status.stage != stage;
        }),
                 qPrintable(QStringLiteral("activity %1, reading %2: %3")
                                .arg(int(rig.state().status.activity))
                                .arg(rig.state().status.readingsDone)
                                .arg(rig.state().status.message)));
        QVERIFY(rig.waitFor([&] { return action()->isEnabled(); }));
        preferences::setLooks({});
    }

    void firstStepsLeadTheWay()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Start);
        auto *second = part<QPushButton>(rig.window.get(), "step1");
        QVERIFY(rig.waitFor([&] {
            second = part<QPushButton>(rig.window.get(), "step1");
            return second && second->isVisible();
        }));
        // Nothing was measured on this logbook yet.
        const auto *state = part<QLabel>(rig.window.get(), "stepState3");
        QVERIFY(rig.waitFor([&] { return state->text() == QLatin1String("not yet"); }));
        QTest::mouseClick(second, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().view == ViewId::Aim; }));
    }

    void columnsAreRemembered()
    {
        const auto log = [](const WindowRig &rig) {
            return part<QTableView>(rig.window.get(), "logTable");
        };
        {
            WindowRig rig;
            rig.session->showView(ViewId::Logbook);
            QVERIFY(rig.waitFor([&] { return log(rig)->isVisible(); }));
            log(rig)->setColumnWidth(1, 211);
        }
        WindowRig rig;
        QCOMPARE(log(rig)->columnWidth(1), 211);
        QSettings().remove(QStringLiteral("columns/log"));
    }
};

static const Register<SettingsWindowTest> registered("SettingsWindowTest");

} // namespace lantern::test

#include "settings_window_test.moc"
