package io.answerback.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Names of files, and where dialogs begin.
class FileEndingTest {
    private static final List<String> JOBS = List.of("*.answerback.json");

    @ParameterizedTest
    @CsvSource({
        "yard, yard.answerback.json",
        "yard.json, yard.answerback.json",
        "yard.answerback, yard.answerback.json",
        "yard.Answerback.JSON, yard.Answerback.JSON",
        "yard v1.2, yard v1.2.answerback.json"
    })
    void theEndingIsCompletedWhateverOfItIsThere(String chosen, String whole) {
        assertThat(FileEnding.completed(Path.of("jobs", chosen), JOBS)).isEqualTo(Path.of("jobs", whole));
    }

    @Test
    void anyEndingOfTheSortsWillDoAndTheFirstCompletes() {
        List<String> sorts = List.of("*.pdf", "*.svg");
        assertThat(FileEnding.completed(Path.of("sheet.svg"), sorts)).isEqualTo(Path.of("sheet.svg"));
        assertThat(FileEnding.completed(Path.of("sheet"), sorts)).isEqualTo(Path.of("sheet.pdf"));
        assertThat(FileEnding.completed(Path.of("folder"), List.of("*"))).isEqualTo(Path.of("folder"));
    }

    @Test
    void aDialogBeginsBesideTheJobThenWhereTheLastOneEndedUntilAnotherJobIsOpened() {
        Path[] job = {Path.of("/jobs/quay/quay.answerback.json")};
        List<Path> kept = new ArrayList<>();
        DialogFolder folder = new DialogFolder(() -> Optional.ofNullable(job[0]), Optional.empty(), kept::add);
        assertThat(folder.begin()).isEqualTo(Path.of("/jobs/quay"));
        folder.chosen(Path.of("/pictures/box.jpg"));
        assertThat(folder.begin()).isEqualTo(Path.of("/pictures"));
        job[0] = Path.of("/jobs/mill/mill.answerback.json");
        assertThat(folder.begin()).isEqualTo(Path.of("/jobs/mill"));
        assertThat(kept).containsExactly(Path.of("/pictures"));
    }

    @Test
    void withoutAJobAndADialogItBeginsAtHome() {
        assertThat(new DialogFolder(Optional::empty, Optional.empty(), chosen -> {}).begin())
                .isEqualTo(Path.of(System.getProperty("user.home")));
    }
}
