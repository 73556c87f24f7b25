#include "run/logbook/desk_state.h"

#include "core/base/error.h"
#include "core/judge/proof_kind.h"
#include "core/plan/control_response.h"
#include "run/logbook/load_results.h"

#include <Eigen/LU>

#include <algorithm>
#include <cmath>
#include <map>

namespace lantern::run {

namespace {

constexpr double kFullBrightness = 100; ///< see MonitorControls

std::vector<uint8_t> bytesOf(const QByteArray &bytes)
{
    return {bytes.begin(), bytes.end()};
}

std::string nameOf(const Logbook &book, qint64 run)
{
    return book.path().toStdString() + ", run " + std::to_string(run);
}

/// How its light follows its controls, learned from every turn of the adjustment.
ControlResponse responseOf(const RunResults &r, const DisplayReach &reach)
{
    ControlResponse response;
    const Mat3 channels = reach.primaries.inverse();
    for (size_t i = 1; i < r.whites.size(); ++i)
        response.learn(r.whites[i - 1].controls, channels * vec(r.whites[i - 1].white),
                       r.whites[i].controls, channels * vec(r.whites[i].white));
    return response;
}

/// As it was found, with its controls as they were then.
std::optional<ReadDisplay> readBefore(const RunResults &r)
{
    const std::optional<DisplayReach> reach = DisplayReach::fromReadings(r.found, true);
    if (!reach || !r.before)
        return std::nullopt;
    ReadDisplay d{r.setup.displayName, *reach};
    d.dims = r.setup.startControls && r.setup.controls.brightness;
    if (d.dims)
        d.backlight = responseOf(r, *reach).backlight(r.setup.startControls->brightness);
    d.primaries = r.before->primaries.value_or(kSrgbPrimaries);
    return d;
}

/// The state at the end of a calibration or of a proof.
DeskState stateAfter(const RunResults &r, qint64 run, const std::string &where)
{
    DeskState s;
    s.displayId = QString::fromStdString(r.setup.displayId);
    s.displayName = QString::fromStdString(r.setup.displayName);
    s.meter = QString::fromStdString(r.setup.meterName);
    s.run = s.readIn = run;
    s.readAt = QString::fromStdString(r.setup.startedAt);
    s.profile = r.profile;
    const bool isProved = r.validation && !r.validation->patches.empty();
    const std::optional<XYZ> white = isProved && r.validation->state.white
                                         ? r.validation->state.white
                                         : (r.after ? r.after->white : std::nullopt);
    if (s.profile.isEmpty() || !white)
        throw Error(ErrorKind::BadInput, where, "nothing was measured in it through a profile",
                    "Choose a calibration, a proof or a check.");
    s.white = *white;
    const auto &state = isProved && r.validation->state.primaries ? r.validation->state
                        : r.after                                 ? *r.after
                                                                  : DisplayState{};
    s.primaries = state.primaries.value_or(kSrgbPrimaries);
    s.profileError = r.expectedError;
    if (isProved && provesProfile(*r.validation))
        s.profileError = r.validation->meanDeltaE00.value_or(r.validation->deltaE00.mean);
    const ErrorSources errors = errorSources(r);
    s.certificate = errors.certificate.value_or(LightUncertainty{});
    s.mismatch = errors.mismatch;
    s.read = readBefore(r);
    s.rank.name = r.setup.displayName;
    if (isProved)
        s.rank.proof = r.validation->verdict.figures;
    if (r.controls)
        s.rank.brightness = r.controls->brightness / kFullBrightness;
    s.rank.p3Coverage = state.p3Coverage;
    return s;
}

} // namespace

DeskState stateIn(Logbook &book, qint64 run)
{
    const std::string where = nameOf(book, run);
    const RunResults r = loadResults(book, run);
    if (r.setup.kind != RunKind::Check)
        return stateAfter(r, run, where);
    if (!r.check)
        throw Error(ErrorKind::BadInput, where, "this check is not finished");
    const qint64 reference = r.setup.referenceRun;
    if (reference == 0)
        throw Error(ErrorKind::BadInput, where, "the run that it is held against is missing");
    DeskState s = stateAfter(loadResults(book, reference), reference, nameOf(book, reference));
    std::vector<ReadAgain> readings;
    for (const CheckFirst::Patch &p : r.check->patches)
        readings.push_back({p.rgb, p.now});
    s.change = changeSince(ProfileFile(bytesOf(s.profile), where), s.white, readings);
    if (s.read) { // light that it has lost since
        const double left = (s.change * vec(s.white))[1] / s.white.Y;
        s.read->reach.white = toXyz(left * vec(s.read->reach.white));
        s.read->reach.black = toXyz(left * vec(s.read->reach.black));
        s.read->reach.primaries *= left;
    }
    s.readIn = run;
    s.readAt = QString::fromStdString(r.setup.startedAt);
    s.meter = QString::fromStdString(r.setup.meterName);
    const ErrorSources errors = errorSources(r);
    s.certificate = errors.certificate.value_or(LightUncertainty{});
    s.mismatch = errors.mismatch;
    s.rank.check = r.check->figures.figures;
    return s;
}

std::optional<DeskState> stateNow(Logbook &book, const std::vector<LogLine> &lines,
                                  const QString &displayId)
{
    for (const LogLine &line : lines) { // newest first
        const bool tells = line.kind == RunKind::Calibration || line.kind == RunKind::Validation ||
                           line.kind == RunKind::Check;
        if (line.displayId != displayId || !line.finished || line.abandoned || !tells)
            continue;
        try {
            return stateIn(book, line.id);
        } catch (const Error &e) {
            if (e.kind == ErrorKind::Device)
                throw;
        } // a damaged one: what was before it tells
    }
    return std::nullopt;
}

std::optional<ReadBefore> readLast(Logbook &book, const std::vector<LogLine> &lines,
                                   const QString &displayId)
{
    const auto now = stateNow(book, lines, displayId);
    for (const LogLine &line : lines) {              // newest first
        if (now && now->read && line.id == now->run) // with what it has lost since
            return ReadBefore{*now->read, now->readIn, now->readAt};
        const bool isMode = line.kind == RunKind::Mode;
        if (line.displayId != displayId || (!isMode && line.kind != RunKind::Calibration) ||
            (isMode && !line.finished))
            continue;
        try {
            RunResults r = loadResults(book, line.id);
            if (isMode) {
                r.found = r.modeReadings;
                r.before = displayState(r.found, r.setup.aim, StateDetail::Everything);
            }
            if (auto read = readBefore(r))
                return ReadBefore{std::move(*read), line.id, line.startedAt};
        } catch (const Error &e) {
            if (e.kind == ErrorKind::Device)
                throw;
        }
    }
    return std::nullopt;
}

std::vector<QString> displaysIn(const std::vector<LogLine> &lines)
{
    std::map<QString, QString> names; // the newest name of each
    for (const LogLine &line : lines)
        names.emplace(line.displayId, line.displayName);
    std::vector<QString> out;
    for (const auto &[id, name] : names)
        out.push_back(id);
    std::ranges::sort(out, {}, [&](const QString &id) { return names[id]; });
    return out;
}

Agreement agreementOf(const DeskState &first, const DeskState &second, const ReferenceSet &set,
                      Viewing viewing)
{
    const ProfileFile a(bytesOf(first.profile), first.displayName.toStdString());
    const ProfileFile b(bytesOf(second.profile), second.displayName.toStdString());
    const auto known = [](const DeskState &s, const ProfileFile &profile) {
        return KnownDisplay{profile,        s.white,       s.change,   s.primaries,
                            s.profileError, s.certificate, s.mismatch, s.meter.toStdString()};
    };
    return lantern::agreementOf(known(first, a), known(second, b), set, viewing);
}

CommonAim commonAim(const std::vector<DeskState> &displays, const Aim &wanted)
{
    std::vector<ReadDisplay> read;
    for (const DeskState &s : displays) {
        if (!s.read)
            throw Error(ErrorKind::BadInput, s.displayName.toStdString(),
                        "was never read before a calibration",
                        "Calibrate it once, or leave it out.");
        read.push_back(*s.read);
        read.back().name = s.displayName.toStdString();
    }
    return lantern::commonAim(read, wanted);
}

std::optional<bool> ComparedFigure::standsOut() const
{
    if (!first || !second || !uncertainty)
        return std::nullopt;
    return std::abs(*first - *second) > kCoverageFactor * *uncertainty;
}

std::vector<ComparedFigure> comparedFigures(const std::vector<FigureRow> &first,
                                            const std::vector<FigureRow> &second)
{
    std::vector<ComparedFigure> out;
    const auto find = [](const std::vector<FigureRow> &rows, const FigureRow &wanted) {
        return std::ranges::find_if(rows, [&](const FigureRow &row) {
            return row.name == wanted.name && row.unit == wanted.unit;
        });
    };
    for (const FigureRow &a : first) {
        ComparedFigure f{a.name, a.unit, a.value, {}, {}};
        if (const auto b = find(second, a); b != second.end()) {
            f.second = b->value;
            if (a.uncertainty && b->uncertainty)
                f.uncertainty = std::hypot(*a.uncertainty, *b->uncertainty);
        }
        out.push_back(f);
    }
    for (const FigureRow &b : second)
        if (find(first, b) == first.end())
            out.push_back({b.name, b.unit, {}, b.value, {}});
    return out;
}

} // namespace lantern::run
