package io.answerback.desktop.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// In which order things are found.
class FoundTest {
    private static final List<Hit> ALL = Stream.of(
                    "07 Dock roller door 2|point",
                    "Keypad 2|module",
                    "C-17|cable to 07 Dock roller door 2",
                    "Time to leave|decision, on the sheet Decisions",
                    "Exit time|setting of the panel, Timers",
                    "Cold room door|point",
                    "Open the next stop|command")
            .map(line -> line.split("\\|"))
            .map(both -> new Hit(both[0], both[1], () -> {}))
            .toList();

    private static List<String> found(String typed) {
        return Found.of(typed, ALL.stream(), 40).stream().map(Hit::title).toList();
    }

    @Test
    void whatBeginsSoComesBeforeWhatHoldsIt() {
        assertThat(found("c-17")).containsExactly("C-17");
        assertThat(found("time")).containsExactly("Time to leave", "Exit time");
    }

    /// "who" is a word of its own in the second and the beginning of another in the first.
    @Test
    void aWholeWordComesBeforeTheBeginningOfAnother() {
        List<Hit> sheets = Stream.of("Whole job", "Who is told")
                .map(title -> new Hit(title, "sheet of Report", () -> {}))
                .toList();
        assertThat(Found.of("who", sheets.stream(), 5)).extracting(Hit::title).startsWith("Who is told");
    }

    @ParameterizedTest
    @CsvSource({
        "door roller, 07 Dock roller door 2",
        "kpd, Keypad 2",
        "ROOM, Cold room door",
        "timers, Exit time",
        "decisions leave, Time to leave"
    })
    void everyWordMustBeMetInAnyOrder(String typed, String first) {
        assertThat(found(typed)).first().isEqualTo(first);
    }

    @Test
    void whatIsNotThereIsNotFoundAndNothingTypedFindsAll() {
        assertThat(found("quay crane")).isEmpty();
        assertThat(found("door zzz")).isEmpty();
        // the letters are in "cold room door" one after the other, and in no one of its words
        assertThat(found("cdrr")).isEmpty();
        assertThat(found("  ")).hasSize(ALL.size());
        assertThat(Found.of("", ALL.stream(), 3)).hasSize(3);
    }

    @Test
    void thingsThatAreEquallyNearStayInTheirOrder() {
        assertThat(found("door")).containsExactly("07 Dock roller door 2", "Cold room door", "C-17");
    }
}
