package io.answerback.desktop.shell;

import io.answerback.core.model.site.Edit;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.files.BrokenFile;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/// What somebody else did to the file of the open job, and the three ways out of it: this window's job is kept,
/// theirs is taken, or both are kept. Used on the JavaFX thread.
public final class OutsideChanges {
    private final OpenJob openJob;
    private final Background background;
    private final Supplier<JobDocument> document;
    private final Consumer<JobDocument> take;
    private final BiConsumer<Path, Writing> write;
    private final ReadOnlyObjectWrapper<Optional<Conflict>> conflict = new ReadOnlyObjectWrapper<>(Optional.empty());

    /// A way to write a job to a file.
    interface Writing {
        JobFile.Saved write(Path file, JobDocument document) throws BrokenFile, IOException;
    }

    /// @param document the open job's file as it was last read or written
    /// @param take told how the file is known to be from now on
    /// @param write writes the open job to a file
    OutsideChanges(
            OpenJob openJob,
            Background background,
            Supplier<JobDocument> document,
            Consumer<JobDocument> take,
            BiConsumer<Path, Writing> write) {
        this.openJob = openJob;
        this.background = background;
        this.document = document;
        this.take = take;
        this.write = write;
    }

    /// What nobody has dealt with; empty for nothing.
    public ReadOnlyObjectProperty<Optional<Conflict>> conflict() {
        return conflict.getReadOnlyProperty();
    }

    /// There is nothing to deal with any more.
    void settled() {
        conflict.set(Optional.empty());
    }

    /// The file was changed since unsaved edits were made, which are back now.
    void changedSince(Path file, JobDocument theirs) {
        conflict.set(Optional.of(Conflict.with(file, theirs, openJob.latest().get())));
    }

    /// Whether a file is that of the open job. While it was read or written another may have been opened.
    private boolean isOpen(Path file) {
        return openJob.now().file().filter(file::equals).isPresent();
    }

    void seenChanged(Path file) {
        if (isOpen(file) && !document.get().fingerprint().isEmpty()) {
            background.run(() -> JobFile.fingerprint(file), there -> {
                if (!isOpen(file)) {
                    return;
                }
                if (there.isEmpty()) {
                    openJob.tell("%s is not there any more. Saving writes it again.".formatted(file.getFileName()));
                } else if (!there.equals(document.get().fingerprint())) {
                    compare(file);
                }
            });
        }
    }

    void compare(Path file) {
        background.run(
                () -> JobFile.open(file),
                theirs -> {
                    if (isOpen(file)
                            && !theirs.fingerprint().equals(document.get().fingerprint())) {
                        conflict.set(Optional.of(
                                Conflict.with(file, theirs, openJob.latest().get())));
                    }
                },
                why -> {
                    if (isOpen(file)) {
                        conflict.set(Optional.of(Conflict.unreadable(file, why)));
                    }
                });
    }

    /// Keeps this window's job: it is saved over what somebody else wrote, which stays among the earlier
    /// versions.
    public void keepMine() {
        conflict.get().ifPresent(its -> {
            its.theirs().ifPresent(theirs -> take.accept(document.get().withFingerprint(theirs.fingerprint())));
            write.accept(its.file(), its.theirs().isPresent() ? JobFile::save : JobFile::overwrite);
        });
    }

    /// Takes what somebody else wrote, as an edit that undo takes back.
    public void takeTheirs() {
        conflict.get().flatMap(Conflict::theirs).ifPresent(theirs -> {
            Path file = conflict.get().orElseThrow().file();
            conflict.set(Optional.empty());
            openJob.apply(new Edit("the file as others changed it", mine -> theirs.job()));
            openJob.savedTo(file, theirs.job());
            take.accept(theirs);
            openJob.tell("This is the file as it was changed outside. Undo brings yours back.");
        });
    }

    /// Keeps both: this window's job is saved beside the file under another name, and goes on there.
    public void keepBoth() {
        conflict.get()
                .ifPresent(its -> background.run(
                        () -> FilePlaces.beside(its.file()), beside -> write.accept(beside, JobFile::overwrite)));
    }
}
