#include "core/base/harmonic.h"

#include <Eigen/Dense>
#include <cmath>

namespace arbor {

namespace {

using Terms = Eigen::Matrix<double, Eigen::Dynamic, 3>;

double worstError(const Terms& A) {
    const Eigen::Matrix3d covariance = (A.transpose() * A).inverse();
    const Eigen::Matrix2d slopes = covariance.bottomRightCorner<2, 2>();
    return std::sqrt(Eigen::SelfAdjointEigenSolver<Eigen::Matrix2d>(slopes).eigenvalues().maxCoeff());
}

} // namespace

std::optional<Harmonic> fitHarmonic(const std::vector<double>& angles_rad, const std::vector<double>& values) {
    const auto n = static_cast<Eigen::Index>(angles_rad.size());
    if (n < 3) return std::nullopt;
    Terms A(n, 3);
    for (Eigen::Index i = 0; i < n; ++i) {
        const double angle = angles_rad[static_cast<std::size_t>(i)];
        A.row(i) << 1, std::cos(angle), std::sin(angle);
    }
    const Eigen::Map<const Eigen::VectorXd> y(values.data(), n);
    const Eigen::ColPivHouseholderQR<Terms> qr(A);
    if (qr.rank() < 3) return std::nullopt;
    const Eigen::Vector3d c = qr.solve(y);
    const Eigen::VectorXd residuals = y - A * c;
    return Harmonic{c(0), c(1), c(2), {residuals.data(), residuals.data() + n}, worstError(A)};
}

} // namespace arbor
