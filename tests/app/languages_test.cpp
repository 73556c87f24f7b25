#include "app/views/view.h"
#include "core/base/own_name.h"
#include "languages.h"
#include "run/book/in_words.h"
#include "run/book/language.h"
#include "window_rig.h"

#include <QAbstractButton>
#include <QComboBox>
#include <QHeaderView>
#include <QLabel>
#include <QMenuBar>
#include <QRegularExpression>
#include <QStyleOptionComboBox>
#include <QTableView>
#include <QXmlStreamReader>

namespace lantern::test {

using namespace app;
using run::Stage;

/// Other languages: nothing of ours is left in English, nothing is cut off, numbers and plurals are
/// as people write them. A made-up language stands for all: its words are in ⟦brackets⟧ and a third
/// longer than ours.
class LanguagesTest : public QObject {
    Q_OBJECT

    /// Says a text of ours in English, in whatever language the rest is.
    static bool isLeft(const QString &text)
    {
        static const QRegularExpression words(QStringLiteral("[a-z]{3,} [a-z]{3,}"));
        QString rest = text;
        static const QRegularExpression tags(QStringLiteral("<[^>]*>"));
        rest.remove(tags);
        // No texts of ours.
        for (const char *name : {"North desk", "South desk", "Field laptop"})
            rest.remove(QLatin1String(name));
        static const QRegularExpression translated(QStringLiteral("⟦[^⟦⟧]*⟧"));
        for (int before = -1; before != rest.size();) { // one may stand in the other
            before = static_cast<int>(rest.size());
            rest.remove(translated);
        }
        return words.match(rest).hasMatch();
    }
    static QStringList textsOf(const QWidget *w)
    {
        QStringList texts{w->toolTip(), w->accessibleName()};
        if (const auto *label = qobject_cast<const QLabel *>(w))
            texts << label->text();
        if (const auto *button = qobject_cast<const QAbstractButton *>(w))
            texts << button->text();
        if (const auto *box = qobject_cast<const QComboBox *>(w))
            for (int i = 0; i < box->count(); ++i)
                texts << box->itemText(i);
        if (const auto *table = qobject_cast<const QTableView *>(w); table && table->model())
            for (int c = 0; c < table->model()->columnCount(); ++c)
                texts << table->model()->headerData(c, Qt::Horizontal).toString();
        return texts;
    }
    static View *visibleView(const WindowRig &rig)
    {
        for (View *v : rig.window->findChildren<View *>())
            if (v->isVisible())
                return v;
        return nullptr;
    }
    /// Texts with less room than they need.
    static QStringList cutOff(const View *view)
    {
        QStringList cut;
        for (const QLabel *label : view->findChildren<QLabel *>()) {
            if (!label->isVisible() || label->text().isEmpty())
                continue;
            const bool isNarrow = !label->wordWrap() &&
                                  label->width() + 1 < label->sizeHint().width() &&
                                  label->sizePolicy().horizontalPolicy() != QSizePolicy::Ignored;
            const bool isLow = label->wordWrap() && label->width() > 40 &&
                               label->height() < label->heightForWidth(label->width());
            if (isNarrow || isLow)
                cut << label->text();
        }
        for (const QAbstractButton *button : view->findChildren<QAbstractButton *>())
            if (button->isVisible() && !button->text().isEmpty() &&
                button->width() + 1 < button->minimumSizeHint().width())
                cut << button->text();
        return cut;
    }

private slots:
    void cleanup() { run::speak(QStringLiteral("en")); }

    void allTextsAreTranslated()
    {
        QFile file(QStringLiteral(LANTERN_TRANSLATIONS "/bold-lantern_de.ts"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        QXmlStreamReader xml(&file);
        QString source;
        int count = 0;
        while (!xml.atEnd()) {
            xml.readNext();
            if (xml.isStartElement() && xml.name() == QLatin1String("source"))
                source = xml.readElementText();
            if (xml.isStartElement() && xml.name() == QLatin1String("translation")) {
                ++count;
                QVERIFY2(xml.attributes().value(QLatin1String("type")).isEmpty(),
                         qPrintable(source));
            }
        }
        QVERIFY(count > 2000);
    }

    void numbersPluralsAndErrorsAreGerman()
    {
        run::speak(QStringLiteral("de"));
        QCOMPARE(QLocale().toString(1234.5, 'f', 1), QStringLiteral("1.234,5"));
        const Error error(ErrorKind::BadInput, "chart.cgats",
                          {"%1 readings are too few for a profile", {"3"}},
                          "Measure a chart of at least 24 patches.");
        QCOMPARE(run::inWords(error),
                 QStringLiteral("chart.cgats: 3 Messungen sind zu wenig für ein Profil. Messen Sie "
                                "eine Farbtafel mit mindestens 24 Feldern."));
        QCOMPARE(run::inWords(Message("%1 % of the aimed gamut is missing", {"2.5"})),
                 QStringLiteral("2,5 % des verlangten Farbumfangs fehlen"));
        QCOMPARE(run::inLocale("gamma 2.2 · 120.5 cd/m²"),
                 QStringLiteral("Gamma 2,2 · 120,5 cd/m²"));
        QCOMPARE(run::inWords(Message("%1 is missing", {"desk 2.0.icc"})), // a name stays
                 QStringLiteral("desk 2.0.icc fehlt"));
        const Message measured("Measured %1 with %2.", {"2026-12-01 14:03 UTC", "Heron"});
        QCOMPARE(run::inWords(measured),
                 QStringLiteral("Gemessen 01.12.2026 14:03 UTC mit Heron."));
        // What is a person's stays, whatever it looks like.
        for (const char *name : {"12.5", "2026-12-01", "limits"})
            QCOMPARE(run::inWords(Message("Serial number of the display: %1.", {ownName(name)})),
                     QStringLiteral("Seriennummer des Bildschirms: %1.").arg(QLatin1String(name)));
        QCOMPARE(run::inLocale("2026-12-01"), QStringLiteral("01.12.2026"));
        QCOMPARE(run::inLocale("2026-13-01"), QStringLiteral("2026-13-01")); // no day
        const auto reminder = [](int days) {
            return QCoreApplication::translate("any", "a reminder after %n day(s)", nullptr, days);
        };
        QCOMPARE(reminder(1), QStringLiteral("Erinnerung nach 1 Tag"));
        QCOMPARE(reminder(30), QStringLiteral("Erinnerung nach 30 Tagen"));
        run::speak(QStringLiteral("en"));
        QCOMPARE(reminder(1), QStringLiteral("a reminder after 1 day"));
        QCOMPARE(reminder(30), QStringLiteral("a reminder after 30 days"));
        QCOMPARE(run::inWords(measured),
                 QStringLiteral("Measured 2026-12-01 14:03 UTC with Heron."));
        run::speak(QStringLiteral("xx")); // no such language
        QCOMPARE(run::spoken(), QStringLiteral("en"));
    }

    void choicesAreShownWhole_data() { eachLanguage(); }
    void choicesAreShownWhole()
    {
        QFETCH(QString, language);
        run::speak(language);
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Done));
        QStringList cut;
        for (const ViewEntry &entry : viewRegistry()) {
            rig.session->showView(entry.id);
            settle();
            for (const QComboBox *box : visibleView(rig)->findChildren<QComboBox *>()) {
                QStyleOptionComboBox option;
                option.initFrom(box);
                option.editable = box->isEditable();
                const QRect field = box->style()->subControlRect(QStyle::CC_ComboBox, &option,
                                                                 QStyle::SC_ComboBoxEditField, box);
                for (int item = 0; item < box->count() && box->isVisible(); ++item) {
                    const int needed = box->fontMetrics().horizontalAdvance(box->itemText(item));
                    if (needed > field.width())
                        cut << QStringLiteral("%1: %2, %3 of %4")
                                   .arg(QLatin1String(entry.id.key), box->itemText(item))
                                   .arg(field.width())
                                   .arg(needed);
                }
            }
        }
        QVERIFY2(cut.isEmpty(), qPrintable(cut.join(QLatin1Char('\n'))));
    }

    void everyPageInTheMadeUpLanguage_data()
    {
        QTest::addColumn<bool>("measured");
        QTest::newRow("new") << false;
        QTest::newRow("after a run") << true;
    }
    void everyPageInTheMadeUpLanguage()
    {
        QFETCH(bool, measured);
        run::speak(QStringLiteral("pseudo"));
        WindowRig rig;
        if (measured)
            QVERIFY(rig.pressUntil(Stage::Done));
        QStringList left;
        for (const ViewEntry &entry : viewRegistry()) {
            const View *before = visibleView(rig);
            const bool same = rig.state().view == entry.id;
            rig.session->showView(entry.id);
            QVERIFY(rig.waitFor(
                [&] { return visibleView(rig) && (same || visibleView(rig) != before); }));
            // Layouts are done a little after their texts came.
            (void)rig.waitFor([&] { return cutOff(visibleView(rig)).isEmpty(); });
            for (const QWidget *w : visibleView(rig)->findChildren<QWidget *>())
                for (const QString &text : textsOf(w))
                    if (isLeft(text))
                        left << QStringLiteral("%1: %2").arg(QLatin1String(entry.id.key), text);
            for (const QString &cut : cutOff(visibleView(rig)))
                left << QStringLiteral("%1: cut off: %2").arg(QLatin1String(entry.id.key), cut);
        }
        for (const QWidget *w : rig.window->findChildren<QWidget *>())
            for (const QString &text : textsOf(w))
                if (w->isVisible() && isLeft(text))
                    left << text;
        if (measured) { // what a client gets
            static const QRegularExpression tags(QStringLiteral("<[^>]*>"));
            ReportData report = run::reportData(rig.state().shown());
            report.studio = {"Report", "limits", {}, {}}; // words of ours, but a person's own here
            for (const ReportForm form : {ReportForm::Short, ReportForm::Long}) {
                const QString html =
                    QString::fromStdString(reportToHtml(report, form, run::speaker()));
                QVERIFY(html.contains(QLatin1String("<html lang=\"pseudo\">")));
                QVERIFY(html.contains(QLatin1String(">Report<")));
                QVERIFY(html.contains(QLatin1String(">limits<")));
                const auto parts = html.mid(html.indexOf(QLatin1String("</style>"))).split(tags);
                QVERIFY(parts.size() > 100);
                for (const QString &part : parts)
                    if (isLeft(part))
                        left << QStringLiteral("report: ") + part;
            }
        }
        left.removeDuplicates();
        QVERIFY2(left.isEmpty(), qPrintable(left.mid(0, 40).join(QLatin1Char('\n'))));
    }
};

static const Register<LanguagesTest> registered("LanguagesTest");

} // namespace lantern::test

#include "languages_test.moc"
