package io.answerback.core.model.shown;

/// What the ids of lines of the acceptance plan begin with that end in the number of a point.
public final class LineIds {
    /// A point, active and back at rest.
    public static final String POINT = "point:";
    /// The cover of a point.
    public static final String TAMPER = "cover:";
    /// A point whose detector is masked.
    public static final String MASK = "mask:";
    /// Before a sounder's module and the level it is set to.
    public static final String SOUNDER = "sounder:";
    /// A way in that begins at a point.
    public static final String ENTRY = "way-in:";

    private LineIds() {}
}
