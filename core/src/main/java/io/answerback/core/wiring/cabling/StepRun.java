package io.answerback.core.wiring.cabling;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/// What is to be done, in the order it is best done.
///
/// @param steps every step, done or not
/// @param <S> what a step is
public record StepRun<S extends RunStep>(List<S> steps) {
    public StepRun {
        steps = List.copyOf(steps);
    }

    /// How many are done.
    public int done() {
        return (int) steps.stream().filter(RunStep::done).count();
    }

    /// The first that is not done, from a place on; then from the beginning. Empty when all are.
    ///
    /// @param from the place in the run to look from, from 0
    public Optional<S> next(int from) {
        return IntStream.range(0, steps.size())
                .mapToObj(i -> steps.get((from + i) % steps.size()))
                .filter(step -> !step.done())
                .findFirst();
    }
}
