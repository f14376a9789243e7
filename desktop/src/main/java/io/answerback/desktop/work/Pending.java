package io.answerback.desktop.work;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.edit.History;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyBooleanProperty;

/// Edits that are made while what follows from them is still being computed. Further edits build on them, and
/// they are kept against a crash; they are shown together with their results. Used on the JavaFX thread.
final class Pending implements AutoCloseable {
    private final Assessor assessor;
    private final Sums sums = new Sums();
    private final List<Runnable> whenShown = new ArrayList<>();
    private Optional<History> history = Optional.empty();
    private String notice = "";

    Pending(Assessor assessor) {
        this.assessor = assessor;
    }

    /// What an edit comes to.
    ///
    /// @param notice what is to be told with it
    record Result(History history, Assessment assessment, String notice) {}

    /// The job with edits that are not shown yet; empty when everything is shown.
    Optional<History> history() {
        return history;
    }

    /// Whether results are awaited for so long that somebody may notice.
    ReadOnlyBooleanProperty busy() {
        return sums.busy();
    }

    void waitUpTo(Duration longest) {
        sums.waitUpTo(longest);
    }

    /// What is told while results are awaited is still told when they come.
    void tell(String words) {
        notice = words;
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
    void edit(History edited, String says, Assessment earlier, Consumer<Result> show, Consumer<Throwable> failed) {
        history = Optional.of(edited);
        notice = says;
        sums.compute(
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
    }

    /// Drops the edits that are not shown yet.
    void stop() {
        sums.stop();
        drop();
    }

    @Override
    public void close() {
        sums.close();
    }
}
