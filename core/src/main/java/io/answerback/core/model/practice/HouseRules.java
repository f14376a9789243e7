package io.answerback.core.model.practice;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/// What a firm does the same way on every job, unless the job departs for a reason.
///
/// @param name what the rules are called
/// @param source where their figures come from, and what to check
/// @param grade the risk grade they are meant for, 1 to 4
/// @param options the firm's answer to every question
/// @param figures a value for every figure, in the figure's own unit
/// @param cores which colour the firm uses for what
/// @param prices what the firm pays for a kind of module, fitted, in its own currency, by the kind's id; those it
///     does not keep are left out
/// @param raised what the firm makes findings weigh at least, by the id of their rule, such as "looks-normal";
///     those it does not change are left out
@RecordBuilder
public record HouseRules(
        String name,
        String source,
        int grade,
        Map<PracticeQuestion, PracticeOption> options,
        Map<RuleFigure, Double> figures,
        CoreConvention cores,
        Map<String, Double> prices,
        Map<String, Raise> raised)
        implements HouseRulesBuilder.With {
    /// @throws IllegalArgumentException when the name is blank, the grade out of bounds, a question or figure
    ///     not answered, a option not one of its question's, or a figure out of bounds
    public HouseRules {
        name = Require.text(name, "name of the rules");
        source = source == null ? "" : source.strip();
        Require.within(grade, 1, 4, "grade");
        options = answered(withPhotographs(Require.given(options, "options of the rules")));
        figures = bounded(Require.given(figures, "figures of the rules"));
        cores = cores == null ? CoreConvention.usual() : cores;
        prices = Collections.unmodifiableMap(new TreeMap<>(prices == null ? Map.of() : prices));
        prices.forEach((kind, price) ->
                Require.within(Require.given(price, "price of " + kind), 0, 1_000_000, "price of " + kind));
        raised = Collections.unmodifiableMap(new TreeMap<>(raised == null ? Map.of() : raised));
        raised.forEach((rule, weight) -> Require.given(weight, "weight of the finding " + rule));
        for (PracticeQuestion question : PracticeQuestion.values()) {
            Require.given(options.get(question), "the rules' answer to " + question);
        }
        for (RuleFigure figure : RuleFigure.values()) {
            Require.given(figures.get(figure), "the rules' figure " + figure);
        }
    }

    /// Rules that were written before the question of photographs keep the picture only.
    private static Map<PracticeQuestion, PracticeOption> withPhotographs(
            Map<PracticeQuestion, PracticeOption> options) {
        Map<PracticeQuestion, PracticeOption> all = new EnumMap<>(PracticeQuestion.class);
        all.putAll(options);
        all.putIfAbsent(PracticeQuestion.PHOTOGRAPHS, PracticeOption.PICTURE_ONLY);
        return all;
    }

    /// A copy of answers in the order of the questions.
    ///
    /// @throws IllegalArgumentException when a option answers another question
    static Map<PracticeQuestion, PracticeOption> answered(Map<PracticeQuestion, PracticeOption> options) {
        Map<PracticeQuestion, PracticeOption> copy = new EnumMap<>(PracticeQuestion.class);
        options.forEach((question, option) -> {
            if (option == null || option.question() != question) {
                throw new IllegalArgumentException(Text.of(
                        "%s is answered with %s; it must be one of %s", question, option, PracticeOption.of(question)));
            }
            copy.put(question, option);
        });
        return Collections.unmodifiableMap(copy);
    }

    /// A copy of figures in their order.
    ///
    /// @throws IllegalArgumentException when one is missing or out of bounds
    static Map<RuleFigure, Double> bounded(Map<RuleFigure, Double> figures) {
        Map<RuleFigure, Double> copy = new EnumMap<>(RuleFigure.class);
        figures.forEach((figure, value) -> copy.put(figure, figure.require(Require.given(value, "figure " + figure))));
        return Collections.unmodifiableMap(copy);
    }

    /// The same rules with another weight for what a rule finds; empty for the rule's own.
    ///
    /// @param rule the id of the rule
    public HouseRules withRaised(String rule, Optional<Raise> weight) {
        Map<String, Raise> other = new TreeMap<>(raised);
        weight.ifPresentOrElse(its -> other.put(rule, its), () -> other.remove(rule));
        return new HouseRules(name, source, grade, options, figures, cores, prices, other);
    }

    /// The firm's answer to a question.
    public PracticeOption option(PracticeQuestion question) {
        return options.get(question);
    }

    /// The firm's value for a figure, in its own unit.
    public double figure(RuleFigure figure) {
        return figures.get(figure);
    }

    /// The same rules under another name, with what a job does instead.
    public HouseRules with(
            String newName, Map<PracticeQuestion, PracticeOption> otherOptions, Map<RuleFigure, Double> otherFigures) {
        Map<PracticeQuestion, PracticeOption> allOptions = new EnumMap<>(options);
        allOptions.putAll(otherOptions);
        Map<RuleFigure, Double> allFigures = new EnumMap<>(figures);
        allFigures.putAll(otherFigures);
        return new HouseRules(newName, source, grade, allOptions, allFigures, cores, prices, raised);
    }
}
