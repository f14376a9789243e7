package io.answerback.files.record;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.files.record.JobLog.Entry;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// The log of a job: lines are only added, and a hand in it is noticed.
class JobLogTest {
    private static final Instant AT = Instant.parse("2026-06-02T10:00:00Z");

    @TempDir
    Path folder;

    private JobLog log;

    private static Entry entry(int number) {
        return new Entry(AT.plusSeconds(number), "jk", "length of C-" + number + ", \"ändert\"");
    }

    @BeforeEach
    void write() throws Exception {
        log = JobLog.beside(folder.resolve("a site.answerback.json"));
        log.add(List.of(entry(1), entry(2)));
        log.add(List.of(entry(3)));
    }

    private void changed(java.util.function.UnaryOperator<List<String>> change) throws Exception {
        Files.write(log.file(), change.apply(new ArrayList<>(Files.readAllLines(log.file()))));
    }

    @Test
    void whatWasAddedIsReadInItsOrder() throws Exception {
        assertThat(log.file()).hasFileName("a site.log.jsonl");
        assertThat(log.read().entries()).containsExactly(entry(1), entry(2), entry(3));
        assertThat(log.read().broken()).isEmpty();
    }

    @Test
    void aChangedLineIsNoticed() throws Exception {
        changed(lines -> {
            lines.set(0, lines.get(0).replace("C-1", "C-9"));
            return lines;
        });
        assertThat(log.read().broken().orElseThrow()).startsWith("Line 1 of a site.log.jsonl is not as it was written");
        assertThat(log.read().entries()).hasSize(3);
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
        assertThat(log.read().entries()).hasSize(2);
        assertThat(log.read().broken()).isPresent();
    }

    @Test
    void linesCutOffAtTheEndAreNoticedForGood() throws Exception {
        changed(lines -> lines.subList(0, 2));
        assertThat(log.read().broken().orElseThrow()).startsWith("Lines are missing at the end of a site.log.jsonl");
        log.add(List.of(entry(4)));
        log.add(List.of(entry(5)));
        assertThat(log.read().broken().orElseThrow()).startsWith("Line 3");
        assertThat(log.read().entries()).containsExactly(entry(1), entry(2), entry(4), entry(5));
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
        log.add(List.of(entry(4)));
        assertThat(log.read().entries()).hasSize(4);
        assertThat(log.read().broken()).isEmpty();
    }

    @Test
    void aBrokenLogGoesOnAndStaysBroken() throws Exception {
        changed(lines -> {
            lines.remove(0);
            return lines;
        });
        log.add(List.of(entry(4)));
        assertThat(log.read().entries()).containsExactly(entry(2), entry(3), entry(4));
        assertThat(log.read().broken().orElseThrow()).startsWith("Line 1");
    }

    @Test
    void aLineThatWasCutShortIsSaidAndWhatIsAddedAfterItIsWhole() throws Exception {
        String text = Files.readString(log.file());
        Files.writeString(log.file(), text.substring(0, text.length() - 20));
        log.add(List.of(entry(4), entry(5)));
        assertThat(log.read().entries()).containsExactly(entry(1), entry(2), entry(4), entry(5));
        assertThat(log.read().broken().orElseThrow()).startsWith("Line 3").endsWith("cut short.");
        log.add(List.of(entry(6)));
        assertThat(log.read().entries()).endsWith(entry(5), entry(6));
    }

    @Test
    void aWholeLastLineWithoutItsLineEndIsNotCutShort() throws Exception {
        Files.writeString(log.file(), Files.readString(log.file()).stripTrailing());
        log.add(List.of(entry(4)));
        assertThat(log.read().entries()).hasSize(4);
        assertThat(log.read().broken()).isEmpty();
    }
}
