package io.answerback.core.model.path;

/// In which order receivers and paths are tried until one answers.
public enum PathOrder {
    /// Each receiver over all its paths before the next receiver.
    RECEIVER_BY_RECEIVER("each receiver over all its paths, then the next receiver"),
    /// Each path to all receivers before the next path.
    PATH_BY_PATH("each path to all its receivers, then the next path");

    private final String words;

    PathOrder(String words) {
        this.words = words;
    }

    /// What it means, in plain words.
    public String words() {
        return words;
    }
}
