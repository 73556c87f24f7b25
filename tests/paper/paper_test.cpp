#include "core/base/error.h"
#include "paper/diagram_file.h"
#include "paper/report_pages.h"
#include "run/book/studio.h"
#include "run/file/files.h"
#include "runner.h"

#include <QFile>
#include <QImage>
#include <QPainter>
#include <QProcess>
#include <QTemporaryDir>

namespace lantern::test {

/// Reports on pages and diagrams as files, taken apart by general tools.
class PaperTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;

    [[nodiscard]] QString path(const char *name) const
    {
        return m_folder.filePath(QLatin1String(name));
    }
    static QString output(const QString &program, const QStringList &arguments)
    {
        QProcess process;
        process.start(program, arguments);
        process.waitForFinished(60'000);
        return process.exitCode() == 0
                   ? QString::fromUtf8(process.readAllStandardOutput())
                   : QStringLiteral("failed: ") + QString::fromUtf8(process.readAllStandardError());
    }
    static QString cli(const QStringList &arguments)
    {
        return output(QStringLiteral(LANTERN_CLI), arguments);
    }
    [[nodiscard]] QString report(const char *name, QStringList more = {}) const
    {
        more << QStringLiteral("--run") << path("run") << QStringLiteral("--out") << path(name);
        const QString said = cli(QStringList{QStringLiteral("report")} + more);
        return said.startsWith(QLatin1String("failed")) ? said : QString();
    }
    [[nodiscard]] int pagesOf(const char *name) const
    {
        const QString info = output(QStringLiteral("pdfinfo"), {path(name)});
        const auto match = QRegularExpression(QStringLiteral("Pages:\\s+(\\d+)")).match(info);
        return match.captured(1).toInt();
    }
    [[nodiscard]] QString textOf(const char *name) const
    {
        return output(QStringLiteral("pdftotext"),
                      {QStringLiteral("-layout"), path(name), QStringLiteral("-")});
    }

private slots:
    void initTestCase()
    {
        const QString said =
            cli({QStringLiteral("run"), QStringLiteral("--display"),
                 QStringLiteral(LANTERN_DEMO "/north-desk.json"), QStringLiteral("--out"),
                 path("run"), QStringLiteral("--chart"), QStringLiteral("48")});
        QVERIFY2(!said.startsWith(QLatin1String("failed")), qPrintable(said));
    }

    void theLongFormHasEverything()
    {
        QImage logo(40, 20, QImage::Format_RGB32);
        logo.fill(Qt::darkGreen);
        QVERIFY(logo.save(path("logo.png")));
        const QString problem =
            report("long.pdf", {QStringLiteral("--studio"), QStringLiteral("Salt & <b>Marsh</b>"),
                                QStringLiteral("--text"), QStringLiteral("Plate room"),
                                QStringLiteral("--logo"), path("logo.png")});
        QVERIFY2(problem.isEmpty(), qPrintable(problem));
        const QString text = textOf("long.pdf");
        for (const char *words :
             {"Salt & <b>Marsh</b>", "Plate room", "Colour accuracy", "Monitor settings",
              "Readings of the chart", "Error roses", "SM27-0042", "page 1 of"})
            QVERIFY2(text.contains(QLatin1String(words)), words);
        const int pages = pagesOf("long.pdf");
        QVERIFY(pages >= 5);
        QVERIFY(text.contains(QStringLiteral("page %1 of %1").arg(pages)));
        // Every reading is there, with its number.
        const Json json = parseJson(
            [&] {
                (void)report("r.json");
                return run::readFile(path("r.json")).toStdString();
            }(),
            "r.json");
        const auto &last = json["readings"]["chart"].back();
        const QString y = QString::number(last[4].get<double>(), 'f', 4);
        QVERIFY2(text.contains(y), qPrintable(y));
        // Real fonts, all within the file; the logo is its only picture.
        const QString fonts = output(QStringLiteral("pdffonts"), {path("long.pdf")});
        QVERIFY2(fonts.contains(QLatin1String("OpenSans")), qPrintable(fonts));
        for (const QString &line : fonts.split(QLatin1Char('\n')).mid(2))
            if (!line.trimmed().isEmpty())
                QVERIFY2(line.contains(QRegularExpression(QStringLiteral("\\byes\\s+(yes|no)"))),
                         qPrintable(line));
        const QString images =
            output(QStringLiteral("pdfimages"), {QStringLiteral("-list"), path("long.pdf")});
        QVERIFY2(images.trimmed().split(QLatin1Char('\n')).size() <= 3, qPrintable(images));
    }

    /// By a checker of its own, names with markup in them included.
    void thePageIsSoundHtml()
    {
        for (const char *form : {"long", "short"}) {
            const QString problem =
                report("page.html",
                       {QStringLiteral("--form"), QLatin1String(form), QStringLiteral("--studio"),
                        QStringLiteral("<script>alert(1)</script> & \"Sons\""),
                        QStringLiteral("--text"), QStringLiteral("]]> </p><b>")});
            QVERIFY2(problem.isEmpty(), qPrintable(problem));
            QProcess tidy;
            tidy.start(QStringLiteral("tidy"),
                       {QStringLiteral("-e"), QStringLiteral("-q"), path("page.html")});
            QVERIFY(tidy.waitForFinished(60'000));
            const QString said = QString::fromUtf8(tidy.readAllStandardError());
            QVERIFY2(tidy.exitCode() < 1, qPrintable(said));
            const QByteArray page = run::readFile(path("page.html"));
            QVERIFY(!page.contains("<script") && page.contains("&lt;script&gt;"));
        }
    }

    void theShortFormIsOnePage()
    {
        for (const char *page : {"a4", "letter"}) {
            const QString problem =
                report("short.pdf", {QStringLiteral("--form"), QStringLiteral("short"),
                                     QStringLiteral("--page"), QLatin1String(page),
                                     QStringLiteral("--studio"), QStringLiteral("Saltmarsh")});
            QVERIFY2(problem.isEmpty(), qPrintable(problem));
            QCOMPARE(pagesOf("short.pdf"), 1);
            const QString info = output(QStringLiteral("pdfinfo"), {path("short.pdf")});
            QVERIFY(info.contains(QLatin1String(page[0] == 'a' ? "(A4)" : "(letter)")));
            const QString text = textOf("short.pdf");
            QVERIFY(text.contains(QLatin1String("the aim: within")));
            QVERIFY(text.contains(QLatin1String("Tone curve")));
        }
    }

    void figuresAreRecomputedByAProgramOfItsOwn()
    {
        QVERIFY(report("figures.json").isEmpty() && report("colours.csv").isEmpty());
        const QString said =
            output(QStringLiteral("python3"), {QStringLiteral(LANTERN_INDEPENDENT),
                                               path("figures.json"), path("colours.csv")});
        QVERIFY2(said.contains(QLatin1String("72 colours")), qPrintable(said));
        // It would notice: one reading is another.
        QByteArray changed = run::readFile(path("figures.json"));
        Json json = parseJson(changed.toStdString(), "report");
        json["validation"]["patches"][3]["measured_xyz"][1] =
            json["validation"]["patches"][3]["measured_xyz"][1].get<double>() * 1.02;
        run::writeFile(path("figures.json"), QByteArray::fromStdString(json.dump()));
        QVERIFY(output(QStringLiteral("python3"), {QStringLiteral(LANTERN_INDEPENDENT),
                                                   path("figures.json"), path("colours.csv")})
                    .startsWith(QLatin1String("failed")));
    }

    void pagesInHtmlAreWellFormed()
    {
        QVERIFY(report("page.html").isEmpty());
        // As XML, once what HTML leaves open is closed: a parser that forgives nothing.
        QString html = QString::fromUtf8(run::readFile(path("page.html")));
        html.replace(QLatin1String("<!DOCTYPE html>"), QString());
        html.replace(QRegularExpression(QStringLiteral("<(meta|br|img)([^>]*)>")),
                     QStringLiteral("<\\1\\2/>"));
        html.replace(QLatin1String("&nbsp;"), QLatin1String(" "));
        run::writeFile(path("page.xml"), html.toUtf8());
        const QString said =
            output(QStringLiteral("python3"),
                   {QStringLiteral("-c"),
                    QStringLiteral("import sys,xml.dom.minidom as m; d=m.parse(sys.argv[1]);"
                                   "print(len(d.getElementsByTagName('svg')))"),
                    path("page.xml")});
        QCOMPARE(said.trimmed(), QStringLiteral("10"));
        QVERIFY(!html.contains(QLatin1String("http://")) ||
                html.count(QLatin1String("http://")) ==
                    html.count(QLatin1String("http://www.w3.org/2000/svg")));
    }

    void diagramsAreSavedInEveryKind()
    {
        for (const char *name : {"tone.svg", "tone.pdf", "tone.png", "tone.csv"}) {
            const QString said = cli({QStringLiteral("plot"), QStringLiteral("--run"), path("run"),
                                      QStringLiteral("--diagram"), QStringLiteral("tone"),
                                      QStringLiteral("--out"), path(name)});
            QVERIFY2(!said.startsWith(QLatin1String("failed")), qPrintable(said));
        }
        const QImage png(path("tone.png"));
        QCOMPARE(png.size(), QSize(2000, 1417));
        int dark = 0; // of the curve and its frame, on white
        for (int x = 0; x < png.width(); ++x)
            dark += qGray(png.pixel(x, png.height() / 2)) < 200 ? 1 : 0;
        QVERIFY2(dark > 3 && dark < png.width() / 10, qPrintable(QString::number(dark)));
        QVERIFY(textOf("tone.pdf").contains(QStringLiteral("aim · gamma 2.2")));
        QVERIFY(run::readFile(path("tone.csv")).startsWith("curve,"));
        const QString keys = cli({QStringLiteral("plot"), QStringLiteral("--run"), path("run")});
        QCOMPARE(keys.count(QLatin1Char('\n')), 10);
    }

    void whatCannotBeWrittenIsSaid()
    {
        const auto said = [&](const char *out, const char *diagram) {
            return cli({QStringLiteral("plot"), QStringLiteral("--run"), path("run"),
                        QStringLiteral("--diagram"), QLatin1String(diagram),
                        QStringLiteral("--out"), path(out)});
        };
        QVERIFY(said("x.gif", "tone").contains(QLatin1String(".svg, .pdf, .png or .csv")));
        QVERIFY(said("x.svg", "tones").contains(QLatin1String("There are: tone")));
        QVERIFY(report("x.doc").contains(QLatin1String(".pdf, .html")));
        QVERIFY(cli({QStringLiteral("report"), QStringLiteral("--run"), path("nowhere"),
                     QStringLiteral("--out"), path("x.pdf")})
                    .contains(QLatin1String("is not there")));
        run::writeFile(path("logo.png"), "no picture");
        QVERIFY(report("x.pdf", {QStringLiteral("--logo"), path("logo.png")})
                    .contains(QLatin1String("PNG, JPEG or SVG")));
    }

    void theStudioIsKept()
    {
        run::ReportStyle style;
        style.letter = true;
        style.studio = {"Salt & Marsh", "two\nlines", std::string("\x89PNG\r\n\x1a\n\x00", 9),
                        "image/png"};
        run::writeReportStyle(path("studio.json"), style);
        QVERIFY(run::readReportStyle(path("studio.json")) == style);
        QVERIFY(run::readReportStyle(path("none.json")) == run::ReportStyle{});
        run::writeFile(path("studio.json"), "{\"format\": 3}");
        QVERIFY_THROWS_EXCEPTION(Error, (void)run::readReportStyle(path("studio.json")));
    }
};

static const Register<PaperTest> registered("PaperTest");

} // namespace lantern::test

#include "paper_test.moc"
