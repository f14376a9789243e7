package io.answerback.core.signal.event;

import io.answerback.core.model.common.Text;

/// What the number in a signal is the number of (SIA DC-05: "zone or user", by the event).
public enum Numbered {
    /// A zone, three digits.
    ZONE("zone", "The zone it happened at.", "zone %03d"),
    /// A user.
    USER("user", "The user who did it.", "user %d"),
    /// A module of the panel.
    MODULE("module", "The module it is about.", "module %d"),
    /// Nothing: the event is about the whole site, and the number is 0 or of no use.
    NONE("number", "No number belongs to this event.", "");

    private final String label;
    private final String meaning;
    private final String words;

    Numbered(String label, String meaning, String words) {
        this.label = label;
        this.meaning = meaning;
        this.words = words;
    }

    /// What the digits are called where a frame is taken apart.
    public String label() {
        return label;
    }

    /// What the digits mean, in one sentence.
    public String meaning() {
        return meaning;
    }

    /// A number in words, such as "user 2"; empty for 0 and where no number belongs to the event.
    public String words(int number) {
        return number == 0 || words.isEmpty() ? "" : Text.of(words, number);
    }
}
