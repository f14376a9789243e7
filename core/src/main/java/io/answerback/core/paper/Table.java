package io.answerback.core.paper;

import io.answerback.core.model.common.Text;
import java.util.List;

/// A schedule before it is set on pages.
///
/// @param title what it is, with the site
/// @param headings one for each column
/// @param shares how wide each column is against the others
/// @param rows the cells of each row, one for each column
/// @param gaps what is not known yet and missing in it, each in a sentence
public record Table(
        String title, List<String> headings, List<Double> shares, List<List<String>> rows, List<String> gaps) {
    /// @throws IllegalArgumentException when a row or the shares have another number of columns than the headings
    public Table {
        headings = List.copyOf(headings);
        shares = List.copyOf(shares);
        rows = rows.stream().map(List::copyOf).toList();
        gaps = List.copyOf(gaps);
        int columns = headings.size();
        if (shares.size() != columns || rows.stream().anyMatch(row -> row.size() != columns)) {
            throw new IllegalArgumentException(Text.of("a row of \"%s\" has not %d columns", title, columns));
        }
    }
}
