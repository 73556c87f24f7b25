#include "app/views/accuracy/limits_dialog.h"
#include "window_rig.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QSpinBox>
#include <QTableWidget>

namespace lantern::test {

/// What is in force is proved from the view of colour accuracy, with colours, limits and formula of
/// the person's choice.
class ProofWindowTest : public QObject {
    Q_OBJECT

    template <class T> static T *part(const WindowRig &rig, const char *name)
    {
        return rig.window->findChild<T *>(QLatin1String(name));
    }
    /// As a person does, from the list.
    static void choose(QComboBox *box, int index)
    {
        box->setCurrentIndex(index);
        emit box->activated(index);
    }

private slots:
    void whatIsInForceIsProved()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(run::Stage::Done));
        rig.session->showView(app::ViewId::Accuracy);
        auto *prove = part<QPushButton>(rig, "proveNow");
        QVERIFY(rig.waitFor([&] { return prove->isVisible() && prove->isEnabled(); }));
        QTest::mouseClick(part<QPushButton>(rig, "changeProof"), Qt::LeftButton);
        auto *colours = part<QComboBox>(rig, "proofColours");
        QVERIFY(colours->isVisible());
        choose(colours, 4); // greys
        auto *count = part<QSpinBox>(rig, "proofCount");
        QVERIFY(rig.waitFor([&] { return count->isVisible(); }));
        count->setFocus();
        count->setValue(9);
        QTest::keyClick(count, Qt::Key_Return);
        QVERIFY(rig.waitFor([&] { return rig.state().proof.reference == "greys:9"; }));
        auto *formula = part<QComboBox>(rig, "proofFormula");
        choose(formula, 1); // 1976
        QVERIFY(rig.waitFor(
            [&] { return rig.state().proof.tolerance.formula == DifferenceFormula::De76; }));
        QTest::mouseClick(prove, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().lastProof.has_value(); }));
        const Validation &v = *rig.state().lastProof->validation;
        QCOMPARE(v.patches.size(), size_t(9));
        QVERIFY(v.verdict.tolerance.formula == DifferenceFormula::De76);
        QVERIFY2(v.deltaE00.mean < 1, qPrintable(QString::number(v.deltaE00.mean)));
        QVERIFY(v.against.empty());
        // Shown in the view, and the run's own validation is not gone.
        auto *table = part<QTableWidget>(rig, "validationTable");
        QVERIFY(rig.waitFor([&] { return table->rowCount() == 9; }));
        QCOMPARE(table->horizontalHeaderItem(4)->text(), QStringLiteral("ΔE76"));
        QVERIFY(rig.state().view == app::ViewId::Accuracy);
        QVERIFY(rig.state().lastTime && rig.state().lastTime->validation->patches.size() > 9);
        // Against sRGB the wide North desk is far off.
        choose(part<QComboBox>(rig, "proofAgainst"), 2);
        QVERIFY(rig.waitFor([&] { return rig.state().proof.against == "srgb"; }));
        choose(colours, 5); // primaries
        QVERIFY(rig.waitFor([&] { return prove->isEnabled(); }));
        QTest::mouseClick(prove, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] {
            return rig.state().lastProof && !rig.state().lastProof->validation->against.empty();
        }));
        QVERIFY(rig.state().lastProof->validation->deltaE00.max > 3);
        // That says nothing of its profile: the Desk and the profile's own figure stay.
        QVERIFY(rig.waitFor([&] { return !rig.state().readingHistory; }));
        VERIFY_BELOW(*rig.state().displays[0].lastMean, 1.0);
        const auto &profiles = rig.state().profiles;
        const auto inUse =
            std::find_if(profiles.begin(), profiles.end(), [](const auto &k) { return k.inUse; });
        VERIFY_BELOW(inUse->meanDeltaE00.value(), 1.0);
    }

    void limitsAreEditedKeptAndRemoved()
    {
        WindowRig rig;
        rig.session->showView(app::ViewId::Accuracy);
        auto *unfold = part<QPushButton>(rig, "changeProof");
        QVERIFY(rig.waitFor([&] { return unfold->isVisible(); }));
        QTest::mouseClick(unfold, Qt::LeftButton);
        QTest::mouseClick(part<QPushButton>(rig, "editLimits"), Qt::LeftButton);
        auto *dialog = part<app::LimitsDialog>(rig, "limitsDialog");
        QVERIFY(dialog && dialog->isVisible());
        auto *table = dialog->findChild<QTableWidget *>(QStringLiteral("limits"));
        const int last = table->rowCount() - 1;
        table->item(last, 1)->setText(QStringLiteral("x1"));
        auto *keep = dialog->findChild<QPushButton *>(QStringLiteral("keepLimits"));
        QTest::mouseClick(keep, Qt::LeftButton);
        QVERIFY(!dialog->findChild<QLabel *>(QStringLiteral("limitsProblem"))->text().isEmpty());
        table->item(last, 1)->setText(QStringLiteral("4,5")); // comma or point
        table->item(last, 2)->setText(QStringLiteral("agreed with the printer"));
        table->item(1, 1)->setText(QStringLiteral("7")); // per cent
        dialog->findChild<QLineEdit *>(QStringLiteral("limitsTitle"))
            ->setText(QStringLiteral("House"));
        QTest::mouseClick(keep, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().ownTolerances.size() == 1; }));
        const Tolerance &house = rig.state().proof.tolerance;
        QCOMPARE(house.title, std::string("House"));
        QCOMPARE(*house.evenColour, 4.5);
        VERIFY_NEAR(*house.luminance, 0.07, 1e-12);
        QCOMPARE(house.limitSources.at("even_delta_e_2000"),
                 std::string("agreed with the printer"));
        auto *limits = part<QComboBox>(rig, "proofLimits");
        QVERIFY(rig.waitFor([&] { return limits->currentText() == QLatin1String("House"); }));
        rig.session->removeTolerance(QStringLiteral("House"));
        QVERIFY(rig.waitFor([&] { return limits->currentText() == QLatin1String("Studio"); }));
    }
};

static const Register<ProofWindowTest> registered("ProofWindowTest");

} // namespace lantern::test

#include "proof_window_test.moc"
