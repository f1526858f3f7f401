# What a newcomer types: `make demo`, `make test`. Everything else is here too.
BUILD := build/release
APP   := $(BUILD)/src/app/brisk-arbor
JOB   := demo/seamer-turret-upper.arbor.json

.PHONY: all deps build demo test sanitize bench shots check clean

all: build

deps:
	@tools/install_packages.sh packages.txt

build: deps
	@cmake --preset release
	@cmake --build $(BUILD)

# make demo            starts the program with the demo shop's first job
# make demo SHOT=file  saves a 1280x800 picture of the window instead and ends
demo: build
	@tools/with_display.sh tools/demo.sh $(APP) $(JOB) $(SHOT)

test: build
	@ctest --preset release

# The same tests of core and files with address and undefined-behaviour sanitizers.
sanitize: deps
	@cmake --preset asan-ubsan
	@cmake --build build/asan-ubsan --target core_tests io_tests
	@ctest --preset asan-ubsan

bench: build
	@$(BUILD)/bench/arbor_bench

shots: build
	@tools/with_display.sh tools/shots.sh $(APP) docs/screenshots

check: build  # TIDY=all analyses every file
	@TIDY=$(TIDY) tools/check.sh $(BUILD)

clean:
	@rm -rf build
