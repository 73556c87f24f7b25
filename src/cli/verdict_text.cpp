#include "cli/verdict_text.h"
#include "cli/said.h"

namespace lantern::cli {

void printVerdict(const Verdict &v, std::ostream &out)
{
    for (const auto &[half, title] :
         {std::pair{Half::Aim, "the aim"}, std::pair{Half::Profile, "the profile"},
          std::pair{Half::Evenness, "evenness"}}) {
        const bool isEvenness = v.half(Half::Evenness) != Call::NotJudged;
        if (isEvenness != (half == Half::Evenness))
            continue; // it is measured apart from the others
        out << said({"%1, %2: %3", {v.tolerance.title, title, callTitle(v.half(half))}}) << '\n';
        for (const JudgedFigure &f : v.figures) {
            if (halfOf(f.figure) != half || f.call == Call::Within)
                continue;
            out << "  " << said(Message::verbatim(figureTitle(f.figure, v.tolerance.formula)))
                << ": " << saidFigures(figureText(f.figure, f.value));
            if (f.uncertainty.isKnown())
                out << " ± "
                    << saidFigures(figureText(f.figure, kCoverageFactor * f.uncertainty.total()));
            out << ", "
                << said({"limit %1: %2",
                         {saidFigures(figureText(f.figure, f.limit)), callTitle(f.call)}})
                << '\n';
        }
    }
}

} // namespace lantern::cli
