# make install, and what CPack puts into a package. All data are inside the programs: fonts, tables, templates, languages, help.
include(GNUInstallDirs)
set(docs ${CMAKE_INSTALL_DATAROOTDIR}/doc/brisk-arbor) # as the package is called
set(packaging ${PROJECT_SOURCE_DIR}/packaging)
install(TARGETS brisk-arbor brisk-arbor-cli brisk-arbor-sim RUNTIME DESTINATION ${CMAKE_INSTALL_BINDIR})
install(FILES ${packaging}/brisk-arbor.desktop DESTINATION ${CMAKE_INSTALL_DATADIR}/applications)
install(FILES ${packaging}/brisk-arbor.metainfo.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo)
install(FILES ${packaging}/brisk-arbor-mime.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/mime/packages RENAME brisk-arbor.xml)
install(FILES ${packaging}/icons/brisk-arbor.svg DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/scalable/apps)
foreach(size 16 32 48 128 256)
  install(FILES ${packaging}/icons/brisk-arbor-${size}.png
          DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/${size}x${size}/apps RENAME brisk-arbor.png)
endforeach()
install(FILES ${packaging}/brisk-arbor-cli.bash-completion
        DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions RENAME brisk-arbor-cli)
foreach(program brisk-arbor brisk-arbor-sim)
  install(FILES ${packaging}/brisk-arbor.bash-completion
          DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions RENAME ${program})
endforeach()
install(FILES README.md CHANGELOG.md packaging/copyright DESTINATION ${docs})
set(changelog ${CMAKE_CURRENT_BINARY_DIR}/changelog.gz)
execute_process(COMMAND gzip -9 -n -c ${packaging}/changelog.Debian OUTPUT_FILE ${changelog})
install(FILES ${changelog} DESTINATION ${docs})
install(FILES data/fonts/LICENSE-B612.txt data/icons/LICENSE-lucide.txt DESTINATION ${docs}/licences)
install(DIRECTORY docs/schema DESTINATION ${docs} FILES_MATCHING PATTERN "*.json")
install(FILES docs/guide.md docs/guide.de.md docs/glossary.md docs/glossary.de.md docs/numbers.md docs/rack.md docs/instruments.md docs/api.md docs/reliability.md
              data/logbook-roles.sql
        DESTINATION ${docs})

# The manual pages are what the programs say of themselves; without help2man there are none.
find_program(HELP2MAN help2man)
if(HELP2MAN)
  set(pages)
  foreach(program brisk-arbor brisk-arbor-cli brisk-arbor-sim)
    set(page ${CMAKE_CURRENT_BINARY_DIR}/${program}.1)
    add_custom_command(OUTPUT ${page}.gz
      COMMAND ${CMAKE_COMMAND} -E env LC_ALL=C.UTF-8 LANGUAGE=en ${HELP2MAN} --no-info --no-discard-stderr
              --include=${packaging}/man/${program}.h2m --output=${page} $<TARGET_FILE:${program}>
      COMMAND gzip -9 -n -f ${page}
      DEPENDS ${program} ${packaging}/man/${program}.h2m)
    list(APPEND pages ${page}.gz)
  endforeach()
  add_custom_target(manual DEPENDS ${pages}) # asked for by make install and make deb
  install(FILES ${pages} DESTINATION ${CMAKE_INSTALL_MANDIR}/man1 OPTIONAL)
endif()

set(CPACK_INSTALL_CMAKE_PROJECTS "${CMAKE_BINARY_DIR};${PROJECT_NAME};Unspecified;/") # the programs alone
set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME brisk-arbor)
set(CPACK_PACKAGE_VERSION ${PROJECT_VERSION})
set(CPACK_PACKAGE_CONTACT "Brisk Arbor makers <makers@brisk-arbor.invalid>")
set(CPACK_PACKAGE_DESCRIPTION_SUMMARY "bench-side planner for pressing bearings")
set(CPACK_PACKAGE_DESCRIPTION "Works out fit, press force and heating temperature for bearings and
bearing races, chooses press sleeves and supports from the shop's own
rack, proves that the force never passes through the rolling elements,
watches the press and keeps the record. It advises and does not certify.")
set(CPACK_PACKAGE_FILE_NAME brisk-arbor_${PROJECT_VERSION})
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_DEBIAN_PACKAGE_SECTION science)
set(CPACK_DEBIAN_PACKAGE_PRIORITY optional)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
set(CPACK_DEBIAN_PACKAGE_DEPENDS "libqt6sql6-sqlite, libqt6svg6")
set(CPACK_DEBIAN_PACKAGE_SUGGESTS "libqt6sql6-psql")
set(CPACK_DEBIAN_PACKAGE_CONTROL_STRICT_PERMISSION ON)
set(CPACK_STRIP_FILES ON)
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
include(CPack)
