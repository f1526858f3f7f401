#pragma once

#include <QWidget>

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QSettings;
class QSlider;
class QVBoxLayout;

namespace arbor::ui {

class Alarms;

/// How this one bench is set up: size of texts, the view from two metres and its foot switch, alarms.
class BenchPage : public QWidget {
    Q_OBJECT
public:
    static constexpr const char* kTextScale = "text_percent";
    static constexpr const char* kSecondScreen = "big/second_screen";
    static constexpr const char* kFootKey = "big/foot_key";
    static constexpr const char* kNumberPad = "number_pad";
    static constexpr const char* kPhotoFolder = "photos/folder";

    BenchPage(QSettings& settings, Alarms& alarms, QWidget* parent = nullptr);
    void open(); ///< as it is set now

signals:
    void textScaleChosen(); ///< and kept: the window is to be made anew
    void screensChosen();
    void photosChosen(const QString& folder);
    void trouble(const QString& text); ///< empty: it is put right

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void addHeading(const QString& text);
    void addLine(const QString& label, QWidget* field, const char* name);
    void addChoice(const QString& label, const char* name, const char* setting, bool usual);
    void buildLooks();
    void buildFar();
    void buildAlarms();
    void buildPhotos();
    void showFoot();

    QSettings& m_settings;
    Alarms& m_alarms;
    QVBoxLayout* m_layout;
    QComboBox* m_text;
    QPushButton* m_foot;
    QLineEdit* m_ahead;
    QLineEdit* m_photos;
    QSlider* m_volume;
    QLabel* m_sound;
    bool m_listens = false; ///< for the key of the foot switch
};

} // namespace arbor::ui
