package io.answerback.core.testing;

import io.answerback.core.practice.HouseRules;
import io.answerback.core.practice.Question;
import io.answerback.core.practice.RuleFigure;
import io.answerback.core.practice.School;
import java.util.EnumMap;
import java.util.Map;

/// Made-up house rules: set and unset, double end-of-line, a quarter of the band's half-width to spare.
public final class SmallRules {
    private SmallRules() {}

    /// The rules.
    public static HouseRules rules() {
        Map<Question, School> schools = new EnumMap<>(Question.class);
        for (Question question : Question.values()) {
            schools.put(question, School.of(question).getFirst());
        }
        schools.put(Question.LOOP, School.DOUBLE_END_OF_LINE);
        schools.put(Question.UNUSED_INPUTS, School.RESISTOR);
        Map<RuleFigure, Double> figures = new EnumMap<>(RuleFigure.class);
        for (RuleFigure figure : RuleFigure.values()) {
            figures.put(figure, 12.0);
        }
        figures.put(RuleFigure.ENTRY_SECONDS, 45.0);
        figures.put(RuleFigure.LEAST_LOOP_MARGIN_PERCENT, 25.0);
        figures.put(RuleFigure.DAMP_JOINT_OHMS, 12_000.0);
        return new HouseRules("Small rules", "made up", 2, schools, figures);
    }
}
