package io.answerback.core.model.practice;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;

/// How this job is done: the firm's rules, what the job does instead, and why.
///
/// @param firm the firm's rules; the job carries its own copy
/// @param options what the job answers otherwise than the firm, by question
/// @param figures what the job takes otherwise than the firm, in the figure's own unit
/// @param reasons why the job departs, by the id of the departure
@RecordBuilder
public record Practice(
        HouseRules firm,
        Map<PracticeQuestion, PracticeOption> options,
        Map<RuleFigure, Double> figures,
        Map<String, String> reasons)
        implements PracticeBuilder.With {
    /// What the job does like the firm after all is left out.
    ///
    /// @throws IllegalArgumentException when the rules are missing or an answer or figure is out of bounds
    public Practice {
        Require.given(firm, "house rules");
        Map<PracticeQuestion, PracticeOption> otherOptions = new EnumMap<>(PracticeQuestion.class);
        otherOptions.putAll(HouseRules.answered(options == null ? Map.of() : options));
        otherOptions.entrySet().removeIf(other -> firm.option(other.getKey()) == other.getValue());
        options = Collections.unmodifiableMap(otherOptions);
        Map<RuleFigure, Double> otherFigures = new EnumMap<>(RuleFigure.class);
        otherFigures.putAll(HouseRules.bounded(figures == null ? Map.of() : figures));
        otherFigures.entrySet().removeIf(other -> other.getValue().equals(firm.figure(other.getKey())));
        figures = Collections.unmodifiableMap(otherFigures);
        reasons = Collections.unmodifiableMap(new TreeMap<>(reasons == null ? Map.of() : reasons));
    }

    /// A job done wholly by the firm's rules.
    public static Practice of(HouseRules firm) {
        return new Practice(firm, Map.of(), Map.of(), Map.of());
    }

    /// The risk grade the job is built to, 1 to 4.
    public int grade() {
        return firm.grade();
    }

    /// The answer that holds on this job.
    public PracticeOption option(PracticeQuestion question) {
        return options.getOrDefault(question, firm.option(question));
    }

    /// The value that holds on this job, in the figure's own unit.
    public double figure(RuleFigure figure) {
        return figures.getOrDefault(figure, firm.figure(figure));
    }

    /// The loop scheme new points start with.
    public SchemeKind scheme() {
        return option(PracticeQuestion.LOOP).scheme().orElseThrow();
    }

    /// Where the end-of-line resistor of new points sits.
    public ResistorPlace resistorPlace() {
        return option(PracticeQuestion.RESISTOR_PLACE).place().orElse(ResistorPlace.LAST_DEVICE);
    }

    /// The least share of a band's half-width that must be left, 0 to 1; less is "tight".
    public double leastLoopMargin() {
        return figure(RuleFigure.LEAST_LOOP_MARGIN_PERCENT) / 100;
    }

    /// The leak against which loops are tried, in ohms.
    public double dampJointOhms() {
        return figure(RuleFigure.DAMP_JOINT_OHMS);
    }

    /// The same with another answer to a question.
    public Practice withOption(PracticeOption option) {
        Map<PracticeQuestion, PracticeOption> other = new EnumMap<>(PracticeQuestion.class);
        other.putAll(options);
        other.put(option.question(), option);
        return new Practice(firm, other, figures, reasons);
    }

    /// The same with another value for a figure.
    public Practice withFigure(RuleFigure figure, double value) {
        Map<RuleFigure, Double> other = new EnumMap<>(RuleFigure.class);
        other.putAll(figures);
        other.put(figure, value);
        return new Practice(firm, options, other, reasons);
    }

    /// The same with the reason for a departure; a blank one takes it away.
    public Practice withReason(String departure, String reason) {
        Map<String, String> other = new TreeMap<>(reasons);
        if (reason.isBlank()) {
            other.remove(departure);
        } else {
            other.put(departure, reason.strip());
        }
        return new Practice(firm, options, figures, other);
    }

    /// The id of the departure of a point's loop scheme.
    ///
    /// @param pointId the point's number
    public static String departureOfScheme(String pointId) {
        return "scheme:" + pointId;
    }
}
