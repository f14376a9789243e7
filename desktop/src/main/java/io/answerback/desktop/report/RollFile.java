package io.answerback.desktop.report;

import io.answerback.core.model.receiver.Transport;
import io.answerback.core.paper.Table;
import io.answerback.core.signal.event.Signal;
import io.answerback.desktop.live.RollEntry;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.files.SafeFile;
import io.answerback.files.exchange.PacketCapture;
import io.answerback.files.exchange.TableCsv;
import io.answerback.station.Exchange;
import io.answerback.station.Received;
import io.answerback.station.ReceivedJson;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;

/// Writes what has arrived at the practice station to a file: lines of JSON, a table, or packets for a network
/// analyser.
final class RollFile {
    private static final List<FileQuestions.Sort> SORTS = List.of(
            new FileQuestions.Sort("JSON Lines", "*.jsonl"),
            new FileQuestions.Sort("CSV", "*.csv"),
            new FileQuestions.Sort("Packet capture", "*.pcap"));

    private static final List<String> HEADINGS =
            List.of("at", "account", "event", "qualifier", "area", "zone", "answer", "line", "problems", "text");

    private final Actions actions;
    private final Background background;
    private final FileQuestions files;

    RollFile(Actions actions, Background background, FileQuestions files) {
        this.actions = actions;
        this.background = background;
        this.files = files;
    }

    /// Asks for a file and writes these entries, the oldest first.
    void ask(List<RollEntry> newestFirst) {
        List<RollEntry> entries = List.copyOf(newestFirst).reversed();
        files.toWrite("What has arrived", "station.jsonl", SORTS)
                .ifPresent(file -> background.run(
                        () -> {
                            write(file, entries);
                            return file;
                        },
                        written -> actions.tell("Written: " + written)));
    }

    private static void write(Path file, List<RollEntry> entries) throws IOException {
        String name = file.getFileName().toString();
        if (name.endsWith(".csv")) {
            TableCsv.write(file, table(entries));
        } else if (name.endsWith(".pcap")) {
            capture(file, entries);
        } else {
            String lines = entries.stream()
                    .map(entry -> ReceivedJson.line(entry.received()) + "\n")
                    .collect(Collectors.joining());
            SafeFile.replace(file, lines.getBytes(StandardCharsets.UTF_8));
        }
    }

    private static Table table(List<RollEntry> entries) {
        List<List<String>> rows = new ArrayList<>();
        for (RollEntry entry : entries) {
            Received its = entry.received();
            rows.add(List.of(
                    its.at().toString(),
                    its.signal().map(Signal::account).orElse(""),
                    its.signal().map(Signal::event).orElse(""),
                    its.signal()
                            .map(signal -> String.valueOf(signal.qualifier().digit()))
                            .orElse(""),
                    its.signal().map(Signal::areaDigits).orElse(""),
                    its.signal().map(Signal::zoneDigits).orElse(""),
                    its.answer().map(Enum::name).orElse("none"),
                    entry.line(),
                    String.join("; ", its.problems()),
                    its.text()));
        }
        return new Table("What has arrived", HEADINGS, Collections.nCopies(HEADINGS.size(), 1.0), rows, List.of());
    }

    private static void capture(Path file, List<RollEntry> entries) throws IOException {
        try (PacketCapture packets = new PacketCapture(file)) {
            for (RollEntry entry : entries) {
                if (entry.received().exchange().isPresent()) {
                    Exchange how = entry.received().exchange().get();
                    boolean udp = how.transport() == Transport.UDP;
                    packets.add(entry.received().at(), udp, how.caller(), how.station(), how.sent(), how.reply());
                }
            }
        }
    }
}
