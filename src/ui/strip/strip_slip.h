#pragma once

#include "ui/session/job_session.h"
#include "ui/slip/slip_model.h"
#include "words/order_words.h"

namespace arbor::ui {

/// Where the work stands at the chosen line.
struct StripStand {
    bool together = false;
    bool done = false;     ///< this line
    bool stays = false;    ///< its part is left where it is
    bool finished = false; ///< every line of this direction
    bool wantsWayRound = false;
    QString whyNot; ///< why the line cannot be done now; empty: it can
};

SlipModel stripSlip(const JobSession& session, const words::WorkLine& line, const StripStand& stand);
/// When there is no order to go by: no arrangement, or one that is wrong.
SlipModel noOrderSlip(const JobSession& session);

} // namespace arbor::ui
