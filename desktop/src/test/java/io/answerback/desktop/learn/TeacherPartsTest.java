package io.answerback.desktop.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import io.answerback.core.assess.Assessor;
import io.answerback.core.learn.apprentice.Apprentice;
import io.answerback.core.learn.apprentice.Attempt;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.desktop.AtOnce;
import io.answerback.desktop.Seen;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.learning.ExerciseMaterial;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// What a teacher sees and takes along, without a window.
class TeacherPartsTest {
    @TempDir
    Path folder;

    private final List<String> told = new ArrayList<>();
    private final FileQuestions files = mock(FileQuestions.class);
    private final Background background =
            new Background(told::add, new AtOnce(), new AtOnce(), Runnable::run, Runnable::run);
    private final Learning learning =
            new Learning(new Apprentice("One", List.of()), () -> {}, kept -> {}, new Now(), () -> 0);
    private TeacherParts teacher;

    private static final class Now implements Learning.Computing {
        @Override
        public <T> void compute(Callable<T> work, Consumer<T> then) {
            try {
                then.accept(work.call());
            } catch (Exception failed) {
                throw new AssertionError(failed);
            }
        }
    }

    @BeforeEach
    void open() {
        Actions actions = mock(Actions.class);
        doAnswer(call -> told.add(call.getArgument(0))).when(actions).tell(anyString());
        TeacherFiles written = new TeacherFiles(
                actions, background, files, () -> new Assessor(DataFiles.events()).assess(DemoJobs.job(1)));
        teacher = new TeacherParts(learning, new ApprenticeShelf(folder, background), written, () -> {});
        learning.ready(ExerciseMaterial.exercises());
        learning.take(ExerciseKind.RESISTOR, 1, 1);
    }

    private Seen seen() {
        return Seen.of(teacher.parts());
    }

    private Path asksFor(String name) {
        Path file = folder.resolve(name);
        when(files.toWrite(anyString(), anyString(), any())).thenReturn(Optional.of(file));
        return file;
    }

    private void answered(String name, boolean passed) {
        ApprenticeShelf shelf = new ApprenticeShelf(folder, background);
        shelf.read(name, its -> shelf.keep(its.with(new Attempt(ExerciseKind.RESISTOR, 1, 7, passed, true, 0, 0, 30))));
    }

    private static String words(Path pdf) throws Exception {
        try (var document = Loader.loadPDF(Files.readAllBytes(pdf))) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void withoutAnybodyThereIsNothingToSave() {
        teacher.turn();
        assertThat(teacher.open()).isTrue();
        assertThat(seen().reads("Nobody has answered an exercise on this computer yet"))
                .isTrue();
        assertThatThrownBy(() -> seen().click("Save as CSV…")).hasMessageContaining("cannot be pressed");
        teacher.turn();
        assertThat(teacher.open()).isFalse();
    }

    @Test
    void theGroupIsATableThatASpreadsheetTakes() throws Exception {
        answered("Ada", true);
        answered("Ben", false);
        teacher.turn();
        assertThat(seen().reads("Ada") && seen().reads("Ben")).isTrue();
        Path file = asksFor("group.csv");
        seen().click("Save as CSV…");
        assertThat(Files.readString(file, StandardCharsets.UTF_8)).contains("Ada", "Ben");
        assertThat(told).last().asString().contains("group.csv");
    }

    @Test
    void aSheetWithoutAnswersGivesNoneAway() throws Exception {
        Path asked = asksFor("asked.pdf");
        seen().click("For apprentices…");
        Path answers = asksFor("answers.pdf");
        seen().click("With answers…");
        String solution = ExerciseMaterial.exercises()
                .make(ExerciseKind.RESISTOR, 1, 1)
                .judge("")
                .solution();
        assertThat(words(answers)).contains(solution);
        assertThat(words(asked)).isNotEqualTo(words(answers));
    }

    @Test
    void theSameSeedIsTheSameSheetAndAnotherGradeIsAnother() throws Exception {
        assertThat(seen().type("First seed", "400")).isTrue();
        Path one = asksFor("one.pdf");
        seen().click("For apprentices…");
        assertThat(seen().type("First seed", "401")).isTrue();
        assertThat(seen().type("First seed", "400")).isTrue();
        Path again = asksFor("again.pdf");
        seen().click("For apprentices…");
        assertThat(words(again)).isEqualTo(words(one));
        assertThat(seen().type("Grade of the sheet", "5")).isTrue();
        Path harder = asksFor("harder.pdf");
        seen().click("For apprentices…");
        assertThat(words(harder)).isNotEqualTo(words(one));
    }

    @Test
    void aGradeOrASeedThatIsNoneIsNotTaken() {
        for (String wrong : List.of("0", "6", "two", "")) {
            assertThat(seen().type("Grade of the sheet", wrong)).as(wrong).isFalse();
        }
        for (String wrong : List.of("-1", "1.5", "9999999999999", "x")) {
            assertThat(seen().type("First seed", wrong)).as(wrong).isFalse();
        }
    }

    @Test
    void theMarkingFormHasALineForEachCoreOfTheOpenJob() throws Exception {
        Path form = asksFor("board.pdf");
        seen().click("Marking form…");
        assertThat(words(form)).contains("C-01", "C-17", "Expander 1");
    }
}
