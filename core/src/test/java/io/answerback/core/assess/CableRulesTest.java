package io.answerback.core.assess;

import static io.answerback.core.testing.SmallBox.POWERED;
import static io.answerback.core.testing.SmallBox.SIX;
import static io.answerback.core.testing.SmallBox.job;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.cable.CableFault;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.cable.TerminatedCore;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.practice.JointKind;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// Mistakes in cables, each found with its reason and gone when it is mended.
class CableRulesTest {
    private static final CableType EIGHT = new CableType(
            "8",
            "8-core",
            SIX.conductor(),
            List.of("red", "black", "yellow", "green", "blue", "white", "brown", "orange"),
            false,
            false,
            0);

    private static Job powered() {
        return PointEdits.change("", Set.of(new PointId("02")), point -> point.withKind(POWERED))
                .on(job(SIX));
    }

    private static Optional<Finding> found(Job job, String id) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job).findings().stream()
                        .filter(finding -> finding.id().equals(id))
                        .findFirst();
    }

    private static Job after(Job job, Edit... edits) {
        Job next = job;
        for (Edit edit : edits) {
            next = edit.on(next);
        }
        return next;
    }

    private static Edit put(String cable, CableEnd end, String colour, String where) {
        return CableEdits.terminated(new CableId(cable), new TerminatedCore(end, colour, where, Instant.EPOCH), false);
    }

    private static Edit progress(String cable, Progress progress) {
        return CableEdits.installation("", new CableId(cable), installation -> installation.withProgress(progress));
    }

    @Test
    void supplyTheWrongWayRoundIsToldAsPolarity() {
        Job job = after(powered(), put("C-02", CableEnd.FAR, "red", "−"));
        assertThat(found(job, "core-elsewhere:C-02:red:far"))
                .hasValueSatisfying(finding -> assertThat(finding.says() + finding.why())
                        .contains("wrong polarity", "can destroy what it feeds"));
        assertThat(found(after(job, put("C-02", CableEnd.FAR, "red", "+")), "core-elsewhere:C-02:red:far"))
                .isEmpty();
    }

    @Test
    void aLoopCoreOnASupplyTerminalIsToldAsThat() {
        Job job = after(powered(), put("C-02", CableEnd.NEAR, "yellow", "12V"));
        assertThat(found(job, "core-elsewhere:C-02:yellow").orElseThrow().says())
                .contains("on a supply terminal");
        // where nothing takes supply, it is the contact that shorts it
        Job contact = after(job(SIX), put("C-02", CableEnd.NEAR, "yellow", "12V"));
        assertThat(found(contact, "core-elsewhere:C-02:yellow").orElseThrow().says())
                .contains("gives supply to a contact");
    }

    @Test
    void aPairOverTwoCablesIsSplit() {
        Job two = after(powered(), CablingEdits.add(CableEnds.toPoints(List.of(new PointId("02"))), SmallJob.THIN));
        String second = two.cables().getLast().id().text();
        two = after(two, CableEdits.installation("", new CableId(second), installation -> installation.withType(SIX)));
        assertThat(found(two, "pair-split:LOOP:C-02")).isEmpty();
        Job split = after(two, CableEdits.foundUse(new CableId(second), "yellow", Optional.of(CoreUse.LOOP_RETURN)));
        assertThat(found(split, "pair-split:LOOP:C-02").orElseThrow().why()).contains("a loop as wide as the room");
    }

    /// One core under the terminal gives the device its supply; the second of a doubled pair only lowers what is
    /// lost on the way.
    @Test
    void aDoubledSupplyWithOneCoreLooseIsTightAndNotDead() {
        Job doubled = after(
                powered(),
                CableEdits.installation(
                        "",
                        new CableId("C-02"),
                        installation -> installation.withType(EIGHT).withDoubled(CoreUse.SUPPLY, true)),
                put("C-02", CableEnd.NEAR, "red", "12V"),
                put("C-02", CableEnd.NEAR, "black", "0V beside 12V"),
                progress("C-02", Progress.TERMINATED));
        Finding loose = found(doubled, "supply-loose:C-02").orElseThrow();
        assertThat(loose.grade()).isEqualTo(Grade.TIGHT);
        assertThat(loose.says()).contains("is not doubled yet");
    }

    /// A second cable that carries loop and return itself splits no pair, whatever the first carries too.
    @Test
    void aCableThatCarriesBothCoresSplitsNoPair() {
        Job two = after(powered(), CablingEdits.add(CableEnds.toPoints(List.of(new PointId("02"))), SmallJob.THIN));
        CableId second = two.cables().getLast().id();
        Job both = after(
                two,
                CableEdits.installation("", second, installation -> installation.withType(SIX)),
                CableEdits.foundUse(second, "yellow", Optional.of(CoreUse.SUPPLY)),
                CableEdits.foundUse(second, "green", Optional.of(CoreUse.SUPPLY_RETURN)));
        assertThat(new Assessor(SmallJob.EVENTS).assess(both).findings())
                .extracting(Finding::id)
                .noneMatch(id -> id.startsWith("pair-split:SUPPLY"));
    }

    /// With a core more or less under it, a terminal is reached through a block or directly: the node is the same.
    @Test
    void aBlockInTheWayIsTheSameNode() {
        Job direct = after(powered(), put("C-02", CableEnd.NEAR, "red", "12V, via terminal block"));
        assertThat(found(direct, "core-elsewhere:C-02:red")).isEmpty();
        Job other = after(powered(), put("C-02", CableEnd.NEAR, "red", "input 2"));
        assertThat(found(other, "core-elsewhere:C-02:red")).isPresent();
    }

    @Test
    void aTerminatedDetectorWhoseSupplyIsLooseIsFound() {
        Job job = after(
                powered(), put("C-02", CableEnd.NEAR, "yellow", "input 2"), progress("C-02", Progress.TERMINATED));
        assertThat(found(job, "supply-loose:C-02").orElseThrow().why()).contains("red and black of C-02 is loose");
        Job mended = after(
                job, put("C-02", CableEnd.NEAR, "red", "12V"), put("C-02", CableEnd.NEAR, "black", "0V beside 12V"));
        assertThat(found(mended, "supply-loose:C-02")).isEmpty();
    }

    @Test
    void supplyAtABareContactIsFoundOnlyThere() {
        Edit fed = CableEdits.foundUse(new CableId("C-02"), "red", Optional.of(CoreUse.SUPPLY));
        assertThat(found(after(job(SIX), fed), "contact-given-supply:C-02")).isPresent();
        assertThat(found(after(powered(), fed), "contact-given-supply:C-02")).isEmpty();
    }

    @Test
    void jointsNobodyAcceptsAreWrongAndThoseTheHouseDoesOtherwiseAreNoted() {
        Job twisted = after(job(SIX), CableEdits.joints(new CableId("C-01"), Optional.of(JointKind.TWISTED)));
        assertThat(found(twisted, "joint-refused:C-01").orElseThrow().grade()).isEqualTo(Grade.WRONG);
        List<Grade> grades = new ArrayList<>();
        for (JointKind kind : JointKind.values()) {
            found(after(job(SIX), CableEdits.joints(new CableId("C-01"), Optional.of(kind))), "joint-refused:C-01")
                    .ifPresent(finding -> grades.add(finding.grade()));
        }
        // every kind but that of the house, and of those one is wrong
        assertThat(grades).hasSize(JointKind.values().length - 1).containsOnlyOnce(Grade.WRONG);
    }

    @Test
    void whatIsSeenToBeWrongIsFoundUntilItIsMended() {
        for (CableFault fault : CableFault.values()) {
            Job seen = after(job(SIX), CableEdits.fault(new CableId("C-01"), fault, true));
            assertThat(found(seen, "seen:%s:C-01".formatted(fault))
                            .orElseThrow()
                            .remedy())
                    .isEqualTo(fault.remedy());
            assertThat(found(
                            after(seen, CableEdits.fault(new CableId("C-01"), fault, false)),
                            "seen:%s:C-01".formatted(fault)))
                    .isEmpty();
        }
    }

    @Test
    void aJointBoxNothingComesToIsAdrift() {
        Job job = after(
                job(SIX), CablingEdits.throughJoint(List.of(new CableId("C-02")), new JointId("J-1"), SmallJob.THIN));
        assertThat(found(job, "joint-adrift:J-1")).isEmpty();
        String trunk = job.cables().getLast().id().text();
        assertThat(found(after(job, CablingEdits.remove(new CableId(trunk))), "joint-adrift:J-1")
                        .orElseThrow()
                        .why())
                .contains("cannot be measured");
        assertThat(found(after(job, CablingEdits.remove(new CableId("C-02"))), "joint-adrift:J-1")
                        .orElseThrow()
                        .says())
                .startsWith("No cable goes on");
    }

    @Test
    void aModuleWithoutACableIsNotedUntilItHasOne() {
        Job job = after(job(SIX), CapacityEdits.fit("Keypad", kinds("keypad")));
        String id = "module-without-cable";
        assertThat(found(job, id).orElseThrow().says()).startsWith("No cable goes to Keypad");
        assertThat(found(after(job, CablingEdits.toModules(SmallJob.THIN)), id)).isEmpty();
    }

    private static List<ModuleKind> kinds(String id) {
        return List.of(SmallBox.job(SIX).panel().profile().module(id).orElseThrow());
    }

    @Test
    void anAerialInMetalIsWrong() {
        ModuleKind radio = SmallParts.kind(
                "radio",
                "radio",
                ModuleSort.COMMUNICATOR,
                0,
                1,
                1,
                60,
                0,
                false,
                "cellular",
                List.of(),
                Optional.empty());
        Job job = job(SIX);
        var profile = job.panel().profile();
        List<ModuleKind> kinds =
                Stream.concat(profile.modules().stream(), Stream.of(radio)).toList();
        var with = SmallParts.profile(
                profile.id(), profile.name(), 5, 4700, 30, profile.schemes(), profile.capacity(), "", kinds);
        Job fitted = job.withPanel(new io.answerback.core.model.site.Panel("Panel", with))
                .withModules(Stream.concat(
                                job.modules().stream(), Stream.of(PanelModule.called("Radio", "radio", List.of())))
                        .toList());
        assertThat(found(fitted, "aerial-in-metal:Radio")).isEmpty();
        Job steel = after(fitted, CablingEdits.besideMetal(new ModuleId("Radio"), true));
        assertThat(found(steel, "aerial-in-metal:Radio").orElseThrow().remedy()).contains("outside the box");
        // a module without an aerial may stand in steel
        assertThat(found(after(fitted, CablingEdits.besideMetal(new ModuleId("Panel"), true)), "aerial-in-metal:Panel"))
                .isEmpty();
    }
}
