package io.answerback.desktop.shell;

import io.answerback.core.engine.compare.JobDifference;
import io.answerback.core.engine.compare.JobDifferences;
import io.answerback.core.model.site.Job;
import io.answerback.files.JobDocument;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// A file that was changed outside the window that has it open.
///
/// @param file the file
/// @param theirs what it holds now; empty when that cannot be read
/// @param why why it cannot be read; empty when it can
/// @param differences how this window's job differs from it
public record Conflict(Path file, Optional<JobDocument> theirs, String why, List<JobDifference> differences) {
    private static final int NAMED = 6;

    static Conflict with(Path file, JobDocument theirs, Job mine) {
        return new Conflict(file, Optional.of(theirs), "", JobDifferences.between(mine, theirs.job()));
    }

    static Conflict unreadable(Path file, String why) {
        return new Conflict(file, Optional.empty(), why, List.of());
    }

    /// What happened, in one line.
    String says() {
        return "%s was changed outside this window.".formatted(file.getFileName());
    }

    /// How many parts differ, and the first of them by name.
    String differs() {
        if (theirs.isEmpty()) {
            return "What it holds now cannot be read: " + why;
        }
        if (differences.isEmpty()) {
            return "It holds the same job as this window.";
        }
        String first = differences.stream().limit(NAMED).map(Conflict::words).collect(Collectors.joining(", "));
        String more = differences.size() > NAMED ? " and %d more".formatted(differences.size() - NAMED) : "";
        return "%s differ%s: %s%s."
                .formatted(
                        differences.size() == 1 ? "One part" : "%d parts".formatted(differences.size()),
                        differences.size() == 1 ? "s" : "",
                        first,
                        more);
    }

    private static String words(JobDifference difference) {
        return switch (difference.kind()) {
            case DIFFERENT -> difference.part();
            case ONLY_FIRST -> difference.part() + " (only here)";
            case ONLY_SECOND -> difference.part() + " (only in the file)";
        };
    }

    /// Every part that differs, one a line.
    String all() {
        return differences.stream().map(Conflict::words).collect(Collectors.joining("\n"));
    }
}
