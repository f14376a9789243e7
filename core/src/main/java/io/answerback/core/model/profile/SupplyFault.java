package io.answerback.core.model.profile;

/// What can be wrong with a supply, as its fault outputs tell.
public enum SupplyFault {
    /// Its mains is gone.
    MAINS("mains failed"),
    /// Its battery is missing, low or worn.
    BATTERY("battery fault"),
    /// Something else, such as a blown fuse or a charger that does not charge.
    OTHER("supply fault");

    private final String words;

    SupplyFault(String words) {
        this.words = words;
    }

    /// The fault in plain words.
    public String words() {
        return words;
    }
}
