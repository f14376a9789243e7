package io.answerback.files.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.files.LogLine;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// The log of a job: lines are only added, and a hand in it is noticed.
class JobLogTest {
    private static final Instant AT = Instant.parse("2026-06-02T10:00:00Z");

    @TempDir
    Path folder;

    private JobLog log;

    private static LogLine line(int number) {
        return new LogLine(AT.plusSeconds(number), "jk", "length of C-" + number + ", \"ändert\"");
    }

    @BeforeEach
    void write() throws Exception {
        log = JobLog.beside(folder.resolve("a site.answerback.json"));
        log.add(List.of(line(1), line(2)));
        log.add(List.of(line(3)));
    }

    private void changed(java.util.function.UnaryOperator<List<String>> change) throws Exception {
        Files.write(log.file(), change.apply(new ArrayList<>(Files.readAllLines(log.file()))));
    }

    @Test
    void whatWasAddedIsReadInItsOrder() throws Exception {
        assertThat(log.file()).hasFileName("a site.log.jsonl");
        assertThat(log.read().lines()).containsExactly(line(1), line(2), line(3));
        assertThat(log.read().broken()).isEmpty();
    }

    @Test
    void aChangedLineIsNoticed() throws Exception {
        changed(lines -> {
            lines.set(0, lines.get(0).replace("C-1", "C-9"));
            return lines;
        });
        assertThat(log.read().broken().orElseThrow()).startsWith("Line 1 of a site.log.jsonl is not as it was written");
        assertThat(log.read().lines()).hasSize(3);
    }

    @Test
    void theLastLineIsHeldByItsOwnFingerprint() throws Exception {
        changed(lines -> {
            lines.set(2, lines.get(2).replace("jk", "xy"));
            return lines;
        });
        assertThat(log.read().broken().orElseThrow()).startsWith("Line 3 of");
    }

    @Test
    void aLineThatWasTakenOutOrPutInIsNoticed() throws Exception {
        changed(lines -> {
            lines.remove(1);
            return lines;
        });
        assertThat(log.read().broken().orElseThrow()).startsWith("Line 2");
        changed(lines -> {
            lines.add("what is this");
            return lines;
        });
        assertThat(log.read().lines()).hasSize(2);
        assertThat(log.read().broken()).isPresent();
    }

    @Test
    void linesCutOffAtTheEndAreNoticedForGood() throws Exception {
        changed(lines -> lines.subList(0, 2));
        assertThat(log.read().broken().orElseThrow()).startsWith("Lines are missing at the end of a site.log.jsonl");
        log.add(List.of(line(4)));
        log.add(List.of(line(5)));
        assertThat(log.read().broken().orElseThrow()).startsWith("Line 3");
        assertThat(log.read().lines()).containsExactly(line(1), line(2), line(4), line(5));
        Files.delete(log.file());
        assertThat(log.read().broken()).isPresent();
    }

    /// One that was written before there was a second file, or whose second file cannot be read.
    @Test
    void aLogWithoutItsEndIsReadAsFarAsItGoes() throws Exception {
        Path end = folder.resolve("a site.log.end");
        Files.writeString(end, "what is this");
        assertThat(log.read().broken()).isEmpty();
        Files.delete(end);
        log.add(List.of(line(4)));
        assertThat(log.read().lines()).hasSize(4);
        assertThat(log.read().broken()).isEmpty();
    }

    @Test
    void aBrokenLogGoesOnAndStaysBroken() throws Exception {
        changed(lines -> {
            lines.remove(0);
            return lines;
        });
        log.add(List.of(line(4)));
        assertThat(log.read().lines()).containsExactly(line(2), line(3), line(4));
        assertThat(log.read().broken().orElseThrow()).startsWith("Line 1");
    }

    @Test
    void aLineThatWasCutShortIsSaidAndWhatIsAddedAfterItIsWhole() throws Exception {
        String text = Files.readString(log.file());
        Files.writeString(log.file(), text.substring(0, text.length() - 20));
        log.add(List.of(line(4), line(5)));
        assertThat(log.read().lines()).containsExactly(line(1), line(2), line(4), line(5));
        assertThat(log.read().broken().orElseThrow()).startsWith("Line 3").endsWith("cut short.");
        log.add(List.of(line(6)));
        assertThat(log.read().lines()).endsWith(line(5), line(6));
    }

    @Test
    void aWholeLastLineWithoutItsLineEndIsNotCutShort() throws Exception {
        Files.writeString(log.file(), Files.readString(log.file()).stripTrailing());
        log.add(List.of(line(4)));
        assertThat(log.read().lines()).hasSize(4);
        assertThat(log.read().broken()).isEmpty();
    }

    /// Two windows, or a window and a command, that add at the same time.
    @Test
    void linesOfTwoWritersFollowOneAnother() throws Exception {
        try (var both = Executors.newFixedThreadPool(2)) {
            for (var one : both.invokeAll(List.of(adding(100), adding(200)))) {
                one.get();
            }
        }
        assertThat(log.read().broken()).isEmpty();
        assertThat(log.read().lines()).hasSize(3 + 2 * 50);
    }

    private Callable<Object> adding(int from) {
        return () -> {
            for (int number = from; number < from + 50; number++) {
                JobLog.beside(folder.resolve("a site.answerback.json")).add(List.of(line(number)));
            }
            return null;
        };
    }

    /// A program that was ended while it added lines finds those again that are not there.
    @Test
    void onlyWhatTheLogLacksIsLeft() throws Exception {
        assertThat(log.lacks(List.of(line(2), line(3), line(4)))).containsExactly(line(4));
        assertThat(log.lacks(List.of(line(4), line(5)))).containsExactly(line(4), line(5));
        assertThat(log.lacks(List.of(line(1), line(2), line(3)))).isEmpty();
    }

    /// A line that no program wrote is not read into memory whole, and does not hide those behind it.
    @Test
    void aLineOfManyMegabytesIsPassedOver() throws Exception {
        Files.writeString(log.file(), "x".repeat(5 << 20) + "\n", StandardOpenOption.APPEND);
        log.add(List.of(line(4)));
        assertThat(log.read().lines()).endsWith(line(3), line(4));
        assertThat(log.read().broken().orElseThrow()).startsWith("Line 4");
    }

    /// Lines that were refused are not there: whoever keeps them adds them again later.
    @Test
    void linesWhoseEndCannotBeKeptAreNotThere() throws Exception {
        Path end = folder.resolve("a site.log.end");
        Files.delete(end);
        Files.createDirectory(end);
        assertThatThrownBy(() -> log.add(List.of(line(4)))).isInstanceOf(java.io.IOException.class);
        assertThat(log.read().lines()).hasSize(3);
        Files.delete(end);
        log.add(List.of(line(4)));
        assertThat(log.read().lines()).hasSize(4);
        assertThat(log.read().broken()).isEmpty();
    }

    /// A clock that was set back changes what is written, not how the lines follow one another.
    @Test
    void aClockThatIsSetBackLeavesTheLogWhole() throws Exception {
        LogLine yesterday = new LogLine(AT.minusSeconds(86_400), "jk", "name of 07");
        log.add(List.of(yesterday, line(4)));
        assertThat(log.read().broken()).isEmpty();
        assertThat(log.read().lines()).containsExactly(line(1), line(2), line(3), yesterday, line(4));
    }
}
