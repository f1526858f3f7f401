#include "ui/shop/bench_page.h"

#include "core/job/names.h"
#include "ui/alarm/alarms.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "ui/theme/theme.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSettings>
#include <QSlider>
#include <QStyle>
#include <QVBoxLayout>

namespace arbor::ui {

namespace {

constexpr int kLabelWidth = 260, kFieldWidth = 240;
constexpr int kScales_percent[] = {100, 110, 125, 140, 160};

} // namespace

BenchPage::BenchPage(QSettings& settings, Alarms& alarms, QWidget* parent)
    : QWidget(parent), m_settings(settings), m_alarms(alarms) {
    setObjectName("benchPage");
    setProperty("touched", true);
    m_layout = new QVBoxLayout(this);
    m_layout->setContentsMargins(theme::kMargin, theme::kMargin, theme::kMargin, theme::kMargin);
    m_layout->setSpacing(theme::kGap);
    buildLooks();
    buildFar();
    buildAlarms();
    buildPhotos();
    m_layout->addStretch(1);
}

void BenchPage::addHeading(const QString& text) {
    auto* heading = new QLabel(text, this);
    heading->setFont(theme::typeface(theme::Text::Title));
    m_layout->addSpacing(theme::kGap);
    m_layout->addWidget(heading);
}

void BenchPage::addLine(const QString& label, QWidget* field, const char* name) {
    field->setObjectName(name);
    field->setAccessibleName(label);
    field->setFixedWidth(theme::wide(kFieldWidth));
    field->setMinimumHeight(theme::kTouch);
    auto* text = new QLabel(label, this);
    text->setWordWrap(true);
    text->setFixedWidth(theme::wide(kLabelWidth));
    auto* line = new QHBoxLayout;
    line->addWidget(text);
    line->addWidget(field);
    line->addStretch(1);
    m_layout->addLayout(line);
}

void BenchPage::addChoice(const QString& label, const char* name, const char* setting, bool usual) {
    auto* box = new QCheckBox(this);
    box->setChecked(m_settings.value(setting, usual).toBool());
    addLine(label, box, name);
    connect(box, &QCheckBox::toggled, this, [this, setting](bool on) {
        m_settings.setValue(setting, on);
        emit screensChosen();
    });
}

void BenchPage::buildLooks() {
    addHeading(tr("This bench"));
    m_text = new QComboBox(this);
    for (const int percent : kScales_percent)
        m_text->addItem(tr("%1 %").arg(percent), percent);
    addLine(tr("Size of texts"), m_text, "textScale");
    connect(m_text, &QComboBox::activated, this, [this] {
        m_settings.setValue(kTextScale, m_text->currentData());
        emit textScaleChosen();
    });
    addChoice(tr("Number pad when a field is touched"), "numberPadWanted", kNumberPad, true);
}

void BenchPage::buildFar() {
    addHeading(tr("Big view"));
    addChoice(tr("By itself on a second screen"), "secondScreen", kSecondScreen, true);
    m_foot = new QPushButton(this);
    addLine(tr("Foot switch, beside the space bar"), m_foot, "footSwitch");
    m_foot->installEventFilter(this);
    connect(m_foot, &QPushButton::clicked, this, [this] {
        m_listens = !m_listens;
        showFoot();
    });
}

void BenchPage::buildPhotos() {
    addHeading(tr("Photos"));
    m_photos = new QLineEdit(this);
    m_photos->setMinimumWidth(320);
    m_photos->setPlaceholderText(tr("none"));
    addLine(tr("Folder that a phone’s or a camera’s come into"), m_photos, "photoFolder");
    connect(m_photos, &QLineEdit::editingFinished, this, [this] {
        const auto folder = m_photos->text().trimmed();
        const bool good = folder.isEmpty() || QFileInfo(folder).isDir();
        if (good) {
            m_settings.setValue(kPhotoFolder, folder);
            emit photosChosen(folder);
        }
        m_photos->setProperty("wrong", !good);
        m_photos->style()->unpolish(m_photos);
        m_photos->style()->polish(m_photos);
        emit trouble(good ? QString() : tr("There is no folder %1: no photos are looked for.").arg(folder));
    });
}

void BenchPage::buildAlarms() {
    addHeading(tr("Alarms"));
    m_ahead = new QLineEdit(this);
    addLine(tr("Told ahead, before a time is up [s]"), m_ahead, "alarmAhead");
    connect(m_ahead, &QLineEdit::editingFinished, this, [this] {
        if (const auto seconds = numberIn(m_ahead->text()); seconds && *seconds >= 0) m_alarms.setAhead(*seconds);
        open();
    });
    m_volume = new QSlider(Qt::Horizontal, this);
    m_volume->setRange(0, 100);
    m_volume->setPageStep(10);
    addLine(tr("Volume"), m_volume, "alarmVolume");
    connect(m_volume, &QSlider::valueChanged, this, [this](int percent) { m_alarms.setVolume(percent / 100.0); });
    auto* tests = new QHBoxLayout;
    for (const auto& [kind, word] : {std::pair{job::AlarmKind::Ready, tr("ready")},
                                     {job::AlarmKind::Hurry, tr("hurry")},
                                     {job::AlarmKind::TooLate, tr("too late")},
                                     {job::AlarmKind::Stop, tr("stop")}}) {
        auto* button = new QPushButton(tr("Try: %1").arg(word), this);
        button->setObjectName("alarmTest_" + q(std::string(job::name(kind))));
        button->setMinimumHeight(theme::kTouch);
        connect(button, &QPushButton::clicked, this, [this, tried = kind] { m_alarms.test(tried); });
        tests->addWidget(button);
    }
    tests->addStretch(1);
    m_layout->addLayout(tests);
    m_sound = new QLabel(this);
    m_sound->setObjectName("alarmSound");
    m_sound->setWordWrap(true);
    m_layout->addWidget(m_sound);
}

void BenchPage::open() {
    m_photos->setText(m_settings.value(kPhotoFolder).toString());
    m_text->setCurrentIndex(std::max(0, m_text->findData(m_settings.value(kTextScale, 100).toInt())));
    m_ahead->setText(numberTyped(m_alarms.ahead_s()));
    const QSignalBlocker quiet(m_volume);
    m_volume->setValue(static_cast<int>(m_alarms.volume() * 100));
    m_sound->setText(m_alarms.canBeHeard()
                         ? tr("F10 or the button acknowledges: the alarm is quiet then, and stands with its step.")
                         : tr("This computer has no sound: alarms are only shown."));
    showFoot();
}

void BenchPage::showFoot() {
    const int key = m_settings.value(kFootKey, 0).toInt();
    m_foot->setText(m_listens ? tr("Tread on it now…")
                    : key     ? QKeySequence(key).toString(QKeySequence::NativeText)
                              : tr("none: press here, then tread on it"));
}

/// The next key is that of the switch; Escape leaves it as it was, Delete takes it away.
bool BenchPage::eventFilter(QObject* watched, QEvent* event) {
    const bool key = event->type() == QEvent::KeyPress || event->type() == QEvent::ShortcutOverride;
    if (!m_listens || !key) return QWidget::eventFilter(watched, event);
    event->accept();
    const int code = static_cast<QKeyEvent*>(event)->key();
    const bool isModifier = code == Qt::Key_Shift || code == Qt::Key_Control || code == Qt::Key_Alt;
    if (event->type() == QEvent::ShortcutOverride || isModifier) return true;
    m_listens = false;
    if (code == Qt::Key_Delete) m_settings.remove(kFootKey);
    if (code != Qt::Key_Delete && code != Qt::Key_Escape) m_settings.setValue(kFootKey, code);
    showFoot();
    return true;
}

} // namespace arbor::ui
