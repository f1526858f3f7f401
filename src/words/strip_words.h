#pragma once

#include "core/job/job.h"
#include "core/plan/strip_plan.h"
#include "words/order_words.h"
#include "words/sentences.h"

#include <string>
#include <vector>

namespace arbor::words {

/// How far short of what it sits on a ring is ground before it is split [mm]. @source [HB8]
inline constexpr double kReliefShort_mm = 0.5;

std::string methodName(route::Method method);
std::string methodNamed(const std::string& key);     ///< by the key it has in files
std::string methodToolNamed(const std::string& key); ///< what is needed for it
std::string rustName(route::Rust rust);
std::string asFoundName(job::AsFound found);
/// "C · two cups in a hub" @param shape  "A" to "J"; another stays as it is
std::string shapeName(const std::string& shape);

/// What a method does for this ring and why it applies, or why not.
Sentence say(const route::Removal& removal, const plan::TightRing& ring, const arrangement::Assembly& assembly,
             const Display& display);

/// What can hurt with a method, in a line each.
std::vector<std::string> cautions(route::Method method);

/// What to do when it does not go as meant: the inner ring stays behind, the retaining ring breaks, the old ring as
/// pusher. @param part  the one that is taken out
std::vector<Sentence> ifItGoesWrong(const arrangement::Assembly& assembly, std::size_t part,
                                    const plan::TightRing* ring, const Display& display);

/// Head: what must lie on the bench; detail: new, or what makes the old one good enough.
Sentence kitLine(const route::KitLine& line, const arrangement::Assembly& assembly);
/// "2 of the kit are missing: seal, split pin"
std::string kitStop(const plan::StripPlan& strip);

/// Which side faces which way, and how it is told apart; empty head: the part has no way round.
Sentence wayRound(const arrangement::Part& part);

/// Why a part cannot be taken out now; empty: it can. @param here  what is still there
std::string whyNotOut(const arrangement::Assembly& assembly, const route::BlockingGraph& ways, route::PartSet here,
                      std::size_t part);
/// Why a part should not be fitted now: it cannot get there, or it would shut another out; empty: it may.
/// @param here  what is fitted already  @param frame  everything that belongs to this stretch of the work
std::string whyNotFitted(const arrangement::Assembly& assembly, const route::BlockingGraph& ways, route::PartSet here,
                         route::PartSet frame, std::size_t part);

/// A guided check: what it is called, how it is done, what a bad result points to.
struct CheckWords {
    std::string title;
    std::string how;
    std::string badMeans;
};
CheckWords check(job::Check check);

} // namespace arbor::words
