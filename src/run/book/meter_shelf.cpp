#include "run/book/meter_shelf.h"

#include "core/base/error.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QDir>
#include <QFileInfo>
#include <QUrl>

namespace lantern::run {

namespace {

const QString kCertificateFile = QStringLiteral("certificate.json");
const QString kCorrectionFiles = QStringLiteral("correction *.json");

QString asFileName(const std::string &text)
{
    return QString::fromLatin1(QUrl::toPercentEncoding(QString::fromStdString(text)));
}

Json readJson(const QString &path)
{
    return parseJson(readFile(path).toStdString(), path.toStdString());
}

void writeJson(const QString &path, const Json &json)
{
    writeFile(path, QByteArray::fromStdString(json.dump(2) + "\n"));
}

/// The value of `read`, or nothing and a line in `problems`.
template <class F> auto tried(QStringList *problems, F &&read) -> std::optional<decltype(read())>
{
    try {
        return read();
    } catch (const Error &e) {
        if (problems)
            *problems << QString::fromUtf8(e.what());
    }
    return std::nullopt;
}

std::optional<Certificate> readCertificate(const QString &folder, QStringList *problems)
{
    const QString path = folder + QLatin1Char('/') + kCertificateFile;
    if (!QFileInfo::exists(path))
        return std::nullopt;
    return tried(problems, [&] { return certificateFromJson(readJson(path), path.toStdString()); });
}

std::vector<MeterCorrection> readCorrections(const QString &folder, QStringList *problems)
{
    std::vector<MeterCorrection> out;
    const QDir dir(folder);
    for (const QString &name : dir.entryList({kCorrectionFiles}, QDir::Files, QDir::Name)) {
        const QString path = dir.filePath(name);
        if (const auto c = tried(
                problems, [&] { return correctionFromJson(readJson(path), path.toStdString()); }))
            out.push_back(*c);
    }
    return out;
}

} // namespace

QString MeterShelf::folderOf(const std::string &meter) const
{
    return m_folder + QLatin1Char('/') + asFileName(meter);
}

std::optional<Certificate> MeterShelf::certificate(const std::string &meter) const
{
    return readCertificate(folderOf(meter), nullptr);
}

std::vector<Certificate> MeterShelf::certificates() const
{
    std::vector<Certificate> out;
    const QDir dir(m_folder);
    for (const QString &meter : dir.entryList(QDir::Dirs | QDir::NoDotAndDotDot))
        if (const auto c = readCertificate(dir.filePath(meter), nullptr))
            out.push_back(*c);
    return out;
}

void MeterShelf::keep(const std::string &meter, const Certificate &certificate) const
{
    const QString folder = folderOf(meter);
    makeFolder(folder);
    writeJson(folder + QLatin1Char('/') + kCertificateFile, certificateToJson(certificate));
}

std::vector<MeterCorrection> MeterShelf::corrections(const std::string &meter) const
{
    return readCorrections(folderOf(meter), nullptr);
}

std::optional<MeterCorrection> MeterShelf::correction(const std::string &meter,
                                                      const std::string &displayName,
                                                      const std::string &technology) const
{
    std::optional<MeterCorrection> best;
    for (const MeterCorrection &c : corrections(meter)) {
        if (c.technology != technology)
            continue;
        const auto made = [&](const MeterCorrection &m) {
            return m.kindFor(displayName) == CorrectionKind::Display;
        };
        const bool better = !best || (made(c) && !made(*best)) ||
                            (made(c) == made(*best) && c.created > best->created);
        if (better)
            best = c;
    }
    return best;
}

void MeterShelf::keep(const std::string &meter, const MeterCorrection &c) const
{
    const QString folder = folderOf(meter);
    makeFolder(folder);
    const std::string method =
        c.method == MeterCorrection::Method::Spectra ? "spectra" : "readings";
    writeJson(folder + QStringLiteral("/correction ") +
                  asFileName(c.technology + " " + method + " " + c.display) +
                  QStringLiteral(".json"),
              correctionToJson(c));
}

QString MeterShelf::panelFile(const std::string &displayId) const
{
    // Beside the meters' folders: a file is no folder of a meter.
    return m_folder + QStringLiteral("/panel ") + asFileName(displayId) + QStringLiteral(".csv");
}

void MeterShelf::keepPanel(const std::string &displayId, const SpectralTable &spectra) const
{
    makeFolder(m_folder);
    writeFile(panelFile(displayId), QByteArray::fromStdString(spectraToCsv(spectra)));
}

std::optional<SpectralTable> MeterShelf::panel(const std::string &displayId) const
{
    const QString path = panelFile(displayId);
    if (!QFileInfo::exists(path))
        return std::nullopt;
    return tried(nullptr,
                 [&] { return spectraFromText(readFile(path).toStdString(), path.toStdString()); });
}

void MeterShelf::forget(const std::string &meter) const
{
    QDir dir(folderOf(meter));
    if (dir.exists() && !dir.removeRecursively())
        throw Error(ErrorKind::Device, dir.path().toStdString(), "cannot be removed",
                    "Check its permissions.");
}

QStringList MeterShelf::problems(const std::string &meter) const
{
    QStringList out;
    (void)readCertificate(folderOf(meter), &out);
    (void)readCorrections(folderOf(meter), &out);
    return out;
}

} // namespace lantern::run
