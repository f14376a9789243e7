package io.answerback.core.engine.finding;

import io.answerback.core.model.common.Require;
import java.util.Optional;

/// Something that is looked for in every job, with what it means where it is found.
///
/// @param id what it is known by, for good, such as "address-twice"
/// @param stop where what it finds is mended
/// @param grade how much it matters at its worst
/// @param title what is found, in one sentence
/// @param reason why it matters, in one sentence
public record Rule(String id, Stop stop, Grade grade, String title, String reason) {
    public Rule {
        Require.text(id, "id of a rule");
        Require.given(stop, "stop of rule " + id);
        Require.given(grade, "grade of rule " + id);
        Require.text(title, "title of rule " + id);
        Require.text(reason, "reason of rule " + id);
    }

    /// What it finds, at its own grade.
    ///
    /// @param target what is to be mended
    /// @param says what is wrong and by how much, as a headline
    /// @param why why it matters here
    /// @param remedy what to do
    public Finding finds(Target target, String says, String why, String remedy) {
        return finds(grade, target, says, why, remedy);
    }

    /// What it finds where that matters more or less than usual.
    public Finding finds(Grade here, Target target, String says, String why, String remedy) {
        return new Finding(this, target.key(), here, target, says, why, remedy, Optional.empty());
    }
}
