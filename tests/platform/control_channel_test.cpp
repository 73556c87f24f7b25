#include "core/colour/colour.h"
#include "made_up_edid.h"
#include "platform/control_channel.h"
#include "runner.h"

namespace lantern::test {

/// What a machine without such a channel says of it. The monitors themselves are played by the
/// bench, behind the same interface.
class ControlChannelTest : public QObject {
    Q_OBJECT

private slots:
    void aMonitorThatDoesNotAnswerIsToldInWords()
    {
        const auto edid = madeUpEdid(kMadeUpColours, "Saltmarsh 27");
        QString reason;
        const auto channel =
            platform::ControlChannel::find(QByteArray(reinterpret_cast<const char *>(edid.data()),
                                                      static_cast<qsizetype>(edid.size())),
                                           &reason);
        QVERIFY(channel == nullptr); // nobody has this one
        QVERIFY2(reason.contains(QLatin1String("by hand")), qPrintable(reason));
    }

    void aDisplayWithoutEdidCannotBeTold()
    {
        QString reason;
        QVERIFY(platform::ControlChannel::find({}, &reason) == nullptr);
        QVERIFY2(reason.contains(QLatin1String("who it is")), qPrintable(reason));
    }
};

static const Register<ControlChannelTest> registered("ControlChannelTest");

} // namespace lantern::test

#include "control_channel_test.moc"
