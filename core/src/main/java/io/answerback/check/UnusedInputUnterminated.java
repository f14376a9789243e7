package io.answerback.check;

import io.answerback.cores.UnusedInputs;
import io.answerback.job.Input;
import io.answerback.job.Job;
import java.util.stream.Stream;

/// An input that is not used must still see what its scheme expects, or the panel reports it for ever.
final class UnusedInputUnterminated implements JobRule {
    static final String RULE = "unused-input:";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return UnusedInputs.of(facts.job())
                .filter(unused -> !unused.fitted())
                .map(unused -> finding(facts.job(), unused));
    }

    private static Finding finding(Job job, UnusedInputs.Unused unused) {
        Input input = unused.input();
        return new Finding(
                RULE + input.id(),
                Stop.LOOP,
                unused.watched() ? Grade.WRONG : Grade.TIGHT,
                "",
                input.id(),
                "%s has %s across it"
                        .formatted(input.name(), input.unusedFitted().words()),
                unused.watched()
                        ? "Its zone %02d is on, so the panel reports it for ever.".formatted(input.zone())
                        : "It is quiet only while zone %02d stays off.".formatted(input.zone()),
                "A %s needs %s across an unused input."
                        .formatted(
                                job.practice().scheme().words(), unused.needs().words()));
    }
}
