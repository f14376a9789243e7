package io.answerback.core.engine.finding;

import java.util.List;

/// Checks something by rules: a point, a cable, a box or the job as a whole, by its kind. It is in the checklist of
/// its subject.
public interface Check {
    /// The rules it checks.
    List<Rule> rules();
}
