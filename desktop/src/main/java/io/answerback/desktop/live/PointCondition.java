package io.answerback.desktop.live;

/// What somebody does to a point while practising.
public enum PointCondition {
    /// Nothing.
    AT_REST("at rest", "at-rest"),
    /// It is opened, passed, or pressed.
    ACTIVE("active", "active"),
    /// Its cover is off.
    COVER_OFF("cover off", "cover-off"),
    /// It is blinded.
    MASKED("masked", "masked"),
    /// Its cable is cut.
    CUT("cable cut", "cable-cut"),
    /// The cores of its cable touch at the device.
    SHORTED("cable shorted", "short-at-device"),
    /// Water is in a joint of its cable, across the pair.
    DAMP("damp joint", "damp-at-rest");

    private final String words;
    private final String loopCase;

    PointCondition(String words, String loopCase) {
        this.words = words;
        this.loopCase = loopCase;
    }

    /// What is done, in plain words.
    public String words() {
        return words;
    }

    /// What the case of the loop is called.
    String loopCase() {
        return loopCase;
    }
}
