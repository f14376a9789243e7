package io.answerback.desktop.setup;

import io.answerback.core.profile.SettingCatalogue;
import io.answerback.core.setup.EntryStep;
import io.answerback.desktop.drawing.OwnKeys;
import io.answerback.desktop.drawing.Words;
import java.util.List;
import java.util.Optional;

/// The entry to type now, in large letters, to be read from the keypad.
final class TypingCard extends OwnKeys {
    TypingCard() {
        getStyleClass().add("run-card");
        setOnMouseClicked(click -> requestFocus());
    }

    /// Shows an entry.
    ///
    /// @param step the entry; empty when all is typed
    /// @param place which of how many it is
    /// @param whole whether the card fills the window
    void show(Optional<EntryStep> step, String place, SettingCatalogue.Manner manner, boolean whole) {
        getStyleClass().setAll(whole ? List.of("run-card", "run-card-whole") : List.of("run-card"));
        getChildren().clear();
        if (step.isEmpty()) {
            getChildren().add(Words.wrapped(Words.of("run-order", "Everything is typed")));
            String leave = manner.leave().isEmpty() ? "" : "To leave: %s.".formatted(manner.leave());
            getChildren().add(Words.wrapped(Words.of("run-mind", leave)));
            setAccessibleText("Everything is typed. " + leave);
            return;
        }
        EntryStep now = step.get();
        String where = String.join("  ›  ", now.where());
        String type = now.entry().map("Type  %s"::formatted).orElse("Change it; its digits are kept nowhere");
        getChildren()
                .addAll(
                        Words.quiet(place),
                        Words.wrapped(Words.of("run-mind", (now.of() + "  " + now.intent()).strip())),
                        Words.wrapped(Words.of("typing-where", where)),
                        Words.wrapped(Words.of("typing-entry", type)));
        if (!now.shows().isEmpty()) {
            getChildren().add(Words.wrapped(Words.of("run-mind", "The panel shows " + now.shows())));
        }
        if (now.setting().needsText()) {
            getChildren().add(Words.wrapped(Words.of("run-mind", "At a keypad that shows text.")));
        }
        String confirm = manner.confirm().isEmpty() ? "" : "Confirm with %s. ".formatted(manner.confirm());
        String cycle = now.setting().powerCycle() ? "Taken up when power was off and on. " : "";
        getChildren()
                .add(Words.wrapped(Words.quiet(confirm + cycle + "Enter: typed · Down: later · Backspace: take back")));
        setAccessibleText("%s. %s, at %s. %s".formatted(type, now.intent(), where, now.shows()));
    }
}
