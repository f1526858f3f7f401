#include "ui/theme/tones.h"

#include "ui/theme/theme.h"

namespace arbor::ui {

using theme::roles;

QColor toneColour(Tone tone) {
    switch (tone) {
    case Tone::Plain:
        return roles().ink;
    case Tone::Plan:
        return roles().plan;
    case Tone::Proven:
        return roles().proven;
    case Tone::Check:
        return roles().caution;
    case Tone::Stop:
        return roles().stop;
    }
    return roles().ink;
}

} // namespace arbor::ui
