package io.answerback.core.engine.wording;

import io.answerback.core.model.profile.Decision;

/// What decisions are called, why their usual answer is the usual one, and what else they touch, in the words
/// of a option.
public final class DecisionWords {
    private DecisionWords() {}

    /// A decision as a title, such as "Sounders sound".
    public static String title(Decision decision, Terms terms) {
        String title = terms.in(Wordbook.of("decision." + decision.name()));
        return Character.toUpperCase(title.charAt(0)) + title.substring(1);
    }

    /// Why the usual answer is the usual one.
    public static String why(Decision decision, Terms terms) {
        return terms.in(Wordbook.of("why." + decision.name()));
    }

    /// What else it touches; empty for nothing.
    public static String touches(Decision decision, Terms terms) {
        return terms.in(Wordbook.of("touches." + decision.name()));
    }
}
