package io.answerback.core.prove.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.shown.Acceptance;
import io.answerback.core.model.shown.FoundOnWalk;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.testing.SmallJob;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/// What signals tick on a live walk: four doors of one area that send 130 and its restore, and the area's own
/// setting.
class LiveWalkTest {
    private static final int DOORS = 4;
    private static final String SETTING = "set:1:code";

    private static final AcceptancePlan PLAN = plan();

    private static AcceptancePlan plan() {
        List<AcceptanceLine> lines = new ArrayList<>();
        for (int door = 1; door <= DOORS; door++) {
            lines.add(AcceptanceLine.line(id(door), LineSection.SETTING, "Door " + door)
                    .order("Open it and shut it")
                    .expects(
                            List.of(
                                    new Expected("7316", Qualifier.NEW, "130", 1, door),
                                    new Expected("7316", Qualifier.RESTORE, "130", 1, door)),
                            30)
                    .of(new PointId("0" + door))
                    .made());
        }
        lines.add(AcceptanceLine.line(SETTING, LineSection.SETTING, "Area set and unset by code")
                .order("Set it and unset it")
                .expects(
                        List.of(
                                new Expected("7316", Qualifier.RESTORE, "401", 1, Expected.ANY),
                                new Expected("7316", Qualifier.NEW, "401", 1, Expected.ANY)),
                        30)
                .made());
        return new AcceptancePlan(lines, SmallJob.EVENTS);
    }

    private static String id(int door) {
        return "point:0" + door;
    }

    private static Signal opens(int door) {
        return new Signal("7316", Qualifier.NEW, "130", 1, door);
    }

    private static Signal shuts(int door) {
        return new Signal("7316", Qualifier.RESTORE, "130", 1, door);
    }

    /// A walk with all that it said.
    private static final class Walked {
        private LiveWalk walk = LiveWalk.of(PLAN);
        private final List<WalkNote.Kind> said = new ArrayList<>();
        private long millis;

        Walked at(int door) {
            walk = walk.at(door == 0 ? Optional.empty() : Optional.of(id(door)));
            return this;
        }

        Walked comes(Signal... signals) {
            for (Signal signal : signals) {
                LiveWalk.Step step = walk.arrives(signal, millis += 1_000);
                walk = step.walk();
                said.add(step.note().kind());
            }
            return this;
        }
    }

    @Test
    void twoRestoresWithoutAnAlarmShowNothing() {
        Walked walked = new Walked().comes(shuts(1), shuts(1));
        assertThat(walked.walk.shown()).isEmpty();
        assertThat(walked.said).containsExactly(WalkNote.Kind.OUT_OF_TURN, WalkNote.Kind.OUT_OF_TURN);
    }

    @Test
    void twoUnsettingsWithoutASettingShowNothing() {
        Signal unset = new Signal("7316", Qualifier.NEW, "401", 1, 2);
        Walked walked = new Walked().comes(unset, unset);
        assertThat(walked.walk.shown()).isEmpty();
        assertThat(walked.comes(new Signal("7316", Qualifier.RESTORE, "401", 1, 2), unset)
                        .walk
                        .shown())
                .containsExactly(SETTING);
    }

    /// At 3 the signal of 4 comes with its restore, at 4 that of 3 with its restore: swapped, and no end is
    /// waited for.
    @Test
    void aSwapStandsAndIsNotFollowedByAMissingRestore() {
        Walked walked = new Walked().at(3).comes(opens(4), shuts(4)).at(4).comes(opens(3), shuts(3));
        assertThat(walked.said)
                .containsExactly(
                        WalkNote.Kind.OTHER_DEVICE,
                        WalkNote.Kind.OUT_OF_TURN,
                        WalkNote.Kind.SWAPPED,
                        WalkNote.Kind.OUT_OF_TURN);
        assertThat(walked.walk.shown()).isEmpty();
        assertThat(walked.walk.begun()).isEmpty();
        assertThat(walked.walk.overdue(10_000_000)).isEmpty();
    }

    @Test
    void aSwapNeedsBothDoorsToHaveBeenStoodAt() {
        Walked walked = new Walked().at(3).comes(opens(4), shuts(4), opens(4), shuts(4));
        assertThat(walked.said).doesNotContain(WalkNote.Kind.SWAPPED);
    }

    /// A detector that is passed on the way answers for nobody once the door has answered for itself.
    @Test
    void whatWasOnlyPassedIsLetGoOfWhenTheDoorAnswersForItself() {
        Walked walked = new Walked().at(1).comes(opens(2), opens(1), shuts(1));
        assertThat(walked.walk.shown()).containsExactly(id(1));
        assertThat(walked.walk.answeredFor()).isEmpty();
        assertThat(walked.at(2).comes(opens(2), shuts(2)).walk.shown()).containsExactlyInAnyOrder(id(1), id(2));
    }

    @Test
    void aSecondAlarmWithoutARestoreDoesNotComplete() {
        assertThat(new Walked().at(1).comes(opens(1), opens(1)).walk.shown()).isEmpty();
    }

    @Provide
    Arbitrary<List<Integer>> happenings() {
        // 0..4: stands at that door, or nowhere; 5..8: a door opens; 9..12: it shuts; 13, 14: the area is set, unset
        return Arbitraries.integers().between(0, 14).list().ofMaxSize(40);
    }

    private static Signal signal(int happening) {
        return switch (happening) {
            case 13 -> new Signal("7316", Qualifier.RESTORE, "401", 1, 1);
            case 14 -> new Signal("7316", Qualifier.NEW, "401", 1, 1);
            default -> happening <= 8 ? opens(happening - 4) : shuts(happening - 8);
        };
    }

    /// Counted apart from the walk: a line can be shown only if its first signal came while somebody stood at it or
    /// nowhere, and the others after it, each in its turn.
    @Property(tries = 600)
    void aLineIsShownOnlyIfItsOwnSignalsCameInOrder(@ForAll("happenings") List<Integer> happenings) {
        Walked walked = new Walked();
        Map<String, Integer> came = new HashMap<>();
        int at = 0;
        for (int happening : happenings) {
            if (happening <= DOORS) {
                at = happening;
                walked.at(at);
                continue;
            }
            Signal signal = signal(happening);
            walked.comes(signal);
            for (AcceptanceLine line : PLAN.lines()) {
                int next = came.getOrDefault(line.id(), 0);
                boolean mine = line.point().isEmpty()
                        || at == 0
                        || id(at).equals(line.id())
                        || next > 0
                        || walked.walk.stoodAt().contains(line.id());
                if (next < line.expects().size() && line.expects().get(next).is(signal) && mine) {
                    came.put(line.id(), next + 1);
                }
            }
            at = walked.walk.at().isEmpty() ? 0 : at;
        }
        assertThat(walked.walk.shown())
                .allSatisfy(id -> assertThat(came.get(id)).isEqualTo(2));
    }

    @Provide
    Arbitrary<List<Integer>> orders() {
        return Arbitraries.shuffle(1, 2, 3, 4);
    }

    @Property(tries = 24)
    void aTruthfulSiteIsShownWholeAndAccusedOfNothing(@ForAll("orders") List<Integer> order) {
        Walked walked = new Walked();
        order.forEach(door -> walked.at(door).comes(opens(door), shuts(door)));
        assertThat(walked.walk.shown()).hasSize(DOORS);
        assertThat(walked.said).noneMatch(WalkNote.Kind::wrong);
    }

    @Provide
    Arbitrary<Map<Integer, Integer>> swaps() {
        return Combinators.combine(
                        Arbitraries.shuffle(1, 2, 3, 4), Arbitraries.integers().between(0, 1))
                .as((doors, pairs) -> {
                    Map<Integer, Integer> wired = new TreeMap<>();
                    doors.forEach(door -> wired.put(door, door));
                    for (int i = 0; i <= pairs; i++) {
                        wired.put(doors.get(2 * i), doors.get(2 * i + 1));
                        wired.put(doors.get(2 * i + 1), doors.get(2 * i));
                    }
                    return wired;
                });
    }

    /// Whoever stands at each door in turn finds every swap once, and shows exactly the doors that are wired
    /// rightly.
    @Property(tries = 48)
    void aSiteWithSwappedDoorsIsFoundOut(
            @ForAll("swaps") Map<Integer, Integer> wired, @ForAll("orders") List<Integer> order) {
        Walked walked = new Walked();
        order.forEach(door -> walked.at(door).comes(opens(wired.get(door)), shuts(wired.get(door))));
        List<String> right = wired.entrySet().stream()
                .filter(door -> door.getKey().equals(door.getValue()))
                .map(door -> id(door.getKey()))
                .toList();
        assertThat(walked.walk.shown()).containsExactlyInAnyOrderElementsOf(right);
        assertThat(walked.said.stream().filter(WalkNote.Kind.SWAPPED::equals)).hasSize((DOORS - right.size()) / 2);
        assertThat(walked.said).doesNotContain(WalkNote.Kind.NO_RESTORE);
    }

    private static final Instant NOW = Instant.parse("2026-06-02T10:00:00Z");

    private static List<FoundOnWalk> swapped() {
        LiveWalk walk = new Walked().at(3).comes(opens(4)).at(4).walk;
        return walk.arrives(opens(3), 0).note().found(Optional.of(opens(3)), PLAN, "jk", NOW);
    }

    @Test
    void whatWasFoundIsKeptForBothDoorsUntilEachIsShownOnTheRealPanel() {
        assertThat(swapped())
                .extracting(FoundOnWalk::lineId, FoundOnWalk::says, FoundOnWalk::came, FoundOnWalk::expected)
                .containsExactly(
                        org.assertj.core.api.Assertions.tuple(
                                id(3),
                                "Door 4 and Door 3 are swapped",
                                "130 · 01 · 003",
                                "130 · 01 · 003, R 130 · 01 · 003"),
                        org.assertj.core.api.Assertions.tuple(
                                id(4),
                                "Door 4 and Door 3 are swapped",
                                "130 · 01 · 003",
                                "130 · 01 · 004, R 130 · 01 · 004"));
        Acceptance kept = Acceptance.NOTHING;
        for (FoundOnWalk found : swapped()) {
            kept = kept.with(found).with(found);
        }
        assertThat(kept.found()).hasSize(2);
        Showing model = new Showing(id(3), Showing.Way.MODEL, "practice station", NOW, "", Map.of());
        assertThat(kept.with(model).standing(id(3))).isPresent();
        Showing live = new Showing(id(3), Showing.Way.LIVE, "jk", NOW, "", Map.of());
        assertThat(kept.with(live).standing(id(3))).isEmpty();
        assertThat(kept.with(live).standing(id(4))).isPresent();
    }

    @Test
    void whatIsDismissedKeepsItsReasonAndNothingIsDismissedWithoutOne() {
        FoundOnWalk found = swapped().getFirst();
        Acceptance kept = Acceptance.NOTHING.with(found).dismissing(found, "a driver opened it");
        assertThat(kept.standing(found.lineId())).isEmpty();
        assertThat(kept.found()).extracting(FoundOnWalk::dismissed).containsExactly("a driver opened it");
        assertThatThrownBy(() -> Acceptance.NOTHING.with(found).dismissing(found, " "))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("dismissed");
    }
}
