package io.answerback.core.learn.question;

import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.model.common.Text;
import java.util.Locale;

/// A figure within a share of what is right. Its unit may be typed or left out.
final class FigureSolution {
    private FigureSolution() {}

    static Solution of(double right, double share, String unit, String why, String slip) {
        String words = Text.of("%.1f %s", right, unit);
        return answer -> {
            boolean same = Math.abs(typed(answer, unit) - right) <= share * right;
            return new Judgement(same, words, Text.of("It is %s. ", words) + why + (same ? "" : " " + slip));
        };
    }

    private static double typed(String answer, String unit) {
        String bare = answer.toLowerCase(Locale.ROOT)
                .replace(unit.toLowerCase(Locale.ROOT), "")
                .replace(',', '.')
                .strip();
        try {
            return Double.parseDouble(bare);
        } catch (NumberFormatException noFigure) {
            return Double.NaN;
        }
    }
}
