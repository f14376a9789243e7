package io.answerback.core.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.setup.EntryStep.Standing;
import io.answerback.core.testing.SmallSetup;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/// What is typed for what is wanted. The small job has area 1 and a few zones; entry is typed in tens of
/// seconds, the sounder in twos of minutes.
class RunSheetTest extends TypedPanel {
    @Test
    void whatANewPanelHasIsNotTyped() {
        // 30 s are three counts of ten, which stand there already
        assertThat(step(job, "entry", 1).standing()).isEqualTo(Standing.AS_NEW);
        Job longer = SetupEdits.decide(Decision.ENTRY_TIME, 1, "40").on(job);
        assertThat(step(longer, "entry", 1)).satisfies(step -> {
            assertThat(step.standing()).isEqualTo(Standing.OPEN);
            assertThat(step.entry()).contains("04");
            assertThat(step.where()).containsExactly("Menu", "Times", "1");
            assertThat(step.shows()).isEqualTo("04 at 1");
            assertThat(step.intent()).isEqualTo("Time to reach the keypad: 40 s");
        });
    }

    @Test
    void anAmountBetweenTwoStepsCannotBeTypedAndSaysWhatComesNearest() {
        Job odd = SetupEdits.decide(Decision.ENTRY_TIME, 1, "35").on(job);
        assertThat(step(odd, "entry", 1).standing()).isEqualTo(Standing.CANNOT);
        assertThat(step(odd, "entry", 1).problem()).isEqualTo("the panel counts in steps: 30 s or 40 s");
        assertThat(found(odd)).contains("entry-impossible:entry 1");
        Job beyond = SetupEdits.decide(Decision.ENTRY_TIME, 1, "300").on(job);
        assertThat(step(beyond, "entry", 1).problem()).isEqualTo("the panel takes 10 s to 120 s");
        assertThat(found(beyond)).contains("beyond-rule:ENTRY_TIME 1");
        assertThat(Entries.atLeast(SmallSetup.ENTRY, 35)).contains(40.0);
        assertThat(Entries.atLeast(SmallSetup.ENTRY, 121)).isEmpty();
    }

    @Test
    void changingOneDecisionLeavesOnlyThatToBeTypedAgain() {
        Job done = typed(SetupEdits.decide(Decision.SOUNDER_TIME, 0, "4").on(job));
        assertThat(RunSheet.of(done).open()).extracting(EntryStep::key).containsExactly("code 0");
        Job changed = SetupEdits.decide(Decision.SOUNDER_TIME, 0, "8").on(done);
        assertThat(RunSheet.of(changed).open())
                .filteredOn(step -> step.standing() == Standing.AGAIN)
                .singleElement()
                .satisfies(step -> assertThat(step.entry()).contains("4"));
        assertThat(found(changed)).contains("entries-to-repeat");
        Job off = Edits.zoneType(2, ZoneType.NOT_USED).on(done);
        assertThat(RunSheet.of(off).open())
                .filteredOn(step -> step.standing() == Standing.AGAIN)
                .extracting(EntryStep::key)
                .as("back to what a new panel has, which it has no more")
                .containsExactly("behaviour 2");
    }

    @Test
    void whatAnotherNeedsComesFirstAndMenusAreWalkedOnce() {
        RunSheet sheet = RunSheet.of(job);
        List<String> keys = sheet.open().stream().map(EntryStep::key).toList();
        assertThat(keys.indexOf("area 2")).isGreaterThan(keys.indexOf("behaviour 2"));
        assertThat(sheet.levels()).isLessThanOrEqualTo(sheet.levelsByNumber());
        List<String> menus = sheet.open().stream()
                .map(step -> step.where().size() < 2 ? "" : step.where().get(1))
                .toList();
        assertThat(menus.stream().distinct().count())
                .as("each menu is entered once")
                .isEqualTo(changes(menus));
    }

    private static long changes(List<String> menus) {
        long changes = 1;
        for (int i = 1; i < menus.size(); i++) {
            changes += menus.get(i).equals(menus.get(i - 1)) ? 0 : 1;
        }
        return changes;
    }

    @Test
    void anEntryIsLeftOutForAReasonOnly() {
        EntryStep quick = step(job, "quick", 0);
        assertThat(quick.entry()).contains("9");
        assertThatThrownBy(() -> SetupEdits.skipped(quick, NOW, " ")).hasMessageContaining("say why");
        Job skipped = SetupEdits.skipped(quick, NOW, "the client wants it so").on(job);
        assertThat(step(skipped, "quick", 0).standing()).isEqualTo(Standing.SKIPPED);
        assertThat(RunSheet.of(skipped).open()).doesNotContain(step(skipped, "quick", 0));
    }

    @Test
    void aDecisionThatIsTheUsualOneIsNotKeptAndAnyOtherWantsAReason() {
        assertThat(SetupEdits.decide(Decision.QUICK_SET, 0, "no")
                        .on(job)
                        .setup()
                        .decided())
                .isEmpty();
        Job other = SetupEdits.decide(Decision.QUICK_SET, 0, "yes").on(job);
        assertThat(found(other)).contains("decided-without-reason:QUICK_SET 0");
        Job told = SetupEdits.reason(Decision.QUICK_SET, 0, "It is a home.").on(other);
        assertThat(found(told)).doesNotContain("decided-without-reason:QUICK_SET 0");
        assertThatThrownBy(() ->
                        SetupEdits.decide(Decision.QUICK_SET, 0, "perhaps").on(job))
                .hasMessage("quick set is \"perhaps\"; it is yes or no");
    }

    @Test
    void aZoneInNoAreaIsDeadAndHasNoAreaToType() {
        int zone = job.inputOf(new PointId("02")).orElseThrow().zone();
        Job nowhere = Edits.zoneArea(zone, Optional.empty()).on(job);
        assertThat(RunSheet.of(nowhere).step("area", zone)).isEmpty();
        assertThat(SetupState.of(nowhere).dead()).containsOnlyKeys(zone);
        assertThat(SetupEdits.programDead().on(nowhere).zone(zone)).isEqualTo(job.zone(zone));
    }

    @Test
    void theSounderThatWasDecidedIsNotCalledUsual() {
        Job longer = SetupEdits.decide(Decision.SOUNDER_TIME, 0, "8").on(job);
        assertThat(new Intent(longer).of(Decision.SOUNDER_TIME, 0)).contains(new SettingValue.Amount(8));
        assertThat(new Intent(longer).usual(Decision.SOUNDER_TIME, 0)).contains(new SettingValue.Amount(2));
    }

    @Test
    void aReasonHoldsForTheEntryItWasGivenFor() {
        Job skipped = SetupEdits.skipped(
                        step(SetupEdits.decide(Decision.ENTRY_TIME, 1, "40").on(job), "entry", 1), NOW, "no time")
                .on(SetupEdits.decide(Decision.ENTRY_TIME, 1, "40").on(job));
        assertThat(step(skipped, "entry", 1).standing()).isEqualTo(Standing.SKIPPED);
        Job other = SetupEdits.decide(Decision.ENTRY_TIME, 1, "50").on(skipped);
        assertThat(step(other, "entry", 1).standing()).isEqualTo(Standing.OPEN);
    }

    @Test
    void aZonesAreasAreTypedPlaceByPlace() {
        TreeSet<Integer> both = new TreeSet<>(List.of(1, 3));
        assertThat(Entries.typing(SmallSetup.AREA, new SettingValue.Numbers(both))
                        .entry())
                .contains("Y-Y-");
        assertThat(Entries.value(SmallSetup.AREA, "-Y--"))
                .contains(new SettingValue.Numbers(new TreeSet<>(List.of(2))));
        assertThat(Entries.value(SmallSetup.AREA, "-Y")).isEmpty();
        assertThat(Entries.typing(SmallSetup.AREA, new SettingValue.Numbers(new TreeSet<>(List.of(5))))
                        .problem())
                .isEqualTo("the panel has numbers 1 to 4 there");
    }
}
