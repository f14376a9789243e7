package io.answerback.core.model.common;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class KeyedTest {
    private static final Function<Reel, List<String>> COLOUR = reel -> List.of(reel.colour());
    private static final Keyed<Reel> REELS = Keyed.of(
            IntStream.rangeClosed(1, 6)
                    .mapToObj(number -> new Reel(number, number % 2 == 0 ? "white" : "red", 100))
                    .toList(),
            Reel::number,
            "reels",
            "reel");

    private record Reel(int number, String colour, int metres) {}

    private static Keyed<Reel> with(Keyed<Reel> reels, Reel other) {
        List<Reel> changed = reels.stream()
                .map(reel -> reel.number() == other.number() ? other : reel)
                .toList();
        return Keyed.of(Keyed.after(reels, changed), Reel::number, "reels", "reel");
    }

    @Test
    void aThingThatWasExchangedStandsInItsPlaceWhereverItIsFound() {
        Reel shorter = new Reel(4, "white", 60);
        Keyed<Reel> after = with(REELS, shorter);
        assertThat(after.find(4)).contains(shorter);
        assertThat(after.all(COLOUR, "white")).extracting(Reel::metres).containsExactly(100, 60, 100);
        assertThat(after.all(COLOUR, "red")).isEqualTo(REELS.all(COLOUR, "red"));
        assertThat(after.<Integer>keys()).isSameAs(REELS.keys());
        assertThat(REELS.all(COLOUR, "white")).extracting(Reel::metres).containsExactly(100, 100, 100);
    }

    @Test
    void aThingThatIsKnownByAnotherValueIsFoundUnderThatOne() {
        Keyed<Reel> after = with(REELS, new Reel(4, "red", 100));
        assertThat(after.all(COLOUR, "white")).extracting(Reel::number).containsExactly(2, 6);
        assertThat(after.all(COLOUR, "red")).extracting(Reel::number).containsExactly(1, 3, 4, 5);
    }

    @Test
    void onlyWhatIsAnotherIsCheckedAgain() {
        List<List<?>> others = List.of(List.of("red", "white"));
        Keyed<Reel> checked = with(REELS, new Reel(1, "red", 5));
        List<Integer> looked = new ArrayList<>();
        checked.checkEachAgainst(others, reel -> looked.add(reel.number()));
        assertThat(looked).containsExactly(1, 2, 3, 4, 5, 6);
        looked.clear();
        with(checked, new Reel(3, "red", 7)).checkEachAgainst(others, reel -> looked.add(reel.number()));
        assertThat(looked).containsExactly(3);
    }

    @Test
    void againstOtherListsAllAreChecked() {
        REELS.checkEachAgainst(List.of(List.of("red", "white")), reel -> {});
        List<Integer> looked = new ArrayList<>();
        with(REELS, new Reel(3, "red", 7)).checkEachAgainst(List.of(List.of("red")), reel -> looked.add(reel.number()));
        assertThat(looked).hasSize(6);
    }

    @Test
    void twoThingsOfOneKeyAreRefused() {
        assertThatThrownBy(() ->
                        Keyed.of(List.of(new Reel(1, "red", 1), new Reel(1, "red", 2)), Reel::number, "reels", "reel"))
                .hasMessage("reel 1 is there twice; keep one");
    }
}
