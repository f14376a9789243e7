package io.answerback.core.setup;

import static io.answerback.core.testing.SmallSetup.AREA;
import static io.answerback.core.testing.SmallSetup.BEHAVIOUR;
import static io.answerback.core.testing.SmallSetup.CODE;
import static io.answerback.core.testing.SmallSetup.ENTRY;
import static io.answerback.core.testing.SmallSetup.QUICK;
import static io.answerback.core.testing.SmallSetup.SOUNDER;
import static io.answerback.core.testing.SmallSetup.catalogue;
import static io.answerback.core.testing.SmallSetup.setting;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.profile.EntryForm.Kind;
import io.answerback.core.model.profile.EntryForm.Option;
import io.answerback.core.model.profile.MenuPlace;
import io.answerback.core.model.profile.Setting;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// Settings that contradict themselves are named, each with what is wrong, and the others can be used.
class CatalogueCheckTest {
    private static Setting of(Decision decision, EntryForm form, String usual) {
        return setting("odd", decision, form, usual, "", List.of());
    }

    private static Setting entryTime(EntryForm form) {
        return of(Decision.ENTRY_TIME, form, "");
    }

    private static EntryForm form(Kind kind, int most, String separator) {
        return new EntryForm(kind, "", 0, 0, most, 0, List.of(), separator);
    }

    private static Setting quick(Option... options) {
        return of(Decision.QUICK_SET, EntryForm.options(List.of(options)), "");
    }

    static Stream<Arguments> odd() {
        return Stream.of(
                Arguments.of(
                        entryTime(EntryForm.count("times", 10, 1, 12, 2)), "its unit \"times\" is none in which \"s\""),
                Arguments.of(entryTime(EntryForm.count("fortnights", 1, 1, 12, 2)), "its unit \"fortnights\" is none"),
                Arguments.of(
                        of(Decision.QUICK_SET, EntryForm.count("s", 10, 1, 12, 2), ""),
                        "its unit \"s\" is none in which this decision can be counted"),
                Arguments.of(entryTime(EntryForm.count("s", 0, 1, 12, 2)), "its step is 0"),
                Arguments.of(entryTime(EntryForm.count("s", 10, 12, 1, 2)), "its range is upside down: 12 to 1"),
                Arguments.of(entryTime(EntryForm.count("s", 1, 1, 100, 2)), "100 does not fit into 2 digits"),
                Arguments.of(quick(), "it has no entries to choose from"),
                Arguments.of(
                        quick(new Option("1", "perhaps")),
                        "\"1\" means \"perhaps\", which this decision knows nothing of"),
                Arguments.of(quick(new Option("1", "yes"), new Option("1", "no")), "entry \"1\" is there twice"),
                Arguments.of(quick(new Option("1", "yes"), new Option("2", "yes")), "two entries mean yes"),
                Arguments.of(of(Decision.ZONE_AREA, form(Kind.LIST, 8, ""), ""), "something other than digits"),
                Arguments.of(of(Decision.ZONE_AREA, form(Kind.LIST, 8, "0"), ""), "something other than digits"),
                Arguments.of(of(Decision.ZONE_AREA, form(Kind.LIST, 0, ","), ""), "its most is 0"),
                Arguments.of(of(Decision.ZONE_AREA, form(Kind.PLACES, 8, "Y"), ""), "a mark and a blank that differ"),
                Arguments.of(of(Decision.ZONE_AREA, form(Kind.PLACES, 8, "YY"), ""), "a mark and a blank that differ"),
                Arguments.of(of(Decision.ZONE_AREA, form(Kind.PLACES, 0, "Y-"), ""), "its most is 0"),
                Arguments.of(of(Decision.ZONE_NAME, form(Kind.WORDS, 0, ""), ""), "nothing can be typed there"),
                Arguments.of(of(Decision.ENGINEER_CODE, EntryForm.secret(0), ""), "nothing can be typed there"),
                Arguments.of(
                        of(Decision.ENTRY_TIME, EntryForm.count("s", 10, 1, 12, 2), "99"),
                        "\"99\" is said to stand there when the panel is new, and cannot be typed there"),
                Arguments.of(
                        setting("odd", Decision.QUICK_SET, QUICK.form(), "", "attic", List.of()),
                        "there is no place \"attic\""),
                Arguments.of(
                        setting("odd", Decision.QUICK_SET, QUICK.form(), "", "", List.of("nothing")),
                        "it comes after \"nothing\", which is not there"),
                Arguments.of(
                        setting("odd", Decision.QUICK_SET, QUICK.form(), "", "", List.of("odd")),
                        "it has to be typed before itself"));
    }

    @ParameterizedTest
    @MethodSource("odd")
    void whatContradictsItselfIsNamedAndTheRestIsNot(Setting odd, String says) {
        assertThat(CatalogueCheck.of(catalogue(BEHAVIOUR, AREA, ENTRY, odd, SOUNDER)))
                .hasSize(1)
                .hasEntrySatisfying(
                        "odd", why -> assertThat(why).startsWith("The odd: ").contains(says));
    }

    @Test
    void aCatalogueThatIsAsItShouldBeHasNothing() {
        assertThat(CatalogueCheck.of(catalogue(BEHAVIOUR, AREA, ENTRY, SOUNDER, QUICK, CODE)))
                .isEmpty();
        assertThat(CatalogueCheck.of(catalogue())).isEmpty();
    }

    @Test
    void settingsThatWaitForOneAnotherAreAllNamed() {
        Setting one = setting("one", Decision.QUICK_SET, QUICK.form(), "", "", List.of("two"));
        Setting two = setting("two", Decision.FORCED_SET, QUICK.form(), "", "", List.of("three"));
        Setting three = setting("three", Decision.EXIT_BEEPS, QUICK.form(), "", "", List.of("one"));
        Setting free = setting("free", Decision.RESTORE_SET, QUICK.form(), "", "", List.of("one"));
        assertThat(CatalogueCheck.of(catalogue(one, two, three, free)))
                .containsOnlyKeys("one", "two", "three")
                .allSatisfy((id, why) -> assertThat(why).endsWith("it has to be typed before itself"));
    }

    /// The one that asks for it is named; the one that waits for that one can be used.
    @Test
    void aSettingThatIsMissingFartherBackIsNamedOnce() {
        Setting one = setting("one", Decision.QUICK_SET, QUICK.form(), "", "", List.of("two"));
        Setting two = setting("two", Decision.FORCED_SET, QUICK.form(), "", "", List.of("gone"));
        assertThat(CatalogueCheck.of(catalogue(one, two))).containsOnlyKeys("two");
    }

    @Test
    void aWayThatLeadsInACircleIsSaid() {
        List<MenuPlace> circle =
                List.of(new MenuPlace("left", "Left", "right"), new MenuPlace("right", "Right", "left"));
        Setting lost = setting("lost", Decision.QUICK_SET, QUICK.form(), "", "left", List.of());
        assertThat(CatalogueCheck.of(catalogue(circle, lost)).get("lost")).contains("leads in a circle");
    }
}
