package io.answerback.core.model.cable;

/// What can be seen to be wrong with a cable's work by looking at it and tugging.
public enum CableFault {
    /// More copper is bare than the terminal covers.
    BARE_COPPER(
            "bare copper shows",
            "It can touch its neighbour: a short, or a fault that comes and goes.",
            "Cut it back so that the terminal grips bare copper and nothing of it shows."),
    /// A core comes out when it is tugged.
    LOOSE_CORE(
            "a core comes out",
            "A joint that is not gripped opens when it gets warm or when somebody slams a door.",
            "Strip it a little longer, put it back and tug it again."),
    /// It lies where the lid or its screws come down.
    UNDER_THE_LID(
            "it lies under the lid or its screws",
            "The lid cuts into it when it closes, and the fault is found when everybody has left.",
            "Dress it clear of the lid's edge and of every screw."),
    /// Its sheath is cut or crushed.
    HURT_SHEATH(
            "its sheath is hurt",
            "Damp gets in there and along the cores.",
            "Replace the piece, or joint it in a box on each side.");

    private final String words;
    private final String why;
    private final String remedy;

    CableFault(String words, String why, String remedy) {
        this.words = words;
        this.why = why;
        this.remedy = remedy;
    }

    /// What is seen, as a clause.
    public String words() {
        return words;
    }

    /// Why it matters.
    public String why() {
        return why;
    }

    /// What to do about it.
    public String remedy() {
        return remedy;
    }
}
