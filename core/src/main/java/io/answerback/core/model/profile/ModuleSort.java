package io.answerback.core.model.profile;

/// What sort of thing a module is.
public enum ModuleSort {
    /// The panel's own board.
    BOARD("board"),
    /// Plugs onto the board.
    PLUG_IN("plug-in expander"),
    /// Sits on the keypad bus in a box of its own.
    BUS_EXPANDER("bus expander"),
    /// A keypad, with or without an input.
    KEYPAD("keypad"),
    /// Makes wired zones look like wireless ones.
    CONVERTER("wired-to-wireless converter"),
    /// Hears wireless devices for the panel.
    RECEIVER("radio receiver"),
    /// Switches other equipment.
    OUTPUTS("output module"),
    /// Gives supply to what is wired to it.
    SUPPLY("supply"),
    /// Carries events out.
    COMMUNICATOR("communicator"),
    /// Sounds outdoors, with or without a strobe.
    SOUNDER("sounder"),
    /// Sounds indoors.
    SPEAKER("speaker");

    private final String words;

    ModuleSort(String words) {
        this.words = words;
    }

    /// The sort in plain words.
    public String words() {
        return words;
    }
}
