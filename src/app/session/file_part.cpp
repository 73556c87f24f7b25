#include "app/session/file_part.h"

#include "app/state/wording.h"
#include "core/base/json_object.h"
#include "core/reading/readings_file.h"
#include "core/report/report.h"
#include "run/book/in_words.h"
#include "run/book/readings_profile.h"
#include "run/file/files.h"

#include <QFileInfo>

namespace lantern::app {

FilePart::FilePart(QObject *parent)
    : QObject(parent), m_work([this](const Outcome &outcome) {
          if (outcome.isProblem)
              emit failed(outcome.text);
          else
              emit told(outcome.text);
      })
{}

void FilePart::makeProfile(const QString &readings, const QString &out,
                           const run::ProfileForm &form)
{
    emit told(tr("A profile is being built from %1…").arg(QFileInfo(readings).fileName()));
    m_work.start([readings, out, form]() -> Outcome {
        try {
            const std::string source = readings.toStdString();
            const ReadingSet set = readingsFromCgats(run::readFile(readings).toStdString(), source);
            const run::ReadingsProfile made =
                run::profileFromReadings(set, form, {}, std::nullopt, source);
            run::writeFile(out, QByteArray(reinterpret_cast<const char *>(made.built.icc.data()),
                                           static_cast<qsizetype>(made.built.icc.size())));
            return {tr("%1 was made from %n reading(s); it differs from them by ΔE00 %2 in the "
                       "mean.",
                       nullptr, static_cast<int>(set.readings.size()))
                        .arg(out, QLocale().toString(made.built.meanResidual, 'f', 2))};
        } catch (const Error &e) {
            return {run::inWords(e), true};
        }
    });
}

void FilePart::recheck(const QString &report)
{
    emit told(tr("The figures of %1 are being computed anew…").arg(QFileInfo(report).fileName()));
    m_work.start([report]() -> Outcome {
        try {
            const std::string source = report.toStdString();
            const auto figures =
                recheckReport(parseJson(run::readFile(report).toStdString(), source), source);
            QStringList differing;
            for (const RecheckedFigure &f : figures)
                if (!f.agrees())
                    differing << QString::fromStdString(f.name);
            if (!differing.isEmpty())
                return {tr("%1: %n of its figures do not follow from its readings: %2. Somebody "
                           "has changed it, or it was damaged.",
                           nullptr, static_cast<int>(differing.size()))
                            .arg(report, differing.mid(0, 5).join(QStringLiteral(", "))),
                        true};
            return {tr("%1: all %n figures follow from its readings.", nullptr,
                       static_cast<int>(figures.size()))
                        .arg(report)};
        } catch (const Error &e) {
            return {run::inWords(e), true};
        }
    });
}

} // namespace lantern::app
