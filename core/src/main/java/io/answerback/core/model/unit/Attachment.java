package io.answerback.core.model.unit;

/// How a communicator is attached to a panel.
public enum Attachment {
    /// It is plugged onto the panel's board.
    PLUG_ON("plugged on"),
    /// A lead goes to the panel's serial port.
    SERIAL_PORT("serial port"),
    /// It listens on the keypad bus as keypads do.
    KEYPAD_BUS("keypad bus"),
    /// It answers the panel's dialler in the place of a telephone line.
    DIAL_CAPTURE("dial capture"),
    /// Outputs of the panel work its inputs, and an output of its own a key-switch zone.
    INPUTS_AND_OUTPUTS("inputs and outputs");

    private final String words;

    Attachment(String words) {
        this.words = words;
    }

    /// The way, in plain words.
    public String words() {
        return words;
    }
}
