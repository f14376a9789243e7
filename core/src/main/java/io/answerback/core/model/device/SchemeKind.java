package io.answerback.core.model.device;

import java.util.Set;

/// How contacts and resistors make one supervised loop.
public enum SchemeKind {
    /// Contacts in series, no resistor: the panel sees only closed or open.
    CLOSED_LOOP("closed loop"),
    /// A normally-open contact, no resistor: a cut looks normal.
    NORMALLY_OPEN("normally-open loop"),
    /// An end-of-line resistor in series with a normally-closed contact.
    SINGLE_END_OF_LINE("single end-of-line", Part.END_OF_LINE),
    /// An end-of-line resistor with a normally-open contact across it.
    END_OF_LINE_ACROSS("end-of-line, contact across it", Part.END_OF_LINE),
    /// A resistor in series and a second one across the alarm contact, with the cover contact in series.
    DOUBLE_END_OF_LINE("double end-of-line", Part.END_OF_LINE, Part.ALARM),
    /// A double end-of-line with a third resistor across a fault or masking contact.
    TRIPLE_END_OF_LINE("triple end-of-line", Part.END_OF_LINE, Part.ALARM, Part.SECOND),
    /// Two zones on one input: two contacts in series, each with its own resistor across it, and one at the end.
    TWO_ZONES_SERIES("two zones, resistors across the contacts", Part.END_OF_LINE, Part.ALARM, Part.SECOND),
    /// Two zones on one input: two branches side by side, each a contact in series with its own resistor.
    TWO_ZONES_PARALLEL("two zones, resistors in two branches", Part.ALARM, Part.SECOND),
    /// Detectors across a pair they take their supply from, and a resistor at its end. Life-safety work.
    TWO_WIRE_SMOKE("two-wire detector loop", Part.END_OF_LINE, Part.ALARM, Part.SECOND);

    /// A value a scheme has a place for.
    public enum Part {
        /// The end-of-line resistor.
        END_OF_LINE,
        /// The resistor of the alarm contact, or what a tripped two-wire detector amounts to.
        ALARM,
        /// The resistor of the second contact, or what a quiet two-wire detector amounts to.
        SECOND
    }

    private final String words;
    private final Set<Part> parts;

    SchemeKind(String words, Part... parts) {
        this.words = words;
        this.parts = Set.of(parts);
    }

    /// Whether it has a place for a value.
    public boolean has(Part part) {
        return parts.contains(part);
    }

    /// Whether the loop watches the device's cover too.
    public boolean watchesCover() {
        return this == DOUBLE_END_OF_LINE || this == TRIPLE_END_OF_LINE;
    }

    /// Whether the loop has a place for the relay by which a detector says that it is masked or has failed.
    public boolean watchesMask() {
        return this == TRIPLE_END_OF_LINE;
    }

    /// Whether a cut and a short of its cable read otherwise than at rest and than active.
    public boolean tellsFaults() {
        return watchesCover() || twoZones();
    }

    /// Whether its contacts close when active; all others open.
    public boolean closesWhenActive() {
        return this == NORMALLY_OPEN || this == END_OF_LINE_ACROSS;
    }

    /// Whether it has no resistor at all.
    public boolean withoutResistors() {
        return parts.isEmpty();
    }

    /// Whether one input of it serves two zones.
    public boolean twoZones() {
        return this == TWO_ZONES_SERIES || this == TWO_ZONES_PARALLEL;
    }

    /// Whether it has an end-of-line resistor.
    public boolean hasEndOfLine() {
        return parts.contains(Part.END_OF_LINE);
    }

    /// Its name with the article, at the beginning of a sentence: "An end-of-line, contact across it".
    public String capitalWithArticle() {
        return (vowelFirst() ? "An " : "A ") + words;
    }

    /// Its name with the article, within a sentence: "an end-of-line, contact across it".
    public String withArticle() {
        return (vowelFirst() ? "an " : "a ") + words;
    }

    private boolean vowelFirst() {
        return "aeio".indexOf(words.charAt(0)) >= 0;
    }

    /// The scheme's name in plain words.
    public String words() {
        return words;
    }
}
