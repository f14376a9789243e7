package io.answerback.core.model.unit;

/// What a communicator can be told by text message.
public enum TextCommand {
    /// Sets the site.
    SET("set"),
    /// Unsets the site.
    UNSET("unset"),
    /// Silences sounders and leaves the site set as it is.
    SOUNDER_OFF("sounder off"),
    /// Answers what each input reads.
    STATUS("status"),
    /// Lets another number give commands.
    ADD("add a number"),
    /// Stops a number from giving commands.
    REMOVE("remove a number"),
    /// Changes the password.
    PASSWORD("change the password");

    private final String words;

    TextCommand(String words) {
        this.words = words;
    }

    /// What it does, in plain words.
    public String words() {
        return words;
    }
}
