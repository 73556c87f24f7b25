#include "app/window/logbook_gate.h"

#include "run/book/in_words.h"
#include "run/logbook/rescue.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QMessageBox>
#include <QPushButton>

namespace lantern::app {

namespace {

struct Gate {
    Q_DECLARE_TR_FUNCTIONS(LogbookGate)
};

bool mayTakeOver(const run::LockedError &e)
{
    return QMessageBox::question(nullptr, Gate::tr("The logbook is locked"),
                                 Gate::tr("%1\n\nTake it over?").arg(run::inWords(e)),
                                 QMessageBox::Yes | QMessageBox::No,
                                 QMessageBox::No) == QMessageBox::Yes;
}

bool mayRescue(const QString &logbook)
{
    QMessageBox box(QMessageBox::Warning, Gate::tr("The logbook is damaged"),
                    Gate::tr("%1 is damaged: a failing disk, or it was cut off.\n\nWhat it still "
                             "holds can be put into a new one that takes its place; the damaged "
                             "one stays beside it.")
                        .arg(logbook));
    QPushButton *rescue = box.addButton(Gate::tr("&Rescue it"), QMessageBox::AcceptRole);
    QPushButton *leave = box.addButton(Gate::tr("&Leave it"), QMessageBox::RejectRole);
    rescue->setObjectName(QStringLiteral("rescueLogbook"));
    leave->setObjectName(QStringLiteral("leaveLogbook"));
    box.setDefaultButton(rescue);
    box.setEscapeButton(leave);
    box.exec();
    return box.clickedButton() == rescue;
}

void tell(const run::Replaced &r)
{
    QStringList parts = {Gate::tr("Runs in the new logbook: %1.").arg(r.report.rescued)};
    const auto add = [&](const std::vector<run::LeftRun> &runs, const QString &what) {
        if (runs.empty())
            return;
        constexpr qsizetype kMost = 8;
        QStringList named;
        for (const run::LeftRun &run : runs)
            named << run.run + QStringLiteral(": ") + run::inWords(run.problem);
        parts << what.arg(named.size()) + QLatin1Char('\n') +
                     named.mid(0, kMost).join(QLatin1Char('\n')) +
                     (named.size() > kMost ? QStringLiteral("\n…") : QString());
    };
    add(r.report.hurt, Gate::tr("With losses, %1:"));
    add(r.report.lost, Gate::tr("Lost, %1:"));
    if (!r.homeless.isEmpty())
        parts << Gate::tr("Readings of lost runs are in %1.").arg(r.homeless);
    parts << Gate::tr("The damaged one is kept as %1.").arg(r.kept);
    QMessageBox::information(nullptr, Gate::tr("The logbook was rescued"),
                             parts.join(QStringLiteral("\n\n")));
}

/// Opens it once, as a run would. A log beside it was left by a crash or a power cut: then every
/// page is looked at.
bool opensWhole(const QString &logbook)
{
    const bool crashed = QFileInfo(logbook + QStringLiteral("-wal")).size() > 0;
    try {
        run::Logbook probe(logbook, run::Logbook::Access::Write);
        return !crashed || probe.isWhole();
    } catch (const run::LockedError &) {
        throw;
    } catch (const run::DamagedError &) {
        return false;
    }
}

} // namespace

bool isReadyForUse(const QString &logbook)
{
    bool whole = false;
    try {
        whole = opensWhole(logbook);
    } catch (const run::LockedError &e) {
        if (e.holder == run::LockedError::Holder::Here)
            throw;
        if (!mayTakeOver(e))
            return false;
        run::Logbook::takeOver(logbook);
        whole = opensWhole(logbook);
    }
    if (whole)
        return true;
    if (!mayRescue(logbook))
        return false;
    tell(run::rescueInPlace(logbook));
    return true;
}

} // namespace lantern::app
