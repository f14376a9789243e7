package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.learn.apprentice.Apprentice;
import io.answerback.core.learn.apprentice.Attempt;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.files.learning.ApprenticeFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Exercises from the command line.
class ExerciseVerbTest {
    @TempDir
    private Path folder;

    @Test
    void anExerciseIsAskedWithoutItsAnswerAndJudged() {
        Called asked = Called.of("exercise", "--kind", "loop", "--grade", "2", "--seed", "42", "--json");
        assertThat(asked.code()).isZero();
        assertThat(asked.json().has("solution")).isFalse();
        assertThat(asked.json().get("given").size()).isGreaterThan(1);
        Called wrong =
                Called.of("exercise", "--kind", "loop", "--grade", "2", "--seed", "42", "--answer", "1R", "--json");
        assertThat(wrong.code()).isEqualTo(1);
        String solution = wrong.json().get("solution").asString();
        Called right = Called.of("exercise", "--kind", "loop", "--grade", "2", "--seed", "42", "--answer", solution);
        assertThat(right.code()).isZero();
        assertThat(right.out()).contains("Right.");
        assertThat(Called.of("exercise", "--kind", "painting", "--seed", "1").code())
                .isEqualTo(2);
        assertThat(Called.of("exercise", "--kind", "loop", "--grade", "9", "--seed", "1")
                        .code())
                .isEqualTo(2);
    }

    @Test
    void whatIsDoneOnSiteIsShownAndCounts() {
        String[] fault = {"exercise", "--kind", "fault", "--grade", "3", "--seed", "17", "--json"};
        Called looked = Called.of(with(fault, "--did", "on-test,at-rest"));
        assertThat(looked.json().get("shown").get(1).get("shows").asString()).contains("Ω");
        Called unsafe = Called.of(with(fault, "--did", "at-rest", "--answer", "something"));
        assertThat(unsafe.json().get("safe").asBoolean()).isFalse();
        String solution = unsafe.json().get("solution").asString();
        assertThat(Called.of(with(fault, "--did", "at-rest", "--answer", solution))
                        .code())
                .as("right, but in danger")
                .isEqualTo(1);
        assertThat(Called.of(with(fault, "--did", "on-test,at-rest", "--answer", solution))
                        .code())
                .isZero();
        assertThat(Called.of(with(fault, "--did", "dance")).err()).contains("there is no step \"dance\"");
    }

    private static Object[] with(String[] first, String... more) {
        return Stream.concat(Arrays.stream(first), Arrays.stream(more)).toArray();
    }

    @Test
    void aSheetIsPrintedWithoutAndWithAnswers() throws IOException {
        Called sheet = Called.of(
                "exercise",
                "sheet",
                "--seeds",
                "resistor/1/4,fault/2/9,3",
                "--kind",
                "bus",
                "--out",
                folder.toString());
        assertThat(sheet.code()).isZero();
        String asked = text(folder.resolve("exercises.pdf"));
        String answers = text(folder.resolve("answers.pdf"));
        assertThat(asked).contains("Resistors, grade", "seed 4", "has stood in").doesNotContain("3k9");
        assertThat(answers).contains("3k9", "min in all");
        assertThat(Called.of("exercise", "sheet", "--seeds", "fault/2", "--out", folder.toString())
                        .err())
                .contains("KIND/GRADE/SEED");
    }

    @Test
    void aGroupIsATableAndABoardAForm() throws IOException {
        Attempt passed = new Attempt(ExerciseKind.FAULT, 1, 5, true, true, 20, 16, 12);
        Path file = folder.resolve("one" + ApprenticeFile.ENDING);
        new ApprenticeFile(file).write(new Apprentice("Apprentice One", List.of(passed, passed)));
        Called group = Called.of("exercise", "group", file.toString());
        assertThat(group.out()).contains("Apprentice One,Find the fault,2,2,2,1,0,1.3,12");
        Files.writeString(file, "{\"apprentice\": \"One\", \"attempts\": [{\"kind\": \"painting\"}]}");
        assertThat(Called.of("exercise", "group", file.toString()).err())
                .contains("exercise 1 has the kind \"painting\"");
        Path job = folder.resolve("job.answerback.json");
        Called.of("new", "--demo", "1", job);
        assertThat(Called.of("exercise", "board", job, "--out", folder).code()).isZero();
        assertThat(Files.readString(folder.resolve("board.csv")))
                .contains("Belongs in,Landed,Polarity", "C-02,red,supply +", "/ 6");
        assertThat(text(folder.resolve("board.pdf"))).contains("marking of the wired board", "Polarity");
    }

    private static String text(Path file) throws IOException {
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }
}
