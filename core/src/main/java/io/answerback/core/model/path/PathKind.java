package io.answerback.core.model.path;

import io.answerback.core.model.receiver.ReportFormat;

/// Sorts of transmission path.
public enum PathKind {
    /// The site's own connection to the internet.
    IP("IP"),
    /// A modem of a cellular network.
    CELLULAR("cellular"),
    /// A telephone line, real or simulated for a dialler.
    LINE("dial line");

    private final String words;

    PathKind(String words) {
        this.words = words;
    }

    /// What it is called.
    public String words() {
        return words;
    }

    /// Whether frames over IP travel on it.
    public boolean overIp() {
        return this != LINE;
    }

    /// Whether reports of a format travel on it.
    public boolean carries(ReportFormat format) {
        return format.overIp() == overIp();
    }
}
