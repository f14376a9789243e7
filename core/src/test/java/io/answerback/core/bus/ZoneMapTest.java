package io.answerback.core.bus;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.BusRange;
import io.answerback.core.model.profile.BusReach;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.site.Bus;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.panel.LearningEdits;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.survey.capacity.ModuleEdits;
import io.answerback.core.testing.SmallBus;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
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
class ZoneMapTest extends AddressedJob {
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
