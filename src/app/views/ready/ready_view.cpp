#include "app/views/ready/ready_view.h"

#include "app/theme.h"

namespace lantern::app {

ReadyView::ReadyView(Session *session)
    : View(tr("Ready"),
           tr("What the program can check it has checked; tick the rest. A point left open "
              "does not stop you."),
           session),
      m_list(new QVBoxLayout)
{
    m_list->setSpacing(0);
    body()->addSpacing(8);
    body()->addLayout(m_list);
    body()->addStretch(1);
}

void ReadyView::setState(const SessionState &state)
{
    m_updating = true;
    while (m_lines.size() < state.ready.size()) {
        const int index = static_cast<int>(m_lines.size());
        Line line{new QCheckBox, makeLabel({}, theme::kSmall, theme::kMuted)};
        line.box->setFont(theme::font(11));
        line.reason->setContentsMargins(24, 0, 0, 14);
        connect(line.box, &QCheckBox::toggled, this, [this, index](bool on) {
            if (!m_updating)
                this->session()->setReadyPoint(index, on);
        });
        m_list->addWidget(line.box);
        m_list->addWidget(line.reason);
        m_lines.push_back(line);
    }
    for (size_t i = 0; i < state.ready.size(); ++i) {
        const ReadyPoint &p = state.ready[i];
        m_lines[i].box->setText(p.title);
        m_lines[i].box->setChecked(p.done);
        m_lines[i].box->setEnabled(!p.automatic);
        m_lines[i].reason->setText(p.automatic ? p.finding + QLatin1Char(' ') + p.reason
                                               : p.reason);
    }
    m_updating = false;
}

} // namespace lantern::app
