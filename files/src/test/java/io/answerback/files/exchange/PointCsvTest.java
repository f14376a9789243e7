package io.answerback.files.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.ColumnMatch;
import io.answerback.core.survey.ImportPlan;
import io.answerback.core.survey.NewJob;
import io.answerback.core.survey.PointTable;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.TextEncoding;
import io.answerback.files.demo.DemoJobs;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PointCsvTest {
    @TempDir
    Path folder;

    private Path file(byte[] bytes) throws IOException {
        return Files.write(folder.resolve("points.csv"), bytes);
    }

    private Path file(String text) throws IOException {
        return file(text.getBytes(StandardCharsets.UTF_8));
    }

    private static ImportPlan plan(Job job, PointTable table) {
        return ImportPlan.of(job, DataFiles.kinds(), table, ColumnMatch.of(table.headings()));
    }

    @Test
    void whatIsWrittenComesBackAsItWas() throws Exception {
        Job demo = PointEdits.name(new PointId("07"), "-25 °C \"dock\", door 2").on(DemoJobs.job(1));
        demo = PointEdits.name(new PointId("08"), "=SUM(A1:A9)").on(demo);
        Path file = folder.resolve("out.csv");
        PointCsv.write(file, demo);
        Job empty = NewJob.of(
                "Again",
                "",
                demo.practice().firm(),
                io.answerback.core.model.practice.PracticeOption.SET_UNSET,
                demo.panel().profile());
        ImportPlan plan = plan(empty, PointCsv.read(file, TextEncoding.UTF_8));
        assertThat(plan.bad()).isEmpty();
        Job back = plan.edit(DataFiles.conductors().getFirst()).on(empty);
        assertThat(back.points()).hasSize(24);
        for (Point point : demo.points()) {
            Point same = back.point(point.id()).orElseThrow();
            assertThat(same.name()).isEqualTo(point.name());
            assertThat(same.kind()).isEqualTo(point.kind());
            assertThat(same.surveyed()).isEqualTo(point.surveyed());
            assertThat(back.cableTo(point.id()).orElseThrow().metres())
                    .isEqualTo(demo.cableTo(point.id()).orElseThrow().metres());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+44 store", "-25 store", "@store"})
    void aSpreadsheetIsGivenNoFormulas(String name) {
        String text = PointCsv.text(PointEdits.name(new PointId("01"), name).on(DemoJobs.job(1)));
        assertThat(text).contains("01,'" + name + ",").doesNotContain("01," + name);
    }

    @Test
    void separatorsAndMarksAreTold() throws Exception {
        PointTable semicolons = PointCsv.read(file("number;name\n1;Yard, gate\n"), TextEncoding.UTF_8);
        assertThat(semicolons.rows().getFirst().cells()).containsExactly("1", "Yard, gate");
        PointTable tabs = PointCsv.read(file("number\tname\n1\tGate\n"), TextEncoding.UTF_8);
        assertThat(tabs.headings()).containsExactly("number", "name");
        PointTable marked = PointCsv.read(file("\uFEFFnumber,name\r\n1,Gate\r\n"), TextEncoding.UTF_8);
        assertThat(marked.headings()).containsExactly("number", "name");
        PointTable wide = PointCsv.read(
                file("\uFEFFnumber,name\n1,Café\n".getBytes(StandardCharsets.UTF_16LE)), TextEncoding.UTF_8);
        assertThat(wide.rows().getFirst().cells()).containsExactly("1", "Café");
    }

    @Test
    void linesAreThoseOfTheFileThoughTextsHaveLineBreaksAndLinesAreBlank() throws Exception {
        PointTable table =
                PointCsv.read(file("number,name\n\n1,\"Gate\nof the yard\"\n,,\n2,Hall\n"), TextEncoding.UTF_8);
        assertThat(table.rows()).extracting(PointTable.Row::line).containsExactly(3, 6);
    }

    @Test
    void aWrongEncodingNamesTheLineTheByteAndTheOther() throws Exception {
        Path file = file("number,name\n1,Gate\n2,Café\n".getBytes(Charset.forName("windows-1252")));
        assertThatThrownBy(() -> PointCsv.read(file, TextEncoding.UTF_8))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining("points.csv, on line 3 the byte E9 is not UTF-8 text. Read it as Windows-1252");
        assertThat(PointCsv.read(file, TextEncoding.WINDOWS_1252)
                        .rows()
                        .getLast()
                        .cells())
                .containsExactly("2", "Café");
    }

    @Test
    void moreRowsThanAJobHoldsAreRefusedWhole() throws Exception {
        String rows = IntStream.rangeClosed(1, 50_000)
                .mapToObj(i -> i + ",Door " + i)
                .collect(Collectors.joining("\n", "number,name\n", "\n"));
        Path file = file(rows);
        assertThatThrownBy(() -> PointCsv.read(file, TextEncoding.UTF_8))
                .hasMessageContaining("has 50000 rows; a job holds at most 999 points");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "\n\n", "number,name\n", "number,name\n,\n"})
    void aTableWithoutRowsSaysWhatIsWanted(String text) throws Exception {
        Path file = file(text);
        assertThatThrownBy(() -> PointCsv.read(file, TextEncoding.UTF_8))
                .hasMessageContaining("no rows under a line of headings");
    }

    @Test
    void brokenQuotesAndOtherFilesAreRefused() throws Exception {
        Path quote = file("number,name\n1,\"Gate\n2,Hall\n");
        assertThatThrownBy(() -> PointCsv.read(quote, TextEncoding.UTF_8))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining("close it at the end of its cell");
        Path binary = file(new byte[] {'P', 'K', 3, 4, 0, 0, 0, 8});
        assertThatThrownBy(() -> PointCsv.read(binary, TextEncoding.UTF_8)).hasMessageContaining("not a table of text");
        assertThatThrownBy(() -> PointCsv.read(folder.resolve("none.csv"), TextEncoding.UTF_8))
                .hasMessageContaining("There is no file");
    }

    @Test
    void rowsToMendAreWrittenWithTheirProblems() throws Exception {
        PointTable table =
                PointCsv.read(file("number,name,kind\n30,Gate,contact\n31,Moat,laser\n32\n"), TextEncoding.UTF_8);
        Path mend = folder.resolve("mend.csv");
        PointCsv.writeBad(mend, table, plan(DemoJobs.job(1), table));
        PointTable again = PointCsv.read(mend, TextEncoding.UTF_8);
        assertThat(again.headings()).containsExactly("number", "name", "kind", "problem");
        assertThat(again.rows()).hasSize(2);
        assertThat(again.rows().getFirst().cells().get(3)).startsWith("kind \"laser\" is not known");
        assertThat(again.rows().getLast().cells()).startsWith("32", "", "");
    }
}
