package io.answerback.desktop.report;

import io.answerback.core.report.Answer;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.RollEntry;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// The practice station's roll: what the operator sees, newest first.
public final class StationRoll extends VBox {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ROOT);
    private static final int SHOWN = 8;

    private final PracticeSession practice;
    private final VBox entries = new VBox();

    /// The roll of a practice station.
    public StationRoll(PracticeSession practice) {
        this.practice = practice;
        Label title = Words.title("Practice station");
        Label where = Words.wrapped(Words.quiet("listening on " + practice.stationAddress() + ", this computer only"));
        entries.getStyleClass().add("roll");
        entries.setAccessibleText("Practice station's roll");
        getStyleClass().add("instrument");
        getChildren().addAll(title, where, entries);
    }

    /// Shows what has arrived by now.
    public void show() {
        List<RollEntry> newest = practice.roll().stream().limit(SHOWN).toList();
        if (newest.isEmpty()) {
            Label none = Words.wrapped(Words.quiet("Nothing has arrived yet. Press Space to try the selected point."));
            entries.getChildren().setAll(none);
        } else {
            entries.getChildren().setAll(newest.stream().map(StationRoll::entry).toList());
        }
    }

    private static Node entry(RollEntry entry) {
        var received = entry.received();
        Label at = new Label(TIME.format(received.at().atZone(ZoneId.systemDefault())));
        at.getStyleClass().add("roll-time");
        at.setMinWidth(Label.USE_PREF_SIZE);
        Label line = Words.wrapped(Words.of("roll-line", entry.line()));
        HBox first = new HBox(at, line);
        first.getStyleClass().add("roll-first");
        String codes = received.signal()
                .map(signal -> "%s · %c%s · %s · %s"
                        .formatted(
                                signal.account(),
                                signal.qualifier().digit(),
                                signal.event(),
                                signal.areaDigits(),
                                signal.zoneDigits()))
                .orElse(received.text());
        Label code = new Label(codes);
        code.getStyleClass().add("roll-code");
        code.setMinWidth(0);
        Label answer = new Label(words(received.answer()));
        answer.getStyleClass().add(received.answer().equals(Optional.of(Answer.ACK)) ? "roll-good" : "roll-bad");
        answer.setMinWidth(Label.USE_PREF_SIZE);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        VBox row = new VBox(first, new HBox(code, space, answer));
        row.getStyleClass().add("roll-entry");
        received.problems().forEach(problem -> {
            row.getChildren().add(Words.wrapped(Words.of("roll-bad", problem)));
        });
        return row;
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
