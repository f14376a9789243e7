package io.answerback.desktop.work;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.History;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Edited;
import io.answerback.core.model.site.Job;
import io.answerback.files.LogLine;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// The one place where what the user does changes what the window shows. Used on the JavaFX thread only.
public final class OpenJob extends Viewpoint implements Actions, AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(OpenJob.class);

    private Consumer<String> clipboard = text -> {};
    private WorkLog log = WorkLog.NONE;
    private final Assessor assessor;
    private final PendingEdits pending;
    private final ReadOnlyObjectWrapper<Job> latest = new ReadOnlyObjectWrapper<>();

    /// An open job that is assessed already.
    ///
    /// @param file where it is kept; empty while it has no file
    /// @param readOnly why it cannot be saved; empty when it can
    public OpenJob(Assessor assessor, Assessment assessment, Optional<Path> file, String readOnly) {
        this.assessor = assessor;
        this.pending = new PendingEdits(assessor);
        put(assessment, file, readOnly);
    }

    /// The job with every edit that was made. It may be ahead of what is shown while that is being computed.
    public ReadOnlyObjectProperty<Job> latest() {
        return latest.getReadOnlyProperty();
    }

    /// Whether there are edits or proofs that are not in the file.
    public boolean unsaved() {
        return !latest.get().equals(now().saved());
    }

    /// Whether what follows from an edit has been computed for so long that somebody may notice.
    public ReadOnlyBooleanProperty busy() {
        return pending.busy();
    }

    /// How long the window waits for the results of an edit before it goes on without them.
    public void waitUpTo(Duration longest) {
        pending.waitUpTo(longest);
    }

    /// Gives up what is being computed, and the edits it follows from. Facts stay.
    public void stop() {
        if (pending.history().isPresent()) {
            List<UnaryOperator<Job>> facts = pending.stop();
            latest.set(now().job());
            tell("Cancelled: the edits that were being worked out were not made.");
            facts.forEach(this::learn);
        }
    }

    /// Opens another job, with nothing to undo.
    public void put(Job job, Optional<Path> file, String readOnly) {
        put(assessor.assess(job), file, readOnly);
    }

    /// Opens another job that is assessed already, with nothing to undo.
    public void put(Assessment assessment, Optional<Path> file, String readOnly) {
        Job job = assessment.job();
        Stop stop = now() == null ? Stop.LOOP : now().stop();
        View view = View.of(assessment.points().getFirst().pointId(), stop);
        pending.stop();
        latest.set(job);
        show(new WindowState(History.of(job), assessment, view, file, job, readOnly, Said.staying(readOnly)));
        log.another(List.of());
    }

    /// All that is shown, to be laid aside while another job is open.
    public WindowState aside() {
        return now().with(history(), now().assessment(), Said.NONE);
    }

    /// Goes on with a job that was laid aside, with all that could be undone in it.
    ///
    /// @param waiting what was done to it and is not in its log yet
    public void putBack(WindowState aside, List<LogLine> waiting) {
        pending.stop();
        History whole = aside.history();
        Job shown = aside.assessment().job();
        latest.set(whole.present());
        if (whole.present() == shown) {
            show(aside);
        } else {
            show(aside.with(History.of(shown), aside.assessment(), Said.NONE));
            show(whole, Said.NONE);
        }
        log.another(waiting);
    }

    /// Makes an edit; a refused one leaves the job as it was and says why.
    ///
    /// @return whether it was made
    @Override
    public boolean apply(Edit edit) {
        return switch (edit.tried(latest.get())) {
            case Edited.Done made -> {
                String name = edit.name(latest.get());
                // logged first: the job is kept with its log as soon as it changes
                log.done(name);
                show(history().after(name, made), Said.NONE);
                yield true;
            }
            case Edited.Refused refused -> {
                tell(refused.why());
                yield false;
            }
        };
    }

    /// Makes the edit that something typed stands for; where it stands for none, says why.
    ///
    /// @return whether it was made
    @Override
    public boolean apply(Typed<Edit> typed) {
        return switch (typed) {
            case Typed.Read<Edit>(Edit edit) -> apply(edit);
            case Typed.Refused<Edit>(String why) -> {
                tell(why);
                yield false;
            }
        };
    }

    /// Makes an edit and then looks at a point of the job it made.
    ///
    /// @return whether it was made
    @Override
    public boolean apply(Edit edit, PointId thenSelect) {
        boolean made = apply(edit);
        if (made) {
            pending.whenShown(() -> select(thenSelect));
        }
        return made;
    }

    @Override
    public void inTurn(Runnable act) {
        if (pending.history().isPresent()) {
            pending.whenShown(() -> inTurn(act));
        } else {
            act.run();
        }
    }

    /// Takes up a fact that no undo takes back.
    public void learn(UnaryOperator<Job> fact) {
        show(history().learn(fact), now().said());
        pending.keep(fact);
    }

    /// Takes up an edit as a fact that no undo takes back, such as a line that a signal showed.
    public void learn(Edit fact) {
        String name = fact.name(latest.get());
        log.done(name);
        learn(fact::on);
    }

    /// Says where everything that is done is logged.
    public void logsTo(WorkLog book) {
        log = book;
    }

    /// Where everything that is done is logged.
    public WorkLog log() {
        return log;
    }

    /// Takes back the last edit.
    @Override
    public void undo() {
        history().undoName().ifPresent(name -> {
            log.done("Undone: " + name);
            show(history().undo(), Said.of("Undone: " + name));
        });
    }

    /// Makes the last undone edit again.
    public void redo() {
        history().redoName().ifPresent(name -> {
            log.done("Done again: " + name);
            show(history().redo(), Said.of("Done again: " + name));
        });
    }

    private History history() {
        return pending.history().orElse(now().history());
    }

    private void show(History history, Said notice) {
        latest.set(history.present());
        if (history.present() == now().job()) {
            pending.stop();
            show(now().with(history, now().assessment(), notice));
        } else {
            pending.edit(history, notice, now().assessment(), this::show, this::failed);
        }
    }

    private void show(PendingEdits.Result result) {
        show(now().with(result.history(), result.assessment(), result.notice()));
    }

    private void failed(Throwable broken) {
        latest.set(now().job());
        LOG.error("What follows from an edit could not be computed", broken);
        warn("That failed inside Answerback; the edit was not made. The log says more; please report it.");
    }

    /// Notes that a job, as it was when saving began, is now in this file.
    public void savedTo(Path file, Job saved) {
        show(now().savedTo(file, saved));
    }

    @Override
    public void close() {
        pending.close();
    }

    /// Says something of what was just done, in one line; it goes with the next thing that is done.
    @Override
    public void tell(String notice) {
        say(Said.of(notice));
    }

    @Override
    public void warn(String notice) {
        say(Said.staying(notice));
    }

    private void say(Said notice) {
        pending.tell(notice);
        show(now().noticing(notice));
    }

    /// Somebody goes on to something else: what spoke of the last thing done goes. What stays, stays.
    public void goOn() {
        if (now().said() != now().said().later()) {
            say(now().said().later());
        }
    }

    /// Says where copied text goes; until then it goes nowhere.
    public void copiesTo(Consumer<String> other) {
        clipboard = other;
    }

    @Override
    public void copy(String text) {
        clipboard.accept(text);
        tell("It is on the clipboard.");
    }
}
