package io.answerback.core.model.device;

/// What a contact does at rest.
public enum ContactForm {
    /// Closed at rest, open when active.
    NORMALLY_CLOSED("normally closed"),
    /// Open at rest, closed when active.
    NORMALLY_OPEN("normally open"),
    /// Both are on the terminals.
    EITHER("either");

    private final String words;

    ContactForm(String words) {
        this.words = words;
    }

    /// The form in plain words.
    public String words() {
        return words;
    }
}
