package io.answerback.desktop.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import io.answerback.core.model.receiver.Transport;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.Answer;
import io.answerback.desktop.AtOnce;
import io.answerback.desktop.live.RollEntry;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.files.demo.DemoJobs;
import io.answerback.station.Exchange;
import io.answerback.station.Received;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// What has arrived at the station, as a file: every line of it, the oldest first.
class RollFileTest {
    private static final Instant AT = Instant.parse("2026-06-02T10:00:00Z");
    private static final InetSocketAddress CALLER = new InetSocketAddress(InetAddress.getLoopbackAddress(), 40_000);
    private static final InetSocketAddress STATION = new InetSocketAddress(InetAddress.getLoopbackAddress(), 9009);

    @TempDir
    Path folder;

    private final List<String> told = new ArrayList<>();
    private final FileQuestions files = mock(FileQuestions.class);

    private static RollEntry signal(int zone, int second, Optional<Exchange> how) {
        Job job = DemoJobs.job(1);
        Signal signal = new PanelReducer(job)
                .zoneSignal(job.zone(zone).orElseThrow(), Qualifier.NEW)
                .orElseThrow();
        return new RollEntry(
                new Received(
                        AT.plusSeconds(second),
                        "ADM-CID",
                        "text, with a comma",
                        Optional.of(signal),
                        false,
                        Optional.of(Answer.ACK),
                        List.of(),
                        how),
                "the line, as printed",
                false);
    }

    private static RollEntry rubbish(int second) {
        return new RollEntry(
                new Received(
                        AT.plusSeconds(second),
                        "not a frame",
                        "GET /",
                        Optional.empty(),
                        false,
                        Optional.empty(),
                        List.of("no length", "no check"),
                        Optional.of(new Exchange(Transport.TCP, CALLER, STATION, "GET /", ""))),
                "",
                true);
    }

    private Path written(String name, RollEntry... newestFirst) {
        Path file = folder.resolve(name);
        when(files.toWrite(anyString(), anyString(), any())).thenReturn(Optional.of(file));
        Actions actions = mock(Actions.class);
        doAnswer(call -> told.add(call.getArgument(0))).when(actions).tell(anyString());
        Background atOnce = new Background(told::add, new AtOnce(), new AtOnce(), Runnable::run, Runnable::run);
        new RollFile(actions, atOnce, files).ask(List.of(newestFirst));
        return file;
    }

    @Test
    void aTableHasALineForEachAndSaysWhatWasWrong() throws Exception {
        Path file = written("roll.csv", rubbish(9), signal(15, 0, Optional.empty()));
        List<String> lines = Files.readAllLines(file);
        assertThat(lines).hasSize(3);
        assertThat(lines.get(0)).contains("account", "problems");
        assertThat(lines.get(1)).contains("2026-06-02T10:00:00Z", "7316", "130", "ACK", "\"text, with a comma\"");
        assertThat(lines.get(2)).contains("2026-06-02T10:00:09Z", "none", "no length; no check", "GET /");
        assertThat(told).containsExactly("Written: " + file);
    }

    @Test
    void linesOfJsonHaveOneForEachTheOldestFirst() throws Exception {
        Path file = written("roll.jsonl", rubbish(9), signal(15, 0, Optional.empty()));
        assertThat(Files.readAllLines(file))
                .satisfiesExactly(
                        first -> assertThat(first).startsWith("{").contains("ADM-CID", "7316"),
                        second -> assertThat(second).contains("not a frame", "no check"));
    }

    /// The layout of the format: 24 bytes before the first packet; each packet has 16 bytes before it, the third
    /// word of which is its length.
    @Test
    void packetsAreThoseThatCameOverANetwork() throws Exception {
        Exchange how = new Exchange(Transport.UDP, CALLER, STATION, "one", "answer");
        Path file = written("roll.pcap", signal(15, 5, Optional.empty()), signal(15, 0, Optional.of(how)));
        ByteBuffer packets = ByteBuffer.wrap(Files.readAllBytes(file)).order(ByteOrder.LITTLE_ENDIAN);
        if (packets.getInt(0) == 0xd4c3b2a1) {
            packets.order(ByteOrder.BIG_ENDIAN);
        }
        int count = 0;
        for (int at = 24; at < packets.limit(); at += 16 + packets.getInt(at + 8)) {
            count++;
        }
        assertThat(count).as("what was sent, and what came back").isEqualTo(2);
        assertThat(new String(packets.array(), java.nio.charset.StandardCharsets.ISO_8859_1))
                .contains("one", "answer");
    }

    @Test
    void whoeverNamesNoFileGetsNone() throws Exception {
        when(files.toWrite(anyString(), anyString(), any())).thenReturn(Optional.empty());
        new RollFile(
                        mock(Actions.class),
                        new Background(told::add, new AtOnce(), new AtOnce(), Runnable::run, Runnable::run),
                        files)
                .ask(List.of(rubbish(0)));
        try (var there = Files.list(folder)) {
            assertThat(there).isEmpty();
        }
        assertThat(told).isEmpty();
    }
}
