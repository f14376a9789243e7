package io.answerback.core.panel.operation;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.PanelManners;
import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/// What holds of a panel whatever happens to it.
class OperationProperties {
    private static final long DAY = 86_400_000;

    /// Something that happens a while after what happened before.
    private record After(long millis, Happening happening) {}

    private record Run(OperationState end, List<Logged> log) {}

    @Provide
    Arbitrary<List<After>> stories() {
        Arbitrary<Integer> zone = Arbitraries.integers().between(1, 9);
        Arbitrary<HowSet> how = Arbitraries.of(HowSet.class);
        Arbitrary<Integer> user = Arbitraries.integers().between(0, 3);
        Arbitrary<Boolean> yes = Arbitraries.of(true, false);
        Arbitrary<Happening> happening = Arbitraries.frequencyOf(
                net.jqwik.api.Tuple.of(
                        6,
                        Combinators.combine(zone, Arbitraries.of(Meaning.class).optional())
                                .as((number, reads) -> new Happening.ZoneReads(number, reads))),
                net.jqwik.api.Tuple.of(
                        3,
                        Combinators.combine(how, user, yes, yes)
                                .as((by, who, part, force) ->
                                        new Happening.SetAsked(force ? 1 : 2, by, who, part, force))),
                net.jqwik.api.Tuple.of(
                        3,
                        Combinators.combine(how, user, yes)
                                .as((by, who, threat) -> new Happening.UnsetAsked(who == 2 ? 2 : 1, by, who, threat))),
                net.jqwik.api.Tuple.of(1, yes.map(Happening.Mains::new)),
                net.jqwik.api.Tuple.of(
                        1, Arbitraries.of(Happening.BatteryState.class).map(Happening.Battery::new)),
                net.jqwik.api.Tuple.of(1, yes.map(works -> new Happening.Path(1, works))),
                net.jqwik.api.Tuple.of(1, yes.map(there -> new Happening.Module(3, there))),
                net.jqwik.api.Tuple.of(
                        1,
                        Arbitraries.of(
                                new Happening.WrongCode(),
                                new Happening.PowerGone(),
                                new Happening.PowerBack(),
                                new Happening.Silenced(1))),
                net.jqwik.api.Tuple.of(
                        1,
                        Combinators.combine(zone, user, yes)
                                .as((number, who, out) -> new Happening.LeftOut(number, who, out))),
                net.jqwik.api.Tuple.of(
                        1,
                        Combinators.combine(yes, yes)
                                .as((walk, begins) ->
                                        walk ? new Happening.WalkTest(1, begins) : new Happening.Programming(begins))));
        return Combinators.combine(Arbitraries.longs().between(0, 120_000), happening)
                .as(After::new)
                .list()
                .ofMaxSize(60);
    }

    /// Of the areas of the shared hall, none sets itself without its followers, whatever happens.
    @Property(tries = 400)
    void aHallThatFollowsIsNeverSetWhileAFirmIsNot(@ForAll("stories") List<After> story) {
        OperationRules shared = SharedHall.rules(PanelManners.USUAL);
        OperationState end = run(shared, story).end();
        boolean hall = end.area(3).mode().watches();
        boolean both = end.area(1).mode().watches() && end.area(2).mode().watches();
        assertThat(!hall || both).isTrue();
    }

    private static OperationRules rules(boolean delayed) {
        return OperationTest.rules(true, delayed ? 30_000 : 0, true);
    }

    private static Run run(OperationRules rules, List<After> story) {
        Operation operation = new Operation(rules);
        OperationState state = OperationState.fresh(rules);
        List<Logged> log = new ArrayList<>();
        long now = 0;
        for (After after : story) {
            now += after.millis();
            Operation.Step step = operation.step(state, after.happening(), now);
            state = step.state();
            log.addAll(step.log());
        }
        return new Run(state, log);
    }

    /// The end of a story, with power back where it was gone.
    private static OperationState powered(OperationRules rules, OperationState end) {
        return new Operation(rules)
                .step(end, new Happening.PowerBack(), end.atMillis())
                .state();
    }

    @Property(tries = 400)
    void equalStoriesGiveEqualLogs(@ForAll("stories") List<After> story, @ForAll boolean delayed) {
        assertThat(run(rules(delayed), story)).isEqualTo(run(rules(delayed), story));
    }

    @Property(tries = 400)
    void everyAlarmHasAtMostOneRestoreAndNoSignalLacksAnAccount(
            @ForAll("stories") List<After> story, @ForAll boolean delayed) {
        Map<String, Integer> open = new HashMap<>();
        for (Logged line : run(rules(delayed), story).log()) {
            Optional<Signal> signal = line.signal().filter(its -> !its.event().startsWith("4"));
            signal.ifPresent(its -> {
                assertThat(its.account()).isEqualTo("7316");
                String key = its.event() + " " + its.zone();
                boolean restore = its.qualifier().digit() == '3';
                assertThat(open.merge(key, restore ? -1 : 1, Integer::sum))
                        .as("restores of %s", key)
                        .isNotNegative();
            });
        }
    }

    @Property(tries = 400)
    void everyTimerEndsAndWhatRunsIsAhead(@ForAll("stories") List<After> story, @ForAll boolean delayed) {
        OperationRules rules = rules(delayed);
        Run run = run(rules, story);
        assertThat(run.end().timers())
                .allMatch(timer -> timer.dueMillis() > run.end().atMillis());
        long later = run.end().atMillis() + DAY / 2;
        OperationState quiet = new Operation(rules)
                .step(powered(rules, run.end()), new Happening.TimePasses(), later)
                .state();
        assertThat(quiet.timers())
                .allMatch(timer -> timer.kind() == Timer.Kind.TEST || timer.kind() == Timer.Kind.BATTERY_TEST);
        assertThat(quiet.sounding()).isEqualTo(Act.Pattern.SILENCE);
        assertThat(quiet.area(1).mode()).isNotIn(AreaMode.LEAVING, AreaMode.ENTERING);
    }

    /// From wherever it stands, a person with rights unsets it once the keypads are not locked.
    @Property(tries = 400)
    void unsetIsAlwaysReachable(@ForAll("stories") List<After> story, @ForAll boolean delayed) {
        OperationRules rules = rules(delayed);
        OperationState end = powered(rules, run(rules, story).end());
        long later = end.atMillis() + rules.manners().lockSeconds() * 1000L;
        OperationState unset = new Operation(rules)
                .step(end, new Happening.UnsetAsked(1, HowSet.CODE, 1, false), later)
                .state();
        assertThat(unset.area(1).mode().unset()).isTrue();
        assertThat(unset.timers())
                .noneMatch(timer -> timer.kind() == Timer.Kind.ENTRY || timer.kind() == Timer.Kind.EXIT);
    }
}
