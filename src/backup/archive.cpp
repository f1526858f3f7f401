#include "backup/archive.h"

namespace arbor::backup {

namespace {

constexpr std::size_t kBlock_bytes = 1 << 16;
constexpr long long kLargest_bytes = 1LL << 30; // of one file: beyond it is no shop's

std::string saidBy(::archive* a) {
    const char* text = ::archive_error_string(a);
    return text ? text : "";
}

} // namespace

Result<ArchiveWriter> ArchiveWriter::to(const std::string& file) {
    ArchiveWriter out;
    out.m_file = file;
    out.m_archive.reset(::archive_write_new());
    auto* a = out.m_archive.get();
    if (::archive_write_set_format_pax_restricted(a) != ARCHIVE_OK ||
        ::archive_write_add_filter_gzip(a) != ARCHIVE_OK ||
        ::archive_write_open_filename(a, file.c_str()) != ARCHIVE_OK)
        return refuseAs(ProblemCode::Unwritable, file, saidBy(a));
    return out;
}

Result<void> ArchiveWriter::add(const std::string& name, std::string_view content, unsigned mode) {
    auto* a = m_archive.get();
    const std::unique_ptr<::archive_entry, decltype(&::archive_entry_free)> entry(::archive_entry_new(),
                                                                                  &::archive_entry_free);
    ::archive_entry_set_pathname_utf8(entry.get(), name.c_str());
    ::archive_entry_set_size(entry.get(), static_cast<la_int64_t>(content.size()));
    ::archive_entry_set_filetype(entry.get(), AE_IFREG);
    ::archive_entry_set_perm(entry.get(), mode & 0777);
    if (::archive_write_header(a, entry.get()) != ARCHIVE_OK ||
        ::archive_write_data(a, content.data(), content.size()) != static_cast<la_ssize_t>(content.size()))
        return refuseAs(ProblemCode::Unwritable, m_file, saidBy(a));
    return {};
}

Result<void> ArchiveWriter::close() {
    if (::archive_write_close(m_archive.get()) != ARCHIVE_OK)
        return refuseAs(ProblemCode::Unwritable, m_file, saidBy(m_archive.get()));
    return {};
}

Result<void> readArchive(const std::string& file, const std::function<Result<void>(ArchivedFile)>& take) {
    const std::unique_ptr<::archive, decltype(&::archive_read_free)> owned(::archive_read_new(), &::archive_read_free);
    auto* a = owned.get();
    const auto unreadable = [&] { return refuseAs(ProblemCode::Unreadable, file, saidBy(a)); };
    ::archive_read_support_format_tar(a);
    ::archive_read_support_filter_gzip(a);
    if (::archive_read_open_filename(a, file.c_str(), kBlock_bytes) != ARCHIVE_OK) return unreadable();
    ::archive_entry* entry = nullptr;
    for (;;) {
        const int next = ::archive_read_next_header(a, &entry);
        if (next == ARCHIVE_EOF) return {};
        if (next != ARCHIVE_OK) return unreadable();
        const char* name = ::archive_entry_pathname_utf8(entry);
        const auto size = ::archive_entry_size(entry);
        if (!name || ::archive_entry_filetype(entry) != AE_IFREG || ::archive_entry_hardlink(entry))
            return refuse(ProblemCode::Malformed, file, name ? name : "", wanted("ordinary files alone"));
        if (size < 0 || size > kLargest_bytes)
            return refuse(ProblemCode::OutOfRange, file, name, wanted("up to {1} MiB", "1024"));
        ArchivedFile one{name, std::string(static_cast<std::size_t>(size), '\0'),
                         static_cast<unsigned>(::archive_entry_perm(entry))};
        if (::archive_read_data(a, one.content.data(), one.content.size()) != static_cast<la_ssize_t>(size))
            return unreadable();
        if (auto ok = take(std::move(one)); !ok) return ok;
    }
}

} // namespace arbor::backup
