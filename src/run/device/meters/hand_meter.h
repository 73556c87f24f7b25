#pragma once

#include "run/device/devices.h"

namespace lantern::run {

/// A stand-alone instrument: a person reads its display and types the numbers in.
class HandMeter : public Meter {
    Q_OBJECT
public:
    using Meter::Meter;
    [[nodiscard]] QString name() const override { return tr("Meter read by hand"); }
    [[nodiscard]] bool readsAtOnce() const override { return false; }
    void cancel() override
    {
        if (std::exchange(m_waiting, false))
            emit entryGivenUp();
    }
    /// A person takes the time it takes.
    [[nodiscard]] std::optional<int> patienceMs() const override { return std::nullopt; }

public slots:
    /// The numbers that were asked for; without a question they are ignored.
    void enter(const lantern::XYZ &xyz)
    {
        if (std::exchange(m_waiting, false))
            emit readingFinished(request(), xyz, 0);
    }
    /// There will be no numbers.
    void giveUp(const QString &why)
    {
        if (std::exchange(m_waiting, false))
            emit failed(request(), MeterFault::TimedOut, why);
    }

signals:
    void entryWanted(const lantern::DeviceRgb &shown);
    void entryGivenUp();

protected:
    void read(const DeviceRgb &shown) override
    {
        m_waiting = true;
        emit entryWanted(shown);
    }

private:
    bool m_waiting = false;
};

} // namespace lantern::run
