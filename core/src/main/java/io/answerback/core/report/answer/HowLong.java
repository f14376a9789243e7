package io.answerback.core.report.answer;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.routing.Routing;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/// How long until somebody answers while something has failed. Destinations are tried side by side, but for one
/// line between them: whoever answers first has learned of it.
///
/// @param scenario what has failed
/// @param timelines one for each destination
public record HowLong(Scenario scenario, List<Timeline> timelines) {
    public HowLong {
        timelines = List.copyOf(timelines);
    }

    /// The first answer; empty when nobody answers, or when that is not known.
    public Optional<Timeline.Answered> answered() {
        return timelines.stream()
                .flatMap(timeline -> timeline.answered().stream())
                .min(Comparator.comparingLong(Timeline.Answered::millis));
    }

    /// What has to be known to say who answers; empty when everything is known, or somebody answers anyway.
    public String unknown() {
        return answered().isPresent()
                ? ""
                : timelines.stream()
                        .map(Timeline::unknown)
                        .filter(its -> !its.isEmpty())
                        .findFirst()
                        .orElse("");
    }

    /// Whether it is certain that nobody answers.
    public boolean nobody() {
        return answered().isEmpty() && unknown().isEmpty();
    }

    /// Who answers and when, in words; or that nobody does, or what is not known.
    public String words() {
        return answered()
                .map(answered -> Text.of(
                        "answered after %s by %s, %s",
                        AnswerTimes.words(answered.millis()),
                        answered.by().name(),
                        answered.path().words()))
                .orElse(nobody() ? "nobody answers" : "not known: " + unknown());
    }

    /// When the last step of any destination ends, in milliseconds from the event.
    public long endMillis() {
        return timelines.stream().mapToLong(Timeline::endMillis).max().orElse(0);
    }

    /// How long it takes in one scenario.
    ///
    /// @param startMillis when the communicator begins, in milliseconds from the event
    /// @param calls how long a call to a receiver takes; empty where that is not known
    public static HowLong of(
            Parts job,
            EventGroup group,
            Scenario scenario,
            long startMillis,
            Function<Receiver, Optional<CallLength>> calls) {
        return new HowLong(
                scenario, Timeline.of(job.communicator(), Routing.of(job, group), scenario, startMillis, calls));
    }
}
