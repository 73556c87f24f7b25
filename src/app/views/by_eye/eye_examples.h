#pragma once

#include "app/views/by_eye/by_eye_model.h"

#include <QWidget>

namespace lantern::app {

/// How a step looks when it is off on either side, and when it is right, in small.
class EyeExamples : public QWidget {
    Q_OBJECT
public:
    explicit EyeExamples(QWidget *parent = nullptr);
    void show(const std::vector<EyeExample> &examples);

protected:
    void paintEvent(QPaintEvent *event) override;

private:
    std::vector<EyeExample> m_examples;
};

} // namespace lantern::app
