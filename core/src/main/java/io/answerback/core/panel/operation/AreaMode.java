package io.answerback.core.panel.operation;

/// How an area stands; it stands in one of these at a time.
public enum AreaMode {
    /// Nobody watches it.
    UNSET("unset"),
    /// The exit time runs.
    LEAVING("exit time"),
    /// All of it is watched.
    SET("set"),
    /// Part of it is watched, people are in.
    PART_SET("part set"),
    /// The entry time runs.
    ENTERING("entry time"),
    /// It was set and something alarmed.
    IN_ALARM("in alarm"),
    /// It was unset after an alarm, which is remembered until the next setting.
    UNSET_AFTER_ALARM("unset after an alarm");

    private final String words;

    AreaMode(String words) {
        this.words = words;
    }

    /// How it stands, in plain words.
    public String words() {
        return words;
    }

    /// Whether points that are watched only when set are watched.
    public boolean watches() {
        return this == SET || this == PART_SET || this == ENTERING || this == IN_ALARM;
    }

    /// Whether it can be set.
    public boolean unset() {
        return this == UNSET || this == UNSET_AFTER_ALARM;
    }

    /// How it stands once exit, entry and alarm are over.
    AreaMode settled(boolean part) {
        return switch (this) {
            case UNSET, UNSET_AFTER_ALARM -> UNSET;
            case LEAVING, SET, PART_SET, ENTERING, IN_ALARM -> part ? PART_SET : SET;
        };
    }
}
