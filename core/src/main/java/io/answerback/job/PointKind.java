package io.answerback.job;

/// What sort of thing watches, with the words for its two states and for what an engineer does to try it.
public enum PointKind {
    /// A magnet contact on a door.
    DOOR_CONTACT("contact", "door", "shut", "open", "Open the door", "Shut the door"),
    /// A contact on a hatch or window.
    HATCH_CONTACT("contact", "hatch", "shut", "open", "Open the hatch", "Shut the hatch"),
    /// A movement detector with a relay output.
    MOVEMENT("relay", "detector", "quiet", "moving", "Walk past", "Stand still"),
    /// A detector that listens for or feels breaking glass.
    GLASS_BREAK("relay", "detector", "quiet", "tripped", "Trip the detector", "Let it settle"),
    /// A button that calls for help.
    HOLD_UP_BUTTON("contact", "button", "released", "pressed", "Press the button", "Reset the button"),
    /// A gas detector with an alarm relay. Life-safety work under its own code.
    GAS_ALARM("relay", "gas alarm", "clear", "gas", "Trip with test gas", "Let it clear"),
    /// A contact of other equipment that says something is wrong.
    TECHNICAL_CONTACT("contact", "equipment", "well", "failed", "Make it fail", "Make it well"),
    /// A switch worked by a key.
    KEY_SWITCH("switch", "key", "home", "turned", "Turn the key", "Turn it back");

    private final String part;
    private final String thing;
    private final String restWord;
    private final String activeWord;
    private final String act;
    private final String restore;

    PointKind(String part, String thing, String restWord, String activeWord, String act, String restore) {
        this.part = part;
        this.thing = thing;
        this.restWord = restWord;
        this.activeWord = activeWord;
        this.act = act;
        this.restore = restore;
    }

    /// The switching part in the loop.
    public String part() {
        return part;
    }

    /// What the switch on the bench is labelled with.
    public String thing() {
        return thing;
    }

    /// The word for the state at rest.
    public String restWord() {
        return restWord;
    }

    /// The word for the active state.
    public String activeWord() {
        return activeWord;
    }

    /// What the engineer does to make it active, as an order.
    public String act() {
        return act;
    }

    /// What the engineer does to bring it back to rest, as an order.
    public String restore() {
        return restore;
    }
}
