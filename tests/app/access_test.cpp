#include "app/views/accuracy/match_fields.h"
#include "app/views/white/white_dial.h"
#include "app/widgets/focus_ring.h"
#include "app/widgets/plot.h"
#include "app/window/notice_bar.h"
#include "contrast.h"
#include "languages.h"
#include "window_rig.h"

#include <QAccessible>
#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QMenuBar>
#include <QScopeGuard>
#include <QScreen>
#include <QScrollArea>
#include <QScrollBar>
#include <QSignalSpy>
#include <QTableView>

#include <algorithm>
#include <map>
#include <optional>
#include <set>

namespace lantern::test {

using namespace app;
using run::Activity;
using run::Stage;

namespace {

/// Contrast of the text in an image: of what is there most often against what differs most.
double textContrast(const QImage &image)
{
    std::map<QRgb, int> count;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            ++count[image.pixel(x, y)];
    const QRgb ground = std::max_element(count.begin(), count.end(), [](auto &a, auto &b) {
                            return a.second < b.second;
                        })->first;
    double most = 1;
    for (const auto &[colour, n] : count)
        most = std::max(most, contrastOf(colour, ground));
    return most;
}

QString textOf(const QWidget *w)
{
    if (const auto *label = qobject_cast<const QLabel *>(w))
        return label->text();
    if (const auto *button = qobject_cast<const QAbstractButton *>(w))
        return button->text();
    if (const auto *box = qobject_cast<const QComboBox *>(w))
        return box->currentText();
    if (const auto *box = qobject_cast<const QAbstractSpinBox *>(w))
        return box->text();
    return {};
}

QString describe(const QWidget *w)
{
    return QStringLiteral("%1 '%2' %3")
        .arg(QLatin1String(w->metaObject()->className()), textOf(w), w->objectName());
}

/// Letter after a single ampersand; null: none.
QChar mnemonicOf(const QString &text)
{
    for (int i = 0; i + 1 < text.size(); ++i)
        if (text[i] == QLatin1Char('&')) {
            if (text[i + 1] != QLatin1Char('&'))
                return text[i + 1].toUpper();
            ++i;
        }
    return {};
}

void collect(QAccessibleInterface *from, std::vector<QAccessibleInterface *> &out, int depth = 0)
{
    if (!from || !from->isValid() || depth > 40)
        return;
    out.push_back(from);
    if (from->tableInterface()) // its cells are looked at by row and column
        return;
    for (int i = 0; i < from->childCount(); ++i)
        collect(from->child(i), out, depth + 1);
}

} // namespace

/// The window for people who cannot see it well, use no mouse or have a small screen.
class AccessTest : public QObject {
    Q_OBJECT

    WindowRig m_rig;
    WindowRig *m_shown = &m_rig; ///< in another language it is a window of its own
    bool m_measured = false;

    [[nodiscard]] MainWindow *window() const { return m_shown->window.get(); }

    void show(ViewId view)
    {
        const View *before = visibleView();
        const bool same = m_shown->state().view == view;
        m_shown->session->showView(view);
        QVERIFY(
            m_shown->waitFor([&] { return visibleView() && (same || visibleView() != before); }));
        settle();
    }
    [[nodiscard]] View *visibleView() const
    {
        for (View *v : window()->findChildren<View *>())
            if (v->isVisible())
                return v;
        return nullptr;
    }
    /// Goes through every view, before anything is measured and after a whole run.
    void inEveryView(const std::function<void(const char *)> &look)
    {
        for (const ViewEntry &entry : viewRegistry()) {
            show(entry.id);
            look(entry.id.key.data());
            if (QTest::currentTestFailed())
                return;
        }
    }
    /// A label with less room than its lines need; empty: none.
    [[nodiscard]] QString squeezedLabel() const
    {
        for (const QLabel *label : visibleView()->findChildren<QLabel *>())
            if (label->isVisible() && label->wordWrap() && label->width() > 40 &&
                label->height() < label->heightForWidth(label->width()))
                return QStringLiteral("%1: %2 of %3")
                    .arg(describe(label))
                    .arg(label->height())
                    .arg(label->heightForWidth(label->width()));
        return {};
    }
    std::vector<QWidget *> focusable() const
    {
        std::vector<QWidget *> out;
        QWidget *w = window()->nextInFocusChain();
        for (; w && w != window(); w = w->nextInFocusChain())
            if ((w->focusPolicy() & Qt::TabFocus) && w->isVisible() && w->isEnabled() &&
                w->window() == window() && !w->focusProxy())
                out.push_back(w);
        return out;
    }

private slots:
    void initTestCase()
    {
        if (QGuiApplication::platformName() == QLatin1String("xcb")) {
            window()->activateWindow();
            QVERIFY(m_rig.waitFor([&] { return window()->isActiveWindow(); }));
        }
    }

    void textStandsOut_data() { wholeRun(); }
    void textStandsOut()
    {
        QFETCH(bool, measured);
        measure(measured);
        inEveryView([&](const char *view) {
            const QImage all = window()->grab().toImage();
            for (const QWidget *w : window()->findChildren<QWidget *>()) {
                if (!w->isVisible() || textOf(w).trimmed().isEmpty() || w->size().isEmpty())
                    continue;
                const QRect r =
                    QRect(w->mapTo(window(), QPoint(0, 0)), w->size()) & window()->rect();
                if (r.width() < 8 || r.height() < 8 ||
                    w->visibleRegion().boundingRect().size() != w->size())
                    continue;
                const double contrast = textContrast(all.copy(r));
                QVERIFY2(contrast >= 4.5, qPrintable(QStringLiteral("%1 in %2: %3")
                                                         .arg(describe(w), QLatin1String(view))
                                                         .arg(contrast)));
            }
        });
        // Cells of the Ledger, the small units too.
        auto *table = window()->findChild<QTableView *>(QStringLiteral("ledger"));
        const QImage cells = table->viewport()->grab().toImage();
        for (int row = 0; row < table->model()->rowCount(); ++row)
            for (int c = 0; c < table->model()->columnCount(); ++c) {
                const QRect r = table->visualRect(table->model()->index(row, c));
                if (!cells.rect().contains(r))
                    continue;
                VERIFY_BELOW(4.5, textContrast(cells.copy(r.adjusted(c == 0 ? 4 : 0, 0, 0, -2))));
            }
    }

    void focusIsSeenOnEverything_data() { wholeRun(); }
    void focusIsSeenOnEverything()
    {
        QFETCH(bool, measured);
        measure(measured);
        auto *ring = window()->findChild<FocusRing *>();
        QVERIFY(ring);
        inEveryView([&](const char *view) {
            for (QWidget *w : focusable()) {
                w->setFocus(Qt::TabFocusReason);
                if (!w->hasFocus()) // a group of buttons gives it to the chosen one
                    continue;
                QVERIFY2(m_rig.waitFor([&] { return ring->isVisible(); }),
                         qPrintable(describe(w) + QLatin1String(view)));
                const QRect ringAt(ring->mapToGlobal(QPoint(0, 0)), ring->size());
                const QRect widgetAt(w->mapToGlobal(QPoint(0, 0)), w->size());
                QVERIFY2(ringAt.adjusted(-1, -1, 1, 1).contains(widgetAt) || ringAt == widgetAt,
                         qPrintable(describe(w)));
                const QImage image = ring->parentWidget()->grab(ring->geometry()).toImage();
                int bright = 0;
                for (int x = 0; x < image.width(); ++x)
                    for (int y = 0; y < std::min(3, image.height()); ++y)
                        bright += qGray(image.pixel(x, y)) > 240 ? 1 : 0;
                QVERIFY2(bright > image.width() / 2, qPrintable(describe(w)));
            }
        });
    }

    /// The ring moves into a dialog, and back when the dialog is gone.
    void focusIsSeenAfterADialog()
    {
        auto *action = window()->findChild<QPushButton *>(QStringLiteral("mainAction"));
        const auto ringed = [](const QWidget *w) {
            const auto *ring = w->window()->findChild<FocusRing *>();
            return ring && ring->isVisible() && ring->widget() == w;
        };
        {
            QDialog dialog(window());
            QPushButton button(&dialog);
            dialog.show();
            dialog.activateWindow();
            button.setFocus(Qt::TabFocusReason);
            QVERIFY(m_rig.waitFor([&] { return ringed(&button); }));
        }
        window()->activateWindow();
        action->setFocus(Qt::TabFocusReason);
        QVERIFY(m_rig.waitFor([&] { return ringed(action); }));
    }

    void tabGoesInReadingOrder()
    {
        inEveryView([&](const char *view) {
            const QWidget *before = nullptr;
            for (QWidget *w : focusable()) {
                if (!visibleView()->isAncestorOf(w))
                    continue;
                if (before) {
                    const QPoint a = before->mapTo(window(), QPoint(0, 0));
                    const QPoint b = w->mapTo(window(), QPoint(0, 0));
                    const bool below = b.y() >= a.y() - before->height();
                    const bool right = b.x() >= a.x() + before->width();
                    QVERIFY2(below || right, qPrintable(QStringLiteral("%1: %2 after %3")
                                                            .arg(QLatin1String(view), describe(w),
                                                                 describe(before))));
                }
                before = w;
            }
        });
        // Desk, then Ledger, then the view.
        show(ViewId::Ready);
        std::vector<int> places;
        for (QWidget *w : focusable())
            places.push_back(w->objectName().startsWith(QLatin1String("deskCard"))  ? 0
                             : window()->findChild<LedgerView *>()->isAncestorOf(w) ? 1
                             : visibleView()->isAncestorOf(w)                       ? 2
                                                                                    : 3);
        QStringList names;
        for (const QWidget *w : focusable())
            names << describe(w);
        QVERIFY2(std::is_sorted(places.begin(), places.end()),
                 qPrintable(names.join(QLatin1Char('|'))));
        QCOMPARE(std::count(places.begin(), places.end(), 0), 1); // the chosen display
    }

    void lettersAreGivenOnce_data() { eachLanguage(); }
    void lettersAreGivenOnce()
    {
        QFETCH(QString, language);
        std::optional<WindowRig> other;
        if (language != run::spoken()) {
            run::speak(language);
            m_shown = &other.emplace();
        }
        const auto back = qScopeGuard([this] {
            m_shown = &m_rig;
            run::speak(QStringLiteral("en"));
        });
        std::set<QChar> menus;
        for (const QAction *menu : window()->menuBar()->actions()) {
            QVERIFY2(!mnemonicOf(menu->text()).isNull(), qPrintable(menu->text()));
            QVERIFY2(menus.insert(mnemonicOf(menu->text())).second, qPrintable(menu->text()));
        }
        inEveryView([&](const char *view) {
            std::map<QChar, QString> used;
            for (const QChar c : menus)
                used[c] = QStringLiteral("menu");
            // Those of the run bar and the strip for numbers may come to any view.
            for (const QWidget *w : window()->findChildren<QWidget *>()) {
                const bool may = w->isVisible() ||
                                 window()->findChild<RunBar *>()->isAncestorOf(w) ||
                                 window()->findChild<HandEntry *>()->isAncestorOf(w) ||
                                 (visibleView() && visibleView()->isAncestorOf(w));
                const auto *label = qobject_cast<const QLabel *>(w);
                const bool counts =
                    qobject_cast<const QAbstractButton *>(w) || (label && label->buddy());
                const QChar letter = counts ? mnemonicOf(textOf(w)) : QChar();
                if (!may || letter.isNull())
                    continue;
                QVERIFY2(used.count(letter) == 0,
                         qPrintable(QStringLiteral("%1 in %2: %3 and %4")
                                        .arg(letter)
                                        .arg(QLatin1String(view), describe(w), used[letter])));
                used[letter] = describe(w);
            }
        });
        for (const QAction *top : window()->menuBar()->actions()) { // and within each menu
            std::set<QChar> used;
            for (const QAction *a : top->menu()->actions()) {
                const QChar letter = mnemonicOf(a->text());
                QVERIFY2(letter.isNull() || used.insert(letter).second, qPrintable(a->text()));
            }
        }
    }

    /// Alt and a letter act at once, whatever has the focus.
    void lettersActAtTheFirstPress()
    {
        if (!onX11())
            QSKIP("needs a window that is active");
        show(ViewId::Aim);
        QWidget *buddy = nullptr;
        for (const QLabel *label : visibleView()->findChildren<QLabel *>())
            if (label->buddy() && mnemonicOf(label->text()) == QLatin1Char('L'))
                buddy = label->buddy();
        QVERIFY(buddy);
        m_rig.action()->setFocus();
        QTest::keyClick(window(), Qt::Key_L, Qt::AltModifier);
        QVERIFY(buddy->hasFocus());
    }

    void theBusTellsWhatTheEyeSees()
    {
        measure(true);
        inEveryView([&](const char *view) {
            std::vector<QAccessibleInterface *> tree;
            collect(QAccessible::queryAccessibleInterface(window()), tree);
            QVERIFY(tree.size() > 40);
            for (QAccessibleInterface *i : tree) {
                const QString name = i->text(QAccessible::Name);
                QVERIFY2(!name.contains(QLatin1Char('&')), qPrintable(name));
                if (i->state().focusable && !i->state().invisible && i->object() &&
                    i->object()->isWidgetType() && i->role() != QAccessible::Pane &&
                    i->role() != QAccessible::Client)
                    QVERIFY2(!name.isEmpty(),
                             qPrintable(QStringLiteral("%1 in %2")
                                            .arg(describe(static_cast<QWidget *>(i->object())),
                                                 QLatin1String(view))));
            }
        });
        // Desk: each display with its state and age.
        for (int i = 0; i < 3; ++i) {
            auto *card = window()->findChild<DeskCard *>(QStringLiteral("deskCard%1").arg(i));
            QAccessibleInterface *a = QAccessible::queryAccessibleInterface(card);
            const DeskModel model = deskModel(m_rig.state());
            QCOMPARE(a->text(QAccessible::Name), model.displays[i].name);
            QVERIFY(a->text(QAccessible::Description).contains(model.displays[i].verdict));
            QVERIFY(a->text(QAccessible::Description).contains(model.displays[i].age));
            QCOMPARE(bool(a->state().checked), i == 0);
        }
        // Ledger: every cell of every row, and each row as one sentence.
        auto *ledger = window()->findChild<QTableView *>(QStringLiteral("ledger"));
        QAccessibleTableInterface *table =
            QAccessible::queryAccessibleInterface(ledger)->tableInterface();
        QVERIFY(table);
        QCOMPARE(table->rowCount(), ledger->model()->rowCount());
        for (int row = 0; row < table->rowCount(); ++row) {
            const QString whole = table->cellAt(row, 0)->text(QAccessible::Name);
            for (int c = 1; c < table->columnCount(); ++c) {
                const QString cell = table->cellAt(row, c)->text(QAccessible::Name);
                QVERIFY(!cell.isEmpty());
                QVERIFY2(whole.contains(cell), qPrintable(whole + QStringLiteral(" | ") + cell));
            }
        }
        // Patches, curves and the dial: with their figures.
        show(ViewId::Accuracy);
        auto *fields = window()->findChild<MatchFields *>(QStringLiteral("matchFields"));
        const auto proved = m_rig.state().shown().validation; // a copy: views leave runs
        QVERIFY(proved.has_value());
        const std::vector<ValidatedPatch> &patches = proved->patches;
        for (const ValidatedPatch &p : patches)
            QVERIFY(fields->accessibleDescription().contains(
                QString::fromStdString(p.aimed.reference.name)));
        QCOMPARE(fields->accessibleDescription().count(QStringLiteral("ΔE00")),
                 qsizetype(patches.size()));
        for (const ViewId view : {ViewId::Tone, ViewId::Gamut, ViewId::Accuracy}) {
            show(view);
            for (const Plot *plot : visibleView()->findChildren<Plot *>()) {
                if (!plot->isVisible())
                    continue;
                QVERIFY(!plot->accessibleName().isEmpty());
                QVERIFY2(plot->accessibleDescription().count(QLatin1Char(';')) > 3,
                         qPrintable(plot->accessibleDescription()));
            }
        }
        show(ViewId::White);
        const QString dial = window()->findChild<WhiteDial *>()->accessibleDescription();
        QVERIFY2(dial.contains(QStringLiteral("from the aim in Δu'v'")), qPrintable(dial));
        QVERIFY2(dial.contains(QLatin1String("towards")), qPrintable(dial));
    }

    void anErrorHasWeightAndIsAnnounced()
    {
        auto *bar = window()->findChild<NoticeBar *>();
        const QSignalSpy alerts(bar, &NoticeBar::announced);
        emit window()->intents()->failed(QStringLiteral("The file is broken."));
        QVERIFY(m_rig.waitFor([&] { return bar->isVisible(); }));
        QCOMPARE(alerts.size(), 1);
        QCOMPARE(alerts[0][0].toString(), QStringLiteral("Problem: The file is broken."));
        QCOMPARE(bar->accessibleName(), QStringLiteral("Problem: The file is broken."));
        QCOMPARE(QAccessible::queryAccessibleInterface(bar)->role(), QAccessible::AlertMessage);
        const auto *text = bar->findChild<QLabel *>(QStringLiteral("notice"));
        QVERIFY(text->font().bold() || text->font().weight() >= QFont::DemiBold);
        QVERIFY(text->font().pointSizeF() > QApplication::font().pointSizeF());
        QVERIFY(bar->mapTo(window(), QPoint(0, 0)).y() < window()->height() / 5);
        QTest::mouseClick(bar->findChild<QToolButton *>(QStringLiteral("hideNotice")),
                          Qt::LeftButton);
        QVERIFY(m_rig.waitFor([&] { return !bar->isVisible(); }));
        emit window()->intents()->told(QStringLiteral("It is done."));
        QVERIFY(m_rig.waitFor([&] { return bar->isVisible(); }));
        QVERIFY(text->font().weight() < QFont::DemiBold);
        QCOMPARE(alerts.back()[0].toString(), QStringLiteral("It is done."));
        emit window()->intents()->noticeDismissed();
    }

    void fitsTheScreen_data()
    {
        QTest::addColumn<QSize>("size");
        QTest::newRow("1280x800 under a title bar") << QSize(1280, 740);
        QTest::newRow("1024x768 under a title bar") << QSize(1024, 710);
        QTest::newRow("1920x1080 at 150 %") << QSize(1280, 690);
        QTest::newRow("1920x1080 at 200 %") << QSize(960, 510);
        QTest::newRow("small") << QSize(640, 400);
    }
    /// What has to be pressed next and what ends a run can be reached at any size.
    void fitsTheScreen()
    {
        QFETCH(QSize, size);
        const QSize before = window()->size();
        window()->resize(size);
        QVERIFY(m_rig.waitFor([&] { return window()->size() == size; }));
        auto *scroll = window()->findChild<QScrollArea *>(QStringLiteral("content"));
        const bool scrolls = scroll->horizontalScrollBar()->maximum() > 0 ||
                             scroll->verticalScrollBar()->maximum() > 0;
        QCOMPARE(scrolls, size.width() < 1000 || size.height() < 600);
        m_rig.action()->setFocus(Qt::TabFocusReason);
        scroll->ensureWidgetVisible(m_rig.action());
        QVERIFY2(!m_rig.action()->visibleRegion().isEmpty(), "main action");
        if (!scrolls) {
            const QRect action(m_rig.action()->mapTo(window(), QPoint(0, 0)),
                               m_rig.action()->size());
            QVERIFY(window()->rect().contains(action));
            QCOMPARE(m_rig.action()->visibleRegion().boundingRect(), m_rig.action()->rect());
        }
        // No text is squeezed, and no view has to be moved sideways.
        inEveryView([&](const char *view) {
            QString squeezed;
            QVERIFY2(m_rig.waitFor([&] {
                squeezed = squeezedLabel();
                return squeezed.isEmpty();
            }),
                     qPrintable(QLatin1String(view) + QStringLiteral(": ") + squeezed));
            const auto *page = visibleView()->findChild<QScrollArea *>();
            if (size.width() >= 1024)
                QVERIFY2(page->horizontalScrollBar()->maximum() == 0, view);
        });
        window()->resize(before);
        QVERIFY(m_rig.waitFor([&] { return window()->size() == before; }));
    }

    /// The one window beside it leaves messages, the main action and the patch to be seen.
    void theDialogKeepsClear()
    {
        emit window()->intents()->failed(QStringLiteral("Something."));
        for (QAction *a : window()->findChildren<QAction *>())
            if (a->text().contains(QLatin1String("&better meter")))
                a->trigger();
        auto *dialog = window()->findChild<QWidget *>(QStringLiteral("correctionDialog"));
        QVERIFY(dialog && m_rig.waitFor([&] {
            return dialog->isVisible() && window()->findChild<NoticeBar *>()->isVisible();
        }));
        settle();
        const auto placeOf = [](const QWidget *w) {
            return QRect(w->mapToGlobal(QPoint(0, 0)), w->size());
        };
        for (const QRect &kept :
             {placeOf(m_rig.action()), placeOf(window()->findChild<NoticeBar *>()),
              m_rig.demo->patchWindow()->geometry()})
            QVERIFY(!dialog->frameGeometry().intersects(kept));
        dialog->close();
        emit window()->intents()->noticeDismissed();
    }

    void opensNoLargerThanItsScreen()
    {
        WindowRig other;
        MainWindow *w = other.window.get();
        w->resize(5000, 4000);
        w->hide();
        w->show();
        const QRect screen = w->screen()->availableGeometry();
        QVERIFY2(other.waitFor([&] { return screen.contains(w->frameGeometry()); }),
                 qPrintable(QStringLiteral("%1 x %2").arg(w->width()).arg(w->height())));
    }

private:
    static void wholeRun()
    {
        QTest::addColumn<bool>("measured");
        QTest::newRow("before anything is measured") << false;
        QTest::newRow("after a run") << true;
    }
    void measure(bool wanted)
    {
        if (!wanted || m_measured)
            return;
        QVERIFY(m_rig.pressUntil(Stage::Done));
        m_measured = true;
    }
};

static const Register<AccessTest> registered("AccessTest");

} // namespace lantern::test

#include "access_test.moc"
