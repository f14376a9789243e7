package io.answerback.core.panel.behaviour;

/// What a zone does when it opens, in one way of setting.
public enum ZoneEffect {
    /// Nobody looks.
    NOTHING("nothing"),
    /// A keypad chimes.
    CHIME("chimes"),
    /// It alarms at once.
    ALARM("alarms"),
    /// It starts the entry time.
    ENTRY("starts entry"),
    /// It is silent while the entry or exit time runs.
    WAITS("waits"),
    /// It is written down and not sent.
    LOG("is logged"),
    /// It sets or unsets the area.
    SWITCHES("switches");

    private final String words;

    ZoneEffect(String words) {
        this.words = words;
    }

    /// What it does, in plain words.
    public String words() {
        return words;
    }
}
