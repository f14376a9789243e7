package io.answerback.desktop.survey;

import io.answerback.core.assess.Checks;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.SiteGrades;
import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.practice.Raise;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// What findings weigh more than their rules make them: by the grade of the site, and by the firm.
final class WeightRules {
    private static final int MOST_LISTED = 4;

    private final Actions actions;

    WeightRules(Actions actions) {
        this.actions = actions;
    }

    List<Part> of(HouseRules firm) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.section(
                "What weighs more",
                "by the grade of the site, and by the firm: it can raise any finding, and lower none"));
        SiteGrades.table().stream()
                .filter(line -> firm.grade() >= line.fromGrade())
                .forEach(line ->
                        parts.add(row(line.rule(), Words.quiet(line.grade().word()), line.reason())));
        firm.raised().forEach((rule, weight) -> parts.add(row(rule, choice(rule, weight), byTheFirm(rule))));
        parts.add(Parts.flow(
                        Words.quiet("Raise a finding"),
                        Value.of("Finding to raise", "words of it, such as reads as a point at rest", this::raise))
                .style("choices")
                .group());
        return parts;
    }

    private static Part row(String rule, Part weight, String why) {
        return Group.row(
                        Group.row(Words.wrapped(Words.of("rule-title", title(rule))))
                                .wide(RulesSheet.TITLE_WIDTH),
                        Group.row(weight).wide(RulesSheet.ANSWER_WIDTH),
                        Words.wrapped(Words.of("finding-why", why)).growing())
                .style("rule")
                .keyed(rule);
    }

    private Part choice(String rule, Raise weight) {
        List<Optional<Raise>> weights =
                new ArrayList<>(Arrays.stream(Raise.values()).map(Optional::of).toList());
        weights.add(Optional.empty());
        return Choice.of(
                "Weight of " + rule,
                weights,
                Optional.of(weight),
                its -> its.map(Raise::words).orElse("as usual"),
                its -> actions.apply(PracticeEdits.raised(rule, its)));
    }

    private static String title(String id) {
        return rules(id)
                .findFirst()
                .map(rule -> rule.title().replaceAll("\\.$", ""))
                .orElse(id);
    }

    private static String byTheFirm(String id) {
        return rules(id)
                .findFirst()
                .map(rule -> "The firm weighs it so. " + rule.reason())
                .orElse("The firm's; this version looks for nothing of this name.");
    }

    private static Stream<Rule> rules(String id) {
        return Checks.rules().stream().filter(rule -> rule.id().equals(id));
    }

    /// Raised to wrong at first, which is what a firm raises most findings for; the row says otherwise. A finding
    /// is named by its own name, or by words of its title that no other has.
    private boolean raise(String typed) {
        String words = typed.strip().toLowerCase(Locale.ROOT);
        List<Rule> meant = rules(words).findFirst().map(List::of).orElseGet(() -> like(words));
        if (meant.size() != 1) {
            String names = meant.stream().map(Rule::id).limit(MOST_LISTED).collect(Collectors.joining(", "));
            actions.tell(
                    meant.isEmpty()
                            ? "No finding has \"%s\" in its name or its title.".formatted(typed.strip())
                            : "%d findings have \"%s\" in them, such as %s. Type one of their names."
                                    .formatted(meant.size(), typed.strip(), names));
            return false;
        }
        return actions.apply(PracticeEdits.raised(meant.getFirst().id(), Optional.of(Raise.WRONG)));
    }

    private static List<Rule> like(String words) {
        return Checks.rules().stream()
                .filter(rule -> !words.isEmpty())
                .filter(rule -> rule.id().contains(words)
                        || rule.title().toLowerCase(Locale.ROOT).contains(words))
                .toList();
    }
}
