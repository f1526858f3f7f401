// What the fuzzer found worth keeping is read again: with the sanitizers too, in `make sanitize`.
#include "targets.h"

#include <filesystem>
#include <fstream>
#include <gtest/gtest.h>

namespace fs = std::filesystem;
using namespace arbor;

TEST(Corpus, WhateverIsReadIsTakenOrRefused) {
    for (const auto& target : fuzz::targets()) {
        const auto folder = fs::path(ARBOR_SOURCE_DIR) / "fuzz/corpus" / target.name;
        std::size_t read = 0;
        for (const auto& file : fs::directory_iterator(folder)) {
            std::ifstream in(file.path(), std::ios::binary);
            const std::string text{std::istreambuf_iterator<char>(in), {}};
            SCOPED_TRACE(file.path().string());
            target.read(text);
            ++read;
        }
        EXPECT_GT(read, 0u) << target.name << ": a target without a corpus is not asked";
    }
}
