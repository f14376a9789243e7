package io.answerback.desktop.survey;

import io.answerback.core.survey.ColumnMatch;
import io.answerback.core.survey.ImportPlan;
import io.answerback.core.survey.PointTable;
import io.answerback.files.TextEncoding;
import java.nio.file.Path;
import java.util.Optional;

/// A table of points that is about to be imported.
///
/// @param file where it is
/// @param encoding how its bytes were read
/// @param trouble why it could not be read; empty when it could
/// @param table the table; empty until it could be read
/// @param match which column holds what
/// @param plan what importing it would do; empty while that is being worked out or a column is missing
record OpenTable(
        Path file,
        TextEncoding encoding,
        String trouble,
        Optional<PointTable> table,
        ColumnMatch match,
        Optional<ImportPlan> plan) {
    OpenTable with(ColumnMatch other) {
        return new OpenTable(file, encoding, trouble, table, other, Optional.empty());
    }

    OpenTable with(ImportPlan worked) {
        return new OpenTable(file, encoding, trouble, table, match, Optional.of(worked));
    }
}
