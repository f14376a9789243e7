package io.answerback.core.bus;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.assess.Assessor;
import io.answerback.core.capacity.CapacityEdits;
import io.answerback.core.capacity.ModuleEdits;
import io.answerback.core.edit.BusEdits;
import io.answerback.core.edit.Edits;
import io.answerback.core.edit.LearningEdits;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.id.InputId;
import io.answerback.core.id.ModuleId;
import io.answerback.core.id.PointId;
import io.answerback.core.panel.Effect;
import io.answerback.core.panel.PanelInput;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.panel.PanelState;
import io.answerback.core.panel.PanelStep;
import io.answerback.core.profile.BusRange;
import io.answerback.core.profile.BusReach;
import io.answerback.core.profile.BusRule;
import io.answerback.core.profile.Meaning;
import io.answerback.core.profile.ModuleKind;
import io.answerback.core.profile.ModuleSort;
import io.answerback.core.profile.PanelProfile;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.proof.ProofBasis;
import io.answerback.core.proof.ProofState;
import io.answerback.core.site.Bus;
import io.answerback.core.site.BusAddress;
import io.answerback.core.site.Edit;
import io.answerback.core.site.Job;
import io.answerback.core.site.Link;
import io.answerback.core.site.Panel;
import io.answerback.core.site.PanelModule;
import io.answerback.core.site.Proof;
import io.answerback.core.testing.SmallBus;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.zone.ZoneMap;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// Addresses, zones and their sources. Point 02 is wired to board input 2; point 03 to board input 3.
class ZoneMapTest {
    private static final Instant NOW = Instant.parse("2026-05-12T09:00:00Z");

    private static Job addressed() {
        return BusEdits.giveAddresses().on(SmallBus.job());
    }

    /// Point 03 moved to the input of keypad 2, and that to zone 10: expander 1, place 6.
    private static Job takenOver() {
        Job job = CapacityEdits.wire(new PointId("03"), Optional.of(new InputId("Keypad 2.1")))
                .on(addressed());
        return BusEdits.takeOver(new InputId("Keypad 2.1"), 10).on(job);
    }

    private static List<String> found(Job job) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job).findings().stream().map(Finding::id).toList();
    }

    private static String why(PanelStep step) {
        return ((Effect.Silent) step.effects().getLast()).why();
    }

    @Test
    void blockAndPlaceGiveTheZoneAndBack() {
        // address 2 is the second block of eight from zone 5 on: 5 + 8 + 5 - 1
        assertThat(SmallBus.RULE.zone("bus-8", 2, 5)).contains(17);
        BusRule.Home home = SmallBus.RULE.home(17).orElseThrow();
        assertThat(home.address()).isEqualTo(2);
        assertThat(home.place()).isEqualTo(5);
        assertThat(SmallBus.RULE.zone("bus-8", 4, 1)).isEmpty();
        assertThat(SmallBus.RULE.zone("bus-8", 1, 9)).isEmpty();
        assertThat(SmallBus.RULE.home(29)).isEmpty();
    }

    @Test
    void blocksThatOverlapAreRefusedByName() {
        BusRange keypads = new BusRange(List.of("keypad"), 8, 11, 28, 1);
        assertThatThrownBy(() ->
                        SmallParts.busRule(List.of(new BusRange(List.of("bus-8"), 1, 3, 5, 8), keypads), 0, 0, true))
                .hasMessage("[bus-8] and [keypad] share zone 28; move one of them");
        assertThatThrownBy(() ->
                        SmallParts.busRule(List.of(new BusRange(List.of("bus-8"), 1, 9, 5, 1), keypads), 0, 0, true))
                .hasMessage("[bus-8] and [keypad] share address 8; move one of them");
    }

    @Test
    void addressesAreProposedWhereTheZonesAreAlready() {
        Job job = addressed();
        assertThat(job.bus().address(new ModuleId("Expander 1"))).contains(1);
        assertThat(job.bus().address(new ModuleId("Expander 2"))).contains(2);
        assertThat(job.bus().address(new ModuleId("Keypad 1"))).contains(8);
        assertThat(job.inputs()).isEqualTo(SmallBus.job().inputs());
        assertThat(BusEdits.free(job, "bus-8")).containsExactly(3);
    }

    @Test
    void anAddressThatIsTakenOrOfAnotherKindIsRefused() {
        Job job = addressed();
        assertThatThrownBy(() -> BusEdits.address(new ModuleId("Expander 1"), 2).on(job))
                .hasMessage("address 2 is Expander 2's; choose one that is free");
        assertThatThrownBy(() -> BusEdits.address(new ModuleId("Expander 1"), 9).on(job))
                .hasMessage("Expander 1 can have address 1 to 3, not 9; free are [3]");
    }

    @Test
    void aMovedExpanderBringsTheZonesOfItsNewAddress() {
        Job moved = BusEdits.address(new ModuleId("Expander 1"), 3).on(addressed());
        assertThat(moved.inputs().stream()
                        .filter(input -> input.module().equals(new ModuleId("Expander 1")))
                        .map(input -> input.zone()))
                .containsExactlyElementsOf(IntStream.rangeClosed(21, 28).boxed().toList());
    }

    @Test
    void aMovedKeypadTakesItsOwnNumberWithItAndLeavesOneItTookOver() {
        // at 11 the fourth keypad's number: 31 + 3
        Job moved = BusEdits.address(new ModuleId("Keypad 2"), 11).on(addressed());
        assertThat(ZoneMap.of(moved)
                        .zone(34)
                        .orElseThrow()
                        .source()
                        .orElseThrow()
                        .id())
                .isEqualTo(new InputId("Keypad 2.1"));
        assertThat(ZoneMap.of(moved).lines()).noneMatch(ZoneMap.Line::takenOver);
        Job taken = BusEdits.address(new ModuleId("Keypad 2"), 11).on(takenOver());
        assertThat(ZoneMap.of(taken).zone(10).orElseThrow().takenOver()).isTrue();
    }

    @Test
    void aKeypadsInputWinsTheZoneUntilItIsReleased() {
        Job job = takenOver();
        ZoneMap.Line line = ZoneMap.of(job).zone(10).orElseThrow();
        assertThat(line.takenOver()).isTrue();
        assertThat(line.source().orElseThrow().id()).isEqualTo(new InputId("Keypad 2.1"));
        assertThat(line.ignored()).extracting(input -> input.id()).containsExactly(new InputId("Expander 1.6"));
        assertThat(job.zone(10).orElseThrow().type()).isEqualTo(ZoneType.HOLD_UP);
        assertThat(found(job)).contains("zone-taken-over:10").doesNotContain("input-ignored:Expander 1.6");
        Job released = BusEdits.release(new InputId("Keypad 2.1")).on(job);
        ZoneMap.Line back = ZoneMap.of(released).zone(10).orElseThrow();
        assertThat(back.takenOver()).isFalse();
        assertThat(back.source().orElseThrow().id()).isEqualTo(new InputId("Expander 1.6"));
        assertThat(back.programmed()).as("what is programmed stays").isPresent();
        assertThat(ZoneMap.of(released).zone(32).orElseThrow().programmed()).isEmpty();
    }

    @Test
    void thePanelLooksAtTheSourceOfAZoneOnly() {
        Job job = CapacityEdits.wire(new PointId("02"), Optional.of(new InputId("Expander 1.6")))
                .on(takenOver());
        assertThat(found(job)).contains("input-ignored:Expander 1.6");
        PanelReducer panel = new PanelReducer(job);
        PanelState set = PanelState.allSet(job);
        var deaf = panel.step(
                set, new PanelInput.InputReads(new InputId("Expander 1.6"), Optional.of(Meaning.ALARM)), NOW);
        assertThat(deaf.signals()).isEmpty();
        assertThat(why(deaf)).isEqualTo("Expander 1 · 6 is not monitored: zone 10 is read from Keypad 2 · 1");
        var heard =
                panel.step(set, new PanelInput.InputReads(new InputId("Keypad 2.1"), Optional.of(Meaning.ALARM)), NOW);
        assertThat(heard.signals())
                .singleElement()
                .satisfies(signal -> assertThat(signal.zone()).isEqualTo(10));
        // released, the zone falls back to the expander's input
        Job released = BusEdits.release(new InputId("Keypad 2.1")).on(job);
        var after = new PanelReducer(released)
                .step(set, new PanelInput.InputReads(new InputId("Expander 1.6"), Optional.of(Meaning.ALARM)), NOW);
        assertThat(after.signals())
                .singleElement()
                .satisfies(signal -> assertThat(signal.zone()).isEqualTo(10));
    }

    @Test
    void aProofGoesStaleWhenItsZoneIsReadFromElsewhere() {
        Job wired = CapacityEdits.wire(new PointId("02"), Optional.of(new InputId("Expander 1.6")))
                .on(addressed());
        var now = Instant.parse("2026-05-12T09:00:00Z");
        Job proven = Edits.keepProof(new Proof(
                        new PointId("02"),
                        now,
                        10,
                        "practice station",
                        "frame",
                        Optional.of(now),
                        ProofBasis.of(wired, SmallJob.EVENTS, new PointId("02"))))
                .on(wired);
        assertThat(state(proven)).isInstanceOf(ProofState.Proven.class);
        Job moved = CapacityEdits.wire(new PointId("03"), Optional.of(new InputId("Keypad 2.1")))
                .on(proven);
        Job taken = BusEdits.takeOver(new InputId("Keypad 2.1"), 10).on(moved);
        assertThat(state(taken))
                .isInstanceOfSatisfying(
                        ProofState.Stale.class,
                        stale -> assertThat(stale.why()).contains("read in its place", "Keypad 2 · 1"));
        assertThat(new Assessor(SmallJob.EVENTS)
                        .assess(taken)
                        .point(new PointId("02"))
                        .orElseThrow()
                        .chain()
                        .of(Link.ZONE)
                        .line())
                .contains("read from Keypad 2 · 1");
    }

    private static ProofState state(Job job) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job)
                .point(new PointId("02"))
                .orElseThrow()
                .proof();
    }

    @Test
    void onlyAKeypadTakesOverAndOnlyAZoneThereIs() {
        assertThatThrownBy(
                        () -> BusEdits.takeOver(new InputId("Expander 1.6"), 3).on(addressed()))
                .hasMessageContaining("is on no keypad");
        assertThatThrownBy(
                        () -> BusEdits.takeOver(new InputId("Keypad 1.1"), 41).on(addressed()))
                .hasMessage("the panel has zones 1 to 40; there is no zone 41");
    }

    @Test
    void aThickerConductorReachesFarther() {
        BusRule table = SmallParts.busRule(List.of(), 0, 0, true, List.of(new BusReach(92, 60), new BusReach(36, 150)));
        assertThat(table.reachMetres(92)).contains(60.0);
        assertThat(table.reachMetres(36)).contains(150.0);
        // between two rows the thinner one holds; thinner than any, nothing is promised
        assertThat(table.reachMetres(50)).contains(60.0);
        assertThat(table.reachMetres(100)).contains(0.0);
        assertThat(SmallBus.RULE.reachMetres(92)).isEmpty();
    }

    @Property(tries = 300)
    void noTwoModulesEverShareAnAddress(@ForAll long seed, @ForAll @IntRange(min = 1, max = 25) int edits) {
        Random random = new Random(seed);
        Job job = SmallBus.job();
        for (int i = 0; i < edits; i++) {
            try {
                job = edit(random, job).on(job);
            } catch (IllegalArgumentException refused) {
                continue;
            }
            assertThat(job.bus().addresses().stream().map(BusAddress::address)).doesNotHaveDuplicates();
        }
    }

    private static Edit edit(Random random, Job job) {
        String module = job.modules().get(random.nextInt(job.modules().size())).name();
        return switch (random.nextInt(6)) {
            case 0 -> BusEdits.giveAddresses();
            case 1 ->
                CapacityEdits.fit("", List.of(job.panel().profile().modules().get(1 + random.nextInt(2))));
            case 2 -> ModuleEdits.remove(new ModuleId(module));
            case 3 -> LearningEdits.scan();
            case 4 -> LearningEdits.present(new ModuleId(module), random.nextBoolean());
            default -> BusEdits.address(new ModuleId(module), random.nextInt(14));
        };
    }

    @Test
    void aTakenOverHoldUpZoneProgrammedImmediateIsWrong() {
        assertThat(found(takenOver())).doesNotContain("watches-only-when-set-programmed:03");
        assertThat(found(Edits.zoneType(10, ZoneType.IMMEDIATE).on(takenOver())))
                .contains("watches-only-when-set-programmed:03");
    }

    @Test
    void twoKeypadsOnOneZoneAreAConflictAndNotAnOrder() {
        Job both = BusEdits.takeOver(new InputId("Keypad 1.1"), 10).on(takenOver());
        assertThat(found(both)).contains("zone-taken-twice:10");
        assertThat(found(takenOver())).doesNotContain("zone-taken-twice:10");
    }

    @Test
    void theBoardsOwnInputsAreNumberedByTheRuleToo() {
        Job job = addressed();
        Job moved = job.withInputs(job.inputs().stream()
                .map(input -> input.id().equals(new InputId("P.4")) ? input.withZone(40) : input)
                .toList());
        assertThat(found(moved)).contains("zones-unlike-address:Panel");
        assertThat(found(job)).doesNotContain("zones-unlike-address:Panel");
    }

    @Test
    void twoModulesAtOneAddressOpenAndAreFound() {
        Job job = addressed();
        List<BusAddress> addresses = new ArrayList<>(job.bus().addresses());
        addresses.removeIf(given -> given.module().equals(new ModuleId("Expander 2")));
        addresses.add(new BusAddress(1, new ModuleId("Expander 2"), Optional.empty()));
        Bus bus = new Bus(addresses, List.of(), List.of(), Optional.empty());
        assertThat(found(job.withBus(bus))).contains("address-twice:1");
    }

    @Test
    void aModuleForWhichNoAddressIsFreeCannotWork() {
        Job job = addressed();
        List<PanelModule> modules = new ArrayList<>(job.modules());
        for (int i = 3; i <= 4; i++) {
            modules.add(PanelModule.called("Expander " + i, "bus-8", List.of()));
        }
        Job full = BusEdits.giveAddresses().on(job.withModules(modules));
        Finding none = new Assessor(SmallJob.EVENTS)
                .assess(full).findings().stream()
                        .filter(finding -> finding.id().equals("no-address-free:Expander 4"))
                        .findFirst()
                        .orElseThrow();
        assertThat(none.grade()).isEqualTo(Grade.WRONG);
        assertThat(none.remedy()).startsWith("Remove a module of its kind");
    }

    @Test
    void aCommunicatorListensForEachAreaOnceAndForNoneTwice() {
        Job job = addressed();
        List<PanelModule> modules = new ArrayList<>(job.modules());
        modules.add(PanelModule.called("Sender", "listener", List.of()));
        Job with = job.withPanel(new Panel("Panel", listening(job.panel().profile())))
                .withModules(modules);
        Bus right = with.bus().withAddresses(new ModuleId("Sender"), List.of(at(20, 1), at(21, 2)));
        assertThat(found(with.withBus(right))).noneMatch(id -> id.startsWith("listens-"));
        // two addresses for two areas, and yet one area has none
        Bus wrong = with.bus().withAddresses(new ModuleId("Sender"), List.of(at(20, 1), at(21, 1)));
        assertThat(found(with.withBus(wrong))).contains("listens-for-too-few:Sender:2", "listens-twice:Sender:1");
        Bus unset = with.bus()
                .withAddresses(
                        new ModuleId("Sender"),
                        List.of(at(20, 1), at(21, 2), new BusAddress(22, new ModuleId("Sender"), Optional.empty())));
        assertThat(found(with.withBus(unset))).contains("listens-for-none:22");
    }

    private static BusAddress at(int address, int area) {
        return new BusAddress(address, new ModuleId("Sender"), Optional.of(area));
    }

    private static PanelProfile listening(PanelProfile profile) {
        List<ModuleKind> kinds = new ArrayList<>(profile.modules());
        kinds.add(SmallParts.kind(
                "listener", "Sender", ModuleSort.COMMUNICATOR, 0, 1, 1, 30, 0, false, "", List.of(), Optional.empty()));
        List<BusRange> ranges = new ArrayList<>(SmallBus.RULE.ranges());
        ranges.add(new BusRange(List.of("listener"), 20, 23, 0, 0));
        return SmallParts.profile(
                        profile.id(), profile.name(), 5, 4700, 30, profile.schemes(), profile.capacity(), "", kinds)
                .withBus(SmallParts.busRule(ranges, 100, 60, false));
    }
}
