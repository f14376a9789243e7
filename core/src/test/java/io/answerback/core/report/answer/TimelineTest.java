package io.answerback.core.report.answer;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PathEdits;
import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.PathOrder;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Joins;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.model.receiver.Reception;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.answer.Timeline.Step;
import io.answerback.core.report.answer.Timeline.What;
import io.answerback.core.report.routing.Routing;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// How long it takes until a receiver answers, computed by hand.
class TimelineTest {
    private static final ReceiverId A = new ReceiverId("A");
    private static final ReceiverId R1 = new ReceiverId("R1");
    private static final Function<Receiver, Optional<CallLength>> NO_CALLS = receiver -> Optional.empty();

    private static final ReceiverAbilities LINE = new ReceiverAbilities(
            "line", List.of(ReportFormat.TONES), 1400, 1400, Joins.NEVER, Map.of(), List.of(), "");

    /// Two tries of 1 s over IP, answered in 0.2 s; three of 10 s by cellular, which registers in 4 s and
    /// answers in 1 s.
    private static final Job TWO_PATHS = PathEdits.add(PathKind.CELLULAR).on(SmallJob.job());

    /// The same with a backup receiver.
    private static final Job TWO_RECEIVERS = ReceiverEdits.way(PracticeOption.BACKUP_ON_FAILURE)
            .on(ReceiverEdits.add(Reception.OVER_IP.abilities()).on(TWO_PATHS));

    private static Timeline timeline(Job job, Set<PathKind> down, Set<ReceiverId> dead) {
        Routing.Destination destination = Routing.of(job, EventGroup.ALARM).getFirst();
        return Timeline.of(job.communicator(), destination, new Scenario("x", down, dead), 0, NO_CALLS);
    }

    private static long millis(Timeline timeline) {
        return timeline.answered().orElseThrow().millis();
    }

    private static List<String> steps(Timeline timeline) {
        return timeline.steps().stream()
                .map(step -> "%s %s %d-%d %s"
                        .formatted(
                                step.path().words(),
                                step.receiver().id(),
                                step.fromMillis(),
                                step.toMillis(),
                                step.what().words()))
                .toList();
    }

    @Test
    void withEverythingUpTheFirstTryIsAnswered() {
        assertThat(steps(timeline(TWO_PATHS, Set.of(), Set.of()))).containsExactly("IP A 0-200 answered");
    }

    @Test
    void aPathThatIsDownCostsAllItsTriesAndTheNextRegistersFirst() {
        Timeline timeline = timeline(TWO_PATHS, Set.of(PathKind.IP), Set.of());
        assertThat(steps(timeline))
                .containsExactly(
                        "IP A 0-1000 no answer",
                        "IP A 1000-2000 no answer",
                        "cellular A 2000-6000 registers",
                        "cellular A 6000-7000 answered");
        assertThat(timeline.answered().orElseThrow().path()).isEqualTo(PathKind.CELLULAR);
    }

    @Test
    void withoutNetworkThereIsNothingToTry() {
        Timeline timeline = timeline(TWO_PATHS, Set.of(PathKind.IP, PathKind.CELLULAR), Set.of());
        assertThat(timeline.answered()).isEmpty();
        assertThat(timeline.steps().getLast().what()).isEqualTo(What.NO_NETWORK);
        assertThat(timeline.endMillis()).isEqualTo(6000);
    }

    @Test
    void theOrderSaysWhetherTheBackupOrTheOtherPathComesFirst() {
        Timeline byReceiver = timeline(TWO_RECEIVERS, Set.of(), Set.of(A));
        // 2 x 1 s over IP, registers 4 s, 3 x 10 s by cellular, then the backup over IP
        assertThat(millis(byReceiver)).isEqualTo(2000 + 4000 + 30_000 + 200);
        Job other = PathEdits.order(PathOrder.PATH_BY_PATH).on(TWO_RECEIVERS);
        assertThat(millis(timeline(other, Set.of(), Set.of(A)))).isEqualTo(2000 + 200);
        // both over IP in vain, then the first by cellular
        assertThat(millis(timeline(other, Set.of(PathKind.IP), Set.of()))).isEqualTo(4000 + 4000 + 1000);
    }

    @Test
    void aPathRegistersOnceHoweverManyReceiversItTries() {
        Job other = PathEdits.order(PathOrder.PATH_BY_PATH).on(TWO_RECEIVERS);
        Timeline timeline = timeline(other, Set.of(PathKind.IP), Set.of(A));
        assertThat(timeline.steps().stream().filter(step -> step.what() == What.REGISTERS))
                .hasSize(1);
        assertThat(millis(timeline)).isEqualTo(4000 + 4000 + 30_000 + 1000);
        assertThat(timeline.answered().orElseThrow().by().id()).isEqualTo(R1);
    }

    @Test
    void aHoldOffComesBeforeTheFirstTryOnly() {
        Job held = PathEdits.change(PathKind.IP, "hold-off", its -> its.withHoldOffMillis(500))
                .on(TWO_RECEIVERS);
        Timeline timeline = timeline(held, Set.of(), Set.of());
        assertThat(steps(timeline)).containsExactly("IP A 0-500 waits", "IP A 500-700 answered");
    }

    @Test
    void aCallTakesItsLengthAndADeadReceiverTheWaitForItsHandshake() {
        Receiver line = SmallJob.job()
                .receivers()
                .getFirst()
                .withReception(its -> Reception.of(LINE).toldOfEverything(Told.ALWAYS));
        Job job = PathEdits.add(PathKind.LINE).on(SmallJob.job().withReceivers(List.of(line)));
        Routing.Destination destination = Routing.of(job, EventGroup.ALARM).getFirst();
        Function<Receiver, Optional<CallLength>> calls = its -> Optional.of(new CallLength(3000, 15_000));
        assertThat(millis(Timeline.of(job.communicator(), destination, Scenario.ALL_UP, 500, calls)))
                .isEqualTo(15_500);
        Timeline dead =
                Timeline.of(job.communicator(), destination, new Scenario("dead", Set.of(), Set.of(A)), 0, calls);
        assertThat(dead.answered()).isEmpty();
        assertThat(dead.endMillis()).isEqualTo(2 * (3000 + 30_000));
        Timeline unknown = Timeline.of(job.communicator(), destination, Scenario.ALL_UP, 0, NO_CALLS);
        assertThat(unknown.answered()).isEmpty();
        assertThat(unknown.unknown()).contains("how long a call to");
    }

    private static final Function<Receiver, Optional<CallLength>> CALLS =
            receiver -> Optional.of(new CallLength(3000, 13_800));

    /// Two receivers on one line that are both told of every alarm.
    private static Job onOneLine() {
        Receiver first = SmallJob.job()
                .receivers()
                .getFirst()
                .withReception(its -> Reception.of(LINE).toldOfEverything(Told.ALWAYS));
        Receiver second = new Receiver(R1, "Station B", "", 0, "", "0", first.reception());
        return PathEdits.add(PathKind.LINE).on(SmallJob.job().withReceivers(List.of(first, second)));
    }

    private static HowLong howLong(Scenario scenario) {
        return HowLong.of(onOneLine(), EventGroup.ALARM, scenario, 0, CALLS);
    }

    @Test
    void oneLineCarriesOneCallAtATime() {
        assertThat(howLong(Scenario.ALL_UP).timelines())
                .extracting(TimelineTest::millis)
                .containsExactly(13_800L, 27_600L);
        // the dead one is called twice, 3 s to its handshake and 30 s for it, before the other gets the line
        HowLong dead = howLong(new Scenario("dead", Set.of(), Set.of(A)));
        assertThat(dead.answered().orElseThrow().millis()).isEqualTo(2 * 33_000 + 13_800);
        assertThat(steps(dead.timelines().getLast()))
                .containsExactly("dial line R1 0-66000 waits for the line", "dial line R1 66000-79800 calls");
    }

    @Test
    void anEngagedNumberAndTheSitesOwnTelephoneCostTime() {
        HowLong engaged = howLong(new Scenario("engaged", Set.of(), Set.of(), Set.of(A), false));
        assertThat(engaged.answered().orElseThrow().millis()).isEqualTo(2 * (3000 + 2000) + 13_800);
        HowLong telephone = howLong(new Scenario("telephone", Set.of(), Set.of(), Set.of(), true));
        assertThat(telephone.answered().orElseThrow().millis()).isEqualTo(3000 + 13_800);
        assertThat(Scenario.of(onOneLine(), EventGroup.ALARM))
                .filteredOn(scenario -> !scenario.engaged().isEmpty() || scenario.telephone())
                .hasSize(3)
                .allMatch(scenario -> scenario.failures() == 1);
    }

    @Property(tries = 200)
    void stepsFollowOneAnotherAndOneMoreTryIsNeverFaster(
            @ForAll @IntRange(min = 1, max = 19) int attempts,
            @ForAll @IntRange(min = 50, max = 60_000) int timeout,
            @ForAll @IntRange(min = 0, max = 20_000) int holdOff) {
        Job job = PathEdits.change(
                        PathKind.IP,
                        "all",
                        its -> its.withAttempts(attempts)
                                .withTimeoutMillis(timeout)
                                .withHoldOffMillis(holdOff))
                .on(TWO_RECEIVERS);
        for (Scenario scenario : Scenario.of(job, EventGroup.ALARM)) {
            Timeline timeline = timeline(job, scenario.down(), scenario.dead());
            long now = 0;
            for (Step step : timeline.steps()) {
                assertThat(step.fromMillis()).isEqualTo(now);
                now = step.toMillis();
            }
            Job more = PathEdits.change(PathKind.IP, "tries", its -> its.withAttempts(attempts + 1))
                    .on(job);
            assertThat(timeline(more, scenario.down(), scenario.dead()).endMillis())
                    .isGreaterThanOrEqualTo(timeline.endMillis());
        }
    }
}
