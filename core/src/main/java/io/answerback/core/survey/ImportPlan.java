package io.answerback.core.survey;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.regex.Matcher;

/// What importing a table would do, row by row. Nothing is imported before it is applied as one edit.
///
/// @param rows every row, as it was understood
public record ImportPlan(List<Reading> rows) {
    /// The most points one job can hold: zones are numbered to 999.
    public static final int MOST_POINTS = 999;

    private static final List<String> YES = List.of("yes", "y", "1", "x", "true", "way in", "entrance");
    private static final List<String> NO = List.of("", "no", "n", "0", "-", "false");
    private static final int KINDS_NAMED = 6;

    /// One row and what it means.
    ///
    /// @param line the line of the file it begins on
    /// @param cells its cells as they were
    /// @param point what it means, with what is wrong with it
    public record Reading(int line, List<String> cells, PointDraft point) {}

    public ImportPlan {
        rows = List.copyOf(rows);
    }

    /// Reads every row of a table for a job.
    ///
    /// @param match which column holds what
    /// @throws IllegalArgumentException when no column is the name
    public static ImportPlan of(Job job, KindCatalogue kinds, PointTable table, ColumnMatch match) {
        match.missing().ifPresent(missing -> {
            throw new IllegalArgumentException(missing);
        });
        return new ImportPlan(new Reader(job, kinds, table, match).all());
    }

    /// The rows that can become points.
    public List<Reading> good() {
        return rows.stream().filter(row -> row.point().complete()).toList();
    }

    /// The rows that cannot, each with its problems.
    public List<Reading> bad() {
        return rows.stream().filter(row -> !row.point().complete()).toList();
    }

    /// The edit that adds the points of all good rows in one step.
    public Edit edit(Conductor conductor) {
        return NewPoint.addAll(good().stream().map(Reading::point).toList(), conductor);
    }

    /// Goes through the rows once, with the areas and numbers that earlier rows brought.
    private static final class Reader {
        private final KindCatalogue kinds;
        private final PointTable table;
        private final ColumnMatch match;
        private final Map<String, Integer> lineOfNumber = new HashMap<>();
        private Job job;
        private int nextNumber;

        private Reader(Job job, KindCatalogue kinds, PointTable table, ColumnMatch match) {
            this.job = job;
            this.kinds = kinds;
            this.table = table;
            this.match = match;
            int highest = table.rows().stream()
                    .map(row -> cell(row, PointColumn.NUMBER))
                    .filter(cell -> cell.matches("\\d{1,3}"))
                    .mapToInt(Integer::parseInt)
                    .max()
                    .orElse(0);
            this.nextNumber = Math.max(Integer.parseInt(PointNumbers.next(job)), highest + 1);
        }

        private List<Reading> all() {
            List<Reading> readings = new ArrayList<>();
            table.rows().forEach(row -> readings.add(new Reading(row.line(), row.cells(), read(row))));
            return readings;
        }

        private String cell(PointTable.Row row, PointColumn column) {
            return match.place(column).map(row::cell).orElse("");
        }

        private PointDraft read(PointTable.Row row) {
            PointReading reading = new PointReading(kinds, job);
            if (row.cells().size() > table.headings().size()) {
                reading.problem(Text.of(
                        "it has %d cells, the headings are %d: put quotes around a text with a comma in it",
                        row.cells().size(), table.headings().size()));
            }
            number(reading, row);
            name(reading, cell(row, PointColumn.NAME));
            given(row, PointColumn.KIND, kind -> kind(reading, kind));
            given(row, PointColumn.TYPE, type -> type(reading, type));
            given(row, PointColumn.AREA, area -> reading.area(reading.place(unquoted(area))));
            wayIn(reading, cell(row, PointColumn.WAY_IN));
            given(row, PointColumn.METRES, metres -> metres(reading, metres));
            PointDraft point = reading.result(Optional.empty());
            if (point.complete()) {
                point.area().filter(PointDraft.Place::fresh).ifPresent(this::knowArea);
            }
            return point;
        }

        private void given(PointTable.Row row, PointColumn column, Consumer<String> take) {
            String cell = cell(row, column);
            if (!cell.isEmpty()) {
                take.accept(cell);
            }
        }

        private void knowArea(PointDraft.Place place) {
            List<Area> areas = new ArrayList<>(job.areas());
            areas.add(new Area(place.number(), place.name(), ""));
            job = job.withAreas(areas);
        }

        private void number(PointReading reading, PointTable.Row row) {
            String cell = cell(row, PointColumn.NUMBER);
            if (cell.isEmpty()) {
                reading.usualNumber(PointNumbers.padded(nextNumber++));
                return;
            }
            if (!cell.matches("0*[1-9]\\d{0,2}")) {
                reading.usualNumber(cell);
                reading.problem(Text.of("number \"%s\" is not a whole number from 1 to 999", cell));
                return;
            }
            String padded = PointNumbers.padded(Integer.parseInt(cell));
            reading.number(padded);
            Integer earlier = lineOfNumber.putIfAbsent(padded, row.line());
            if (earlier != null) {
                reading.problem(Text.of("number %s is on line %d as well: give one of them another", padded, earlier));
            }
        }

        private static void name(PointReading reading, String cell) {
            if (cell.startsWith("=")) {
                reading.problem("the name is a spreadsheet formula, which is never worked out: save the sheet with"
                        + " values instead");
            }
            reading.name(unquoted(cell));
        }

        /// A table that was written here has a single quote before a text that a spreadsheet would work out.
        private static String unquoted(String cell) {
            return cell.matches("'[=+\\-@].*") ? cell.substring(1) : cell;
        }

        private void kind(PointReading reading, String cell) {
            List<KindCatalogue.Entry> called = kinds.called(cell);
            if (called.isEmpty()) {
                Optional<KindCatalogue.Entry> named = kinds.namedIn(cell).map(KindCatalogue.Named::entry);
                if (named.isEmpty()) {
                    reading.unknownKind(
                            Text.of("kind \"%s\" is not known: write %s or another of the kinds", cell, someKinds()));
                }
                reading.kind(named);
            } else {
                reading.kind(reading.likeliest(called));
            }
        }

        private String someKinds() {
            return String.join(
                    ", ",
                    kinds.entries().stream()
                            .limit(KINDS_NAMED)
                            .map(entry -> entry.kind().name())
                            .toList());
        }

        private static void type(PointReading reading, String cell) {
            Phrases.type(cell)
                    .ifPresentOrElse(
                            reading::type,
                            () -> reading.problem(Text.of(
                                    "type \"%s\" is not known: write one of %s",
                                    cell, String.join(", ", Phrases.types()))));
        }

        private static void wayIn(PointReading reading, String cell) {
            String word = cell.toLowerCase(Locale.ROOT);
            if (YES.contains(word)) {
                reading.wayIn(true);
            } else if (!NO.contains(word)) {
                reading.problem(Text.of("way in is \"%s\": write yes or no", cell));
            }
        }

        private static void metres(PointReading reading, String cell) {
            Matcher length = PointReading.LENGTH.matcher(cell.toLowerCase(Locale.ROOT));
            if (length.matches() && PointReading.metres(length) > 0) {
                reading.metres(PointReading.metres(length));
            } else {
                reading.problem(Text.of("cable length \"%s\" is not a number of metres, such as 62 or 62.5", cell));
            }
        }
    }
}
