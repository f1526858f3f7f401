#pragma once

#include <optional>
#include <vector>

namespace arbor {

/// value(angle) = mean + cosine cos(angle) + sine sin(angle), by least squares.
struct Harmonic {
    double mean = 0;
    double cosine = 0;
    double sine = 0;
    std::vector<double> residuals; ///< value less fit, in the order given
    /// Standard error of (cosine, sine) in its worst direction per that of one value. Values crowded on one side leave
    /// the far side open, and this says so.
    double errorPerValue = 0;
};

/// @param angles_rad  any spacing; @param values  as many, all finite
/// @return nothing where the angles do not fix the three unknowns
/// @source least squares by column-pivoting QR; law of propagation: the larger eigenvalue of the slopes' part of
///         (A'A)^-1
std::optional<Harmonic> fitHarmonic(const std::vector<double>& angles_rad, const std::vector<double>& values);

} // namespace arbor
