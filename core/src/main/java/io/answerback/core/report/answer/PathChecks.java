package io.answerback.core.report.answer;

import io.answerback.core.engine.edit.PathEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.site.Receiver;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Paths that are missing, that carry nothing, or more than their plan; and failures after which nobody answers.
public final class PathChecks implements JobCheck {
    /// No path leads to a receiver.
    public static final Rule NO_PATH = new Rule(
            "receiver-without-path",
            Stop.REPORT,
            Grade.WRONG,
            "No path leads to a receiver.",
            "Nothing that it is told ever leaves the building.");
    /// A path leads to no receiver.
    public static final Rule UNUSED = new Rule(
            "path-unused",
            Stop.REPORT,
            Grade.TIGHT,
            "A path leads to no receiver that is told of anything.",
            "It is paid for and watched, and carries nothing.");
    /// One failure leaves nobody who answers.
    public static final Rule NOBODY = new Rule(
            "one-failure-silences",
            Stop.REPORT,
            Grade.NOTE,
            "After one failure nobody answers an alarm.",
            "An intruder who cuts it first is not reported.");
    /// Polls and events make more than the plan carries.
    public static final Rule BEYOND_PLAN = new Rule(
            "data-beyond-plan",
            Stop.REPORT,
            Grade.WRONG,
            "Polls and events make more data in a month than the plan of a path carries.",
            "The path is slowed down, cut off or billed before the month ends.");

    @Override
    public List<Rule> rules() {
        return List.of(NO_PATH, UNUSED, NOBODY, BEYOND_PLAN);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        if (facts.routeReceivers().isEmpty()) {
            return Stream.empty();
        }
        List<Finding> found = new ArrayList<>();
        facts.routeReceivers().forEach(receiver -> withoutPath(facts, receiver).ifPresent(found::add));
        for (TransmissionPath path : facts.communicator().paths()) {
            unused(facts, path).ifPresent(found::add);
            beyondPlan(facts, path).ifPresent(found::add);
        }
        if (facts.communicator().paths().size() + facts.routeReceivers().size() > 2) {
            silenced(facts, found);
        }
        return found.stream();
    }

    /// Where there is one path and one receiver, everybody knows what happens without them.
    private static void silenced(Facts facts, List<Finding> found) {
        Scenario.of(facts, EventGroup.ALARM).stream()
                .filter(scenario -> scenario.failures() == 1)
                .filter(scenario -> silences(facts, scenario))
                .forEach(scenario ->
                        found.add(nobody(scenario).onSiteOf(facts.practice().grade())));
    }

    private static Optional<Finding> withoutPath(Facts facts, Receiver receiver) {
        boolean led = facts.communicator().paths().stream()
                .anyMatch(path -> path.kind().carries(receiver.format()));
        if (led) {
            return Optional.empty();
        }
        PathKind needed = receiver.format().overIp() ? PathKind.IP : PathKind.LINE;
        return Optional.of(NO_PATH.finds(
                        new Target.OfReceiver(receiver.id()),
                        "No path leads to " + receiver.name(),
                        Text.of(
                                "It takes %s, and the communicator has no path for that.",
                                receiver.format().words()),
                        "Add a path under \"How long\", or choose another format.")
                .of(receiver.id().text())
                .mendedBy(PathEdits.add(needed)));
    }

    private static Optional<Finding> unused(Facts facts, TransmissionPath path) {
        boolean used =
                facts.routeReceivers().stream().anyMatch(receiver -> path.kind().carries(receiver.format()));
        return used
                ? Optional.empty()
                : Optional.of(UNUSED.finds(
                                new Target.OfCommunicator(),
                                Text.of(
                                        "The %s path leads to no receiver",
                                        path.kind().words()),
                                "It is paid for and watched, and carries nothing.",
                                "Tell a receiver that can be reached over it, or remove the path.")
                        .of(path.kind().name())
                        .mendedBy(PathEdits.remove(path.kind())));
    }

    private static Optional<Finding> beyondPlan(Facts facts, TransmissionPath path) {
        Optional<Double> plan = path.planMegabytes();
        return plan.flatMap(megabytes -> DataUse.of(facts, path)
                .filter(use -> use.megabytesPerMonth() > megabytes)
                .map(use -> BEYOND_PLAN
                        .finds(
                                new Target.OfCommunicator(),
                                Text.of(
                                        "The %s path makes %.1f MB a month, its plan carries %.1f MB",
                                        path.kind().words(), use.megabytesPerMonth(), megabytes),
                                Text.of(
                                        "A poll and its answer are %d bytes with all the network adds; %d events a day are assumed.",
                                        use.pollBytes(), DataUse.EVENTS_A_DAY),
                                "Poll less often, send over UDP, or take a larger plan.")
                        .of(path.kind().name())));
    }

    /// A call takes some time, which does not matter here.
    private static boolean silences(Facts facts, Scenario scenario) {
        return HowLong.of(facts, EventGroup.ALARM, scenario, 0, receiver -> Optional.of(new CallLength(1, 1)))
                .nobody();
    }

    private static Finding nobody(Scenario scenario) {
        return NOBODY.finds(
                        new Target.OfCommunicator(),
                        Text.of("With %s nobody answers an alarm", scenario.name()),
                        "An intruder who cuts it first is not reported.",
                        "Add a second path or a backup receiver, or agree with the client that there is none.")
                .of(scenario.name());
    }
}
