package io.answerback.core.engine.finding;

import java.util.Set;

/// Findings that say no more than that work has to be done, or done again, because the plan has changed: a core has
/// to be moved, a loop measured, a line proven. Any fix brings them where the work was done already; they are
/// not faults of the fix.
public final class DoneAgain {
    private static final Set<String> RULES = Set.of(
            "core-elsewhere",
            "entries-to-repeat",
            "found-unlike-planned",
            "loop-drifted",
            "programmed-since-proven",
            "proof-stale",
            "reading-off",
            "supply-loose",
            "supply-off");

    private DoneAgain() {}

    /// The ids of the rules that find such.
    public static Set<String> rules() {
        return RULES;
    }

    /// Whether a finding is one of them.
    public static boolean is(Finding finding) {
        return RULES.contains(finding.rule().id());
    }
}
