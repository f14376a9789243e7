package io.answerback.core.engine.finding;

import java.util.List;

/// Looks for something by rules. What it looks at is said by its kind: a point, a cable, a box or the job as a
/// whole. It stands in the checklist of its subject.
public interface Check {
    /// The rules it checks.
    List<Rule> rules();
}
