package io.answerback.core.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.profile.MenuPlace;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.setup.EntryStep.Standing;
import io.answerback.core.testing.SmallSetup;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What a panel shows, held against what was decided; and codes, whose digits are kept nowhere.
class ShownSettingsTest extends TypedPanel {
    @Test
    void whatThePanelShowsIsExplainedAndComparedAndCountsAsWhatItHas() {
        EntryStep entry = step(SetupEdits.decide(Decision.ENTRY_TIME, 1, "40").on(job), "entry", 1);
        assertThat(ReadBack.of(entry, "05").says())
                .isEqualTo("\"05\" means 50 s; wanted is 40 s, which is typed \"04\".");
        assertThat(ReadBack.of(entry, "04").agrees()).isTrue();
        assertThat(ReadBack.of(entry, "99"))
                .satisfies(back -> assertThat(back.means()).isEmpty())
                .satisfies(back -> assertThat(back.says())
                        .isEqualTo("No entry of The entry is \"99\": it takes 2 digits, 1 to 12."));
        Job read = SetupEdits.found("entry", 1, "05").on(job);
        assertThat(step(read, "entry", 1).standing()).isEqualTo(Standing.AGAIN);
        Job again = SetupEdits.typed(step(read, "entry", 1), NOW, 5).on(read);
        assertThat(again.setup().found()).as("what was read is no longer so").isEmpty();
        assertThat(step(again, "entry", 1).standing()).isEqualTo(Standing.DONE);
    }

    @Test
    void aSettingThatContradictsItselfIsNamedAndTheRestIsUsed() {
        Setting unit = SmallSetup.setting(
                "unit", Decision.EXIT_TIME, EntryForm.count("fortnights", 1, 1, 9, 0), "1", "times", List.of());
        Setting usual = SmallSetup.setting(
                "usual", Decision.MOST_ALARMS, EntryForm.count("times", 1, 1, 9, 0), "12", "times", List.of());
        Setting circle =
                SmallSetup.setting("circle", Decision.FORCED_SET, SmallSetup.QUICK.form(), "8", "round", List.of());
        Setting itself =
                SmallSetup.setting("itself", Decision.RESTORE_SET, SmallSetup.QUICK.form(), "8", "", List.of("other"));
        Setting other =
                SmallSetup.setting("other", Decision.EXIT_BEEPS, SmallSetup.QUICK.form(), "8", "", List.of("itself"));
        List<MenuPlace> places =
                List.of(new MenuPlace("round", "Round", "about"), new MenuPlace("about", "About", "round"));
        Job broken =
                SmallSetup.on(job, SmallSetup.catalogue(places, unit, usual, circle, itself, other, SmallSetup.ENTRY));
        RunSheet sheet = RunSheet.of(broken);
        assertThat(sheet.broken()).containsOnlyKeys("unit", "usual", "circle", "itself", "other");
        assertThat(sheet.broken().get("unit")).contains("its unit \"fortnights\" is none");
        assertThat(sheet.broken().get("usual")).contains("\"12\" is said to stand there");
        assertThat(sheet.broken().get("circle")).contains("leads in a circle");
        assertThat(sheet.broken().get("itself")).contains("typed before itself");
        assertThat(sheet.step("entry", 1)).as("the rest is used").isPresent();
        assertThat(found(broken)).contains("setting-broken:unit", "setting-broken:circle");
    }

    @Test
    void aCodeIsEitherChangedOrTheMakersAndItsDigitsAreKeptNowhere() {
        assertThat(found(job)).contains("code-still-the-makers:code 0");
        Job changed = SetupEdits.code(
                        new PanelProgramming.CodeNote("code", 0, true, "the head office", Optional.of(true)))
                .on(job);
        assertThat(found(changed)).noneMatch(id -> id.startsWith("code-"));
        Job same = SetupEdits.code(new PanelProgramming.CodeNote("code", 0, true, "", Optional.of(false)))
                .on(job);
        assertThat(found(same)).contains("code-same-as-another:code 0");
        assertThatThrownBy(() -> new PanelProgramming.CodeNote("code", 0, true, "Manager, 4711", Optional.empty()))
                .hasMessageContaining("digits are never kept");
        assertThatThrownBy(() -> Decision.ENGINEER_CODE.read("123456")).hasMessageContaining("never kept");
    }

    @Test
    void codesAreComparedAndOverwritten() {
        char[] one = "4711".toCharArray();
        char[] two = "4711".toCharArray();
        char[] three = "0815".toCharArray();
        assertThat(CodeComparison.of(java.util.Map.of("a", one, "b", two, "c", three)))
                .containsEntry("a", false)
                .containsEntry("b", false)
                .containsEntry("c", true);
        assertThat(new String(one)).isEqualTo("0000");
        assertThat(new String(three)).isEqualTo("0000");
    }

    @Test
    void whatWasInAPanelBeforeIsHeldAgainstWhatIsWanted() {
        Job taken = SetupEdits.found(List.of(
                        new PanelProgramming.Found("entry", 1, "03"),
                        new PanelProgramming.Found("sounder", 0, "7"),
                        new PanelProgramming.Found("behaviour", 4, "3"),
                        new PanelProgramming.Found("entry", 9, "08")))
                .on(job);
        assertThat(Leftovers.of(taken, RunSheet.of(taken)))
                .extracting(Leftovers.Leftover::title, Leftovers.Leftover::means, Leftovers.Leftover::clear)
                .contains(
                        org.assertj.core.api.Assertions.tuple("The sounder", "14 min", false),
                        org.assertj.core.api.Assertions.tuple("The entry area 09", "80 s", true))
                .doesNotContain(org.assertj.core.api.Assertions.tuple("The entry area 01", "30 s", false));
        assertThat(SetupEdits.defaults().on(taken).setup().found()).isEmpty();
    }

    @Test
    void whatTheSurveySaysStaysWhateverAZoneIsProgrammedAs() {
        int zone = job.inputOf(new PointId("02")).orElseThrow().zone();
        SettingValue surveyed = new SettingValue.Chosen(
                job.point(new PointId("02")).orElseThrow().surveyed().type().name());
        Job off = Edits.zoneType(zone, ZoneType.NOT_USED).on(job);
        assertThat(new Intent(off).of(Decision.ZONE_BEHAVIOUR, zone)).contains(new SettingValue.Chosen("NOT_USED"));
        assertThat(new Intent(off).usual(Decision.ZONE_BEHAVIOUR, zone)).contains(surveyed);
        assertThat(SetupState.of(off).dead()).containsOnlyKeys(zone);
        Job programmed = SetupEdits.programDead().on(off);
        assertThat(SetupState.of(programmed).dead()).isEmpty();
        assertThat(new Intent(programmed).of(Decision.ZONE_BEHAVIOUR, zone)).contains(surveyed);
    }

    /// Reports tell users by three digits.
    @Test
    void aUserHasANumberThatAReportHasRoomFor() {
        assertThat(new PanelProgramming.User(999, "Cleaner", List.of(), Optional.empty()).number())
                .isEqualTo(999);
        for (int number : new int[] {0, 1000, 2300}) {
            assertThatThrownBy(() -> new PanelProgramming.User(number, "Cleaner", List.of(), Optional.empty()))
                    .hasMessageContaining("number of a user is " + number);
        }
    }
}
