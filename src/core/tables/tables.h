#pragma once

#include "core/adjust/play_band.h"
#include "core/catalog/bearing.h"
#include "core/catalog/gauge.h"
#include "core/catalog/material.h"
#include "core/catalog/own_bearings.h"
#include "core/catalog/prices.h"
#include "core/catalog/rack.h"
#include "core/job/record.h"
#include "core/standards/bearing_limits.h"
#include "core/standards/limits.h"
#include "core/thermal/heat_source.h"

#include <string>
#include <vector>

namespace arbor::tables {

/// Every table a plan looks things up in.
struct Tables {
    standards::Iso286 iso286;
    standards::BearingTables bearingTables;
    std::vector<catalog::Bearing> bearings;
    catalog::Materials materials;
    catalog::FrictionBands friction;
    catalog::Rack rack;
    std::vector<thermal::HeatSource> heatSources;
    std::vector<adjust::PlayBand> endPlay;
    std::vector<catalog::OwnBearing> ownBearings; ///< of the shop, among the bearings too
    std::vector<catalog::Gauge> gauges;
    std::vector<catalog::Person> people;
    catalog::Prices prices;
    std::string today;                ///< "2027-03-31": core has no clock; empty: not said
    std::vector<job::Record> records; ///< of the shop's closed jobs
};

} // namespace arbor::tables
