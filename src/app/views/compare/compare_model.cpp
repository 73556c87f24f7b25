#include "app/views/compare/compare_model.h"

#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/colour/spaces.h"
#include "core/profile/profile_file.h"
#include "run/book/in_words.h"

#include <QColorSpace>
#include <QCoreApplication>
#include <QDir>
#include <QLocale>
#include <QThreadPool>
#include <QtConcurrentMap>

#include <algorithm>
#include <cmath>
#include <numeric>

namespace lantern::app {

namespace {

struct Compare {
    Q_DECLARE_TR_FUNCTIONS(Compare)
};

std::vector<uint8_t> bytesOf(const QByteArray &bytes)
{
    return {bytes.begin(), bytes.end()};
}

/// Rows of a picture, each in whatever thread is free.
template <class F> void eachRow(int height, F &&work)
{
    constexpr int kBand = 32;
    std::vector<int> bands;
    for (int y = 0; y < height; y += kBand)
        bands.push_back(y);
    // Threads of their own: whoever waits here may hold one of the program's.
    static QThreadPool pool;
    QtConcurrent::blockingMap(&pool, bands, [&](int from) {
        for (int y = from; y < std::min(height, from + kBand); ++y)
            work(y);
    });
}

QImage through(const Rendition &rendition, const QImage &picture, Rendition::Precision precision)
{
    QImage out(picture.size(), QImage::Format_RGB32);
    uchar *to = out.bits(); // before the threads: it would be detached in each
    const auto stride = out.bytesPerLine();
    eachRow(picture.height(), [&](int y) {
        rendition.apply(picture.constScanLine(y), to + y * stride,
                        static_cast<size_t>(picture.width()), precision);
    });
    return out;
}

} // namespace

CompareModel compareModel(const SessionState &state, qint64 before, bool trueLuminance)
{
    CompareModel m;
    const run::RunResults &r = state.shown();
    m.choices = {{BeforeChoice::AsFound, Compare::tr("as found")},
                 {BeforeChoice::NoProfile, Compare::tr("without a profile")},
                 {BeforeChoice::Print, state.printTitle.isEmpty()
                                           ? Compare::tr("on paper…")
                                           : Compare::tr("on paper: %1").arg(state.printTitle)}};
    const QLocale locale;
    for (const PastRun &run : state.pastRuns)
        m.choices.push_back(
            {run.id, run.displayName + QStringLiteral(", ") +
                         locale.toString(run.startedAt.toLocalTime(), QLocale::ShortFormat)});
    if (r.profile.isEmpty() || !r.after || !r.after->white) {
        m.explanation = Compare::tr("Shown as it is. When a profile has been built, the left part "
                                    "shows how it looked on the display as it was found.");
        return m;
    }
    CompareModel::Sources &s = m.sources;
    s.now = r.profile;
    s.nowWhite = *r.after->white;
    s.before = before;
    s.trueLuminance = trueLuminance;
    const QString luminance =
        trueLuminance ? Compare::tr("at true luminance") : Compare::tr("at equal luminance");
    if (before == BeforeChoice::AsFound) {
        s.found = r.found;
        m.explanation = Compare::tr("Before: how the display showed it as it was found, from its "
                                    "readings, %1. Now: as it should look. Seen best on the "
                                    "calibrated display.")
                            .arg(luminance);
    } else if (before == BeforeChoice::NoProfile) {
        s.trueLuminance = false; // it is the same display
        m.explanation = Compare::tr("Before: as programs show it that know nothing of profiles. "
                                    "Now: as it should look.");
    } else if (before == BeforeChoice::Print) {
        s.print = state.printProfile;
        m.isWaiting = s.print.isEmpty();
        m.explanation =
            m.isWaiting ? (state.printTitle.isEmpty()
                               ? Compare::tr("Choose the printing condition.")
                               : Compare::tr("%1 is a characterisation. Pictures need the ICC "
                                             "profile of the printing condition.")
                                     .arg(state.printTitle))
            : trueLuminance
                ? Compare::tr("Before: as the print shows it, with its paper's own white. Now: as "
                              "it should look on the display.")
                : Compare::tr("Before: as the print shows it, the display's white standing for "
                              "the paper's. Now: as it should look on the display.");
    } else {
        const auto run = state.loadedRuns.find(before);
        m.isWaiting = run == state.loadedRuns.end();
        if (!m.isWaiting && run->second->after && run->second->after->white) {
            s.beforeProfile = run->second->profile;
            s.beforeWhite = *run->second->after->white;
            s.betweenDisplays = run->second->setup.displayId != r.setup.displayId;
        }
        m.explanation =
            m.isWaiting ? Compare::tr("That run is being read…")
            : s.betweenDisplays
                ? Compare::tr("Before: as the other display shows it through its profile, %1. "
                              "Now: as this one does. The map has what both show, whether this "
                              "one can show it or not.")
                      .arg(luminance)
                : Compare::tr("Before: as the display of that run showed it then, %1. Now: as it "
                              "should look.")
                      .arg(luminance);
    }
    return m;
}

namespace {

/// Light of both at true luminance: the brighter white is the display's own, the other dimmer.
struct Dimming {
    double before = 1, now = 1;
};

Dimming dimmingOf(const XYZ &before, const XYZ &now)
{
    const double most = std::max(before.Y, now.Y);
    return {before.Y / most, now.Y / most};
}

/// How another state of a display, known by its profile and white, is shown on this one.
Rendition shownHere(const std::vector<uint8_t> &state, const XYZ &stateWhite,
                    const CompareModel::Sources &s, double dim)
{
    const ProfileFile there(state, "former profile");
    const ProfileFile here(bytesOf(s.now), "profile");
    return Rendition::of([&](const DeviceRgb &rgb) {
        const XYZ light = displayXyz(there.toLab(rgb), stateWhite);
        const XYZ wanted = toXyz(vec(light) / stateWhite.Y * s.nowWhite.Y * dim);
        return here.toDevice(pcsLab(wanted, s.nowWhite));
    });
}

/// How far both have to be dimmed so that the former white lies within what this display reaches.
double whiteFits(const XYZ &stateWhite, const CompareModel::Sources &s)
{
    const ProfileFile here(bytesOf(s.now), "profile");
    constexpr double kStep = 0.99;
    constexpr double kDarkest = 0.5;
    constexpr double kSeen = 0.7; // ΔE
    double dim = 1;
    const auto isClipped = [&](double d) {
        const Lab wanted =
            pcsLab(toXyz(vec(stateWhite) / stateWhite.Y * s.nowWhite.Y * d), s.nowWhite);
        return deltaE76(wanted, here.toLab(here.toDevice(wanted))) > kSeen;
    };
    while (dim > kDarkest && isClipped(dim))
        dim *= kStep;
    return dim;
}

/// Black point compensation, as programs do it (ISO 18619): in proportion to light, so that white
/// stays and the one black becomes the other. \param from, to L* of the blacks
Lab blackAdjusted(const Lab &lab, double from, double to)
{
    const auto light = [](double lightness) { return xyzFromLab({lightness, 0, 0}, kD50).Y; };
    const double share = (1 - light(to)) / (1 - light(from));
    const RelXYZ in = xyzFromLab(lab, kD50);
    const auto part = [&](double v, double white) { return share * v + (1 - share) * white; };
    return labFromXyz({part(in.X, kD50.X), part(in.Y, kD50.Y), part(in.Z, kD50.Z)}, kD50);
}

/// What two displays show of a picture, each through its own profile.
void showBoth(const std::vector<uint8_t> &other, const CompareModel::Sources &s,
              const std::vector<uint8_t> &source, Renditions &r)
{
    const ProfileFile there(other, "profile of the other display");
    const ProfileFile here(bytesOf(s.now), "profile");
    const auto from = source.empty() ? std::optional<ProfileFile>()
                                     : std::optional(ProfileFile::ofPicture(source, "picture"));
    // At true luminance the eye is used to the brighter white, else to each one's own.
    const XYZ &brighter = s.beforeWhite.Y > s.nowWhite.Y ? s.beforeWhite : s.nowWhite;
    const double black = from ? from->toLab({0, 0, 0}).L : 0;
    const auto seenOn = [&](const ProfileFile &profile, const XYZ &white, const DeviceRgb &rgb) {
        const Lab asked = blackAdjusted(from ? from->toLab(rgb) : pcsFromSrgb(rgb), black,
                                        profile.toLab({0, 0, 0}).L);
        const DeviceRgb sent = profile.toDevice(asked);
        const XYZ light = displayXyz(
            profile.toLab({std::round(sent.r), std::round(sent.g), std::round(sent.b)}), white);
        return pcsLab(light, s.trueLuminance ? brighter : white);
    };
    const auto onFirst = [&](const DeviceRgb &rgb) { return seenOn(there, s.beforeWhite, rgb); };
    const auto onSecond = [&](const DeviceRgb &rgb) { return seenOn(here, s.nowWhite, rgb); };
    r.first = std::make_shared<const PixelColours>(PixelColours::of(onFirst));
    r.second = std::make_shared<const PixelColours>(PixelColours::of(onSecond));
    r.before = Rendition::of([&](const DeviceRgb &rgb) { return here.toDevice(onFirst(rgb)); });
    if (s.trueLuminance)
        r.now = Rendition::of([&](const DeviceRgb &rgb) { return here.toDevice(onSecond(rgb)); });
}

} // namespace

Renditions renditionsOf(const CompareModel::Sources &s, const QByteArray &picture)
{
    using Black = Rendition::Black;
    Renditions r{Rendition::none(), Rendition::none(), nullptr, Rendition::none(),
                 nullptr,           nullptr,           nullptr, {}};
    if (s.now.isEmpty())
        return r;
    try {
        const auto now = bytesOf(s.now);
        const auto source = bytesOf(picture);
        r.now = Rendition::between(source, now, Black::Adjusted);
        r.colours = std::make_shared<const PixelColours>(now);
        if (s.before == BeforeChoice::NoProfile)
            return r; // its code values as they are
        if (s.before == BeforeChoice::Print) {
            if (!s.print.isEmpty()) {
                const auto print = bytesOf(s.print);
                r.before = Rendition::ofPrint(source, print, now, s.trueLuminance);
                r.printed = std::make_shared<const PixelColours>(
                    PixelColours::ofPrint(source, print, s.trueLuminance));
            }
            return r;
        }
        XYZ white = s.beforeWhite;
        std::vector<uint8_t> former = bytesOf(s.beforeProfile);
        if (s.before == BeforeChoice::AsFound) {
            if (s.found.empty())
                return r;
            former = profileOfFewReadings(s.found, "display as it was found");
            white = whiteOf(s.found, "display as it was found");
        } else if (former.empty()) {
            return r;
        } else // it had a profile: programs sent pictures through that
            r.former = Rendition::between(source, former, Black::Adjusted);
        if (s.betweenDisplays)
            showBoth(former, s, source, r);
        else if (s.trueLuminance) {
            const Dimming dim = dimmingOf(white, s.nowWhite);
            r.before = shownHere(former, white, s, dim.before);
            if (dim.now < 1) {
                const ProfileFile here(now, "profile");
                const auto from = source.empty()
                                      ? std::optional<ProfileFile>()
                                      : std::optional(ProfileFile::ofPicture(source, "picture"));
                r.now = Rendition::of([&](const DeviceRgb &rgb) {
                    const Lab lab = from ? from->toLab(rgb) : pcsFromSrgb(rgb);
                    const XYZ light = displayXyz(lab, s.nowWhite);
                    return here.toDevice(pcsLab(toXyz(vec(light) * dim.now), s.nowWhite));
                });
            }
        } else if (s.before == BeforeChoice::AsFound)
            r.before = shownHere(former, white, s, whiteFits(white, s));
        else
            r.before = Rendition::between(former, now, Black::Kept);
    } catch (const Error &e) {
        r.problem = run::inWords(e);
    }
    return r;
}

Pyramid pyramidOf(const QImage &image)
{
    Pyramid p;
    if (image.isNull())
        return p;
    if (image.colorSpace().isValid())
        p.profile = image.colorSpace() == QColorSpace(QColorSpace::SRgb)
                        ? QByteArray()
                        : image.colorSpace().iccProfile();
    QImage level = image.convertToFormat(QImage::Format_RGB32);
    level.setColorSpace({});
    constexpr int kSmallest = 256;
    while (true) {
        p.levels.push_back(level);
        if (std::max(level.width(), level.height()) <= kSmallest)
            return p;
        level = level.scaled(std::max(1, level.width() / 2), std::max(1, level.height() / 2),
                             Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
    }
}

QStringList picturesIn(const QString &folder)
{
    QStringList out;
    const QDir dir(folder);
    for (const QString &name :
         dir.entryList({QStringLiteral("*.png"), QStringLiteral("*.jpg"), QStringLiteral("*.jpeg"),
                        QStringLiteral("*.tif"), QStringLiteral("*.tiff")},
                       QDir::Files, QDir::Name | QDir::IgnoreCase))
        out << dir.filePath(name);
    return out;
}

QImage seenOf(const Pyramid &pyramid, const Sight &sight)
{
    if (pyramid.isEmpty() || sight.size.isEmpty())
        return {};
    // The smallest copy that still has a pixel for every dot.
    size_t level = 0;
    const double dots = sight.part.width() / sight.size.width();
    while (level + 1 < pyramid.levels.size() && std::pow(2.0, double(level + 1)) <= dots)
        ++level;
    const QImage &from = pyramid.levels[level];
    const double sx = double(from.width()) / pyramid.size().width();
    const double sy = double(from.height()) / pyramid.size().height();
    const QRectF part(sight.part.x() * sx, sight.part.y() * sy, sight.part.width() * sx,
                      sight.part.height() * sy);
    QImage out(sight.size, QImage::Format_RGB32);
    uchar *to = out.bits();
    const auto stride = out.bytesPerLine();
    const bool enlarged = part.width() <= sight.size.width();
    // Where in the copy a dot's middle lies; nearest when enlarged, else between four pixels.
    const auto place = [](double first, double length, int dot, int dots) {
        return first + length * (dot + 0.5) / dots;
    };
    eachRow(sight.size.height(), [&](int y) {
        auto *line = reinterpret_cast<QRgb *>(to + y * stride);
        const double fy = place(part.y(), part.height(), y, sight.size.height());
        for (int x = 0; x < sight.size.width(); ++x) {
            const double fx = place(part.x(), part.width(), x, sight.size.width());
            const auto pixel = [&](int px, int py) {
                return reinterpret_cast<const QRgb *>(from.constScanLine(
                    std::clamp(py, 0, from.height() - 1)))[std::clamp(px, 0, from.width() - 1)];
            };
            if (enlarged) {
                line[x] = pixel(int(std::floor(fx)), int(std::floor(fy)));
                continue;
            }
            const int x0 = int(std::floor(fx - 0.5));
            const int y0 = int(std::floor(fy - 0.5));
            const double tx = fx - 0.5 - x0;
            const double ty = fy - 0.5 - y0;
            const auto mixed = [&](auto part) {
                const double top = (1 - tx) * part(pixel(x0, y0)) + tx * part(pixel(x0 + 1, y0));
                const double low =
                    (1 - tx) * part(pixel(x0, y0 + 1)) + tx * part(pixel(x0 + 1, y0 + 1));
                return int(std::lround((1 - ty) * top + ty * low));
            };
            line[x] =
                qRgb(mixed([](QRgb c) { return qRed(c); }), mixed([](QRgb c) { return qGreen(c); }),
                     mixed([](QRgb c) { return qBlue(c); }));
        }
    });
    return out;
}

QRgb scaleColour(double deltaE00, double reach)
{
    const int v = int(std::lround(255 * std::clamp(deltaE00 / reach, 0.0, 1.0)));
    return qRgb(v, v, v);
}

namespace {

/// ΔE00 between two rows of Lab pixels, three floats each.
void rowDeltas(const std::vector<float> &a, const std::vector<float> &b, std::vector<float> &out)
{
    const size_t width = out.size();
    std::vector<float> planes(6 * width);
    for (size_t x = 0; x < width; ++x)
        for (size_t c = 0; c < 3; ++c) {
            planes[c * width + x] = a[3 * x + c];
            planes[(3 + c) * width + x] = b[3 * x + c];
        }
    const float *p = planes.data();
    deltaE2000(LabArrays{p, p + width, p + 2 * width},
               LabArrays{p + 3 * width, p + 4 * width, p + 5 * width}, out.data(), width);
}

/// A seam along the edges of what is set in the mask: light and dark stitches in turn, so that it
/// is seen on any colour and hides none.
QImage stitched(const QImage &mask)
{
    constexpr int kStitch = 4; // dots
    QImage out(mask.size(), QImage::Format_ARGB32_Premultiplied);
    out.fill(Qt::transparent);
    uchar *to = out.bits();
    const auto stride = out.bytesPerLine();
    const int w = mask.width();
    const int h = mask.height();
    eachRow(h, [&](int y) {
        auto *line = reinterpret_cast<QRgb *>(to + y * stride);
        const uchar *here = mask.constScanLine(y);
        const uchar *above = mask.constScanLine(std::max(0, y - 1));
        const uchar *below = mask.constScanLine(std::min(h - 1, y + 1));
        for (int x = 0; x < w; ++x) {
            const bool edge = here[x] && !(above[x] && below[x] && here[std::max(0, x - 1)] &&
                                           here[std::min(w - 1, x + 1)]);
            if (edge)
                line[x] = (x + y) / kStitch % 2 ? qRgb(255, 255, 255) : qRgb(0, 0, 0);
        }
    });
    return out;
}

} // namespace

Frame frameOf(const Pyramid &pyramid, const Sight &sight, const Renditions &renditions,
              double deltaReach, Rendition::Precision precision)
{
    Frame f;
    f.sight = sight;
    f.precision = precision;
    const QImage seen = seenOf(pyramid, sight);
    if (seen.isNull())
        return f;
    f.now = through(renditions.now, seen, precision);
    f.before = through(renditions.before, seen, precision);
    if (precision == Rendition::Precision::Quick)
        return f; // the rest comes with the exact one
    f.former = through(renditions.former, seen, precision);
    if (!renditions.colours)
        return f;
    f.difference = QImage(seen.size(), QImage::Format_RGB32);
    uchar *to = f.difference.bits();
    const auto stride = f.difference.bytesPerLine();
    const auto width = static_cast<size_t>(seen.width());
    QImage mask;
    if (renditions.printed)
        mask = QImage(seen.size(), QImage::Format_Grayscale8);
    uchar *beyond = mask.bits();
    const auto maskStride = mask.bytesPerLine();
    std::vector<double> sums(static_cast<size_t>(seen.height()));
    std::vector<double> worst(static_cast<size_t>(seen.height()));
    eachRow(seen.height(), [&](int y) {
        std::vector<float> before(3 * width);
        std::vector<float> now(3 * width);
        std::vector<float> delta(width);
        renditions.colours->apply(f.before.constScanLine(y), before.data(), width);
        if (renditions.printed) {
            renditions.printed->apply(seen.constScanLine(y), now.data(), width);
            rowDeltas(before, now, delta);
            for (size_t x = 0; x < width; ++x)
                beyond[y * maskStride + static_cast<qsizetype>(x)] = delta[x] > kBeyond;
        }
        if (renditions.first) {
            renditions.first->apply(seen.constScanLine(y), before.data(), width);
            renditions.second->apply(seen.constScanLine(y), now.data(), width);
        } else
            renditions.colours->apply(f.now.constScanLine(y), now.data(), width);
        rowDeltas(before, now, delta);
        auto *line = reinterpret_cast<QRgb *>(to + y * stride);
        for (size_t x = 0; x < width; ++x) {
            line[x] = scaleColour(delta[x], deltaReach);
            sums[static_cast<size_t>(y)] += delta[x];
            worst[static_cast<size_t>(y)] =
                std::max(worst[static_cast<size_t>(y)], double(delta[x]));
        }
    });
    f.meanDelta =
        std::accumulate(sums.begin(), sums.end(), 0.0) / (double(seen.width()) * seen.height());
    f.worstDelta = *std::max_element(worst.begin(), worst.end());
    if (renditions.printed) {
        qint64 count = 0;
        for (int y = 0; y < mask.height(); ++y)
            count += std::count(mask.constScanLine(y), mask.constScanLine(y) + mask.width(), 1);
        f.beyondShare = double(count) / (double(mask.width()) * mask.height());
        f.beyond = stitched(mask);
    }
    return f;
}

} // namespace lantern::app
