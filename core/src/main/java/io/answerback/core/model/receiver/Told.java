package io.answerback.core.model.receiver;

/// When a receiver is told of events of a group.
public enum Told {
    /// Never.
    NEVER("not told", "–"),
    /// Only when the receiver before it in the list did not answer.
    BACKUP("only when the one before is silent", "backup"),
    /// Of each event.
    ALWAYS("told", "always");

    private final String words;
    private final String shortWords;

    Told(String words, String shortWords) {
        this.words = words;
        this.shortWords = shortWords;
    }

    /// What it means, in plain words.
    public String words() {
        return words;
    }

    /// The same in one word.
    public String shortWords() {
        return shortWords;
    }

    /// What a further press makes of it.
    public Told next() {
        return switch (this) {
            case NEVER -> ALWAYS;
            case ALWAYS -> BACKUP;
            case BACKUP -> NEVER;
        };
    }
}
