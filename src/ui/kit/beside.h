#pragma once

#include <QWidget>

class QBoxLayout;

namespace arbor::ui {

/// Entries as wide as a sheet, and a picture beside them. Where the window leaves the picture too little it goes above
/// the entries, or, where the card says the same, out of the way.
class Beside : public QWidget {
    Q_OBJECT
public:
    enum class Sheet { Left, Right };
    enum class Narrow { Above, Away };
    struct Shape {
        Sheet sheet = Sheet::Left;
        Narrow picture = Narrow::Away;
        int leastPicture = 150; ///< wide
    };
    Beside(QWidget* sheet, QWidget* picture, Shape shape, QWidget* parent);

signals:
    void arranged(bool beside);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void arrange();

    const Shape m_shape;
    QBoxLayout* m_layout;
    QWidget *m_sheet, *m_picture;
};

} // namespace arbor::ui
