package io.answerback.core.report.answer;

import io.answerback.core.engine.edit.PathEdits;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToIntFunction;

/// What one figure of one path would have to be for an answer to come in time.
///
/// @param words what to change, such as "IP: wait 3.4 s for each answer"
/// @param edit makes the change
public record Solution(String words, Edit edit) {
    /// A figure that can be lowered.
    private record Figure(
            String name,
            int least,
            int step,
            ToIntFunction<TransmissionPath> now,
            BiFunction<TransmissionPath, Integer, TransmissionPath> with,
            Function<Integer, String> words) {}

    private static final List<Figure> FIGURES = List.of(
            new Figure(
                    "tries",
                    1,
                    1,
                    TransmissionPath::attempts,
                    TransmissionPath::withAttempts,
                    value -> value == 1 ? "try once" : Text.of("try %d times", value)),
            new Figure(
                    "time-out",
                    1000,
                    100,
                    TransmissionPath::timeoutMillis,
                    TransmissionPath::withTimeoutMillis,
                    value -> Text.of("wait %.1f s for each answer", value / 1000.0)),
            new Figure(
                    "hold-off",
                    0,
                    100,
                    TransmissionPath::holdOffMillis,
                    TransmissionPath::withHoldOffMillis,
                    value -> Text.of("begin after %.1f s", value / 1000.0)),
            new Figure(
                    "time to register",
                    0,
                    100,
                    TransmissionPath::registrationMillis,
                    TransmissionPath::withRegistrationMillis,
                    value -> value == 0 ? "stay registered" : Text.of("register in %.1f s", value / 1000.0)));

    /// What would let somebody answer in time in a scenario: for each path and each of its figures the largest
    /// value below today's that does, found by trying; none where nobody answers at all, or where it is in time
    /// already. A time-out is never made shorter than 1 s.
    ///
    /// @param ruleMillis the time the rules allow, in milliseconds from the event
    public static List<Solution> of(
            Job job,
            Scenario scenario,
            long ruleMillis,
            long startMillis,
            Function<Receiver, Optional<CallLength>> calls) {
        Function<Job, Boolean> inTime = changed -> HowLong.of(changed, EventGroup.ALARM, scenario, startMillis, calls)
                .answered()
                .filter(answered -> answered.millis() <= ruleMillis)
                .isPresent();
        if (inTime.apply(job)) {
            return List.of();
        }
        List<Solution> solutions = new ArrayList<>();
        for (TransmissionPath path : job.communicator().paths()) {
            for (Figure figure : FIGURES) {
                of(job, path, figure, inTime).ifPresent(solutions::add);
            }
        }
        return List.copyOf(solutions);
    }

    private static Optional<Solution> of(Job job, TransmissionPath path, Figure figure, Function<Job, Boolean> inTime) {
        int most = figure.now().applyAsInt(path) - 1;
        int steps = Math.floorDiv(most - figure.least(), figure.step());
        if (most < figure.least()
                || !inTime.apply(edit(path.kind(), figure, figure.least()).on(job))) {
            return Optional.empty();
        }
        int good = 0;
        int bad = steps + 1;
        while (bad - good > 1) {
            int middle = (good + bad) / 2;
            if (inTime.apply(edit(path.kind(), figure, figure.least() + middle * figure.step())
                    .on(job))) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        int value = figure.least() + good * figure.step();
        return Optional.of(new Solution(
                path.kind().words() + ": " + figure.words().apply(value), edit(path.kind(), figure, value)));
    }

    private static Edit edit(PathKind kind, Figure figure, int value) {
        return PathEdits.change(kind, figure.name(), path -> figure.with().apply(path, value));
    }
}
