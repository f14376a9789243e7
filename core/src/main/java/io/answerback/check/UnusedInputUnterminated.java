package io.answerback.check;

import io.answerback.job.Input;
import io.answerback.job.Job;
import io.answerback.job.Question;
import io.answerback.job.SchemeBands;
import io.answerback.job.School;
import io.answerback.job.UnusedTermination;
import io.answerback.job.Zone;
import io.answerback.job.ZoneType;
import java.util.Optional;
import java.util.stream.Stream;

/// An input that is not used must still see what its scheme expects, or the panel reports it for ever.
final class UnusedInputUnterminated implements JobRule {
    static final String RULE = "unused-input:";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        return job.inputs().stream()
                .filter(input -> input.pointId().isEmpty())
                .filter(input -> !switchedOff(job, input))
                .flatMap(input -> job
                        .inputModel(Optional.of(input))
                        .reads(job.practice().scheme())
                        .stream()
                        .map(SchemeBands::unusedNeeds)
                        .filter(needs -> input.unusedFitted() != needs)
                        .map(needs -> finding(job, input, needs)));
    }

    /// One school fits nothing and switches the zone off; it is fine as long as the zone stays off.
    private static boolean switchedOff(Job job, Input input) {
        return job.practice().school(Question.UNUSED_INPUTS) == School.ZONE_OFF && !watched(job, input);
    }

    private static boolean watched(Job job, Input input) {
        return job.zone(input.zone())
                .map(Zone::type)
                .filter(type -> type != ZoneType.NOT_USED)
                .isPresent();
    }

    private static Finding finding(Job job, Input input, UnusedTermination needs) {
        boolean watched = watched(job, input);
        return new Finding(
                RULE + input.id(),
                Stop.LOOP,
                watched ? Grade.WRONG : Grade.TIGHT,
                "",
                input.id(),
                "%s has %s across it"
                        .formatted(input.name(), input.unusedFitted().words()),
                watched
                        ? "Its zone %02d is on, so the panel reports it for ever.".formatted(input.zone())
                        : "It is quiet only while zone %02d stays off.".formatted(input.zone()),
                "A %s needs %s across an unused input."
                        .formatted(job.practice().scheme().words(), needs.words()));
    }
}
