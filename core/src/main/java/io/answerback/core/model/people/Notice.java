package io.answerback.core.model.people;

import java.util.ArrayList;
import java.util.List;

/// How a person is told of events of a group.
public enum Notice {
    /// Not at all.
    NONE("not told", "–"),
    /// By mail.
    MAIL("by mail", "mail"),
    /// By text message.
    TEXT("by text message", "text"),
    /// By mail and by text message.
    BOTH("by mail and text message", "both");

    private final String words;
    private final String shortWords;

    Notice(String words, String shortWords) {
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

    /// Whether a mail is sent.
    public boolean byMail() {
        return this == MAIL || this == BOTH;
    }

    /// Whether a text message is sent.
    public boolean byText() {
        return this == TEXT || this == BOTH;
    }

    /// What a further press makes of it, for a person with these addresses. A way that leads nowhere is passed
    /// over.
    public Notice next(boolean hasMail, boolean hasPhone) {
        List<Notice> ways = new ArrayList<>(List.of(NONE));
        if (hasMail) {
            ways.add(MAIL);
        }
        if (hasPhone) {
            ways.add(TEXT);
        }
        if (hasMail && hasPhone) {
            ways.add(BOTH);
        }
        return ways.get((ways.indexOf(this) + 1) % ways.size());
    }
}
