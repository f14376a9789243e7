package io.answerback.desktop.setup;

import io.answerback.core.model.profile.SettingCatalogue;
import io.answerback.core.setup.EntryStep;
import io.answerback.desktop.part.Card;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Words;
import java.util.ArrayList;
import java.util.List;

/// The entry to type now, in large letters, to be read from the keypad.
///
/// @param manner how this panel is worked
/// @param whole whether it has the whole window
/// @param keys what its keys do
/// @param called how often it was to get the keyboard
record TypingCard(SettingCatalogue.Manner manner, boolean whole, Card.Keys keys, int called) {
    /// The card when everything is typed.
    Card finished() {
        String leave = manner.leave().isEmpty() ? "" : "To leave: %s.".formatted(manner.leave());
        return new Card(
                whole,
                "Everything is typed. " + leave,
                List.of(
                        Words.wrapped(Words.of("run-order", "Everything is typed")),
                        Words.wrapped(Words.of("run-mind", leave))),
                keys,
                called);
    }

    /// The card of an entry.
    ///
    /// @param place which of how many it is
    Card of(EntryStep step, String place) {
        String where = String.join("  ›  ", step.where());
        String type = step.entry().map("Type  %s"::formatted).orElse("Change it; its digits are kept nowhere");
        List<Part> parts = new ArrayList<>(List.of(
                Words.quiet(place),
                Words.wrapped(Words.of("run-mind", (step.of() + "  " + step.intent()).strip())),
                Words.wrapped(Words.of("typing-where", where)),
                Words.wrapped(Words.of("typing-entry", type))));
        if (!step.shows().isEmpty()) {
            parts.add(Words.wrapped(Words.of("run-mind", "The panel shows " + step.shows())));
        }
        if (step.setting().needsText()) {
            parts.add(Words.wrapped(Words.of("run-mind", "At a keypad that shows text.")));
        }
        String confirm = manner.confirm().isEmpty() ? "" : "Confirm with %s. ".formatted(manner.confirm());
        String cycle = step.setting().powerCycle() ? "Taken up when power was off and on. " : "";
        parts.add(Words.wrapped(Words.quiet(confirm + cycle + "Enter: typed · Down: later · Backspace: take back")));
        String says = "%s. %s, at %s. %s".formatted(type, step.intent(), where, step.shows());
        return new Card(whole, says, parts, keys, called);
    }
}
