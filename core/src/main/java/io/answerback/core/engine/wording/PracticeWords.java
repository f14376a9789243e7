package io.answerback.core.engine.wording;

import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.practice.RuleFigure;

/// What questions, options and figures of the house rules are called, and why the usual answer is the usual
/// one.
public final class PracticeWords {
    private PracticeWords() {}

    /// A question as a title, such as "Tamper".
    public static String title(PracticeQuestion question) {
        return Wordbook.of("question." + question.name());
    }

    /// Why the usual answer to a question is the usual one.
    public static String why(PracticeQuestion question) {
        return Wordbook.of("why." + question.name());
    }

    /// An answer in plain words, such as "one ring through every cover".
    public static String of(PracticeOption option) {
        return Wordbook.of("option." + option.name());
    }

    /// A figure as a title, such as "Standby".
    public static String title(RuleFigure figure) {
        return Wordbook.of("figure." + figure.name());
    }

    /// What a figure is for.
    public static String why(RuleFigure figure) {
        return Wordbook.of("why." + figure.name());
    }
}
