#include "core/thermal/stiff_solver.h"

#include <cstdlib>
#include <cvode/cvode.h>
#include <memory>
#include <nvector/nvector_serial.h>
#include <sunlinsol/sunlinsol_band.h>
#include <sunlinsol/sunlinsol_dense.h>
#include <sunmatrix/sunmatrix_band.h>
#include <sunmatrix/sunmatrix_dense.h>

namespace arbor::thermal {

namespace {

std::span<const double> values(N_Vector v) {
    return {N_VGetArrayPointer(v), static_cast<std::size_t>(N_VGetLength(v))};
}

int slopeOf(realtype t, N_Vector y, N_Vector out, void* user) {
    static_cast<const Ode*>(user)->slope(t, values(y), {N_VGetArrayPointer(out), values(y).size()});
    return 0;
}

int eventOf(realtype t, N_Vector y, realtype* out, void* user) {
    *out = static_cast<const Ode*>(user)->event(t, values(y));
    return 0;
}

/// The library's name of a code, which it hands out for whoever asks to free.
std::string nameOf(int code) {
    const std::unique_ptr<char, decltype(&std::free)> name(CVodeGetReturnFlagName(code), &std::free);
    return name.get();
}

/// What the library hands out, given back in the right order.
class Solver {
public:
    Solver(const Ode& ode, std::vector<double>& state, double t0) {
        const auto n = static_cast<sunindextype>(state.size());
        SUNContext_Create(nullptr, &m_context);
        m_y = N_VMake_Serial(n, state.data(), m_context);
        const sunindextype band = ode.neighbours.value_or(0);
        m_matrix = ode.neighbours ? SUNBandMatrix(n, band, band, m_context) : SUNDenseMatrix(n, n, m_context);
        m_linear =
            ode.neighbours ? SUNLinSol_Band(m_y, m_matrix, m_context) : SUNLinSol_Dense(m_y, m_matrix, m_context);
        m_memory = CVodeCreate(CV_BDF, m_context);
        CVodeSetErrHandlerFn(
            m_memory, [](int, const char*, const char*, char*, void*) {}, nullptr);
        CVodeInit(m_memory, slopeOf, t0, m_y);
        CVodeSStolerances(m_memory, ode.relative, ode.absolute);
        CVodeSetUserData(m_memory, const_cast<Ode*>(&ode)); // handed back as it is
        CVodeSetLinearSolver(m_memory, m_linear, m_matrix);
        CVodeSetMaxNumSteps(m_memory, 20000);
        if (ode.event) {
            CVodeRootInit(m_memory, 1, eventOf);
            int falling = -1;
            CVodeSetRootDirection(m_memory, &falling);
        }
    }
    ~Solver() {
        CVodeFree(&m_memory);
        SUNLinSolFree(m_linear);
        SUNMatDestroy(m_matrix);
        N_VDestroy(m_y);
        SUNContext_Free(&m_context);
    }
    Solver(const Solver&) = delete;
    Solver& operator=(const Solver&) = delete;

    /// Goes on to a time. @return the library's own code; `at` is how far it came
    int goTo(double t, double& at) { return CVode(m_memory, t, m_y, &at, CV_NORMAL); }
    /// Begins anew from where it stands, with small steps: a film that closes is a kink that it could not step over.
    bool beginAnew(double at) { return CVodeReInit(m_memory, at, m_y) == CV_SUCCESS; }
    /// The first event is all that is asked for. Looking on, the solver gives up where the event stays at zero, or
    /// comes back to it within its own noise.
    void lookNoMore() { CVodeRootInit(m_memory, 0, nullptr); }

private:
    SUNContext m_context = nullptr;
    N_Vector m_y = nullptr;
    SUNMatrix m_matrix = nullptr;
    SUNLinearSolver m_linear = nullptr;
    void* m_memory = nullptr;
};

} // namespace

Result<OdeRun> solveStiff(const Ode& ode, std::vector<double> start, double t0, const std::vector<double>& times) {
    OdeRun out;
    std::vector<double> state = std::move(start);
    Solver solver(ode, state, t0);
    double at = t0, begunAnew = t0 - 1;
    for (const double time : times) {
        while (at < time) {
            const int code = solver.goTo(time, at);
            const bool stuck = code == CV_ERR_FAILURE || code == CV_CONV_FAILURE;
            if (stuck && at > begunAnew && solver.beginAnew(at)) {
                begunAnew = at;
                continue;
            }
            if (code < 0) return refuse(ProblemCode::NotDefined, "t_s", plain(at), asListed(nameOf(code)));
            if (code != CV_ROOT_RETURN) continue;
            out.event_s = at;
            solver.lookNoMore();
        }
        out.states.push_back(state);
    }
    return out;
}

} // namespace arbor::thermal
