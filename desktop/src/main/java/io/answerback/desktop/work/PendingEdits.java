package io.answerback.desktop.work;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.History;
import io.answerback.core.model.site.Job;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;

/// Edits that are made while what follows from them is still being computed. Further edits build on them, and
/// they are kept against a crash; they are shown together with their results. Used on the JavaFX thread.
final class PendingEdits implements AutoCloseable {
    private final Assessor assessor;
    private final Calculations calculations = new Calculations();
    private final List<Runnable> whenShown = new ArrayList<>();
    private final List<UnaryOperator<Job>> facts = new ArrayList<>();
    private Optional<History> history = Optional.empty();
    private Said notice = Said.NONE;

    PendingEdits(Assessor assessor) {
        this.assessor = assessor;
    }

    /// What an edit comes to.
    ///
    /// @param notice what is to be told with it
    record Result(History history, Assessment assessment, Said notice) {}

    /// The job with edits that are not shown yet; empty when everything is shown.
    Optional<History> history() {
        return history;
    }

    /// Whether results are awaited for so long that somebody may notice.
    ReadOnlyBooleanProperty busy() {
        return calculations.busy();
    }

    void waitUpTo(Duration longest) {
        calculations.waitUpTo(longest);
    }

    /// What is told while results are awaited is still told when they come.
    void tell(Said said) {
        notice = said;
    }

    /// Notes a fact that was taken up among the edits: it stays when they are dropped.
    void keep(UnaryOperator<Job> fact) {
        if (history.isPresent()) {
            facts.add(fact);
        }
    }

    /// Does something when the edit that was made last is shown.
    void whenShown(Runnable then) {
        if (history.isPresent()) {
            whenShown.add(then);
        } else {
            then.run();
        }
    }

    /// Works out what follows from an edit.
    ///
    /// @param earlier what is taken over where nothing has changed
    /// @param show shows the result
    /// @param failed told when it cannot be computed; the edit is dropped
    void edit(History edited, Said says, Assessment earlier, Consumer<Result> show, Consumer<Throwable> failed) {
        history = Optional.of(edited);
        notice = says;
        calculations.compute(
                () -> assessor.assess(edited.present(), earlier),
                assessment -> {
                    List<Runnable> then = List.copyOf(whenShown);
                    Result result = new Result(edited, assessment, notice);
                    drop();
                    show.accept(result);
                    then.forEach(Runnable::run);
                },
                broken -> {
                    drop();
                    failed.accept(broken);
                });
    }

    private void drop() {
        history = Optional.empty();
        whenShown.clear();
        facts.clear();
    }

    /// Drops the edits that are not shown yet.
    ///
    /// @return the facts that were taken up among them
    List<UnaryOperator<Job>> stop() {
        List<UnaryOperator<Job>> kept = List.copyOf(facts);
        calculations.stop();
        drop();
        return kept;
    }

    @Override
    public void close() {
        calculations.close();
    }
}
