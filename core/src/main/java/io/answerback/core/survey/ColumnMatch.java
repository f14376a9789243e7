package io.answerback.core.survey;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Which column of a table holds what.
///
/// @param places the number of each column that is known, from 0
public record ColumnMatch(Map<PointColumn, Integer> places) {
    public ColumnMatch {
        places = Map.copyOf(places);
    }

    /// The match by the headings alone; of two columns with like headings the first counts.
    public static ColumnMatch of(List<String> headings) {
        Map<PointColumn, Integer> places = new EnumMap<>(PointColumn.class);
        for (int i = 0; i < headings.size(); i++) {
            int place = i;
            PointColumn.called(headings.get(i)).ifPresent(column -> places.putIfAbsent(column, place));
        }
        return new ColumnMatch(places);
    }

    /// The same with a column found elsewhere, or nowhere. What was matched to that place before is matched to
    /// nothing.
    public ColumnMatch with(PointColumn column, Optional<Integer> place) {
        Map<PointColumn, Integer> other = new EnumMap<>(PointColumn.class);
        other.putAll(places);
        other.remove(column);
        place.ifPresent(at -> {
            other.values().removeIf(at::equals);
            other.put(column, at);
        });
        return new ColumnMatch(other);
    }

    /// Where a column is; empty when the table has none.
    public Optional<Integer> place(PointColumn column) {
        return Optional.ofNullable(places.get(column));
    }

    /// What is missing before the table can be read; empty when nothing is.
    public Optional<String> missing() {
        return place(PointColumn.NAME).isPresent()
                ? Optional.empty()
                : Optional.of("No column is the name: say which one says what and where each point is.");
    }
}
