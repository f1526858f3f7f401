#pragma once

#include "ui/session/job_session.h"

#include <QStringList>
#include <vector>

namespace arbor::ui {

/// A gauge named as it is typed, today by the window's clock; nothing typed names none.
job::GaugeUsed gaugeTyped(const QString& typed, const JobSession& session);
/// The one of this shop that is meant; null: none of them.
const catalog::Gauge* gaugeKnown(const job::GaugeUsed& used, const JobSession& session);
/// Their numbers, of those of the shop that read such a thing.
QStringList gaugesFor(const std::vector<catalog::GaugeKind>& kinds, const JobSession& session);
/// "bore gauge 35-60, ±3 µm"; empty: not of this shop.
QString gaugeSaid(const job::GaugeUsed& used, const JobSession& session);
QStringList namesOfPeople(const JobSession& session);

} // namespace arbor::ui
