# What a newcomer types: `make demo`, `make test`. Everything else is here too.
BUILD := build/release
APP   := $(BUILD)/src/app/brisk-arbor
JOB   := demo/seamer-turret-upper.arbor.json

.PHONY: all build demo test sanitize bench mistakes fuzz reliability tsan shots check install deb check-deb clean

# $(call ready,PACKAGE LISTS,PRESET): installs what is missing and configures, where that is still to do.
ready = @tools/install_packages.sh $(patsubst %,packages/%.txt,run build $(1)) && tools/configure.sh $(2)

all: build

build:
	$(call ready,,release)
	@cmake --build $(BUILD)

# make demo            starts the program with the demo shop's first job
# make demo SHOT=file  saves a 1280x800 picture of the window instead and ends
demo:
	$(call ready,,release)
	@cmake --build $(BUILD) --target brisk-arbor brisk-arbor-cli brisk-arbor-sim
	@tools/with_display.sh tools/demo.sh $(APP) $(JOB) $(SHOT)

# make test                       all of them
# make test ONLY=Suite.Name       one, or a pattern as GoogleTest takes it
test:
	$(call ready,test,test)
	@tools/make_locale.sh
	@cmake --build $(BUILD)
	@$(if $(ONLY),GTEST_FILTER='$(ONLY)') ctest --preset test

# The tests of core, files and devices with address and undefined-behaviour sanitizers, built by Clang; and in German,
# where a number has a comma. The command line goes through the same code once more: two minutes for nothing new. So do
# made-up jobs by the hundred.
AGAIN := -Mistakes.OfAHundred*:Mistakes.TheSameSeed*:Foreman.SpeaksOfWhatIsDrawn:OneTruth.OfEveryMadeUpJob
sanitize:
	$(call ready,test check,asan-ubsan)
	@tools/make_locale.sh
	@cmake --build build/asan-ubsan --target core_tests io_tests device_tests
	@GTEST_FILTER='$(or $(ONLY),$(AGAIN))' ctest --preset asan-ubsan

bench:
	$(call ready,bench,bench)
	@cmake --build $(BUILD) --target arbor_bench
	@$(BUILD)/bench/arbor_bench

# Plants mistakes in made-up jobs and counts those that the program names: half an hour, apart from CI.
SEEDS := 20261129 771 48213
mistakes: build
	@$(BUILD)/src/mistakes/arbor-mistakes --jobs 10000 --seed $(SEEDS) --score docs/mistakes.md

# Made-up input for everything that reads from outside, an hour or ten million inputs each: hours, apart from CI.
FUZZ_SECONDS := 3600
FUZZ_RUNS    := 10000000
fuzz:
	$(call ready,check,fuzz)
	@cmake --build build/fuzz --target $(addprefix fuzz_,$(notdir $(wildcard fuzz/corpus/*)))
	@tools/fuzz.sh build/fuzz $(FUZZ_SECONDS) $(FUZZ_RUNS)

# The logbook's thread and its deadlines, the readers of the shelf and long work with the thread sanitizer (which cannot
# start another process): apart from CI. Qt is not built for it, so that what goes through Qt's own queues and painters
# is left to tools/tsan.supp.
tsan:
	$(call ready,test check,tsan)
	@cmake --build build/tsan --target log_tests ui_tests
	@TSAN_OPTIONS="suppressions=$(CURDIR)/tools/tsan.supp halt_on_error=1" build/tsan/tests/log_tests \
	    --gtest_filter='Desk.*:Keeper.*:Deadline.*:*ALockedFile*:*AtOnce/Sqlite' --gtest_brief=1
	@QT_QPA_PLATFORM=offscreen TSAN_OPTIONS="suppressions=$(CURDIR)/tools/tsan.supp halt_on_error=1" \
	    build/tsan/tests/ui_tests --gtest_filter='Shelf.TwoThousand*:Shelf.JobsAreFound*:Trust.*ackup*' --gtest_brief=1

# Every writer on a disk that fails, or killed, at each of its calls: ten minutes, apart from CI.
reliability:
	$(call ready,test,test)
	@cmake --build $(BUILD) --target reliability_tests stall_meter
	@rm -rf $(BUILD)/stall-shop && cp -R demo $(BUILD)/stall-shop
	@QT_QPA_PLATFORM=offscreen $(BUILD)/tests/stall_meter $(BUILD)/stall-shop
	@ARBOR_FAULTS=40 $(BUILD)/tests/reliability_tests --gtest_brief=1 --gtest_filter='-*KILL*'
	@ARBOR_FAULTS=250 $(BUILD)/tests/reliability_tests --gtest_brief=1 --gtest_filter='*KILL*'

shots: build
	$(call ready,shots,release)
	@tools/with_display.sh tools/shots.sh $(APP) docs/screenshots

check: build
	$(call ready,check,analysis)
	@tools/check.sh $(BUILD)

# Into PREFIX, or below DESTDIR as packagers do.
PREFIX := /usr/local
install: build
	@-cmake --build $(BUILD) --target manual
	@cmake --install $(BUILD) --prefix $(PREFIX)

# A package for this Debian, in build/; it names what it depends on.
deb:
	$(call ready,deb,release)
	@cmake --build $(BUILD) --target brisk-arbor brisk-arbor-cli brisk-arbor-sim manual
	@tools/deb.sh $(BUILD)

# Puts it into a bare Debian 12 of its own and runs it there: root, network, ten minutes; apart from CI.
check-deb: deb
	$(call ready,bare,release)
	@tools/check_deb.sh $(BUILD)

clean:
	@rm -rf build
