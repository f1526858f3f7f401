// Stands between a program and the system's calls (LD_PRELOAD): below one folder the disk fails as it is told to, at
// the n-th call that writes there.
//   FAULT_FOLDER   where it fails          FAULT_AT   at which of its calls, from 1
//   FAULT_KIND     ENOSPC (from then on), EIO, EINTR, SHORT (half of it is written), KILL (the program dies)
#include <atomic>
#include <cerrno>
#include <climits>
#include <csignal>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <dlfcn.h>
#include <string>
#include <sys/types.h>
#include <unistd.h>

namespace {

std::string fromEnvironment(const char* name) {
    const char* value = std::getenv(name);
    return value ? value : "";
}

struct Fault {
    const std::string folder = fromEnvironment("FAULT_FOLDER"), kind = fromEnvironment("FAULT_KIND");
    const long at = std::atol(fromEnvironment("FAULT_AT").c_str());
    std::atomic<long> calls = 0;
};
Fault& fault() {
    static Fault one;
    return one;
}

template <class Call>
Call real(const char* name) {
    return reinterpret_cast<Call>(::dlsym(RTLD_NEXT, name));
}

bool isWatched(const std::string& path) {
    return !fault().folder.empty() && path.compare(0, fault().folder.size(), fault().folder) == 0;
}

bool isWatched(int fd) {
    char link[64], path[PATH_MAX];
    std::snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
    const auto length = ::readlink(link, path, sizeof path);
    return length > 0 && isWatched(std::string(path, static_cast<std::size_t>(length)));
}

/// Whether this call fails; what dies, dies here. `errno` says how. Only some are ever interrupted.
bool fails(bool interruptible = true) {
    auto& f = fault();
    const long call = ++f.calls;
    if (call < f.at || (call > f.at && f.kind != "ENOSPC")) return false;
    if (f.kind == "KILL") std::raise(SIGKILL);
    if (f.kind == "SHORT" || (f.kind == "EINTR" && !interruptible)) return false;
    errno = f.kind == "ENOSPC" ? ENOSPC : f.kind == "EINTR" ? EINTR : EIO;
    return true;
}

/// How much of it is written.
std::size_t taken(std::size_t size) {
    return fault().kind == "SHORT" && fault().calls == fault().at && size > 1 ? size / 2 : size;
}

} // namespace

extern "C" {

ssize_t write(int fd, const void* data, std::size_t size) {
    static const auto call = real<ssize_t (*)(int, const void*, std::size_t)>("write");
    if (!isWatched(fd)) return call(fd, data, size);
    return fails() ? -1 : call(fd, data, taken(size));
}

ssize_t pwrite64(int fd, const void* data, std::size_t size, off64_t at) {
    static const auto call = real<ssize_t (*)(int, const void*, std::size_t, off64_t)>("pwrite64");
    if (!isWatched(fd)) return call(fd, data, size, at);
    return fails() ? -1 : call(fd, data, taken(size), at);
}

int fsync(int fd) {
    static const auto call = real<int (*)(int)>("fsync");
    return isWatched(fd) && fails() ? -1 : call(fd);
}

int fdatasync(int fd) {
    static const auto call = real<int (*)(int)>("fdatasync");
    return isWatched(fd) && fails() ? -1 : call(fd);
}

int ftruncate64(int fd, off64_t size) {
    static const auto call = real<int (*)(int, off64_t)>("ftruncate64");
    return isWatched(fd) && fails(false) ? -1 : call(fd, size);
}

int rename(const char* from, const char* to) {
    static const auto call = real<int (*)(const char*, const char*)>("rename");
    return isWatched(to) && fails(false) ? -1 : call(from, to);
}
}
