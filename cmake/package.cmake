# The computation for other programs: find_package(BriskArbor), BriskArbor::core (docs/api.md). Not in the package for
# Debian, which is for those who press bearings.
include(GNUInstallDirs)
include(CMakePackageConfigHelpers)
set(package ${CMAKE_INSTALL_LIBDIR}/cmake/BriskArbor)
set_target_properties(arbor_core PROPERTIES EXPORT_NAME core)
install(TARGETS arbor_core EXPORT BriskArbor ARCHIVE DESTINATION ${CMAKE_INSTALL_LIBDIR} COMPONENT Development)
install(DIRECTORY src/core DESTINATION ${CMAKE_INSTALL_INCLUDEDIR}/brisk-arbor COMPONENT Development
        FILES_MATCHING PATTERN "*.h" PATTERN json_text.h EXCLUDE) # that one is of the inside: it shows a library
install(DIRECTORY data/catalog data/standards DESTINATION ${CMAKE_INSTALL_DATADIR}/brisk-arbor COMPONENT Development)
install(EXPORT BriskArbor NAMESPACE BriskArbor:: FILE BriskArborTargets.cmake DESTINATION ${package} COMPONENT Development)
configure_package_config_file(cmake/BriskArborConfig.cmake.in ${CMAKE_CURRENT_BINARY_DIR}/BriskArborConfig.cmake
  INSTALL_DESTINATION ${package} PATH_VARS CMAKE_INSTALL_DATADIR)
write_basic_package_version_file(${CMAKE_CURRENT_BINARY_DIR}/BriskArborConfigVersion.cmake COMPATIBILITY SameMinorVersion)
install(FILES ${CMAKE_CURRENT_BINARY_DIR}/BriskArborConfig.cmake ${CMAKE_CURRENT_BINARY_DIR}/BriskArborConfigVersion.cmake
        DESTINATION ${package} COMPONENT Development)
