package io.answerback.files.record;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.service.Photograph;
import io.answerback.files.LogLine;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A job that is saved under another name keeps its log and its photographs, and nobody else's are lost.
class SideFilesTest {
    @TempDir
    Path folder;

    private Path from;
    private Path to;
    private Photograph photograph;

    private static LogLine entry(String what) {
        return new LogLine(Instant.parse("2026-06-02T10:00:00Z"), "jk", what);
    }

    @BeforeEach
    void logAndPhotograph() throws Exception {
        from = folder.resolve("berth.answerback.json");
        to = folder.resolve("copies/north.answerback.json");
        Files.createDirectories(to.getParent());
        JobLog.beside(from).add(List.of(entry("length of C-1"), entry("length of C-2")));
        photograph = Photographs.beside(from).take(picture("box.png", 20), "the panel's box", false);
    }

    private Path picture(String name, int width) throws IOException {
        Path file = folder.resolve(name);
        ImageIO.write(new BufferedImage(width, 10, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
        return file;
    }

    private List<String> besideCopy() throws IOException {
        try (Stream<Path> files = Files.list(to.getParent())) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void logAndPhotographsFollow() throws Exception {
        assertThat(SideFiles.copy(Optional.of(from), to)).isEmpty();
        assertThat(JobLog.beside(to).read().lines())
                .extracting(LogLine::what)
                .containsExactly("length of C-1", "length of C-2");
        assertThat(Photographs.beside(to).wrong(photograph)).isEmpty();
        assertThat(Photographs.beside(from).wrong(photograph))
                .as("the first file keeps its own")
                .isEmpty();
    }

    @Test
    void theCopyOfTheLogGoesOnByItself() throws Exception {
        SideFiles.copy(Optional.of(from), to);
        JobLog.beside(to).add(List.of(entry("name of 07")));
        assertThat(JobLog.beside(to).read().broken()).isEmpty();
        assertThat(JobLog.beside(to).read().lines()).hasSize(3);
        assertThat(JobLog.beside(from).read().lines()).hasSize(2);
    }

    @Test
    void whatTheOverwrittenJobHadIsMovedAsideEachTime() throws Exception {
        JobLog.beside(to).add(List.of(entry("another job")));
        Photograph other = Photographs.beside(to).take(picture("other.png", 30), "the panel's box", false);
        assertThat(SideFiles.copy(Optional.of(from), to).orElseThrow())
                .isEqualTo("It is saved. What belonged to the job that was there is kept as"
                        + " north (before 1).log.jsonl, north (before 1).log.end, north (before 1).photographs.");
        SideFiles.copy(Optional.of(from), to);
        assertThat(besideCopy())
                .containsExactly(
                        "north (before 1).log.end",
                        "north (before 1).log.jsonl",
                        "north (before 1).photographs",
                        "north (before 2).log.end",
                        "north (before 2).log.jsonl",
                        "north (before 2).photographs",
                        "north.log.end",
                        "north.log.jsonl",
                        "north.photographs");
        Path before = to.resolveSibling("north (before 1).answerback.json");
        assertThat(JobLog.beside(before).read().lines())
                .extracting(LogLine::what)
                .containsExactly("another job");
        assertThat(Photographs.beside(before).wrong(other)).isEmpty();
        assertThat(Photographs.beside(to).wrong(photograph)).isEmpty();
    }

    @Test
    void aJobWithoutAFileDoesNotGoOnWithTheLogOfTheOneItOverwrites() throws Exception {
        JobLog.beside(to).add(List.of(entry("another job")));
        assertThat(SideFiles.copy(Optional.empty(), to))
                .hasValueSatisfying(says -> assertThat(says).contains("north (before 1).log.jsonl"));
        assertThat(besideCopy()).containsExactly("north (before 1).log.end", "north (before 1).log.jsonl");
        assertThat(JobLog.beside(to).read().lines()).isEmpty();
    }

    /// The job's file may have been removed outside: the two are then not the same file to the disk, and
    /// still are.
    @Test
    void nothingIsMovedWhereAJobIsSavedToItsOwnPlace() throws Exception {
        Path same = from.getParent().resolve("copies/../berth.answerback.json");
        assertThat(SideFiles.copy(Optional.of(from), same)).isEmpty();
        assertThat(JobLog.beside(from).read().lines()).hasSize(2);
        assertThat(Photographs.beside(from).wrong(photograph)).isEmpty();
    }

    @Test
    void aJobThatHasNeitherLeavesNothing() throws Exception {
        assertThat(SideFiles.copy(Optional.of(folder.resolve("none.answerback.json")), to))
                .isEmpty();
        assertThat(besideCopy()).isEmpty();
    }

    @Test
    void whatCannotBeCopiedIsSaidWithItsPlace() {
        Path nowhere = folder.resolve("missing/north.answerback.json");
        assertThat(SideFiles.copy(Optional.of(from), nowhere).orElseThrow())
                .startsWith("It is saved, but its log and photographs could not all be copied")
                .contains(from.toString())
                .endsWith("Copy them by hand.");
    }
}
