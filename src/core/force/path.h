#pragma once

#include "core/section/contact.h"

#include <vector>

namespace arbor::force {

/// The way a push takes from one body to another over the contacts of a section.
struct Path {
    bool connected = false;
    std::vector<std::size_t> bodies;        ///< from the pushing body to the one that takes the force up
    std::vector<section::Contact> contacts; ///< between neighbours, one less than bodies
    std::vector<std::size_t> mustNotCarry;  ///< bodies on the way that must not carry: elements, seals, ...
    std::vector<section::Contact> slipping; ///< walls on the way between what moves and what stands still

    bool proven() const { return connected && mustNotCarry.empty(); }
};

/// Shortest way of a downward push on the contact graph. Faces carry from upper to lower only; walls and raceways both
/// ways. Bodies that must not carry are left out at first; only when the push cannot arrive without them are they let
/// in, and then named in `mustNotCarry`.
/// @param moves  for each body whether it moves with the pushing one
Path findPath(const std::vector<section::Body>& bodies, const std::vector<bool>& moves, std::size_t from,
              std::size_t to);

/// The same once it stands: what is pushed on top of the sliding friction, the holding load, goes through what stops it
/// and through no wall between what moves and what stands still. Not connected: nothing stops it.
Path findStop(const std::vector<section::Body>& bodies, const std::vector<bool>& moves, std::size_t from,
              std::size_t to);

} // namespace arbor::force
