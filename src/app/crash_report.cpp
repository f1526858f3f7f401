#include "app/crash_report.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <array>
#include <atomic>
#include <csignal>
#include <cstring>
#include <execinfo.h>
#include <fcntl.h>
#include <unistd.h>

namespace arbor::app {

namespace {

constexpr std::size_t kActions = 20, kLongest = 200, kFrames = 64, kStack_bytes = 1 << 16;

/// All that the handler reads is here beforehand: in a crash nothing may be allocated.
struct Prepared {
    std::array<std::array<char, kLongest>, kActions> actions{};
    std::atomic<std::size_t> next = 0;
    std::array<char, 4096> file{};
    std::array<char, 64> version{};
    alignas(16) std::array<char, kStack_bytes> stack{}; ///< of the handler: the program's own may be full
};
Prepared prepared;

void put(int fd, const char* text) {
    static_cast<void>(!::write(fd, text, std::strlen(text)));
}

void leaveReport(int signal) {
    const int fd = ::open(prepared.file.data(), O_CREAT | O_WRONLY | O_TRUNC, S_IRUSR | S_IWUSR);
    if (fd < 0) return;
    put(fd, "Brisk Arbor ");
    put(fd, prepared.version.data());
    put(fd, " ended by signal ");
    const std::array<char, 3> number{static_cast<char>('0' + signal / 10), static_cast<char>('0' + signal % 10), '\0'};
    put(fd, number.data());
    put(fd, "\n\nLast actions:\n");
    const auto next = prepared.next.load();
    for (std::size_t i = 0; i < kActions; ++i)
        put(fd, prepared.actions[(next + i) % kActions].data());
    put(fd, "\nBacktrace:\n");
    std::array<void*, kFrames> frames{};
    ::backtrace_symbols_fd(frames.data(), ::backtrace(frames.data(), kFrames), fd);
    ::close(fd);
}

extern "C" void onCrash(int signal) {
    std::signal(signal, SIG_DFL);
    leaveReport(signal);
    std::raise(signal);
}

} // namespace

void noteAction(const QByteArray& line) {
    auto& slot = prepared.actions[prepared.next++ % kActions];
    slot.fill('\0');
    std::strncpy(slot.data(), line.constData(), kLongest - 2);
    if (const auto length = std::strlen(slot.data()); length > 0 && slot[length - 1] != '\n') slot[length] = '\n';
}

void reportCrashesTo(const QString& folder, const char* version) {
    QDir().mkpath(folder);
    const auto file = QFile::encodeName(QStringLiteral("%1/crash-%2-%3.txt")
                                            .arg(folder, QDateTime::currentDateTime().toString("yyyyMMdd-HHmmss"))
                                            .arg(::getpid()));
    std::strncpy(prepared.file.data(), file.constData(), prepared.file.size() - 1);
    std::strncpy(prepared.version.data(), version, prepared.version.size() - 1);
    std::array<void*, 1> first{};
    ::backtrace(first.data(), 1); // loads what it needs now
    const stack_t stack{prepared.stack.data(), 0, prepared.stack.size()};
    ::sigaltstack(&stack, nullptr);
    struct sigaction action {};
    action.sa_handler = onCrash;
    action.sa_flags = SA_ONSTACK;
    for (const int signal : {SIGSEGV, SIGABRT, SIGFPE, SIGBUS, SIGILL})
        ::sigaction(signal, &action, nullptr);
}

QStringList crashReports(const QString& folder) {
    return QDir(folder).entryList({"crash-*.txt"}, QDir::Files, QDir::Name);
}

} // namespace arbor::app
