#include "app/session/run_part.h"

namespace lantern::app {

RunPart::RunPart(const QString &logbookPath, QObject *parent)
    : QObject(parent), m_engine(new run::RunEngine(logbookPath))
{
    m_engine->moveToThread(&m_thread);
    connect(&m_thread, &QThread::finished, m_engine, &QObject::deleteLater);
    connect(m_engine, &run::RunEngine::opened, this, &RunPart::opened);
    connect(m_engine, &run::RunEngine::statusChanged, this, [this](const run::RunStatus &status) {
        m_beginning = false;
        const run::RunStatus before = std::exchange(m_state.status, status);
        emit statusChanged(before);
    });
    connect(m_engine, &run::RunEngine::resultsChanged, this, [this](const run::RunResults &r) {
        m_state.results = r;
        emit changed();
    });
    connect(m_engine, &run::RunEngine::readingTaken, this,
            [this](run::Stage, const Reading &reading) {
                m_state.liveReadings.push_back(reading);
                emit readingTaken(reading);
            });
    connect(m_engine, &run::RunEngine::failed, this, [this](const QString &message) {
        m_beginning = false;
        emit failed(message);
    });
    m_thread.start();
}

RunPart::~RunPart()
{
    stop();
    m_thread.quit();
    m_thread.wait();
}

void RunPart::begin(const run::RunSetup &setup)
{
    m_beginning = true;
    m_state.liveReadings.clear();
    ask([setup](run::RunEngine &engine) { engine.begin(setup); });
    emit changed();
}

void RunPart::resumeRun(qint64 run)
{
    ask([run](run::RunEngine &engine) { engine.resumeRun(run); });
}

void RunPart::proceed()
{
    if (m_state.status.activity == run::Activity::Waiting)
        m_state.liveReadings.clear();
    ask([](run::RunEngine &engine) { engine.proceed(); });
    emit changed();
}

void RunPart::stop()
{
    ask([](run::RunEngine &engine) { engine.stop(); });
}

void RunPart::forget()
{
    m_state = {};
    emit changed();
}

void RunPart::forgetResults()
{
    m_state.results = {};
    emit changed();
}

void RunPart::forgetLiveReadings()
{
    m_state.liveReadings.clear();
    emit changed();
}

} // namespace lantern::app
