#include "targets.h"

#include "bench/display.h"
#include "bench/meter.h"
#include "core/aim/aim.h"
#include "core/base/error.h"
#include "core/colour/spectral_table.h"
#include "core/judge/tolerance.h"
#include "core/profile/printing.h"
#include "core/profile/profile_facts.h"
#include "core/profile/profile_file.h"
#include "core/profile/rendition.h"
#include "core/reading/certificate.h"
#include "core/reading/colour_list.h"
#include "core/reading/meter_correction.h"
#include "core/reading/readings_file.h"
#include "core/report/report.h"
#include "core/signal/controls.h"
#include "core/signal/edid.h"
#include "core/signal/slot_file.h"
#include "paper/picture_colours.h"
#include "platform/standing.h"
#include "remote/http_request.h"
#include "remote/page_presenter.h"
#include "remote/patch_server.h"
#include "run/book/batch.h"
#include "run/book/file_kind.h"
#include "run/book/lights.h"
#include "run/book/match.h"
#include "run/book/print_choice.h"
#include "run/book/profile_form.h"
#include "run/book/proof_choice.h"
#include "run/book/run_setup.h"
#include "run/book/studio.h"
#include "run/device/meters/driver_message.h"
#include "run/logbook/run_record.h"
#include "run/shared/book_sync.h"

#include <nlohmann/json.hpp>

#include <QFile>
#include <QJsonObject>
#include <QTemporaryDir>

#include <algorithm>

namespace lantern::fuzz {

namespace {

std::string text(const uint8_t *data, size_t size)
{
    return {reinterpret_cast<const char *>(data), size};
}

template <class F> void tolerant(F &&work)
{
    try {
        work();
    } catch (const Error &) { // refused with a message: what a reader is for
    }
}

/// The bytes as a file, for readers of those.
class AsFile {
public:
    AsFile(const uint8_t *data, size_t size, const char *name)
        : m_path(folder().filePath(QLatin1String(name)))
    {
        QFile file(m_path);
        if (!file.open(QIODevice::WriteOnly) ||
            file.write(reinterpret_cast<const char *>(data), qint64(size)) != qint64(size))
            qFatal("no room for %s", qPrintable(m_path));
    }
    ~AsFile() { QFile::remove(m_path); }
    AsFile(const AsFile &) = delete;
    AsFile &operator=(const AsFile &) = delete;
    [[nodiscard]] const QString &path() const { return m_path; }
    static const QTemporaryDir &folder()
    {
        static const QTemporaryDir folder;
        return folder;
    }

private:
    QString m_path;
};

void cgats(const uint8_t *data, size_t size)
{
    tolerant([&] {
        const ReadingSet set = readingsFromCgats(text(data, size), "fuzz");
        // What was read can be written and read again.
        (void)readingsFromCgats(readingsToCgats(set), "again");
    });
}

void colours(const uint8_t *data, size_t size)
{
    tolerant([&] { (void)parseColourList(text(data, size), "fuzz"); });
    tolerant([&] { (void)printingFromText(text(data, size), "fuzz"); });
    tolerant([&] {
        const SpectralTable spectra = spectraFromText(text(data, size), "fuzz");
        (void)spectraFromText(spectraToCsv(spectra), "again");
    });
}

void icc(const uint8_t *data, size_t size)
{
    const std::vector<uint8_t> bytes(data, data + size);
    tolerant([&] { (void)inspectProfile(bytes, "fuzz"); });
    tolerant([&] { (void)printingFromProfile(bytes, "fuzz"); });
    tolerant([&] {
        const ProfileFile p(bytes, "fuzz");
        (void)p.toDevice({50, 10, -10});
    });
}

/// Profiles that come with pictures and printing conditions, and what Little CMS makes of them.
void rendition(const uint8_t *data, size_t size)
{
    const std::vector<uint8_t> bytes(data, data + size);
    std::vector<uint8_t> pixels;
    for (int i = 0; i < 64; ++i)
        pixels.push_back(static_cast<uint8_t>(i * 37));
    std::vector<uint8_t> shown(pixels.size());
    std::vector<float> lab(pixels.size());
    const auto turn = [&](const Rendition &r) {
        for (const auto precision : {Rendition::Precision::Exact, Rendition::Precision::Quick})
            r.apply(pixels.data(), shown.data(), pixels.size() / 4, precision);
    };
    tolerant([&] { turn(Rendition::between(bytes, {}, Rendition::Black::Adjusted)); });
    tolerant([&] { turn(Rendition::between({}, bytes, Rendition::Black::Kept)); });
    tolerant([&] { turn(Rendition::ofPrint({}, bytes, {}, true)); });
    tolerant([&] { PixelColours(bytes).apply(pixels.data(), lab.data(), pixels.size() / 4); });
    tolerant([&] {
        PixelColours::ofPrint({}, bytes, false).apply(pixels.data(), lab.data(), pixels.size() / 4);
    });
    tolerant([&] {
        (void)ProfileFile::ofPicture(bytes, "fuzz").toDevicePerceptual({50, 10, -10});
    });
    tolerant([&] { (void)ProfileFile(bytes, "fuzz").gamut(); });
}

void json(const uint8_t *data, size_t size)
{
    Json j;
    try {
        j = parseJson(text(data, size), "fuzz");
    } catch (const Error &) {
        return;
    }
    tolerant([&] { (void)aimFromJson(j, "fuzz"); });
    tolerant([&] { (void)bench::displayFromJson(j, "fuzz"); });
    tolerant([&] { bench::Display(bench::displayFromJson(j, "fuzz"), "fuzz"); });
    tolerant([&] { (void)bench::meterFromJson(j, "fuzz"); });
    tolerant([&] { (void)controlsFromJson(JsonObject(j, "fuzz")); });
    tolerant([&] { (void)correctionFromJson(j, "fuzz"); });
    tolerant([&] { (void)toleranceFromJson(j, "fuzz"); });
    tolerant([&] { (void)certificateFromJson(j, "fuzz"); });
    tolerant([&] { (void)slotFromJson(j, "fuzz"); });
    tolerant([&] { (void)recheckReport(j, "fuzz"); });
}

void edid(const uint8_t *data, size_t size)
{
    std::vector<uint8_t> bytes(data, data + size);
    tolerant([&] { (void)edidFromBytes(bytes, "fuzz").identity(); });
    // The same with header and checksum put right, so that what lies between is read.
    constexpr size_t kBlock = 128;
    constexpr uint8_t kHeader[] = {0, 0xff, 0xff, 0xff, 0xff, 0xff, 0xff, 0};
    bytes.resize(std::max(bytes.size(), kBlock));
    std::copy(std::begin(kHeader), std::end(kHeader), bytes.begin());
    uint8_t sum = 0;
    for (size_t i = 0; i + 1 < kBlock; ++i)
        sum = static_cast<uint8_t>(sum + bytes[i]);
    bytes[kBlock - 1] = static_cast<uint8_t>(-sum);
    tolerant([&] { (void)edidFromBytes(bytes, "fuzz").identity(); });
}

void driver(const uint8_t *data, size_t size)
{
    run::DriverReply reply;
    if (run::driverLine(text(data, size), reply) != run::DriverLine::Reply)
        return;
    tolerant([&] { (void)run::driverGreeting(reply.result); });
    tolerant([&] { (void)run::driverReading(reply.result); });
    tolerant([&] { (void)run::driverRoom(reply.result); });
}

/// What the program keeps between runs.
void settings(const uint8_t *data, size_t size)
{
    tolerant([&] {
        const Json j = parseJson(text(data, size), "fuzz");
        tolerant([&] {
            const run::Lights lights = run::lightsFromJson(j, "fuzz");
            (void)run::lightsFromJson(run::lightsToJson(lights), "again");
        });
        tolerant([&] {
            const run::RunSetup setup = run::setupFromJson(j, "fuzz");
            (void)run::setupFromJson(run::setupToJson(setup), "again");
        });
        tolerant([&] { run::checkRecord(run::recordFromJson(j, "fuzz")); });
    });
    const AsFile file(data, size, "settings.json");
    tolerant([&] { (void)run::readReportStyle(file.path()); });
    tolerant([&] { (void)run::readPrintChoice(file.path()); });
    tolerant([&] { (void)run::readProofChoice(file.path()); });
    tolerant([&] { (void)run::readProfileForm(file.path()); });
    tolerant([&] { (void)run::readMatch(file.path()); });
    tolerant([&] { (void)run::readBookSetup(file.path()); });
    tolerant([&] { (void)run::fileKind(file.path()); });
    const remote::PatchServer server(file.path());
    (void)server.devices();
    static const QString shelf = [] {
        const QDir folder(AsFile::folder().path());
        (void)folder.mkdir(QStringLiteral("shelf"));
        return folder.filePath(QStringLiteral("shelf"));
    }();
    const AsFile kept(data, size, "shelf/one.json");
    (void)run::BatchShelf(shelf).all();
}

/// What a display is to have in force, with its profile.
void standing(const uint8_t *data, size_t size)
{
    static const platform::StandingShelf shelf(
        AsFile::folder().filePath(QStringLiteral("standing")));
    static const QString display = QStringLiteral("a display");
    static const QString name = [] { // as the shelf calls its file
        platform::Standing one;
        one.displayId = display;
        shelf.keep(one);
        return QDir(shelf.folder()).entryList(QDir::Files).front();
    }();
    const AsFile file(data, size, qPrintable(QStringLiteral("standing/") + name));
    tolerant([&] { (void)shelf.read(display); });
}

void picture(const uint8_t *data, size_t size)
{
    const AsFile file(data, size, "picture");
    tolerant([&] { (void)run::fileKind(file.path()); });
    tolerant([&] { (void)paper::pictureFromFile(file.path()); });
    tolerant([&] { (void)paper::coloursOfPicture(file.path()); });
}

/// The head of a request that came over the network.
void request(const uint8_t *data, size_t size)
{
    (void)remote::httpRequest(QByteArray(reinterpret_cast<const char *>(data), qsizetype(size)));
}

/// What a device's page sends, a line each, while a patch is shown.
void page(const uint8_t *data, size_t size)
{
    remote::PagePresenter presenter;
    run::Request number = 0;
    for (const QByteArray &line :
         QByteArray(reinterpret_cast<const char *>(data), qsizetype(size)).split('\n')) {
        presenter.show(++number, {255, 128, 0}, std::nullopt);
        tolerant([&] { presenter.onMessage(remote::pageMessage(QString::fromUtf8(line))); });
        presenter.confirm(number);
    }
}

} // namespace

const std::vector<Target> &targets()
{
    static const std::vector<Target> all = {
        {"cgats", cgats},       {"colours", colours},   {"icc", icc},
        {"json", json},         {"edid", edid},         {"driver", driver},
        {"settings", settings}, {"standing", standing}, {"picture", picture},
        {"request", request},   {"page", page},         {"rendition", rendition},
    };
    return all;
}

} // namespace lantern::fuzz
