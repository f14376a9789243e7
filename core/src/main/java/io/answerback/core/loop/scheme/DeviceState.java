package io.answerback.core.loop.scheme;

/// What the devices of a loop are doing.
public enum DeviceState {
    /// Nothing: the door is shut, the detector quiet.
    AT_REST("at-rest"),
    /// The thing it watches for: the door is open, the detector has tripped. One of them, where several share
    /// the loop; the first zone's, where two zones share the input.
    ACTIVE("active"),
    /// All of several devices on the loop are active at once.
    ALL_ACTIVE("all-active"),
    /// The second zone's device is active, the first is at rest.
    SECOND_ACTIVE("second-active"),
    /// The devices of both zones are active.
    BOTH_ACTIVE("both-active"),
    /// The detector says that it is blinded, or that it fails.
    MASKED("masked"),
    /// The detector is blinded and has tripped.
    ACTIVE_AND_MASKED("active-and-masked"),
    /// A cover is off; the loop is then open whatever the other contacts do.
    COVER_OFF("cover-off"),
    /// The detectors have lost their supply: every relay has dropped.
    UNPOWERED("unpowered");

    private final String id;

    DeviceState(String id) {
        this.id = id;
    }

    /// Its name in commands.
    public String id() {
        return id;
    }

    /// How many of several alarm contacts have changed.
    ///
    /// @param contacts how many there are, 1 or more
    int activeContacts(int contacts) {
        return switch (this) {
            case ACTIVE, ACTIVE_AND_MASKED, BOTH_ACTIVE -> 1;
            case ALL_ACTIVE, UNPOWERED -> contacts;
            case AT_REST, SECOND_ACTIVE, MASKED, COVER_OFF -> 0;
        };
    }

    /// Whether the first contact, or one of several, has changed.
    public boolean firstActive() {
        return activeContacts(1) > 0;
    }

    /// Whether the second contact has changed: the masking contact, or the second zone's.
    public boolean secondActive() {
        return this == SECOND_ACTIVE
                || this == BOTH_ACTIVE
                || this == MASKED
                || this == ACTIVE_AND_MASKED
                || this == UNPOWERED;
    }
}
