package io.answerback.core.setup;

import static io.answerback.core.testing.SmallSetup.AREA;
import static io.answerback.core.testing.SmallSetup.BEHAVIOUR;
import static io.answerback.core.testing.SmallSetup.CODE;
import static io.answerback.core.testing.SmallSetup.ENTRY;
import static io.answerback.core.testing.SmallSetup.QUICK;
import static io.answerback.core.testing.SmallSetup.SOUNDER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.profile.EntryForm.Kind;
import io.answerback.core.model.profile.EntryForm.Option;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.profile.SettingValue.Amount;
import io.answerback.core.model.profile.SettingValue.Chosen;
import io.answerback.core.model.profile.SettingValue.Named;
import io.answerback.core.model.profile.SettingValue.Numbers;
import io.answerback.core.model.profile.SettingValue.Switch;
import io.answerback.core.testing.SmallSetup;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Entry times are typed in tens of seconds, 01 to 12; the sounder in twos of minutes, 1 to 15; areas as four signs.
class EntriesTest {
    private static final Setting LIST =
            setting(Decision.ZONE_AREA, new EntryForm(Kind.LIST, "", 0, 0, 8, 0, List.of(), ","));
    private static final Setting NAME =
            setting(Decision.ZONE_NAME, new EntryForm(Kind.WORDS, "", 0, 0, 12, 0, List.of(), ""));
    private static final Setting ACCOUNT =
            setting(Decision.AREA_ACCOUNT, new EntryForm(Kind.WORDS, "", 0, 0, 4, 0, List.of(), ""));

    private static Setting setting(Decision decision, EntryForm form) {
        return SmallSetup.setting("any", decision, form, "", "", List.of());
    }

    private static SettingValue numbers(Integer... numbers) {
        return new Numbers(new TreeSet<>(List.of(numbers)));
    }

    private static Optional<String> typed(Setting setting, SettingValue value) {
        return Entries.typing(setting, value).entry();
    }

    private static String cannot(Setting setting, SettingValue value) {
        assertThat(typed(setting, value)).isEmpty();
        return Entries.typing(setting, value).problem();
    }

    @ParameterizedTest
    @CsvSource({"01, 10", "03, 30", "12, 120"})
    void aCountOfStepsIsAnAmount(String entry, double seconds) {
        assertThat(Entries.value(ENTRY, entry)).contains(new Amount(seconds));
        assertThat(typed(ENTRY, new Amount(seconds))).contains(entry);
    }

    /// Too few digits, too many, fewer steps than there are, more, and none at all.
    @ParameterizedTest
    @ValueSource(strings = {"3", "003", "00", "13", "", "-3", "3s", "99999999999999"})
    void whatThePanelDoesNotTakeMeansNothing(String entry) {
        assertThat(Entries.value(ENTRY, entry)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"1, 2", "5, 10", "15, 30"})
    void aCountWithoutSetDigitsHasNoLeadingZero(String entry, double minutes) {
        assertThat(Entries.value(SOUNDER, entry)).contains(new Amount(minutes));
        assertThat(typed(SOUNDER, new Amount(minutes))).contains(entry);
        assertThat(Entries.value(SOUNDER, "0" + entry)).isEmpty();
    }

    @Test
    void anAmountBetweenTwoStepsNamesBoth() {
        assertThat(cannot(ENTRY, new Amount(35))).isEqualTo("the panel counts in steps: 30 s or 40 s");
        assertThat(cannot(ENTRY, new Amount(119.9))).isEqualTo("the panel counts in steps: 110 s or 120 s");
    }

    @Test
    void anAmountJustOutsideNamesTheNearest() {
        assertThat(cannot(ENTRY, new Amount(9))).isEqualTo("the nearest the panel takes is 10 s");
        assertThat(cannot(ENTRY, new Amount(121))).isEqualTo("the nearest the panel takes is 120 s");
    }

    @Test
    void anAmountFarOutsideNamesWhatThePanelTakes() {
        assertThat(cannot(ENTRY, new Amount(4))).isEqualTo("the panel takes 10 s to 120 s");
        assertThat(cannot(ENTRY, new Amount(600))).isEqualTo("the panel takes 10 s to 120 s");
    }

    @Test
    void minutesAreCountedInSecondsWhereThePanelDoesSo() {
        Setting seconds = setting(Decision.SOUNDER_TIME, EntryForm.count("s", 30, 1, 60, 0));
        assertThat(typed(seconds, new Amount(3))).contains("6");
        assertThat(Entries.value(seconds, "6")).contains(new Amount(3));
        assertThat(Entries.atLeast(seconds, 3.2)).contains(3.5);
        assertThat(Entries.atMost(seconds, 3.2)).contains(3.0);
    }

    @Test
    void aUnitThatMeasuresSomethingElseIsSaid() {
        Setting times = setting(Decision.ENTRY_TIME, EntryForm.count("times", 10, 1, 12, 0));
        assertThat(cannot(times, new Amount(30))).isEqualTo("its unit is not one this panel could count in");
        assertThat(Entries.value(times, "3")).isEmpty();
        Setting noStep = setting(Decision.ENTRY_TIME, EntryForm.count("s", 0, 1, 12, 0));
        assertThat(cannot(noStep, new Amount(30))).isEqualTo("its unit is not one this panel could count in");
        assertThat(Entries.atLeast(noStep, 30)).isEmpty();
        assertThat(Entries.atMost(noStep, 30)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"30, 30, 30", "30.1, 40, 30", "1, 10, ", "10, 10, 10", "120, 120, 120", "120.1, , 120", "500, , 120"})
    void theNearestOnEitherSide(double seconds, Double atLeast, Double atMost) {
        assertThat(Entries.atLeast(ENTRY, seconds)).isEqualTo(Optional.ofNullable(atLeast));
        assertThat(Entries.atMost(ENTRY, seconds)).isEqualTo(Optional.ofNullable(atMost));
    }

    /// The nearest on either side are what the panel takes, a step apart at most, and one of them where it fits
    /// exactly.
    @Property
    void bothNeighboursCanBeTyped(@ForAll @DoubleRange(min = 10, max = 120) double seconds) {
        double least = Entries.atLeast(ENTRY, seconds).orElseThrow();
        double most = Entries.atMost(ENTRY, seconds).orElseThrow();
        assertThat(most).isLessThanOrEqualTo(seconds + 1e-6);
        assertThat(least).isGreaterThanOrEqualTo(seconds - 1e-6);
        assertThat(least - most).isBetween(0.0, 10.0);
        assertThat(typed(ENTRY, new Amount(least))).isPresent();
        assertThat(typed(ENTRY, new Amount(most))).isPresent();
        assertThat(typed(ENTRY, new Amount(seconds)).isPresent())
                .isEqualTo(Math.abs(seconds / 10 - Math.rint(seconds / 10)) <= 1e-9);
    }

    @Test
    void optionsAreTakenByTheirEntryAndGivenByTheirMeaning() {
        assertThat(Entries.value(QUICK, "8")).contains(new Switch(true));
        assertThat(Entries.value(QUICK, "9")).contains(new Switch(false));
        assertThat(Entries.value(QUICK, "1")).isEmpty();
        assertThat(typed(QUICK, new Switch(false))).contains("9");
        assertThat(typed(BEHAVIOUR, new Chosen("ENTRY_ROUTE"))).contains("2");
        assertThat(cannot(BEHAVIOUR, new Chosen("FIRE"))).startsWith("this panel has nothing that means ");
    }

    @Test
    void anOptionThatMeansNothingOfItsDecisionIsNotTaken() {
        Setting wrong = setting(Decision.QUICK_SET, EntryForm.options(List.of(new Option("1", "perhaps"))));
        assertThat(Entries.value(wrong, "1")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"Y---, 1", "-Y-Y, 2 4", "YYYY, 1 2 3 4"})
    void placesAreOneSignEach(String entry, String areas) {
        Integer[] numbers =
                java.util.Arrays.stream(areas.split(" ")).map(Integer::valueOf).toArray(Integer[]::new);
        assertThat(Entries.value(AREA, entry)).contains(numbers(numbers));
        assertThat(typed(AREA, numbers(numbers))).contains(entry);
    }

    @Test
    void placesOfAnotherLengthOrSignMeanNothing() {
        for (String entry : List.of("Y--", "Y----", "y---", "")) {
            assertThat(Entries.value(AREA, entry)).isEmpty();
        }
        assertThat(Entries.value(AREA, "----")).contains(numbers());
        assertThat(cannot(AREA, numbers(2, 5))).isEqualTo("the panel has numbers 1 to 4 there");
        assertThat(cannot(AREA, numbers(0))).isEqualTo("the panel has numbers 1 to 4 there");
    }

    @Test
    void listsAreReadInTheirOrderOnly() {
        assertThat(Entries.value(LIST, "1,3,8")).contains(numbers(1, 3, 8));
        assertThat(Entries.value(LIST, "")).contains(numbers());
        for (String entry : List.of("3,1", "1,1", "9", "0", "1,,3", "1,", "a", "01")) {
            assertThat(Entries.value(LIST, entry)).as(entry).isEmpty();
        }
        assertThat(typed(LIST, numbers(8, 1))).contains("1,8");
        assertThat(cannot(LIST, numbers(9))).isEqualTo("the panel has numbers 1 to 8 there");
    }

    @Property(tries = 100)
    void anyNumbersComeBackAsTheyWereTyped(@ForAll @IntRange(min = 0, max = 255) int bits) {
        Integer[] chosen = IntStream.rangeClosed(1, 8)
                .filter(number -> (bits >> number - 1 & 1) == 1)
                .boxed()
                .toArray(Integer[]::new);
        String entry = typed(LIST, numbers(chosen)).orElseThrow();
        assertThat(Entries.value(LIST, entry)).contains(numbers(chosen));
    }

    @Test
    void numbersThatAreOneOfSomeOptions() {
        Setting areas =
                setting(Decision.ZONE_AREA, EntryForm.options(List.of(new Option("A", "1"), new Option("B", "1,2"))));
        assertThat(typed(areas, numbers(1, 2))).contains("B");
        assertThat(Entries.value(areas, "B")).contains(numbers(1, 2));
        assertThat(cannot(areas, numbers(3))).isEqualTo("the panel cannot be set to 3 there");
        assertThat(cannot(NAME, numbers(3))).isEqualTo("the panel does not take numbers there");
    }

    @Test
    void aNameIsCutAndANumberIsNot() {
        assertThat(typed(NAME, new Named("Dock door"))).contains("Dock door");
        assertThat(typed(NAME, new Named("Dock door at the quay"))).contains("Dock door at");
        assertThat(typed(NAME, new Named("Roller door "))).contains("Roller door ");
        assertThat(typed(ACCOUNT, new Named("7316"))).contains("7316");
        assertThat(cannot(ACCOUNT, new Named("73164"))).isEqualTo("it takes 4 letters, and these are 5");
        assertThat(Entries.value(ACCOUNT, "7316")).contains(new Named("7316"));
        assertThat(Entries.value(ACCOUNT, "73164")).isEmpty();
    }

    @Test
    void aCodeMeansNothing() {
        assertThat(Entries.value(CODE, "123456")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"s, min, 0.016666666666666666", "h, min, 60", "days, h, 24", "times, times, 1", "min, min, 1"})
    void unitsOfTimeAreTurnedIntoEachOther(String from, String to, double factor) {
        assertThat(Units.factor(from, to).orElseThrow()).isCloseTo(factor, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"times, s", "s, times", "m, m", "s, m"})
    void othersAreNot(String from, String to) {
        assertThat(Units.factor(from, to)).isEmpty();
    }
}
