#include "ui/alarm/sounder.h"

#include "core/job/names.h"
#include "ui/text.h"

#include <QAudioDevice>
#include <QMediaDevices>
#include <QSoundEffect>
#include <QUrl>
#include <map>

namespace arbor::ui {

namespace {

class MachineSound : public Sounder {
public:
    bool isThere() const override { return !QMediaDevices::defaultAudioOutput().isNull(); }

    void play(job::AlarmKind kind, double volume) override {
        if (!isThere()) return;
        auto& effect = m_effects[kind];
        if (!effect) {
            effect = std::make_unique<QSoundEffect>();
            effect->setSource(QUrl(QStringLiteral("qrc:/sounds/%1.wav").arg(q(std::string(job::name(kind))))));
        }
        effect->setVolume(static_cast<float>(volume));
        effect->play();
    }

    void quiet() override {
        for (const auto& [kind, effect] : m_effects)
            effect->stop();
    }

private:
    std::map<job::AlarmKind, std::unique_ptr<QSoundEffect>> m_effects;
};

} // namespace

std::unique_ptr<Sounder> makeSounder() {
    return std::make_unique<MachineSound>();
}

} // namespace arbor::ui
