package io.answerback.desktop.shell;

import io.answerback.core.assess.Assessment;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.files.ChangedOutside;
import io.answerback.files.DiskWords;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.LogLine;
import io.answerback.files.Recovery;
import io.answerback.files.Unsaved;
import io.answerback.files.folder.OpenFiles;
import io.answerback.files.record.SideFiles;
import java.io.IOException;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Function;

/// Opens and saves jobs. A job is read, checked and assessed whole before anything of it is
/// shown; a file that somebody else changed is never overwritten unasked. The disk is read and written off the
/// JavaFX thread, one thing after another.
public final class JobKeeper implements AutoCloseable {
    private final OpenJob openJob;
    private final Recovery recovery;
    private final OpenFiles open;
    private final Function<Job, Assessment> assess;
    private final InstantSource clock;
    private final FileNews told;
    private final Background background;
    private final Autosave autosave;
    private final FileWatch watch;
    private final OutsideChanges outside;
    private JobDocument document;
    private String key;
    private Optional<OpenFiles.Hold> hold;
    private final JobsAside aside = new JobsAside();
    private final LogWriter logs = new LogWriter();
    private final ReadJob first;
    private boolean lookedAt;

    /// A keeper of the open job.
    ///
    /// @param background where files are read and written; closed with this keeper
    /// @param first the job that is open
    /// @param told who is told of files
    public JobKeeper(
            OpenJob openJob,
            Background background,
            Recovery recovery,
            OpenFiles open,
            Function<Job, Assessment> assess,
            ReadJob first,
            InstantSource clock,
            FileNews told) {
        this.openJob = openJob;
        this.background = background;
        this.recovery = recovery;
        this.open = open;
        this.assess = assess;
        this.clock = clock;
        this.told = told;
        this.document = first.document();
        this.key = first.key();
        this.hold = first.hold();
        this.outside = new OutsideChanges(openJob, background, () -> document, this::take, this::write);
        this.autosave = new Autosave(openJob, background, recovery, logs);
        this.watch = new FileWatch(background, () -> openJob.now().file().orElse(null), outside::seenChanged);
        this.first = first;
        autosave.take(document, key);
        openJob.latest().subscribe(job -> autosave.edited());
    }

    /// Begins to keep the job, once everything that is to log what is done is there: unsaved edits come back.
    public void start() {
        comeBack(first);
        watch.start();
    }

    /// Puts unsaved edits from an earlier run back as one edit, which undo takes back. Where the file was
    /// changed since they were made, says so.
    private void comeBack(ReadJob read) {
        if (read.unsaved() instanceof Unsaved.Damaged damaged) {
            openJob.warn(damaged.says());
        } else if (read.unsaved() instanceof Unsaved.Kept kept
                && kept.document().job().equals(openJob.latest().get())) {
            openJob.log().another(kept.log());
            autosave.flush();
        } else if (read.unsaved() instanceof Unsaved.Kept kept) {
            openJob.log().another(kept.log());
            openJob.apply(new Edit(
                    "unsaved edits from the last run", saved -> kept.document().job()));
            String basis = kept.document().fingerprint();
            if (!basis.isEmpty() && !basis.equals(read.document().fingerprint())) {
                document = read.document().withFingerprint(basis);
                autosave.take(document, key);
                outside.changedSince(read.file().orElseThrow(), read.document());
            }
            openJob.warn("Unsaved edits from the last run are back. Undo takes them away again.");
        } else if (!read.trouble().isEmpty()) {
            openJob.warn(read.trouble());
        }
    }

    /// Opens a job file. When it is broken, or what is computed from it fails, says so and leaves the open job
    /// and the file as they are. Unsaved edits of the job that was open stay in recovery and come back when it
    /// is opened again.
    ///
    /// The job that was open is laid aside with all that can be undone in it, where it has anything to lose.
    public void open(Path file) {
        if (aside.take(ReadJob.key(file)).map(this::takeUp).isPresent()) {
            return;
        }
        Future<?> kept = autosave.flush();
        Optional<Path> now = openJob.now().file();
        Optional<OpenFiles.Hold> mine = hold;
        AtomicBoolean letGo = new AtomicBoolean();
        background.run(
                () -> {
                    // what is unsaved here is read back from there
                    kept.get();
                    // the file this window has open itself is not open elsewhere
                    if (now.isPresent() && FilePlaces.same(now.get(), file)) {
                        mine.ifPresent(OpenFiles.Hold::close);
                        letGo.set(true);
                    }
                    return ReadJob.of(file, recovery, open, assess, Recovery.newKey(clock.instant()));
                },
                read -> put(read, file),
                refused -> {
                    hold = letGo.get() ? Optional.empty() : hold;
                    holdAgain();
                    openJob.warn(refused);
                });
    }

    private void holdAgain() {
        if (hold.isEmpty() && openJob.now().readOnly().isEmpty()) {
            openJob.now().file().ifPresent(file -> background.run(() -> open.take(file), taken -> hold = taken));
        }
    }

    private void put(ReadJob read, Path file) {
        begin(read);
        told.opened().accept(file);
        comeBack(read);
    }

    /// Edits that were made while the other job was read are kept under the job they belong to.
    private void begin(ReadJob read) {
        layAside(false);
        enter(read);
    }

    private void enter(ReadJob read) {
        hold = read.hold();
        document = read.document();
        key = read.key();
        outside.settled();
        autosave.take(document, key);
        openJob.put(read.assessment(), read.file(), read.readOnly());
    }

    /// Keeps the open job beside the one that is opened now, where edits of it could be lost or undone.
    ///
    /// @param always whether it is kept even where nothing of it could
    private void layAside(boolean always) {
        autosave.flush();
        boolean toLose = openJob.unsaved()
                || openJob.now().history().undoName().isPresent()
                || openJob.now().history().redoName().isPresent();
        if (always || toLose) {
            aside.lay(new JobsAside.Aside(
                    document, key, hold, openJob.aside(), openJob.log().waiting()));
        } else {
            hold.ifPresent(OpenFiles.Hold::close);
        }
        hold = Optional.empty();
        lookedAt = false;
    }

    /// Goes on with a job that was laid aside.
    public void takeUp(String its) {
        aside.take(its).ifPresent(this::takeUp);
    }

    private Path takeUp(JobsAside.Aside its) {
        layAside(false);
        hold = its.hold();
        document = its.document();
        key = its.key();
        outside.settled();
        autosave.take(document, key);
        openJob.putBack(its.state(), its.log());
        told.takenUp().run();
        return its.state().file().orElse(Path.of(""));
    }

    /// The jobs that were open before this one.
    public List<JobsAside.Aside> aside() {
        return aside.all();
    }

    /// Opens a job only to look at it; [#lookedEnough] goes back to the one that is open now.
    public void look(Job job, String its, Runnable then) {
        background.run(() -> ReadJob.of(job, its, recovery, assess), read -> {
            layAside(true);
            enter(read);
            lookedAt = true;
            then.run();
        });
    }

    /// Goes back from a job that was only looked at to the one that was open before it.
    public void lookedEnough() {
        if (lookedAt) {
            aside.all().stream().findFirst().map(JobsAside.Aside::key).ifPresent(this::takeUp);
        }
    }

    /// Opens a job that has no file yet.
    ///
    /// @param key what it goes by while it has none
    /// @param then told once it is open
    public void begin(Job job, String key, Runnable then) {
        if (aside.take(key).map(this::takeUp).isPresent()) {
            then.run();
            return;
        }
        background.run(() -> ReadJob.of(job, key, recovery, assess), read -> {
            begin(read);
            comeBack(read);
            then.run();
        });
    }

    /// Saves the job to its file, unless that was changed outside.
    ///
    /// @return whether it has one; without one nothing happens
    public boolean save() {
        Optional<Path> file = openJob.now().file();
        if (file.isPresent() && !openJob.now().readOnly().isEmpty()) {
            openJob.tell(openJob.now().readOnly() + " It is not overwritten.");
        } else {
            file.ifPresent(own -> write(own, JobFile::save));
        }
        return file.isPresent();
    }

    /// Saves the job to a file, which becomes its own. Its log and photographs are copied beside it.
    public void saveAs(Path file) {
        Optional<Path> now = openJob.now().file();
        background.run(() -> now.isPresent() && FilePlaces.same(now.get(), file), own -> {
            if (own) {
                save();
            } else {
                write(file, JobFile::overwrite);
            }
        });
    }

    private void write(Path file, OutsideChanges.Writing how) {
        JobDocument now = document.with(openJob.latest().get());
        String before = key;
        Optional<Path> its = openJob.now().file();
        List<LogLine> log = openJob.log().waiting();
        Future<?> kept = autosave.flush();
        background.run(
                () -> {
                    // a program that is ended from here on finds again what was done
                    kept.get();
                    boolean own = its.isPresent() && FilePlaces.same(its.get(), file);
                    try {
                        JobFile.Saved wrote = how.write(file, now);
                        JobFile.Saved saved = own ? wrote : wrote.with(SideFiles.copy(its, file));
                        Optional<OpenFiles.Hold> taken = own ? Optional.empty() : open.take(file);
                        return logged(file, log, before, new Written(saved, taken, own));
                    } catch (ChangedOutside theirs) {
                        return new Written(null, Optional.empty(), own);
                    }
                },
                written -> {
                    if (!before.equals(key)) {
                        // another job was opened meanwhile; this one is saved, and gone or aside
                        written.taken().ifPresent(OpenFiles.Hold::close);
                        if (written.saved() != null && written.own()) {
                            aside.wrote(before, file, written.saved().document(), log);
                        }
                    } else if (written.saved() == null) {
                        outside.compare(file);
                    } else {
                        wrote(file, written);
                        openJob.log().written(written.logged() ? log : List.of());
                    }
                });
    }

    /// What was done follows the job into its log. Where it cannot, it stays with what is kept against a crash.
    private Written logged(Path file, List<LogLine> log, String before, Written written) throws IOException {
        try {
            logs.add(file, log);
        } catch (IOException refused) {
            return written.notLogged(Autosave.NOT_LOGGED + DiskWords.of(refused) + ".");
        }
        recovery.clear(before);
        return written;
    }

    private record Written(JobFile.Saved saved, Optional<OpenFiles.Hold> taken, boolean own, boolean logged) {
        Written(JobFile.Saved saved, Optional<OpenFiles.Hold> taken, boolean own) {
            this(saved, taken, own, true);
        }

        Written notLogged(String why) {
            return new Written(saved.with(Optional.of(why)), taken, own, false);
        }
    }

    private void wrote(Path file, Written written) {
        if (!written.own()) {
            hold.ifPresent(OpenFiles.Hold::close);
            hold = written.taken();
        }
        document = written.saved().document();
        key = ReadJob.key(file);
        outside.settled();
        autosave.take(document, key);
        openJob.savedTo(file, document.job());
        // edits that were made while it was being written
        autosave.edited();
        written.saved().trouble().ifPresent(openJob::warn);
        told.written().accept(file);
    }

    /// What somebody else did to the file, and the ways out of it.
    public OutsideChanges outside() {
        return outside;
    }

    private void take(JobDocument other) {
        document = other;
        autosave.take(document, key);
    }

    /// Keeps what is unsaved and waits until the disk has it. Closing again does nothing.
    @Override
    public void close() {
        if (background.closed()) {
            return;
        }
        watch.stop();
        autosave.close();
        hold.ifPresent(OpenFiles.Hold::close);
        aside.close();
        background.close();
    }
}
