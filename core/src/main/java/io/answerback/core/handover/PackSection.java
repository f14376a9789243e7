package io.answerback.core.handover;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.common.Require;
import io.answerback.core.paper.Table;
import java.util.List;

/// A section of the pack.
///
/// @param id what it is known by, and what its table is called as a file, such as "zone-list"
/// @param title its title
/// @param mark whether it is whole, has gaps, is empty, or has something wrong in it
/// @param says how it stands, in a few words
/// @param tables its tables; what is missing in them stands there as a gap
public record PackSection(String id, String title, Mark mark, String says, List<Table> tables) {
    /// @throws IllegalArgumentException when a part is missing
    public PackSection {
        id = Require.text(id, "id of a section of the pack");
        title = Require.text(title, "title of section " + id);
        Require.given(mark, "mark of section " + id);
        tables = List.copyOf(tables);
    }

    /// A section of one table.
    static PackSection of(String id, Mark mark, String says, Table table) {
        return new PackSection(id, table.title(), mark, says, List.of(table));
    }

    /// Whole where nothing is missing, with gaps where something is, empty where nothing is there.
    static Mark whole(int there, int of) {
        if (there == 0) {
            return Mark.NOT_DONE;
        }
        return there < of ? Mark.TIGHT : Mark.SOUND;
    }
}
