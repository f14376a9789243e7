package io.answerback.core.bus;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.BusRange;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.BusSteps;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.TextKeypads;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import io.answerback.core.panel.LearningEdits;
import io.answerback.core.panel.PanelInput;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.panel.PanelState;
import io.answerback.core.panel.PanelStep;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.testing.SmallBus;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.testing.SmallSetup;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What the panel has learned against what is on the wall, and the cable between.
class BusWallTest extends AddressedJob {
    @Test
    void aSecondCableFromOnePlaceIsABranch() {
        Job job = addressed();
        for (String module : List.of("Expander 1", "Expander 2")) {
            job = CablingEdits.add(CableEnds.toModule(new ModuleId(module)), SmallJob.THIN)
                    .on(job);
            job = Edits.cableMetres(job.cables().getLast().id(), 55).on(job);
        }
        assertThat(found(job)).contains("bus-branched", "bus-too-long").doesNotContain("bus-module-too-far");
        Job chained = CablingEdits.ends(
                        job.cables().getLast().id(),
                        CableEnds.toModule(new ModuleId("Expander 2"))
                                .startingAt(Optional.of(new ModuleId("Expander 1"))))
                .on(job);
        // 55 m and 55 m more
        assertThat(found(chained))
                .contains("bus-too-long", "bus-module-too-far")
                .doesNotContain("bus-branched");
    }

    @Test
    void aCableThatLeadsBackIsSaidAndNotDrawn() {
        Job job = addressed();
        for (String module : List.of("Expander 1", "Expander 2")) {
            job = CablingEdits.add(CableEnds.toModule(new ModuleId(module)), SmallJob.THIN)
                    .on(job);
        }
        String first = job.cables().get(job.cables().size() - 2).id().text();
        String second = job.cables().getLast().id().text();
        assertThat(found(job)).noneMatch(id -> id.startsWith("bus-in-circle"));
        // each expander is fed from the other, and none from the board
        Job circle = CablingEdits.ends(
                        new CableId(first),
                        CableEnds.toModule(new ModuleId("Expander 1"))
                                .startingAt(Optional.of(new ModuleId("Expander 2"))))
                .on(job);
        circle = CablingEdits.ends(
                        new CableId(second),
                        CableEnds.toModule(new ModuleId("Expander 2"))
                                .startingAt(Optional.of(new ModuleId("Expander 1"))))
                .on(circle);
        assertThat(found(circle)).contains("bus-in-circle:" + first, "bus-in-circle:" + second);
    }

    @Test
    void aCoverOnTheBusIsReportedUnderItsAddressWhileTheModuleAnswers() {
        Job job = LearningEdits.scan().on(addressed());
        PanelReducer panel = new PanelReducer(job);
        PanelStep open =
                panel.step(PanelState.unset(job), new PanelInput.CoverChanges(new ModuleId("Expander 1"), true), NOW);
        assertThat(open.signals()).singleElement().satisfies(signal -> {
            assertThat(signal.event()).isEqualTo("145");
            assertThat(signal.zone()).isEqualTo(1);
        });
        assertThat(panel.step(open.state(), new PanelInput.CoverChanges(new ModuleId("Expander 1"), true), NOW)
                        .signals())
                .isEmpty();
        PanelState lost = panel.step(open.state(), new PanelInput.ModuleChanges(new ModuleId("Expander 1"), true), NOW)
                .state();
        assertThat(why(panel.step(lost, new PanelInput.CoverChanges(new ModuleId("Expander 1"), false), NOW)))
                .isEqualTo("Expander 1 does not answer: its tamper is not seen");
    }

    /// 60 m of 92 Ω/km there and back are 11.04 Ω; 60 m of 95 nF/km are 5.7 nF.
    @Test
    void aBusIsJudgedInOhmsAndNanofaradsWhereItsMakerGivesThose() {
        CableType reel = new CableType(
                "4-core", "4-core alarm", SmallJob.THIN, List.of("red", "black", "yellow", "green"), false, false, 95);
        Job job = CablingEdits.add(CableEnds.toModule(new ModuleId("Expander 1")), SmallJob.THIN)
                .on(addressed());
        String cable = job.cables().getLast().id().text();
        job = Edits.cableMetres(new CableId(cable), 60).on(job);
        job = CableEdits.installation("", new CableId(cable), installation -> installation.withType(reel))
                .on(job);
        assertThat(found(limited(job, 11.1, 5.8))).doesNotContain("bus-resistance", "bus-capacitance");
        assertThat(found(limited(job, 11.0, 5.6))).contains("bus-resistance", "bus-capacitance");
    }

    private static Job limited(Job job, double ohms, double nanofarads) {
        BusRule rule = new BusRule(
                SmallBus.RULE.ranges(), 0, 0, true, List.of(), ohms, nanofarads, BusSteps.UNKNOWN, TextKeypads.UNKNOWN);
        return job.withPanel(new Panel("Panel", job.panel().profile().withBus(rule)));
    }

    @Test
    void settingsThatNeedTextAreFlaggedWhereNoKeypadShowsIt() {
        assertThat(found(texts(List.of()))).contains("settings-need-text");
        assertThat(found(texts(List.of("keypad")))).doesNotContain("settings-need-text");
        Setting plain = SmallSetup.QUICK;
        assertThat(found(SmallSetup.on(texts(List.of()), SmallSetup.catalogue(plain))))
                .as("nothing that is to be typed needs it")
                .doesNotContain("settings-need-text");
        Setting deep =
                new Setting("deep", "Deep", plain.decision(), plain.form(), "8", "", "1", "", true, List.of(), false);
        assertThat(found(SmallSetup.on(texts(List.of()), SmallSetup.catalogue(deep))))
                .contains("settings-need-text");
    }

    private static Job texts(List<String> kinds) {
        BusRule rule = new BusRule(
                SmallBus.RULE.ranges(),
                0,
                0,
                true,
                List.of(),
                0,
                0,
                BusSteps.UNKNOWN,
                new TextKeypads(kinds, List.of("names of zones")));
        Job job = addressed();
        return job.withPanel(new Panel("Panel", job.panel().profile().withBus(rule)));
    }

    @Test
    void aMovedExpandersZonesAreProgrammedInOneStep() {
        Job job = CapacityEdits.wire(new PointId("03"), Optional.of(new InputId("Expander 1.2")))
                .on(addressed());
        // place 2 at address 3: 5 + 2 * 8 + 1
        Job moved = BusEdits.address(new ModuleId("Expander 1"), 3).on(job);
        assertThat(BusEdits.unprogrammed(moved, new ModuleId("Expander 1"))).containsOnlyKeys(22);
        Job programmed = BusEdits.programmed(new ModuleId("Expander 1")).on(moved);
        assertThat(programmed.zone(22).orElseThrow().type())
                .isEqualTo(job.zone(6).orElseThrow().type());
        assertThat(programmed.zone(6)).isEmpty();
        assertThat(BusEdits.unprogrammed(programmed, new ModuleId("Expander 1")))
                .isEmpty();
    }

    @Test
    void zonesBeyondThoseThePanelHasAreExplained() {
        Job job = addressed();
        Job beyond = job.withInputs(job.inputs().stream()
                .map(input -> input.id().equals(new InputId("Expander 2.8")) ? input.withZone(41) : input)
                .toList());
        assertThat(found(beyond)).contains("zone-beyond-panel:Expander 2.8");
        PanelProfile profile = job.panel().profile();
        BusRule high = SmallParts.busRule(List.of(new BusRange(List.of("bus-8"), 1, 3, 25, 8)), 0, 0, true);
        assertThatThrownBy(() -> profile.withBus(high))
                .hasMessageContaining("numbers wired zones up to 48, and its capacity says 40 zones");
    }
}
