#include "io/shop_path.h"

#include <algorithm>
#include <filesystem>

namespace arbor::io {

namespace {

namespace fs = std::filesystem;

bool isBelow(const fs::path& file, const fs::path& folder) {
    const auto [end, rest] = std::mismatch(folder.begin(), folder.end(), file.begin(), file.end());
    return end == folder.end() && rest != file.end();
}

} // namespace

Result<std::string> pathInShop(const std::string& folder, const std::string& named) {
    const fs::path home = folder.empty() ? fs::path(".") : fs::path(folder), path(named);
    const auto outside = [&] {
        return refuse(ProblemCode::OutOfRange, "file", named, wanted("a file inside the shop’s folder"));
    };
    if (path.is_absolute() || std::find(path.begin(), path.end(), "..") != path.end()) return outside();
    std::error_code none;
    const auto real = fs::weakly_canonical(home / path, none), realHome = fs::weakly_canonical(home, none);
    if (none || !isBelow(real, realHome)) return outside();
    return (home / path).string();
}

} // namespace arbor::io
