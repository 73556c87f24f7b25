#include "app/correction_dialog.h"

#include "app/ledger/ledger_rows.h"
#include "core/base/error.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHeaderView>
#include <QVBoxLayout>

namespace lantern::app {

namespace {

constexpr DeviceRgb kWhite{255, 255, 255};

QStringList names(const QComboBox *box)
{
    QStringList out;
    for (int i = 0; i < box->count(); ++i)
        out << box->itemText(i);
    return out;
}

} // namespace

CorrectionDialog::CorrectionDialog(Session *session, QWidget *parent)
    : QDialog(parent),
      m_session(session),
      m_read(new QPushButton),
      m_table(new QTableWidget(0, 4)),
      m_meter(new QComboBox),
      m_reference(new QComboBox),
      m_difference(new QLabel),
      m_notice(new QLabel),
      m_keep(new QPushButton(tr("&Keep the correction")))
{
    setWindowTitle(tr("Correct a meter by a better one"));
    setObjectName(QStringLiteral("correctionDialog"));
    auto *words = new QLabel(
        tr("Hang the first meter on the patch and read, change to the other in the Meter menu, "
           "hang it on the same spot and read again. A minute each; the display should be warm."));
    words->setWordWrap(true);
    m_read->setObjectName(QStringLiteral("readFourColours"));
    m_table->setHorizontalHeaderLabels(
        {tr("Meter"), tr("white x"), tr("white y"), tr("white cd/m²")});
    m_table->verticalHeader()->hide();
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionMode(QAbstractItemView::NoSelection);
    m_table->setFocusPolicy(Qt::NoFocus);
    m_table->setAccessibleName(tr("What each meter read"));
    m_meter->setObjectName(QStringLiteral("meterToCorrect"));
    m_meter->setAccessibleName(tr("Meter to correct"));
    m_reference->setObjectName(QStringLiteral("betterMeter"));
    m_reference->setAccessibleName(tr("Better meter"));
    m_difference->setWordWrap(true);
    m_notice->setWordWrap(true);
    m_keep->setObjectName(QStringLiteral("keepCorrection"));

    auto *form = new QFormLayout;
    form->addRow(tr("&Better meter"), m_reference);
    form->addRow(tr("Meter to &correct"), m_meter);
    auto *buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    buttons->addButton(m_keep, QDialogButtonBox::ActionRole);
    auto *column = new QVBoxLayout(this);
    column->addWidget(words);
    column->addWidget(m_read);
    column->addWidget(m_table);
    column->addLayout(form);
    column->addWidget(m_difference);
    column->addWidget(m_notice);
    column->addWidget(buttons);
    resize(520, 430);

    connect(m_read, &QPushButton::clicked, session, &Session::readFourColours);
    connect(m_keep, &QPushButton::clicked, this, [this] {
        m_session->keepFourColours(m_meter->currentText(), m_reference->currentText());
    });
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::close);
    for (QComboBox *box : {m_meter, m_reference})
        connect(box, &QComboBox::currentIndexChanged, this, &CorrectionDialog::showChoice);
    connect(session, &Session::changed, this, &CorrectionDialog::showState);
    showState();
}

void CorrectionDialog::showState()
{
    const SessionState &state = m_session->state();
    m_read->setText(state.isMeasuring() ? tr("%1 is reading").arg(state.meter.name)
                                        : tr("&Read with %1").arg(state.meter.name));
    m_read->setEnabled(!state.isMeasuring());
    m_notice->setText(state.status.message.isEmpty() ? state.notice : state.status.message);

    QStringList meters;
    m_table->setRowCount(static_cast<int>(state.fourColours.size()));
    for (const auto &[name, readings] : state.fourColours) {
        const XYZ white = whiteOf(readings, name.toStdString());
        const Chromaticity c = chromaticity(white);
        int column = 0;
        for (const QString &text : {name, figure(c.x, 4), figure(c.y, 4), figure(white.Y, 2)}) {
            auto *item = new QTableWidgetItem(text);
            if (column > 0)
                item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            m_table->setItem(static_cast<int>(meters.size()), column++, item);
        }
        meters << name;
    }
    if (meters != names(m_meter)) {
        for (QComboBox *box : {m_meter, m_reference}) {
            const QSignalBlocker quiet(box);
            const QString before = box->currentText();
            box->clear();
            box->addItems(meters);
            box->setCurrentIndex(static_cast<int>(std::max<qsizetype>(0, meters.indexOf(before))));
        }
        if (meters.size() == 2) // the one read first is the better one, until told otherwise
            m_meter->setCurrentIndex(1 - m_reference->currentIndex());
    }
    showChoice();
}

void CorrectionDialog::showChoice()
{
    const auto &sets = m_session->state().fourColours;
    const auto meter = sets.find(m_meter->currentText());
    const auto reference = sets.find(m_reference->currentText());
    const bool both = meter != sets.end() && reference != sets.end() && meter != reference;
    m_keep->setEnabled(both && !m_session->state().isMeasuring());
    if (!both) {
        m_difference->setText(sets.size() < 2 ? tr("Two meters are needed; %n has read so far.",
                                                   nullptr, static_cast<int>(sets.size()))
                                              : tr("Choose two different meters."));
        return;
    }
    const XYZ was = whiteOf(meter->second, "meter");
    const XYZ is = whiteOf(reference->second, "reference");
    const Chromaticity a = chromaticity(was);
    const Chromaticity b = chromaticity(is);
    m_difference->setText(tr("On white %1 is off by x %2, y %3 and %4 % in luminance.")
                              .arg(meter->first, figure(a.x - b.x, 4), figure(a.y - b.y, 4),
                                   figure(100 * (was.Y / is.Y - 1), 1)));
}

} // namespace lantern::app
