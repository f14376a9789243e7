package io.answerback.core.learn.exercise;

import java.util.List;

/// What can be done on site before an exercise is answered. It remembers nothing: what was done is given each
/// time.
public interface SiteWork {
    /// Everything that can be done.
    List<WorkStep> steps();

    /// What a step shows.
    ///
    /// @param before what was done before, in order
    /// @throws IllegalArgumentException when there is no such step
    String shows(List<String> before, String step);

    /// The steps of the best way, in order.
    List<String> best();

    /// The answers that still fit what was shown; none where the work shows nothing of the answer.
    ///
    /// @param done what was done, in order
    List<String> fitting(List<String> done);

    /// Judges an answer and the way to it.
    ///
    /// @param done what was done, in order
    /// @throws IllegalArgumentException when a step is none of these
    Judgement judge(List<String> done, String answer);

    /// The step of this name.
    ///
    /// @throws IllegalArgumentException when there is none
    default WorkStep step(String id) {
        return steps().stream()
                .filter(step -> step.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no step \"" + id + "\" here; there are "
                        + String.join(", ", steps().stream().map(WorkStep::id).toList())));
    }

    /// What steps cost together, in minutes.
    ///
    /// @throws IllegalArgumentException when a step is none of these
    default double minutes(List<String> done) {
        return done.stream().mapToDouble(id -> step(id).minutes()).sum();
    }
}
