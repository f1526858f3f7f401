#pragma once

#include "core/day/board.h"
#include "words/sentences.h"
#include "words/sheet.h"

#include <string>

namespace arbor::words {

/// "9:34", and with the day of the week where it is another one: "Tue 9:34".
std::string timeWords(const day::Day& day, day::Minute minute);
/// What is done: "strip", "outer cup in", "drum end, 118 °C".
std::string pieceWords(const day::Board& board, std::size_t piece);
/// Where: the press, the oven; empty: at the bench.
std::string placeWords(const day::Day& day, std::size_t piece);
Sentence say(const day::Move& move, const day::Board& board);
Sentence say(const day::Clash& clash, const day::Board& board);

/// What comes next, when every job is done, what moved and what clashes; the whole plan by time as rows for paper,
/// command line and JSON.
Sheet daySheet(const day::Board& board);
/// The piece that begins next, from now on; nothing: all is begun.
std::optional<std::size_t> nextPiece(const day::Board& board);

} // namespace arbor::words
