package io.answerback.core.engine.finding;

import io.answerback.core.model.practice.Raise;
import java.util.List;
import java.util.Optional;

/// What a finding weighs more on a site of a higher grade: one table, each line with its reason. A firm may make
/// other findings weigh more, or these from a lower grade on. Neither makes a finding lighter.
public final class SiteGrades {
    /// A rule that weighs more from a grade on.
    ///
    /// @param rule the id of the rule
    /// @param fromGrade the grade of the site, 1 to 4, from which it does
    /// @param grade what its findings weigh then
    /// @param reason why, as a sentence
    public record Raised(String rule, int fromGrade, Grade grade, String reason) {}

    /// Why a finding weighs more than its rule makes it.
    static final String BY_THE_FIRM = "The firm's rules weigh it so.";

    private static final List<Raised> TABLE = List.of(
            new Raised(
                    "looks-normal",
                    3,
                    Grade.WRONG,
                    "From grade 3 on a cut or a short of a cable must be seen at once, whatever the point (interconnections are monitored, EN 50131-1)."),
            new Raised(
                    "detector-output-unused",
                    3,
                    Grade.WRONG,
                    "From grade 3 on movement detectors report masking and faults (EN 50131-2)."),
            new Raised(
                    "supply-unwatched",
                    3,
                    Grade.WRONG,
                    "From grade 3 on every supply reports its faults (EN 50131-6)."),
            new Raised(
                    "one-failure-silences",
                    4,
                    Grade.TIGHT,
                    "At grade 4 a second signalling path is usual (EN 50136-1)."));

    private SiteGrades() {}

    /// Every line of the table.
    public static List<Raised> table() {
        return TABLE;
    }

    /// The line that makes a finding weigh more on a site; empty where none does.
    ///
    /// @param usual what it weighs without the table
    /// @param siteGrade the grade of the site by its rules, 1 to 4
    public static Optional<Raised> raised(Rule rule, Grade usual, int siteGrade) {
        return TABLE.stream()
                .filter(line -> line.rule().equals(rule.id()) && siteGrade >= line.fromGrade())
                .filter(line -> line.grade().compareTo(usual) > 0)
                .findFirst();
    }

    /// What a firm makes of a finding.
    public static Grade grade(Raise weight) {
        return switch (weight) {
            case TIGHT -> Grade.TIGHT;
            case WRONG -> Grade.WRONG;
        };
    }
}
