package io.answerback.desktop.report;

import io.answerback.core.signal.format.Answer;
import io.answerback.desktop.live.RollEntry;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Words;
import io.answerback.station.Received;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// The practice station's roll: what the operator sees, newest first.
final class StationRoll {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ROOT);
    private static final int SHOWN = 8;
    private static final int MOST = 40;

    private StationRoll() {}

    /// The roll of a station.
    ///
    /// @param address where it listens
    /// @param onNetwork whether it is open to the site network
    /// @param entries what has arrived, the newest first
    static List<Part> of(String address, boolean onNetwork, List<RollEntry> entries) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("Practice station"));
        parts.add(Words.wrapped(
                Words.quiet("listening on " + address + (onNetwork ? ", the site network" : ", this computer only"))));
        parts.addAll(shown(entries, SHOWN));
        return parts;
    }

    /// How many of the entries are listed, in words.
    static String about(List<RollEntry> entries) {
        return entries.size() <= MOST
                ? "newest first"
                : "the newest %d of %d; all of them are written out".formatted(MOST, entries.size());
    }

    /// The newest entries.
    static List<Part> entries(List<RollEntry> entries) {
        return shown(entries, MOST);
    }

    private static List<Part> shown(List<RollEntry> entries, int most) {
        List<Part> rows = entries.stream().limit(most).map(StationRoll::entry).toList();
        List<Part> shown = rows.isEmpty()
                ? List.of(Words.wrapped(Words.quiet("Nothing has arrived yet. Press Space to try the selected point.")))
                : rows;
        return List.of(Group.column(shown).style("roll").saying("Practice station's roll"));
    }

    private static Part entry(RollEntry entry) {
        Received received = entry.received();
        String at = TIME.format(received.at().atZone(ZoneId.systemDefault()));
        String codes = received.signal()
                .map(signal -> "%s · %c%s · %s · %s"
                        .formatted(
                                signal.account(),
                                signal.qualifier().digit(),
                                signal.event(),
                                signal.areaDigits(),
                                signal.zoneDigits()))
                .orElse(received.text());
        boolean answered = received.answer().equals(Optional.of(Answer.ACK));
        Parts row = Parts.column(
                Group.row(Words.whole(Words.of("roll-time", at)), Words.wrapped(Words.of("roll-line", entry.line())))
                        .style("roll-first"),
                Group.row(
                        Words.of("roll-code", codes).growing(),
                        Words.whole(Words.of(answered ? "roll-good" : "roll-bad", words(received.answer())))));
        received.problems().forEach(problem -> row.add(Words.wrapped(Words.of("roll-bad", problem))));
        return row.style("roll-entry").group();
    }

    private static String words(Optional<Answer> answer) {
        return answer.map(given -> switch (given) {
                    case ACK -> "answered";
                    case NAK -> "refused";
                    case DUH -> "not understood";
                })
                .orElse("not answered");
    }
}
