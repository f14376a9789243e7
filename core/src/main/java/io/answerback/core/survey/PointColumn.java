package io.answerback.core.survey;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// What a column of a table of points can hold, with the headings people give it.
public enum PointColumn {
    /// The point's number.
    NUMBER("number", "no", "nr", "point", "zone", "zone number", "id", "#"),
    /// What and where it is.
    NAME("name", "description", "text", "location", "zone name", "point name", "device"),
    /// What sort of thing watches.
    KIND("kind", "type of device", "detector", "device type", "sort", "equipment"),
    /// What the panel shall do.
    TYPE("type", "zone type", "function", "duty", "attribute", "response"),
    /// The area it belongs to.
    AREA("area", "partition", "group", "part", "section", "ward"),
    /// Whether people come in there.
    WAY_IN("way in", "entrance", "entry"),
    /// The length of its cable, in metres.
    METRES("cable m", "metres", "meters", "length", "cable length", "cable", "m");

    private final String title;
    private final List<String> headings;

    PointColumn(String... headings) {
        this.title = headings[0];
        this.headings = List.of(headings);
    }

    /// What it is called on screen, and in a table that is written.
    public String title() {
        return title;
    }

    /// The column a heading stands for; empty when it is none of these.
    public static Optional<PointColumn> called(String heading) {
        String wanted = heading.strip()
                .toLowerCase(java.util.Locale.ROOT)
                .replaceAll("[_.:()\\s]+", " ")
                .strip();
        return Arrays.stream(values())
                .filter(column -> column.headings.contains(wanted))
                .findFirst();
    }
}
