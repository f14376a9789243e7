package io.answerback.desktop.setup;

/// The sheets of the set-up bench.
public enum SetupSheet {
    /// What is typed, in order.
    TYPING("Run sheet"),
    /// What is wanted, in plain words.
    DECISIONS("Decisions"),
    /// What each zone does in each way of setting.
    WAYS("Day and night"),
    /// Whether people get in in time.
    WAY_IN("Way in"),
    /// Who has a code, and which codes are still the maker's.
    CODES("Codes"),
    /// What was in the panel already.
    FOUND("Read out"),
    /// What the panel's profile says, filled in from its manual.
    PROFILE("Profile");

    private final String title;

    SetupSheet(String title) {
        this.title = title;
    }

    /// Its name on the switch.
    public String title() {
        return title;
    }
}
