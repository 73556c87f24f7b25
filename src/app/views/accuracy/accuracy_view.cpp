#include "app/views/accuracy/accuracy_view.h"

#include "app/ledger/ledger_rows.h"
#include "app/theme.h"
#include "core/colour/spaces.h"
#include "core/plan/chart.h"

#include <QHBoxLayout>
#include <QHeaderView>

#include <algorithm>

namespace lantern::app {

namespace {

QColor swatch(const Lab &lab)
{
    const Vec3 c = (vec(srgbCodesFromPcs(lab)) / 255).cwiseMax(0).cwiseMin(1);
    return QColor::fromRgbF(float(c[0]), float(c[1]), float(c[2]));
}

QString callText(Call call)
{
    switch (call) {
    case Call::Within:
        return AccuracyView::tr("within");
    case Call::CannotTell:
        return AccuracyView::tr("cannot tell");
    case Call::Over:
        return AccuracyView::tr("over");
    case Call::NotJudged:
        break;
    }
    return AccuracyView::tr("not judged");
}

/// As the marks of the Ledger, in text.
QString callSign(Call call)
{
    return call == Call::Within       ? QStringLiteral("●")
           : call == Call::CannotTell ? QStringLiteral("◐")
                                      : QStringLiteral("⊘");
}

QString figureName(Figure figure)
{
    switch (figure) {
    case Figure::White:
        return AccuracyView::tr("white Δu'v'");
    case Figure::Luminance:
        return AccuracyView::tr("luminance");
    case Figure::Brightness:
        return AccuracyView::tr("bright enough");
    case Figure::Contrast:
        return AccuracyView::tr("contrast");
    case Figure::BareContrast:
        return AccuracyView::tr("contrast");
    case Figure::ToneMean:
        return AccuracyView::tr("tone");
    case Figure::GreySteps:
        return AccuracyView::tr("contrast per step");
    case Figure::GreyMean:
        return AccuracyView::tr("greys, mean");
    case Figure::GreyWorst:
        return AccuracyView::tr("greys, worst");
    case Figure::ColourMean:
        return AccuracyView::tr("colours, mean");
    case Figure::Colour95:
        return AccuracyView::tr("95 % below");
    case Figure::ColourWorst:
        break;
    }
    return AccuracyView::tr("worst colour");
}

QString figureValue(Figure f, double value)
{
    switch (f) {
    case Figure::White:
        return figure(value, 4);
    case Figure::Luminance:
    case Figure::Contrast:
    case Figure::ToneMean:
    case Figure::GreySteps:
        return figure(100 * value, 1) + QStringLiteral(" %");
    case Figure::Brightness:
        return figure(value, 1);
    case Figure::BareContrast:
        return figure(value, 0) + QStringLiteral(":1");
    case Figure::GreyMean:
    case Figure::GreyWorst:
    case Figure::ColourMean:
    case Figure::Colour95:
    case Figure::ColourWorst:
        break;
    }
    return figure(value, 2);
}

/// What each ± is made of.
QString budgetTable(const Verdict &v)
{
    QString rows;
    for (const JudgedFigure &f : v.figures) {
        const auto part = [&](double u) {
            return u > 0 ? figureValue(f.figure, kCoverageFactor * u) : QStringLiteral("–");
        };
        rows +=
            QStringLiteral("<tr><td>%1&nbsp;</td><td>%2&nbsp;</td><td>%3%4&nbsp;</td>"
                           "<td>%5&nbsp;</td><td>%6&nbsp;</td><td>%7&nbsp;</td><td>%8</td></tr>")
                .arg(figureName(f.figure), figureValue(f.figure, f.asRead),
                     f.atLeast ? QStringLiteral("≥ ") : QStringLiteral("≤ "),
                     figureValue(f.figure, f.limit), part(f.uncertainty.scatter),
                     part(f.uncertainty.certificate), part(f.uncertainty.mismatch),
                     part(f.uncertainty.drift));
    }
    return AccuracyView::tr(
               "What each ± (k = 2) is made of. What the scatter of the readings adds to "
               "a difference is taken off the figures.") +
           QStringLiteral("<table><tr><td></td><td>%1&nbsp;</td><td>%2&nbsp;</td><td>%3&nbsp;</td>"
                          "<td>%4&nbsp;</td><td>%5&nbsp;</td><td>%6</td></tr>")
               .arg(AccuracyView::tr("as read"), AccuracyView::tr("limit"),
                    AccuracyView::tr("scatter"), AccuracyView::tr("certificate"),
                    AccuracyView::tr("correction"), AccuracyView::tr("drift")) +
           rows + QStringLiteral("</table>");
}

QPushButton *makeTab(const QString &text)
{
    auto *tab = new QPushButton(text);
    tab->setCheckable(true);
    tab->setAutoExclusive(true);
    tab->setProperty("tab", true);
    return tab;
}

} // namespace

AccuracyView::AccuracyView(Session *session)
    : View(tr("Colour accuracy"), {}, session),
      m_fields(new MatchFields),
      m_table(new QTableWidget),
      m_pages(new QStackedWidget),
      m_tabs(new QWidget),
      m_fieldsTab(makeTab(tr("Match fields"))),
      m_tableTab(makeTab(tr("Table"))),
      m_order(new QComboBox),
      m_side(new QWidget),
      m_mean(makeLabel({}, theme::kGiant, theme::kBright, QFont::Light)),
      m_meanUnit(makeLabel(tr("mean ΔE00"), theme::kNormal, theme::kMuted)),
      m_verdict(makeLabel({}, theme::kNormal, theme::kText)),
      m_figures(makeLabel({}, theme::kNormal, theme::kText)),
      m_note(makeLabel({}, theme::kNormal, theme::kText)),
      m_curve(new Plot(tr("Share of colours below"), QStringLiteral("ΔE00"), QStringLiteral("%"))),
      m_live(new LivePlots)
{
    m_fields->setObjectName(QStringLiteral("matchFields"));
    m_verdict->setObjectName(QStringLiteral("validationVerdict"));
    m_figures->setObjectName(QStringLiteral("verdictFigures"));
    m_table->setColumnCount(6);
    m_table->setHorizontalHeaderLabels({tr("Colour"), tr("RGB sent"), tr("Aimed L* a* b*"),
                                        tr("Measured L* a* b*"), QStringLiteral("ΔE00"),
                                        tr("out of gamut")});
    m_table->verticalHeader()->hide();
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->setAccessibleName(tr("Validation table"));
    m_pages->addWidget(m_fields);
    m_pages->addWidget(m_table);
    m_fieldsTab->setChecked(true);
    connect(m_fieldsTab, &QPushButton::toggled, this,
            [this](bool on) { m_pages->setCurrentIndex(on ? 0 : 1); });
    m_order->addItems({tr("Chart order"), tr("Worst first")});
    m_order->setAccessibleName(tr("Order of the colours"));
    connect(m_order, &QComboBox::activated, this, [this] {
        if (m_shown)
            showValidation(*m_shown);
    });
    m_curve->yAxis->setRange(0, 100);
    m_curve->setFixedHeight(210);

    auto *tabs = new QHBoxLayout(m_tabs);
    tabs->setContentsMargins(0, 4, 0, 0);
    tabs->addWidget(m_fieldsTab);
    tabs->addSpacing(20);
    tabs->addWidget(m_tableTab);
    tabs->addStretch(1);
    tabs->addWidget(m_order);
    m_note->setWordWrap(true);
    auto *left = new QVBoxLayout;
    left->addWidget(m_pages, 1);
    left->addWidget(m_note);
    left->addWidget(m_tabs);

    auto *meanRow = new QHBoxLayout;
    meanRow->addWidget(m_mean);
    meanRow->addWidget(m_meanUnit, 0, Qt::AlignBottom);
    meanRow->addStretch(1);
    auto *side = new QVBoxLayout(m_side);
    side->setContentsMargins(0, 0, 0, 0);
    side->addLayout(meanRow);
    side->addWidget(m_verdict);
    side->addWidget(m_live);
    m_live->hide();
    side->addWidget(m_curve);
    side->addWidget(m_figures);
    side->addStretch(1);
    m_side->setFixedWidth(236);
    m_sideParts = {m_mean, m_meanUnit, m_verdict, m_curve, m_figures};

    auto *row = new QHBoxLayout;
    row->addLayout(left, 1);
    row->addSpacing(16);
    row->addWidget(m_side);
    body()->addLayout(row, 1);
}

void AccuracyView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    const bool measuringChart = state.status.stage == run::Stage::Measure && state.isMeasuring();
    const bool validating = state.status.stage == run::Stage::Validate && state.isMeasuring();
    showDate(state);
    if (state.shown().validation && !measuringChart)
        showValidation(*state.shown().validation);
    else if (measuringChart || validating || !state.results.chart.empty())
        showChart(state);
    else
        showEmpty(state);
}

void AccuracyView::showValidation(const Validation &v)
{
    m_shown = v;
    setExplanation(tr("%1 through the profile · a spot that vanishes is a match")
                       .arg(QString::fromStdString(v.referenceName)));
    std::vector<const ValidatedPatch *> patches;
    for (const ValidatedPatch &p : v.patches)
        patches.push_back(&p);
    if (m_order->currentIndex() == 1)
        std::stable_sort(patches.begin(), patches.end(),
                         [](auto *a, auto *b) { return a->deltaE00 > b->deltaE00; });
    const auto limit = v.verdict.tolerance.colourWorst;
    std::vector<MatchField> fields;
    for (const ValidatedPatch *p : patches)
        fields.push_back({QString::fromStdString(p->aimed.reference.name),
                          swatch(p->aimed.reference.lab), swatch(p->lab), true, p->deltaE00,
                          p->deltaE00 > limit.value_or(1e9)});
    m_fields->setFields(fields);
    fillTable(patches);
    showCurve(v);
    m_side->show();
    m_live->hide();
    for (QWidget *part : m_sideParts)
        part->show();
    m_tabs->show();
    m_mean->setText(figure(v.meanDeltaE00, 2));
    showVerdict(v.verdict);
    const auto worst = std::max_element(v.patches.begin(), v.patches.end(),
                                        [](auto &a, auto &b) { return a.deltaE00 < b.deltaE00; });
    const QString name = QString::fromStdString(worst->aimed.reference.name);
    QStringList notes;
    if (const int beyond = static_cast<int>(v.patches.size()) - v.reachableCount; beyond > 0)
        notes << (beyond == 1
                      ? tr("One colour lies beyond the display's gamut (ΔE00 %1) and is not "
                           "in the figures.")
                      : tr("%1 colours lie beyond the display's gamut (mean ΔE00 %2) and "
                           "are not in the figures.")
                            .arg(beyond))
                     .arg(figure(v.unreachable.mean, 1));
    if (worst->outOfGamut <= kReachable && worst->profileError > 0.5)
        notes << tr("Weakest: %1. The display could show it; the profile itself is %2 off there. "
                    "More patches, or a larger grid, would help.")
                     .arg(name, figure(worst->profileError, 1));
    m_note->setText(notes.join(QLatin1Char(' ')));
    m_note->setVisible(!m_note->text().isEmpty());
}

void AccuracyView::showVerdict(const Verdict &v)
{
    const auto half = [&](Half which, const QString &name) {
        return QStringLiteral("<tr><td>%1</td><td align=right><b>%2</b></td></tr>")
            .arg(name, callText(v.half(which)));
    };
    m_verdict->setText(QStringLiteral("<table width=100% cellspacing=2>") +
                       half(Half::Aim, tr("The aim")) + half(Half::Profile, tr("The profile")) +
                       QStringLiteral("</table>"));
    m_verdict->setToolTip(tr("Limits: %1 (%2).")
                              .arg(QString::fromStdString(v.tolerance.title),
                                   QString::fromStdString(v.tolerance.source)));
    QString rows = QStringLiteral("<table width=100% cellspacing=3>");
    for (const JudgedFigure &f : v.figures) {
        const double expanded = kCoverageFactor * f.uncertainty.total();
        rows += QStringLiteral("<tr><td>%1&nbsp; %2</td><td align=right><b>%3</b>%4</td></tr>")
                    .arg(callSign(f.call), figureName(f.figure), figureValue(f.figure, f.value),
                         f.uncertainty.isKnown()
                             ? QStringLiteral(" ± ") + figureValue(f.figure, expanded)
                             : QString());
    }
    m_figures->setText(rows + QStringLiteral("</table>"));
    m_figures->setToolTip(budgetTable(v));
}

void AccuracyView::showChart(const SessionState &state)
{
    m_shown.reset();
    const bool chart = state.status.stage == run::Stage::Measure;
    const auto &readings = !state.results.chart.empty() ? state.results.chart : state.liveReadings;
    std::vector<MatchField> fields;
    if (state.status.stage == run::Stage::Validate && state.isMeasuring()) {
        setExplanation(tr("Known colours are shown through the profile and read."));
        size_t done = static_cast<size_t>(state.status.readingsDone);
        for (const AimedPatch &aimed : state.results.aimed) {
            const ReferenceColour &c = aimed.reference;
            const bool isRead = done > fields.size() + 1; // white is read before them
            fields.push_back({QString::fromStdString(c.name),
                              isRead ? swatch(c.lab) : swatch(c.lab).darker(260),
                              {},
                              false,
                              0,
                              false});
        }
    } else {
        setExplanation(chart ? tr("The patches of the chart, lit up as they are read.")
                             : tr("The chart has been read. The validation follows when the "
                                  "profile is installed."));
        const run::RunSetup &setup = state.results.setup;
        std::vector<DeviceRgb> patches;
        if (setup.expectedError > 0 || setup.maxMinutes > 0) // chosen as the readings come in
            for (const Reading &r : readings)
                patches.push_back(r.rgb);
        else
            patches = measuringOrder(setup.chartList.empty() ? makeChart(setup.chartPatches)
                                                             : setup.chartList);
        for (size_t i = 0; i < patches.size(); ++i) {
            const QColor colour(int(patches[i].r), int(patches[i].g), int(patches[i].b));
            fields.push_back({tr("patch %1").arg(i + 1),
                              i < readings.size() ? colour : colour.darker(400),
                              {},
                              false,
                              0,
                              false});
        }
    }
    m_fields->setFields(fields);
    m_pages->setCurrentIndex(0);
    m_note->hide();
    m_tabs->hide();
    m_side->show(); // its room stays free for the patch window
    for (QWidget *part : m_sideParts)
        part->hide();
    m_live->setVisible(chart && state.isMeasuring());
    if (m_live->isVisible())
        m_live->setState(state);
}

void AccuracyView::showEmpty(const SessionState &)
{
    m_shown.reset();
    setExplanation(
        tr("Known colours will stand here, each with a spot of what the display really showed. "
           "They are read after the profile is installed."));
    m_fields->setFields({});
    m_pages->setCurrentIndex(0);
    m_note->hide();
    m_side->hide();
    m_tabs->hide();
}

void AccuracyView::fillTable(const std::vector<const ValidatedPatch *> &patches)
{
    auto lab = [](const Lab &c) {
        return figure(c.L, 1).rightJustified(6) + figure(c.a, 1).rightJustified(7) +
               figure(c.b, 1).rightJustified(7);
    };
    m_table->setRowCount(static_cast<int>(patches.size()));
    for (size_t i = 0; i < patches.size(); ++i) {
        const ValidatedPatch &p = *patches[i];
        const DeviceRgb &rgb = p.aimed.rgb;
        const QStringList cells = {QString::fromStdString(p.aimed.reference.name),
                                   QStringLiteral("%1 %2 %3").arg(rgb.r).arg(rgb.g).arg(rgb.b),
                                   lab(p.aimed.reference.lab),
                                   lab(p.lab),
                                   figure(p.deltaE00, 2),
                                   figure(p.outOfGamut, 2)};
        for (int c = 0; c < cells.size(); ++c) {
            auto *item = new QTableWidgetItem(cells[c]);
            item->setTextAlignment(c == 0 ? Qt::AlignLeft | Qt::AlignVCenter
                                          : Qt::AlignRight | Qt::AlignVCenter);
            m_table->setItem(static_cast<int>(i), c, item);
        }
    }
}

void AccuracyView::showCurve(const Validation &v)
{
    std::vector<double> sorted;
    for (const ValidatedPatch &p : v.patches)
        if (p.outOfGamut <= kReachable)
            sorted.push_back(p.deltaE00);
    m_curve->clearLines();
    if (sorted.empty()) {
        m_curve->replot(QCustomPlot::rpQueuedReplot);
        return;
    }
    std::sort(sorted.begin(), sorted.end());
    QVector<double> x = {0}, y = {0};
    for (size_t i = 0; i < sorted.size(); ++i) {
        x << sorted[i] << sorted[i];
        y << y.back() << 100.0 * static_cast<double>(i + 1) / static_cast<double>(sorted.size());
    }
    const auto limit = v.verdict.tolerance.colourMean;
    const double reach = std::max(1.5 * limit.value_or(0), 1.1 * sorted.back());
    x << reach;
    y << 100;
    m_curve->xAxis->setRange(0, reach);
    if (limit)
        m_curve->addLine({*limit, *limit}, {0, 100},
                         {.colour = theme::kMuted, .width = 1.2, .style = Qt::DashLine});
    m_curve->addLine(x, y, {.colour = theme::kBright, .width = 2});
    if (limit) {
        auto *label = new QCPItemText(m_curve);
        label->setText(tr("limit"));
        label->setFont(theme::font(7.5));
        label->setColor(theme::kMuted);
        label->setPositionAlignment(Qt::AlignLeft | Qt::AlignBottom);
        label->position->setCoords(*limit + 0.02 * reach, 4);
    }
    m_curve->replot(QCustomPlot::rpQueuedReplot);
}

} // namespace lantern::app
