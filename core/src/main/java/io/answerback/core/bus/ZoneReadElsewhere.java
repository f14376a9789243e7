package io.answerback.core.bus;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.zone.ZoneMap;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A zone that is read from another input than its number says: what is wired to the other is not monitored.
public final class ZoneReadElsewhere implements JobCheck {
    /// A zone is read from another input than the one its point is wired to.
    public static final Rule IGNORED = new Rule(
            "input-ignored",
            Stop.BUS,
            Grade.WRONG,
            "A zone is read from another input than the one its point is wired to.",
            "What happens on this input is never seen.");

    /// A keypad's input has taken over a zone that another input brings too.
    public static final Rule TAKEN = new Rule(
            "zone-taken-over",
            Stop.BUS,
            Grade.NOTE,
            "A keypad's input has taken over a zone that another input brings too.",
            "The other input is not monitored.");

    /// Two keypad inputs have taken over one zone.
    public static final Rule RIVALS = new Rule(
            "zone-taken-twice",
            Stop.BUS,
            Grade.WRONG,
            "Two keypad inputs have taken over one zone.",
            "Which of them the panel reads is not known.");

    @Override
    public List<Rule> rules() {
        return List.of(IGNORED, TAKEN, RIVALS);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(BusState.FACT).zones().lines().stream()
                .filter(line -> !line.ignored().isEmpty())
                .flatMap(line -> findings(facts, line));
    }

    private static Stream<Finding> findings(Parts job, ZoneMap.Line line) {
        String source = line.source().map(job::nameOf).orElse("");
        Stream<Finding> ignored = line.ignored().stream().flatMap(input -> ignored(job, line.zone(), source, input));
        Stream<Finding> all = line.takenOver() ? Stream.concat(Stream.of(taken(job, line, source)), ignored) : ignored;
        return line.rivals().isEmpty() ? all : Stream.concat(Stream.of(rivals(job, line, source)), all);
    }

    private static Finding rivals(Parts job, ZoneMap.Line line, String source) {
        String others = line.rivals().stream().map(job::nameOf).collect(Collectors.joining(", "));
        return RIVALS.finds(
                        new Target.OfBox(
                                line.rivals().getFirst().module(), line.source().flatMap(Input::pointId)),
                        Text.of("Zone %02d is taken over twice", line.zone()),
                        Text.of(
                                "%s and %s both have its number; which of them the panel reads is not known.",
                                source, others),
                        "Release all but one of them.")
                .of(line.zone());
    }

    private static Finding taken(Parts job, ZoneMap.Line line, String source) {
        Input other = line.ignored().getFirst();
        return TAKEN.finds(
                        new Target.OfBox(
                                line.source().map(Input::module).orElseThrow(),
                                line.source().flatMap(Input::pointId)),
                        Text.of("%s is monitored for zone %02d", source, line.zone()),
                        Text.of(
                                "%s has the same number and is not monitored. When the input of the keypad gives the zone back, the panel reads this one again.",
                                job.nameOf(other)),
                        Text.of(
                                "Leave %s terminated, so that the zone is at rest the day it is released.",
                                job.nameOf(other)))
                .of(line.zone());
    }

    private static Stream<Finding> ignored(Parts job, int zone, String source, Input input) {
        Optional<Point> point = input.pointId().flatMap(job::point);
        return point
                .map(its -> IGNORED.finds(
                                new Target.OfBox(input.module(), Optional.of(its.id())),
                                Text.of("%s is wired and not monitored", its.name()),
                                Text.of(
                                        "Zone %02d is read from %s; what happens on %s is never seen.",
                                        zone, source, job.nameOf(input)),
                                "Release the zone, or wire it to another input.")
                        .of(input.id().text()))
                .stream();
    }
}
