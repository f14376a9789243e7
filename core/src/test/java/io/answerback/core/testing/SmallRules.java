package io.answerback.core.testing;

import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.practice.RuleFigure;
import java.util.EnumMap;
import java.util.Map;

/// Made-up house rules: set and unset, double end-of-line, a quarter of the band's half-width to spare.
public final class SmallRules {
    private SmallRules() {}

    /// The rules.
    public static HouseRules rules() {
        Map<PracticeQuestion, PracticeOption> options = new EnumMap<>(PracticeQuestion.class);
        for (PracticeQuestion question : PracticeQuestion.values()) {
            options.put(question, PracticeOption.of(question).getFirst());
        }
        options.put(PracticeQuestion.LOOP, PracticeOption.DOUBLE_END_OF_LINE);
        options.put(PracticeQuestion.UNUSED_INPUTS, PracticeOption.RESISTOR);
        Map<RuleFigure, Double> figures = new EnumMap<>(RuleFigure.class);
        for (RuleFigure figure : RuleFigure.values()) {
            figures.put(figure, 12.0);
        }
        figures.put(RuleFigure.REPORTING_HOURS, 13.0);
        figures.put(RuleFigure.ENTRY_SECONDS, 45.0);
        figures.put(RuleFigure.LEAST_ENTRY_SECONDS, 0.0);
        figures.put(RuleFigure.LEAST_EXIT_SECONDS, 0.0);
        figures.put(RuleFigure.LEAST_REPORT_DELAY_SECONDS, 0.0);
        figures.put(RuleFigure.LEAST_LOOP_MARGIN_PERCENT, 25.0);
        figures.put(RuleFigure.DAMP_JOINT_OHMS, 12_000.0);
        return SmallParts.rules("Small rules", "made up", 2, options, figures);
    }
}
