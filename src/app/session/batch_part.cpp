#include "app/session/batch_part.h"

#include "core/base/error.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <QFileInfo>

#include <algorithm>

namespace lantern::app {

BatchPart::BatchPart(QString logbookPath, const QString &folder, QObject *parent)
    : QObject(parent), m_path(std::move(logbookPath)), m_shelf(folder), m_work([this](Read read) {
          if (read.table)
              m_state.batchTable = read.table;
          emit changed();
          if (!read.problem.isEmpty())
              emit failed(read.problem);
          else
              emit known();
      })
{
    QStringList broken;
    m_state.batches = m_shelf.all(&broken);
    m_problem = broken.join(QLatin1Char('\n'));
    const auto open = std::ranges::find(m_state.batches, false, &run::Batch::isClosed);
    if (open != m_state.batches.end())
        m_state.batch = *open;
}

void BatchPart::outdate()
{
    if (!m_state.batch)
        return;
    m_work.start([path = m_path, batch = *m_state.batch]() -> Read {
        try {
            if (!QFileInfo::exists(path))
                return {std::make_shared<const run::BatchTable>(), {}};
            run::Logbook logbook(path, run::Logbook::Access::Read);
            return {std::make_shared<const run::BatchTable>(run::batchTable(logbook, batch)), {}};
        } catch (const Error &e) {
            return {nullptr, run::inWords(e)};
        }
    });
}

run::Batch BatchPart::open() const
{
    if (!m_state.batch)
        throw Error(ErrorKind::BadInput, "the workshop", "has no batch that is open");
    return *m_state.batch;
}

void BatchPart::keep(const run::Batch &batch)
{
    m_shelf.keep(batch);
    const auto kept = std::ranges::find(m_state.batches, batch.key, &run::Batch::key);
    if (kept == m_state.batches.end())
        m_state.batches.insert(m_state.batches.begin(), batch);
    else
        *kept = batch;
    m_state.batch = batch.isClosed ? std::nullopt : std::optional(batch);
    if (batch.isClosed)
        m_state.batchTable.reset();
    emit changed();
    outdate();
}

void BatchPart::begin(run::Batch batch)
{
    batch.queue.clear();
    batch.onBench.clear();
    batch.isClosed = false;
    m_state.batchTable.reset();
    keep(batch);
}

void BatchPart::close()
{
    run::Batch batch = open();
    batch.onBench.clear();
    batch.isClosed = true;
    keep(batch);
}

void BatchPart::reopen(const QString &key)
{
    const auto kept = std::ranges::find(m_state.batches, key, &run::Batch::key);
    if (kept == m_state.batches.end())
        return;
    if (m_state.batch && m_state.batch->key != key)
        close();
    run::Batch batch = *std::ranges::find(m_state.batches, key, &run::Batch::key);
    batch.isClosed = false;
    m_state.batchTable.reset();
    keep(batch);
}

void BatchPart::add(const QString &typed)
{
    const QString serial = run::serialOf(typed);
    run::Batch batch = open();
    if (serial.isEmpty() || batch.queue.contains(serial))
        return;
    if (serial == batch.referenceUnit)
        throw Error(ErrorKind::BadInput, serial.toStdString(),
                    "is the reference unit, which watches the meter and is not of the batch");
    batch.queue << serial;
    keep(batch);
}

void BatchPart::takeOut(const QString &serial)
{
    run::Batch batch = open();
    const bool wasOnBench = batch.onBench == serial;
    if (wasOnBench)
        batch.onBench.clear();
    if (batch.queue.removeAll(serial) > 0 || wasOnBench)
        keep(batch);
}

void BatchPart::putOnBench(const QString &serial)
{
    run::Batch batch = open();
    batch.queue.removeAll(serial);
    if (batch.onBench != serial) {
        const run::BatchUnit *known =
            m_state.batchTable ? m_state.batchTable->unit(serial) : nullptr;
        // An unfinished run is gone on with and is the first.
        batch.runsBefore =
            known && known->attempts > 0 ? known->attempts - (known->isFinished ? 0 : 1) : 0;
    }
    batch.onBench = serial;
    keep(batch);
}

void BatchPart::writeTable() const
{
    if (!m_state.batch || !m_state.batchTable)
        return;
    run::makeFolder(m_state.batch->folder);
    run::writeFile(m_state.batch->folder + QStringLiteral("/batch.csv"),
                   run::batchTableToCsv(*m_state.batchTable, *m_state.batch));
}

} // namespace lantern::app
