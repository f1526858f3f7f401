# The solver alone. Debian's libsundials-dev brings PETSc, MPI and a Fortran compiler with it (158 packages, 123 MB) that
# nothing here uses, so tools/install_packages.sh unpacks its headers into .packages/ and installs the library's own
# package; where libsundials-dev is installed, it serves as well. See docs/decisions/2026-11-28-build.md.
# A folder that was configured before a package went looks again.
if(NOT EXISTS "${CVODE_INCLUDE_DIR}/cvode/cvode.h")
  unset(CVODE_INCLUDE_DIR CACHE)
endif()
if(NOT EXISTS "${CVODE_LIBRARY}")
  unset(CVODE_LIBRARY CACHE)
endif()
find_path(CVODE_INCLUDE_DIR cvode/cvode.h HINTS ${PROJECT_SOURCE_DIR}/.packages/usr/include)
find_library(CVODE_LIBRARY NAMES sundials_cvode libsundials_cvode.so.6)
include(FindPackageHandleStandardArgs)
find_package_handle_standard_args(Cvode REQUIRED_VARS CVODE_LIBRARY CVODE_INCLUDE_DIR
  REASON_FAILURE_MESSAGE "`make` gets it, by tools/install_packages.sh, and the package libsundials-dev has it as well")
if(Cvode_FOUND AND NOT TARGET Cvode::cvode)
  add_library(Cvode::cvode UNKNOWN IMPORTED)
  set_target_properties(Cvode::cvode PROPERTIES IMPORTED_LOCATION ${CVODE_LIBRARY}
    INTERFACE_INCLUDE_DIRECTORIES ${CVODE_INCLUDE_DIR})
endif()
