// The workshop: units that go through one recipe one after another; and patches on other devices.

#include "app/session/session.h"
#include "app/state/ledger_rows.h"
#include "app/workplace/pages_workplace.h"
#include "core/base/error.h"
#include "paper/report_pages.h"
#include "run/book/in_words.h"
#include "run/book/output_files.h"
#include "run/file/files.h"

#include <QDir>

#include <algorithm>

namespace lantern::app {

using run::Activity;
using run::RunKind;

/// The displays with their places on the desktop, both of the same moment; the one that a unit of
/// the workshop hangs on is that unit.
std::vector<DisplayCard> Session::readDisplays() const
{
    std::vector<DisplayCard> cards = m_workplace->displays();
    for (size_t i = 0; i < cards.size(); ++i) {
        cards[i].place = m_workplace->screenOf(static_cast<int>(i));
        if (!m_unit.isEmpty() && cards[i].id == m_unitOf) {
            cards[i].id = QString::fromStdString(run::unitDisplayId(m_unit));
            cards[i].name = tr("Unit %1").arg(m_unit);
            cards[i].serial = m_unit;
        }
    }
    return cards;
}

/// Facts of a new run on the selected display.
run::RunSetup Session::facts() const
{
    run::RunSetup setup = m_workplace->setup(m_selected);
    if (!m_unit.isEmpty()) {
        setup.displayId = run::unitDisplayId(m_unit);
        setup.displayName = setup.displayName + " " + m_unit.toStdString();
        setup.serial = m_unit.toStdString();
        if (m_batch.state().batch)
            setup.batch = m_batch.state().batch->key.toStdString();
    }
    return setup;
}

void Session::beginBatch(const BatchWish &wish)
{
    const QString name = wish.name.simplified();
    if (name.isEmpty() || wish.folder.isEmpty()) {
        setProblem(name.isEmpty() ? tr("Give the batch a name first.")
                                  : tr("Choose the folder for the batch's reports first."));
        return;
    }
    attempt([&] {
        run::RunSetup setup = m_workplace->setup(m_selected);
        setup.aim = m_aim.state().aim;
        m_aim.state().measure.applyTo(setup);
        m_aim.state().profileForm.applyTo(setup);
        m_proof.state().proof.applyTo(setup, 1);
        run::Batch batch;
        batch.begunAt = QDateTime::fromString(QString::fromStdString(now()), Qt::ISODate);
        batch.key = QStringLiteral("%1 %2").arg(
            batch.begunAt.toString(QStringLiteral("yyyyMMdd-HHmmss")), name);
        batch.name = name;
        batch.recipe = run::Recipe::of(setup);
        batch.recipe.retries = wish.retries;
        batch.recipe.longReport = wish.longReport;
        batch.folder = wish.folder;
        batch.referenceUnit = run::serialOf(wish.referenceUnit);
        batch.referenceEvery = wish.referenceEvery;
        run::makeFolder(batch.folder); // told now, not after the first unit
        m_batch.begin(batch);
        m_notice.clear();
    });
}

void Session::closeBatch()
{
    if (!mayLeaveUnit())
        return;
    attempt([this] {
        m_batch.close();
        m_unitDisplayGone = false;
        leaveUnit();
    });
}

void Session::reopenBatch(const QString &key)
{
    if (!mayLeaveUnit())
        return;
    attempt([&] {
        leaveUnit();
        m_batch.reopen(key);
    });
}

void Session::enterSerial(const QString &typed, bool atOnce)
{
    attempt([&] {
        const QString serial = run::serialOf(typed);
        if (serial.isEmpty() || !m_batch.state().batch)
            return;
        m_batch.add(serial);
        const bool isFree =
            !state().isMeasuring() &&
            (!state().hasRun() || m_run.state().status.activity == Activity::Finished);
        const BatchState &b = m_batch.state();
        const bool isDue = b.batchTable && run::isReferenceDue(*b.batchTable, *b.batch);
        if (atOnce && isFree && !isDue && !m_unitBegins && b.batch->onBench.isEmpty() &&
            b.batch->queue.size() == 1)
            measureUnit(serial);
    });
}

void Session::takeSerialOut(const QString &serial)
{
    attempt([&] { m_batch.takeOut(serial); });
}

/// Why not is told.
bool Session::mayLeaveUnit()
{
    if (m_tune.state().keepingTune) {
        sayTuneIsMade();
        return false;
    }
    if (!state().isMeasuring() &&
        (!state().hasRun() || m_run.state().status.activity == Activity::Finished))
        return true;
    setProblem(tr("A run is under way. Finish or stop it first."));
    return false;
}

/// Whether there is a display for the next unit. Why not is told.
bool Session::mayTakeUnit()
{
    if (m_unitDisplayGone)
        setProblem(tr("The display that the last unit was connected as is gone. Connect the next "
                      "unit, or choose the display that it is."));
    return !m_unitDisplayGone && mayLeaveUnit();
}

void Session::measureUnit(const QString &serial)
{
    const BatchState &b = m_batch.state();
    if (!b.batch || serial.isEmpty() || !mayTakeUnit())
        return;
    leaveFinishedRun();
    attempt([&] {
        m_batch.putOnBench(serial);
        becomeUnit(serial, UnitTask::Run);
    });
}

void Session::readReferenceUnit()
{
    const auto &batch = m_batch.state().batch;
    if (!batch || batch->referenceUnit.isEmpty() || !mayTakeUnit())
        return;
    leaveFinishedRun();
    attempt([&] {
        m_batch.putOnBench({});
        becomeUnit(batch->referenceUnit, UnitTask::Reference);
    });
}

/// The unit hangs on the selected display's output; what is to be done begins once the logbook has
/// told what there is of it.
void Session::becomeUnit(const QString &serial, UnitTask task)
{
    const QString output = m_unit.isEmpty() ? m_displays.at(m_selected).id : m_unitOf;
    if (m_unit != serial)
        leaveUnit();
    m_unitOf = output;
    m_unit = serial;
    m_workplace->attachUnit(m_selected, serial);
    m_displays = readDisplays();
    selectDisplay(m_selected);
    m_unitTask = task;
    m_unitBegins = true;
    m_view = ViewId::Workshop;
    publish();
}

/// The display is itself again; the unit keeps what was made for it, this computer does not.
void Session::leaveUnit()
{
    m_unitBegins = false;
    if (m_unit.isEmpty())
        return;
    const auto card = std::ranges::find(
        m_displays, QString::fromStdString(run::unitDisplayId(m_unit)), &DisplayCard::id);
    const bool isHere = card != m_displays.end();
    const auto index = static_cast<int>(card - m_displays.begin());
    m_unit.clear();
    if (isHere) {
        attempt([&] { m_workplace->giveUpInstalled(index); });
        m_workplace->attachUnit(index, {});
    }
    m_displays = readDisplays();
    if (isHere && index == m_selected) {
        const ViewId view = m_view;
        selectDisplay(index);
        m_view = view;
    }
    publish();
}

void Session::beginUnit()
{
    const auto &batch = m_batch.state().batch;
    if (!batch || m_unit.isEmpty())
        return;
    if (m_unitTask == UnitTask::Reference) {
        m_pictureMode = tr("reference unit").toStdString();
        m_viewAfter = ViewId::Workshop;
        if (!beginErrand(RunKind::Mode))
            m_viewAfter.reset();
        return;
    }
    if (m_history.state().unfinishedRun) {
        resumeOldRun();
        return;
    }
    if (m_run.isBeginning())
        return;
    attempt([&] {
        run::RunSetup setup = setupWithMeter();
        batch->recipe.applyTo(setup);
        setup.startedAt = now();
        setup.skipped = m_checklist.openPoints(); // the report says so
        m_checklist.confirm(true);
        if (giveToRun())
            m_run.begin(setup);
    });
}

/// The run of a unit is complete: its report is written; what comes next is known with the table.
void Session::finishUnit()
{
    const run::RunResults results = m_run.state().results;
    const auto &batch = m_batch.state().batch;
    m_view = ViewId::Workshop;
    if (!batch || results.setup.batch != batch->key.toStdString())
        return;
    attempt([&] {
        const QString folder =
            run::reportFolder(*batch, QString::fromStdString(results.setup.serial));
        writeReport(results, folder,
                    batch->recipe.longReport ? ReportForm::Long : ReportForm::Short);
        m_reportFolder = folder;
    });
    m_unitJudged = true;
    m_batch.outdate();
}

void Session::onBatchKnown()
{
    if (!std::exchange(m_unitJudged, false))
        return;
    const BatchState &b = m_batch.state();
    const run::BatchUnit *unit = b.batchTable->unit(m_unit);
    if (!unit || !b.batch)
        return;
    if (!unit->isFinished) { // the table is of before
        m_unitJudged = true;
        return;
    }
    attempt([this] { m_batch.writeTable(); });
    if (unit->call == Call::Over &&
        unit->attempts - b.batch->runsBefore <= b.batch->recipe.retries) {
        setNotice(tr("Unit %1 is not within its limits and is measured once more.").arg(m_unit));
        leaveFinishedRun();
        m_unitTask = UnitTask::Run;
        m_unitBegins = true; // once the logbook is read
        return;
    }
    const QString done = m_unit;
    attempt([this] { m_batch.putOnBench({}); });
    const QString told =
        tr("Unit %1: %2. Its report is in %3.")
            .arg(done, markWord(markOf(unit->call)), QDir::toNativeSeparators(m_reportFolder));
    if (unit->call == Call::Over)
        setProblem(told);
    else
        setNotice(told);
}

void Session::writeReport(const run::RunResults &results, const QString &folder,
                          const std::optional<ReportForm> &form)
{
    run::makeFolder(folder);
    run::writeOutputs(results, folder, m_reportStyle.studio);
    ReportData report = run::reportData(results);
    report.studio = m_reportStyle.studio;
    const auto page = m_reportStyle.letter ? QPageSize::Letter : QPageSize::A4;
    if (form != ReportForm::Short)
        paper::writeReportPdf(folder + QStringLiteral("/report.pdf"), report, ReportForm::Long,
                              page);
    if (form != ReportForm::Long)
        paper::writeReportPdf(folder + QStringLiteral("/report-short.pdf"), report,
                              ReportForm::Short, page);
}

// Patches on other devices

void Session::servePages(const QString &address, int port)
{
    remote::PatchServer *server = m_workplace->patchServer();
    if (!server)
        return;
    attempt([&] {
        const QHostAddress host(address);
        if (host.isNull() || port < 1024 || port > 65535)
            throw Error(ErrorKind::BadInput, address.toStdString(),
                        "is no address with a port from 1024 to 65535");
        server->open(host, static_cast<quint16>(port));
    });
    publish();
}

void Session::closePages()
{
    const bool onPage =
        m_selected < static_cast<int>(m_displays.size()) && isPage(m_displays[m_selected]);
    if (onPage && !mayLeaveUnit())
        return;
    if (remote::PatchServer *server = m_workplace->patchServer())
        server->close();
    publish();
}

void Session::renamePage(const QString &id, const QString &name)
{
    if (remote::PatchServer *server = m_workplace->patchServer())
        attempt([&] { server->rename(id, name); });
}

void Session::forgetPage(const QString &id)
{
    if (state().isMeasuring()) {
        setProblem(tr("A run is under way. Finish or stop it first."));
        return;
    }
    if (remote::PatchServer *server = m_workplace->patchServer())
        attempt([&] { server->forget(id); });
}

/// Devices came, went, or tell something else of their screens.
void Session::onPages()
{
    m_displays = readDisplays();
    publish();
}

PagesState Session::pagesState() const
{
    PagesState p;
    const remote::PatchServer *server = m_workplace->patchServer();
    if (!server)
        return p;
    p.mayServe = true;
    p.ownAddresses = m_ownAddresses;
    p.pageUrl = server->url().toString();
    p.pairingCode = server->code();
    for (const remote::PageDevice &d : server->devices())
        p.pageDevices.push_back({d.id, d.name, d.isConnected, d.facts.isVisible,
                                 d.facts.fillsScreen, d.facts.pixels, d.facts.ratio, d.facts.gamut,
                                 d.roundTripMs});
    return p;
}

} // namespace lantern::app
