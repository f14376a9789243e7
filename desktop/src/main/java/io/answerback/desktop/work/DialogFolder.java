package io.answerback.desktop.work;

import io.answerback.files.folder.AppFolder;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

/// Where the next file dialog begins: where the last one ended; beside the job where another job was opened
/// since. Without either, in the home folder.
public final class DialogFolder {
    private final Supplier<Optional<Path>> jobFile;
    private final Consumer<Path> keep;
    private Optional<Path> last;
    private Optional<Path> jobFolderThen;

    /// @param jobFile the file of the open job; empty while it has none
    /// @param last where the last dialog of an earlier run ended
    /// @param keep remembers where a dialog ended for the next run
    public DialogFolder(Supplier<Optional<Path>> jobFile, Optional<Path> last, Consumer<Path> keep) {
        this.jobFile = jobFile;
        this.last = last;
        this.keep = keep;
        this.jobFolderThen = Optional.empty();
    }

    /// The folder to begin in.
    public Path begin() {
        Optional<Path> job = jobFolder();
        if (job.isPresent() && (last.isEmpty() || !job.equals(jobFolderThen))) {
            return job.get();
        }
        return last.orElseGet(() -> AppFolder.home());
    }

    /// A file was chosen.
    public void chosen(Path file) {
        Optional.ofNullable(file.toAbsolutePath().getParent()).ifPresent(folder -> {
            last = Optional.of(folder);
            jobFolderThen = jobFolder();
            keep.accept(folder);
        });
    }

    private Optional<Path> jobFolder() {
        return jobFile.get().map(Path::toAbsolutePath).map(Path::getParent);
    }
}
