package io.answerback.core.check;

import io.answerback.core.site.Input;
import io.answerback.core.site.Job;
import io.answerback.core.site.Point;
import io.answerback.core.zone.ZoneMap;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A zone that is read from another input than its number says: what is wired to the other is not looked at.
final class ZoneReadElsewhere implements JobRule {
    static final String IGNORED = "input-ignored";
    static final String TAKEN = "zone-taken-over";
    static final String RIVALS = "zone-taken-twice";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.bus().zones().lines().stream()
                .filter(line -> !line.ignored().isEmpty())
                .flatMap(line -> findings(facts.job(), line));
    }

    private static Stream<Finding> findings(Job job, ZoneMap.Line line) {
        String source = line.source().map(Input::name).orElse("");
        Stream<Finding> ignored = line.ignored().stream().flatMap(input -> ignored(job, line.zone(), source, input));
        Stream<Finding> all = line.takenOver() ? Stream.concat(Stream.of(taken(line, source)), ignored) : ignored;
        return line.rivals().isEmpty() ? all : Stream.concat(Stream.of(rivals(line, source)), all);
    }

    private static Finding rivals(ZoneMap.Line line, String source) {
        String others = line.rivals().stream().map(Input::name).collect(Collectors.joining(", "));
        return new Finding(
                RIVALS + ":" + line.zone(),
                Stop.BUS,
                Grade.WRONG,
                line.source().flatMap(Input::pointId).orElse(""),
                line.rivals().getFirst().module(),
                "Zone %02d is taken over twice".formatted(line.zone()),
                "%s and %s both have its number; which of them the panel reads is not known.".formatted(source, others),
                "Release all but one of them.");
    }

    private static Finding taken(ZoneMap.Line line, String source) {
        Input other = line.ignored().getFirst();
        return new Finding(
                TAKEN + ":" + line.zone(),
                Stop.BUS,
                Grade.NOTE,
                line.source().flatMap(Input::pointId).orElse(""),
                line.source().map(Input::module).orElse(""),
                "Zone %02d is read from %s".formatted(line.zone(), source),
                "%s has the same number and is not looked at. Release the keypad's, and the zone falls back to that."
                        .formatted(other.name()),
                "Leave %s terminated, so that the zone is at rest the day it is released.".formatted(other.name()));
    }

    private static Stream<Finding> ignored(Job job, int zone, String source, Input input) {
        Optional<Point> point = input.pointId().flatMap(job::point);
        return point
                .map(its -> new Finding(
                        IGNORED + ":" + input.id(),
                        Stop.BUS,
                        Grade.WRONG,
                        its.id(),
                        input.module(),
                        "%s is wired and not looked at".formatted(its.name()),
                        "Zone %02d is read from %s; what happens on %s is never seen."
                                .formatted(zone, source, input.name()),
                        "Release the zone, or wire it to another input."))
                .stream();
    }
}
